// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/edit.h"

#include <algorithm>
#include <map>
#include <optional>
#include <tuple>

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

std::string& modelOf(Gear& gear, GearPart part) {
    switch (part) {
        case GearPart::Battery:
            return bankOf(gear).model;
        case GearPart::Converter:
            return there(converterOf(gear)).model;
        case GearPart::Panel:
            return there(solarOf(gear)).panel;
        case GearPart::SolarController:
            return there(solarOf(gear)).controller;
        case GearPart::EngineCharger:
            return there(engineOf(gear)).charger;
        case GearPart::Inverter:
            return there(inverterOf(gear)).model;
    }
    unreachable("modelOf(GearPart)");
}

int& countOf(Gear& gear, GearCount of) {
    switch (of) {
        case GearCount::BankStrings:
            return bankOf(gear).count;
        case GearCount::BankSeries:
            return bankOf(gear).series;
        case GearCount::PanelStrings:
            return there(solarOf(gear)).parallel;
        case GearCount::PanelSeries:
            return there(solarOf(gear)).series;
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
                if (c.part == GearPart::Converter) {
                    putConverter(plan.gear, c.model);
                } else {
                    modelOf(plan.gear, c.part) = c.model;
                }
            },
            [&](const UseCount& c) { countOf(plan.gear, c.of) = c.count; },
            [&](const UseWay& c) { there(unitOf(plan.gear, c.unit)).way = c.way; });
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
