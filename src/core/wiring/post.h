// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Where one unit joins another, without naming a terminal of it.

#include <variant>

#include "core/circuit/circuit.h"

namespace spirk {

// On which side of a rail's master switch something joins.
enum class SwitchSide { BehindSwitch, BeforeSwitch };

// A place of a unit that others join.
struct Post {
    UnitId unit;
    Pole pole = Pole::Positive;
    SwitchSide side = SwitchSide::BehindSwitch;
    bool operator==(const Post&) const = default;
};

// A terminal of one's own, or a post of another.
using Fixed = std::variant<TerminalId, Post>;
struct FixedPair {
    Fixed pos, neg;
};

}  // namespace spirk
