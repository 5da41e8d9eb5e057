// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A margin as a small bar: how much of what is allowed is used. Above the limit the bar is hatched
// and crosses its end mark.

#include <QStyledItemDelegate>

namespace spirk::app {

class MarginDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter,
               const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option,
                                 const QModelIndex& index) const override;
};

}  // namespace spirk::app
