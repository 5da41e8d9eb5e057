// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/build/list_models.h"

#include <QCoreApplication>
#include <algorithm>

#include "app/shared/text.h"

namespace spirk::app {

namespace {

struct Lists {
    Q_DECLARE_TR_FUNCTIONS(spirk::app::Lists)
};

}  // namespace

ListModel::ListModel(
    Document& document, QStringList columns, Fill fill, std::vector<int> right, QObject* parent)
    : QAbstractTableModel(parent),
      document_(document),
      columns_(std::move(columns)),
      fill_(std::move(fill)),
      right_(std::move(right)),
      rows_(fill_(*document.design())) {
    connect(&document, &Document::designChanged, this, [this] {
        Rows now = fill_(*document_.design());
        if (now == rows_) {
            return;
        }
        beginResetModel();
        rows_ = std::move(now);
        endResetModel();
    });
}

int ListModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}
int ListModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(columns_.size());
}
QVariant ListModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) {
        return {};
    }
    if (role == Qt::DisplayRole || role == Qt::ToolTipRole) {
        const QString text = rows_[static_cast<std::size_t>(index.row())].value(index.column());
        return role == Qt::DisplayRole ? text : tip(text);
    }
    if (role == Qt::TextAlignmentRole) {
        const bool right = std::ranges::find(right_, index.column()) != right_.end();
        return QVariant((right ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    }
    return {};
}
QVariant ListModel::headerData(int section, Qt::Orientation orientation, int role) const {
    return orientation == Qt::Horizontal && role == Qt::DisplayRole
               ? QVariant(columns_.value(section))
               : QVariant();
}

ListModel* partsModel(Document& document, QObject* parent) {
    return new ListModel(
        document,
        {Lists::tr("Group"),
         Lists::tr("Part"),
         Lists::tr("Quantity"),
         Lists::tr("Weight"),
         Lists::tr("Price, about"),
         Lists::tr("Used by")},
        [](const Design& d) {
            ListModel::Rows rows;
            for (const Part& p : d.build.parts) {
                const Units& units = d.plan.units;
                rows.push_back(
                    {q(titleOf(p.group)),
                     q(p.name),
                     q(p.quantity, units),
                     p.weightKg > 0.0 ? q(kilograms(p.weightKg), units) : QString(),
                     p.price > 0.0 ? q(formatPrice(p.price, d.build.currency)) : QString(),
                     q(p.usedBy)});
            }
            return rows;
        },
        {2, 3, 4},
        parent);
}

ListModel* cutsModel(Document& document, QObject* parent) {
    return new ListModel(
        document,
        {Lists::tr("Piece"),
         Lists::tr("Size"),
         Lists::tr("Colour"),
         Lists::tr("Length"),
         Lists::tr("One end"),
         Lists::tr("Lug"),
         Lists::tr("Other end"),
         Lists::tr("Lug")},
        [](const Design& d) {
            ListModel::Rows rows;
            for (const CutPiece& c : d.build.cuts) {
                rows.push_back({q(c.piece),
                                q(c.area),
                                q(c.colour),
                                q(formatCut(c.length, d.plan.units)),
                                q(c.from),
                                q(c.fromLug),
                                q(c.to),
                                q(c.toLug)});
            }
            return rows;
        },
        {1, 3},
        parent);
}

ListModel* labelsModel(Document& document, QObject* parent) {
    return new ListModel(
        document,
        {Lists::tr("First line"), Lists::tr("Second line")},
        [](const Design& d) {
            ListModel::Rows rows;
            for (const LabelText& l : d.build.labels) {
                rows.push_back({q(l.first), q(l.second)});
            }
            for (const WarningLabel& l : d.build.warnings) {
                const QString on = q(findDevice(d.wiring.circuit, l.device)->name);
                rows.push_back({Lists::tr("%1: %2").arg(on, q(l.first)), q(l.second)});
            }
            return rows;
        },
        {},
        parent);
}

}  // namespace spirk::app
