// SPDX-License-Identifier: GPL-3.0-or-later
// Amendments on random plans, of what is there and of what is not, over each other in any order:
// the plan is written, read and designed, and what no longer applies is told.
#include <algorithm>

#include "core/design/design.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/fuzz/bytes.h"
#include "tests/fuzz/libraries.h"

namespace {

using namespace spirk;  // NOLINT(google-build-using-namespace): a fuzz target, nobody includes it

template <class List>
const auto& oneOf(fuzz::Bytes& bytes, const List& list) {
    return list[bytes.below(list.size())];
}

Plan drawnPlan(fuzz::Bytes& bytes, const Library& library) {
    Plan plan = emptyPlan(library);
    putBank(plan.gear,
            oneOf(bytes, library.batteries).id,
            1 + static_cast<int>(bytes.below(4)),
            1 + static_cast<int>(bytes.below(2)));
    mainRailOf(plan.gear).kind =
        bytes.below(2) == 0 ? Distribution::Bars : Distribution::Distributor;
    if (bytes.below(2) == 0) {
        putSolar(plan.gear,
                 SolarChoice{
                     oneOf(bytes, library.panels).id, 1, 2, oneOf(bytes, library.controllers).id});
    }
    if (bytes.below(2) == 0) {
        putEngine(plan.gear, EngineChoice{oneOf(bytes, library.dcdcs).id});
    }
    if (bytes.below(2) == 0) {
        putInverter(plan.gear, oneOf(bytes, library.inverters).id, hours(4));
    }
    if (bytes.below(3) == 0) {
        putConverter(plan.gear, oneOf(bytes, library.converters).id);
    }
    const std::size_t loads = bytes.below(8);
    for (std::size_t i = 0; i < loads; ++i) {
        plan.appliances.push_back(fromCatalogue(oneOf(bytes, library.appliances), plan));
    }
    return plan;
}

Amendment drawnAmendment(fuzz::Bytes& bytes, const Circuit& circuit, const Library& library) {
    ConductorId id = oneOf(bytes, circuit.conductors).id;
    const std::size_t odd = bytes.below(8);
    if (odd == 0) {
        id = ConductorId(id.value + ".after");
    } else if (odd == 1) {
        id = ConductorId("nothing");
    }
    const End end = bytes.below(2) == 0 ? End::From : End::To;
    const Device& device = oneOf(bytes, circuit.devices);
    switch (bytes.below(10)) {
        case 0:
            return SetSize{id, oneOf(bytes, library.conductors).area};
        case 1: {
            const FuseFamily& family = oneOf(bytes, library.fuses);
            return SetFuse{
                id, end, bytes.below(2) == 0 ? family.id : "", amps(bytes.within(0.5, 2000))};
        }
        case 2:
            return SetLength{id, metres(bytes.within(0, 100))};
        case 3:
            return PutIn{id, static_cast<InLine>(bytes.below(3))};
        case 4:
            return LeaveOutProtection{id, end};
        case 5:
            return MoveEnd{
                id,
                end,
                {device.id, device.ports.empty() ? "none" : oneOf(bytes, device.ports).name}};
        case 6:
            return SetFuseDistance{id, end, metres(bytes.within(0, 20))};
        case 7:
            return PutInProtection{
                id, end, bytes.below(2) == 0 ? "" : oneOf(bytes, library.fuses).id};
        case 8:
            return SetInsulation{id, oneOf(bytes, library.ampacity).id};
        default:
            return SetHardware{odd == 1 ? DeviceId("nothing") : device.id,
                               oneOf(bytes, library.hardware).id};
    }
}

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    fuzz::Bytes bytes(data, size);
    const auto& regions = fuzz::libraries().regions;
    const Library& library = regions[bytes.below(regions.size())];
    Plan plan = drawnPlan(bytes, library);
    const Design plain = design(plan, library);
    while (!bytes.empty() && plan.amendments.size() < 12) {
        plan.amendments.push_back(drawnAmendment(bytes, plain.wiring.circuit, library));
    }
    const PlanReading reading = readPlan(writePlan(plan), "fuzz");
    fuzz::law(reading.plan.has_value(), "what was written can be read");
    const Design d = design(*reading.plan, library);
    const auto nothing = std::ranges::count_if(
        plan.amendments, [](const Amendment& a) { return targetOf(a).id == "nothing"; });
    const auto told = std::ranges::count_if(d.checks.findings,
                                            [](const Finding& f) { return f.rule == "AMEND"; });
    fuzz::law(told >= std::min<std::ptrdiff_t>(nothing, 20), "what does not apply is told");
    return 0;
}
