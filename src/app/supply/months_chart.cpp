// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/months_chart.h"

#include <QPainter>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

MonthsChart::MonthsChart(Document& document, QWidget* parent)
    : QWidget(parent), document_(document) {
    setObjectName("supply.months");
    setAccessibleName(tr("Solar yield by month against daily use"));
    connect(&document, &Document::designChanged, this, [this] { update(); });
}

QSize MonthsChart::sizeHint() const { return {420, fontMetrics().height() * 9}; }
QSize MonthsChart::minimumSizeHint() const { return {280, fontMetrics().height() * 6}; }

void MonthsChart::paintEvent(QPaintEvent* /*event*/) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Ink ink = currentInk();
    const Supply& s = document_.design()->supply;
    const double line = fontMetrics().height();
    const QRectF area(12, line * 3.0, width() - 24, height() - line * 4.2);
    double most = std::max(1.0, s.demand.si());
    for (const MonthSun& m : s.months) {
        most = std::max(most, m.perDay.si());
    }
    p.setPen(ink.faint);
    p.drawText(QRectF(12, 0, width() - 24, line * 1.4),
               Qt::AlignLeft | Qt::AlignVCenter,
               fontMetrics().elidedText(tr("Solar yield on an average day; the line is daily use"),
                                        Qt::ElideRight,
                                        width() - 24));
    const double step = area.width() / 12.0;
    const bool room = step > fontMetrics().horizontalAdvance("May") * 1.15;
    const int letters = room ? 3 : 1;
    for (const MonthSun& m : s.months) {
        const double x = area.left() + step * (m.month - 1);
        const double h = area.height() * m.perDay.si() / most;
        const QRectF bar(x + step * 0.15, area.bottom() - h, step * 0.7, h);
        p.fillRect(bar, m.inTrip ? QBrush(ink.advice) : QBrush(ink.line, Qt::BDiagPattern));
        p.setPen(m.month == s.leanestMonth ? ink.accent : ink.faint);
        p.drawText(QRectF(x, area.bottom() + 1, step, line),
                   Qt::AlignHCenter,
                   q(monthName(m.month)).left(letters));
    }
    const double y = area.bottom() - area.height() * s.demand.si() / most;
    p.setPen(QPen(ink.accent, 1.6));
    p.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    p.drawText(QRectF(area.left(), y - line - 1, area.width(), line),
               Qt::AlignRight | Qt::AlignBottom,
               q(s.demand));
}

}  // namespace spirk::app
