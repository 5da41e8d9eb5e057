// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Conductors as whoever builds finds them: by the number on their labels.

#include <map>
#include <vector>

#include "core/explain/id.h"
#include "core/text/text.h"

namespace spirk {

// 'Conductor 7.' or 'Conductors 3, 7.', rising; empty where none of these is a conductor that has a
// number.
[[nodiscard]] Text conductorNumbers(const std::map<ConductorId, int>& numbers,
                                    const std::vector<Subject>& subjects);

}  // namespace spirk
