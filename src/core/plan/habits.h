// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Edits of when an appliance runs.

#include "core/plan/plan.h"

namespace spirk {

// The appliance really on for `total` a day: spans are scaled, or, where it runs part of its span
// (a fridge), its duty. An appliance without uses gets one from seven in the evening.
// Requires 0 <= total <= 24 h.
[[nodiscard]] Appliance withOnTime(Appliance appliance, Seconds total);

// The first use begins at `start`; the others move with it round the clock.
[[nodiscard]] Appliance withStart(Appliance appliance, Seconds start);

}  // namespace spirk
