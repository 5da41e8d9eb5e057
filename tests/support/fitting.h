// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Systems whose gear goes together, as a person picks it from the shelf: the same volts throughout,
// an inverter that the batteries can feed, panels that the controller takes. What is wrong with a
// design of one is the program's own choice of cables, fuses and hardware.

#include "core/plan/plan.h"

namespace spirk::test {

// The same for the same seed and library, whatever the platform.
[[nodiscard]] Plan fittingSystem(unsigned seed, const Library& library);

}  // namespace spirk::test
