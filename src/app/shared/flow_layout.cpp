// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/flow_layout.h"

#include <QStyle>
#include <QWidget>

namespace spirk::app {

QLayoutItem* FlowLayout::itemAt(int index) const {
    const bool there = index >= 0 && index < count();
    return there ? items_[static_cast<std::size_t>(index)].get() : nullptr;
}

QLayoutItem* FlowLayout::takeAt(int index) {
    if (index < 0 || index >= count()) {
        return nullptr;
    }
    const auto at = items_.begin() + index;
    QLayoutItem* item = at->release();
    items_.erase(at);
    return item;
}

int FlowLayout::gap() const {
    // A style may leave it to the pair of widgets.
    const QStyle* style = parentWidget()->style();
    const int all = style->pixelMetric(QStyle::PM_LayoutHorizontalSpacing);
    return all >= 0 ? all
                    : style->layoutSpacing(
                          QSizePolicy::PushButton, QSizePolicy::PushButton, Qt::Horizontal);
}

QSize FlowLayout::minimumSize() const {
    QSize out;
    for (const auto& item : items_) {
        out = item->isEmpty() ? out : out.expandedTo(item->sizeHint());
    }
    const QMargins margins = contentsMargins();
    return out + QSize(margins.left() + margins.right(), margins.top() + margins.bottom());
}

FlowLayout::Placed FlowLayout::placed(const QRect& rect) const {
    Placed out;
    const QRect inner = rect.marginsRemoved(contentsMargins());
    int x = inner.x();
    int y = inner.y();
    int rowHeight = 0;
    for (const auto& item : items_) {
        if (item->isEmpty()) {
            continue;
        }
        const QSize size = item->sizeHint();
        if (x > inner.x() && x + size.width() > inner.x() + inner.width()) {
            x = inner.x();
            y += rowHeight + gap();
            rowHeight = 0;
        }
        out.items.emplace_back(item.get(), QRect(QPoint(x, y), size));
        x += size.width() + gap();
        rowHeight = std::max(rowHeight, size.height());
    }
    out.height = y + rowHeight - rect.y() + contentsMargins().bottom();
    return out;
}

int FlowLayout::heightForWidth(int width) const { return placed(QRect(0, 0, width, 0)).height; }

void FlowLayout::setGeometry(const QRect& rect) {
    QLayout::setGeometry(rect);
    for (const auto& [item, place] : placed(rect).items) {
        item->setGeometry(place);
    }
}

}  // namespace spirk::app
