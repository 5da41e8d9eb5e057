// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Numbers as they are written to files, and to as many digits as mean something.

namespace spirk {

// Conversions from SI bring noise in the last bits (0.15 h * 3600 / 3600); twelve digits are far
// below any figure that matters and make a number read as it was typed.
[[nodiscard]] double tidy(double value);
// Rounded to so many significant digits. Requires digits > 0.
[[nodiscard]] double significant(double value, int digits);

}  // namespace spirk
