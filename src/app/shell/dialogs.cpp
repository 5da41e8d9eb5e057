// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/dialogs.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QInputDialog>
#include <QMessageBox>
#include <QPrintPreviewDialog>
#include <QPrinter>

namespace spirk::app {

namespace {

UnsavedAnswer askUnsaved(QWidget* parent, const QString& plan) {
    const auto answer = QMessageBox::question(
        parent,
        QCoreApplication::translate("Dialogs", "Unsaved changes"),
        QCoreApplication::translate("Dialogs", "'%1' has changes that are not saved.").arg(plan),
        QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel,
        QMessageBox::Save);
    return answer == QMessageBox::Save      ? UnsavedAnswer::Save
           : answer == QMessageBox::Discard ? UnsavedAnswer::Discard
                                            : UnsavedAnswer::Cancel;
}

void previewAndPrint(QWidget* parent, const std::vector<Page>& pages) {
    QPrinter printer(QPrinter::HighResolution);
    QPrintPreviewDialog preview(&printer, parent);
    QObject::connect(
        &preview, &QPrintPreviewDialog::paintRequested, &preview, [&](QPrinter* device) {
            printPages(pages, *device);
        });
    preview.exec();
}

}  // namespace

Dialogs systemDialogs() {
    return {
        .openFile =
            [](QWidget* parent, const QString& title, const QString& filter) {
                return QFileDialog::getOpenFileName(parent, title, QString(), filter);
            },
        .saveFile =
            [](QWidget* parent,
               const QString& title,
               const QString& suggestion,
               const QString& filter) {
                return QFileDialog::getSaveFileName(parent, title, suggestion, filter);
            },
        .unsaved = askUnsaved,
        .print = previewAndPrint,
        .enter =
            [](QWidget* parent, const QString& title, const QString& now) {
                bool ok = false;
                const QString text =
                    QInputDialog::getText(parent, title, QString(), QLineEdit::Normal, now, &ok);
                return ok ? std::optional(text) : std::nullopt;
            },
        .choose =
            [](QWidget* parent, const QString& title, const QStringList& choices) {
                bool ok = false;
                const QString text =
                    QInputDialog::getItem(parent, title, QString(), choices, 0, false, &ok);
                return ok ? text : QString();
            },
    };
}

}  // namespace spirk::app
