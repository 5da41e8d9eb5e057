// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/wiring.h"

#include <algorithm>
#include <variant>

#include "core/circuit/relations.h"
#include "core/wiring/ways.h"

namespace spirk {

Wiring wire(const Plan& plan, const Library& library, const System& gear, const Needs& needs) {
    const Draft blank{plan, library, gear, needs, {}, {}};
    Draft draft{plan, library, gear, needs, joined(piecesOf(blank)), {}};
    Wiring out;
    // A lead that is moved away must not take the limit of drop with it: what its path was before
    // stays with the path.
    if (std::ranges::any_of(plan.amendments, [](const Amendment& a) {
            return std::holds_alternative<MoveEnd>(a);
        })) {
        draft.piece.circuit = related(indexed(std::move(draft.piece.circuit)));
        draft.piece.circuit.index.reset();
    }
    out.findings = amendStructure(draft);
    makeHardware(draft);
    draft.piece.circuit = related(indexed(std::move(draft.piece.circuit)));
    out.sizing = sizingMoments(draft);
    out.moments = shownMoments(draft);
    out.circuit = std::move(draft.piece.circuit);
    out.steps = std::move(draft.piece.steps);
    out.settings = std::move(draft.piece.settings);
    return out;
}

}  // namespace spirk
