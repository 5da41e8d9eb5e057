// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How an appliance's enumerators are written in files, in the order of the enumerators. A test pins
// them: they are part of the file format.

#include <array>
#include <string_view>

namespace spirk {

inline constexpr std::array<std::string_view, 8> kCategoryNames{
    "kitchen", "climate", "water", "lighting", "electronics", "work", "mains", "heating"};
inline constexpr std::array<std::string_view, 2> kFeedNames{"dc", "mains"};
inline constexpr std::array<std::string_view, 3> kBehaviourNames{"power", "current", "resistance"};
inline constexpr std::array<std::string_view, 3> kSuppliedNames{"12", "24", "12_24"};
inline constexpr std::array<std::string_view, 2> kRunsNames{"with_others", "alone"};

}  // namespace spirk
