// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// In which order the nodes of a network are best eliminated, so that its factors stay sparse. Found
// once for a circuit and used for all its moments.

#include <utility>
#include <vector>

#include "core/circuit/network.h"

namespace spirk {

// Approximate minimum degree over the graph of `nodes` nodes and `edges`. Every node once.
[[nodiscard]] std::vector<int> eliminationOrder(int nodes,
                                                const std::vector<std::pair<int, int>>& edges);

// The same over all elements of a network.
[[nodiscard]] std::vector<int> eliminationOrder(const Network& network);

}  // namespace spirk
