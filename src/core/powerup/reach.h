// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What is live before anything is switched on: a bolted fuse is fitted where nothing is. Private to
// this room.

#include <optional>
#include <vector>

#include "core/cables/cables.h"
#include "core/wiring/wiring.h"

namespace spirk {

// What is live where a fuse's source is.
enum class LiveFrom {
    BatteryItself,  // before the main switch
    Vehicle,        // the starter battery
    Switched,       // behind the main switch, or nothing that is live by itself
};

class Reach {
public:
    Reach(const Circuit& circuit, const Cables& cables, const Library& library);

    // Nothing where the conductor's fuse is put in by hand, as in a block, or has none.
    [[nodiscard]] std::optional<LiveFrom> boltedAt(const ConductorId& fuse) const;

private:
    [[nodiscard]] std::vector<bool> reached(bool starter) const;

    const Circuit& circuit_;
    const Cables& cables_;
    const Library& library_;
    std::vector<bool> battery_, vehicle_;  // of each node
};

}  // namespace spirk
