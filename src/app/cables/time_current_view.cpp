// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/time_current_view.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <array>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

namespace {

// What the axes span, as powers of ten.
constexpr double kLeastAmps = 0.0, kMostAmps = 4.0;
constexpr double kLeastSeconds = -3.0, kMostSeconds = 4.0;

QString timeLabel(int power) {
    static constexpr std::array<const char*, 8> kLabels{
        "1 ms", "10 ms", "0.1 s", "1 s", "10 s", "2 min", "17 min", "3 h"};
    return QString::fromLatin1(kLabels.at(static_cast<std::size_t>(power + 3)));
}

}  // namespace

TimeCurrentView::TimeCurrentView(Document& document, Selection& selection, QWidget* parent)
    : QWidget(parent), document_(document), selection_(selection) {
    setObjectName("cables.timeCurrent");
    connect(&document, &Document::designChanged, this, &TimeCurrentView::refresh);
    connect(&selection, &Selection::changed, this, &TimeCurrentView::refresh);
    refresh();
}

QSize TimeCurrentView::sizeHint() const { return {520, fontMetrics().height() * 14}; }
QSize TimeCurrentView::minimumSizeHint() const { return {300, fontMetrics().height() * 9}; }

void TimeCurrentView::refresh() {
    const Design& d = *document_.design();
    const auto& chosen = selection_.subject();
    const bool conductor = chosen && chosen->kind == SubjectKind::Conductor;
    shown_ = conductor
                 ? timeCurrentOf(
                       document_.library(), d.wiring.circuit, d.cables, ConductorId(chosen->id))
                 : std::nullopt;
    if (!shown_) {
        words_ =
            tr("Choose a conductor above to see its load, when its fuse opens, "
               "and when its cable is hurt.");
    } else if (shown_->fuse.empty()) {
        words_ = tr("No fuse protects this conductor.");
    } else if (shown_->opensWithin && shown_->bears) {
        words_ = tr("On the weakest short, %1, the %2 opens within %3; the cable bears %4.")
                     .arg(q(shown_->faultFar),
                          q(shown_->fuse),
                          q(Measure{shown_->opensWithin->si(), Unit::Second}),
                          q(Measure{shown_->bears->si(), Unit::Second}));
    } else {
        words_ =
            tr("%1. On the weakest short, %2, it need not open; the cable carries %3 for good.")
                .arg(q(shown_->fuse), q(shown_->faultFar), q(shown_->ampacity));
    }
    setAccessibleName(tr("Time and current of the chosen conductor"));
    setAccessibleDescription(words_);
    setToolTip(tip(words_));
    update();
}

QPointF TimeCurrentView::at(const QRectF& area, Amps current, Seconds time) const {
    const double x =
        (std::log10(std::max(current.si(), 1e-3)) - kLeastAmps) / (kMostAmps - kLeastAmps);
    const double y =
        (std::log10(std::max(time.si(), 1e-6)) - kLeastSeconds) / (kMostSeconds - kLeastSeconds);
    return {area.left() + area.width() * x, area.bottom() - area.height() * y};
}

void TimeCurrentView::paintGrid(QPainter& p, const QRectF& area, const Ink& ink) const {
    const double line = fontMetrics().height();
    for (int power = -3; power <= 4; ++power) {
        const double y = at(area, amps(1), seconds(std::pow(10.0, power))).y();
        p.setPen(ink.line);
        p.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
        p.setPen(ink.faint);
        p.drawText(QRectF(0, y - line * 0.62, area.left() - 6, line),
                   Qt::AlignRight | Qt::AlignVCenter,
                   timeLabel(power));
    }
    for (int power = 0; power <= 4; ++power) {
        const double x = at(area, amps(std::pow(10.0, power)), seconds(1)).x();
        p.setPen(ink.line);
        p.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
        p.setPen(ink.faint);
        p.drawText(QRectF(x - 40, area.bottom() + 1, 80, line),
                   Qt::AlignHCenter,
                   q(amps(std::pow(10.0, power))));
    }
}

void TimeCurrentView::paintFuse(QPainter& p, const QRectF& area, const Ink& ink) const {
    if (shown_->shortest.empty() || shown_->longest.empty()) {
        return;
    }
    QPolygonF band;
    for (const CurvePoint& c : shown_->shortest) {
        band << at(area, c.current, c.time);
    }
    for (auto c = shown_->longest.rbegin(); c != shown_->longest.rend(); ++c) {
        band << at(area, c->current, c->time);
    }
    QColor fill = ink.accent;
    fill.setAlphaF(0.22F);
    p.setBrush(fill);
    p.setPen(QPen(ink.accent, 1.2));
    p.drawPolygon(band);
    // Named left of its earliest opening, half way down: the marks of currents stand at the top.
    const CurvePoint& middle = shown_->shortest[shown_->shortest.size() / 2];
    const QPointF name = at(area, middle.current, middle.time);
    p.setPen(ink.accent);
    p.drawText(QRectF(name.x() - 170, name.y() - 8, 162, 20), Qt::AlignRight, tr("fuse opens"));
}

void TimeCurrentView::paintCable(QPainter& p, const QRectF& area, const Ink& ink) const {
    QPolygonF curve;
    for (const CurvePoint& c : shown_->cable) {
        curve << at(area, c.current, c.time);
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(ink.danger, 2.0, Qt::DashLine));
    p.drawPolyline(curve);
    // Named where the curve is well within the picture.
    const auto inside = std::ranges::find_if(
        curve, [&](const QPointF& point) { return point.x() < area.right() - 20.0; });
    const QPointF end = inside == curve.end() ? curve.front() : *inside;
    p.setPen(ink.danger);
    p.drawText(QRectF(end.x() - 170, end.y() + 2, 166, 20), Qt::AlignRight, tr("cable is hurt"));
}

void TimeCurrentView::paintMark(QPainter& p,
                                const QRectF& area,
                                Amps current,
                                const QString& text,
                                int row,
                                const QPen& pen) const {
    if (current.si() < 1.0) {
        return;
    }
    const double x = at(area, current, seconds(1)).x();
    p.setPen(pen);
    p.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
    const double line = fontMetrics().height();
    const bool right = x > area.center().x();
    // At the top where the curves are far to the left, else at the bottom.
    const double y = right ? area.top() + line * row : area.bottom() - line * (row + 1.2);
    const double width = fontMetrics().horizontalAdvance(text) + 4.0;
    // Right of its line, clear of the curves, where there is room.
    const bool roomRight = x + 4.0 + width < area.right();
    const QRectF box(roomRight ? x + 4 : x - 4 - width, y, width, line);
    p.drawText(box, roomRight ? Qt::AlignLeft : Qt::AlignRight, text);
}

void TimeCurrentView::paintEvent(QPaintEvent* /*event*/) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Ink ink = currentInk();
    const double line = fontMetrics().height();
    p.setPen(ink.text);
    const QRectF head(8, 0, width() - 16, line * 2.2);
    p.drawText(head, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, words_);
    if (!shown_) {
        return;
    }
    const double left = fontMetrics().horizontalAdvance("17 min") + 12.0;
    const QRectF area(left,
                      line * 2.4,
                      width() - left - fontMetrics().horizontalAdvance("10 kA"),
                      height() - line * 3.7);
    paintGrid(p, area, ink);
    p.save();
    p.setClipRect(area.adjusted(-1, -1, 1, 1));
    paintFuse(p, area, ink);
    paintCable(p, area, ink);
    paintMark(p, area, shown_->load, tr("load %1").arg(q(shown_->load)), 0, QPen(ink.text, 1.4));
    paintMark(p,
              area,
              shown_->faultFar,
              tr("short at the far end %1").arg(q(shown_->faultFar)),
              1,
              QPen(ink.advice, 1.4, Qt::DotLine));
    paintMark(p,
              area,
              shown_->faultNear,
              tr("near end %1").arg(q(shown_->faultNear)),
              2,
              QPen(ink.advice, 1.4, Qt::DashDotLine));
    p.restore();
}

}  // namespace spirk::app
