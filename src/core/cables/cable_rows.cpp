// SPDX-License-Identifier: GPL-3.0-or-later
// What the settled loop has come to, conductor by conductor.

#include <algorithm>
#include <limits>

#include "core/cables/conductor_physics.h"
#include "core/cables/fittings.h"
#include "core/cables/sizing.h"

namespace spirk {

double mostUsed(const Margins& m) { return std::max({m.current, m.drop, m.shortCircuit}); }

namespace {

Margins marginsOf(const CableRow& row) {
    Margins out;
    out.current = row.ampacity.si() > 0.0 ? row.needed / row.ampacity : 0.0;
    const bool must = row.protection.has_value() && row.faultNear.si() > 0.0;
    if (row.letThrough) {
        out.shortCircuit = *row.letThrough / row.withstand;
    } else if (must && row.faultNear > row.ampacity) {
        // The fuse need not open on this short, and the cable cannot carry it for good.
        out.shortCircuit = std::numeric_limits<double>::infinity();
    }
    return out;
}

CableRow rowOf(const SizingTask& task, const SizingState& state, std::size_t i) {
    const Conductor& c = task.circuit().conductors[i];
    const Working& w = state.conductors[i];
    CableRow row;
    row.id = c.id;
    row.load = w.load;
    row.loadMoment = w.loadMoment;
    row.area = task.library.conductors[w.size].area;
    row.computedArea = task.library.conductors[w.computed].area;
    row.areaAmended = w.fixed;
    row.decides = w.decides;
    row.habit = w.habit;
    row.fuseFrom = w.fuseFrom;
    row.fuseTo = w.fuseTo;
    row.faultNear = w.faultNear;
    row.faultFar = w.faultFar;
    row.temperature = w.temperature;
    const ConductorOhms warm = ohmsOf(task, state, i, Warmth::Warm);
    row.warm = warm.laid();
    row.cold = ohmsOf(task, state, i, Warmth::Cold).laid();
    row.drop = w.load * warm.whole();
    if (!isOurs(c)) {
        return row;
    }
    const AmpacityColumn& column = columnOf(task.library, c.insulation);
    row.ampacity = ampacityOf(task, i, row.area).value_or(Amps());
    row.inMoment = w.inMoment;
    row.withstand = withstandA2s(column, row.area);
    if (const Protector p = protectorOf(task, state, i, FuseView::Fitted); p.fuse != nullptr) {
        row.protectedBy = p.owner;
        row.protection = p.fuse->rating;
    }
    if (const auto through = letThroughOf(task, state, i, FuseView::Fitted)) {
        row.letThrough = through->a2s;
        row.letThroughBy = through->fuse;
    }
    const NeededAmpacity needed = neededAmpacity(task, state, i, FuseView::Fitted);
    row.needed = needed.amps;
    row.neededBy = needed.fuse;
    const auto& [from, to] = task.circuit().index->ends[i];
    row.from = fittingAt(task, from, row.area);
    row.to = fittingAt(task, to, row.area);
    row.margins = marginsOf(row);
    if (const ReadyLead* lead = findById(task.library.readyLeads, c.ready)) {
        row.area = lead->area;  // as it is sold: it carries no current to speak of
        row.computedArea = lead->area;
    }
    return row;
}

// A conductor's margin of drop is that of the worst path through it.
void spreadDropMargins(const SizingTask& task,
                       const std::vector<PathDrop>& drops,
                       std::vector<CableRow>& rows) {
    for (std::size_t p = 0; p < drops.size(); ++p) {
        for (const std::size_t i : task.index.paths[p]) {
            rows[i].margins.drop =
                std::max(rows[i].margins.drop, drops[p].fraction / drops[p].limit);
        }
    }
}

}  // namespace

std::vector<CableRow> cableRows(const SizingTask& task,
                                const SizingState& state,
                                const std::vector<PathDrop>& drops) {
    std::vector<CableRow> rows;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        rows.push_back(rowOf(task, state, i));
    }
    spreadDropMargins(task, drops, rows);
    return rows;
}

}  // namespace spirk
