// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How much a plan's file may hold. Judgements: many times what any van has, and little enough that
// the window stays usable with all of it. docs/file-format.md lists them.

#include <cstddef>
#include <vector>

#include "core/library/gear_file.h"
#include "core/reading/parse_json.h"

namespace spirk::limits {

inline constexpr std::size_t kAppliances = 2'000;
inline constexpr std::size_t kUsesOfOne = 48;
inline constexpr std::size_t kPlaces = 5'000;
inline constexpr std::size_t kWays = 20'000;
inline constexpr std::size_t kPlaced = 10'000;
inline constexpr std::size_t kUnits = 50;  // of a list
inline constexpr std::size_t kOptions = 50;
inline constexpr std::size_t kVariants = 20;
inline constexpr std::size_t kAmendments = 20'000;
inline constexpr std::size_t kNumbers = 50'000;
inline constexpr std::size_t kAccepted = 5'000;
inline constexpr std::size_t kGearOfAKind = kMostGearOfAKind;
inline constexpr std::size_t kNotes = kMostJsonText;  // bytes

}  // namespace spirk::limits

namespace spirk {

struct Plan;

// What of a plan its file could not hold: an edit that leads there is not made, so that what is
// saved can be opened again. Empty: all fits.
[[nodiscard]] std::vector<Error> beyondLimits(const Plan& plan);

}  // namespace spirk
