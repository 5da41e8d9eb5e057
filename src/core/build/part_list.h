// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// `owned`: cable that is there already, and is not bought.
// The shopping list: devices, fuses with their holders, cable by the metre, lugs. Private to this
// room.

#include "core/build/build.h"

namespace spirk {

[[nodiscard]] std::vector<Part> partList(const Library& library,
                                         const Circuit& circuit,
                                         const Lengths& lengths,
                                         const Cables& cables,
                                         const std::vector<CutPiece>& cuts,
                                         const std::map<ConductorId, int>& numbers,
                                         std::vector<OwnedCable> owned);

}  // namespace spirk
