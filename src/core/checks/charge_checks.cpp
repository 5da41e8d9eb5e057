// SPDX-License-Identifier: GPL-3.0-or-later
// B3, B6, B7, B11, B12: what charging, frost and gas ask of the bank, and what empties it unseen.

#include <algorithm>

#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/gear/battery.h"
#include "core/gear/inverter.h"
#include "core/library/gear_fields.h"
#include "core/quantities/tidy.h"
#include "core/supply/frost.h"
#include "core/supply/sun_months.h"

namespace spirk {

namespace {

// Judgement: below this mean a month's nights ask for heating.
constexpr double kHeatingBelow = 8.0;
// IEC 62485-2: flow 0.05 n I_gas C_rt / 1000 m3/h, opening 28 cm2 for each m3/h; gassing current of
// vented lead at boost 20 mA/Ah.
constexpr double kGasFlow = 0.05;
constexpr double kGassingMilliampsPerAh = 20.0;
constexpr double kOpeningCm2 = 28.0;
constexpr double kVoltsPerCell = 2.0;
constexpr double kMm2PerCm2 = 100.0;

// Largest current of each way of charging that bank, together.
struct Charging {
    Amps most;
    Terms terms;
};

Charging chargingOf(const CheckInput& in, const BankUnit& bank) {
    Charging out;
    const auto add =
        [&](const SystemUnit& unit, const UnitId& into, Phrase symbol, Phrase what, Amps here) {
            if (in.gear.bankOf(into).id == bank.id) {
                out.most += here;
                out.terms.push_back({symbol, what, measure(here), FromPlan{unit.path}});
            }
        };
    for (const SunUnit& s : in.gear.suns) {
        if (!s.combined) {
            const Watts power = powerAt(in.gear, s) * s.controller->efficiency;
            const Volts charging = in.gear.bankOf(s.into).chemistry.absorption;
            const Amps here = std::min(s.controller->maxOutput, power / charging);
            add(s, s.into, "I_sun"_text, "controller in full sun"_text, here);
        }
    }
    for (const EngineUnit& e : in.gear.engines) {
        if (!e.withSun) {
            add(e, e.into, "I_engine"_text, "DC-DC charger"_text, e.charger->output);
        }
    }
    for (const CombinedUnit& c : in.gear.combineds) {
        add(c, c.into, "I_both"_text, "charger for engine and sun"_text, c.model->output);
    }
    for (const AlternatorUnit& a : in.gear.alternators) {
        add(a, a.into, "I_second"_text, "second alternator"_text, a.model->output);
    }
    for (const ShoreUnit& s : in.gear.shores) {
        if (s.through.value.empty()) {  // else it gives what the charger behind it does
            add(s, s.into, "I_shore"_text, "charger on shore power"_text, s.charger->output);
        }
    }
    for (const InverterUnit& i : in.gear.inverters) {
        if (i.model->charge.si() > 0.0) {
            add(i, i.from, "I_shore"_text, "inverter/charger on shore power"_text, i.model->charge);
        }
    }
    return out;
}

void explainCharging(
    const CheckInput& in, const BankUnit& bank, Charging charging, Amps limit, Checks& out) {
    charging.terms.push_back(
        {"I_max"_text, "the bank accepts"_text, measure(limit), fromGear(in.library, *bank.model)});
    out.why.add({.id = unitFigure(bank.id, "charge"),
                 .title = "Largest charging current of the bank"_text,
                 .formula = "sum of all chargers"_text,
                 .terms = std::move(charging.terms),
                 .result = measure(charging.most),
                 .source = "own arithmetic"_text,
                 .note = {}});
}

Finding tooMuch(const CheckInput& in, const BankUnit& bank, Amps most, Amps limit) {
    Finding f = bankFinding(in, bank, "B3");
    f.severity = Severity::Fault;
    f.what = {
        "Everything that charges the bank gives up to {current} together; the bank accepts {limit}."_text,
        {{"current", measure(most)}, {"limit", measure(limit)}}};
    f.why = {bank.battery.family == Family::Lithium
                 ? "Its BMS switches charging off, and the chargers lose their battery."_text
                 : "It gasses, heats up and ages early."_text,
             {}};
    f.remedy = {"Limit the chargers in their settings, or use a larger bank."_text, {}};
    f.figures = {unitFigure(bank.id, "charge")};
    return f;
}

Finding tooSlow(const CheckInput& in, const BankUnit& bank, Amps most, Seconds time) {
    Finding f = bankFinding(in, bank, "B3");
    f.id += " slow";
    f.severity = Severity::Advice;
    f.what = {"At best {current} charge the bank: {time} to put back what of it is used."_text,
              {{"current", measure(most)}, {"time", measure(time)}}};
    f.why = {bank.battery.family == Family::Lead
                 ? "A lead-acid battery that is seldom full sulphates and fails early."_text
                 : "After a few dull days it takes more than one bright day to recover."_text,
             {}};
    f.remedy = {"Plan stronger charging, or a smaller bank."_text, {}};
    f.figures = {unitFigure(bank.id, "charge")};
    return f;
}

void checkRate(const CheckInput& in, const BankUnit& bank, Checks& out) {
    const Charging charging = chargingOf(in, bank);
    const Amps most = charging.most;
    const Amps limit = mostIn(bank);
    explainCharging(in, bank, charging, limit, out);
    if (most > limit) {
        out.findings.push_back(tooMuch(in, bank, most, limit));
    }
    const Coulombs usable = bankCapacity(bank) * bank.chemistry.usable;
    const double longest = rule(in.library, "charge_days_limit_h").value;
    if (most.si() > 0.0 && chargeTime(usable, most) > hours(longest)) {
        out.findings.push_back(tooSlow(in, bank, most, chargeTime(usable, most)));
    }
}

bool isCharged(const CheckInput& in, const BankUnit& bank) {
    const auto intoIt = [&](const auto& source) {
        return in.gear.bankOf(source.into).id == bank.id;
    };
    const auto chargesIt = [&](const InverterUnit& inverter) {
        return inverter.model->charge.si() > 0.0 && in.gear.bankOf(inverter.from).id == bank.id;
    };
    return std::ranges::any_of(in.gear.suns, intoIt) ||
           std::ranges::any_of(in.gear.engines, intoIt) ||
           std::ranges::any_of(in.gear.relays, intoIt) ||
           std::ranges::any_of(in.gear.alternators, intoIt) ||
           std::ranges::any_of(in.gear.shores, intoIt) ||
           std::ranges::any_of(in.gear.inverters, chargesIt);
}

// The same for all banks.
void explainNight(const CheckInput& in, Celsius night, Checks& out) {
    const FigureId id("climate.night");
    if (out.why.find(id) != nullptr) {
        return;
    }
    const ColdMonth month = coldestMonth(in.plan, *in.gear.climate);
    const Climate& climate = *in.gear.climate;
    out.why.add({.id = id,
                 .title = "Coldest night to plan for"_text,
                 .formula = "T = T_month − (T_coldest month − T_record) / 2"_text,
                 .terms = {{"T_month"_text,
                            {"mean of {month}, the coldest of the trip"_text,
                             {{"month", monthName(month.month)}}},
                            measure(month.mean),
                            fromTable(in.library, "climates", climate.name)},
                           {"T_coldest month"_text,
                            "mean of the year's coldest month"_text,
                            measure(*std::ranges::min_element(climate.mean)),
                            fromTable(in.library, "climates", climate.name)},
                           {"T_record"_text,
                            "passed about once in ten years"_text,
                            measure(climate.coldest),
                            fromTable(in.library, "climates", climate.name)}},
                 .result = measure(night),
                 .source = "judgement: half the span between that month and the record"_text,
                 .note = {}});
}

void checkFrost(const CheckInput& in, const BankUnit& bank, Checks& out) {
    const Celsius night = coldNight(in.plan, *in.gear.climate);
    const bool lithium = bank.battery.family == Family::Lithium;
    if (!lithium || !isCharged(in, bank) || bank.model->heated || bank.heater ||
        night.degrees >= rule(in.library, "charge_below_c").value) {
        return;
    }
    explainNight(in, night, out);
    Finding f = bankFinding(in, bank, "B6");
    f.what = {"On this trip the coldest nights are near {night}; {model} has no heater."_text,
              {{"night", measure(night)}, {"model", bank.model->name}}};
    f.figures = {FigureId("climate.night")};
    f.why = {
        "Charging lithium below freezing plates lithium metal in the cells: permanent damage, and a risk of an internal short circuit."_text,
        {}};
    f.remedy = {
        "Use a heated battery, or keep the bank where it stays above freezing and make sure its BMS stops charging in the cold."_text,
        {}};
    for (const BatteryModel* model : onOffer(in.plan.own.batteries, in.library.batteries)) {
        if (model->heated && model->nominal == bank.model->nominal &&
            model->capacity == bank.model->capacity) {
            f.mends.push_back(useInstead(*model, bank.id, GearPart::Battery));
            break;
        }
    }
    out.findings.push_back(std::move(f));
}

// What keeps people warm draws from the bank.
void checkHeater(const CheckInput& in, Checks& out) {
    const Celsius mean = coldestMonth(in.plan, *in.gear.climate).mean;
    const bool heated = std::ranges::any_of(in.plan.appliances, [](const Appliance& a) {
        return a.category == Category::Heating && a.count > 0;
    });
    if (mean.degrees < kHeatingBelow && !heated && !in.plan.appliances.empty()) {
        Finding f = findingOf(in, "B11", {SubjectKind::Figure, "needs.dc"});
        f.id = "B11 heater";
        f.what = {"The coldest month of the trip averages {mean}, and no heater is planned."_text,
                  {{"mean", measure(mean)}}};
        f.why = {"A heater's fan, pump and glow plug draw from the bank every night."_text, {}};
        f.remedy = {"Add the heater in Needs, even if it burns gas or diesel."_text, {}};
        out.findings.push_back(std::move(f));
    }
}

// A place that no new plan begins with is taken to be.
bool livedIn(const Library& library, const PlaceId& place) {
    const auto& places = library.typicalVan.places;
    const auto usual = std::ranges::find(places, place, &TypicalVan::Place::id);
    return usual == places.end() || usual->livedIn;
}

Finding ventFinding(const CheckInput& in, const BankUnit& bank, Text what) {
    Finding f = bankFinding(in, bank, "B7");
    f.what = std::move(what);
    f.why = "Hydrogen collects under the ceiling, and a spark ignites it."_text;
    f.figures = {unitFigure(bank.id, "vent")};
    return f;
}

Finding nowhereToGo(const CheckInput& in, const BankUnit& bank, double needed) {
    Finding f =
        ventFinding(in,
                    bank,
                    {"{model} gives off hydrogen while charging and is in the living space."_text,
                     {{"model", bank.model->name}}});
    f.remedy = {
        "Put it outside, or in a box that is sealed from the living space and vented to the outside low and high with {opening} cm² each; or use a sealed battery."_text,
        {{"opening", number(needed)}}};
    return f;
}

Finding ventsTooSmall(const CheckInput& in,
                      const BankUnit& bank,
                      std::optional<double> have,
                      double needed) {
    Text what{"The size of the vents of {model}'s box is not entered."_text,
              {{"model", bank.model->name}}};
    if (have) {
        what = {"The vents of {model}'s box have {have} cm² each; {needed} cm² are required."_text,
                {{"model", bank.model->name}, {"have", number(*have)}, {"needed", number(needed)}}};
    }
    Finding f = ventFinding(in, bank, std::move(what));
    f.severity = have ? Severity::Danger : Severity::Fault;
    f.remedy = {
        "Make two openings to the outside, low and high, of {needed} cm² each, and enter them in Supply."_text,
        {{"needed", number(needed)}}};
    return f;
}

// By where its gas goes, as the person says.
void checkVent(const CheckInput& in, const BankUnit& bank, double needed, Checks& out) {
    const Device& battery = *firstOf(in.wiring.circuit, DeviceKind::Battery, bank.id);
    if (bank.venting == Venting::None && livedIn(in.library, battery.place)) {
        out.findings.push_back(nowhereToGo(in, bank, needed));
    }
    const auto have =
        bank.opening ? std::optional(inMm2(*bank.opening) / kMm2PerCm2) : std::nullopt;
    if (bank.venting == Venting::Box && have.value_or(0.0) < needed) {
        out.findings.push_back(ventsTooSmall(in, bank, have, needed));
    }
}

void checkGas(const CheckInput& in, const BankUnit& bank, Checks& out) {
    if (!bank.battery.gasses) {
        return;
    }
    const double cells = bank.nominal.si() / kVoltsPerCell;
    const double ah = inAmpHours(bankCapacity(bank));
    const double flow = kGasFlow * cells * kGassingMilliampsPerAh * ah / 1000.0;
    const double opening = kOpeningCm2 * flow;
    out.why.add(
        {.id = unitFigure(bank.id, "vent"),
         .title = "Free vent opening for the bank, two of them, in cm²"_text,
         .formula = "A = 28 · Q, Q = 0.05 · n · I_gas · C / 1000 m³/h"_text,
         .terms = {{"n"_text, "cells in series"_text, number(cells), FromPlan{bank.path}},
                   {"I_gas"_text,
                    "mA per Ah, vented lead, boost charge"_text,
                    number(kGassingMilliampsPerAh),
                    FromRule{"IEC 62485-2"_text}},
                   {"C"_text, "capacity in Ah"_text, number(ah), FromPlan{bank.path}}},
         .result = number(opening),
         .source = "IEC 62485-2"_text,
         .note = {"Air flow: {flow} m³/h."_text, {{"flow", number(significant(flow, 2))}}}});
    checkVent(in, bank, opening, out);
}

void checkIdle(const CheckInput& in, const InverterUnit& inverter, Checks& out) {
    if (in.supply.demand.si() <= 0.0) {
        return;
    }
    const Watts idle = inverterLoss(*inverter.model, watts(0.0));
    const Joules day = idle * inverter.onPerDay;
    const double share = day / in.supply.demand;
    if (share <= rule(in.library, "idle_share").value) {
        return;
    }
    Finding f = findingOf(in, "B12", firstSubject(in, DeviceKind::Inverter, inverter.id));
    f.what = {"The inverter's idle draw takes {share} of the day's energy ({energy})."_text,
              {{"share", percent(share)}, {"energy", measure(day)}}};
    f.why = {"An inverter that is left on draws from the bank day and night, also in storage."_text,
             {}};
    f.remedy = {
        "Switch it off when it is not needed, with a remote switch near the bed, or use a smaller inverter."_text,
        {}};
    f.figures = {FigureId("supply.inverter.extra")};
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks chargeChecks(const CheckInput& input) {
    Checks out;
    for (const BankUnit& bank : input.gear.banks) {
        checkRate(input, bank, out);
        checkFrost(input, bank, out);
        checkGas(input, bank, out);
    }
    checkHeater(input, out);
    for (const InverterUnit& inverter : input.gear.inverters) {
        checkIdle(input, inverter, out);
    }
    return out;
}

}  // namespace spirk
