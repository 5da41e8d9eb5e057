// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Walks over a circuit as it is wired, whatever its devices are called: along conductors, through
// contacts and bars, never through a source, a charger or a draw.

#include <vector>

#include "core/circuit/circuit.h"

namespace spirk {

// A way from one node to the next: along a conductor, or inside a device.
struct Join {
    int to = 0;
    std::optional<std::size_t> conductor;  // by its place in the circuit
};
// Of each node of an indexed circuit.
using Joins = std::vector<std::vector<Join>>;
[[nodiscard]] Joins joinsOf(const Circuit& circuit);

// All nodes that metal joins with `node`, itself first, the nearer before the farther.
[[nodiscard]] std::vector<int> reachedFrom(const Joins& joins, int node);

// Ports of a device that are joined inside it with `port`, in the device's order.
[[nodiscard]] std::vector<std::size_t> joinedInside(const Device& device, std::size_t port);

// The pair of ports at which an element gives, draws or is filled; nothing for metal and contacts.
// A transfer has two.
[[nodiscard]] std::vector<PortPair> workingPorts(const Element& element);

}  // namespace spirk
