// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What the size and the fuse of a conductor were compared with: the whole plan designed again with
// each neighbour in its place. Worked out only when asked: some ten designs.

#include <string>
#include <vector>

#include "core/design/design.h"

namespace spirk {

enum class Compared { Size, FuseFrom, FuseTo };  // of a conductor

struct Alternative {
    Text what;                // '35 mm²', 'class T fuse, 250 A'
    bool isChosen = false;    // what the plan has now
    bool isComputed = false;  // what would be chosen without an amendment
    Margins margins;
    // Against the plan as it is now.
    double priceMore = 0.0;
    double weightMoreKg = 0.0;
    std::vector<Finding> raised;  // findings that this one would bring
    std::vector<Finding> ended;   // findings that this one would end
};

// Sizes: the computed and the chosen one with the next sold size below and above each. Fuses: the
// same with ratings of their family, then every other family's first rating at or above what is
// needed. Rising. Empty where the conductor has no such choice (the vehicle's own; without a fuse).
[[nodiscard]] std::vector<Alternative> alternatives(const Design& design,
                                                    const Library& library,
                                                    const ConductorId& conductor,
                                                    Compared compared);

// The choice behind a figure: 'cable.inverter.feed+.size', '.fuse', '.fuse.to'. Nothing for other
// figures.
struct ComparedFigure {
    ConductorId conductor;
    Compared compared = Compared::Size;
};
[[nodiscard]] std::optional<ComparedFigure> comparedBy(const Design& design,
                                                       const FigureId& figure);

// What it would bring and end: 'adds W1: ...; removes W7'. Empty where no finding changes.
[[nodiscard]] Text verdict(const Alternative& alternative);

// For the terminal; a line each.
[[nodiscard]] std::string asText(const std::vector<Alternative>& alternatives,
                                 const std::string& currency,
                                 const Speech& speech = {});

}  // namespace spirk
