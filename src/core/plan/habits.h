// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Edits of when an appliance runs.

#include "core/plan/plan.h"

namespace spirk {

// The appliance really on for `total` a day: spans are scaled, or, where it runs part of its span
// (a fridge), its duty. An appliance without uses gets one from seven in the evening.
// Requires 0 <= total <= 24 h.
[[nodiscard]] Appliance withOnTime(Appliance appliance, Seconds total);

// The first use begins at `start`; the others move with it round the clock.
[[nodiscard]] Appliance withStart(Appliance appliance, Seconds start);

// One use of several, by its place in `uses`. A use keeps clear of its neighbours: it moves and
// grows only as far as they leave room, round the clock. Law: moving keeps the appliance's time a
// day; so do splitting and joining.
[[nodiscard]] Appliance withUseMoved(Appliance appliance, std::size_t use, Seconds start);

enum class Edge { Start, End };
// One edge of the use is pulled to a time of the day, the nearer way round; the other stays. A use
// is five minutes at least.
[[nodiscard]] Appliance withUseStretched(Appliance appliance,
                                         std::size_t use,
                                         Edge edge,
                                         Seconds to);

// Two uses that meet at `at` in place of one. Unchanged where `at` leaves less than five minutes on
// either side.
[[nodiscard]] Appliance withUseSplit(Appliance appliance, std::size_t use, Seconds at);

// One use in place of this and the next after it on the clock; its duty keeps the time that both
// were on. Unchanged where there is no other.
[[nodiscard]] Appliance withUseJoined(Appliance appliance, std::size_t use);

}  // namespace spirk
