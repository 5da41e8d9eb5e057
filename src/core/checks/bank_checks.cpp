// SPDX-License-Identifier: GPL-3.0-or-later
// B1, B2: the bank against the days asked and against what is drawn from it.

#include <algorithm>
#include <cmath>

#include "core/checks/battery_currents.h"
#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/library/gear_fields.h"

namespace spirk {

namespace {

constexpr int kMostBatteries = 4;

// Mends that make the bank at least `factor` times what it is: more of the same, or larger ones.
std::vector<Mend> largerBanks(const CheckInput& in, const BankUnit& bank, double factor) {
    std::vector<Mend> out;
    const int count = static_cast<int>(std::ceil(bank.count * factor - 1e-9));
    if (count <= kMostBatteries) {
        out.push_back({{"Use {count} × {model}"_text,
                        {{"count", spirk::count(count)}, {"model", bank.model->name}}},
                       {UseCount{bank.id, GearCount::BankStrings, count}}});
    }
    const BatteryModel& now = *bank.model;
    const auto* larger = leastOnOffer(
        in.plan.own.batteries,
        in.library.batteries,
        [&](const BatteryModel& m) {
            return m.capacity >= now.capacity * factor && m.maxDischarge >= now.maxDischarge &&
                   m.chemistry == now.chemistry && blocksOf(m.nominal) == blocksOf(now.nominal) &&
                   m.heated >= now.heated;
        },
        [](const BatteryModel& m) { return m.capacity; });
    if (larger != nullptr) {
        out.push_back({{"Use {count} × {model}"_text,
                        {{"count", spirk::count(bank.count)}, {"model", larger->name}}},
                       {UseModel{bank.id, GearPart::Battery, larger->id}}});
    }
    return out;
}

Finding bankTooSmall(const CheckInput& in) {
    const BankUnit& bank = in.gear.bank();
    Finding f = bankFinding(in, bank, "B1");
    f.what = {"The bank carries {has} days without sun; you asked for {asked}."_text,
              {{"has", shownDays(in.supply.daysWithoutSun)},
               {"asked", number(in.plan.trip.daysWithoutSun)}}};
    f.why = {"It has {usable} usable, and the plan uses {demand} per day."_text,
             {{"usable", measure(in.supply.usable)}, {"demand", measure(in.supply.demand)}}};
    f.remedy = {"Use a larger bank, ask for fewer days, or reduce the largest load in Needs."_text,
                {}};
    f.figures = {FigureId("supply.days"), FigureId("supply.bank.needed")};
    f.mends = largerBanks(in, bank, in.plan.trip.daysWithoutSun / in.supply.daysWithoutSun);
    return f;
}

// Largest current out of one battery, against its own limit, in the moment when everything runs at
// the lowest voltage.
struct Worst {
    Amps current;
    const BatteryModel* model = nullptr;
    [[nodiscard]] double part() const { return current / model->maxDischarge; }
};

Worst worstOf(const CheckInput& in, const BankUnit& bank) {
    Worst worst{{}, bank.model};
    const std::vector<StringCurrent> strings = stringCurrents(in, bank.id);
    for (std::size_t k = 0; k < strings.size() && k < bank.strings.size(); ++k) {
        for (const Amps current : strings[k].inMoment) {
            const Worst here{current, bank.strings[k].model};
            worst = here.part() > worst.part() ? here : worst;
        }
    }
    return worst;
}

Derivation dischargeDerivation(const CheckInput& in, const BankUnit& bank, const Worst& worst) {
    return {.id = unitFigure(bank.id, "discharge"),
            .title = "Largest current out of one battery"_text,
            .formula = "largest share in the situations used for sizing"_text,
            .terms = {{"I"_text,
                       "everything at full power, at the lowest voltage"_text,
                       measure(worst.current),
                       FromSolver{"shares solved with every lead's own resistance"_text}},
                      {"I_max"_text,
                       {"{battery}, discharge limit"_text, {{"battery", worst.model->name}}},
                       measure(worst.model->maxDischarge),
                       fromGear(in.library, *worst.model)}},
            .result = measure(worst.current),
            .source = "own arithmetic"_text,
            .note = {}};
}

// What the plan's own needs draw at most of one battery, on a bank half full.
Worst drawnByNeeds(const CheckInput& in, const BankUnit& bank) {
    Worst worst{{}, bank.model};
    const std::vector<StringCurrent> strings = stringCurrents(in, bank.id);
    for (const MomentSolution& solved : in.moments) {
        for (std::size_t k = 0; k < strings.size() && k < bank.strings.size(); ++k) {
            const auto device =
                static_cast<std::size_t>(strings[k].head - in.wiring.circuit.devices.data());
            const Flow* flow = solved.served() ? solved.flowOf(device) : nullptr;
            const Worst here{flow == nullptr ? Amps() : flow->through, bank.strings[k].model};
            worst = here.part() > worst.part() ? here : worst;
        }
    }
    return worst;
}

Finding dischargeTooLarge(const CheckInput& in, const BankUnit& bank, const Worst& worst) {
    Finding f = bankFinding(in, bank, "B2");
    const Worst needs = drawnByNeeds(in, bank);
    // What an inverter could give if something asked for it is a limit to know, not a mistake.
    const bool needed = needs.part() > 1.0;
    f.severity = needed ? f.severity : Severity::Advice;
    f.what = {
        needed
            ? "What runs at once draws {current} out of one battery; its limit is {limit}."_text
            : "With everything on and the inverter at its rating, one battery must deliver {current}; its limit is {limit}. What your needs draw, {needs}, is within it."_text,
        {{"current", measure(needed ? needs.current : worst.current)},
         {"limit", measure(worst.model->maxDischarge)},
         {"needs", measure(needs.current)}}};
    f.why =
        bank.battery.family == Family::Lithium
            ? "Its battery management system (BMS) switches off under load, and everything goes dark at once."_text
            : "Its voltage collapses under load, and drained so fast it ages early."_text;
    f.remedy = {"Use more or larger batteries, or a smaller inverter."_text, {}};
    f.figures = {unitFigure(bank.id, "discharge")};
    f.mends = largerBanks(in, bank, worst.part());
    return f;
}

}  // namespace

Checks bankChecks(const CheckInput& input) {
    Checks out;
    const bool drawn = input.supply.demand.si() > 0.0;
    if (drawn && input.supply.daysWithoutSun < input.plan.trip.daysWithoutSun) {
        out.findings.push_back(bankTooSmall(input));
    }
    for (const BankUnit& bank : input.gear.banks) {
        const Worst worst = worstOf(input, bank);
        out.why.add(dischargeDerivation(input, bank, worst));
        if (worst.part() > 1.0) {
            out.findings.push_back(dischargeTooLarge(input, bank, worst));
        }
    }
    return out;
}

}  // namespace spirk
