// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Rules over all that the stages before have found. Each says what, where, why, on whose word, and
// what to do; a mend is offered where it cannot itself be dangerous. One file per family.

#include <functional>
#include <vector>

#include "core/cables/cables.h"
#include "core/plan/finding.h"
#include "core/supply/supply.h"
#include "core/topology/topology.h"

namespace spirk {

// What the rules look at; borrowed for the call.
struct CheckInput {
    const Plan& plan;
    const Library& library;
    const System& gear;
    const Needs& needs;
    const Supply& supply;
    const Wiring& wiring;
    const Topology& topology;
    const Lengths& lengths;
    const Cables& cables;
    const std::vector<MomentSolution>& moments;
};

struct Checks {
    std::vector<Finding> findings;  // dangers first, then by id
    Derivations why;
};

// All rules, and the findings that earlier stages returned.
[[nodiscard]] Checks runChecks(const CheckInput& input);

struct SeverityCount {
    int dangers = 0, faults = 0, advice = 0;
    bool operator==(const SeverityCount&) const = default;
};
// Of all, or of those that count.
[[nodiscard]] SeverityCount countBySeverity(
    const std::vector<Finding>& findings,
    const std::function<bool(const Finding&)>& counts = nullptr);

}  // namespace spirk
