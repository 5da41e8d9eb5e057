// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/dialogs.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QInputDialog>
#include <QMessageBox>
#include <QPrintPreviewDialog>
#include <QPrinter>
#include <QPushButton>

namespace spirk::app {

namespace {

// A box whose text is text, whatever the plan is called.
QMessageBox* box(QWidget* parent, const QString& title, const QString& text) {
    auto* out = new QMessageBox(QMessageBox::Question, title, text, QMessageBox::NoButton, parent);
    out->setTextFormat(Qt::PlainText);
    out->setAttribute(Qt::WA_DeleteOnClose);
    return out;
}

struct Asked {
    Q_DECLARE_TR_FUNCTIONS(spirk::app::Asked)
};

UnsavedAnswer askUnsaved(QWidget* parent, const QString& plan) {
    QMessageBox* asked = box(parent,
                             Asked::tr("Unsaved changes"),
                             Asked::tr("'%1' has changes that are not saved.").arg(plan));
    asked->setStandardButtons(QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel);
    asked->setDefaultButton(QMessageBox::Save);
    const int answer = asked->exec();
    return answer == QMessageBox::Save      ? UnsavedAnswer::Save
           : answer == QMessageBox::Discard ? UnsavedAnswer::Discard
                                            : UnsavedAnswer::Cancel;
}

ConflictAnswer askConflict(QWidget* parent, const QString& file) {
    QMessageBox* asked = box(parent,
                             Asked::tr("Changed by another program"),
                             Asked::tr("'%1' has been changed by another program since it was "
                                       "opened here. Which version do you want to keep?")
                                 .arg(file));
    QPushButton* beside =
        asked->addButton(Asked::tr("Save mine under &another name…"), QMessageBox::AcceptRole);
    QPushButton* mine =
        asked->addButton(Asked::tr("Keep &mine: replace the file"), QMessageBox::DestructiveRole);
    QPushButton* theirs = asked->addButton(Asked::tr("Keep &theirs: open it, discard mine"),
                                           QMessageBox::DestructiveRole);
    asked->addButton(QMessageBox::Cancel);
    asked->setDefaultButton(beside);
    ConflictAnswer answer = ConflictAnswer::Cancel;
    QObject::connect(asked, &QMessageBox::buttonClicked, asked, [&](QAbstractButton* button) {
        answer = button == beside   ? ConflictAnswer::Beside
                 : button == mine   ? ConflictAnswer::Mine
                 : button == theirs ? ConflictAnswer::Theirs
                                    : ConflictAnswer::Cancel;
    });
    asked->exec();
    return answer;
}

bool askReplace(QWidget* parent, const QStringList& files) {
    QMessageBox* asked = box(parent,
                             Asked::tr("Replace files"),
                             Asked::tr("There are files of these names already: %1. Replace them?")
                                 .arg(files.join(", ")));
    asked->setStandardButtons(QMessageBox::Yes | QMessageBox::Cancel);
    asked->setDefaultButton(QMessageBox::Cancel);
    return asked->exec() == QMessageBox::Yes;
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
        .conflict = askConflict,
        .replace = askReplace,
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
