// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Numbers as they are written to files.

namespace spirk {

// Conversions from SI bring noise in the last bits (0.15 h * 3600 / 3600); twelve digits are far
// below any figure that matters and make a number read as it was typed.
[[nodiscard]] double tidy(double value);

}  // namespace spirk
