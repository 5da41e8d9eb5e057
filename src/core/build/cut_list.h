// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Pieces of cable with their lugs. Private to this room.

#include "core/build/build.h"

namespace spirk {

// `region`: with the colours that the person chose.
[[nodiscard]] std::vector<CutPiece> cutList(const Library& library,
                                            const Region& region,
                                            const Circuit& circuit,
                                            const Lengths& lengths,
                                            const Cables& cables,
                                            const std::map<ConductorId, int>& numbers);

// Whether it comes in the box of its unit's device: a unit's leads begin at the bars or at the
// vehicle, so both ends are looked at. Panels' leads come with no controller.
[[nodiscard]] bool inBox(const Circuit& circuit, const Conductor& c, bool Device::*flag);

// 'lug 50 mm² M8', 'ferrule 4 mm²', 'blade terminal 4 mm²'.
[[nodiscard]] Text lugText(SquareMetres area, const std::string& stud);

}  // namespace spirk
