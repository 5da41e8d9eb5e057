// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What gives and draws in a moment, as elements of a network whose nodes are the circuit's. Private
// to this room.

#include <span>
#include <vector>

#include "core/circuit/assemble.h"

namespace spirk {

struct MomentElements {
    std::vector<VoltageSource> sources;
    std::vector<NetLoad> loads;
    std::vector<Charger> chargers;
    std::vector<ElementBranch> branches;  // by device and element
    std::vector<ElementAt> rails;         // what makes a rail, if something feeds it
};
[[nodiscard]] MomentElements elementsOf(const CircuitState& state, const Moment& moment);

// What makes a rail makes it only while something feeds it, which the assembled rest tells.
[[nodiscard]] Assembly withRails(Assembly assembly,
                                 const CircuitState& state,
                                 std::span<const ElementAt> rails,
                                 Detail detail);

}  // namespace spirk
