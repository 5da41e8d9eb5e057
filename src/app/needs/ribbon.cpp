// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/needs/ribbon.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

constexpr double kDay = 86400.0;
// Bars are drawn and moved in quarter hours; the table takes any minute.
constexpr double kStep = 900.0;

// Mains is hatched beside its colour, so that it differs from DC in black and white too.
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

QFont smallOf(const QFont& font) {
    QFont small = font;
    small.setPointSizeF(font.pointSizeF() * 0.87);
    return small;
}

// A use as one or, past midnight, two stretches of the day, in seconds.
std::vector<std::pair<double, double>> stretchesOf(const Use& use) {
    std::vector<std::pair<double, double>> out;
    for (const double wrap : {0.0, -kDay}) {
        const double from = std::max(0.0, use.start.si() + wrap);
        const double to = std::min(kDay, use.start.si() + use.span.si() + wrap);
        if (to > from) {
            out.emplace_back(from, to);
        }
    }
    return out;
}

Seconds snapped(Seconds t) { return seconds(std::round(t.si() / kStep) * kStep); }

Seconds endOf(const Use& use) { return use.start + use.span; }

}  // namespace

Ribbon::Ribbon(Document& document, Selection& selection, QWidget* parent)
    : QAbstractScrollArea(parent), document_(document), selection_(selection) {
    setObjectName("needs.ribbon");
    setAccessibleName(tr("The day in 24 hours"));
    setAccessibleDescription(
        tr("Up and Down select an appliance, Space its next use; Left and Right move it, with "
           "Shift its end, with Alt its start; S splits it, J joins it to the next."));
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    viewport()->setMouseTracking(true);
    viewport()->setAutoFillBackground(false);
    connect(&document, &Document::designChanged, this, &Ribbon::refresh);
    connect(&selection, &Selection::changed, this, &Ribbon::showChosen);
}

QSize Ribbon::sizeHint() const { return {600, fontMetrics().height() * 15}; }
QSize Ribbon::minimumSizeHint() const { return {320, fontMetrics().height() * 9}; }

QRectF Ribbon::bars() const {
    const double line = fontMetrics().height();
    const double left = fontMetrics().averageCharWidth() * 19.0;
    const QRectF all = viewport()->rect();
    return {left, line * 1.3, all.width() - left - 10.0, (all.height() - line * 2.6) * 0.68};
}

QRectF Ribbon::stack() const {
    const QRectF top = bars();
    const double begin = top.bottom() + fontMetrics().height() * 0.9;
    return {top.left(), begin, top.width(), viewport()->height() - begin - 6.0};
}

double Ribbon::rowHeight() const {
    return std::ceil(QFontMetricsF(smallOf(font())).height() * 1.12);
}

double Ribbon::rowTop(std::size_t row) const {
    return bars().top() + rowHeight() * static_cast<double>(row) - verticalScrollBar()->value();
}

int Ribbon::applianceAt(const QPointF& at) const {
    const double y = at.y() - bars().top() + verticalScrollBar()->value();
    const int row = static_cast<int>(std::floor(y / rowHeight()));
    const bool inside = at.y() >= bars().top() && at.y() < bars().bottom() && row >= 0 &&
                        row < static_cast<int>(document_.plan().appliances.size());
    return inside ? row : -1;
}

Seconds Ribbon::timeAt(double x) const {
    return seconds((x - bars().left()) / bars().width() * kDay);
}

QRectF Ribbon::barOf(int appliance, std::size_t use) const {
    const auto& all = document_.plan().appliances;
    if (appliance < 0 || appliance >= static_cast<int>(all.size()) ||
        use >= all[static_cast<std::size_t>(appliance)].uses.size()) {
        return {};
    }
    const auto row = static_cast<std::size_t>(appliance);
    const auto [from, to] = stretchesOf(all[row].uses[use]).front();
    const QRectF area = bars();
    const QRectF bar(area.left() + area.width() * from / kDay,
                     rowTop(row) + rowHeight() * 0.15,
                     std::max(3.0, area.width() * (to - from) / kDay),
                     rowHeight() * 0.7);
    return area.contains(bar.center()) ? bar : QRectF();
}

std::optional<Ribbon::Hold> Ribbon::holdAt(const QPointF& at) const {
    const int row = applianceAt(at);
    if (row < 0) {
        return std::nullopt;
    }
    const auto appliance = static_cast<std::size_t>(row);
    const auto& uses = document_.plan().appliances[appliance].uses;
    const double reach = fontMetrics().averageCharWidth() * 0.8;
    for (std::size_t i = 0; i < uses.size(); ++i) {
        const auto pieces = stretchesOf(uses[i]);
        for (std::size_t piece = 0; piece < pieces.size(); ++piece) {
            const double x0 = bars().left() + bars().width() * pieces[piece].first / kDay;
            const double x1 = bars().left() + bars().width() * pieces[piece].second / kDay;
            if (at.x() < x0 - reach || at.x() > x1 + reach) {
                continue;
            }
            // Thin bars are moved by their middle third. At midnight a bar has no end to pull.
            const bool start = piece == 0 && at.x() < std::min(x0 + reach, x0 + (x1 - x0) / 3.0);
            const bool end =
                piece + 1 == pieces.size() && at.x() > std::max(x1 - reach, x1 - (x1 - x0) / 3.0);
            const Grip grip = start ? Grip::Start : end ? Grip::End : Grip::Body;
            return Hold{appliance, i, grip, timeAt(at.x()) - uses[i].start};
        }
    }
    return std::nullopt;
}

std::optional<std::size_t> Ribbon::chosenRow() const {
    const auto& all = document_.plan().appliances;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (selection_.subject() == subject(all[i].id)) {
            return i;
        }
    }
    return std::nullopt;
}

void Ribbon::chooseRow(std::size_t row) {
    if (chosenRow() != row) {
        current_ = 0;
        selection_.select(subject(document_.plan().appliances[row].id));
    }
}

void Ribbon::refresh() {
    const double all = rowHeight() * static_cast<double>(document_.plan().appliances.size());
    const double page = bars().height();
    verticalScrollBar()->setPageStep(static_cast<int>(page));
    verticalScrollBar()->setSingleStep(static_cast<int>(rowHeight()));
    verticalScrollBar()->setRange(0, static_cast<int>(std::ceil(std::max(0.0, all - page))));
    viewport()->update();
}

// Scrolls the chosen appliance's row into sight.
void Ribbon::showChosen() {
    if (const auto row = chosenRow()) {
        const double top = rowTop(*row) - bars().top();
        const double below = top + rowHeight() - bars().height();
        const int shift = static_cast<int>(top < 0.0     ? std::floor(top)
                                           : below > 0.0 ? std::ceil(below)
                                                         : 0.0);
        verticalScrollBar()->setValue(verticalScrollBar()->value() + shift);
    }
    viewport()->update();
}

void Ribbon::resizeEvent(QResizeEvent* event) {
    QAbstractScrollArea::resizeEvent(event);
    refresh();
}

void Ribbon::paintHours(QPainter& p) const {
    const Ink ink = currentInk();
    const QRectF area = bars();
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

void Ribbon::paintRow(QPainter& p, std::size_t row) const {
    const Ink ink = currentInk();
    const QRectF area = bars();
    const double h = rowHeight();
    const double y = rowTop(row);
    const Appliance& a = document_.plan().appliances[row];
    const bool chosen = selection_.subject() == subject(a.id);
    p.setPen(chosen ? ink.accent : ink.text);
    const QString name =
        p.fontMetrics().elidedText(q(a.name), Qt::ElideRight, static_cast<int>(area.left()) - 10);
    p.drawText(QRectF(4, y, area.left() - 10, h), Qt::AlignRight | Qt::AlignVCenter, name);
    for (std::size_t i = 0; i < a.uses.size(); ++i) {
        const bool current = chosen && i == std::min(current_, a.uses.size() - 1);
        for (const auto& [from, to] : stretchesOf(a.uses[i])) {
            const double x = area.left() + area.width() * from / kDay;
            const double w = std::max(3.0, area.width() * (to - from) / kDay);
            const QRectF bar(x, y + h * 0.15, w, h * 0.7);
            p.setOpacity(a.uses[i].duty < 1.0 ? 0.45 : 1.0);
            fillFor(p, bar, ink, a.feed);
            p.setOpacity(1.0);
            p.setPen(QPen(chosen ? ink.accent : ink.text, current ? 2.2 : chosen ? 1.4 : 0.6));
            p.drawRect(bar);
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
    p.drawText(label, Qt::AlignRight | Qt::AlignTop, q(watts(most)));
    // Below the scale's figure, where there is room for both.
    const QRectF below = label.adjusted(0, fontMetrics().height(), 0, 0);
    if (below.height() >= 2.0 * fontMetrics().height()) {
        p.drawText(below, Qt::AlignRight | Qt::AlignVCenter, tr("DC solid,\nmains hatched"));
    }
}

void Ribbon::paintEvent(QPaintEvent* /*event*/) {
    QPainter p(viewport());
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(smallOf(font()));
    paintHours(p);
    const QRectF area = bars();
    p.save();
    p.setClipRect(QRectF(0, area.top(), viewport()->width(), area.height()));
    for (std::size_t row = 0; row < document_.plan().appliances.size(); ++row) {
        if (rowTop(row) < area.bottom() && rowTop(row) + rowHeight() > area.top()) {
            paintRow(p, row);
        }
    }
    p.restore();
    paintStack(p);
    if (hasFocus()) {
        p.setPen(QPen(currentInk().accent, 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRect(viewport()->rect().adjusted(1, 1, -2, -2));
    }
}

void Ribbon::push(const QString& text, std::size_t row, Appliance next, const QString& doing) {
    Plan plan = document_.plan();
    if (plan.appliances[row] == next) {
        return;
    }
    const QString id = q(next.id.value);
    plan.appliances[row] = std::move(next);
    document_.push(text, std::move(plan), {"ribbon/" + id + "/" + doing});
}

void Ribbon::drag(const Hold& hold, Seconds at) {
    const Appliance& a = document_.plan().appliances[hold.appliance];
    const QString doing = QString::number(drags_);
    switch (hold.grip) {
        case Grip::Body:
            push(tr("Move %1").arg(q(a.name)),
                 hold.appliance,
                 withUseMoved(a, hold.use, snapped(at - hold.offset)),
                 doing);
            return;
        case Grip::Start:
            push(tr("Stretch %1").arg(q(a.name)),
                 hold.appliance,
                 withUseStretched(a, hold.use, Edge::Start, snapped(at)),
                 doing);
            return;
        case Grip::End:
            push(tr("Stretch %1").arg(q(a.name)),
                 hold.appliance,
                 withUseStretched(a, hold.use, Edge::End, snapped(at)),
                 doing);
            return;
    }
}

void Ribbon::mousePressEvent(QMouseEvent* event) {
    const int row = applianceAt(event->position());
    if (row < 0 || event->button() != Qt::LeftButton) {
        return;
    }
    chooseRow(static_cast<std::size_t>(row));
    held_ = holdAt(event->position());
    if (held_) {
        ++drags_;
        current_ = held_->use;
        viewport()->update();
    }
}

void Ribbon::mouseMoveEvent(QMouseEvent* event) {
    if (held_) {
        drag(*held_, timeAt(event->position().x()));
        return;
    }
    const auto over = holdAt(event->position());
    viewport()->setCursor(!over                      ? Qt::ArrowCursor
                          : over->grip == Grip::Body ? Qt::OpenHandCursor
                                                     : Qt::SizeHorCursor);
}

void Ribbon::mouseReleaseEvent(QMouseEvent* /*event*/) { held_.reset(); }

void Ribbon::mouseDoubleClickEvent(QMouseEvent* event) {
    const auto over = holdAt(event->position());
    if (over) {
        const Appliance& a = document_.plan().appliances[over->appliance];
        push(tr("Split %1").arg(q(a.name)),
             over->appliance,
             withUseSplit(a, over->use, snapped(timeAt(event->position().x()))),
             "split" + QString::number(++drags_));
    }
}

bool Ribbon::keyOnUse(int key, Qt::KeyboardModifiers modifiers) {
    const auto row = chosenRow();
    if (!row || document_.plan().appliances[*row].uses.empty()) {
        return false;
    }
    const Appliance& a = document_.plan().appliances[*row];
    const std::size_t use = std::min(current_, a.uses.size() - 1);
    const QString name = q(a.name);
    if (key == Qt::Key_Space) {
        current_ = (use + 1) % a.uses.size();
        viewport()->update();
    } else if (key == Qt::Key_S) {
        const Seconds middle = a.uses[use].start + a.uses[use].span * 0.5;
        push(tr("Split %1").arg(name), *row, withUseSplit(a, use, snapped(middle)), "split");
    } else if (key == Qt::Key_J) {
        push(tr("Join %1").arg(name), *row, withUseJoined(a, use), "join");
    } else if (key == Qt::Key_Left || key == Qt::Key_Right) {
        const Seconds by = seconds(key == Qt::Key_Left ? -kStep : kStep);
        const QString doing = "key" + QString::number(use);
        if (modifiers.testFlag(Qt::ShiftModifier)) {
            push(tr("Stretch %1").arg(name),
                 *row,
                 withUseStretched(a, use, Edge::End, endOf(a.uses[use]) + by),
                 doing);
        } else if (modifiers.testFlag(Qt::AltModifier)) {
            push(tr("Stretch %1").arg(name),
                 *row,
                 withUseStretched(a, use, Edge::Start, a.uses[use].start + by),
                 doing);
        } else {
            push(
                tr("Move %1").arg(name), *row, withUseMoved(a, use, a.uses[use].start + by), doing);
        }
    } else {
        return false;
    }
    return true;
}

void Ribbon::keyPressEvent(QKeyEvent* event) {
    const std::size_t rows = document_.plan().appliances.size();
    const bool up = event->key() == Qt::Key_Up;
    if ((up || event->key() == Qt::Key_Down) && rows > 0) {
        const auto row = chosenRow();
        const std::size_t last = rows - 1;
        chooseRow(!row ? 0 : up ? (*row == 0 ? 0 : *row - 1) : std::min(last, *row + 1));
    } else if (!keyOnUse(event->key(), event->modifiers())) {
        QAbstractScrollArea::keyPressEvent(event);
    }
}

bool Ribbon::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const int row = applianceAt(help->pos());
        if (row >= 0) {
            const Appliance& a = document_.plan().appliances[static_cast<std::size_t>(row)];
            QToolTip::showText(help->globalPos(),
                               tr("%1: %2 while on, %3 per day\nDrag a bar to move it, its ends to "
                                  "stretch it; double click splits it.")
                                   .arg(q(a.name), q(wattsUsed(a)), q(onTime(a))));
            return true;
        }
    }
    return QAbstractScrollArea::viewportEvent(event);
}

}  // namespace spirk::app
