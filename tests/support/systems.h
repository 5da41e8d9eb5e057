// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Systems by chance: every kind of unit, way, option and circuit that a plan can say.

#include "core/plan/plan.h"

namespace spirk::test {

// The same for the same seed and library, whatever the platform.
[[nodiscard]] Plan systemAtRandom(unsigned seed, const Library& library);

}  // namespace spirk::test
