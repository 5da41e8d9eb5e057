// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/explain/derivation.h"

#include <fmt/format.h>

#include "core/result/match.h"
#include "core/result/promise.h"

namespace spirk {

void Derivations::add(Derivation derivation) {
    FigureId id = derivation.id;
    const bool fresh = byId_.emplace(std::move(id), std::move(derivation)).second;
    promise(fresh, "a figure is derived once");
}

void Derivations::merge(Derivations other) {
    byId_.merge(other.byId_);
    promise(other.byId_.empty(), "a figure is derived once");
}

const Derivation* Derivations::find(const FigureId& id) const {
    const auto found = byId_.find(id);
    return found == byId_.end() ? nullptr : &found->second;
}

std::string describe(const Origin& origin) {
    return match(
        origin,
        [](const FromFigure& o) { return "figure " + o.figure.value; },
        [](const FromPlan& o) { return "plan: " + o.path; },
        [](const FromTable& o) {
            return fmt::format("table {}, {} ({}; {})", o.table, o.row, o.source, o.certainty);
        },
        [](const FromSolver& o) { return "solved network, " + o.moment; },
        [](const FromRule& o) { return o.rule; });
}

std::string asText(const Derivation& derivation, const Units& units) {
    std::string out = derivation.title + ": " + format(derivation.result, units) + "\n";
    out += "  " + derivation.formula + "\n";
    for (const Term& term : derivation.terms) {
        out += "  " + term.symbol + " = " + format(term.value, units) + "  " + term.name + "  [" +
               describe(term.origin) + "]\n";
    }
    out += "  Source: " + derivation.source + "\n";
    if (!derivation.note.empty()) {
        out += "  " + derivation.note + "\n";
    }
    return out;
}

}  // namespace spirk
