// SPDX-License-Identifier: GPL-3.0-or-later
// Family and rating of every fuse: 1.25 times the load, next rating up; the first family, from the
// cheapest up, whose interrupting capacity and largest cable suit the place.

#include <algorithm>
#include <functional>
#include <map>

#include "core/cables/conductor_physics.h"
#include "core/cables/fittings.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/habits.h"
#include "core/cables/sizing.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

constexpr double kRatedAt = 25.0;  // degC, of fuses
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

// What a fuse is chosen for.
struct Asked {
    std::function<Amps(const FuseFamily&)> needed;
    // The same of what flows in thick wires: what decides between families hangs on no size, or a
    // longer lead could come to a smaller family and a thinner cable.
    std::function<Amps(const FuseFamily&)> unhindered;
    Amps prospective;  // with the strongest batteries that are sold: the choice must suffice there
    SquareMetres area;
    Volts nominal;
    Holds holds = Holds::Itself;
};

bool suits(const FuseFamily& family, const Asked& asked) {
    return ratingFor(family, asked.needed(family)) &&
           interruptingAt(family, asked.nominal) >= asked.prospective &&
           family.maxArea >= asked.area;
}

// Which families each place tries is data ('usual_at'). Judgement: on a battery's stud the cube
// needs no pigtail; elsewhere strip fuses, and where the short circuit is beyond them the cube on
// the bar's stud, then class T; in a thin lead what is sold with it, and where that cannot
// interrupt a battery's short circuit the small cartridge that can.
//
// The first that suits, the cheapest first; once sizes only rise, from `present` on, so that the
// loop ends.
std::string firstSuitable(const Library& library,
                          FuseUse use,
                          const std::string& present,
                          const Asked& asked) {
    const std::vector<std::string>& list = usualFuses(library, use);
    const auto from = std::ranges::find(list, present);
    for (auto at = from == list.end() ? list.begin() : from; at != list.end(); ++at) {
        if (suits(familyOf(library, *at), asked)) {
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

// The fuse before the block or the bar that a conductor begins at. Only a single feeder sees the
// whole fault.
Protector upstreamOf(const SizingTask& task,
                     const SizingState& state,
                     std::size_t index,
                     FuseView view) {
    const CircuitIndex& circuit = *task.circuit().index;
    std::optional<std::size_t> feeder;
    for (const EndOn& on : circuit.endsOn[circuit.ends[index].from.device]) {
        if (on.end == End::To &&
            isHousePole(task.circuit().conductors[on.conductor], Pole::Positive)) {
            if (feeder) {
                return {};
            }
            feeder = on.conductor;
        }
    }
    return feeder ? protectorOf(task, state, *feeder, view) : Protector{};
}

// It interrupts for a fuse whose own capacity is too small, where it has the capacity and that
// one's cable bears what it lets through (IEC 60364-4-43, 434.5.1).
std::optional<ConductorId> backupFor(const SizingTask& task,
                                     const SizingState& state,
                                     std::size_t index,
                                     Amps fault) {
    const auto through = throughBackup(task, state, index, FuseView::Fitted, fault);
    const SquareMetres area = task.library.conductors[state.conductors[index].size].area;
    const double bears = withstandA2s(*task.index.column[index], area);
    return through && *through <= bears
               ? std::optional(upstreamOf(task, state, index, FuseView::Fitted).owner)
               : std::nullopt;
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

// What it bears for good where it stands, of its rating.
double borneAt(const SizingTask& task, std::size_t index, End end, const FuseFamily& family) {
    const auto& [from, to] = task.circuit().index->ends[index];
    const PlaceId& place = task.circuit().devices[(end == End::From ? from : to).device].place;
    const auto found = std::ranges::find(task.plan.van.places, place, &VanPlace::id);
    if (found == task.plan.van.places.end()) {
        return 1.0;
    }
    return 1.0 - family.perKelvin * std::max(0.0, found->ambient.degrees - kRatedAt);
}

// 1.25 times what flows for hours, and in the warm a little above it with what the fuse loses
// there; of a charger that cannot exceed its rating the latter is enough, where the fuse is bolted.
struct Factor {
    double factor = 1.0;
    const char* rule = nullptr;
    std::optional<double> bears;
};
Factor factorFor(const SizingTask& task, std::size_t index, End end, const FuseFamily& family) {
    const Protection& slot = *protectionAt(task.circuit(), task.circuit().conductors[index], end);
    const bool bolted = slot.holds != Holds::Block && slot.family.empty();
    const bool limited =
        task.index.limited[index] && bolted && follows(task.plan, habit::kChargerFuse);
    const double usual = rule(task.library, "continuous_factor").value;
    const double bears = borneAt(task, index, end, family);
    const double warm = rule(task.library, "charger_factor").value / bears;
    return limited || warm > usual ? Factor{warm, "charger_factor", bears}
                                   : Factor{usual, "continuous_factor", {}};
}

// Judgement: a fuse of more than twice what is needed protects the cable, not what hangs on it.
constexpr double kFarAbove = 2.0;
// Judgement: one of so many times what is needed is no fuse for it at all.
constexpr double kAbsurd = 10.0;

// Where the ways of a distributor begin far above what is needed, or above what any cable bears
// that the terminals take, the fuse gets a holder of its own beside it.
bool outgrows(const SizingTask& task,
              const SizingState& state,
              std::size_t index,
              const std::string& held,
              Amps needed) {
    const Amps least = familyOf(task.library, held).ratings.front();
    const std::size_t thickest = fittingUpTo(task, state, index, task.lastSize());
    const ConductorRow& row = task.library.conductors[thickest];
    const Amps bears = ampacityOf(task, index, row.area).value_or(Amps());
    const bool allowed = row.largestDevice.si() <= 0.0 || row.largestDevice >= least;
    return least > needed * kFarAbove || least > bears || !allowed;
}

// What holds it: its slot, but for a distributor's way that it outgrows.
Holds holdsAt(const SizingTask& task,
              const SizingState& state,
              std::size_t index,
              End end,
              const std::function<Amps(const FuseFamily&)>& needed,
              Holds slotHolds) {
    const Protection& slot = *protectionAt(task.circuit(), task.circuit().conductors[index], end);
    const std::string held = heldAt(task, index, end, slot);
    const bool out = slotHolds == Holds::Distributor && !held.empty() &&
                     outgrows(task, state, index, held, needed(familyOf(task.library, held)));
    return out ? Holds::Itself : slotHolds;
}

// Bolted fuses begin far above what a small load needs: that gets one of a thin lead.
std::string smallOrBolted(const Library& library,
                          FuseUse use,
                          const std::string& present,
                          const Asked& asked) {
    const std::vector<std::string>& bolted = usualFuses(library, use);
    const FuseFamily& first = familyOf(library, bolted.front());
    const std::string thin = firstSuitable(library, FuseUse::ThinLead, present, asked);
    // Once it has grown to a bolted fuse it stays one, so that the loop ends.
    const bool grown = std::ranges::find(bolted, present) != bolted.end();
    const std::string strong = firstSuitable(library, use, present, asked);
    const bool small = !grown && first.ratings.front() > asked.unhindered(first) * kFarAbove &&
                       suits(familyOf(library, thin), asked);
    // Its cable would fit no terminal of the load: better to ask for the short-circuit current.
    const FuseFamily& other = familyOf(library, strong);
    const bool absurd = !grown && other.ratings.front() > asked.unhindered(other) * kAbsurd;
    return small || absurd ? thin : strong;
}

std::string familyFor(const SizingTask& task,
                      std::size_t index,
                      End end,
                      const std::string& present,
                      const Asked& asked) {
    const Conductor& c = task.circuit().conductors[index];
    const Protection& slot = *protectionAt(task.circuit(), c, end);
    if (!slot.family.empty()) {
        return slot.family;
    }
    if (asked.holds == Holds::Distributor) {
        const std::string held = heldAt(task, index, end, slot);
        return held.empty() ? firstSuitable(task.library, FuseUse::Distributor, present, asked)
                            : held;
    }
    if (c.purpose == Purpose::Signal) {
        return firstSuitable(task.library, FuseUse::ThinLead, present, asked);
    }
    const DeviceKind feeds =
        task.circuit().devices[task.circuit().index->ends[index].to.device].kind;
    if (atBattery(task, c, end)) {
        const bool loads = feeds == DeviceKind::Load || feeds == DeviceKind::Strip ||
                           feeds == DeviceKind::LoadSwitch;
        return loads ? smallOrBolted(task.library, FuseUse::Battery, present, asked)
                     : firstSuitable(task.library, FuseUse::Battery, present, asked);
    }
    // A block's feed stays above its branches.
    return feeds == DeviceKind::FuseBlock
               ? firstSuitable(task.library, FuseUse::Elsewhere, present, asked)
               : smallOrBolted(task.library, FuseUse::Elsewhere, present, asked);
}

// The next rating up, and within what the maker allows: the next one down.
Amps computedRating(const SizingTask& task,
                    std::size_t index,
                    const FuseFamily& family,
                    Amps needed) {
    const Amps rating = ratingOf(family, needed);
    if (const auto& most = task.index.makersFuse[index]; most && rating > *most) {
        return ratingWithin(family, *most).value_or(family.ratings.front());
    }
    // Above what the thickest cable bears a fuse protects nothing: better one that opens.
    const auto bears = ampacityOf(task, index, task.library.conductors.back().area);
    return bears && rating > *bears ? ratingWithin(family, *bears).value_or(rating) : rating;
}

void chooseOne(const SizingTask& task,
               const SizingState& state,
               std::size_t index,
               End end,
               Choice choice,
               ChosenFuse& fuse) {
    const Conductor& c = task.circuit().conductors[index];
    const Working& w = state.conductors[index];
    const Protection& slot = *protectionAt(task.circuit(), c, end);
    fuse.distance = slot.distance;
    fuse.sheathed = slot.sheathed;
    fuse.leftOut = slot.leftOut;
    const bool rises = choice == Choice::OnlyRise;
    const std::string present = rises ? fuse.computedFamily : std::string();
    const auto neededFor = [&](Amps load) {
        return [&, load](const FuseFamily& family) {
            return c.purpose == Purpose::Signal ? amps(kControlAmps)
                                                : load * factorFor(task, index, end, family).factor;
        };
    };
    const auto neededOf = neededFor(w.load);
    const auto unhindered = neededFor(w.unhindered);
    fuse.holds = holdsAt(task, state, index, end, unhindered, rises ? fuse.holds : slot.holds);
    const std::string family = familyFor(task,
                                         index,
                                         end,
                                         present,
                                         {neededOf,
                                          unhindered,
                                          fuse.strongest,
                                          task.library.conductors[w.computed].area,
                                          task.index.nominal[index],
                                          fuse.holds});
    const FuseFamily& chosen = familyOf(task.library, family);
    const Factor factor = factorFor(task, index, end, chosen);
    fuse.factorRule = factor.rule;
    fuse.bears = factor.bears;
    fuse.needed = neededOf(chosen);
    const Amps rating = computedRating(task, index, chosen, fuse.needed);
    const bool keep = rises && family == fuse.computedFamily;
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
    fuse.interrupts =
        interruptingAt(familyOf(task.library, fuse.family), task.index.nominal[index]);
    const bool atSource = end == End::From;
    fuse.backup = atSource ? backupFor(task, state, index, fuse.strongest) : std::nullopt;
    fuse.usuallyBacked = atSource && backupFor(task, state, index, fuse.prospective).has_value();
}

}  // namespace

namespace {

// Links from battery to battery share by their resistance, fuses included: all of a bank have one
// rating, the largest that any of them needs. Else the last link would be choked by its own fuse.
void evenLinks(const SizingTask& task, SizingState& state) {
    const auto isLink = [&](std::size_t i) {
        const Conductor& c = task.circuit().conductors[i];
        return c.purpose == Purpose::Link && atBattery(task, c, End::From) &&
               atBattery(task, c, End::To);
    };
    const auto each = [&](const auto& visit) {
        for (std::size_t i = 0; i < state.conductors.size(); ++i) {
            for (auto* fuse : {&state.conductors[i].fuseFrom, &state.conductors[i].fuseTo}) {
                if (*fuse && isLink(i)) {
                    visit(task.circuit().conductors[i].unit, **fuse);
                }
            }
        }
    };
    std::map<UnitId, Amps> most;
    each([&](const UnitId& unit, const ChosenFuse& fuse) {
        most[unit] = std::max(most[unit], fuse.computedRating);
    });
    each([&](const UnitId& unit, ChosenFuse& fuse) {
        const auto rating = ratingFor(familyOf(task.library, fuse.computedFamily), most[unit]);
        fuse.computedRating = rating.value_or(fuse.computedRating);
        fuse.rating = fuse.amended || fuse.found ? fuse.rating : fuse.computedRating;
    });
}

}  // namespace

void chooseFuses(const SizingTask& task, SizingState& state, Choice choice) {
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        Working& w = state.conductors[i];
        if (w.fuseFrom) {
            chooseOne(task, state, i, End::From, choice, *w.fuseFrom);
        }
        if (w.fuseTo) {
            chooseOne(task, state, i, End::To, choice, *w.fuseTo);
        }
    }
    evenLinks(task, state);
}

std::optional<double> throughBackup(const SizingTask& task,
                                    const SizingState& state,
                                    std::size_t index,
                                    FuseView view,
                                    Amps fault) {
    const auto& own = state.conductors[index].fuseFrom;
    if (!own || fault <= own->interrupts) {
        return std::nullopt;
    }
    const Protector up = upstreamOf(task, state, index, view);
    if (up.fuse == nullptr) {
        return std::nullopt;
    }
    const bool computed = view == FuseView::Computed;
    const FuseFamily& family =
        familyOf(task.library, computed ? up.fuse->computedFamily : up.fuse->family);
    if (interruptingAt(family, task.index.nominal[index]) < fault) {
        return std::nullopt;
    }
    return letThroughA2s(family, computed ? up.fuse->computedRating : up.fuse->rating, fault);
}

}  // namespace spirk
