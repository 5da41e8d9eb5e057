// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// An inverter's losses: loss / P_rated = a + b p + c p^2 with p = P / P_rated; a is the idle draw.

#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

[[nodiscard]] Watts inverterLoss(const InverterModel& inverter, Watts output);
// Power drawn on the 12 V side while it gives `output`.
[[nodiscard]] Watts inverterInput(const InverterModel& inverter, Watts output);
// Output over input. Requires output > 0.
[[nodiscard]] double inverterEfficiency(const InverterModel& inverter, Watts output);
// Current on the 12 V side at the given voltage there. Requires terminals > 0.
[[nodiscard]] Amps inverterCurrent(const InverterModel& inverter, Watts output, Volts terminals);

}  // namespace spirk
