// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Both leads of a unit at the bars of a rail: its fuse at the bar, where the bank can feed a fault,
// out and back bought together, and the drop between. Private to this room.

#include "core/wiring/ways.h"

namespace spirk {

struct OnBars {
    UnitId unit, rail;
    Text name;                   // 'shore charger': of its leads
    const char *pos, *neg;       // ports of the unit's device
    Text path;                   // the drop's name
    const char *rule, *moment;   // of the drop
    std::string missing = "W3";  // the rule that a missing fuse breaks
};

// Requires that the unit's device is there, and is called after it. Its leads are the unit's
// 'feed+' and 'feed-'.
void joinBars(Draft& draft, const OnBars& unit);

}  // namespace spirk
