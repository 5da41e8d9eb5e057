// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/margin_delegate.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/cables/cables_model.h"
#include "app/shared/theme.h"

namespace spirk::app {

QSize MarginDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex&) const {
    return {option.fontMetrics.averageCharWidth() * 14, option.fontMetrics.height() + 4};
}

void MarginDelegate::paint(QPainter* p,
                           const QStyleOptionViewItem& option,
                           const QModelIndex& index) const {
    const Ink ink = currentInk();
    const bool chosen = option.state.testFlag(QStyle::State_Selected);
    if (chosen) {
        p->fillRect(option.rect, option.palette.highlight());
    }
    const double part = index.data(CablesModel::MarginRole).toDouble();
    const bool over = part > 1.0 || !std::isfinite(part);
    const QRectF box = QRectF(option.rect).adjusted(6, 0, -6, 0);
    const double barWidth = box.width() * 0.5;
    const QRectF track(box.left(), box.center().y() - 3, barWidth, 6);
    const double used = std::clamp(std::isfinite(part) ? part : 1.25, 0.0, 1.25);
    const QColor colour = chosen ? option.palette.highlightedText().color()
                          : over ? ink.danger
                                 : ink.faint;
    p->save();
    p->setPen(QPen(chosen ? colour : ink.line, 1));
    p->setBrush(Qt::NoBrush);
    p->drawRect(track);
    p->fillRect(QRectF(track.left(), track.top(), track.width() * used, track.height()),
                QBrush(colour, over ? Qt::BDiagPattern : Qt::SolidPattern));
    p->setPen(colour);
    const QRectF label(track.left() + barWidth * 1.28, box.top(), box.width() * 0.5, box.height());
    p->drawText(label, Qt::AlignLeft | Qt::AlignVCenter, index.data().toString());
    p->restore();
}

}  // namespace spirk::app
