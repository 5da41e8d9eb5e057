// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Units put in and taken out, with all that hangs on them.

#include <optional>

#include "core/design/design.h"

namespace spirk {

// The plan without the unit, without what hangs on it (a bank's rails, a rail's sources, inverters
// and circuits), and without the amendments of their devices and conductors. Nothing where the plan
// has no such unit, or cannot be without it: the first bank and the first rail.
[[nodiscard]] std::optional<Plan> withoutUnit(const Design& design, const UnitId& unit);

// What can be put in.
enum class NewUnit {
    Sun,
    Engine,
    Relay,
    Shore,
    Combined,
    Alternator,
    Trickle,
    Panels,
    Inverter,
    Bank,
    Converter,
    SubRail,
    Monitor,
    Module
};
// Whether it would have something to hang on: more panels share a controller that is there.
[[nodiscard]] bool canAdd(const Gear& gear, NewUnit kind);
// Whether a unit could be joined by it: a charger that gives to an engine charger needs one.
[[nodiscard]] bool canJoin(const Gear& gear, const WayRow& way);
// Joins a unit by a way of its kind; options that the way does not have go, and it hangs on what
// the way needs. Requires canJoin, and that the unit is there.
void joinBy(Gear& gear, const UnitId& unit, const WayRow& way);
// The plan with one more of a kind, of the library's least model that fits its bank, by the usual
// way, on the first rail; a bank comes with a rail of its own.
// Requires canAdd.
[[nodiscard]] Plan withUnit(const Design& design, const Library& library, NewUnit kind);

}  // namespace spirk
