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

// A mains appliance that runs in a quarter hour: its place in the plan's list, and all its watts.
struct Running {
    std::size_t appliance = 0;
    Watts watts;
};

// The quarter hour, as the day is drawn, in which most mains watts run at once; the first of
// equals. Of those that run alone only the largest counts.
struct BusiestQuarter {
    std::size_t slot = 0;
    Watts peak;  // sum over `running`
    std::vector<Running> running;
};
[[nodiscard]] BusiestQuarter busiestQuarter(const Plan& plan);

}  // namespace spirk
