// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/checks/checks.h"

#include <algorithm>
#include <array>

#include "core/base/promise.h"
#include "core/checks/families.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

constexpr std::array kFamilies{cableChecks,
                               soldChecks,
                               protectionChecks,
                               bankChecks,
                               solarChecks,
                               arrayChecks,
                               engineChecks,
                               signalChecks,
                               relayChecks,
                               groundChecks,
                               deviceChecks,
                               chargeChecks,
                               storageChecks,
                               careChecks,
                               sharingChecks,
                               thinLeadChecks,
                               inverterChecks,
                               placeChecks,
                               standingChecks};

void append(Checks& into, const std::vector<Finding>& from) {
    into.findings.insert(into.findings.end(), from.begin(), from.end());
}

}  // namespace

Subject firstSubject(const CheckInput& in, DeviceKind kind) {
    const Device* device = firstOf(in.wiring.circuit, kind);
    promise(device != nullptr, "what a rule is about is there");
    return subject(device->id);
}

Subject firstSubject(const CheckInput& in, DeviceKind kind, const UnitId& unit) {
    const Device* device = firstOf(in.wiring.circuit, kind, unit);
    promise(device != nullptr, "what a rule is about is there");
    return subject(device->id);
}

Finding bankFinding(const CheckInput& in, const BankUnit& bank, const std::string& rule) {
    Finding f = findingOf(in, rule, firstSubject(in, DeviceKind::Battery, bank.id));
    f.id = rule + " " + bank.id.value;
    return f;
}

FigureId unitFigure(const UnitId& unit, const char* name) {
    return FigureId(unit.value + "." + name);
}

Finding findingOf(const CheckInput& in, const std::string& rule, Subject where) {
    return ruled(in.library, rule, std::move(where));
}

const Circuit& sizedCircuit(const CheckInput& input) {
    return input.topology.sound ? input.topology.sound->circuit : input.wiring.circuit;
}

bool isMistaken(const CheckInput& input, const ConductorId& conductor) {
    return std::ranges::any_of(input.topology.findings, [&](const Finding& f) {
        return std::ranges::find(f.where, subject(conductor)) != f.where.end();
    });
}

const Conductor& conductorOf(const CheckInput& input, const CableRow& row) {
    // A row for each conductor, in order.
    const auto at = static_cast<std::size_t>(&row - input.cables.rows.data());
    promise(at < input.cables.rows.size(), "a row is looked at where it lies");
    return input.wiring.circuit.conductors[at];
}

const Route& routeOf(const CheckInput& in, const CableRow& row) {
    return in.lengths.routes[static_cast<std::size_t>(&row - in.cables.rows.data())];
}

Laying layingOf(const CheckInput& in, const CableRow& row) {
    const Route& route = routeOf(in, row);
    return {route.ambient, bundleFactor(in.library, route.tied).factor};
}

Checks runChecks(const CheckInput& input) {
    Checks out;
    append(out, input.gear.findings);
    append(out, input.wiring.findings);
    append(out, input.topology.findings);
    append(out, input.lengths.findings);
    for (const auto family : kFamilies) {
        Checks found = family(input);
        append(out, found.findings);
        out.why.merge(std::move(found.why));
    }
    for (Finding& f : out.findings) {
        std::erase_if(f.mends, [&](const Mend& mend) { return !applies(input.plan, mend); });
    }
    std::ranges::stable_sort(out.findings, [](const Finding& a, const Finding& b) {
        return a.severity != b.severity ? a.severity < b.severity : a.id < b.id;
    });
    return out;
}

SeverityCount countBySeverity(const std::vector<Finding>& findings,
                              const std::function<bool(const Finding&)>& counts) {
    SeverityCount out;
    for (const Finding& f : findings) {
        if (counts && !counts(f)) {
            continue;
        }
        switch (f.severity) {
            case Severity::Danger:
                ++out.dangers;
                break;
            case Severity::Fault:
                ++out.faults;
                break;
            case Severity::Advice:
                ++out.advice;
                break;
        }
    }
    return out;
}

}  // namespace spirk
