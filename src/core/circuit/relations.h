// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What belongs to what in a circuit as it is wired, amendments and all: found by walking it, said
// by nobody.

#include "core/circuit/circuit.h"

namespace spirk {

// The circuit with each port's counter-terminal, the fuse that covers each conductor without one of
// its own, and the conductors of each drop path. A path whose two ends nothing joins keeps those
// that it had; without any it is left out. Requires an indexed circuit.
[[nodiscard]] Circuit related(Circuit circuit);

}  // namespace spirk
