// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Room for the label, the fuse and the line of a conductor that stands in no rung. Private to this
// room.

#include "core/diagram/geometry.h"

namespace spirk {

// Where its label stands now, or, where that lies on something that is there already or on its own
// fuses, the place along its route that lies on least; the first of equals.
[[nodiscard]] Rect freeLabel(const DiagramGeometry& there, const PlacedWire& wire);

// The height at or a little above y at which a level line between two places lies on no text, fuse
// or device; y, where there is none.
[[nodiscard]] double clearLevel(const DiagramGeometry& there, double from, double to, double y);

// The fuse moved on along its stretch, towards `next`, until neither it nor its rating lies on a
// device; where it is, if they do all the way.
[[nodiscard]] PlacedFuse clearFuse(const DiagramGeometry& there,
                                   const PlacedFuse& fuse,
                                   const Point& next);

}  // namespace spirk
