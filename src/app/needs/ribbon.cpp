// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/needs/ribbon.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

namespace {

constexpr double kDay = 86400.0;

// Mains is hatched beside its colour, so that it differs from 12 V in black and white too.
void fillFor(QPainter& p, const QRectF& box, const Ink& ink, Feed feed) {
    if (feed == Feed::Dc) {
        p.fillRect(box, ink.advice);
        return;
    }
    QColor pale = ink.accent;
    pale.setAlphaF(0.45F);
    p.fillRect(box, pale);
    p.fillRect(box, QBrush(ink.accent, Qt::BDiagPattern));
}

}  // namespace

Ribbon::Ribbon(Document& document, Selection& selection, QWidget* parent)
    : QWidget(parent), document_(document), selection_(selection) {
    setObjectName("needs.ribbon");
    setAccessibleName(tr("The day in 24 hours"));
    connect(&document, &Document::designChanged, this, [this] { update(); });
    connect(&selection, &Selection::changed, this, [this] { update(); });
}

QSize Ribbon::sizeHint() const { return {600, fontMetrics().height() * 15}; }
QSize Ribbon::minimumSizeHint() const { return {320, fontMetrics().height() * 9}; }

QRectF Ribbon::bars() const {
    const double line = fontMetrics().height();
    const double left = fontMetrics().averageCharWidth() * 19.0;
    return {left, line * 1.3, width() - left - 10.0, (height() - line * 2.6) * 0.6};
}

QRectF Ribbon::stack() const {
    const QRectF top = bars();
    const double begin = top.bottom() + fontMetrics().height() * 0.9;
    return {top.left(), begin, top.width(), height() - begin - 6.0};
}

double Ribbon::rowHeight() const {
    const auto rows =
        static_cast<double>(std::max<std::size_t>(1, document_.plan().appliances.size()));
    return std::min(bars().height() / rows, fontMetrics().height() * 1.2);
}

int Ribbon::applianceAt(const QPointF& at) const {
    const QRectF area = bars();
    const int row = static_cast<int>((at.y() - area.top()) / rowHeight());
    const bool inside =
        at.y() >= area.top() && row < static_cast<int>(document_.plan().appliances.size());
    return inside ? row : -1;
}

void Ribbon::paintHours(QPainter& p) const {
    const Ink ink = currentInk();
    const QRectF area = bars();
    QFont small = font();
    small.setPointSizeF(font().pointSizeF() * 0.85);
    p.setFont(small);
    for (int hour = 0; hour <= 24; hour += 1) {
        const double x = area.left() + area.width() * hour / 24.0;
        p.setPen(QPen(ink.line, hour % 6 == 0 ? 1.2 : 0.5));
        p.drawLine(QPointF(x, area.top()), QPointF(x, stack().bottom()));
        if (hour % 3 == 0) {
            p.setPen(ink.faint);
            p.drawText(QRectF(x - 20, 0, 40, area.top() - 2),
                       Qt::AlignHCenter | Qt::AlignBottom,
                       QString::number(hour));
        }
    }
}

void Ribbon::paintBars(QPainter& p) const {
    const Ink ink = currentInk();
    const QRectF area = bars();
    const double h = rowHeight();
    QFont small = font();
    // Forty rows must still be readable: the text shrinks with its row, down to a limit.
    small.setPixelSize(std::clamp(static_cast<int>(h * 0.78), 6, fontMetrics().height() * 3 / 4));
    p.setFont(small);
    const auto& appliances = document_.plan().appliances;
    for (std::size_t row = 0; row < appliances.size(); ++row) {
        const Appliance& a = appliances[row];
        const double y = area.top() + h * static_cast<double>(row);
        const bool chosen = selection_.subject() == subject(a.id);
        p.setPen(chosen ? ink.accent : ink.text);
        const QString name = QFontMetrics(small).elidedText(
            q(a.name), Qt::ElideRight, static_cast<int>(area.left()) - 10);
        p.drawText(QRectF(4, y, area.left() - 10, h), Qt::AlignRight | Qt::AlignVCenter, name);
        for (const Use& use : a.uses) {
            for (const double wrap : {0.0, -kDay}) {
                const double from = std::max(0.0, use.start.si() + wrap);
                const double to = std::min(kDay, use.start.si() + use.span.si() + wrap);
                if (to <= from) {
                    continue;
                }
                const double x0 = area.left() + area.width() * from / kDay;
                const double w = std::max(2.5, area.width() * (to - from) / kDay);
                const QRectF bar(x0, y + h * 0.15, w, h * 0.7);
                p.setOpacity(use.duty < 1.0 ? 0.45 : 1.0);
                fillFor(p, bar, ink, a.feed);
                p.setOpacity(1.0);
                p.setPen(QPen(chosen ? ink.accent : ink.text, chosen ? 2.0 : 0.6));
                p.drawRect(bar);
            }
        }
    }
}

void Ribbon::paintStack(QPainter& p) const {
    const Ink ink = currentInk();
    const QRectF area = stack();
    const Needs& needs = document_.design()->needs;
    double most = 1.0;
    for (std::size_t i = 0; i < kDaySlots; ++i) {
        most = std::max(most, (needs.dc[i] + needs.mains[i]).si());
    }
    const double slot = area.width() / static_cast<double>(kDaySlots);
    for (std::size_t i = 0; i < kDaySlots; ++i) {
        const double x = area.left() + slot * static_cast<double>(i);
        const double dc = area.height() * needs.dc[i].si() / most;
        const double mains = area.height() * needs.mains[i].si() / most;
        fillFor(p, QRectF(x, area.bottom() - dc, slot + 0.3, dc), ink, Feed::Dc);
        fillFor(p, QRectF(x, area.bottom() - dc - mains, slot + 0.3, mains), ink, Feed::Mains);
    }
    p.setPen(QPen(ink.text, 1.0));
    p.drawLine(area.bottomLeft(), area.bottomRight());
    p.setPen(ink.faint);
    const QRectF label(4, area.top(), area.left() - 10, area.height());
    p.drawText(label, Qt::AlignRight | Qt::AlignTop, q(format(watts(most))));
    p.drawText(label, Qt::AlignRight | Qt::AlignVCenter, tr("12 V solid,\nmains hatched"));
}

void Ribbon::paintEvent(QPaintEvent* /*event*/) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    paintHours(p);
    paintBars(p);
    QFont small = font();
    small.setPointSizeF(font().pointSizeF() * 0.85);
    p.setFont(small);
    paintStack(p);
}

void Ribbon::mousePressEvent(QMouseEvent* event) {
    const int row = applianceAt(event->position());
    if (row >= 0) {
        selection_.select(subject(document_.plan().appliances[static_cast<std::size_t>(row)].id));
    }
}

bool Ribbon::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const int row = applianceAt(help->pos());
        if (row >= 0) {
            const Appliance& a = document_.plan().appliances[static_cast<std::size_t>(row)];
            QToolTip::showText(help->globalPos(),
                               tr("%1: %2 while on, %3 a day")
                                   .arg(q(a.name), q(format(wattsUsed(a))), q(format(onTime(a)))));
            return true;
        }
    }
    return QWidget::event(event);
}

}  // namespace spirk::app
