// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The same plan by the rules and cables of every region, beside each other.

#include <string>
#include <vector>

#include "core/design/design.h"

namespace spirk {

struct RegionAnswer {
    Text size;  // '2 AWG'
    Text fuse;  // 'class T fuse, 350 A'; empty: none of its own
    Amps ampacity;
    double margin = 0.0;  // the worst used part of what is allowed; above 1 it is too much
};
struct ConductorAnswers {
    ConductorId id;
    Text name;
    std::vector<RegionAnswer> regions;  // in the order of SideBySide::regions
};
struct SideBySide {
    std::vector<Words> regions;  // names
    std::vector<SeverityCount> findings;
    std::vector<ConductorAnswers> conductors;  // of the plan's own circuit, ours only
};

// Sizes that the person has set are left out of it: each region answers for itself.
[[nodiscard]] SideBySide sideBySide(const Plan& plan, const Libraries& libraries);

}  // namespace spirk
