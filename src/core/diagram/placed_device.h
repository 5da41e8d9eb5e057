// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A device of the drawing with the room of its name. Private to this room.

#include "core/circuit/circuit.h"
#include "core/diagram/geometry.h"

namespace spirk {

[[nodiscard]] PlacedDevice placedDevice(const Device& device, const Rect& rect);

}  // namespace spirk
