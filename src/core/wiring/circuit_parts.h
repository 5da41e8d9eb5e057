// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// One circuit from its fuse to its loads and back: strip, tails, switches on the way, the body as
// its return. Private to this room.

#include "core/wiring/load_circuits.h"

namespace spirk {

// Where a circuit begins and ends.
struct NearEnd {
    Fixed pos, neg;
    std::string fuses;  // family of the block's ways; empty: a fuse of its own
};

void addCircuit(Draft& draft, const Hang& hang, const LoadCircuit& circuit, const NearEnd& near);

}  // namespace spirk
