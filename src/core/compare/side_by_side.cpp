// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/compare/side_by_side.h"

#include <algorithm>

namespace spirk {

namespace {

Plan inRegion(Plan plan, const Region& region) {
    plan.region = region.id;
    std::erase_if(plan.amendments,
                  [](const Amendment& a) { return std::holds_alternative<SetSize>(a); });
    return plan;
}

RegionAnswer answerOf(const CableRow& row, const Library& library) {
    const bool fused = row.fuseFrom && !row.fuseFrom->leftOut;
    return {{"{size}"_text, {{"size", measure(row.area)}}},
            fused ? fuseText(library, *row.fuseFrom) : Text(),
            row.ampacity,
            mostUsed(row.margins)};
}

}  // namespace

SideBySide sideBySide(const Plan& plan, const Libraries& libraries) {
    SideBySide out;
    for (const Library& library : libraries.regions) {
        const Design d = design(inRegion(plan, library.region), library);
        out.regions.push_back(library.region.name);
        out.findings.push_back(countBySeverity(d.checks.findings));
        for (const CableRow& row : d.cables.rows) {
            const Conductor& c = *findConductor(d.wiring.circuit, row.id);
            if (!isOurs(c)) {
                continue;
            }
            auto found = std::ranges::find(out.conductors, row.id, &ConductorAnswers::id);
            if (found == out.conductors.end()) {
                out.conductors.push_back({row.id, c.name, {}});
                found = out.conductors.end() - 1;
            }
            found->regions.push_back(answerOf(row, library));
        }
    }
    return out;
}

}  // namespace spirk
