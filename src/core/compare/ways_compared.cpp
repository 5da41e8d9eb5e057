// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/compare/ways_compared.h"

#include <algorithm>

#include "core/base/promise.h"
#include "core/design/unit_edits.h"
#include "core/plan/units.h"

namespace spirk {

namespace {

// The unit as it was resolved; null where there is none. Its way is one that the library knows.
const SystemUnit* systemUnit(const System& gear, const UnitId& id) {
    const SystemUnit* out = nullptr;
    const auto look = [&](const SystemUnit& unit) { out = unit.id == id ? &unit : out; };
    std::ranges::for_each(gear.banks, look);
    std::ranges::for_each(gear.rails, look);
    gear.eachOnRail([&](const SystemUnit& unit, const UnitId&) { look(unit); });
    std::ranges::for_each(gear.combineds, look);
    return out;
}

const WayRow& wayOf(const Library& library, const SystemUnit& unit) {
    const auto found = std::ranges::find(library.ways, unit.way.value, &WayRow::id);
    promise(found != library.ways.end(), "a unit's way is one of the table's");
    return *found;
}

// What the unit could be joined by.
std::vector<const WayRow*> waysOf(const Design& d, const Library& library, const SystemUnit& unit) {
    std::vector<const WayRow*> out;
    for (const WayRow& way : library.ways) {
        if (way.of == wayOf(library, unit).of && canJoin(d.plan.gear, way)) {
            out.push_back(&way);
        }
    }
    return out;
}

const WayOption& optionOf(const WayRow& way, const std::string& option) {
    const auto found = std::ranges::find(way.options, option, &WayOption::id);
    promise(found != way.options.end(), "a question is of an option that the way has");
    return *found;
}

struct Answered {
    Text name, speaksFor;
    bool isChosen = false;
    Plan plan;
};

std::vector<Answered> answersOf(const Design& d,
                                const Library& library,
                                const UnitId& id,
                                const std::string& option) {
    const SystemUnit* unit = systemUnit(d.gear, id);
    promise(unit != nullptr, "what is compared is there");
    std::vector<Answered> out;
    if (option.empty()) {
        for (const WayRow* way : waysOf(d, library, *unit)) {
            Plan plan = d.plan;
            joinBy(plan.gear, id, *way);
            out.push_back({way->name, way->speaksFor, way->id == unit->way.value, std::move(plan)});
        }
        return out;
    }
    for (const WayChoice& choice : optionOf(wayOf(library, *unit), option).choices) {
        Plan plan = d.plan;
        unitOf(plan.gear, id)->options[option] = choice.id;
        out.push_back(
            {choice.name, choice.speaksFor, unit->chose(option, choice.id), std::move(plan)});
    }
    return out;
}

bool isAmong(const std::vector<Finding>& findings, const Finding& f) {
    return std::ranges::find(findings, f.id, &Finding::id) != findings.end();
}

// Those of `of` that `without` lacks.
std::vector<Finding> more(const std::vector<Finding>& of, const std::vector<Finding>& without) {
    std::vector<Finding> out;
    std::ranges::copy_if(
        of, std::back_inserter(out), [&](const Finding& f) { return !isAmong(without, f); });
    return out;
}

void fillFromCables(const Design& d, const UnitId& unit, WayAnswer& out) {
    for (std::size_t i = 0; i < d.cables.rows.size(); ++i) {
        const Conductor& c = d.wiring.circuit.conductors[i];
        const CableRow& row = d.cables.rows[i];
        if (c.unit == unit && isOurs(c)) {
            out.largest = std::max(out.largest, row.load);
            out.drop = std::max(out.drop, row.margins.drop);
        }
        if (isNew(c)) {
            out.joints += 2;
            out.cable += d.lengths.routes[i].length;
        }
    }
}

}  // namespace

std::vector<WayQuestion> questionsOf(const Design& design,
                                     const Library& library,
                                     const UnitId& id) {
    std::vector<WayQuestion> out;
    const SystemUnit* unit = systemUnit(design.gear, id);
    if (unit == nullptr) {
        return out;
    }
    if (waysOf(design, library, *unit).size() > 1) {
        out.push_back({"", "how it is connected"_text});
    }
    for (const WayOption& option : wayOf(library, *unit).options) {
        if (option.choices.size() > 1) {
            out.push_back({option.id, option.name});
        }
    }
    return out;
}

std::vector<WayAnswer> compareWays(const Design& design,
                                   const Library& library,
                                   const UnitId& unit,
                                   const std::string& option) {
    std::vector<WayAnswer> out;
    for (const Answered& answered : answersOf(design, library, unit, option)) {
        const Design d = spirk::design(answered.plan, library);
        WayAnswer answer;
        answer.name = answered.name;
        answer.speaksFor = answered.speaksFor;
        answer.isChosen = answered.isChosen;
        answer.findings = countBySeverity(d.checks.findings, {});
        answer.raised = more(d.checks.findings, design.checks.findings);
        answer.ended = more(design.checks.findings, d.checks.findings);
        answer.price = d.build.price;
        answer.weightKg = d.build.weightKg;
        fillFromCables(d, unit, answer);
        out.push_back(std::move(answer));
    }
    return out;
}

Plan withAnswer(const Design& design,
                const Library& library,
                const UnitId& unit,
                const std::string& option,
                std::size_t nth) {
    return answersOf(design, library, unit, option).at(nth).plan;
}

}  // namespace spirk
