// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Cable that a person has already, as people write it: '6 m of 25 mm², 10 ft of 4/0'.

#include <string>
#include <string_view>
#include <vector>

#include "core/plan/plan.h"
#include "core/result/result.h"

namespace spirk {

// Of an empty text none. A bare size is what it is in that region; lengths are above zero.
[[nodiscard]] Result<std::vector<OwnedCable>> parseOwnedCables(std::string_view text,
                                                               const Units& units,
                                                               CableSizes sizes);
// As it is read again.
[[nodiscard]] Text textOf(const std::vector<OwnedCable>& cables);

}  // namespace spirk
