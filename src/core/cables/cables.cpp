// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/cables.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "core/base/promise.h"
#include "core/cables/conductor_physics.h"
#include "core/cables/fittings.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/sizing.h"
#include "core/circuit/kinds.h"

namespace spirk {

namespace {

std::size_t lastSize(const SizingTask& task) { return task.library.conductors.size() - 1; }

std::size_t sizeAtLeast(const SizingTask& task, SquareMetres area) {
    const auto found = std::ranges::lower_bound(
        task.library.conductors, area, {}, [](const ConductorRow& r) { return r.area; });
    return found == task.library.conductors.end()
               ? lastSize(task)
               : static_cast<std::size_t>(found - task.library.conductors.begin());
}

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
        w.size = lastSize(task);
    }
    solveLoads(task, thick);
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        state.conductors[i].load = thick.conductors[i].load;
        state.conductors[i].loadMoment = thick.conductors[i].loadMoment;
        state.conductors[i].inMoment = thick.conductors[i].inMoment;
    }
}

// Raises what the loop would choose; the conductor follows unless the person has fixed its size.
bool raise(const SizingTask& task, Working& w, std::size_t to) {
    to = std::min(to, lastSize(task));
    if (to <= w.computed) {
        return false;
    }
    w.computed = to;
    w.size = w.fixed ? w.size : to;
    return true;
}

// One size below the largest positive (boat practice), not below the rule for structural metal.
std::size_t bondSize(const SizingTask& task, const SizingState& state) {
    std::size_t largest = 0;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        if (isHousePole(task.circuit().conductors[i], Pole::Positive)) {
            largest = std::max(largest, state.conductors[i].computed);
        }
    }
    const std::size_t least =
        sizeAtLeast(task, squareMillimetres(rule(task.library, "bond_min_mm2").value));
    return std::max(least, largest > 0 ? largest - 1 : 0);
}

// What an element gives at a port, by its rating; of panels less comes than their controller could
// give.
Amps givenAt(const Device& device, std::size_t port) {
    Amps out;
    for (const Element& e : device.elements) {
        if (const auto* limited = std::get_if<Limited>(&e)) {
            out = limited->at.pos == port ? std::max(out, limited->most) : out;
        } else if (const auto* transfer = std::get_if<Transfer>(&e)) {
            const bool gives = transfer->out.pos == port && transfer->live != Live::InSun;
            out = gives ? std::max(out, transfer->most) : out;
        }
    }
    return out;
}

// The lead of a device that gives, and its return, carry its rating: a strong bank takes it, and
// what makes a rail gives it to whatever draws.
Amps givenBySource(const Circuit& circuit, std::size_t conductor) {
    const CircuitIndex& index = *circuit.index;
    const bool back = circuit.conductors[conductor].pole == Pole::Negative;
    // What is taken from the vehicle's own alternator is what hangs on it.
    const auto given = [&](const EndAt& end) {
        const Device& d = circuit.devices[end.device];
        return kindRow(d.kind).stands == Stands::Vehicle ? Amps() : givenAt(d, end.port);
    };
    const std::size_t out = back ? index.pair[conductor].value_or(conductor) : conductor;
    const auto& [from, to] = index.ends[out];
    return std::max(given(from), given(to));
}

// The conductor that ends at this port; nothing where several do, or none.
std::optional<std::size_t> onlyAt(const CircuitIndex& index, std::size_t device, std::size_t port) {
    std::optional<std::size_t> found;
    for (std::size_t i = 0; i < index.ends.size(); ++i) {
        const auto& [from, to] = index.ends[i];
        const bool here = (from.device == device && from.port == port) ||
                          (to.device == device && to.port == port);
        if (here && found) {
            return std::nullopt;
        }
        found = here ? std::optional(i) : found;
    }
    return found;
}

// What a run passes through: a contact, or a shunt or joint in a leg.
std::vector<PortPair> passages(const Device& device) {
    std::vector<PortPair> out;
    for (const Element& e : device.elements) {
        if (const auto* contact = std::get_if<Contact>(&e)) {
            out.insert(out.end(), contact->poles.begin(), contact->poles.end());
        } else if (const auto* metal = std::get_if<Resistance>(&e);
                   metal != nullptr && kindRow(device.kind).stands == Stands::Leg) {
            out.push_back(metal->between);
        }
    }
    return out;
}

// Batteries share by the resistance between them: what joins the batteries of a bank is of one
// cable. So is a run on both sides of a switch, and out and back.
std::vector<std::vector<std::size_t>> alikeOf(const System& gear, const Circuit& circuit) {
    std::vector<std::size_t> group(circuit.conductors.size());
    std::iota(group.begin(), group.end(), std::size_t{0});
    const auto join = [&](std::size_t a, std::size_t b) {
        std::ranges::replace(group, group[b], std::size_t{group[a]});
    };
    for (const BankUnit& bank : gear.banks) {
        std::optional<std::size_t> first;
        for (std::size_t i = 0; i < group.size(); ++i) {
            if (circuit.conductors[i].unit == bank.id) {
                first = first.value_or(i);
                join(*first, i);
            }
        }
    }
    for (std::size_t i = 0; i < group.size(); ++i) {
        if (const auto pair = circuit.index->pair[i]) {
            join(i, *pair);
        }
    }
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        for (const PortPair& pair : passages(circuit.devices[d])) {
            const auto one = onlyAt(*circuit.index, d, pair.pos);
            const auto other = onlyAt(*circuit.index, d, pair.neg);
            if (one && other && isOurs(circuit.conductors[*one]) &&
                isOurs(circuit.conductors[*other])) {
                join(*one, *other);
            }
        }
    }
    std::map<std::size_t, std::vector<std::size_t>> groups;
    for (std::size_t i = 0; i < group.size(); ++i) {
        groups[group[i]].push_back(i);
    }
    std::vector<std::vector<std::size_t>> out;
    for (auto& [id, members] : groups) {
        if (members.size() > 1) {
            out.push_back(std::move(members));
        }
    }
    return out;
}

SizingIndex indexFor(const Plan& plan,
                     const Library& library,
                     const System& gear,
                     const Wiring& wiring) {
    const Circuit& circuit = wiring.circuit;
    SizingIndex out;
    for (const Conductor& c : circuit.conductors) {
        const bool has = c.protectedBy.has_value();
        out.protectedBy.push_back(has ? std::optional(indexOf(circuit, *c.protectedBy))
                                      : std::nullopt);
        out.column.push_back(&columnOf(library, c.insulation));
        out.given.push_back(givenBySource(circuit, out.given.size()));
    }
    for (const Device& device : circuit.devices) {
        out.hardware.push_back(hardwareFor(plan, library, device));
    }
    out.alike = alikeOf(gear, circuit);
    for (const DropPath& path : circuit.paths) {
        std::vector<std::size_t> indices;
        for (const ConductorId& id : path.conductors) {
            indices.push_back(indexOf(circuit, id));
        }
        out.paths.push_back(std::move(indices));
        const auto moment = std::ranges::find(wiring.sizing, path.moment, &Moment::id);
        promise(moment != wiring.sizing.end(), "a drop path names a sizing moment");
        out.pathMoment.push_back(static_cast<std::size_t>(moment - wiring.sizing.begin()));
        out.pathLimit.push_back(rule(library, path.rule).value);
    }
    return out;
}

bool raiseForCurrent(const SizingTask& task, SizingState& state) {
    bool changed = false;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        const Conductor& c = task.circuit().conductors[i];
        if (!isOurs(c)) {
            continue;
        }
        std::size_t to =
            sizeForCurrent(task, i, neededAmpacity(task, state, i, FuseView::Computed));
        if (c.purpose == Purpose::Bond) {
            to = std::max(to, bondSize(task, state));
        }
        changed = raise(task, state.conductors[i], fittingSize(task, state, i, to)) || changed;
    }
    return changed;
}

// One size more, if the person has not fixed it and its terminals and lugs take it: drop alone is
// no reason for a cable that cannot be connected.
bool canGrow(const SizingTask& task, const SizingState& state, std::size_t i) {
    const Working& w = state.conductors[i];
    if (w.fixed || w.computed >= lastSize(task)) {
        return false;
    }
    const SquareMetres next = task.library.conductors[w.computed + 1].area;
    const auto takes = [&](std::size_t member) {
        const Working& m = state.conductors[member];
        return m.fixed || m.computed > w.computed || fitsBoth(task, state, member, next);
    };
    // One cable through: a stretch before a switch does not make good for what the one behind it
    // cannot.
    const std::vector<std::size_t>* alike = alikeWith(task, i);
    return takes(i) && (alike == nullptr || std::ranges::all_of(*alike, takes));
}

// The conductor of a path that should grow: the one that loses most of what copper can save, among
// those that can. Nothing where the greatest loss is in one that the person has fixed: other cables
// are not blown up to make good for it, and a check says so.
std::optional<std::size_t> toGrow(const SizingTask& task,
                                  const SizingState& state,
                                  std::size_t path) {
    std::optional<std::size_t> best;
    Volts most, mostFixed;
    for (const std::size_t i : task.index.paths[path]) {
        const Volts here = state.conductors[i].load * ohmsOf(task, state, i, Warmth::Warm).laid();
        if (state.conductors[i].fixed) {
            mostFixed = std::max(mostFixed, here);
        } else if (canGrow(task, state, i) && (!best || here > most)) {
            best = i;
            most = here;
        }
    }
    return best && most >= mostFixed ? best : std::nullopt;
}

// In each path over its limit, one size more for one conductor and its twin.
bool raiseForDropOnce(const SizingTask& task, SizingState& state) {
    bool changed = false;
    // All as they are lost before any grows.
    std::vector<std::size_t> over;
    for (std::size_t p = 0; p < task.index.paths.size(); ++p) {
        if (fractionLost(task, state, p) > task.index.pathLimit[p]) {
            over.push_back(p);
        }
    }
    for (const std::size_t path : over) {
        const auto grown = toGrow(task, state, path);
        if (!grown) {
            continue;
        }
        Working& w = state.conductors[*grown];
        changed = raise(task, w, w.computed + 1) || changed;
        const auto twin = task.circuit().index->pair[*grown];
        if (twin && state.conductors[*twin].computed < w.computed && canGrow(task, state, *twin)) {
            raise(task, state.conductors[*twin], w.computed);
        }
    }
    return changed;
}

// The sizing moments' currents hardly hang on resistances (only shares of parallel leads do), so
// the network is solved again after the sizes have settled, not after each step.
bool raiseForDrop(const SizingTask& task, SizingState& state) {
    bool changed = false;
    while (raiseForDropOnce(task, state)) {
        changed = true;
        updateTemperatures(task, state);
    }
    return changed;
}

// What its fuse lets through is more than the cable bears; or a short behind a source that limits
// itself need not open the fuse, and is more than the cable carries for good.
bool isHurtByShort(const SizingTask& task, const SizingState& state, std::size_t i) {
    const Conductor& c = task.circuit().conductors[i];
    const Working& w = state.conductors[i];
    const SquareMetres area = task.library.conductors[w.size].area;
    if (const auto energy = letThroughOf(task, state, i, FuseView::Computed)) {
        return *energy > withstandA2s(columnOf(task.library, c.insulation), area);
    }
    const bool fused = protectorOf(task, state, i).fuse != nullptr;
    const auto carries = ampacityOf(task, i, area);
    return fused && w.faultNear.si() > 0.0 && carries && w.faultFar > *carries;
}

bool raiseForShortCircuit(const SizingTask& task, SizingState& state) {
    bool changed = false;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        Working& w = state.conductors[i];
        const bool ours = isOurs(task.circuit().conductors[i]);
        if (ours && !w.fixed && isHurtByShort(task, state, i)) {
            changed = raise(task, w, w.computed + 1) || changed;
        }
    }
    return changed;
}

// The largest size up to this that its terminals and lugs take; 0 where none is.
std::size_t fittingUpTo(const SizingTask& task,
                        const SizingState& state,
                        std::size_t conductor,
                        std::size_t most) {
    while (most > 0 && !fitsBoth(task, state, conductor, task.library.conductors[most].area)) {
        --most;
    }
    return most;
}

// To the largest among them, as far as each can be connected.
bool raiseAlike(const SizingTask& task, SizingState& state) {
    bool changed = false;
    for (const std::vector<std::size_t>& alike : task.index.alike) {
        std::size_t most = 0;
        for (const std::size_t i : alike) {
            most = std::max(most, state.conductors[i].computed);
        }
        for (const std::size_t i : alike) {
            const std::size_t to = fittingUpTo(task, state, i, most);
            changed = raise(task, state.conductors[i], to) || changed;
        }
    }
    return changed;
}

bool sameFuse(const std::optional<ChosenFuse>& a, const std::optional<ChosenFuse>& b) {
    return !a || (a->family == b->family && a->rating == b->rating);
}

bool fusesSettled(const SizingState& before, const SizingState& after) {
    for (std::size_t i = 0; i < after.conductors.size(); ++i) {
        const Working& a = before.conductors[i];
        const Working& b = after.conductors[i];
        if (!sameFuse(a.fuseFrom, b.fuseFrom) || !sameFuse(a.fuseTo, b.fuseTo)) {
            return false;
        }
    }
    return true;
}

// Sizes and families only rise, and once they rest ratings do: each pass either raises something or
// is the last. The bound is every conductor through every size, and every device through every
// model.
int runLoop(const SizingTask& task, SizingState& state) {
    const int most = static_cast<int>(state.conductors.size() * task.library.conductors.size() +
                                      state.hardware.size() * task.library.hardware.size()) +
                     10;
    solveFirstLoads(task, state);
    raiseHardware(task, state);
    Ratings ratings = Ratings::Afresh;
    for (int pass = 1; pass <= most; ++pass) {
        const SizingState before = state;
        chooseFuses(task, state, ratings);
        bool changed = raiseForCurrent(task, state);
        updateTemperatures(task, state);
        changed = raiseForDrop(task, state) || changed;
        solveLoads(task, state);
        ratings = changed ? Ratings::Afresh : ratings;
        chooseFuses(task, state, ratings);
        solveFaults(task, state);
        chooseFuses(task, state, ratings);
        changed = raiseForShortCircuit(task, state) || changed;
        changed = raiseAlike(task, state) || changed;
        changed = raiseHardware(task, state) || changed;
        if (!changed && fusesSettled(before, state)) {
            return pass;
        }
        ratings = changed ? Ratings::Afresh : Ratings::OnlyRise;
    }
    unreachable("the sizing loop ends");
}

}  // namespace

std::size_t indexOf(const Circuit& circuit, const ConductorId& id) {
    const Conductor* found = findConductor(circuit, id);
    promise(found != nullptr, "a conductor is in the circuit");
    return static_cast<std::size_t>(found - circuit.conductors.data());
}

const std::vector<std::size_t>* alikeWith(const SizingTask& task, std::size_t index) {
    const auto found = std::ranges::find_if(task.index.alike, [index](const auto& alike) {
        return std::ranges::find(alike, index) != alike.end();
    });
    return found == task.index.alike.end() ? nullptr : &*found;
}

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

std::optional<Amps> ampacityOf(const SizingTask& task, std::size_t index, SquareMetres area) {
    const Route& route = task.lengths.routes[index];
    return ampacity(*task.index.column[index],
                    area,
                    {route.ambient, bundleFactor(task.library, route.tied).factor});
}

std::size_t sizeForCurrent(const SizingTask& task, std::size_t index, Amps needed) {
    for (std::size_t i = 0; i < task.library.conductors.size(); ++i) {
        const auto carries = ampacityOf(task, index, task.library.conductors[i].area);
        if (carries && *carries >= needed) {
            return i;
        }
    }
    return lastSize(task);
}

Protector protectorOf(const SizingTask& task, const SizingState& state, std::size_t index) {
    const Conductor& c = task.circuit().conductors[index];
    const auto& own = state.conductors[index].fuseFrom;
    if (own) {
        return own->leftOut ? Protector{} : Protector{&*own, c.id};
    }
    if (!task.index.protectedBy[index]) {
        return {};
    }
    const auto& other = state.conductors[*task.index.protectedBy[index]].fuseFrom;
    return other && !other->leftOut ? Protector{&*other, *c.protectedBy} : Protector{};
}

Amps neededAmpacity(const SizingTask& task,
                    const SizingState& state,
                    std::size_t index,
                    FuseView view) {
    const Conductor& c = task.circuit().conductors[index];
    const double factor = rule(task.library, "continuous_factor").value;
    if (c.rated) {
        return *c.rated;
    }
    const Protector protector = protectorOf(task, state, index);
    const Amps load = state.conductors[index].load * factor;
    if (protector.fuse == nullptr) {
        return load;
    }
    const bool computed = view == FuseView::Computed;
    return std::max(load, computed ? protector.fuse->computedRating : protector.fuse->rating);
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
