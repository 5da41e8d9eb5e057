// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a flat copper bar that somebody made carries for good.

#include "core/quantities/units.h"

namespace spirk {

// Bare, edge up, in free air at 40 degC and 30 K warmer than that, less a quarter for the box that
// covers it: I = 7.73 A^0.5 p^0.39 (dT/50)^0.61 with A in mm2 and the perimeter p in mm (copper
// bars, direct current; from memory; a 20 by 3 mm bar gives 195 A before the box). Requires width
// and thickness above zero. Law: a wider or a thicker bar never carries less.
[[nodiscard]] Amps copperBarAmpacity(Metres width, Metres thickness);

}  // namespace spirk
