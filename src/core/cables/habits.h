// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a good installer does beyond the rules, as far as it decides sizes. Private to this room.

#include <string>
#include <vector>

#include "core/cables/sizing.h"
#include "core/plan/good_practice.h"

namespace spirk {

struct HabitSize {
    std::size_t size = 0;
    const char* habit = nullptr;
};
// The least sizes of a conductor that habits ask for, whatever the others have.
[[nodiscard]] std::vector<HabitSize> leastByHabit(const SizingTask& task,
                                                  const SizingState& state,
                                                  std::size_t index);

// Raises what uses a size that is hardly used to one that is there anyway. True where one rose.
bool raiseToFewSizes(const SizingTask& task, SizingState& state);

}  // namespace spirk
