// SPDX-License-Identifier: GPL-3.0-or-later
// S3, S4, S5, S6, S10, S12: the array on hot days, its strings and cables, and what it can carry.

#include <algorithm>

#include "core/cables/figures.h"
#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/gear/solar.h"
#include "core/library/gear_fields.h"
#include "core/supply/sun_months.h"
#include "core/system/strings.h"

namespace spirk {

namespace {

// Judgement: a warm day is this far above its month's mean.
constexpr double kDayAboveMean = 6.0;
constexpr double kFullSun = 1000.0;  // W/m2
// Common practice: to finish charging, the panels need this much above the bank.
constexpr double kAboveCharging = 1.0;
// Judgement: with panels made for 12 V some quarter is lost by a simple controller; that is its
// price.
constexpr double kLostToSimple = 0.35;

}  // namespace

Derivation stringVocFigure(const CheckInput& in, const SunUnit& s, StringVoc asked, Volts voc) {
    const Origin panel = fromGear(in.library, *s.panel);
    return {.id = unitFigure(s.id, asked.figure),
            .title = std::move(asked.title),
            .formula = {"V = n · V_oc · (1 + β ({temperature} − 25))"_text,
                        {{"temperature", asked.temperature.symbol}}},
            .terms =
                {{"n"_text, "panels in series"_text, count(s.series), FromPlan{s.path + ".series"}},
                 {"V_oc"_text, s.panel->name, measure(s.panel->voc), panel},
                 {"β"_text, "per kelvin"_text, number(s.panel->betaVocPerK), panel},
                 std::move(asked.temperature)},
            .result = measure(voc),
            .source = "panel's temperature coefficient (maker)"_text,
            .note = std::move(asked.note)};
}

namespace {

// Hottest the cells get: full sun on the trip's warmest month.
Celsius hotCells(const CheckInput& in, const SunUnit& s) {
    Celsius warmest = in.gear.climate->mean.front();
    for (int month = 1; month <= 12; ++month) {
        if (inSeason(month, in.plan.trip.firstMonth, in.plan.trip.lastMonth)) {
            warmest = std::max(warmest, in.gear.climate->mean[static_cast<std::size_t>(month - 1)]);
        }
    }
    return panelPower(*s.panel, kFullSun, warmest + kelvins(kDayAboveMean)).cell;
}

// Twice as many panels in each string, where their number allows it.
void offerLongerStrings(const SunUnit& s, Finding& f) {
    if (s.parallel % 2 == 0) {
        f.mends.push_back({{"Wire {s} in series, {p} in parallel"_text,
                            {{"s", count(s.series * 2)}, {"p", count(s.parallel / 2.0)}}},
                           {UseCount{s.id, GearCount::PanelSeries, s.series * 2},
                            UseCount{s.id, GearCount::PanelStrings, s.parallel / 2}}});
    }
}

void checkHot(const CheckInput& in, const SunUnit& s, Checks& out) {
    const Celsius hot = hotCells(in, s);
    const Volts voc = stringVoc(*s.panel, s.series, hot);
    const Volts vmp = s.panel->vmp * (voc / s.panel->voc);  // falls as the open circuit does
    const Volts bank = in.gear.bankOf(s.into).chemistry.absorption;
    const Volts start = bank + s.controller->startAbove;
    out.why.add(
        stringVocFigure(in,
                        s,
                        {"voc.hot",
                         "Open-circuit voltage of a string on a hot day"_text,
                         {"T_hot"_text,
                          "cells in full sun, warmest month"_text,
                          measure(hot),
                          FromRule{"T_c = T_a + G/800 (NOCT − 20)"_text}},
                         {"At maximum power it has {volts}."_text, {{"volts", measure(vmp)}}}},
                        voc));
    if (voc >= start && vmp >= bank + volts(kAboveCharging)) {
        return;
    }
    Finding f = findingOf(in, "S3", unitSubject(s.beside.value.empty() ? s.id : s.beside));
    f.id = "S3 " + s.id.value;
    f.where.push_back(firstSubject(in, DeviceKind::Array, s.id));
    f.what = {
        "On a hot day a string has {voc} open-circuit and {vmp} at maximum power; the controller starts at {start}."_text,
        {{"voc", measure(voc)}, {"vmp", measure(vmp)}, {"start", measure(start)}}};
    f.why = {"It does not start, or stops before the bank is full."_text, {}};
    f.remedy = {"Put more panels in series."_text, {}};
    f.figures = {unitFigure(s.id, "voc.hot")};
    offerLongerStrings(s, f);
    out.findings.push_back(std::move(f));
}

void offerFuses(const CheckInput& in, const SunUnit& s, Finding& f) {
    Mend mend{"Fit a fuse in each string"_text, {}};
    for (const SunUnit* p : in.gear.panelsAt(s)) {
        mend.changes.emplace_back(UseOption{p->id, "string_fuses", "needed"});
    }
    f.mends.push_back(std::move(mend));
}

void checkStrings(const CheckInput& in, const SunUnit& s, Checks& out) {
    const ParallelStrings all = stringsAt(in.library, in.gear, s);
    const auto panels = in.gear.panelsAt(s);
    const bool everyOne = std::ranges::all_of(
        panels, [&](const SunUnit* p) { return stringFuse(in.library, in.gear, *p).has_value(); });
    if (!all.needsFuses() || everyOne) {
        return;
    }
    Finding f = findingOf(in, "S4", firstSubject(in, DeviceKind::Array, s.id));
    f.what = {"{n} strings are in parallel without a fuse in each."_text,
              {{"n", count(all.number)}}};
    f.why = {
        "The others drive up to {others} (1.25 times their short-circuit current) into a faulty one; its panels withstand {bears}."_text,
        {{"others", measure(all.others)}, {"bears", measure(all.bears)}}};
    if (all.rating) {
        f.remedy = {
            "Fit a gPV fuse of at least {least} and at most {most} in each string: {fuse}."_text,
            {{"least", measure(all.least)},
             {"most", measure(all.bears)},
             {"fuse", measure(*all.rating)}}};
        offerFuses(in, s, f);
    } else {
        f.remedy = {
            "No fuse is made between {least}, which a string needs, and {most}, which its panels withstand: wire fewer strings in parallel, or use panels that withstand more."_text,
            {{"least", measure(all.least)}, {"most", measure(all.bears)}}};
    }
    offerLongerStrings(s, f);
    out.findings.push_back(std::move(f));
}

// More than the controller uses does no harm as such; a reversed or failed input must survive it.
void checkArrayCurrent(const CheckInput& in, const SunUnit& s, Checks& out) {
    const Amps limit = s.controller->maxArray;
    Amps array;
    for (const SunUnit* p : in.gear.panelsAt(s)) {
        array += p->panel->isc * static_cast<double>(p->parallel);
    }
    if (limit.si() <= 0.0 || array <= limit) {
        return;
    }
    Finding f = findingOf(in, "S14", unitSubject(s.id));
    f.what = {
        "The panels' short-circuit current is {array}; {controller} takes up to {limit}."_text,
        {{"array", measure(array)}, {"controller", s.controller->name}, {"limit", measure(limit)}}};
    f.why =
        "With reversed panels, or a fault inside, more flows than its maker reckoned with."_text;
    f.remedy = "Wire more panels in series, or use a controller that takes more."_text;
    offerLongerStrings(s, f);
    const auto* other = leastOnOffer(
        in.plan.own.controllers,
        in.library.controllers,
        [&](const ControllerModel& m) {
            return m.tracking == s.controller->tracking && m.maxVoc >= s.controller->maxVoc &&
                   m.maxArray >= array;
        },
        [](const ControllerModel& m) { return m.maxOutput; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, s.id, GearPart::SolarController));
    }
    out.findings.push_back(std::move(f));
}

// Above this a person who touches both poles is in danger (IEC 60364-4-41, 414: extra-low voltage
// without basic protection in dry places).
constexpr double kTouchVolts = 60.0;

// Panels cannot be switched off: what cannot be unplugged needs a switch that breaks their current.
void checkIsolator(const CheckInput& in, const SunUnit& s, Checks& out) {
    if (!s.chose("array_isolator", "none")) {
        return;
    }
    const Volts open = s.panel->voc * static_cast<double>(s.series);
    Finding f = findingOf(in, "S5", firstSubject(in, DeviceKind::Array, s.id));
    f.severity = open > volts(kTouchVolts) ? Severity::Fault : f.severity;
    f.what = {"Nothing switches the panels off: {volts} in daylight, up to {current}."_text,
              {{"volts", measure(open)},
               {"current", measure(s.panel->isc * static_cast<double>(s.parallel))}}};
    f.why =
        "Their plugs draw an arc when they are opened under load, and the controller's leads stay live while somebody works on them."_text;
    f.remedy =
        "Fit a switch for direct current that opens both poles, near the controller; until then cover the panels first."_text;
    f.mends = {{"Fit a solar isolator"_text, {UseOption{s.id, "array_isolator", "one"}}}};
    out.findings.push_back(std::move(f));
}

// Judgement: strings whose best volts are nearer than this part give nearly all they have.
constexpr double kNearlyAlike = 0.05;

void checkAlike(const CheckInput& in, const SunUnit& panels, Checks& out) {
    const auto at = std::ranges::find(in.gear.suns, panels.beside, &SunUnit::id);
    const auto best = [](const SunUnit& s) { return s.panel->vmp * static_cast<double>(s.series); };
    const Volts here = best(panels);
    const Volts there = best(*at);
    if (std::max(here, there) / std::min(here, there) <= 1.0 + kNearlyAlike) {
        return;
    }
    Finding f = findingOf(in, "S11", firstSubject(in, DeviceKind::Array, panels.id));
    f.what = {
        "Strings of {here} and {there} at maximum power are in parallel at one controller."_text,
        {{"here", measure(here)}, {"there", measure(there)}}};
    f.why =
        "All must run at one voltage, which is the best for neither, and part of the power is lost."_text;
    f.remedy =
        "Make the strings nearly equal in voltage, or give these panels a controller of their own."_text;
    out.findings.push_back(std::move(f));
}

Text whatOfNegative(const SunUnit& s) {
    return s.controller->negative == PanelNegative::Measured
               ? Text(
                     "The panels' negative goes to the bar; {controller} measures or switches in "
                     "it."_text,
                     {{"controller", s.controller->name}})
               : Text(
                     "The panels' negative goes to the bar, and the data sheet of {controller} as "
                     "entered does not say that it may."_text,
                     {{"controller", s.controller->name}});
}

// Only where both negatives are one inside is the bar as good as the terminal.
void checkNegative(const CheckInput& in, const SunUnit& s, Checks& out) {
    if (!s.chose("panel_negative", "bar") || s.controller->negative == PanelNegative::Common) {
        return;
    }
    Finding f = findingOf(in, "S13", unitSubject(s.id));
    const bool measured = s.controller->negative == PanelNegative::Measured;
    f.severity = measured ? f.severity : Severity::Advice;
    f.what = whatOfNegative(s);
    f.why =
        "It cannot limit a current that bypasses it: the panels may overcharge the bank, or the controller may be destroyed."_text;
    f.remedy = "Bring the panels' negative to the controller's terminal, or ask its maker."_text;
    f.mends = {
        {"Bring it to the controller"_text, {UseOption{s.id, "panel_negative", "controller"}}}};
    out.findings.push_back(std::move(f));
}

void checkArrayCables(const CheckInput& in, const SunUnit& s, Checks& out) {
    const double factor = rule(in.library, "array_factor").value;
    const Amps needed = s.panel->isc * (factor * s.parallel);
    for (const CableRow& row : in.cables.rows) {
        const Conductor& c = conductorOf(in, row);
        if (c.side != Side::Panels || c.unit != s.id || row.ampacity >= needed) {
            continue;
        }
        Finding f = findingOf(in, "S6", subject(row.id));
        f.what = {
            "{name} ({size}) has an ampacity of {ampacity}; {factor} times the short-circuit current is {needed}."_text,
            {{"name", conductorOf(in, row).name},
             {"size", measure(row.area)},
             {"ampacity", measure(row.ampacity)},
             {"factor", number(factor)},
             {"needed", measure(needed)}}};
        f.why = {
            "No fuse protects it: panels give little more current into a short circuit than in use."_text,
            {}};
        f.remedy = {"Use {size}."_text, {{"size", measure(row.computedArea)}}};
        f.figures = {cableFigure(row.id, "ampacity")};
        f.mends = {{{"Use {size}"_text, {{"size", measure(row.computedArea)}}},
                    {TakeBack{SetSize{row.id, {}}}}}};
        out.findings.push_back(std::move(f));
    }
}

void checkShareOfSun(const CheckInput& in, Checks& out) {
    const MonthSun& lean = in.supply.months[static_cast<std::size_t>(in.supply.leanestMonth - 1)];
    if (in.supply.demand.si() <= 0.0 || in.gear.usesEngine() || !in.gear.shores.empty()) {
        return;
    }
    const double share =
        lean.perDay * in.gear.bank().chemistry.chargeEfficiencyWh / in.supply.demand;
    if (share >= rule(in.library, "sun_share").value) {
        return;
    }
    Finding f = findingOf(in, "S10", firstSubject(in, DeviceKind::Array));
    f.what = {
        "In the leanest month the panels supply {share} of the daily use, and nothing else charges."_text,
        {{"share", percent(share)}}};
    f.why = {"The bank is empty within days, whatever its size."_text, {}};
    f.remedy = {"Plan more panels, add charging from the engine, or reduce the largest load."_text,
                {}};
    f.figures = {FigureId("supply.sun.leanest")};
    out.findings.push_back(std::move(f));
}

void checkSimpleController(const CheckInput& in, const SunUnit& s, Checks& out) {
    const Watts array = arrayPower(s);
    const Watts taken = takenPower(
        *s.controller, *s.panel, s.series, array, in.gear.bankOf(s.into).chemistry.absorption);
    const double lost = 1.0 - taken / array;
    if (lost <= kLostToSimple) {
        return;
    }
    Finding f = findingOf(in, "S12", unitSubject(s.id));
    f.what = {
        "A PWM controller holds the panels at the bank's voltage: {lost} of their power is lost."_text,
        {{"lost", percent(lost)}}};
    f.why = {"These panels give their full power at {vmp}."_text,
             {{"vmp", measure(s.panel->vmp * static_cast<double>(s.series))}}};
    f.remedy = {"Use an MPPT controller, or panels for 12 V."_text, {}};
    f.figures = {unitFigure(s.id, "pwm")};
    out.why.add(
        {.id = unitFigure(s.id, "pwm"),
         .title = "Share of the panels' power that a PWM controller leaves unused"_text,
         .formula = "1 − V / V_mp"_text,
         .terms = {{"V"_text,
                    "absorption voltage of the bank"_text,
                    measure(in.gear.bankOf(s.into).chemistry.absorption),
                    fromTable(in.library, "chemistries", in.gear.bankOf(s.into).battery.name)},
                   {"V_mp"_text,
                    "of a string at maximum power"_text,
                    measure(s.panel->vmp * static_cast<double>(s.series)),
                    fromGear(in.library, *s.panel)}},
         .result = percent(lost),
         .source = "own arithmetic"_text,
         .note = {}});
    const auto* other = leastOnOffer(
        in.plan.own.controllers,
        in.library.controllers,
        [&](const ControllerModel& m) {
            return m.tracking == Tracking::Mppt && m.maxOutput >= s.controller->maxOutput;
        },
        [](const ControllerModel& m) { return m.maxOutput; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, s.id, GearPart::SolarController));
    }
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks arrayChecks(const CheckInput& input) {
    Checks out;
    for (const SunUnit& s : input.gear.suns) {
        for (const SunUnit* panels : input.gear.panelsAt(s)) {
            checkHot(input, *panels, out);
            checkArrayCables(input, *panels, out);
            checkIsolator(input, *panels, out);
        }
        checkStrings(input, s, out);
        checkArrayCurrent(input, s, out);
        checkNegative(input, s, out);
        checkSimpleController(input, s, out);
    }
    for (const SunUnit& panels : input.gear.besides) {
        checkAlike(input, panels, out);
    }
    if (!input.gear.suns.empty()) {
        checkShareOfSun(input, out);
    }
    return out;
}

}  // namespace spirk
