// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/cables_model.h"

#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/cables/figures.h"
#include "core/plan/edit.h"
#include "core/quantities/parse.h"

namespace spirk::app {

namespace {

std::vector<std::size_t> ourConductors(const Design& design) {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < design.wiring.circuit.conductors.size(); ++i) {
        if (isOurs(design.wiring.circuit.conductors[i])) {
            out.push_back(i);
        }
    }
    return out;
}

const QString kAmendedMark = QStringLiteral(" ✎");

}  // namespace

CablesModel::CablesModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent),
      document_(document),
      shown_(document.design()),
      rows_(ourConductors(*shown_)) {
    connect(&document, &Document::designChanged, this, &CablesModel::refresh);
}

int CablesModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}
int CablesModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

const ConductorId& CablesModel::idOf(int row) const {
    return shown_->wiring.circuit.conductors[rows_[static_cast<std::size_t>(row)]].id;
}

int CablesModel::rowOf(const ConductorId& id) const {
    for (int row = 0; row < rowCount(); ++row) {
        if (idOf(row) == id) {
            return row;
        }
    }
    return -1;
}

FigureId CablesModel::figureOf(const QModelIndex& index) const {
    const ConductorId& id = idOf(index.row());
    switch (static_cast<Column>(index.column())) {
        case Load:
            return cableFigure(id, "load");
        case Fuse:
            return cableFigure(id, "fuse");
        case Length:
            return lengthFigure(id);
        case Ampacity:
        case CurrentMargin:
            return cableFigure(id, "ampacity");
        case Drop:
        case DropMargin:
            return cableFigure(id, "drop");
        case ShortMargin:
            return cableFigure(id, "fault");
        case Number:
        case Name:
        case Size:
        case Lugs:
        case ColumnCount:
            break;
    }
    return cableFigure(id, "size");
}

void CablesModel::refresh() {
    const std::shared_ptr<const Design> now = document_.design();
    std::vector<std::size_t> rows = ourConductors(*now);
    if (rows != rows_) {
        beginResetModel();
        shown_ = now;
        rows_ = std::move(rows);
        endResetModel();
        return;
    }
    shown_ = now;
    emit dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
}

QString CablesModel::cell(std::size_t i, int column) const {
    const Design& d = *shown_;
    const Conductor& c = d.wiring.circuit.conductors[i];
    const CableRow& r = d.cables.rows[i];
    switch (static_cast<Column>(column)) {
        case Number:
            return QString::number(d.build.numbers.at(c.id));
        case Name:
            return q(c.name);
        case Load:
            return q(format(r.load));
        case Size:
            return q(format(r.area)) + (r.areaAmended ? kAmendedMark : QString());
        case Fuse:
            if (!r.fuseFrom) {
                return {};
            }
            if (r.fuseFrom->leftOut) {
                return tr("left out");
            }
            return q(format(r.fuseFrom->rating)) + (r.fuseFrom->amended ? kAmendedMark : QString());
        case Length:
            return q(format(d.lengths.routes[i].length)) +
                   (d.lengths.routes[i].amended ? kAmendedMark : QString());
        case Ampacity:
            return q(format(r.ampacity));
        case Drop:
            return q(format(r.drop));
        case CurrentMargin:
        case DropMargin:
        case ShortMargin: {
            const double part = margin(i, column);
            return std::isfinite(part) ? QStringLiteral("%1 %").arg(part * 100.0, 0, 'f', 0)
                                       : tr("unbounded");
        }
        case Lugs:
            return q(r.from.stud) + " · " + q(r.to.stud);
        case ColumnCount:
            break;
    }
    return {};
}

double CablesModel::margin(std::size_t i, int column) const {
    const Margins& m = shown_->cables.rows[i].margins;
    return column == CurrentMargin ? m.current : column == DropMargin ? m.drop : m.shortCircuit;
}

QVariant CablesModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) {
        return {};
    }
    const std::size_t i = rows_[static_cast<std::size_t>(index.row())];
    const bool marginColumn = index.column() >= CurrentMargin && index.column() <= ShortMargin;
    switch (role) {
        case Qt::DisplayRole:
            return cell(i, index.column());
        case Qt::EditRole:
            return cell(i, index.column()).remove(kAmendedMark);
        case MarginRole:
            return marginColumn ? QVariant(margin(i, index.column())) : QVariant();
        case Qt::TextAlignmentRole: {
            const bool text = index.column() == Name || index.column() == Lugs || marginColumn;
            return QVariant((text ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
        }
        case Qt::ToolTipRole: {
            const Derivation* why = shown_->why.find(figureOf(index));
            return why == nullptr
                       ? QVariant()
                       : QVariant(q(why->title) + ": " + q(why->result) + "\n" + q(why->note));
        }
        default:
            return {};
    }
}

QVariant CablesModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) {
        return {};
    }
    switch (static_cast<Column>(section)) {
        case Number:
            return tr("No.");
        case Name:
            return tr("Conductor");
        case Load:
            return tr("Load");
        case Size:
            return tr("Size");
        case Fuse:
            return tr("Fuse");
        case Length:
            return tr("Length");
        case Ampacity:
            return tr("May carry");
        case Drop:
            return tr("Volts lost");
        case CurrentMargin:
            return tr("Current");
        case DropMargin:
            return tr("Drop");
        case ShortMargin:
            return tr("Short");
        case Lugs:
            return tr("Studs");
        case ColumnCount:
            break;
    }
    return {};
}

Qt::ItemFlags CablesModel::flags(const QModelIndex& index) const {
    if (!index.isValid()) {
        return Qt::NoItemFlags;
    }
    const Qt::ItemFlags base = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    const CableRow& r = shown_->cables.rows[rows_[static_cast<std::size_t>(index.row())]];
    const bool fuse = index.column() == Fuse && r.fuseFrom && !r.fuseFrom->leftOut;
    return fuse || index.column() == Size || index.column() == Length ? base | Qt::ItemIsEditable
                                                                      : base;
}

Result<Plan> CablesModel::edited(const ConductorId& id, int column, const QString& text) const {
    const std::string typed = text.trimmed().toStdString();
    const Plan& plan = document_.plan();
    const auto back = [&](const Mend& mend) { return spirk::apply(plan, mend); };
    if (column == Size) {
        if (typed.empty()) {
            return back({{}, {{"conductor.size.computed", id.value, 0.0}}});
        }
        const auto area = parseArea(typed);
        return area ? Result<Plan>(amended(plan, SetSize{id, *area}))
                    : tl::unexpected(area.error());
    }
    if (column == Fuse) {
        if (typed.empty()) {
            return back({{}, {{"conductor.fuse.computed", id.value, 0.0}}});
        }
        const auto rating = parseCurrent(typed);
        if (rating && rating->si() < 0.5) {
            return failure(
                "A fuse is 0.5 A or more.", "fuse", "Leave the field empty for the computed one.");
        }
        return rating ? Result<Plan>(amended(plan, SetFuse{id, End::From, "", *rating}))
                      : tl::unexpected(rating.error());
    }
    if (typed.empty()) {
        Plan next = plan;
        std::erase_if(next.amendments, [&](const Amendment& a) {
            return std::holds_alternative<SetLength>(a) && conductorOf(a) == id;
        });
        return next;
    }
    const auto length = parseLength(typed);
    return length ? Result<Plan>(amended(plan, SetLength{id, *length}))
                  : tl::unexpected(length.error());
}

bool CablesModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || !index.isValid()) {
        return false;
    }
    const QString before = data(index, Qt::EditRole).toString();
    if (value.toString() == before) {
        return true;
    }
    const ConductorId id = idOf(index.row());
    auto next = edited(id, index.column(), value.toString());
    if (!next) {
        emit refused(q(next.error().what) + " " + q(next.error().remedy) + " " +
                     tr("Kept: %1.").arg(before));
        return false;
    }
    const QString field =
        headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString().toLower();
    document_.push(
        tr("Set %1 of %2").arg(field, q(id.value)), std::move(*next), {q(id.value) + "/" + field});
    return true;
}

}  // namespace spirk::app
