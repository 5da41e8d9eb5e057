// SPDX-License-Identifier: GPL-3.0-or-later
// Family and rating of every fuse: 1.25 times the load, next rating up; the first family, from the
// cheapest up, whose interrupting capacity and largest cable suit the place.

#include <algorithm>
#include <array>

#include "core/cables/conductor_physics.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/sizing.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

// Judgement: on a battery's stud the cube needs no pigtail; elsewhere strip fuses, and where the
// short circuit is beyond them the cube on the bar's stud, then class T.
constexpr std::array<const char*, 2> kAtBattery{"cube", "class_t"};
constexpr std::array<const char*, 4> kElsewhere{"sf30", "sf51", "cube", "class_t"};
// Where a distributor does not say what its ways take.
constexpr std::array<const char*, 2> kInDistributor{"sf51", "anl"};
// Enable and sense leads draw milliamperes; the smallest fuse that shops keep is enough.
constexpr double kControlAmps = 3.0;

bool atBattery(const SizingTask& task, const Conductor& c, End end) {
    const Device* d = findDevice(task.circuit(), (end == End::From ? c.from : c.to).device);
    return d != nullptr && d->kind == DeviceKind::Battery;
}

// What the ways of the distributor at this end take; empty where it holds any, or is none.
std::string heldAt(const SizingTask& task, std::size_t index, End end, const Protection& slot) {
    if (slot.holds != Holds::Distributor) {
        return {};
    }
    const auto& [from, to] = task.circuit().index->ends[index];
    const Device& d = task.circuit().devices[(end == End::From ? from : to).device];
    const HardwareModel* model =
        d.made ? findHardware(task.plan, task.library, d.made->model) : nullptr;
    return model == nullptr ? std::string() : model->fuses;
}

bool suits(const FuseFamily& family, Amps needed, Amps prospective, SquareMetres area) {
    return ratingFor(family, needed) && family.interrupting >= prospective &&
           family.maxArea >= area;
}

// From `present` on: as sizes and short circuits only grow, a family once left would not suit
// again, and the loop ends. Empty `present`: from the cheapest.
template <class List>
std::string firstSuitable(const Library& library,
                          const List& list,
                          const ChosenFuse& fuse,
                          Amps needed,
                          SquareMetres area) {
    const auto present = std::ranges::find(list, fuse.computedFamily);
    for (auto at = present == list.end() ? list.begin() : present; at != list.end(); ++at) {
        if (suits(familyOf(library, *at), needed, fuse.prospective, area)) {
            return *at;
        }
    }
    // None suits: the one that interrupts most; the checks say what is missing.
    return list.back();
}

// The next rating up; where the family ends below it, its largest: the checks say so.
Amps ratingOf(const FuseFamily& family, Amps needed) {
    return ratingFor(family, needed).value_or(family.ratings.back());
}

// The fuse before the block interrupts for a blade fuse whose own capacity is too small, where it
// has the capacity and the blade's cable bears what it lets through (IEC 60364-4-43, 434.5.1).
std::optional<ConductorId> backupFor(const SizingTask& task,
                                     const SizingState& state,
                                     std::size_t index,
                                     const ChosenFuse& fuse) {
    const auto& conductors = task.circuit().conductors;
    const Conductor& c = conductors[index];
    if (fuse.prospective <= familyOf(task.library, fuse.family).interrupting) {
        return std::nullopt;
    }
    // Only a single feeder sees the whole fault.
    const auto feeds = [&](const Conductor& other) {
        return other.to.device == c.from.device && isHousePole(other, Pole::Positive);
    };
    if (std::ranges::count_if(conductors, feeds) != 1) {
        return std::nullopt;
    }
    for (std::size_t i = 0; i < conductors.size(); ++i) {
        const Protector up = feeds(conductors[i]) ? protectorOf(task, state, i) : Protector{};
        if (up.fuse == nullptr) {
            continue;
        }
        const FuseFamily& family = familyOf(task.library, up.fuse->family);
        const auto energy = letThroughA2s(family, up.fuse->rating, fuse.prospective);
        const SquareMetres area = task.library.conductors[state.conductors[index].size].area;
        const double bears = withstandA2s(columnOf(task.library, c.insulation), area);
        if (family.interrupting >= fuse.prospective && energy && *energy <= bears) {
            return up.owner;
        }
    }
    return std::nullopt;
}

void applyAmendment(const SizingTask& task, const ConductorId& id, End end, ChosenFuse& fuse) {
    for (const Amendment& amendment : task.plan.amendments) {
        const auto* set = std::get_if<SetFuse>(&amendment);
        if (set != nullptr && set->conductor == id && set->end == end) {
            fuse.rating = set->rating;
            fuse.amended = true;
            if (findById(task.library.fuses, set->family) != nullptr) {
                fuse.family = set->family;
            }
        }
    }
}

// What a maker can have put before a cable: no more than that bears; the least that is made where
// it bears none.
Amps largestBehind(const SizingTask& task,
                   const SizingState& state,
                   std::size_t index,
                   const ChosenFuse& fuse) {
    const SquareMetres area = task.library.conductors[state.conductors[index].size].area;
    const FuseFamily& family = familyOf(task.library, fuse.family);
    const Amps bears = ampacityOf(task, index, area).value_or(Amps{});
    return ratingWithin(family, bears).value_or(family.ratings.front());
}

void chooseOne(const SizingTask& task,
               const SizingState& state,
               std::size_t index,
               End end,
               Ratings ratings,
               ChosenFuse& fuse) {
    const Conductor& c = task.circuit().conductors[index];
    const Working& w = state.conductors[index];
    const Protection& slot = *protectionAt(task.circuit(), c, end);
    const double factor = rule(task.library, "continuous_factor").value;
    fuse.distance = slot.distance;
    fuse.holds = slot.holds;
    fuse.leftOut = slot.leftOut;
    fuse.needed = c.purpose == Purpose::Signal ? amps(kControlAmps) : w.load * factor;
    const SquareMetres area = task.library.conductors[w.computed].area;
    const std::string held = heldAt(task, index, end, slot);
    const std::string family =
        !slot.family.empty() ? slot.family
        : !held.empty()      ? held
        : slot.holds == Holds::Distributor
            ? firstSuitable(task.library, kInDistributor, fuse, fuse.needed, area)
        : atBattery(task, c, end)
            ? firstSuitable(task.library, kAtBattery, fuse, fuse.needed, area)
            : firstSuitable(task.library, kElsewhere, fuse, fuse.needed, area);
    const Amps rating = ratingOf(familyOf(task.library, family), fuse.needed);
    const bool keep = ratings == Ratings::OnlyRise && family == fuse.computedFamily;
    fuse.computedRating = keep ? std::max(rating, fuse.computedRating) : rating;
    fuse.computedFamily = family;
    fuse.family = fuse.computedFamily;
    fuse.rating = fuse.computedRating;
    if (slot.found) {
        fuse.rating = slot.found->rating.value_or(largestBehind(task, state, index, fuse));
        fuse.found = true;
    }
    applyAmendment(task, c.id, end, fuse);
    if (familyOf(task.library, fuse.family).mount == FuseMount::Stud && !slot.distanceSet) {
        fuse.distance = metres(0.0);
    }
    fuse.backup = backupFor(task, state, index, fuse);
}

}  // namespace

void chooseFuses(const SizingTask& task, SizingState& state, Ratings ratings) {
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        Working& w = state.conductors[i];
        if (w.fuseFrom) {
            chooseOne(task, state, i, End::From, ratings, *w.fuseFrom);
        }
        if (w.fuseTo) {
            chooseOne(task, state, i, End::To, ratings, *w.fuseTo);
        }
    }
}

}  // namespace spirk
