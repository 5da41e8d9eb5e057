// SPDX-License-Identifier: GPL-3.0-or-later
// Short-circuit currents of every conductor and fuse. Interrupting checks reckon with cold cable,
// the device itself replaced by a link (IEC 60947-1), and batteries in the middle of their range or
// the strongest; 'does the fuse open' with warm cable and weak batteries.

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

    // A dead short between two nodes; nothing where one is not there.
    [[nodiscard]] std::optional<FaultStudy::Fault> fault(int a, int b) const {
        return a < 0 || b < 0 ? std::nullopt : std::optional(faults.between(a, b));
    }
    // Magnitude of the current through a resistor of the network; none where it has none.
    [[nodiscard]] Amps through(const FaultStudy::Fault& fault, int resistor) const {
        return resistor < 0 ? Amps()
                            : abs(fault.through(
                                  assembly.network.resistors[static_cast<std::size_t>(resistor)]));
    }
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
    const auto fault = s.fault(node, counterNode(task, terminal));
    return fault ? s.through(*fault, resistor) : Amps();
}

// The largest current that a fuse may have to interrupt: a short just behind it, fed through it, or
// a short before it, fed backwards through it by the other batteries. As a link it adds nothing, so
// that either is a short on its other side without what comes from beyond it.
Amps prospective(const SizingTask& task, const Study& s, std::size_t index, End end) {
    const Conductor& c = task.circuit().conductors[index];
    const ConductorBranch& b = s.assembly.conductors[index];
    const bool from = end == End::From;
    const int counter = counterNode(task, from ? c.from : c.to);
    const int fuse = from ? b.fuseFrom : b.fuseTo;
    const int inner = from ? b.afterFrom : b.beforeTo;
    const EndsAt& ends = task.circuit().index->ends[index];
    const int outer = (from ? ends.from : ends.to).node;
    Amps most;
    for (const int node : {outer, inner}) {
        if (const auto fault = s.fault(node, counter); fault && fuse >= 0) {
            most = std::max(most, fault->current() - s.through(*fault, fuse));
        }
    }
    return most;
}

void fillPositive(const SizingTask& task,
                  const Study& strong,
                  const Study& weak,
                  SizingState& state,
                  std::size_t index) {
    const Conductor& c = task.circuit().conductors[index];
    Working& w = state.conductors[index];
    const ConductorBranch& b = strong.assembly.conductors[index];
    if (b.fuseFrom >= 0) {
        w.faultNear = throughAt(task, strong, b.afterFrom, c.from, b.fuseFrom);
    } else {
        const auto fault = strong.fault(b.afterFrom, counterNode(task, c.from));
        w.faultNear = fault ? fault->current() : Amps();
    }
    const int far = task.circuit().index->ends[index].to.node;
    w.faultFar = throughAt(task, weak, far, c.to, weak.assembly.conductors[index].wire);
    w.faultNear = std::max(w.faultNear, w.faultFar);
}

// A short between the far end of a feed and the far end of its return, whichever end that is; of a
// bond, one to the body.
Amps returnedThrough(const SizingTask& task,
                     const Study& weak,
                     std::size_t index,
                     std::size_t feed) {
    const EndsAt& ends = task.circuit().index->ends[index];
    const int far = task.circuit().index->ends[feed].to.node;
    Amps most;
    for (const EndAt& end : {ends.from, ends.to}) {
        if (const auto fault = weak.fault(far, end.node)) {
            most = std::max(most, weak.through(*fault, weak.assembly.conductors[index].wire));
        }
    }
    return most;
}

// A negative carries what shorts at the far ends of its feeds put through it.
void fillReturn(const SizingTask& task, const Study& weak, SizingState& state, std::size_t index) {
    Working& w = state.conductors[index];
    w.returned.clear();
    for (const std::size_t feed : task.index.returns[index]) {
        w.returned.push_back(returnedThrough(task, weak, index, feed));
    }
    const auto most = std::ranges::max_element(w.returned);
    w.faultNear = most == w.returned.end() ? Amps() : *most;
    w.faultFar = w.faultNear;
}

struct Studies {
    Study middle, strongest, weak;
};

void fillFuse(const SizingTask& task,
              const Studies& studies,
              std::optional<ChosenFuse>& fuse,
              std::size_t index,
              End end) {
    if (fuse) {
        fuse->prospective = fuse->leftOut ? Amps() : prospective(task, studies.middle, index, end);
        fuse->strongest = fuse->leftOut ? Amps() : prospective(task, studies.strongest, index, end);
    }
}

// What a short lets through conductor `index` whose current through it is `here`, while the fuse
// of `owner` sees `current`. Nothing where that need not open.
std::optional<double> passed(
    const SizingTask& task, const Protector& protector, FuseView view, Amps current, Amps here) {
    const bool computed = view == FuseView::Computed;
    const ChosenFuse& fuse = *protector.fuse;
    const FuseFamily& family = familyOf(task.library, computed ? fuse.computedFamily : fuse.family);
    const Amps rating = computed ? fuse.computedRating : fuse.rating;
    const auto energy = letThroughA2s(family, rating, current);
    if (!energy) {
        return std::nullopt;
    }
    const double part = here / current;
    return *energy * part * part;
}

}  // namespace

void solveFaults(const SizingTask& task, SizingState& state) {
    const Studies s{study(task, state, Warmth::Cold, Strength::Typical),
                    study(task, state, Warmth::Cold, Strength::Strong),
                    study(task, state, Warmth::Warm, Strength::Weak)};
    const auto& conductors = task.circuit().conductors;
    for (std::size_t i = 0; i < conductors.size(); ++i) {
        Working& w = state.conductors[i];
        if (const auto& limit = conductors[i].shortCircuit) {
            w.faultNear = *limit;
            w.faultFar = *limit;
        } else if (isHousePole(conductors[i], Pole::Positive)) {
            fillPositive(task, s.middle, s.weak, state, i);
        } else if (!task.index.returns[i].empty()) {
            fillReturn(task, s.weak, state, i);
        }
        fillFuse(task, s, w.fuseFrom, i, End::From);
        fillFuse(task, s, w.fuseTo, i, End::To);
    }
}

std::optional<LetThrough> letThroughOf(const SizingTask& task,
                                       const SizingState& state,
                                       std::size_t index,
                                       FuseView view) {
    const Working& w = state.conductors[index];
    std::optional<LetThrough> worst;
    // False where a fuse need not open on it.
    const auto add = [&](const Protector& protector, Amps current, Amps here) {
        if (protector.fuse == nullptr || current.si() <= 0.0 || here.si() <= 0.0) {
            return true;
        }
        const auto energy = passed(task, protector, view, current, here);
        if (energy && (!worst || *energy > worst->a2s)) {
            worst = LetThrough{*energy, here, protector.owner};
        }
        return energy.has_value();
    };
    if (const auto& returns = task.index.returns[index]; !returns.empty()) {
        const bool bond = task.circuit().conductors[index].purpose == Purpose::Bond;
        for (std::size_t k = 0; k < returns.size() && k < w.returned.size(); ++k) {
            const Amps back = w.returned[k];
            const bool opens = add(protectorOf(task, state, returns[k], view), back, back);
            // What a bond carries for long is a wire that touches the body, which is found.
            if (!opens && !bond) {
                return std::nullopt;
            }
        }
        return worst;
    }
    const Protector own = protectorOf(task, state, index, view);
    for (const Amps fault : {w.faultNear, w.faultFar}) {
        if (!add(own, fault, fault)) {
            return std::nullopt;
        }
    }
    return own.fuse == nullptr ? std::nullopt : worst;
}

}  // namespace spirk
