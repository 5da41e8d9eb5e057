// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How long each conductor is and how warm it lies: the shortest way over the van's wire ways
// between the places of its two devices, plus slack. All bank leads of one polarity are cut to the
// longest.

#include <vector>

#include "core/circuit/circuit.h"
#include "core/plan/finding.h"
#include "core/plan/plan.h"

namespace spirk {

struct Route {
    Metres length;                // one way, as cut
    std::vector<PlaceId> places;  // passed, both ends included
    Celsius ambient;              // the warmest of them
    int tied = 0;                 // most current-carrying conductors in one bundle on the way
    bool amended = false;         // length set by the person
    bool found = false;           // of a conductor that is there already
};

struct Lengths {
    std::vector<Route> routes;  // one per conductor of the circuit, in order
    std::vector<Finding> findings;
    Derivations why;
};

[[nodiscard]] Lengths lengthsOf(const Plan& plan, const Library& library, const Circuit& circuit);

[[nodiscard]] FigureId lengthFigure(const ConductorId& id);

}  // namespace spirk
