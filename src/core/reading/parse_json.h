// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The JSON of a text from outside, looked over before anything is made of it: how deep it nests,
// how long its texts are, whether a key stands twice in one group. What passes can be walked and
// written back by code that recurses.

#include <cstddef>
#include <nlohmann/json_fwd.hpp>
#include <string>

#include "core/result/result.h"

namespace spirk {

// Judgements: a plan nests seven deep, and its longest text is its notes.
inline constexpr int kMostDepth = 64;
inline constexpr std::size_t kMostJsonText = 100'000;  // bytes
inline constexpr std::size_t kMostJsonKey = 500;       // bytes

// `name` stands in the error, which gives line and column, or the way to the place.
[[nodiscard]] Result<nlohmann::json> parseJson(const std::string& text, const std::string& name);

}  // namespace spirk
