// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What of the loads behind one feed is on together, by the timetable. Private to this room.

#include <vector>

#include "core/wiring/load_circuits.h"

namespace spirk {

// Of all that the circuits behind a feed can draw together, the current that is off in the quarter
// hour in which the others of `own` draw most, `own` being on whole: by largest powers at `lowest`
// volts. Zero where everything can be on at once. Requires that `own` is one of them.
[[nodiscard]] Amps offBesides(const LoadCircuit& own,
                              const std::vector<const LoadCircuit*>& behindFeed,
                              Volts lowest);

}  // namespace spirk
