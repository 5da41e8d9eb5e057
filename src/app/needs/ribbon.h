// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The day as a ribbon of 24 hours: a bar for each use of each appliance, and below them the stack
// of all, 12 V and mains, with what may run at once on the inverter as a line.

#include <QWidget>

#include "app/shared/document.h"
#include "app/shared/selection.h"

namespace spirk::app {

class Ribbon : public QWidget {
    Q_OBJECT
public:
    Ribbon(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    bool event(QEvent* event) override;

private:
    [[nodiscard]] double rowHeight() const;
    [[nodiscard]] QRectF bars() const;   // where appliances' bars stand
    [[nodiscard]] QRectF stack() const;  // where the stack stands
    [[nodiscard]] int applianceAt(const QPointF& at) const;
    void paintHours(QPainter& painter) const;
    void paintBars(QPainter& painter) const;
    void paintStack(QPainter& painter) const;

    Document& document_;
    Selection& selection_;
};

}  // namespace spirk::app
