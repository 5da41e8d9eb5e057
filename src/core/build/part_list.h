// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The shopping list: devices, plates of switches, fuses with their holders, cable by the metre that
// is not there already, lugs. Private to this room.

#include "core/build/build.h"

namespace spirk {

[[nodiscard]] std::vector<Part> partList(const Library& library,
                                         const Plan& plan,
                                         const Circuit& circuit,
                                         const Lengths& lengths,
                                         const Cables& cables,
                                         const std::vector<CutPiece>& cuts,
                                         const std::map<ConductorId, int>& numbers);

}  // namespace spirk
