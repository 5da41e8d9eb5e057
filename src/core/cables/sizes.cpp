// SPDX-License-Identifier: GPL-3.0-or-later
// The size of every conductor: the smallest that all rules allow with currents, faults and fuses as
// they stand. Each rule is asked for itself, and the largest answer counts: what one conductor
// gains by another's thickness is never taken from it, so that more load, length or heat anywhere
// thins nothing.

#include <algorithm>
#include <cmath>

#include "core/cables/conductor_physics.h"
#include "core/cables/fittings.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/habits.h"
#include "core/cables/sizing.h"

namespace spirk {

namespace {

// The largest answer so far, and whose it is.
struct SizeNeed {
    std::size_t size = 0;
    Decides decides = Decides::Least;
    std::string habit;

    void atLeast(std::size_t other, Decides by, std::string whichHabit = {}) {
        if (other > size) {
            size = other;
            decides = by;
            habit = std::move(whichHabit);
        }
    }
};

// What its fuse lets through is more than the cable bears; or a short need not open a fuse, and is
// more than the cable carries for good.
bool isHurtByShort(const SizingTask& task,
                   const SizingState& state,
                   std::size_t i,
                   std::size_t size) {
    const Conductor& c = task.circuit().conductors[i];
    const Working& w = state.conductors[i];
    const SquareMetres area = task.library.conductors[size].area;
    if (const auto energy = letThroughOf(task, state, i, FuseView::Computed)) {
        return energy->a2s > withstandA2s(columnOf(task.library, c.insulation), area);
    }
    const auto carries = ampacityOf(task, i, area);
    const bool fused = protectorOf(task, state, i, FuseView::Computed).fuse != nullptr;
    const bool mayLast = fused && w.faultNear.si() > 0.0 && carries && w.faultFar > *carries;
    return mayLast || std::ranges::any_of(w.returned, [&](Amps back) {
               return c.purpose != Purpose::Bond && carries && back > *carries && !fused;
           });
}

// A fuse in a block or a distributor that cannot interrupt the short by itself lives by the one
// before it: the branch must bear what that lets through.
bool needsBackup(const SizingTask& task,
                 const SizingState& state,
                 std::size_t i,
                 std::size_t size) {
    const auto& fuse = state.conductors[i].fuseFrom;
    if (!fuse || fuse->leftOut || fuse->holds == Holds::Itself) {
        return false;
    }
    const auto through = throughBackup(task, state, i, FuseView::Computed, fuse->strongest);
    const double bears = withstandA2s(*task.index.column[i], task.library.conductors[size].area);
    return through && *through > bears;
}

using AsksForMore = bool (*)(const SizingTask&, const SizingState&, std::size_t, std::size_t);

// The thinnest that is not asked for more.
std::size_t sizeUntilNot(AsksForMore asks,
                         const SizingTask& task,
                         const SizingState& state,
                         std::size_t i) {
    std::size_t size = 0;
    while (size < task.lastSize() && asks(task, state, i, size)) {
        ++size;
    }
    return size;
}

// Small sizes have a largest fuse of their own in some regions, whatever their ampacity.
std::size_t sizeForDevice(const SizingTask& task, const SizingState& state, std::size_t i) {
    const Protector own = protectorOf(task, state, i, FuseView::Computed);
    const Conductor& c = task.circuit().conductors[i];
    std::size_t size = 0;
    if (own.fuse == nullptr || c.side == Side::Panels || c.purpose == Purpose::Signal) {
        return size;
    }
    const auto tooLarge = [&](const ConductorRow& row) {
        return row.largestDevice.si() > 0.0 && own.fuse->computedRating > row.largestDevice;
    };
    while (size < task.lastSize() && tooLarge(task.library.conductors[size])) {
        ++size;
    }
    return size;
}

// The largest sizes that can be connected, found once for each conductor and size that is asked.
class Fits {
public:
    Fits(const SizingTask& task, const SizingState& state)
        : task_(task), state_(state), known_(state.conductors.size()) {}

    // One cable through: a stretch before a switch does not make good for what the one behind it
    // cannot.
    [[nodiscard]] std::size_t upTo(std::size_t i, std::size_t size) const {
        auto& known = known_[i];
        if (known.empty()) {
            known.resize(task_.library.conductors.size());
        }
        if (!known[size]) {
            std::size_t out = fittingUpTo(task_, state_, i, size);
            if (const auto* alike = alikeWith(task_, i)) {
                for (const std::size_t member : *alike) {
                    out = std::min(out, fittingUpTo(task_, state_, member, out));
                }
            }
            known[size] = out;
        }
        return *known[size];
    }

private:
    const SizingTask& task_;
    const SizingState& state_;
    mutable std::vector<std::vector<std::optional<std::size_t>>> known_;
};

// A path of drop as what its wires may lose, and what they lose at other sizes.
class PathBudget {
public:
    PathBudget(const SizingTask& task, const SizingState& state, const Fits& fits, std::size_t path)
        : task_(task), state_(state), fits_(fits), path_(path) {
        const Volts base = task.circuit().paths[path].base;
        members_ = task.index.paths[path];
        // Joints, fuses, switches: what no cable saves.
        budget_ = base * task.index.pathLimit[path] - state.pathRest[path];
        // Where those alone take nearly all there is, no copper helps; it would only be absurd.
        budget_ = std::max(budget_, base * (task.index.pathLimit[path] * kLeastForCopper));
    }

    [[nodiscard]] const std::vector<std::size_t>& members() const { return members_; }
    // Of each member, the size that keeps the path within its limit: least copper in all where
    // areas go with the square root of the current.
    [[nodiscard]] std::vector<std::size_t> sizes() const {
        double high = 0.0;
        for (const std::size_t i : members_) {
            const double root = rootOf(i);
            if (root > 0.0) {
                high = std::max(high, inMm2(task_.library.conductors.back().area) / root);
            }
        }
        if (high <= 0.0) {
            return std::vector<std::size_t>(members_.size(), 0);
        }
        // Out of reach: nearly as far as it goes, for the last of it would only be absurd.
        const Volts aim = std::max(budget_, lost(at(high)) * kNearlyAll);
        double low = 0.0;
        for (int i = 0; i < kHalvings; ++i) {
            const double middle = 0.5 * (low + high);
            (lost(at(middle)) > aim ? low : high) = middle;
        }
        return at(high);
    }

private:
    static constexpr double kLeastForCopper = 0.2;
    static constexpr int kHalvings = 40;
    static constexpr double kNearlyAll = 1.1;

    [[nodiscard]] Amps currentOf(std::size_t i) const {
        return currentOnPath(task_, state_, path_, i);
    }
    [[nodiscard]] double rootOf(std::size_t i) const { return std::sqrt(currentOf(i).si()); }
    [[nodiscard]] Volts lossOf(std::size_t i, std::size_t size) const {
        return currentOf(i) * wireResistance(task_.library.conductors[size],
                                             task_.lengths.routes[i].length,
                                             state_.conductors[i].temperature);
    }
    // Sizes for areas of so many mm2 for the root of an ampere; none larger than can be connected.
    [[nodiscard]] std::vector<std::size_t> at(double perRoot) const {
        std::vector<std::size_t> out;
        for (const std::size_t i : members_) {
            const std::size_t size =
                sizeAtLeast(task_, squareMillimetres(perRoot * rootOf(i) * kNearly));
            out.push_back(fits_.upTo(i, size));
        }
        return out;
    }
    static constexpr double kNearly = 1.0 - 1e-9;
    [[nodiscard]] Volts lost(const std::vector<std::size_t>& sizes) const {
        Volts out;
        for (std::size_t k = 0; k < members_.size(); ++k) {
            out += lossOf(members_[k], sizes[k]);
        }
        return out;
    }

    const SizingTask& task_;
    const SizingState& state_;
    const Fits& fits_;
    std::size_t path_;
    std::vector<std::size_t> members_;
    Volts budget_;
};

void askPaths(const SizingTask& task, const SizingState& state, std::vector<SizeNeed>& needs) {
    const Fits fits(task, state);
    for (std::size_t p = 0; p < task.index.paths.size(); ++p) {
        const PathBudget budget(task, state, fits, p);
        const std::vector<std::size_t> sizes = budget.sizes();
        for (std::size_t k = 0; k < sizes.size(); ++k) {
            needs[budget.members()[k]].atLeast(sizes[k], Decides::Drop);
        }
    }
}

SizeNeed needOf(const SizingTask& task, const SizingState& state, std::size_t i) {
    const Conductor& c = task.circuit().conductors[i];
    SizeNeed need{
        sizeAtLeast(task, squareMillimetres(rule(task.library, "min_area_mm2").value)), {}, {}};
    const NeededAmpacity needed = neededAmpacity(task, state, i, FuseView::Computed);
    need.atLeast(sizeForCurrent(task, i, needed.amps), needed.decides);
    need.atLeast(sizeUntilNot(isHurtByShort, task, state, i), Decides::ShortCircuit);
    need.atLeast(sizeUntilNot(needsBackup, task, state, i), Decides::Backup);
    need.atLeast(sizeForDevice(task, state, i), Decides::Device);
    for (const EndAt* end :
         {&task.circuit().index->ends[i].from, &task.circuit().index->ends[i].to}) {
        const Port& port = task.circuit().devices[end->device].ports[end->port];
        need.atLeast(sizeAtLeast(task, port.leastArea), Decides::Maker);
    }
    if (c.purpose == Purpose::Bond) {
        need.atLeast(sizeAtLeast(task, squareMillimetres(rule(task.library, "bond_min_mm2").value)),
                     Decides::Bond);
    }
    for (const HabitSize& asked : leastByHabit(task, state, i)) {
        need.atLeast(asked.size, Decides::Habit, asked.habit);
    }
    return need;
}

// To the largest among those of one size, as far as each can be connected.
void askAlike(const SizingTask& task, const SizingState& state, std::vector<SizeNeed>& needs) {
    for (const std::vector<std::size_t>& alike : task.index.alike) {
        std::size_t most = 0;
        for (const std::size_t i : alike) {
            most = std::max(most, needs[i].size);
        }
        for (const std::size_t i : alike) {
            needs[i].atLeast(fittingUpTo(task, state, i, most), Decides::Alike);
        }
    }
}

void askLugs(const SizingTask& task, const SizingState& state, std::vector<SizeNeed>& needs) {
    for (std::size_t i = 0; i < needs.size(); ++i) {
        needs[i].atLeast(fittingSize(task, state, i, needs[i].size), Decides::Lug);
    }
}

std::vector<SizeNeed> allNeeds(const SizingTask& task, const SizingState& state) {
    std::vector<SizeNeed> needs;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        needs.push_back(isOurs(task.circuit().conductors[i]) ? needOf(task, state, i) : SizeNeed{});
    }
    askPaths(task, state, needs);
    askLugs(task, state, needs);
    askAlike(task, state, needs);
    return needs;
}

}  // namespace

bool chooseSizes(const SizingTask& task, SizingState& state, Choice choice) {
    bool changed = false;
    const std::vector<SizeNeed> needs = allNeeds(task, state);
    for (std::size_t i = 0; i < needs.size(); ++i) {
        Working& w = state.conductors[i];
        if (!isOurs(task.circuit().conductors[i]) ||
            task.circuit().conductors[i].found.has_value()) {
            continue;
        }
        const bool keeps = choice == Choice::OnlyRise && needs[i].size <= w.computed;
        if (!keeps) {
            changed = changed || needs[i].size != w.computed;
            w.computed = needs[i].size;
            w.decides = needs[i].decides;
            w.habit = needs[i].habit;
            w.size = w.fixed ? w.size : w.computed;
        }
    }
    return changed;
}

std::size_t sizeAtLeast(const SizingTask& task, SquareMetres area) {
    const auto found = std::ranges::lower_bound(
        task.library.conductors, area, {}, [](const ConductorRow& r) { return r.area; });
    return found == task.library.conductors.end()
               ? task.lastSize()
               : static_cast<std::size_t>(found - task.library.conductors.begin());
}

std::size_t sizeForCurrent(const SizingTask& task, std::size_t index, Amps needed) {
    for (std::size_t i = 0; i < task.library.conductors.size(); ++i) {
        const auto carries = ampacityOf(task, index, task.library.conductors[i].area);
        if (carries && enough(*carries, needed)) {
            return i;
        }
    }
    return task.lastSize();
}

std::optional<Amps> ampacityOf(const SizingTask& task, std::size_t index, SquareMetres area) {
    const Route& route = task.lengths.routes[index];
    return ampacity(*task.index.column[index],
                    area,
                    {route.ambient, bundleFactor(task.library, route.tied).factor});
}

NeededAmpacity neededAmpacity(const SizingTask& task,
                              const SizingState& state,
                              std::size_t index,
                              FuseView view) {
    const Conductor& c = task.circuit().conductors[index];
    if (c.rated) {
        return {*c.rated, Decides::Current, {}};
    }
    const auto ratingOf = [view](const ChosenFuse& fuse) {
        return view == FuseView::Computed ? fuse.computedRating : fuse.rating;
    };
    NeededAmpacity out{
        state.conductors[index].load * rule(task.library, "continuous_factor").value, {}, {}};
    out.decides = Decides::Current;
    const Protector own = protectorOf(task, state, index, view);
    if (own.fuse != nullptr && ratingOf(*own.fuse) > out.amps) {
        out = {ratingOf(*own.fuse), Decides::Current, own.owner};
    }
    // What a bond carries of those is short; what else returns through a negative may be an
    // overload, as long as that fuse bears it.
    for (const std::size_t feed : task.index.returns[index]) {
        const Protector other = protectorOf(task, state, feed, view);
        const bool more =
            c.purpose != Purpose::Bond && other.fuse != nullptr && ratingOf(*other.fuse) > out.amps;
        if (more) {
            out = {ratingOf(*other.fuse), Decides::Returns, other.owner};
        }
    }
    return out;
}

}  // namespace spirk
