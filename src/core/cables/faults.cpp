// SPDX-License-Identifier: GPL-3.0-or-later
// Short-circuit currents of every conductor and fuse. Interrupting checks reckon with cold cable
// and batteries in the middle of their range; 'does the fuse open' with warm cable and weak
// batteries.

#include <algorithm>
#include <cmath>

#include "core/cables/conductor_physics.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/sizing.h"

namespace spirk {

namespace {

// One network with its faults and the way from conductors to its parts.
struct Study {
    Assembly assembly;
    FaultStudy faults;
};

Study study(const SizingTask& task, const SizingState& state, Warmth warmth, Strength batteries) {
    const std::vector<ConductorOhms> ohms = allOhms(task, state, warmth);
    Moment still;
    still.id = "fault";
    still.stateOfCharge = 1.0;
    Assembly assembly = assemble({&task.circuit(), ohms, batteries}, still, Detail::Fuses);
    FaultStudy faults(assembly.network);
    return {std::move(assembly), std::move(faults)};
}

int counterNode(const SizingTask& task, const TerminalId& terminal) {
    const Port* port = findPort(task.circuit(), terminal);
    if (port == nullptr || !port->counter) {
        return -1;
    }
    return nodeOf(task.circuit(), *port->counter).value_or(-1);
}

// Magnitude of the current through a resistor when `node` is shorted to the counter of `terminal`.
Amps throughAt(
    const SizingTask& task, const Study& s, int node, const TerminalId& terminal, int resistor) {
    const int counter = counterNode(task, terminal);
    if (counter < 0 || node < 0 || resistor < 0) {
        return {};
    }
    const auto& resistors = s.assembly.network.resistors;
    return abs(
        s.faults.between(node, counter).through(resistors[static_cast<std::size_t>(resistor)]));
}

// The largest current that a fuse may have to interrupt: a short just behind it, fed through it, or
// a short before it, fed backwards through it by the other batteries.
Amps prospective(const SizingTask& task, const Study& s, std::size_t index, End end) {
    const Conductor& c = task.circuit().conductors[index];
    const ConductorBranch& b = s.assembly.conductors[index];
    const bool from = end == End::From;
    const TerminalId& terminal = from ? c.from : c.to;
    const int fuse = from ? b.fuseFrom : b.fuseTo;
    const int inner = from ? b.afterFrom : b.beforeTo;
    const EndsAt& ends = task.circuit().index->ends[index];
    const int outer = (from ? ends.from : ends.to).node;
    return std::max(throughAt(task, s, inner, terminal, fuse),
                    throughAt(task, s, outer, terminal, fuse));
}

void fillPositive(const SizingTask& task,
                  const Study& strong,
                  const Study& weak,
                  SizingState& state,
                  std::size_t index) {
    const Conductor& c = task.circuit().conductors[index];
    Working& w = state.conductors[index];
    const ConductorBranch& b = strong.assembly.conductors[index];
    const int nearWire = b.fuseFrom >= 0 ? b.fuseFrom : b.wire;
    if (b.fuseFrom >= 0) {
        w.faultNear = throughAt(task, strong, b.afterFrom, c.from, nearWire);
    } else {
        const int counter = counterNode(task, c.from);
        w.faultNear = counter < 0 ? Amps() : strong.faults.between(b.afterFrom, counter).current();
    }
    const int far = task.circuit().index->ends[index].to.node;
    w.faultFar = throughAt(task, weak, far, c.to, weak.assembly.conductors[index].wire);
    w.faultNear = std::max(w.faultNear, w.faultFar);
}

// A negative carries what a short at the far end of its positive puts through it.
void fillNegative(const SizingTask& task, SizingState& state, std::size_t index) {
    if (!task.index.protectedBy[index]) {
        return;
    }
    const std::size_t owner = *task.index.protectedBy[index];
    state.conductors[index].faultNear = state.conductors[owner].faultFar;
    state.conductors[index].faultFar = state.conductors[owner].faultFar;
}

void fillFuse(const SizingTask& task,
              const Study& strong,
              std::optional<ChosenFuse>& fuse,
              std::size_t index,
              End end) {
    if (fuse) {
        fuse->prospective = fuse->leftOut ? Amps() : prospective(task, strong, index, end);
    }
}

}  // namespace

void solveFaults(const SizingTask& task, SizingState& state) {
    const Study strong = study(task, state, Warmth::Cold, Strength::Typical);
    const Study weak = study(task, state, Warmth::Warm, Strength::Weak);
    const auto& conductors = task.circuit().conductors;
    for (std::size_t i = 0; i < conductors.size(); ++i) {
        Working& w = state.conductors[i];
        if (const auto& limit = conductors[i].shortCircuit) {
            w.faultNear = *limit;
            w.faultFar = *limit;
        } else if (isHousePole(conductors[i], Pole::Positive)) {
            fillPositive(task, strong, weak, state, i);
        }
        fillFuse(task, strong, w.fuseFrom, i, End::From);
        fillFuse(task, strong, w.fuseTo, i, End::To);
    }
    for (std::size_t i = 0; i < conductors.size(); ++i) {
        if (isHousePole(conductors[i], Pole::Negative)) {
            fillNegative(task, state, i);
        }
    }
}

std::optional<double> letThroughOf(const SizingTask& task,
                                   const SizingState& state,
                                   std::size_t index,
                                   FuseView view) {
    const Protector protector = protectorOf(task, state, index);
    if (protector.fuse == nullptr) {
        return std::nullopt;
    }
    const ChosenFuse& fuse = *protector.fuse;
    const bool computed = view == FuseView::Computed;
    const FuseFamily& family = familyOf(task.library, computed ? fuse.computedFamily : fuse.family);
    const Amps rating = computed ? fuse.computedRating : fuse.rating;
    const Working& w = state.conductors[index];
    std::optional<double> worst;
    for (const Amps fault : {w.faultNear, w.faultFar}) {
        if (fault.si() <= 0.0) {
            continue;
        }
        const auto energy = letThroughA2s(family, rating, fault);
        if (!energy) {
            return std::nullopt;
        }
        worst = std::max(worst.value_or(0.0), *energy);
    }
    return worst;
}

}  // namespace spirk
