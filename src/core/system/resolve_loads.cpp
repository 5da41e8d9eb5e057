// SPDX-License-Identifier: GPL-3.0-or-later
// What takes: inverters, circuits, monitors; and the modules that units are built in.

#include <algorithm>

#include "core/plan/good_practice.h"
#include "core/system/resolver.h"

namespace spirk {

namespace {

Finding notAlways(const std::string& path) {
    Finding out = leftOut(
        path,
        {"'{unit}' cannot be live with the main switch off: its rail is fed from behind that switch."_text,
         {{"unit", path}}},
        "Connect it to a rail of the bank."_text);
    out.id += " live";
    out.why = "It is wired behind the main switch."_text;
    return out;
}

}  // namespace

void Resolver::addInverter(const InverterChoice& choice) {
    auto out = unitAs<InverterUnit>(choice, UnitList::Inverters, WayKind::Inverter);
    out.from = choice.from;
    out.model = look(&Shelf::inverters, choice.model, out.path + ".model");
    out.onPerDay = choice.onPerDay;
    if (out.model != nullptr) {
        out.most = std::min(choice.usedUpTo.value_or(out.model->power), out.model->power);
    }
    if (out.model != nullptr && hangsAtBank(out.from, out.path)) {
        out_.inverters.push_back(out);
    }
}

void Resolver::addMonitor(const MonitorChoice& choice) {
    auto out = unitAs<MonitorUnit>(choice, UnitList::Monitors, WayKind::Monitor);
    out.on = choice.on;
    out.model = look(&Shelf::monitors, choice.model, out.path + ".model");
    out.sensors = choice.sensors;
    if (out.model != nullptr && hangsAtBank(out.on, out.path)) {
        out_.monitors.push_back(std::move(out));
    }
}

void Resolver::addModule(const ModuleChoice& choice) {
    ModuleChoice out = choice;
    const std::string path = pathOf(UnitList::Modules, choice.id);
    std::erase_if(out.units, [&](const UnitId& unit) {
        const bool fits = isThere(unit) && !inModule(unit);
        if (!fits) {
            Finding f = leftOut(
                path + "." + unit.value,
                {"'{unit}' does not exist, or is in another module."_text, {{"unit", unit.value}}},
                {"Remove it from '{module}'."_text, {{"module", path}}});
            f.why = "It is wired as if it were not in that module."_text;
            out_.findings.push_back(std::move(f));
        }
        return !fits;
    });
    out_.modules.push_back(std::move(out));
}

bool Resolver::isThere(const UnitId& unit) const {
    return out_.bankBehind(unit) != nullptr ||
           std::ranges::any_of(plan_.appliances, [&](const Appliance& a) {
               return a.id.value == unit.value && a.feed == Feed::Dc && a.count > 0;
           });
}

bool Resolver::inModule(const UnitId& unit) const {
    return std::ranges::any_of(out_.modules, [&](const ModuleChoice& module) {
        return std::ranges::find(module.units, unit) != module.units.end();
    });
}

void Resolver::addCircuit(const CircuitChoice& choice) {
    const std::string path = pathOf(UnitList::Circuits, choice.id);
    if (choice.on.value != kOnVehicle && !hasRail(choice.on, path)) {
        return;
    }
    const auto rail = std::ranges::find(out_.rails, choice.on, &RailUnit::id);
    if (choice.live == LiveWhen::Always && rail != out_.rails.end() && !rail->atBank()) {
        out_.findings.push_back(notAlways(path));
    }
    CircuitChoice out = choice;
    std::erase_if(out.loads, [&](const ApplianceId& load) {
        const bool fits = takesDc(load) && circuitWith(out_, load) == nullptr;
        if (!fits) {
            Finding f =
                leftOut(path + "." + load.value,
                        {"'{load}' does not exist, is a mains load, or is in another circuit."_text,
                         {{"load", load.value}}},
                        {"Remove it from '{circuit}'."_text, {{"circuit", path}}});
            f.why = {"It is wired as if it were not in that circuit."_text, {}};
            out_.findings.push_back(std::move(f));
        }
        return !fits;
    });
    out_.circuits.push_back(std::move(out));
}

void Resolver::addAlwaysOn() {
    if (!follows(plan_, habit::kAlwaysApart)) {
        return;
    }
    for (const RailUnit& rail : out_.rails) {
        CircuitChoice always{.id = UnitId(kAlwaysOn + rail.id.value),
                             .on = rail.id,
                             .loads = {},
                             .tap = Tap::OwnFuse,
                             .live = LiveWhen::Always};
        for (const Appliance& a : plan_.appliances) {
            if (a.alwaysOn && a.feed == Feed::Dc && circuitWith(out_, a.id) == nullptr &&
                railOf(a, out_).id == rail.id) {
                always.loads.push_back(a.id);
            }
        }
        if (rail.atBank() && !always.loads.empty()) {
            out_.circuits.push_back(std::move(always));
        }
    }
}

bool Resolver::takesDc(const ApplianceId& load) const {
    const auto at = std::ranges::find(plan_.appliances, load, &Appliance::id);
    return at != plan_.appliances.end() && at->feed == Feed::Dc;
}

}  // namespace spirk
