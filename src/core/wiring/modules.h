// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Parts of the system behind plugs, that can be taken out. Private to this room.

#include "core/wiring/draft.h"

namespace spirk {

// Of a circuit whose pieces are joined: what is in a module stands at its place, and each lead of a
// pole that leaves it is parted by a plug.
void partModules(Draft& draft);

}  // namespace spirk
