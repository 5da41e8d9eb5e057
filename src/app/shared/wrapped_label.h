// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Text that wraps and is never cut: as high as its lines are at the width that it has. (Layouts in
// layouts ask for that height at another width than they give.)

#include <QLabel>
#include <QResizeEvent>

namespace spirk::app {

class WrappedLabel : public QLabel {
public:
    explicit WrappedLabel(const QString& text, QWidget* parent = nullptr) : QLabel(text, parent) {
        setWordWrap(true);
        setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    }

protected:
    void resizeEvent(QResizeEvent* event) override {
        QLabel::resizeEvent(event);
        if (event->oldSize().width() != width()) {
            setMinimumHeight(heightForWidth(width()));
        }
    }
};

}  // namespace spirk::app
