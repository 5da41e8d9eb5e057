// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Explains words of the trade wherever they stand: under the pointer in a label, a button, a table,
// a header, a tab, a text. Below a tip that the widget has of its own.

#include <QObject>
#include <QPoint>

#include "app/shared/document.h"

class QWidget;

namespace spirk::app {

class TermTips : public QObject {
    Q_OBJECT
public:
    // For all windows of the program, as long as it lives.
    TermTips(const Document& document, QObject* parent);
    // What is shown at a place of a widget, in its own coordinates; empty where nothing is.
    [[nodiscard]] QString tipAt(QWidget* widget, QPoint place) const;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    const Document& document_;
};

}  // namespace spirk::app
