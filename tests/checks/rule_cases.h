// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// For each rule a change of the full van that makes it fire, and one of the same kind where it must
// not.

#include <functional>
#include <vector>

#include "core/plan/finding.h"
#include "core/plan/plan.h"

namespace spirk::test {

struct RuleCase {
    const char* rule;
    Severity severity;
    std::function<void(Plan&)> fires;
    std::function<void(Plan&)> justBelow;
};

// Of cables, fuses, devices and the body.
[[nodiscard]] const std::vector<RuleCase>& casesOfCables();
// Of banks, sun, engine, inverter and appliances.
[[nodiscard]] const std::vector<RuleCase>& casesOfUnits();
[[nodiscard]] const std::vector<RuleCase>& ruleCases();

}  // namespace spirk::test
