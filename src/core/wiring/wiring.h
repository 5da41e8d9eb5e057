// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// From the plan to the circuit: which devices, terminals and conductors there are. One way of doing
// it per file; then the amendments of structure. No lengths and no sizes.

#include <memory>

#include "core/circuit/circuit.h"
#include "core/circuit/moment.h"
#include "core/needs/needs.h"
#include "core/plan/finding.h"
#include "core/plan/plan.h"
#include "core/system/system.h"
#include "core/wiring/live_step.h"

namespace spirk {

struct Wiring {
    Circuit circuit;
    std::vector<Moment> sizing;   // the moments that conductors are sized for
    std::vector<Moment> moments;  // the moments that are shown
    std::vector<LiveStep> steps;  // of the first switch-on, as the ways bring them
    std::vector<WantedSetting> settings;
    std::vector<Finding> findings;  // amendments whose target has gone
};

[[nodiscard]] Wiring wire(const Plan& plan,
                          const Library& library,
                          const System& gear,
                          const Needs& needs);

// The circuit that a DC appliance belongs to: small ones of a category share one, a larger one has
// its own. Stable: adding an appliance renames no circuit.
[[nodiscard]] std::string circuitOf(const Appliance& appliance, const System& gear);

// The cable that the vehicle's maker laid to a supply point.
[[nodiscard]] ConductorId supplyLead(const UnitId& point);
// The protection at an end of a conductor as it was wired; it keeps its name where the conductor is
// split.
[[nodiscard]] DeviceId protectionOf(const ConductorEnd& end);

// The first block of a rail's circuits.
[[nodiscard]] DeviceId blockOf(const UnitId& rail);

// The device that stands for an appliance.
[[nodiscard]] DeviceId deviceOf(const ApplianceId& id);
// The shown moment in which every main switch is open and nothing runs.
inline constexpr const char* kAtRest = "rest";

}  // namespace spirk
