// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The sun's part, month by month from monthly means on a level roof.

#include "core/supply/supply.h"

namespace spirk {

// True for months from `first` to `last`, passing the turn of the year where last < first.
[[nodiscard]] bool inSeason(int month, int first, int last);

// Part of a mean day's energy from one array that its controller cannot pass on.
[[nodiscard]] double clippedPart(int month, const System& gear, const SunUnit& sun, double factor);

// Fills the months, the leanest of the trip, and the sun's marks where there are panels.
void addSun(const Plan& plan, const Library& library, const System& gear, Supply& supply);

}  // namespace spirk
