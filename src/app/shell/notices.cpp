// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/notices.h"

#include <QHBoxLayout>
#include <QStringList>
#include <QToolButton>
#include <QVBoxLayout>

namespace spirk::app {

namespace {

QLabel* line(const QString& name, QWidget* parent) {
    auto* label = new QLabel(parent);
    label->setObjectName(name);
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

}  // namespace

Notices::Notices(QWidget* parent)
    : QWidget(parent),
      notice_(line("notice", this)),
      warning_(line("warning", this)),
      noticeRow_(new QWidget(this)) {
    QFont strong = warning_->font();
    strong.setWeight(QFont::DemiBold);
    warning_->setFont(strong);
    auto* close = new QToolButton(noticeRow_);
    close->setText(tr("Close"));
    close->setObjectName("notice.close");
    connect(close, &QToolButton::clicked, this, [this] { showNotice(QString()); });
    auto* row = new QHBoxLayout(noticeRow_);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(notice_, 1);
    row->addWidget(close, 0, Qt::AlignTop);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(warning_);
    layout->addWidget(noticeRow_);
    refresh();
}

void Notices::showNotice(const QString& text) {
    notice_->setText(text);
    refresh();
}

void Notices::showWarning(Warning which, const QString& text) {
    if (text.isEmpty()) {
        warnings_.erase(which);
    } else {
        warnings_[which] = text;
    }
    QStringList all;
    for (const auto& [each, said] : warnings_) {
        all << said;
    }
    warning_->setText(all.join("\n"));
    refresh();
}

void Notices::refresh() {
    warning_->setVisible(!warning_->text().isEmpty());
    noticeRow_->setVisible(!notice_->text().isEmpty());
    setVisible(!warning_->text().isEmpty() || !notice_->text().isEmpty());
}

}  // namespace spirk::app
