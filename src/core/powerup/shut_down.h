// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Switching all off again, for work on it and for storage. Private to this room.

#include "core/powerup/powerup.h"

namespace spirk {

// In the order in which nothing arcs and no controller loses its battery in sunshine: panels first.
[[nodiscard]] std::vector<SwitchStep> shutDown(const PowerUpInput& in);

}  // namespace spirk
