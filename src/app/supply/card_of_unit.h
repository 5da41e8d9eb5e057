// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a unit's card calls its fields, and where in the plan it writes. Private to this room.

#include <QString>
#include <algorithm>
#include <vector>

#include "app/shared/text.h"
#include "core/base/promise.h"
#include "core/plan/plan.h"

namespace spirk::app {

// 'supply.unit.mppt': what the names of its fields begin with.
[[nodiscard]] inline QString fieldsOf(const UnitId& id) { return "supply.unit." + q(id.value); }

// The entry of a list with this id. Requires that it is there.
template <class Choice>
[[nodiscard]] Choice& in(std::vector<Choice>& list, const UnitId& id) {
    const auto found = std::ranges::find(list, id, &Choice::id);
    promise(found != list.end(), "a card is of a unit that is there");
    return *found;
}

}  // namespace spirk::app
