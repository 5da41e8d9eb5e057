// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A quantity over something from 0 to 1, known at even steps and linear between.

#include <algorithm>
#include <vector>

#include "core/base/promise.h"

namespace spirk {

// Value at `part` of the way. Requires 0 <= part <= 1 and at least one value; a single one holds
// everywhere.
template <class Q>
[[nodiscard]] Q along(const std::vector<Q>& evenly, double part) {
    promise(!evenly.empty() && part >= 0.0 && part <= 1.0, "a curve is asked within its ends");
    if (evenly.size() == 1) {
        return evenly.front();
    }
    const double steps = part * static_cast<double>(evenly.size() - 1);
    const std::size_t low = std::min(evenly.size() - 2, static_cast<std::size_t>(steps));
    const double rest = steps - static_cast<double>(low);
    return evenly[low] * (1.0 - rest) + evenly[low + 1] * rest;
}

}  // namespace spirk
