// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Tests with everything off, and the settings of each device. Private to this room.

#include "core/powerup/powerup.h"

namespace spirk {

[[nodiscard]] std::vector<SwitchStep> deadTests(const PowerUpInput& input);
// Why their limits are what they are.
[[nodiscard]] Derivations deadTestFigures();
[[nodiscard]] std::vector<DeviceSetting> deviceSettings(const PowerUpInput& input);

}  // namespace spirk
