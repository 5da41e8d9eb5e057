// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Which nodes hang together through resistors and sources, and which of these parts have a source.

#include <vector>

#include "core/circuit/network.h"

namespace spirk {

struct Parts {
    std::vector<int> part;        // of each node
    std::vector<bool> hasSource;  // of each part
    std::vector<int> reference;   // first node of each part: its zero of voltage
    std::vector<Volts> highest;   // largest emf in each part
};

[[nodiscard]] Parts partsOf(const Network& network);

// Both poles in the same part, and that part has a source.
[[nodiscard]] bool connected(const Parts& parts, int pos, int neg);

}  // namespace spirk
