// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/build/list_models.h"

#include <algorithm>

#include "app/shared/text.h"

namespace spirk::app {

namespace {

QString tr(const char* text) { return QCoreApplication::translate("Build", text); }

QString joined(const std::vector<std::string>& parts) {
    QStringList out;
    for (const std::string& part : parts) {
        out << q(part);
    }
    return out.join(", ");
}

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
        {tr("Group"), tr("Part"), tr("Quantity"), tr("Weight"), tr("Price, about"), tr("Used by")},
        [](const Design& d) {
            ListModel::Rows rows;
            for (const Part& p : d.build.parts) {
                const Units& units = d.plan.units;
                rows.push_back(
                    {q(p.group),
                     q(p.name),
                     q(format(p.quantity, units)),
                     p.weightKg > 0.0 ? q(format(kilograms(p.weightKg), units)) : QString(),
                     p.price > 0.0 ? q(formatPrice(p.price, d.build.currency)) : QString(),
                     joined(p.usedBy)});
            }
            return rows;
        },
        {2, 3, 4},
        parent);
}

ListModel* cutsModel(Document& document, QObject* parent) {
    return new ListModel(
        document,
        {tr("Piece"),
         tr("Size"),
         tr("Colour"),
         tr("Length"),
         tr("One end"),
         tr("Lug"),
         tr("Other end"),
         tr("Lug")},
        [](const Design& d) {
            ListModel::Rows rows;
            for (const CutPiece& c : d.build.cuts) {
                rows.push_back({q(c.piece),
                                q(format(c.area)),
                                q(c.colour),
                                QStringLiteral("%1 mm").arg(inMillimetres(c.length), 0, 'f', 0),
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
        {tr("First line"), tr("Second line")},
        [](const Design& d) {
            ListModel::Rows rows;
            for (const LabelText& l : d.build.labels) {
                rows.push_back({q(l.first), q(l.second)});
            }
            return rows;
        },
        {},
        parent);
}

}  // namespace spirk::app
