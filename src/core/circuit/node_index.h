// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Nodes are numbered by int, below nothing for none; what is kept of each is found by an index.
// Private to this room.

#include <cstddef>

namespace spirk {

// Requires a node, or another number that is not negative.
[[nodiscard]] constexpr std::size_t at(int node) { return static_cast<std::size_t>(node); }

}  // namespace spirk
