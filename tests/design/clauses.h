// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The systems of tests/systems, and what each of them says.

#include <functional>
#include <map>
#include <set>
#include <string>
#include <vector>

#include "core/design/design.h"

namespace spirk::test {

struct Told {
    Plan plan;
    Design design;
    const Library* library = nullptr;
};
// Each once, by its name.
[[nodiscard]] const std::map<std::string, Told>& systems();

struct Clause {
    const char* what;
    std::set<std::string> by;  // the systems that say it, and no other
    std::function<bool(const Told&)> holds;
};
// All that can be said.
[[nodiscard]] std::vector<Clause> clauses();

}  // namespace spirk::test
