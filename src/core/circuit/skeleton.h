// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Finds what of a circuit hangs on the rest by one edge only, once for all its moments: in a plan
// of a thousand circuits of which one is on, that is nearly all of it.

#include "core/circuit/circuit.h"

namespace spirk {

// Of a circuit whose devices and conductors are numbered.
[[nodiscard]] Skeleton skeletonOf(const Circuit& circuit, const CircuitIndex& index);

}  // namespace spirk
