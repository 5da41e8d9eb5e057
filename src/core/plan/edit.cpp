// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/edit.h"

#include <algorithm>
#include <charconv>

#include "core/result/promise.h"

namespace spirk {

namespace {

std::optional<End> endOf(const Amendment& amendment) {
    if (const auto* fuse = std::get_if<SetFuse>(&amendment)) {
        return fuse->end;
    }
    if (const auto* left = std::get_if<LeaveOutProtection>(&amendment)) {
        return left->end;
    }
    if (const auto* distance = std::get_if<SetFuseDistance>(&amendment)) {
        return distance->end;
    }
    const auto* moved = std::get_if<MoveEnd>(&amendment);
    return moved == nullptr ? std::nullopt : std::optional(moved->end);
}

bool sameSlot(const Amendment& a, const Amendment& b) {
    return a.index() == b.index() && conductorOf(a) == conductorOf(b) && endOf(a) == endOf(b);
}

double numberOf(const Change& change) {
    const double* value = std::get_if<double>(&change.value);
    promise(value != nullptr, "a change of a number carries a number");
    return *value;
}

const std::string& textOf(const Change& change) {
    const std::string* value = std::get_if<std::string>(&change.value);
    promise(value != nullptr, "a change of a text carries a text");
    return *value;
}

// 'main.switch:a'
TerminalId terminalOf(const std::string& text) {
    const std::size_t colon = text.rfind(':');
    promise(colon != std::string::npos, "a terminal is written device:port");
    return {DeviceId(text.substr(0, colon)), text.substr(colon + 1)};
}

// 'conductor.*' changes: numbers in SI; the end is 'from' unless the field ends in '.to'.
Plan applyToConductor(Plan plan, const Change& change) {
    const ConductorId id(change.target);
    const End end = change.field.ends_with(".to") ? End::To : End::From;
    if (change.field == "conductor.size") {
        return amended(std::move(plan), SetSize{id, SquareMetres::fromSi(numberOf(change))});
    }
    if (change.field == "conductor.size.computed") {
        return withoutKind(std::move(plan), SetSize{id, {}});
    }
    if (change.field.starts_with("conductor.fuse.computed")) {
        return withoutKind(std::move(plan), SetFuse{id, end, "", {}});
    }
    if (change.field.starts_with("conductor.fuse.near")) {
        return withoutKind(std::move(plan), SetFuseDistance{id, end, {}});
    }
    if (change.field.starts_with("conductor.move")) {
        return amended(std::move(plan), MoveEnd{id, end, terminalOf(textOf(change))});
    }
    if (change.field.starts_with("conductor.protect")) {
        return withoutKind(std::move(plan), LeaveOutProtection{id, end});
    }
    if (change.field.starts_with("conductor.unmove")) {
        return withoutKind(std::move(plan), MoveEnd{id, end, {}});
    }
    promise(change.field.starts_with("conductor.fuse"), "a change names a field of a conductor");
    return amended(std::move(plan), SetFuse{id, end, "", Amps::fromSi(numberOf(change))});
}

void applyToGear(Gear& gear, const Change& change) {
    if (change.field == "gear.bank.count") {
        gear.bank.count = static_cast<int>(numberOf(change));
    } else if (change.field == "gear.bank.model") {
        gear.bank.model = textOf(change);
    } else if (change.field == "gear.solar.controller") {
        promise(gear.solar.has_value(), "a mend of the solar side needs one");
        gear.solar->controller = textOf(change);
    } else if (change.field == "gear.solar.series") {
        promise(gear.solar.has_value(), "a mend of the solar side needs one");
        gear.solar->series = static_cast<int>(numberOf(change));
    } else if (change.field == "gear.solar.parallel") {
        promise(gear.solar.has_value(), "a mend of the solar side needs one");
        gear.solar->parallel = static_cast<int>(numberOf(change));
    } else if (change.field == "gear.engine.charger") {
        promise(gear.engine.has_value(), "a mend of the engine side needs one");
        gear.engine->charger = textOf(change);
    } else if (change.field == "gear.bank.series") {
        gear.bank.series = static_cast<int>(numberOf(change));
    } else if (change.field == "gear.converter") {
        gear.converter = textOf(change);
    } else if (change.field == "gear.solar.panel") {
        promise(gear.solar.has_value(), "a mend of the solar side needs one");
        gear.solar->panel = textOf(change);
    } else if (change.field == "gear.inverter.model") {
        promise(gear.inverter.has_value(), "a mend of the inverter needs one");
        gear.inverter->model = textOf(change);
    } else {
        promise(false, "a change names a field of the gear");
    }
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
        if (change.field.starts_with("conductor.")) {
            plan = applyToConductor(std::move(plan), change);
        } else {
            applyToGear(plan.gear, change);
        }
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
