// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/cables_model.h"

#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/cables/figures.h"
#include "core/plan/edit.h"
#include "core/reading/parse.h"

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
    : PlanTable(document,
                {tr("No."),
                 tr("Conductor"),
                 tr("Load"),
                 tr("Size"),
                 tr("Fuse"),
                 tr("Length"),
                 tr("Current"),
                 tr("Drop"),
                 tr("Fault"),
                 tr("Ampacity"),
                 tr("Voltage drop"),
                 tr("Studs")},
                parent) {}

int CablesModel::rows(const Design& design) const {
    return static_cast<int>(std::ranges::count_if(design.wiring.circuit.conductors, isOurs));
}

bool CablesModel::sameRows(const Design& before, const Design& now) const {
    return ourConductors(before) == ourConductors(now);
}

std::size_t CablesModel::indexOf(int row) const {
    return ourConductors(shown())[static_cast<std::size_t>(row)];
}

const ConductorId& CablesModel::idOf(int row) const {
    return shown().wiring.circuit.conductors[indexOf(row)].id;
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
            return fuseFigure(id, End::From);
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

QString CablesModel::cell(int row, int column) const {
    const std::size_t i = indexOf(row);
    const Design& d = shown();
    const Conductor& c = d.wiring.circuit.conductors[i];
    const CableRow& r = d.cables.rows[i];
    switch (static_cast<Column>(column)) {
        case Number:
            return QString::number(d.build.numbers.at(c.id));
        case Name:
            return q(c.name);
        case Load:
            return q(r.load);
        case Size:
            return q(r.area) + (r.areaAmended ? kAmendedMark : QString());
        case Fuse:
            if (!r.fuseFrom) {
                return {};
            }
            if (r.fuseFrom->leftOut) {
                return tr("left out");
            }
            return q(r.fuseFrom->rating) + (r.fuseFrom->amended ? kAmendedMark : QString());
        case Length:
            return q(d.lengths.routes[i].length, d.plan.units) +
                   (d.lengths.routes[i].amended ? kAmendedMark : QString());
        case Ampacity:
            return q(r.ampacity);
        case Drop:
            return q(r.drop);
        case CurrentMargin:
        case DropMargin:
        case ShortMargin: {
            const double part = margin(i, column);
            return std::isfinite(part) ? QStringLiteral("%1 %").arg(part * 100.0, 0, 'f', 0)
                                       : tr("no limit");
        }
        case Lugs:
            return q(Words{studName(library(), r.from.stud)}) + " · " +
                   q(Words{studName(library(), r.to.stud)});
        case ColumnCount:
            break;
    }
    return {};
}

double CablesModel::margin(std::size_t i, int column) const {
    const Margins& m = shown().cables.rows[i].margins;
    return column == CurrentMargin ? m.current : column == DropMargin ? m.drop : m.shortCircuit;
}

QString CablesModel::entry(int row, int column) const {
    return cell(row, column).remove(kAmendedMark);
}

QVariant CablesModel::look(int row, int column, int role) const {
    const bool marginColumn = column >= CurrentMargin && column <= ShortMargin;
    if (role == MarginRole) {
        return marginColumn ? QVariant(margin(indexOf(row), column)) : QVariant();
    }
    if (role == Qt::TextAlignmentRole) {
        const bool text = column == Name || column == Lugs || marginColumn;
        return QVariant((text ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
    }
    const Derivation* why =
        role == Qt::ToolTipRole ? shown().why.find(figureOf(index(row, column))) : nullptr;
    return why == nullptr
               ? QVariant()
               : QVariant(tip(q(why->title) + ": " + q(why->result) + "\n" + q(why->note)));
}

bool CablesModel::editable(int row, int column) const {
    const auto& fuse = shown().cables.rows[indexOf(row)].fuseFrom;
    return column == Size || column == Length || (column == Fuse && fuse && !fuse->leftOut);
}

Result<Plan> CablesModel::amendedPlan(const ConductorId& id,
                                      int column,
                                      const QString& text) const {
    const std::string typed = text.trimmed().toStdString();
    const Plan& plan = PlanTable::plan();
    if (column == Size) {
        if (typed.empty()) {
            return withoutKind(plan, SetSize{id, {}});
        }
        const auto area = parseArea(typed, sizesOf(library()));
        return area ? Result<Plan>(amended(plan, SetSize{id, *area}))
                    : tl::unexpected(area.error());
    }
    if (column == Fuse) {
        if (typed.empty()) {
            return withoutKind(plan, SetFuse{id, End::From, "", {}});
        }
        const auto rating = parseCurrent(typed);
        if (rating && rating->si() < 0.5) {
            return failure("A fuse is 0.5 A or more."_text,
                           "fuse",
                           "Leave the field empty for the computed one."_text);
        }
        return rating ? Result<Plan>(amended(plan, SetFuse{id, End::From, "", *rating}))
                      : tl::unexpected(rating.error());
    }
    if (typed.empty()) {
        return withoutKind(plan, SetLength{id, {}});
    }
    const auto length = parseLength(typed, plan.units);
    return length ? Result<Plan>(amended(plan, SetLength{id, *length}))
                  : tl::unexpected(length.error());
}

Result<PlanTable::Edit> CablesModel::edited(int row, int column, const QString& typed) const {
    const ConductorId id = idOf(row);
    auto next = amendedPlan(id, column, typed);
    if (!next) {
        return tl::unexpected(next.error());
    }
    const QString field = headerData(column, Qt::Horizontal, Qt::DisplayRole).toString().toLower();
    return Edit{
        tr("Set %1 of %2").arg(field, q(id.value)), std::move(*next), {q(id.value) + "/" + field}};
}

}  // namespace spirk::app
