// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Room for the label of a conductor that stands in no rung. Private to this room.

#include <vector>

#include "core/diagram/geometry.h"

namespace spirk {

// `usual`, or, where that lies on something that is there already, the place along the route that
// lies on least; the first of equals.
[[nodiscard]] Rect freeLabel(const DiagramGeometry& there,
                             const std::vector<Point>& route,
                             const Rect& usual);

}  // namespace spirk
