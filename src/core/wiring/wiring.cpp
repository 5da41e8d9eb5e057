// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/wiring.h"

#include "core/wiring/draft.h"

namespace spirk {

Wiring wire(const Plan& plan, const Library& library, const ChosenGear& gear, const Needs& needs) {
    const Draft blank{plan, library, gear, needs, {}, {}};
    std::vector<Piece> pieces{parallelBank(blank), bond(blank)};
    if (gear.solar) {
        pieces.push_back(solarOnBars(blank));
    }
    if (gear.engine) {
        pieces.push_back(dcdcFromStarter(blank));
    }
    if (gear.inverter != nullptr) {
        pieces.push_back(inverterOnBars(blank));
    }
    pieces.push_back(bladeBlock(blank));
    Draft draft{plan, library, gear, needs, joined(std::move(pieces)), {}};
    Wiring out;
    out.findings = amendStructure(draft);
    draft.piece.circuit = indexed(std::move(draft.piece.circuit));
    out.sizing = sizingMoments(draft);
    out.moments = shownMoments(draft);
    out.circuit = std::move(draft.piece.circuit);
    out.steps = std::move(draft.piece.steps);
    out.settings = std::move(draft.piece.settings);
    return out;
}

}  // namespace spirk
