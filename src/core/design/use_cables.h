// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Cable that is there already goes where it serves.

#include "core/design/design.h"

namespace spirk {

// The plan with its own cables set as the size of runs that ask for no more, thickest first, as far
// as each length reaches; out and back together. A run is left as it is where its terminals, lugs
// or anything else would then have one finding more, where it would be far too thick (judgement:
// three times the area asked), and where a size is set already. Takes a design for each run that is
// tried.
[[nodiscard]] Plan withOwnedCables(Plan plan, const Library& library);

}  // namespace spirk
