// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The one function that runs the stages in order. A Plan goes in, a Design comes out: computed,
// immutable, never saved. The same plan gives the same design, byte for byte.

#include <vector>

#include "core/build/build.h"
#include "core/cables/cables.h"
#include "core/checks/checks.h"
#include "core/needs/needs.h"
#include "core/plan/plan.h"
#include "core/powerup/powerup.h"
#include "core/supply/supply.h"
#include "core/system/system.h"
#include "core/topology/topology.h"
#include "core/van/lengths.h"
#include "core/wiring/wiring.h"

namespace spirk {

// Moved, never copied: its gear borrows from its own plan, and from the library.
struct Design {
    Design() = default;
    Design(Design&&) = default;
    Design& operator=(Design&&) = default;
    Design(const Design&) = delete;
    Design& operator=(const Design&) = delete;
    ~Design() = default;

    Plan plan;
    System gear;
    Needs needs;
    Supply supply;
    Wiring wiring;
    Topology topology;
    Lengths lengths;
    Cables cables;
    std::vector<MomentSolution> moments;  // one per wiring.moments, in order
    Checks checks;
    Build build;
    PowerUp powerUp;
    Derivations why;  // of all stages
};

// `library` is that of a region, as a rule the plan's own (libraryFor); it must outlive the design.
[[nodiscard]] Design design(const Plan& plan, const Library& library);

// The design of the plan whose conductors all have the numbers that labels get (plan/edit.h,
// numbered): no other figure follows from them.
[[nodiscard]] Design withNumbers(Design design);

// The circuit as its moments were solved; borrows from the design.
[[nodiscard]] CircuitState stateOf(const Design& design);

// The wiring that the sheet of the switch-on is about: without mistakes of connection.
[[nodiscard]] const Wiring& switchedOn(const Design& design);

// The figures that stand in the strip under every station, and what an edit is measured by.
struct StandingFigures {
    std::optional<double> daysWithoutSun;  // nothing where nothing is drawn
    Watts worstOnInverter;
    SeverityCount findings;
    double weightKg = 0.0;  // of the parts list
    double price = 0.0;     // of the parts list, order of magnitude
    std::string currency;
    bool operator==(const StandingFigures&) const = default;
};
[[nodiscard]] StandingFigures standingFigures(const Design& design);

// What the bank gives a day beyond what the appliances use: losses of inverters and converters and
// heaters, less what stands by behind an inverter that is off.
[[nodiscard]] Joules beyondAppliances(const Design& design);

// Findings that the person has not accepted. A danger cannot be accepted, nor mains that nobody has
// planned: both can kill, and are always counted.
[[nodiscard]] bool mayBeAccepted(const Finding& finding);
[[nodiscard]] bool isAccepted(const Plan& plan, const Finding& finding);
[[nodiscard]] SeverityCount openFindings(const Design& design);

// What has changed between two designs' standing figures: '1 danger fewer, 0.4 days more, 2.1 kg
// more, 38 EUR more'. Empty where nothing has.
[[nodiscard]] Text consequence(const StandingFigures& before, const StandingFigures& after);

}  // namespace spirk
