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

// Null where there is none.
template <class Choice>
Choice* unitIn(std::vector<Choice>& list, const UnitId& id) {
    const auto found = std::ranges::find(list, id, &Choice::id);
    return found == list.end() ? nullptr : &*found;
}

ArrayChoice* arrayIn(Gear& gear, const UnitId& unit) {
    SourceChoice* source = unitIn(gear.sources, unit);
    if (source == nullptr) {
        return nullptr;
    }
    if (auto* solar = std::get_if<SolarChoice>(&source->what)) {
        return solar;
    }
    return std::get_if<CombinedChoice>(&source->what);
}

template <class Part>
Part& there(Part* part) {
    promise(part != nullptr, "a mend that is applied names what is there");
    return *part;
}

// Null where the unit has no such part.
std::string* modelOf(Gear& gear, const UnitId& unit, GearPart part) {
    const auto source = [&]<class Kind>(std::type_identity<Kind>) -> Kind* {
        SourceChoice* found = unitIn(gear.sources, unit);
        return found == nullptr ? nullptr : std::get_if<Kind>(&found->what);
    };
    const auto member = [](auto* choice, auto of) -> std::string* {
        return choice == nullptr ? nullptr : &(choice->*of);
    };
    switch (part) {
        case GearPart::Battery:
            return member(unitIn(gear.banks, unit), &BankChoice::model);
        case GearPart::Converter: {
            RailChoice* rail = unitIn(gear.rails, unit);
            return member(rail == nullptr ? nullptr : std::get_if<FromConverter>(&rail->fedBy),
                          &FromConverter::model);
        }
        case GearPart::Panel:
            return member(arrayIn(gear, unit), &ArrayChoice::panel);
        case GearPart::SolarController:
            return member(source(std::type_identity<SolarChoice>()), &SolarChoice::controller);
        case GearPart::EngineCharger:
            return member(source(std::type_identity<EngineChoice>()), &EngineChoice::charger);
        case GearPart::Relay:
            return member(source(std::type_identity<RelayChoice>()), &RelayChoice::relay);
        case GearPart::ShoreCharger:
            return member(source(std::type_identity<ShoreChoice>()), &ShoreChoice::charger);
        case GearPart::Inverter:
            return member(unitIn(gear.inverters, unit), &InverterChoice::model);
    }
    unreachable("modelOf(GearPart)");
}

int* countOf(Gear& gear, const UnitId& unit, GearCount of) {
    const auto member = [](auto* choice, auto count) -> int* {
        return choice == nullptr ? nullptr : &(choice->*count);
    };
    switch (of) {
        case GearCount::BankStrings:
            return member(unitIn(gear.banks, unit), &BankChoice::count);
        case GearCount::BankSeries:
            return member(unitIn(gear.banks, unit), &BankChoice::series);
        case GearCount::PanelStrings:
            return member(arrayIn(gear, unit), &ArrayChoice::parallel);
        case GearCount::PanelSeries:
            return member(arrayIn(gear, unit), &ArrayChoice::series);
    }
    unreachable("countOf(GearCount)");
}

// The one part that a mend may be the first to put in.
bool putsIn(const UseModel& change) {
    return change.unit.value.empty() && change.part == GearPart::Converter;
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

bool applies(const Plan& plan, const Mend& mend) {
    Gear gear = plan.gear;
    return std::ranges::all_of(mend.changes, [&](const Change& change) {
        return match(
            change,
            [](const Amend&) { return true; },
            [](const TakeBack&) { return true; },
            [&](const UseModel& c) {
                return putsIn(c) || modelOf(gear, c.unit, c.part) != nullptr;
            },
            [&](const UseCount& c) { return countOf(gear, c.unit, c.of) != nullptr; },
            [&](const UseWay& c) { return unitOf(gear, c.unit) != nullptr; },
            [&](const UseOption& c) { return unitOf(gear, c.unit) != nullptr; },
            [&](const UseDistribution& c) { return unitIn(gear.rails, c.rail) != nullptr; });
    });
}

Plan apply(Plan plan, const Mend& mend) {
    for (const Change& change : mend.changes) {
        match(
            change,
            [&](const Amend& c) { plan = amended(std::move(plan), c.amendment); },
            [&](const TakeBack& c) { plan = withoutKind(std::move(plan), c.slot); },
            [&](const UseModel& c) {
                if (putsIn(c)) {
                    putConverter(plan.gear, c.model);
                } else {
                    there(modelOf(plan.gear, c.unit, c.part)) = c.model;
                }
            },
            [&](const UseCount& c) { there(countOf(plan.gear, c.unit, c.of)) = c.count; },
            [&](const UseWay& c) { there(unitOf(plan.gear, c.unit)).way = c.way; },
            [&](const UseOption& c) {
                there(unitOf(plan.gear, c.unit)).options[c.option] = c.choice;
            },
            [&](const UseDistribution& c) {
                there(unitIn(plan.gear.rails, c.rail)).kind = c.kind;
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
