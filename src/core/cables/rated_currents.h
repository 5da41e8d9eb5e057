// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a conductor carries by the rating of what it joins, whatever flows on the day. Private to
// this room.

#include <optional>
#include <vector>

#include "core/circuit/circuit.h"

namespace spirk {

// What makes a rail, seen from its input.
struct RailMaker {
    UnitId rail;
    Transfer by;
};
struct RatedCurrent {
    Amps most;                       // zero: nothing that limits itself
    std::optional<RailMaker> taken;  // whose input this is; nothing: what is given
};

// What a transfer takes at its input to give its rating, at the volts that its leads are made for;
// zero where they are made for what hangs on it.
[[nodiscard]] Amps takenAtRating(const Transfer& transfer);

// Of each conductor, with the part of a run before an isolator as behind it, and back as out.
// Requires the circuit's index.
[[nodiscard]] std::vector<RatedCurrent> ratedCurrents(const Circuit& circuit);

}  // namespace spirk
