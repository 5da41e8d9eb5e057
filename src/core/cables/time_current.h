// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The time-current picture of a conductor: what its load is, when its fuse opens, when its cable is
// hurt, and what a short can bring. Curves only; painting is the window's.

#include <optional>
#include <string>
#include <vector>

#include "core/cables/cables.h"

namespace spirk {

struct CurvePoint {
    Amps current;
    Seconds time;
    bool operator==(const CurvePoint&) const = default;
};

struct TimeCurrent {
    Text fuse;                                  // 'class T fuse, 350 A'; empty: nothing protects it
    ConductorId fuseAt;                         // whose fuse it is
    std::vector<CurvePoint> shortest, longest;  // of the fuse's envelope, current rising
    // Time for which the cable bears a current without heat lost, k S / sqrt(t), up to what it
    // carries for good. Beyond 5 s heat is lost and it bears more: the safe side.
    std::vector<CurvePoint> cable;
    Amps load, ampacity, faultNear, faultFar;
    // At the weakest short that must open the fuse: the longest it may take, and what the cable
    // bears. Nothing where there is no fuse, or it need not open.
    std::optional<Seconds> opensWithin, bears;
    bool operator==(const TimeCurrent&) const = default;
};

// Nothing for a conductor that is not ours or not in the design.
[[nodiscard]] std::optional<TimeCurrent> timeCurrentOf(const Library& library,
                                                       const Circuit& circuit,
                                                       const Cables& cables,
                                                       const ConductorId& id);

}  // namespace spirk
