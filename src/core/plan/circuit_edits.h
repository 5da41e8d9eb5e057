// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Loads in circuits that the person gives.

#include "core/plan/plan.h"

namespace spirk {

// The load in that circuit and in no other; in none where `circuit` is empty: the program groups
// it. A circuit that is left without loads goes.
[[nodiscard]] Plan inCircuit(Plan plan, const ApplianceId& load, const UnitId& circuit);
// The load in a new circuit of its own, on the first rail, with a way of a block.
[[nodiscard]] Plan inOwnCircuit(Plan plan, const ApplianceId& load);
// The given circuit that a load is in; null where there is none.
[[nodiscard]] const CircuitChoice* circuitWith(const Gear& gear, const ApplianceId& load);

}  // namespace spirk
