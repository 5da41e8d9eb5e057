// SPDX-License-Identifier: GPL-3.0-or-later
// Currents of the sizing moments, conductor temperatures and drops.

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"
#include "core/cables/conductor_physics.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/sizing.h"

namespace spirk {

namespace {

// Judgement: the vehicle's own short, heavy cables.
constexpr double kFactoryMilliohms = 1.0;
constexpr double kColdCelsius = 20.0;

std::optional<Ohms> ohmsOfFuse(const SizingTask& task, const std::optional<ChosenFuse>& fuse) {
    if (!fuse || fuse->leftOut || fuse->rating.si() <= 0.0) {
        return std::nullopt;
    }
    return fuseResistance(familyOf(task.library, fuse->family), fuse->rating);
}

// The network divides by it; conductors at or above the insulation's limit are reckoned there.
Celsius workingTemperature(const SizingTask& task, const Working& w, std::size_t index) {
    const AmpacityColumn& column = *task.index.column[index];
    const Celsius ambient = task.lengths.routes[index].ambient;
    const auto table = column.amps.find(task.library.conductors[w.size].area);
    if (table == column.amps.end()) {
        return ambient;
    }
    return std::min(column.maximum, loadedTemperature(column, table->second, w.load, ambient));
}

// A moment without one battery sizes the leads of that bank's batteries only.
bool counts(const Conductor& c, const Moment& moment) {
    return moment.leadsOf.empty() || moment.leadsOf.contains(c.unit);
}

// Between the nodes at two pairs of terminals: all that lies between counts, whatever it is.
std::optional<Volts> lostBetween(const SizingTask& task,
                                 const MomentSolution& solved,
                                 const TerminalPair& source,
                                 const TerminalPair& far) {
    const auto near = solved.between(task.circuit(), source.pos, source.neg);
    const auto there = solved.between(task.circuit(), far.pos, far.neg);
    if (!near || !there) {
        return std::nullopt;
    }
    return abs(*near - *there);
}

// Of what is lost in a moment, what the loads lose on the shared stretch that are off when the path
// is judged. At sizing a load draws one current whatever its volts, so that what the stretch loses
// goes with what it carries.
Volts lostByIdle(const SizingTask& task, const MomentSolution& solved, std::size_t path) {
    const auto& shared = task.circuit().paths[path].shared;
    if (!shared || task.index.shared[path].empty()) {
        return {};
    }
    const Amps carried = abs(solved.conductor[task.index.shared[path].front()]);
    const auto lost = lostBetween(task, solved, task.circuit().paths[path].source, shared->to);
    return !lost || carried.si() <= 0.0 ? Volts() : *lost * std::min(1.0, shared->idle / carried);
}

void takePathDrops(const SizingTask& task,
                   const std::vector<ConductorOhms>& ohms,
                   const MomentSolution& solved,
                   std::size_t moment,
                   SizingState& state) {
    for (std::size_t p = 0; p < state.pathDrop.size(); ++p) {
        const DropPath& path = task.circuit().paths[p];
        if (task.index.pathMoment[p] != moment) {
            continue;
        }
        const auto lost = lostBetween(task, solved, path.source, path.far);
        if (!lost) {
            continue;
        }
        state.pathDrop[p] = *lost - lostByIdle(task, solved, p);
        state.pathRest[p] = state.pathDrop[p];
        for (const std::size_t i : task.index.paths[p]) {
            state.pathRest[p] = state.pathRest[p] - currentOnPath(task, state, p, i) * ohms[i].wire;
        }
    }
}

bool charges(const Moment& moment) { return moment.sun > 0.0 || moment.driving || moment.onShore; }

}  // namespace

ConductorOhms ohmsOf(const SizingTask& task,
                     const SizingState& state,
                     std::size_t index,
                     Warmth warmth) {
    const Conductor& c = task.circuit().conductors[index];
    if (!isOurs(c)) {
        return {milliohms(kFactoryMilliohms), {}, {}, {}, {}};
    }
    const Working& w = state.conductors[index];
    const Celsius t = warmth == Warmth::Warm ? w.temperature : celsius(kColdCelsius);
    const Ohms joint = lugContact(task.library, task.library.conductors[w.size].area).resistance;
    const Ohms wire =
        wireResistance(task.library.conductors[w.size], task.lengths.routes[index].length, t);
    return {wire, joint, joint, ohmsOfFuse(task, w.fuseFrom), ohmsOfFuse(task, w.fuseTo)};
}

std::vector<ConductorOhms> allOhms(const SizingTask& task,
                                   const SizingState& state,
                                   Warmth warmth) {
    std::vector<ConductorOhms> out;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        out.push_back(ohmsOf(task, state, i, warmth));
    }
    return out;
}

void updateTemperatures(const SizingTask& task, SizingState& state) {
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        if (isOurs(task.circuit().conductors[i])) {
            state.conductors[i].temperature = workingTemperature(task, state.conductors[i], i);
        }
    }
}

void solveLoads(const SizingTask& task, SizingState& state) {
    const std::vector<ConductorOhms> ohms = allOhms(task, state, Warmth::Warm);
    for (Working& w : state.conductors) {
        w.load = amps(0.0);
        w.inMoment.clear();
    }
    state.pathDrop.assign(task.circuit().paths.size(), Volts());
    state.pathRest = state.pathDrop;
    for (std::size_t m = 0; m < task.wiring.sizing.size(); ++m) {
        const Moment& moment = task.wiring.sizing[m];
        // A strong battery takes the most of what charges it; drop and voltage under load are those
        // of a weak one.
        const Strength bank = charges(moment) ? Strength::Strong : Strength::Weak;
        const MomentSolution solved =
            solveMoment(CircuitState{&task.circuit(), ohms, bank}, moment);
        for (std::size_t i = 0; i < state.conductors.size(); ++i) {
            Working& w = state.conductors[i];
            w.inMoment.push_back(solved.conductor[i]);
            if (abs(solved.conductor[i]) > w.load && counts(task.circuit().conductors[i], moment)) {
                w.load = abs(solved.conductor[i]);
                w.loadMoment = moment.name;
            }
        }
        takePathDrops(task, ohms, solved, m, state);
    }
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        const RatedCurrent& rated = task.index.rated[i];
        if (rated.most > state.conductors[i].load) {
            state.conductors[i].load = rated.most;
            state.conductors[i].loadMoment =
                rated.taken ? "rating of the converter"_text : "rating of the source"_text;
        }
    }
    updateTemperatures(task, state);
}

Amps currentOnPath(const SizingTask& task,
                   const SizingState& state,
                   std::size_t path,
                   std::size_t index) {
    const Amps whole = abs(state.conductors[index].inMoment[task.index.pathMoment[path]]);
    const auto& shared = task.index.shared[path];
    return std::ranges::find(shared, index) == shared.end()
               ? whole
               : std::max(amps(0.0), whole - task.circuit().paths[path].shared->idle);
}

Volts dropOnPath(const SizingTask& task,
                 const SizingState& state,
                 std::size_t path,
                 std::size_t index) {
    return currentOnPath(task, state, path, index) *
           ohmsOf(task, state, index, Warmth::Warm).whole();
}

double fractionLost(const SizingTask& task, const SizingState& state, std::size_t path) {
    return state.pathDrop[path] / task.circuit().paths[path].base;
}

std::vector<PathDrop> pathDrops(const SizingTask& task, const SizingState& state) {
    std::vector<PathDrop> out;
    for (std::size_t p = 0; p < task.circuit().paths.size(); ++p) {
        const DropPath& path = task.circuit().paths[p];
        PathDrop drop{
            path.id, path.name, {}, 0.0, 0.0, path.rule, path.conductors, FigureId(path.id)};
        drop.drop = state.pathDrop[p];
        drop.fraction = drop.drop / path.base;
        drop.limit = task.index.pathLimit[p];
        out.push_back(std::move(drop));
    }
    return out;
}

}  // namespace spirk
