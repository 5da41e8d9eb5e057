// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/plan_table.h"

#include "app/shared/text.h"

namespace spirk::app {

PlanTable::PlanTable(Document& document, QStringList headers, QObject* parent)
    : QAbstractTableModel(parent),
      document_(document),
      headers_(std::move(headers)),
      shown_(document.design()) {
    connect(&document, &Document::designChanged, this, &PlanTable::refresh);
}

int PlanTable::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows(*shown_);
}
int PlanTable::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(headers_.size());
}

bool PlanTable::sameRows(const Design& before, const Design& now) const {
    return rows(before) == rows(now);
}
QString PlanTable::entry(int row, int column) const { return cell(row, column); }
QVariant PlanTable::look(int, int, int) const { return {}; }

void PlanTable::refresh() {
    std::shared_ptr<const Design> now = document_.design();
    if (!sameRows(*shown_, *now)) {
        beginResetModel();
        shown_ = std::move(now);
        endResetModel();
        return;
    }
    shown_ = std::move(now);
    if (rowCount() > 0) {
        emit dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
    }
}

QVariant PlanTable::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) {
        return {};
    }
    switch (role) {
        case Qt::DisplayRole:
            return cell(index.row(), index.column());
        case Qt::EditRole:
            return entry(index.row(), index.column());
        default:
            return look(index.row(), index.column(), role);
    }
}

QVariant PlanTable::headerData(int section, Qt::Orientation orientation, int role) const {
    return orientation == Qt::Horizontal && role == Qt::DisplayRole ? headers_.value(section)
                                                                    : QVariant();
}

Qt::ItemFlags PlanTable::flags(const QModelIndex& index) const {
    if (!index.isValid()) {
        return Qt::NoItemFlags;
    }
    const Qt::ItemFlags plain = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    return editable(index.row(), index.column()) ? plain | Qt::ItemIsEditable : plain;
}

bool PlanTable::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || !index.isValid()) {
        return false;
    }
    const QString before = entry(index.row(), index.column());
    if (value.toString() == before) {
        return true;  // left as it was: rounding of the shown text is no edit
    }
    auto edit = edited(index.row(), index.column(), value.toString());
    if (!edit) {
        emit refused(q(then(edit.error().what, edit.error().remedy)) + " " +
                     tr("Kept: %1.").arg(before));
        return false;
    }
    document_.push(edit->text, std::move(edit->next), edit->key);
    return true;
}

}  // namespace spirk::app
