// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What every way of joining a solar controller has: the array, a two-pole isolator in its leads
// (opened first), the controller, and a single-pole isolator with a fuse on its way to the bank.

#include "core/wiring/ways.h"

namespace spirk {

// Where a controller joins.
struct SunJoint {
    Post pos, neg;
    // Its positive lead, in words: 'positive bar to the controller's isolator', and where it has
    // none.
    Text feed, withoutIsolator;
    Text caution;  // more of it at the switch-on; may be empty
};

[[nodiscard]] Piece solarParts(Draft draft, const SunUnit& sun, const SunJoint& joint);

}  // namespace spirk
