// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Which way of its block each circuit has. Private to this room.

#include <map>

#include "core/circuit/circuit.h"
#include "core/library/library.h"

namespace spirk {

// Of each circuit's first conductor the number of its way, from 1 on. What was given is kept where
// nobody has it and the block has as many; the others get the lowest that is free. Law: no two
// circuits of one block have the same.
[[nodiscard]] std::map<ConductorId, int> blockWays(const Circuit& circuit,
                                                   const Library& library,
                                                   const std::map<ConductorId, int>& given);

}  // namespace spirk
