// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/marks_rule.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

namespace {
constexpr double kLeft = 12.0;
constexpr double kBar = 7.0;  // height of the block
}  // namespace

MarksRule::MarksRule(const QString& name, Selection& selection, QWidget* parent)
    : QWidget(parent), name_(name), selection_(selection) {
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void MarksRule::show(std::optional<Marks> marks, const QString& remark) {
    marks_ = std::move(marks);
    remark_ = remark;
    setToolTip(tip(tr("%1. Click a mark to see how it is calculated. Enter: what is needed; with "
                      "Shift: what is chosen; with Ctrl: the most that is allowed.")
                       .arg(remark)));
    QString spoken = name_ + ". ";
    spoken += marks_ ? tr("Needed %1, chosen %2.").arg(q(marks_->needed), q(marks_->chosen))
                     : tr("Not chosen.");
    setAccessibleName(spoken);
    update();
}

QSize MarksRule::sizeHint() const {
    return {fontMetrics().averageCharWidth() * 56, fontMetrics().height() * 21 / 4};
}

double MarksRule::lineY() const { return fontMetrics().height() * 2.9; }

double MarksRule::xOf(double value) const {
    double most = std::max(marks_->needed.si, marks_->chosen.si);
    if (marks_->limit) {
        most = std::max(most, marks_->limit->si);
    }
    const double room = width() - kLeft - fontMetrics().averageCharWidth() * 18.0;
    return kLeft + (most > 0.0 ? room * value / most : 0.0);
}

// Needed stands above the line; the limit below it at its gate; chosen below it where its bar
// begins, a row lower where the two would meet.
std::vector<MarksRule::Placed> MarksRule::placed() const {
    const double line = fontMetrics().height();
    const double below = lineY() + kBar + 1.0;
    const auto box = [&](double x, double y, const QString& text) {
        return QRectF(x, y, fontMetrics().horizontalAdvance(text), line);
    };
    const QString needed = tr("needed %1").arg(q(marks_->needed));
    const QString chosen = tr("chosen %1").arg(q(marks_->chosen));
    const double xNeeded = xOf(marks_->needed.si);
    QRectF chosenBox = box(kLeft, below, chosen);
    if (marks_->limit && xOf(marks_->limit->si) < chosenBox.right() + 8) {
        chosenBox.translate(0, line);
    }
    std::vector<Placed> out{
        {Mark::Needed,
         xNeeded,
         box(xNeeded + 9, lineY() - line - 1, needed),
         needed,
         marks_->neededFigure},
        {Mark::Chosen, xOf(marks_->chosen.si), chosenBox, chosen, marks_->chosenFigure}};
    if (marks_->limit) {
        const QString limit = tr("at most %1").arg(q(*marks_->limit));
        const double x = xOf(marks_->limit->si);
        out.push_back({Mark::Limit, x, box(x + 6, below, limit), limit, marks_->limitFigure});
    }
    return out;
}

// Marks differ in shape: needed is a wedge from above, chosen a block, the limit a gate.
void MarksRule::paintMark(QPainter& p, const Placed& mark) const {
    const Ink ink = currentInk();
    const double y = lineY();
    if (mark.mark == Mark::Needed) {
        QPolygonF wedge;
        wedge << QPointF(mark.x, y - 2) << QPointF(mark.x - 5, y - 12)
              << QPointF(mark.x + 5, y - 12);
        p.setPen(ink.text);
        p.setBrush(ink.text);
        p.drawPolygon(wedge);
    } else if (mark.mark == Mark::Chosen) {
        p.fillRect(QRectF(kLeft, y, mark.x - kLeft, kBar), ink.accent);
        p.setPen(ink.accent);
    } else {
        const double end = mark.label.center().y();
        p.setPen(QPen(ink.faint, 1.4));
        p.drawLine(QPointF(mark.x, y - 3), QPointF(mark.x, end));
        p.drawLine(QPointF(mark.x - 4, end), QPointF(mark.x, end));
    }
    p.drawText(mark.label, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextDontClip, mark.text);
}

void MarksRule::paintEvent(QPaintEvent* /*event*/) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Ink ink = currentInk();
    const double line = fontMetrics().height();
    QFont strong = font();
    strong.setWeight(QFont::DemiBold);
    p.setFont(strong);
    p.setPen(ink.text);
    p.drawText(QPointF(kLeft, line), name_);
    const double after = kLeft + QFontMetrics(strong).horizontalAdvance(name_) + 14;
    p.setFont(font());
    p.setPen(ink.faint);
    p.drawText(
        QRectF(after, 2, width() - after, line + 2),
        Qt::AlignLeft | Qt::AlignVCenter,
        fontMetrics().elidedText(remark_, Qt::ElideRight, static_cast<int>(width() - after)));
    if (marks_) {
        p.setPen(QPen(ink.line, 1.0));
        p.drawLine(QPointF(kLeft, lineY() + kBar / 2),
                   QPointF(width() - kLeft, lineY() + kBar / 2));
        for (const Placed& mark : placed()) {
            paintMark(p, mark);
        }
    }
    if (hasFocus()) {
        p.setPen(QPen(ink.accent, 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(1, 1, -2, -2));
    }
}

FigureId MarksRule::figureFor(Qt::KeyboardModifiers modifiers) const {
    if (modifiers.testFlag(Qt::ControlModifier) && marks_->limit) {
        return marks_->limitFigure;
    }
    return modifiers.testFlag(Qt::ShiftModifier) ? marks_->chosenFigure : marks_->neededFigure;
}

void MarksRule::mousePressEvent(QMouseEvent* event) {
    if (!marks_) {
        return;
    }
    const std::vector<Placed> marks = placed();
    const auto hit = std::ranges::find_if(
        marks, [&](const Placed& m) { return m.label.contains(event->position()); });
    selection_.askWhy(hit == marks.end() ? figureFor(event->modifiers()) : hit->figure);
}

void MarksRule::keyPressEvent(QKeyEvent* event) {
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (!enter || !marks_) {
        QWidget::keyPressEvent(event);
        return;
    }
    selection_.askWhy(figureFor(event->modifiers()));
}

}  // namespace spirk::app
