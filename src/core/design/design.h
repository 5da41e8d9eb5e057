// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The one function that runs the stages in order. A Plan goes in, a Design comes out: computed,
// immutable, never saved. The same plan gives the same design, byte for byte.

#include <vector>

#include "core/cables/cables.h"
#include "core/gear/chosen.h"
#include "core/needs/needs.h"
#include "core/plan/plan.h"
#include "core/supply/supply.h"
#include "core/van/lengths.h"
#include "core/wiring/wiring.h"

namespace spirk {

struct Design {
    Plan plan;
    ChosenGear gear;  // borrows from the library, which outlives every design
    Needs needs;
    Supply supply;
    Wiring wiring;
    Lengths lengths;
    Cables cables;
    std::vector<MomentSolution> moments;  // one per wiring.moments, in order
    Derivations why;                      // of all stages
};

[[nodiscard]] Design design(const Plan& plan, const Library& library);

}  // namespace spirk
