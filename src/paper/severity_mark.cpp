// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/severity_mark.h"

#include <QPolygonF>
#include <cmath>

namespace spirk {

namespace {

QPolygonF polygon(const QRectF& box, int corners, double turn) {
    QPolygonF out;
    const double radius = std::min(box.width(), box.height()) / 2.0;
    for (int i = 0; i < corners; ++i) {
        const double angle = turn + 2.0 * M_PI * i / corners;
        out << box.center() + QPointF(radius * std::cos(angle), radius * std::sin(angle));
    }
    return out;
}

}  // namespace

void paintSeverity(QPainter& painter, const QRectF& box, Severity severity, const Ink& ink) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(colourOf(ink, severity));
    switch (severity) {
        case Severity::Danger:
            painter.drawPolygon(polygon(box, 8, M_PI / 8.0));
            break;
        case Severity::Fault:
            painter.drawPolygon(polygon(box, 4, 0.0));
            break;
        case Severity::Advice:
            painter.drawEllipse(box);
            break;
    }
    painter.restore();
}

}  // namespace spirk
