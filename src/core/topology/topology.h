// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What walks over the circuit tell before anything is sized: is plus joined to minus, is anything
// the wrong way round, does a source reach a battery without what limits it, is all fed and
// charged that should be. The ways wire no such mistake: it comes with ends that a person moved,
// so that the circuit without those moves says what was meant.

#include <optional>
#include <vector>

#include "core/wiring/wiring.h"

namespace spirk {

struct Topology {
    std::vector<Finding> findings;
    // The wiring without the moves that the findings are about, where there are such: conductors
    // have the sizes that they would have in it, not those that a mistake's currents ask for.
    std::optional<Wiring> sound;
};

// `wiring` is that of the plan. Walks: T1 shorts, T2 reversals, T3 sources without what limits
// them, T4 what is not fed or charged, T6 what must stand behind main fuse and switch, G6 the shunt
// reversed, G1 loops through the chassis and a bond on plus, T10 conductors that lead nowhere.
[[nodiscard]] Topology judgeTopology(const Plan& plan,
                                     const Library& library,
                                     const System& gear,
                                     const Needs& needs,
                                     const Wiring& wiring);

}  // namespace spirk
