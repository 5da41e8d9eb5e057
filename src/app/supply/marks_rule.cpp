// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/marks_rule.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

MarksRule::MarksRule(const QString& name, Selection& selection, QWidget* parent)
    : QWidget(parent), name_(name), selection_(selection) {
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setToolTip(tr("Click or press Enter: why this is needed. Shift: why it is what it is."));
}

void MarksRule::show(std::optional<Marks> marks, const QString& remark) {
    marks_ = std::move(marks);
    remark_ = remark;
    QString spoken = name_ + ". ";
    spoken += marks_ ? tr("Needed %1, chosen %2.").arg(q(marks_->needed), q(marks_->chosen))
                     : tr("Not chosen.");
    setAccessibleName(spoken);
    update();
}

QSize MarksRule::sizeHint() const { return {420, fontMetrics().height() * 5}; }

double MarksRule::xOf(double value) const {
    double most = std::max(marks_->needed.si, marks_->chosen.si);
    if (marks_->limit) {
        most = std::max(most, marks_->limit->si);
    }
    const double left = 12.0;
    const double room = width() - left - fontMetrics().averageCharWidth() * 18.0;
    return left + (most > 0.0 ? room * value / most : 0.0);
}

// Marks differ in shape: needed is a wedge from above, chosen a block, the limit a gate.
void MarksRule::paintMark(QPainter& p, double value, const QString& label, int row, bool strong) {
    const Ink ink = currentInk();
    const double line = fontMetrics().height();
    const double base = line * 2.9;
    const double x = xOf(value);
    p.setPen(QPen(strong ? ink.accent : ink.text, strong ? 2.0 : 1.2));
    if (row == 0) {
        QPolygonF wedge;
        wedge << QPointF(x, base - 2) << QPointF(x - 5, base - 12) << QPointF(x + 5, base - 12);
        p.setBrush(ink.text);
        p.drawPolygon(wedge);
        p.drawText(QPointF(x + 9, base - 4), label);
    } else if (row == 1) {
        p.fillRect(QRectF(12, base, x - 12, 7), ink.accent);
        const double wide = fontMetrics().horizontalAdvance(label);
        p.fillRect(QRectF(x + 3, base - 4, wide + 6, line * 0.95), ink.ground);
        p.drawText(QPointF(x + 6, base + 9), label);
    } else {
        p.setPen(QPen(ink.faint, 1.4));
        p.drawLine(QPointF(x, base - 3), QPointF(x, base + 20));
        p.drawLine(QPointF(x - 4, base + 20), QPointF(x, base + 20));
        p.drawText(QPointF(x + 6, base + 25), label);
    }
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
    p.drawText(QPointF(12, line), name_);
    const double after = 12 + QFontMetrics(strong).horizontalAdvance(name_) + 14;
    p.setFont(font());
    p.setPen(ink.faint);
    p.drawText(
        QRectF(after, 2, width() - after, line + 2), Qt::AlignLeft | Qt::AlignVCenter, remark_);
    if (marks_) {
        p.setPen(QPen(ink.line, 1.0));
        p.drawLine(QPointF(12, line * 2.9 + 3), QPointF(width() - 12, line * 2.9 + 3));
        paintMark(p, marks_->needed.si, tr("needed %1").arg(q(marks_->needed)), 0, false);
        if (marks_->limit) {
            paintMark(p, marks_->limit->si, tr("at most %1").arg(q(*marks_->limit)), 2, false);
        }
        paintMark(p, marks_->chosen.si, tr("chosen %1").arg(q(marks_->chosen)), 1, true);
    }
    if (hasFocus()) {
        p.setPen(QPen(ink.accent, 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(1, 1, -2, -2));
    }
}

void MarksRule::mousePressEvent(QMouseEvent* event) {
    if (!marks_) {
        return;
    }
    const bool chosen = event->modifiers().testFlag(Qt::ShiftModifier);
    selection_.askWhy(chosen ? marks_->chosenFigure : marks_->neededFigure);
}

void MarksRule::keyPressEvent(QKeyEvent* event) {
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (!enter || !marks_) {
        QWidget::keyPressEvent(event);
        return;
    }
    const bool chosen = event->modifiers().testFlag(Qt::ShiftModifier);
    selection_.askWhy(chosen ? marks_->chosenFigure : marks_->neededFigure);
}

}  // namespace spirk::app
