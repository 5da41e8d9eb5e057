// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/cables.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/base/promise.h"
#include "core/cables/conductor_physics.h"
#include "core/cables/fittings.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/habits.h"
#include "core/cables/sizing.h"

namespace spirk {

namespace {

// The largest size that is sold and no larger than this; the smallest where none is. What somebody
// laid is never taken for more than it is.
std::size_t sizeAtMost(const SizingTask& task, SquareMetres area) {
    const auto above = std::ranges::upper_bound(
        task.library.conductors, area, {}, [](const ConductorRow& r) { return r.area; });
    const auto row = static_cast<std::size_t>(above - task.library.conductors.begin());
    return row == 0 ? 0 : row - 1;
}

// The last one counts.
const SetSize* amendedSize(const Plan& plan, const ConductorId& id) {
    const SetSize* found = nullptr;
    for (const Amendment& amendment : plan.amendments) {
        const auto* set = std::get_if<SetSize>(&amendment);
        found = set != nullptr && set->conductor == id ? set : found;
    }
    return found;
}

std::optional<ChosenFuse> emptyFuse(const Protection* protection) {
    return protection != nullptr ? std::optional(ChosenFuse{}) : std::nullopt;
}

// Of a conductor whose size nobody knows: the thinnest that a maker could have laid behind its
// fuse.
std::size_t thinnestBehind(const SizingTask& task, std::size_t index) {
    const Protection* fuse =
        protectionAt(task.circuit(), task.circuit().conductors[index], End::From);
    const bool known = fuse != nullptr && fuse->found;
    const Amps rating = known ? fuse->found->rating.value_or(Amps{}) : Amps{};
    return std::max(
        sizeAtLeast(task, squareMillimetres(rule(task.library, "found_least_mm2").value)),
        sizeForCurrent(task, index, rating));
}

SizingState startState(const SizingTask& task) {
    SizingState state;
    const std::size_t least =
        sizeAtLeast(task, squareMillimetres(rule(task.library, "min_area_mm2").value));
    for (std::size_t i = 0; i < task.circuit().conductors.size(); ++i) {
        const Conductor& c = task.circuit().conductors[i];
        Working w;
        w.computed = least;
        w.size = least;
        if (c.found) {
            w.fixed = true;
            w.size = c.found->area ? sizeAtMost(task, *c.found->area) : thinnestBehind(task, i);
            w.computed = w.size;
            w.decides = Decides::Laid;
        }
        if (const SetSize* set = amendedSize(task.plan, c.id)) {
            w.fixed = true;
            w.size = sizeAtMost(task, set->area);
        }
        w.fuseFrom = emptyFuse(protectionAt(task.circuit(), c, End::From));
        w.fuseTo = emptyFuse(protectionAt(task.circuit(), c, End::To));
        w.temperature = task.lengths.routes[i].ambient;
        state.conductors.push_back(std::move(w));
    }
    state.hardware.resize(task.circuit().devices.size(), 0);
    return state;
}

// Currents before any size is known: those of thick wires, whose resistance holds nothing back.
// Thin ones would make chargers look weaker than they are.
void solveFirstLoads(const SizingTask& task, SizingState& state) {
    SizingState thick = state;
    for (Working& w : thick.conductors) {
        w.size = task.lastSize();
    }
    solveLoads(task, thick);
    state.pathDrop = thick.pathDrop;
    state.pathRest = thick.pathRest;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        state.conductors[i].load = thick.conductors[i].load;
        state.conductors[i].unhindered = thick.conductors[i].load;
        state.conductors[i].loadMoment = thick.conductors[i].loadMoment;
        state.conductors[i].inMoment = thick.conductors[i].inMoment;
    }
}

bool sameFuse(const std::optional<ChosenFuse>& a, const std::optional<ChosenFuse>& b) {
    return !a || (a->family == b->family && a->rating == b->rating);
}

// Conductors are as warm as what flows makes them, which hangs on how warm they are.
constexpr double kSettledKelvins = 0.05;
constexpr int kMostWarming = 20;

// Fuses and temperatures; sizes and hardware tell by themselves.
bool settled(const SizingState& before, const SizingState& after, int pass) {
    // Near a corner of some limit they may go to and fro by a little: then it is good enough.
    const bool exactly = pass < kMostWarming;
    for (std::size_t i = 0; i < after.conductors.size(); ++i) {
        const Working& a = before.conductors[i];
        const Working& b = after.conductors[i];
        const double warmer = std::fabs((a.temperature - b.temperature).kelvins);
        if (!sameFuse(a.fuseFrom, b.fuseFrom) || !sameFuse(a.fuseTo, b.fuseTo) ||
            (exactly && warmer > kSettledKelvins)) {
            return false;
        }
    }
    return true;
}

// Afresh while things find their places: what a first guess made too large is not kept. From then
// on sizes, ratings and hardware only rise: each pass raises something or is the last. The bound is
// every conductor through every size, and every device through every model.
constexpr int kAfresh = 6;

// All that follows from what has been raised, until nothing more does.
int rise(const SizingTask& task, SizingState& state, int pass, int most) {
    for (; pass <= most; ++pass) {
        const SizingState before = state;
        solveLoads(task, state);
        solveFaults(task, state);
        chooseFuses(task, state, Choice::OnlyRise);
        bool changed = chooseSizes(task, state, Choice::OnlyRise);
        changed = raiseHardware(task, state) || changed;
        if (!changed && settled(before, state, pass)) {
            return pass;
        }
    }
    unreachable("the sizing loop ends");
}

double copperOf(const SizingTask& task, const SizingState& state) {
    double out = 0.0;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        out += task.library.conductors[state.conductors[i].size].area.si() *
               task.lengths.routes[i].length.si();
    }
    return out;
}

// What only rose may stand above what the rest asks for in the end: once more afresh, and what
// follows from it. Where that comes to more copper, as it was.
int shrink(const SizingTask& task, SizingState& state, int pass, int most) {
    SizingState slim = state;
    if (!chooseSizes(task, slim, Choice::Afresh)) {
        return pass;
    }
    const int passes = rise(task, slim, pass, pass + most);
    if (copperOf(task, slim) < copperOf(task, state)) {
        state = std::move(slim);
    }
    return passes;
}

// At rest: what can shrinks, and what is hardly used gives way, once and for all.
int finish(const SizingTask& task, SizingState& state, int pass, int most) {
    pass = shrink(task, state, pass, most);
    while (raiseToFewSizes(task, state)) {
        pass = rise(task, state, pass, pass + most);
    }
    return pass;
}

int runLoop(const SizingTask& task, SizingState& state) {
    const int most = static_cast<int>(state.conductors.size() * task.library.conductors.size() +
                                      state.hardware.size() * task.library.hardware.size()) +
                     kAfresh + 10;
    solveFirstLoads(task, state);
    raiseHardware(task, state);
    for (int pass = 1; pass <= most; ++pass) {
        const Choice choice = pass <= kAfresh ? Choice::Afresh : Choice::OnlyRise;
        const SizingState before = state;
        chooseFuses(task, state, choice);
        bool changed = chooseSizes(task, state, choice);
        changed = raiseHardware(task, state) || changed;
        solveLoads(task, state);
        solveFaults(task, state);
        if (!changed && settled(before, state, pass)) {
            return finish(task, state, pass, most);
        }
    }
    unreachable("the sizing loop ends");
}

}  // namespace

const CableRow* findRow(const Cables& cables, const ConductorId& id) {
    const auto found = cables.at.find(id);
    return found == cables.at.end() ? nullptr : &cables.rows[found->second];
}

const FuseFamily& familyOf(const Library& library, const std::string& id) {
    const FuseFamily* family = findById(library.fuses, id);
    promise(family != nullptr, "a fuse's family is in the library");
    return *family;
}

const AmpacityColumn& columnOf(const Library& library, const std::string& id) {
    const AmpacityColumn* column = findById(library.ampacity, id);
    promise(column != nullptr, "an insulation is in the library");
    return *column;
}

Text fuseText(const Library& library, const ChosenFuse& fuse) {
    return {"{family}, {rating}"_text,
            {{"family", familyOf(library, fuse.family).name}, {"rating", measure(fuse.rating)}}};
}

Protector protectorOf(const SizingTask& task,
                      const SizingState& state,
                      std::size_t index,
                      FuseView view) {
    const Conductor& c = task.circuit().conductors[index];
    const auto there = [view](const std::optional<ChosenFuse>& fuse) {
        return fuse && (view == FuseView::Computed || !fuse->leftOut);
    };
    const auto& own = state.conductors[index].fuseFrom;
    if (own) {
        return there(own) ? Protector{&*own, c.id} : Protector{};
    }
    if (!task.index.protectedBy[index]) {
        return {};
    }
    const auto& other = state.conductors[*task.index.protectedBy[index]].fuseFrom;
    return there(other) ? Protector{&*other, *c.protectedBy} : Protector{};
}

Sized sizeCables(const Plan& plan,
                 const Library& library,
                 const System& gear,
                 Wiring wiring,
                 const Lengths& lengths) {
    const SizingTask task{
        plan, library, gear, wiring, lengths, indexFor(plan, library, gear, wiring)};
    SizingState state = startState(task);
    Cables out;
    out.passes = runLoop(task, state);
    out.drops = pathDrops(task, state);
    out.rows = cableRows(task, state, out.drops);
    for (std::size_t i = 0; i < out.rows.size(); ++i) {
        out.at[out.rows[i].id] = i;
    }
    out.ohms = allOhms(task, state, Warmth::Warm);
    out.why = explainCables(task, state, out);
    out.why.merge(explainHardware(task, state));
    return {std::move(wiring), std::move(out)};
}

}  // namespace spirk
