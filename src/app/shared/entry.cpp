// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/entry.h"

#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

Entry::Entry(const QString& objectName,
             const QString& accessibleName,
             Accept accept,
             QWidget* parent)
    : QWidget(parent),
      field_(new QLineEdit(this)),
      problem_(new QLabel(this)),
      accept_(std::move(accept)) {
    field_->setObjectName(objectName);
    field_->setAccessibleName(accessibleName);
    problem_->setWordWrap(true);
    problem_->setTextFormat(Qt::PlainText);
    problem_->hide();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(1);
    layout->addWidget(field_);
    layout->addWidget(problem_);
    setFocusProxy(field_);
    connect(field_, &QLineEdit::editingFinished, this, &Entry::commit);
}

void Entry::show(const QString& text) {
    shown_ = text;
    if (!field_->hasFocus() || !field_->isModified()) {
        field_->setText(text);
        field_->setCursorPosition(0);
        problem_->hide();
    }
}

void Entry::commit() {
    if (!field_->isModified()) {
        return;
    }
    const auto accepted = accept_(field_->text().toStdString());
    if (!accepted) {
        const Error& e = accepted.error();
        problem_->setText(q(then(e.what, e.remedy)) + " " + tr("Kept: %1.").arg(shown_));
        QPalette palette = problem_->palette();
        palette.setColor(QPalette::WindowText, currentInk().danger);
        problem_->setPalette(palette);
        problem_->show();
        return;
    }
    field_->setModified(false);
    problem_->hide();
    field_->setText(shown_);
}

}  // namespace spirk::app
