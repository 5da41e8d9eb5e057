// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/design/use_cables.h"

#include <algorithm>

#include "core/plan/edit.h"

namespace spirk {

namespace {

constexpr double kMostTimes = 3.0;

// Conductors that are laid together, and what they ask for.
struct Run {
    std::vector<ConductorId> members;
    SquareMetres asked;
    Metres length;
};

bool isOfCable(const Conductor& c) {
    return isNew(c) && c.pole != Pole::None && c.ready.empty() && c.side == Side::House;
}

std::vector<Run> runsOf(const Design& d) {
    std::vector<Run> out;
    for (std::size_t i = 0; i < d.cables.rows.size(); ++i) {
        const Conductor& c = d.wiring.circuit.conductors[i];
        const CableRow& row = d.cables.rows[i];
        if (!isOfCable(c) || row.areaAmended) {
            continue;
        }
        const Metres length = d.lengths.routes[i].length;
        const auto pair = std::ranges::find_if(out, [&](const Run& run) {
            return c.pair && std::ranges::find(run.members, *c.pair) != run.members.end();
        });
        if (pair == out.end()) {
            out.push_back({{c.id}, row.area, length});
        } else {
            pair->members.push_back(c.id);
            pair->asked = std::max(pair->asked, row.area);
            pair->length += length;
        }
    }
    std::ranges::stable_sort(out, std::ranges::greater(), &Run::asked);
    return out;
}

Plan withRun(Plan plan, const Run& run, SquareMetres area) {
    for (const ConductorId& id : run.members) {
        plan = amended(std::move(plan), SetSize{id, area});
    }
    return plan;
}

}  // namespace

Plan withOwnedCables(Plan plan, const Library& library) {
    std::vector<OwnedCable> cables = plan.cables;
    std::ranges::stable_sort(cables, std::ranges::greater(), &OwnedCable::area);
    for (const OwnedCable& cable : cables) {
        const Design before = design(plan, library);
        const std::size_t findings = before.checks.findings.size();
        Metres left = cable.length;
        for (const Run& run : runsOf(before)) {
            const bool serves = run.asked <= cable.area && cable.area <= run.asked * kMostTimes &&
                                run.length <= left;
            if (!serves) {
                continue;
            }
            Plan trial = withRun(plan, run, cable.area);
            if (design(trial, library).checks.findings.size() <= findings) {
                plan = std::move(trial);
                left = left - run.length;
            }
        }
    }
    return plan;
}

}  // namespace spirk
