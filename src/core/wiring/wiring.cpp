// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/wiring.h"

#include "core/wiring/draft.h"

namespace spirk {

Wiring wire(const Plan& plan, const Library& library, const ChosenGear& gear, const Needs& needs) {
    Draft draft{plan, library, gear, needs, {}, {}};
    addParallelBank(draft);
    addBond(draft);
    addSolarOnBars(draft);
    addDcdcFromStarter(draft);
    addInverterOnBars(draft);
    addBladeBlock(draft);
    Wiring out;
    out.findings = amendStructure(draft);
    draft.circuit = indexed(std::move(draft.circuit));
    out.sizing = sizingMoments(draft);
    out.moments = shownMoments(draft);
    out.circuit = std::move(draft.circuit);
    return out;
}

}  // namespace spirk
