// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Ways of joining a unit, as they are told apart and chosen: how one is wired is wiring's.

#include <string>

#include "core/text/text.h"

namespace spirk {

// What a way joins to the rest of the system.
enum class WayKind { Bank, MainRail, ConverterRail, Bond, Sun, Engine, Inverter, Circuits };

// One way of joining a unit, as it is told apart: how it is wired is wiring's.
struct WayRow {
    std::string id;
    WayKind of = WayKind::Bank;
    Words name;
    Words speaksFor;  // and against, in a sentence or two
    std::string source;
    bool pastSwitch = false;  // keeps its unit on the bank while the main switch is off
};

}  // namespace spirk
