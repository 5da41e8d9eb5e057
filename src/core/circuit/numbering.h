// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Which node each terminal of a circuit is. Made once per circuit: many moments are solved on it.

#include <map>
#include <vector>

#include "core/circuit/circuit.h"

namespace spirk {

struct Numbering {
    struct Ends {
        int from = 0, to = 0;
    };
    std::map<TerminalId, int> node;
    int count = 0;
    std::vector<int> order;                 // of elimination: every node once
    std::vector<Ends> conductors;           // in the circuit's order
    std::vector<std::vector<int>> devices;  // nodes of each device's ports, in their order
};

[[nodiscard]] Numbering numberTerminals(const Circuit& circuit);

}  // namespace spirk
