// SPDX-License-Identifier: GPL-3.0-or-later
// B3, B6, B7, B11, B12: what charging, frost and gas ask of the bank, and what empties it unseen.

#include <algorithm>

#include "core/checks/families.h"
#include "core/gear/battery.h"
#include "core/gear/inverter.h"
#include "core/library/gear_fields.h"
#include "core/plan/units.h"
#include "core/quantities/tidy.h"
#include "core/supply/sun_months.h"

namespace spirk {

namespace {

// Judgement: nights are this far below the month's mean (coasts 3.5 K, inland 6 K).
constexpr double kNightBelowMean = 5.0;
// Judgement: below this mean a month's nights ask for heating.
constexpr double kHeatingBelow = 8.0;
// IEC 62485-2: flow 0.05 n I_gas C_rt / 1000 m3/h, opening 28 cm2 for each m3/h; gassing current of
// vented lead at boost 20 mA/Ah.
constexpr double kGasFlow = 0.05;
constexpr double kGassingMilliampsPerAh = 20.0;
constexpr double kOpeningCm2 = 28.0;
constexpr double kVoltsPerCell = 2.0;

Finding bankFinding(const CheckInput& in, const char* rule) {
    Finding f = findingOf(in, rule, firstSubject(in, DeviceKind::Battery));
    f.id = std::string(rule) + " bank";
    return f;
}

// Largest current of each way of charging, by itself.
struct Charging {
    Amps solar, engine;
    FromPlan solarFrom, engineFrom;
    [[nodiscard]] Amps together() const { return solar + engine; }
    [[nodiscard]] Amps most() const { return std::max(solar, engine); }
};

Charging chargingOf(const CheckInput& in) {
    Charging out;
    if (in.gear.sun()) {
        const SunUnit& s = *in.gear.sun();
        const Watts power = arrayPower(s) * s.controller->efficiency;
        out.solarFrom = {s.path};
        out.solar = std::min(s.controller->maxOutput, power / in.gear.bank().chemistry.absorption);
    }
    if (in.gear.engine()) {
        out.engineFrom = {in.gear.engine()->path};
        out.engine = in.gear.engine()->charger->output;
    }
    return out;
}

void checkRate(const CheckInput& in, Checks& out) {
    const Charging charging = chargingOf(in);
    const Amps limit = in.gear.bank().model->maxCharge * static_cast<double>(in.gear.bank().count);
    const Coulombs usable = bankCapacity(in.gear.bank()) * in.gear.bank().chemistry.usable;
    out.why.add({.id = bankFigure(in, "charge"),
                 .title = "Most that charges the bank at once"_text,
                 .formula = "I = I_sun + I_engine"_text,
                 .terms = {{"I_sun"_text,
                            "controller at full sun"_text,
                            measure(charging.solar),
                            charging.solarFrom},
                           {"I_engine"_text,
                            "DC-DC charger"_text,
                            measure(charging.engine),
                            charging.engineFrom},
                           {"I_max"_text,
                            "the bank takes"_text,
                            measure(limit),
                            fromGear(in.library, *in.gear.bank().model)}},
                 .result = measure(charging.together()),
                 .source = "own arithmetic"_text,
                 .note = {}});
    if (charging.together() > limit) {
        Finding f = bankFinding(in, "B3");
        f.severity = Severity::Fault;
        f.what = {
            "Sun and engine together charge with up to {current}; the bank takes {limit}."_text,
            {{"current", measure(charging.together())}, {"limit", measure(limit)}}};
        f.why = {
            in.gear.bank().battery.family == Family::Lithium
                ? "Its manager switches charging off, and the chargers lose their battery."_text
                : "It gasses, heats up and ages."_text,
            {}};
        f.remedy = {"Limit the chargers in their settings, or use a larger bank."_text, {}};
        f.figures = {bankFigure(in, "charge")};
        out.findings.push_back(std::move(f));
    }
    const double longest = rule(in.library, "charge_days_limit_h").value;
    const bool slow =
        charging.most().si() > 0.0 && chargeTime(usable, charging.together()) > hours(longest);
    if (slow) {
        Finding f = bankFinding(in, "B3");
        f.id = "B3 bank slow";
        f.severity = Severity::Advice;
        f.what = {"At best {current} charge the bank: {time} from empty to full."_text,
                  {{"current", measure(charging.together())},
                   {"time", measure(chargeTime(usable, charging.together()))}}};
        f.why = {in.gear.bank().battery.family == Family::Lead
                     ? "Lead that is seldom full sulphates and dies early."_text
                     : "After a few dull days it takes more than a bright day to recover."_text,
                 {}};
        f.remedy = {"Plan stronger charging, or a smaller bank."_text, {}};
        f.figures = {bankFigure(in, "charge")};
        out.findings.push_back(std::move(f));
    }
}

// The coldest month of the trip, by its mean.
struct ColdMonth {
    int month = 1;
    Celsius mean;
};
ColdMonth coldestMonth(const CheckInput& in) {
    ColdMonth out;
    bool first = true;
    for (int month = 1; month <= 12; ++month) {
        const Celsius mean = in.gear.climate->mean[static_cast<std::size_t>(month - 1)];
        const bool counts = inSeason(month, in.plan.trip.firstMonth, in.plan.trip.lastMonth);
        if (counts && (first || mean < out.mean)) {
            out = {month, mean};
            first = false;
        }
    }
    return out;
}

void checkFrost(const CheckInput& in, Checks& out) {
    const Celsius mean = coldestMonth(in).mean;
    const Celsius night = mean + kelvins(-kNightBelowMean);
    const bool charged = in.gear.sun() || in.gear.engine();
    const bool lithium = in.gear.bank().battery.family == Family::Lithium;
    if (lithium && charged && !in.gear.bank().model->heated &&
        night.degrees < rule(in.library, "charge_below_c").value) {
        Finding f = bankFinding(in, "B6");
        f.what = {"On this trip nights are near {night}; {model} is not heated."_text,
                  {{"night", measure(night)}, {"model", in.gear.bank().model->name}}};
        f.why = {
            "Charging lithium below freezing plates metal in its cells: it is damaged for "
            "good and can short inside."_text,
            {}};
        f.remedy = {
            "Use a heated battery, or keep the bank where it stays above freezing and make "
            "sure that its manager stops charging in the cold."_text,
            {}};
        for (const BatteryModel* model : onOffer(in.plan.own.batteries, in.library.batteries)) {
            if (model->heated && model->nominal == in.gear.bank().model->nominal &&
                model->capacity == in.gear.bank().model->capacity) {
                f.mends.push_back({{"Use: {model}"_text, {{"model", model->name}}},
                                   {UseModel{GearPart::Battery, model->id}}});
                break;
            }
        }
        out.findings.push_back(std::move(f));
    }
    const bool heated = std::ranges::any_of(in.plan.appliances, [](const Appliance& a) {
        return a.category == Category::Climate && a.count > 0;
    });
    if (mean.degrees < kHeatingBelow && !heated && !in.plan.appliances.empty()) {
        Finding f = findingOf(in, "B11", {SubjectKind::Figure, "needs.dc"});
        f.id = "B11 heater";
        f.what = {
            "The coldest month of the trip has {mean} on average, and no heater is planned."_text,
            {{"mean", measure(mean)}}};
        f.why = {"A heater's fan and pump, and its start, draw from the bank every night."_text,
                 {}};
        f.remedy = {"Add the heater in Needs, even one that burns gas or diesel."_text, {}};
        out.findings.push_back(std::move(f));
    }
}

bool livedIn(const PlaceId& place) {
    return place.value != "under_floor" && place.value != "engine" && place.value != "roof";
}

void checkGas(const CheckInput& in, Checks& out) {
    const BankUnit& bank = in.gear.bank();
    if (!bank.battery.gasses) {
        return;
    }
    const double cells = bank.nominal.si() / kVoltsPerCell;
    const double ah = inAmpHours(bankCapacity(bank));
    const double flow = kGasFlow * cells * kGassingMilliampsPerAh * ah / 1000.0;
    const double opening = kOpeningCm2 * flow;
    out.why.add(
        {.id = bankFigure(in, "vent"),
         .title = "Free opening for the bank's gas, two of them, in cm²"_text,
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
    const auto battery =
        std::ranges::find(in.wiring.circuit.devices, DeviceKind::Battery, &Device::kind);
    if (!livedIn(battery->place)) {
        return;
    }
    Finding f = bankFinding(in, "B7");
    f.what = {"{model} gives off hydrogen when it is charged, and stands in the living space."_text,
              {{"model", bank.model->name}}};
    f.why = {"Hydrogen gathers under the ceiling and a spark sets it off."_text, {}};
    f.remedy = {
        "Put it in a box closed to the inside, vented to the outside low and high with "
        "{opening} cm² each, or outside; or use a sealed battery."_text,
        {{"opening", number(opening)}}};
    f.figures = {bankFigure(in, "vent")};
    out.findings.push_back(std::move(f));
}

void checkIdle(const CheckInput& in, Checks& out) {
    if (in.gear.inverter() == nullptr || in.supply.demand.si() <= 0.0) {
        return;
    }
    const Watts idle = inverterLoss(*in.gear.inverter(), watts(0.0));
    const Joules day = idle * inverterOf(in.plan.gear)->onPerDay;
    const double share = day / in.supply.demand;
    if (share <= rule(in.library, "idle_share").value) {
        return;
    }
    Finding f = findingOf(in, "B12", firstSubject(in, DeviceKind::Inverter));
    f.what = {"The inverter's idle draw takes {share} of the day's energy ({energy})."_text,
              {{"share", percent(share)}, {"energy", measure(day)}}};
    f.why = {"An inverter that is left on draws from the bank day and night, also in storage."_text,
             {}};
    f.remedy = {
        "Switch it off when it is not needed, with a remote switch near the bed, or use a "
        "smaller one."_text,
        {}};
    f.figures = {FigureId("supply.inverter.extra")};
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks chargeChecks(const CheckInput& input) {
    Checks out;
    checkRate(input, out);
    checkFrost(input, out);
    checkGas(input, out);
    checkIdle(input, out);
    return out;
}

}  // namespace spirk
