// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The day in quarter hours.

#include "core/needs/needs.h"

namespace spirk {

// Adds the mean watts of an appliance, standby included, to each quarter hour of the day. The sum
// over the day is its energy: nothing is lost at midnight or between quarters.
void addToProfile(const Appliance& appliance, DayProfile& profile);

// Part of quarter hour `slot` that the use covers, 0 to 1; uses that pass midnight go on in the
// morning.
[[nodiscard]] double coverage(const Use& use, std::size_t slot);

// Most mains watts running at once in any quarter hour as drawn; of those that run alone only the
// largest counts.
[[nodiscard]] Watts scheduledPeak(const Plan& plan);

}  // namespace spirk
