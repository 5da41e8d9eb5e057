// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Room for the label and the fuse of a conductor that stands in no rung. Private to this room.

#include "core/diagram/geometry.h"

namespace spirk {

// Where its label stands now, or, where that lies on something that is there already or on its own
// fuses, the place along its route that lies on least; the first of equals.
[[nodiscard]] Rect freeLabel(const DiagramGeometry& there, const PlacedWire& wire);

// The fuse moved on along its stretch, towards `next`, until neither it nor its rating lies on a
// device; where it is, if they do all the way.
[[nodiscard]] PlacedFuse clearFuse(const DiagramGeometry& there,
                                   const PlacedFuse& fuse,
                                   const Point& next);

}  // namespace spirk
