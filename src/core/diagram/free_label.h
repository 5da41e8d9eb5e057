// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Room for the label of a conductor that stands in no rung. Private to this room.

#include "core/diagram/geometry.h"

namespace spirk {

// Where its label stands now, or, where that lies on something that is there already or on its own
// fuses, the place along its route that lies on least; the first of equals.
[[nodiscard]] Rect freeLabel(const DiagramGeometry& there, const PlacedWire& wire);

}  // namespace spirk
