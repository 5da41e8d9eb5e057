// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/design/unit_edits.h"

#include <algorithm>
#include <set>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/plan/units.h"

namespace spirk {

namespace {

// Ids of the unit and of all units that hang on it.
std::set<UnitId> hangingOn(const Gear& gear, const UnitId& unit) {
    std::set<UnitId> out{unit};
    const auto hangs = [&](const RailChoice& rail) {
        return out.contains(match(
            rail.fedBy,
            [](const FromBank& from) { return from.bank; },
            [](const FromConverter& from) { return from.rail; },
            [](const FromRail& from) { return from.rail; }));
    };
    // A converter's rail may stand before the one that it draws from.
    for (bool grew = true; grew;) {
        grew = false;
        for (const RailChoice& rail : gear.rails) {
            grew = (hangs(rail) && out.insert(rail.id).second) || grew;
        }
    }
    // More panels may stand before the controller that they share.
    for (bool grew = true; grew;) {
        grew = false;
        for (const SourceChoice& source : gear.sources) {
            grew = (out.contains(source.into) && out.insert(source.id).second) || grew;
        }
    }
    for (const InverterChoice& inverter : gear.inverters) {
        if (out.contains(inverter.from)) {
            out.insert(inverter.id);
        }
    }
    for (const MonitorChoice& monitor : gear.monitors) {
        if (out.contains(monitor.on)) {
            out.insert(monitor.id);
        }
    }
    return out;
}

void takeOut(Gear& gear, const std::set<UnitId>& gone) {
    const auto isGone = [&](const UnitChoice& unit) { return gone.contains(unit.id); };
    std::erase_if(gear.banks, isGone);
    std::erase_if(gear.rails, isGone);
    std::erase_if(gear.sources, isGone);
    std::erase_if(gear.inverters, isGone);
    std::erase_if(gear.monitors, isGone);
    for (ModuleChoice& module : gear.modules) {
        std::erase_if(module.units, [&](const UnitId& unit) { return gone.contains(unit); });
    }
    std::erase_if(gear.circuits,
                  [&](const CircuitChoice& circuit) { return gone.contains(circuit.on); });
}

// What amendments are about, of the units' devices and conductors.
std::set<Subject> partsOf(const Circuit& circuit, const std::set<UnitId>& units) {
    std::set<Subject> out;
    for (const Device& d : circuit.devices) {
        if (units.contains(d.unit)) {
            out.insert(subject(d.id));
        }
    }
    for (const Conductor& c : circuit.conductors) {
        if (units.contains(c.unit)) {
            out.insert(subject(c.id));
        }
    }
    return out;
}

// 'sun', 'sun2' ...: a stem that no unit has.
UnitId freshUnit(const Gear& gear, const std::string& stem) {
    Gear known = gear;
    std::string id = stem;
    const auto taken = [&] {
        return unitOf(known, UnitId(id)) != nullptr ||
               std::ranges::find(gear.modules, UnitId(id), &ModuleChoice::id) != gear.modules.end();
    };
    for (int n = 2; taken(); ++n) {
        id = stem + std::to_string(n);
    }
    return UnitId(id);
}

// The first unit that panels could share; null where none takes any.
const SourceChoice* takesPanels(const Gear& gear) {
    const auto found = std::ranges::find_if(gear.sources, [](const SourceChoice& source) {
        return std::holds_alternative<SolarChoice>(source.what) ||
               std::holds_alternative<CombinedChoice>(source.what);
    });
    return found == gear.sources.end() ? nullptr : &*found;
}

// The first engine charger; null where there is none.
const SourceChoice* chargesFromEngine(const Gear& gear) {
    const auto found = std::ranges::find_if(gear.sources, [](const SourceChoice& source) {
        return std::holds_alternative<EngineChoice>(source.what) ||
               std::holds_alternative<CombinedChoice>(source.what);
    });
    return found == gear.sources.end() ? nullptr : &*found;
}

// The first that fits; the first of all where none does, which a check will say.
template <class Model, class Fits>
const Model& firstFitting(const std::vector<Model>& models, const Fits& fits) {
    promise(!models.empty(), "the library has gear of each kind");
    const auto found = std::ranges::find_if(models, fits);
    return found == models.end() ? models.front() : *found;
}

}  // namespace

std::optional<Plan> withoutUnit(const Design& design, const UnitId& unit) {
    Plan plan = design.plan;
    if (unitOf(plan.gear, unit) == nullptr || unit == bankOf(plan.gear).id ||
        unit == mainRailOf(plan.gear).id) {
        return std::nullopt;
    }
    const std::set<UnitId> gone = hangingOn(plan.gear, unit);
    const std::set<Subject> parts = partsOf(design.wiring.circuit, gone);
    takeOut(plan.gear, gone);
    std::erase_if(plan.amendments, [&](const Amendment& a) { return parts.contains(targetOf(a)); });
    return plan;
}

bool canAdd(const Gear& gear, NewUnit kind) {
    return kind != NewUnit::Panels || takesPanels(gear) != nullptr;
}

bool canJoin(const Gear& gear, const WayRow& way) {
    return !way.atInput || chargesFromEngine(gear) != nullptr;
}

void joinBy(Gear& gear, const UnitId& unit, const WayRow& way) {
    UnitChoice* choice = unitOf(gear, unit);
    promise(choice != nullptr && canJoin(gear, way), "a way is chosen for a unit that can have it");
    choice->way = WayId(way.id);
    std::erase_if(choice->options, [&](const auto& set) {
        return std::ranges::find(way.options, set.first, &WayOption::id) == way.options.end();
    });
    const auto source = std::ranges::find(gear.sources, unit, &SourceChoice::id);
    if (source == gear.sources.end()) {
        return;
    }
    const bool atRail =
        std::ranges::find(gear.rails, source->into, &RailChoice::id) != gear.rails.end();
    if (way.atInput && atRail) {
        source->into = chargesFromEngine(gear)->id;
    } else if (way.of == WayKind::Shore && !way.atInput && !atRail) {
        source->into = mainRailOf(gear).id;
    }
}

Plan withUnit(const Design& design, const Library& library, NewUnit kind) {
    promise(canAdd(design.plan.gear, kind), "what is put in has something to hang on");
    Plan plan = design.plan;
    Gear& gear = plan.gear;
    const UnitId rail = mainRailOf(gear).id;
    const Volts system = design.gear.bankOf(design.gear.mainRail().id).system;
    const auto source = [&](const char* stem, WayKind of, auto what) {
        gear.sources.push_back(
            {{freshUnit(gear, stem), WayId(usualWay(library, of).id), {}}, rail, std::move(what)});
    };
    const auto charges = [&](const auto& model) { return model.outputSystem == system; };
    switch (kind) {
        case NewUnit::Sun:
            source(kSunUnit,
                   WayKind::Sun,
                   SolarChoice{{library.panels.front().id, 1, 1},
                               firstFitting(library.controllers, [](const ControllerModel& m) {
                                   return m.tracking == Tracking::Mppt;
                               }).id});
            break;
        case NewUnit::Engine:
            source(kEngineUnit,
                   WayKind::Engine,
                   EngineChoice{firstFitting(library.dcdcs, charges).id});
            break;
        case NewUnit::Relay:
            source("relay", WayKind::Relay, RelayChoice{library.relays.front().id});
            break;
        case NewUnit::Shore:
            source("shore",
                   WayKind::Shore,
                   ShoreChoice{firstFitting(library.shoreChargers, charges).id, hours(0)});
            break;
        case NewUnit::Combined: {
            CombinedChoice combined;
            combined.panel = library.panels.front().id;
            combined.unit = firstFitting(library.combineds, charges).id;
            source("combined", WayKind::Combined, std::move(combined));
            break;
        }
        case NewUnit::Alternator:
            source("second",
                   WayKind::Alternator,
                   AlternatorChoice{firstFitting(library.alternators, charges).id});
            break;
        case NewUnit::Trickle:
            source("trickle",
                   WayKind::Trickle,
                   TrickleChoice{firstFitting(library.trickles, [&](const TrickleModel& m) {
                                     return m.inputSystem == system;
                                 }).id});
            break;
        case NewUnit::Panels: {
            PanelsChoice panels;
            panels.panel = library.panels.front().id;
            const UnitId shared = takesPanels(gear)->id;
            source("panels", WayKind::Panels, std::move(panels));
            gear.sources.back().into = shared;
            break;
        }
        case NewUnit::Monitor:
            gear.monitors.push_back(
                {{freshUnit(gear, "monitor"), WayId(usualWay(library, WayKind::Monitor).id), {}},
                 rail,
                 library.monitors.front().id,
                 {}});
            break;
        case NewUnit::Module:
            gear.modules.push_back(
                {freshUnit(gear, "module"), "module", design.plan.van.places.front().id, {}});
            break;
        case NewUnit::Inverter:
            gear.inverters.push_back(
                {{freshUnit(gear, kInverterUnit),
                  WayId(usualWay(library, WayKind::Inverter).id),
                  {}},
                 rail,
                 firstFitting(library.inverters,
                              [&](const InverterModel& m) { return m.system == system; })
                     .id,
                 hours(1)});
            break;
        case NewUnit::Converter:
            gear.rails.push_back({{freshUnit(gear, kConverterRail),
                                   WayId(usualWay(library, WayKind::ConverterRail).id),
                                   {}},
                                  FromConverter{rail, library.converters.front().id},
                                  Distribution::Bars});
            break;
        case NewUnit::SubRail:
            gear.rails.push_back(
                {{freshUnit(gear, "block"), WayId(usualWay(library, WayKind::SubRail).id), {}},
                 FromRail{rail},
                 Distribution::Bars});
            break;
        case NewUnit::Bank: {
            const UnitId bank = freshUnit(gear, kBankUnit);
            gear.banks.push_back(
                {{bank, WayId(usualWay(library, WayKind::Bank).id), {}}, bankOf(gear).model, 1, 1});
            gear.rails.push_back(
                {{freshUnit(gear, "rail"), WayId(usualWay(library, WayKind::MainRail).id), {}},
                 FromBank{bank},
                 Distribution::Bars});
            break;
        }
    }
    return plan;
}

}  // namespace spirk
