// SPDX-License-Identifier: GPL-3.0-or-later
// What bars, switches, blocks and the like are made of: the least of the kind that carries the
// current, takes the lugs and has the ways; where none does all of it, the one that does most. Only
// ever a larger one, so that the loop ends; what the person names stays.

#include <algorithm>
#include <tuple>

#include "core/base/promise.h"
#include "core/cables/fittings.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/sizing.h"
#include "core/circuit/made_of.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

// Judgement: a block keeps a way free for what comes later.
constexpr int kSpareWays = 1;

struct HardwareNeed {
    Amps current;
    int ways = 0;
    std::vector<SquareMetres> cables;
    std::vector<const ChosenFuse*> fuses;  // in its ways, where these are its own
    Volts nominal;
};

HardwareNeed askedOf(const SizingTask& task,
                     const SizingState& state,
                     const MomentCurrents& currents,
                     std::size_t device) {
    const Circuit& circuit = task.circuit();
    const Device& d = circuit.devices[device];
    HardwareNeed out;
    const auto through = mostThrough(circuit, device, currents);
    out.current = through ? through->current : Amps();
    out.ways = waysUsed(circuit, device);
    out.ways += d.kind == DeviceKind::FuseBlock ? kSpareWays : 0;
    for (const EndOn& end : circuit.index->endsOn[device]) {
        const Working& w = state.conductors[end.conductor];
        if (isOurs(circuit.conductors[end.conductor]) && !isClip(d.ports[end.port])) {
            out.cables.push_back(task.library.conductors[w.size].area);
        }
        out.nominal = std::max(out.nominal, task.index.nominal[end.conductor]);
        const auto& fuse = end.end == End::From ? w.fuseFrom : w.fuseTo;
        if (fuse && fuse->holds == Holds::Distributor) {
            out.fuses.push_back(&*fuse);
        }
    }
    return out;
}

// As it is, or as a thicker one: a thin cable is raised to the thinnest that has a lug.
bool canTake(const Library& library, const Connection& connection, SquareMetres area) {
    return std::ranges::any_of(library.conductors, [&](const ConductorRow& row) {
        return row.area >= area && takes(library, connection, row.area);
    });
}

// Whether its ways hold fuses for all that hang there: how much of the hardest short circuit they
// interrupt, 1 for all; 0 where a rating is not made.
double holdsFuses(const SizingTask& task, const HardwareModel& model, const HardwareNeed& asked) {
    double out = 1.0;
    for (const ChosenFuse* fuse : asked.fuses) {
        if (model.fuses.empty()) {
            continue;
        }
        const FuseFamily& family = familyOf(task.library, model.fuses);
        if (!ratingFor(family, fuse->needed)) {
            return 0.0;
        }
        const Amps capacity = interruptingAt(family, asked.nominal);
        out = capacity < fuse->strongest ? std::min(out, capacity / fuse->strongest) : out;
    }
    return out;
}

// The more, the better it serves.
auto serves(const SizingTask& task, const HardwareModel& model, const HardwareNeed& asked) {
    const auto connects = std::ranges::count_if(asked.cables, [&](SquareMetres area) {
        return canTake(task.library, model.connection, area);
    });
    const bool hasWays = model.ways > 0;
    const double carries =
        asked.current.si() > 0.0 ? std::min(1.0, model.maxCurrent / asked.current) : 1.0;
    return std::tuple(carries,
                      holdsFuses(task, model, asked),
                      connects,
                      hasWays ? std::min(model.ways, asked.ways) : 0);
}

std::size_t chosenFor(const SizingTask& task,
                      const SizingState& state,
                      const MomentCurrents& currents,
                      std::size_t device) {
    const auto& models = task.index.hardware[device];
    const HardwareNeed asked = askedOf(task, state, currents, device);
    std::size_t best = state.hardware[device];
    for (std::size_t i = best + 1; i < models.size(); ++i) {
        if (serves(task, *models[i], asked) > serves(task, *models[best], asked)) {
            best = i;
        }
    }
    return best;
}

}  // namespace

std::vector<const HardwareModel*> hardwareFor(const Plan& plan,
                                              const Library& library,
                                              const Device& device) {
    if (!device.made) {
        return {};
    }
    if (!device.made->named) {
        return hardwareOf(library, device.made->kind);
    }
    const HardwareModel* named = findHardware(plan, library, device.made->model);
    promise(named != nullptr, "what is named was found when the circuit was wired");
    return {named};
}

MomentCurrents currentsOf(const SizingState& state) {
    MomentCurrents out;
    for (const Working& w : state.conductors) {
        out.emplace_back(w.inMoment);
    }
    return out;
}

bool raiseHardware(const SizingTask& task, SizingState& state) {
    const MomentCurrents currents = currentsOf(state);
    bool changed = false;
    for (std::size_t d = 0; d < task.index.hardware.size(); ++d) {
        if (task.index.hardware[d].size() < 2) {
            continue;
        }
        const std::size_t chosen = chosenFor(task, state, currents, d);
        if (chosen != state.hardware[d]) {
            state.hardware[d] = chosen;
            makeOf(task.wiring.circuit.devices[d], *task.index.hardware[d][chosen]);
            changed = true;
        }
    }
    return changed;
}

}  // namespace spirk
