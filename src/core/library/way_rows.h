// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Ways of joining a unit, as they are told apart and chosen: how one is wired is wiring's.

#include <string>
#include <vector>

#include "core/text/text.h"

namespace spirk {

// What a way joins to the rest of the system.
enum class WayKind {  // stored by name
    Bank,
    MainRail,
    ConverterRail,
    SubRail,
    Bond,
    Sun,
    Engine,
    Relay,
    Shore,
    Combined,
    Alternator,
    Trickle,
    Panels,
    Monitor,
    Inverter,
    Circuits,
};

// What a way leaves to choose, the usual first.
struct WayChoice {
    std::string id;
    Words name;
    Words speaksFor;
};
struct WayOption {
    std::string id;
    Words name;
    std::vector<WayChoice> choices;
};

// One way of joining a unit, as it is told apart: how it is wired is wiring's.
struct WayRow {
    std::string id;
    WayKind of = WayKind::Bank;
    Words name;
    Words speaksFor;  // and against, in a sentence or two
    std::string source;
    std::vector<WayOption> options;
    bool pastSwitch = false;  // keeps its unit on the bank while the main switch is off
    bool atInput = false;     // of a charger: gives at the input of another
};

}  // namespace spirk
