// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What flows through devices in the sizing moments, by what their ratings are for.

#include <optional>
#include <span>
#include <vector>

#include "core/circuit/circuit.h"

namespace spirk {

// Of each conductor, its current in each sizing moment; of the vehicle's own none.
using MomentCurrents = std::vector<std::span<const Amps>>;

struct Through {
    Amps current;
    std::size_t moment = 0;  // of the sizing moments
};
// The most that its rating must stand; nothing for what is not rated. Of what has two poles, that
// of one; what is on the panels' side stands what its conductors must. Requires an indexed
// circuit.
[[nodiscard]] std::optional<Through> mostThrough(const Circuit& circuit,
                                                 std::size_t device,
                                                 const MomentCurrents& currents);

}  // namespace spirk
