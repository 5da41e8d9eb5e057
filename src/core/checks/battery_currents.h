// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What each string of a bank gives in the sizing moments, however the batteries are joined. Private
// to this room.

#include <vector>

#include "core/checks/checks.h"

namespace spirk {

struct StringCurrent {
    const Device* head = nullptr;  // the battery with the string's positive
    std::vector<Amps> inMoment;    // out of it, one for each of the sizing moments
};
// In the circuit's order.
[[nodiscard]] std::vector<StringCurrent> stringCurrents(const CheckInput& in, const UnitId& bank);

// The moment in which one of them gives or takes most.
[[nodiscard]] std::size_t hardestMoment(const std::vector<StringCurrent>& strings);

}  // namespace spirk
