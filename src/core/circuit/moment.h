// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What the van is doing: sources, switch positions and loads. Solvers take a circuit and a moment;
// sizing, checks, the diagram and the expected readings all use the same list.

#include <map>
#include <set>
#include <string>
#include <vector>

#include "core/circuit/element.h"
#include "core/explain/id.h"
#include "core/quantities/units.h"
#include "core/text/text.h"

namespace spirk {

enum class LoadsOn { None, All };
// Sizing: every load draws its largest power at the lowest working voltage, as a constant current.
enum class Reckoning { AsTheyAre, AtLowVoltage };

struct Moment {
    std::string id;
    Text name;
    double stateOfCharge = 0.5;
    std::map<UnitId, double> chargeOf;  // of banks that stand otherwise than that
    Reckoning reckoning = Reckoning::AsTheyAre;
    LoadsOn loads = LoadsOn::None;
    std::set<DeviceId> only;  // with LoadsOn::None: these loads run all the same
    double sun = 0.0;         // part of 1000 W/m2
    bool driving = false;     // the engine runs
    bool onShore = false;
    std::map<DeviceId, Watts> drawn;      // by devices that draw what a moment says; others are off
    std::set<DeviceId> open;              // switches and isolators that are open
    std::vector<bool> pulled;             // of each conductor, if its fuses are out; empty: none
    std::map<ConductorEnd, Ohms> joints;  // bad ones, with what they have instead of a good one's
    std::set<DeviceId> gone;              // batteries that give and take nothing
    // At sizing: what flows sizes the leads and fuses of these units' batteries, and nothing else;
    // empty: all.
    std::set<UnitId> leadsOf;
};

// How full the batteries of a unit are then, 0 to 1.
[[nodiscard]] double stateOfChargeOf(const Moment& moment, const UnitId& unit);

// Whether what must be so for an element to give, or for a relay to close, is so.
[[nodiscard]] bool lives(Live live, const Moment& moment);

}  // namespace spirk
