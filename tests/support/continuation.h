// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The branch of high volts, followed from a network in which nothing draws or charges to what it is
// in full, in small steps: slow, and never on another branch.

#include <optional>
#include <vector>

#include "core/circuit/network.h"

namespace spirk::test {

// Volts of each node, against one of its part; nothing where the way ends before all is drawn.
[[nodiscard]] std::optional<std::vector<double>> followedFromNoLoad(const Network& network);

// The volts at which a network comes to rest that was disturbed a little, towards no load, from a
// solution; nothing where it does not. Where limits of panels and chargers end the branch from no
// load, a solution that holds is at least one that the network would keep.
[[nodiscard]] std::optional<std::vector<double>> comesBackTo(const Network& network,
                                                             const Solution& solved);

}  // namespace spirk::test
