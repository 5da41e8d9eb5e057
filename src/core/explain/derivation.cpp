// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/explain/derivation.h"

#include "core/base/match.h"
#include "core/base/promise.h"

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

Text describe(const Origin& origin) {
    return match(
        origin,
        [](const FromFigure& o) -> Text {
            return {"figure {id}"_text, {{"id", o.figure.value}}};
        },
        [](const FromPlan& o) -> Text {
            return {"plan: {path}"_text, {{"path", o.path}}};
        },
        [](const FromTable& o) -> Text {
            return {"table {table}, {row} ({source}; {certainty})"_text,
                    {{"table", std::string(o.table)},
                     {"row", o.row},
                     {"source", Words{std::string(o.source)}},
                     {"certainty", Words{std::string(o.certainty)}}}};
        },
        [](const FromSolver& o) -> Text {
            return {"solved network, {moment}"_text, {{"moment", o.moment}}};
        },
        [](const FromRule& o) { return o.rule; });
}

std::string asText(const Derivation& derivation, const Speech& speech) {
    std::string out = say(derivation.title, speech) + ": " + say(derivation.result, speech) + "\n";
    out += "  " + say(derivation.formula, speech) + "\n";
    for (const Term& term : derivation.terms) {
        out += "  " + say(term.symbol, speech) + " = " + say(term.value, speech) + "  " +
               say(term.name, speech) + "  [" + say(describe(term.origin), speech) + "]\n";
    }
    out +=
        "  " + say(Text("Source: {source}"_text, {{"source", derivation.source}}), speech) + "\n";
    if (!derivation.note.empty()) {
        out += "  " + say(derivation.note, speech) + "\n";
    }
    return out;
}

}  // namespace spirk
