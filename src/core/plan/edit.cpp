// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/edit.h"

#include <algorithm>
#include <map>
#include <optional>
#include <tuple>
#include <type_traits>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/plan/units.h"

namespace spirk {

namespace {

// Of those that are about one end of a conductor.
std::optional<End> endOf(const Amendment& amendment) {
    return std::visit(
        [](const auto& a) -> std::optional<End> {
            if constexpr (requires { a.end; }) {
                return a.end;
            } else {
                return std::nullopt;
            }
        },
        amendment);
}

bool sameSlot(const Amendment& a, const Amendment& b) {
    return a.index() == b.index() && targetOf(a) == targetOf(b) && endOf(a) == endOf(b);
}

template <class Choice>
Choice& there(Choice* choice) {
    promise(choice != nullptr, "a mend of a unit needs one");
    return *choice;
}

template <class Choice>
Choice& unitIn(std::vector<Choice>& list, const UnitId& id) {
    const auto found = std::ranges::find(list, id, &Choice::id);
    promise(found != list.end(), "a mend of a unit names one that is there");
    return *found;
}

std::string& modelOf(Gear& gear, const UnitId& unit, GearPart part) {
    const auto what = [&]<class Kind>(std::type_identity<Kind>) -> Kind& {
        return there(std::get_if<Kind>(&unitIn(gear.sources, unit).what));
    };
    switch (part) {
        case GearPart::Battery:
            return unitIn(gear.banks, unit).model;
        case GearPart::Converter:
            return there(std::get_if<FromConverter>(&unitIn(gear.rails, unit).fedBy)).model;
        case GearPart::Panel:
            return what(std::type_identity<SolarChoice>()).panel;
        case GearPart::SolarController:
            return what(std::type_identity<SolarChoice>()).controller;
        case GearPart::EngineCharger:
            return what(std::type_identity<EngineChoice>()).charger;
        case GearPart::Relay:
            return what(std::type_identity<RelayChoice>()).relay;
        case GearPart::ShoreCharger:
            return what(std::type_identity<ShoreChoice>()).charger;
        case GearPart::Inverter:
            return unitIn(gear.inverters, unit).model;
    }
    unreachable("modelOf(GearPart)");
}

int& countOf(Gear& gear, const UnitId& unit, GearCount of) {
    const auto array = [&]() -> SolarChoice& {
        return there(std::get_if<SolarChoice>(&unitIn(gear.sources, unit).what));
    };
    switch (of) {
        case GearCount::BankStrings:
            return unitIn(gear.banks, unit).count;
        case GearCount::BankSeries:
            return unitIn(gear.banks, unit).series;
        case GearCount::PanelStrings:
            return array().parallel;
        case GearCount::PanelSeries:
            return array().series;
    }
    unreachable("countOf(GearCount)");
}

}  // namespace

Plan amended(Plan plan, const Amendment& amendment) {
    plan = withoutKind(std::move(plan), amendment);
    plan.amendments.push_back(amendment);
    return plan;
}

Plan withoutKind(Plan plan, const Amendment& slot) {
    std::erase_if(plan.amendments, [&](const Amendment& a) { return sameSlot(a, slot); });
    return plan;
}

std::vector<std::optional<std::size_t>> overruledBy(const std::vector<Amendment>& amendments) {
    std::vector<std::optional<std::size_t>> out(amendments.size());
    std::map<std::tuple<std::size_t, Subject, std::optional<End>>, std::size_t> last;
    for (std::size_t i = amendments.size(); i-- > 0;) {
        const Amendment& a = amendments[i];
        const auto [at, isLast] = last.try_emplace({a.index(), targetOf(a), endOf(a)}, i);
        out[i] = isLast ? std::nullopt : std::optional(at->second);
    }
    return out;
}

Plan withoutAmendment(Plan plan, const Amendment& amendment) {
    std::erase(plan.amendments, amendment);
    return plan;
}

Plan movedTo(Plan plan, const Region& region) {
    plan.region = region.id;
    plan.units = region.units;
    return plan;
}

Plan accepting(Plan plan, const std::string& finding, const std::string& reason) {
    promise(!reason.empty(), "a finding is accepted for a reason");
    plan = notAccepting(std::move(plan), finding);
    plan.accepted.push_back({finding, reason});
    return plan;
}

Plan notAccepting(Plan plan, const std::string& finding) {
    std::erase_if(plan.accepted, [&](const Accepted& a) { return a.finding == finding; });
    return plan;
}

const Accepted* acceptance(const Plan& plan, const std::string& finding) {
    const auto found = std::ranges::find(plan.accepted, finding, &Accepted::finding);
    return found == plan.accepted.end() ? nullptr : &*found;
}

Plan apply(Plan plan, const Mend& mend) {
    for (const Change& change : mend.changes) {
        match(
            change,
            [&](const Amend& c) { plan = amended(std::move(plan), c.amendment); },
            [&](const TakeBack& c) { plan = withoutKind(std::move(plan), c.slot); },
            [&](const UseModel& c) {
                // The one part that a mend may be the first to put in.
                if (c.unit.value.empty()) {
                    promise(c.part == GearPart::Converter, "only a converter is put in");
                    putConverter(plan.gear, c.model);
                } else {
                    modelOf(plan.gear, c.unit, c.part) = c.model;
                }
            },
            [&](const UseCount& c) { countOf(plan.gear, c.unit, c.of) = c.count; },
            [&](const UseWay& c) { there(unitOf(plan.gear, c.unit)).way = c.way; },
            [&](const UseOption& c) {
                there(unitOf(plan.gear, c.unit)).options[c.option] = c.choice;
            });
    }
    return plan;
}

Plan numbered(Plan plan, std::span<const ConductorId> conductors) {
    for (const ConductorId& id : conductors) {
        if (!plan.numbers.contains(id)) {
            plan.numbers[id] = ++plan.highestNumber;
        }
    }
    return plan;
}

}  // namespace spirk
