// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Mistakes of connection, to be put one at a time into the full van of the builders.

#include <vector>

#include "core/plan/finding.h"

namespace spirk::test {

struct Mistake {
    const char* name;
    std::vector<Amendment> moves;
    const char* id;  // of the finding
    Severity severity = Severity::Danger;
};

[[nodiscard]] MoveEnd moved(const char* conductor, End end, const char* device, const char* port);
[[nodiscard]] const std::vector<Mistake>& mistakes();

}  // namespace spirk::test
