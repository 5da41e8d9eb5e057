// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How a plan's enumerators are written in files, in the order of the enumerators. A test pins them:
// they are part of the file format.

#include <array>
#include <string_view>

namespace spirk {

inline constexpr std::array<std::string_view, 2> kEndNames{"from", "to"};
inline constexpr std::array<std::string_view, 2> kBundlingNames{"loose", "tied"};
inline constexpr std::array<std::string_view, 2> kDistributionNames{"bars", "distributor"};
inline constexpr std::array<std::string_view, 8> kSourceNames{
    "sun", "engine", "relay", "shore", "combined", "alternator", "trickle", "panels"};
inline constexpr std::array<std::string_view, 3> kSensesNames{"tank", "temperature", "voltage"};
inline constexpr std::array<std::string_view, 2> kPointAtNames{"battery", "alternator"};
inline constexpr std::array<std::string_view, 2> kPointLaidNames{"found", "new"};
inline constexpr std::array<std::string_view, 3> kSwitchNames{"switch", "two_way", "dimmer"};
inline constexpr std::array<std::string_view, 2> kTapNames{"block", "own_fuse"};
inline constexpr std::array<std::string_view, 3> kLiveNames{"switched", "always", "driving"};
inline constexpr std::array<std::string_view, 2> kBackNames{"cable", "body"};
inline constexpr std::array<std::string_view, 4> kVentingNames{"none", "tube", "box", "outside"};
inline constexpr std::array<std::string_view, 2> kRegulationNames{"fixed", "variable"};
inline constexpr std::array<std::string_view, 3> kInLineNames{"isolator", "strip", "shunt"};
inline constexpr std::array<std::string_view, 2> kPlannedNames{"now", "growth"};

}  // namespace spirk
