// SPDX-License-Identifier: GPL-3.0-or-later
// B12: what goes on drawing with the main switch off, and after how many days the bank is flat.

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

}  // namespace

Checks storageChecks(const CheckInput& input) {
    Checks out;
    // The supply is reckoned for the first bank.
    checkStored(input, input.gear.bank(), out);
    return out;
}

}  // namespace spirk
