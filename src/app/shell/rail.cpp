// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/rail.h"

#include <QPainter>
#include <QStyledItemDelegate>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

namespace {

class RailDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option,
                                 const QModelIndex&) const override {
        return {option.fontMetrics.averageCharWidth() * 22, option.fontMetrics.height() * 3};
    }

    void paint(QPainter* p,
               const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const Ink ink = currentInk();
        const bool chosen = option.state.testFlag(QStyle::State_Selected);
        const int line = option.fontMetrics.height();
        p->save();
        if (chosen) {
            p->fillRect(option.rect, ink.surface);
            p->fillRect(QRect(option.rect.left(), option.rect.top(), 3, option.rect.height()),
                        ink.accent);
        }
        const QRect mark(option.rect.left() + line / 2 + 2,
                         option.rect.top() + line / 2,
                         line * 2 / 3,
                         line * 2 / 3);
        paintMark(
            *p, mark, static_cast<StationState>(index.data(RailModel::StateRole).toInt()), ink);
        const int x = mark.right() + line / 2;
        const QRect name(x, option.rect.top() + line / 3, option.rect.right() - x - 4, line);
        QFont strong = option.font;
        strong.setWeight(QFont::DemiBold);
        p->setFont(strong);
        p->setPen(chosen ? ink.accent : ink.text);
        p->drawText(name, Qt::AlignLeft | Qt::AlignVCenter, index.data(Qt::DisplayRole).toString());
        QFont small = option.font;
        small.setPointSizeF(option.font.pointSizeF() * 0.87);
        p->setFont(small);
        p->setPen(ink.faint);
        const QString summary = QFontMetrics(small).elidedText(
            index.data(RailModel::SummaryRole).toString(), Qt::ElideRight, name.width());
        p->drawText(name.translated(0, line + 1), Qt::AlignLeft | Qt::AlignVCenter, summary);
        if (option.state.testFlag(QStyle::State_HasFocus) && chosen) {
            p->setPen(QPen(ink.accent, 1, Qt::DotLine));
            p->drawRect(option.rect.adjusted(4, 1, -2, -2));
        }
        p->restore();
    }

private:
    // Empty ring: untouched; half: at work; full: settled.
    static void paintMark(QPainter& p, const QRect& box, StationState state, const Ink& ink) {
        p.save();
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(ink.faint, 1.3));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(box);
        p.setPen(Qt::NoPen);
        p.setBrush(ink.faint);
        if (state == StationState::AtWork) {
            p.drawPie(box, 90 * 16, 180 * 16);
        } else if (state == StationState::Settled) {
            p.drawEllipse(box.adjusted(2, 2, -2, -2));
        }
        p.restore();  // or its brush would fill what is drawn after it
    }
};

}  // namespace

int RailModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(stations_.size());
}

QVariant RailModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) {
        return {};
    }
    const Station& station = *stations_[static_cast<std::size_t>(index.row())];
    switch (role) {
        case Qt::DisplayRole:
            return station.title();
        case SummaryRole:
            return station.summary();
        case StateRole:
            return static_cast<int>(station.state());
        case Qt::AccessibleTextRole:
            return station.title() + ", " + station.summary();
        case Qt::ToolTipRole:
            return tip(tr("%1: %2 (Ctrl+%3)")
                           .arg(station.title(), station.summary())
                           .arg(index.row() + 1));
        default:
            return {};
    }
}

void RailModel::refresh() { emit dataChanged(index(0), index(rowCount() - 1)); }

Rail::Rail(QWidget* parent) : QListView(parent) {
    setObjectName("rail");
    setAccessibleName(tr("Stations"));
    setItemDelegate(new RailDelegate(this));
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    QPalette palette = this->palette();
    viewport()->setAutoFillBackground(false);
    setPalette(palette);
}

QSize Rail::sizeHint() const { return {fontMetrics().averageCharWidth() * 26, 200}; }

}  // namespace spirk::app
