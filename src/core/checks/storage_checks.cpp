// SPDX-License-Identifier: GPL-3.0-or-later
// B12, P11: what goes on drawing with the main switch off, and after how many days the bank is
// flat; what should go on and does not.

#include <algorithm>

#include "core/checks/families.h"
#include "core/plan/units.h"
#include "core/supply/supply.h"

namespace spirk {

namespace {

// What is fed from before the main switch of a bank: its watts, and what it is called.
struct LeftOn {
    Watts watts;
    std::vector<Text> names;
};

void addCircuit(const CheckInput& in, const CircuitChoice& circuit, LeftOn& to) {
    for (const Appliance& a : in.plan.appliances) {
        if (std::ranges::find(circuit.loads, a.id) != circuit.loads.end() && countNow(a) > 0) {
            to.watts += wattsUsed(a) * static_cast<double>(countNow(a));
            to.names.push_back(Text::given(a.name));
        }
    }
}

LeftOn leftOn(const CheckInput& in, const BankUnit& bank) {
    LeftOn out;
    const auto ofBank = [&](const UnitId& rail) { return in.gear.bankOf(rail).id == bank.id; };
    for (const CircuitChoice& circuit : in.gear.circuits) {
        if (circuit.live == LiveWhen::Always && circuit.on.value != kOnVehicle &&
            ofBank(circuit.on)) {
            addCircuit(in, circuit, out);
        }
    }
    for (const MonitorUnit& monitor : in.gear.monitors) {
        if (monitor.option("supply") == "always" && ofBank(monitor.on)) {
            out.watts += monitor.model->draws;
            out.names.emplace_back(monitor.model->name);
        }
    }
    return out;
}

void checkStored(const CheckInput& in, const BankUnit& bank, Checks& out) {
    const LeftOn on = leftOn(in, bank);
    if (on.watts.si() <= 0.0) {
        return;
    }
    const double days = in.supply.usable / (on.watts * hours(24.0));
    out.why.add({.id = unitFigure(bank.id, "stored"),
                 .title = "Days until the stored bank is flat"_text,
                 .formula = "t = E / (P · 24 h)"_text,
                 .terms = {{"E"_text,
                            "usable energy"_text,
                            measure(in.supply.usable),
                            FromFigure{FigureId("supply.bank.usable")}},
                           {"P"_text,
                            "what is on with the main switch off"_text,
                            measure(on.watts),
                            FromRule{"loads and displays fed from before it"_text}}},
                 .result = number(days),
                 .source = "own arithmetic"_text,
                 .note = "The batteries' own electronics draw a little besides."_text});
    if (days >= rule(in.library, "storage_days").value) {
        return;
    }
    Finding f = findingOf(in, "B12", firstSubject(in, DeviceKind::Battery, bank.id));
    f.id += " stored";
    f.what = {
        "With the main switch off the full bank is flat after {days} days. Still drawing: {loads}."_text,
        {{"days", shownDays(days)}, {"loads", listed(on.names)}}};
    f.why =
        "Lead left flat is spoilt within weeks; lithium switches itself off, and some of it does not come back."_text;
    f.remedy =
        "For storage pull the fuses of what stays on, once gas is shut off, or charge the bank before then."_text;
    f.figures = {unitFigure(bank.id, "stored")};
    out.findings.push_back(std::move(f));
}

// Whether anything reaches a load then.
bool isDead(const CheckInput& in, const MomentSolution& rest, const DeviceId& load) {
    constexpr Volts kDead = volts(1.0);
    const auto here = rest.between(in.wiring.circuit, TerminalId{load, "+"}, TerminalId{load, "-"});
    return !here || abs(*here) < kDead;
}

// An alarm watches while nobody does.
void checkWatching(const CheckInput& in, const MomentSolution& rest, Checks& out) {
    for (const Appliance& a : in.plan.appliances) {
        const DeviceId load = deviceOf(a.id);
        const bool wired = a.alwaysOn && findDevice(in.wiring.circuit, load) != nullptr;
        if (!wired || !isDead(in, rest, load)) {
            continue;
        }
        Finding f = findingOf(in, "P11", {SubjectKind::Appliance, a.id.value});
        f.what = {"{load} is dead with the main switch off."_text, {{"load", Text::given(a.name)}}};
        f.why =
            "It is there for when everything else is off: gas gathers in a van that stands, too."_text;
        f.remedy = {
            onConverter(a, in.gear)
                ? "Use one for {bank}, or one with a battery of its own: behind a converter it stops with the switch."_text
                : "Give it a small fuse of its own before the main switch: follow that habit, or make it a circuit that is always live."_text,
            {{"bank", measure(in.gear.bank().system)}}};
        out.findings.push_back(std::move(f));
    }
}

void checkAtRest(const CheckInput& in, Checks& out) {
    for (std::size_t i = 0; i < in.moments.size(); ++i) {
        const Moment& moment = in.wiring.moments[i];
        if (moment.id == kAtRest && !moment.open.empty() && in.moments[i].served()) {
            checkWatching(in, in.moments[i], out);
        }
    }
}

}  // namespace

Checks storageChecks(const CheckInput& input) {
    Checks out;
    // The supply is reckoned for the first bank.
    checkStored(input, input.gear.bank(), out);
    checkAtRest(input, out);
    return out;
}

}  // namespace spirk
