// SPDX-License-Identifier: GPL-3.0-or-later
// The plan's units one after another, and what is told of what cannot be found.

#include <algorithm>

#include "core/base/promise.h"
#include "core/system/resolver.h"

namespace spirk {

namespace {

const Climate* chosenClimate(const Plan& plan,
                             const Library& library,
                             std::vector<Finding>& findings) {
    promise(!library.climates.empty(), "the library has climates");
    if (const Climate* found = findClimate(library, plan.trip.climate)) {
        return found;
    }
    findings.push_back(unknownGear("trip.climate", plan.trip.climate));
    return &library.climates.front();
}

}  // namespace

Finding unknownGear(const std::string& field, const std::string& given) {
    Finding out;
    out.id = "GEAR " + field;
    out.rule = "GEAR";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Figure, field}};
    out.what = {"The plan names '{given}' ({field}), which is not in this library."_text,
                {{"given", given}, {"field", field}}};
    out.why = {"Everything that depends on it is left out or computed with another entry."_text,
               {}};
    out.remedy = {"Choose an entry of the library in Supply."_text, {}};
    out.source = "Spirk's library"_text;
    return out;
}

Finding leftOut(const std::string& path, Text what, Text remedy) {
    Finding out;
    out.id = "T4 " + path;
    out.rule = "T4";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Figure, path}};
    out.what = std::move(what);
    out.why = {"It is left out: not drawn, not sized, not checked."_text, {}};
    out.remedy = std::move(remedy);
    out.source = "Spirk"_text;
    return out;
}

Finding unfed(const std::string& path, const UnitId& on) {
    return leftOut(path,
                   {"'{unit}' is connected to '{on}', which nothing feeds."_text,
                    {{"unit", path}, {"on", on.value}}},
                   {"Name the rail or bank it is connected to in the plan's file."_text, {}});
}

Resolver::Resolver(const Plan& plan, const Library& library) : plan_(plan), library_(library) {
    if (plan.region != library.region.id) {
        out_.findings.push_back(unknownGear("region", plan.region));
    }
    addBanks();
    out_.climate = chosenClimate(plan, library, out_.findings);
    addRails();
    for (const SourceChoice& source : plan.gear.sources) {
        addSource(source);
    }
    for (const InverterChoice& inverter : plan.gear.inverters) {
        addInverter(inverter);
    }
    for (const SourceChoice& source : plan.gear.sources) {
        addOfAnother(source);
    }
    for (const CircuitChoice& circuit : plan.gear.circuits) {
        addCircuit(circuit);
    }
    addAlwaysOn();
    for (const MonitorChoice& monitor : plan.gear.monitors) {
        addMonitor(monitor);
    }
    for (const ModuleChoice& module : plan.gear.modules) {
        addModule(module);
    }
}

SystemUnit Resolver::unitOf(const UnitChoice& choice, UnitList list, WayKind kind) {
    SystemUnit out{choice.id, choice.way, pathOf(list, choice.id), {}};
    if (findWay(library_, kind, choice.way.value) == nullptr) {
        out_.findings.push_back(unknownGear(out.path + ".way", choice.way.value));
        out.way = WayId(usualWay(library_, kind).id);
    }
    const std::vector<WayOption>& known = findWay(library_, kind, out.way.value)->options;
    for (const WayOption& option : known) {
        out.options[option.id] = option.choices.front().id;
    }
    for (const auto& [option, value] : choice.options) {
        const auto at = std::ranges::find(known, option, &WayOption::id);
        const bool fits =
            at != known.end() &&
            std::ranges::find(at->choices, value, &WayChoice::id) != at->choices.end();
        if (fits) {
            out.options[option] = value;
        } else {
            out_.findings.push_back(unknownGear(out.path + ".options." + option, value));
        }
    }
    return out;
}

bool Resolver::hasRail(const UnitId& rail, const std::string& path) {
    const bool there = std::ranges::find(out_.rails, rail, &RailUnit::id) != out_.rails.end();
    if (!there) {
        out_.findings.push_back(unfed(path, rail));
    }
    return there;
}

bool Resolver::hangsAtBank(const UnitId& rail, const std::string& path) {
    const auto at = std::ranges::find(out_.rails, rail, &RailUnit::id);
    if (at == out_.rails.end() || at->atBank()) {
        return hasRail(rail, path);
    }
    out_.findings.push_back(
        leftOut(path,
                {"'{unit}' is connected to '{on}', which is not a rail of a bank."_text,
                 {{"unit", path}, {"on", rail.value}}},
                {"Connect it to a rail that the bank feeds."_text, {}}));
    return false;
}

System systemOf(const Plan& plan, const Library& library) { return Resolver(plan, library).take(); }

}  // namespace spirk
