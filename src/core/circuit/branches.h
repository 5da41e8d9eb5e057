// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a single element carries at its volts, and how that grows with them. Private to this room.

#include "core/circuit/network.h"

namespace spirk {

// Current of an element as a function of its voltage, and the slope.
struct Branch {
    double current = 0.0;
    double slope = 0.0;  // dI/dV
};

// `scale`: of constant powers. Below `floor` volts such a load goes on as a resistance.
[[nodiscard]] Branch loadBranch(const NetLoad& load, double v, double scale, double floor);
// A charger that has `power` and `current` at most and holds its volts by a slope of `regulator`
// ohms.
[[nodiscard]] Branch chargerBranch(
    const Charger& charger, double v, double power, double current, double regulator);
// What panels give less than the line of their emf and resistance, below its end. Requires a knee.
[[nodiscard]] Branch missing(const VoltageSource& panels, double v);

// All that an input at `v` brings, how it grows with that, and the current that it then draws.
struct Brought {
    double power = 0.0;
    double perVolt = 0.0;
    Branch drawn;
};
// Nothing: as much as is asked of it.
[[nodiscard]] std::optional<Brought> brought(const PowerInput& in, double v);

}  // namespace spirk
