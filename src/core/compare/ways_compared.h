// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The ways of joining a unit, or the choices of one of its options, on the person's own plan: each
// is designed whole, and what comes out stands side by side.

#include <string>
#include <vector>

#include "core/design/design.h"

namespace spirk {

struct WayAnswer {
    Text name;       // of the way, or of the choice
    Text speaksFor;  // and against
    bool isChosen = false;
    Amps largest;       // that flows in a conductor of the unit, of all sizing moments
    double drop = 0.0;  // the worst path through one of them, as a part of its limit
    SeverityCount findings;
    std::vector<Finding> raised, ended;  // against the plan as it is
    double price = 0.0, weightKg = 0.0;  // of what is built in
    int joints = 0;  // ends of conductors that are made: each a lug, a ferrule or a plug
    Metres cable;    // of all conductors that are laid
};

// What may be compared of a unit. An option's id, or empty for the ways themselves.
struct WayQuestion {
    std::string option;
    Text name;
};
// Those with more than one answer; empty where no unit has that id.
[[nodiscard]] std::vector<WayQuestion> questionsOf(const Design& design,
                                                   const Library& library,
                                                   const UnitId& unit);

// In the order of the table; the chosen one among them. Takes a design for each. Requires one of
// the unit's questions.
[[nodiscard]] std::vector<WayAnswer> compareWays(const Design& design,
                                                 const Library& library,
                                                 const UnitId& unit,
                                                 const std::string& option);

// The plan as it would be with one of them, by its place there.
[[nodiscard]] Plan withAnswer(const Design& design,
                              const Library& library,
                              const UnitId& unit,
                              const std::string& option,
                              std::size_t nth);

}  // namespace spirk
