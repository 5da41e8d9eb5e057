// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/circuit_edits.h"

#include <algorithm>

#include "core/plan/units.h"

namespace spirk {

namespace {

// 'own', 'own2' ...
UnitId freshCircuit(const Gear& gear) {
    std::string id = "own";
    for (int n = 2;
         std::ranges::find(gear.circuits, UnitId(id), &CircuitChoice::id) != gear.circuits.end();
         ++n) {
        id = "own" + std::to_string(n);
    }
    return UnitId(id);
}

}  // namespace

Plan inCircuit(Plan plan, const ApplianceId& load, const UnitId& circuit) {
    for (CircuitChoice& each : plan.gear.circuits) {
        std::erase(each.loads, load);
        if (each.id == circuit) {
            each.loads.push_back(load);
        }
    }
    std::erase_if(plan.gear.circuits, [](const CircuitChoice& c) { return c.loads.empty(); });
    return plan;
}

Plan inOwnCircuit(Plan plan, const ApplianceId& load) {
    CircuitChoice circuit;
    circuit.id = freshCircuit(plan.gear);
    circuit.on = mainRailOf(plan.gear).id;
    const UnitId id = circuit.id;
    plan.gear.circuits.push_back(std::move(circuit));
    return inCircuit(std::move(plan), load, id);
}

const CircuitChoice* circuitWith(const Gear& gear, const ApplianceId& load) {
    const auto found = std::ranges::find_if(gear.circuits, [&](const CircuitChoice& c) {
        return std::ranges::find(c.loads, load) != c.loads.end();
    });
    return found == gear.circuits.end() ? nullptr : &*found;
}

}  // namespace spirk
