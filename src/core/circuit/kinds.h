// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What is so of every device of a kind, in one table. What a device does is in its elements.

#include <string_view>

#include "core/circuit/circuit.h"

namespace spirk {

enum class Bought { Yes, No };
// Where it stands on the diagram: a rail across it, a rung from rail to rail, small in the leg of a
// rung, before a controller, on the vehicle's side.
enum class Stands { Rail, Rung, Leg, BeforeController, Vehicle };
// Whether a rung opens to a ladder of its own there.
enum class Opens { No, ToLadder };
// What its rating is for: all that passes through it, what goes into it or out of it, nothing.
enum class Rated { ForAllThatPasses, ForItsIntake, ForItsOutput, No };
// Whether it has a stud for each conductor, or one for all of them.
enum class Studs { Shared, OneEach };

// What joins it at its left, besides the rails.
enum class Meets { Nothing, Vehicle, Panels, Both };

struct KindRow {
    DeviceKind kind;
    std::string_view name;  // stable: in reports
    Bought bought;
    Stands stands;
    int rank;  // among rungs: ways in, bank, ways out
    Opens opens;
    Rated rated;
    Studs studs;
    Meets meets = Meets::Nothing;
};

[[nodiscard]] const KindRow& kindRow(DeviceKind kind);
[[nodiscard]] inline bool meetsVehicle(DeviceKind kind) {
    const Meets meets = kindRow(kind).meets;
    return meets == Meets::Vehicle || meets == Meets::Both;
}
[[nodiscard]] inline bool meetsPanels(DeviceKind kind) {
    const Meets meets = kindRow(kind).meets;
    return meets == Meets::Panels || meets == Meets::Both;
}

}  // namespace spirk
