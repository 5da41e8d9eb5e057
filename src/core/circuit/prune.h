// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Leaves out what carries nothing whatever the rest does: wires to where nothing is switched on. On
// a plan with a thousand circuits of which one is on, that is nearly all of it. Exact: a lead that
// ends at nothing has the volts of where it begins. Private to this room.

#include <vector>

#include "core/circuit/network.h"

namespace spirk {

struct Pruned {
    // A node that ended a lead, and the one at the lead's other end.
    struct Leaf {
        int node = 0;
        int neighbour = 0;
    };
    Network network;
    std::vector<int> node;      // number of each of the whole network's nodes here; -1: left out
    std::vector<int> resistor;  // the same for resistors
    std::vector<Leaf> leaves;   // in the order in which they were left out
};

// Sources, loads and chargers all stay, in their order.
[[nodiscard]] Pruned pruned(const Network& network);

// The solution of the whole network from that of its rest.
[[nodiscard]] Solution expanded(const Network& whole, const Pruned& rest, Solution solved);

}  // namespace spirk
