// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Labels on devices: in which order to open, and what stays live.

#include <vector>

#include "core/build/build.h"

namespace spirk {

// On the panels' isolator, on what parts a solar controller from its battery, and on each main
// switch that something is fed from before; in the circuit's order.
[[nodiscard]] std::vector<WarningLabel> warningLabels(const Circuit& circuit);

}  // namespace spirk
