// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How units are written in files, in the order of the enumerators. A test pins them: they are part
// of the file format.

#include <array>
#include <string_view>

namespace spirk {

inline constexpr std::array<std::string_view, 2> kLengthUnitNames{"metre", "foot"};
inline constexpr std::array<std::string_view, 2> kTemperatureUnitNames{"celsius", "fahrenheit"};

}  // namespace spirk
