// SPDX-License-Identifier: GPL-3.0-or-later
// S1, S2: the array against its controller.

#include <algorithm>

#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/gear/solar.h"

namespace spirk {

namespace {

constexpr const char* kControllerField = "gear.solar.controller";

Derivation coldDerivation(const CheckInput& in, Volts cold) {
    const ChosenSolar& s = *in.gear.solar;
    return {.id = FigureId("solar.voc.cold"),
            .title = "Open-circuit voltage of a string on the coldest morning",
            .formula = "V = n · V_oc · (1 + β (T_min − 25))",
            .terms = {{"n", "panels in series", count(s.series), FromPlan{"gear.solar.series"}},
                      {"V_oc",
                       s.panel->name,
                       measure(s.panel->voc),
                       fromTable(in.library, "panels", s.panel->name)},
                      {"β",
                       "per kelvin",
                       number(s.panel->betaVocPerK),
                       fromTable(in.library, "panels", s.panel->name)},
                      {"T_min",
                       "coldest to plan for",
                       measure(in.gear.climate->coldest),
                       fromTable(in.library, "climates", in.gear.climate->name)}},
            .result = measure(cold),
            .source = "panel's temperature coefficient (maker)",
            .note = "Nominal volts do not count here; frost does."};
}

Finding coldTooHigh(const CheckInput& in, Volts cold) {
    const ChosenSolar& s = *in.gear.solar;
    Finding f = findingOf(in, "S1", {SubjectKind::Device, "mppt"});
    f.where.push_back({SubjectKind::Device, "array"});
    f.what = {"On a morning of {cold} a string of {n} gives {voc}; the controller takes {limit}.",
              {{"cold", measure(in.gear.climate->coldest)},
               {"n", count(s.series)},
               {"voc", measure(cold)},
               {"limit", measure(s.controller->maxVoc)}}};
    f.why = {"Above its limit the controller is destroyed, and can short the array into the bank.",
             {}};
    f.remedy = {"Put fewer panels in series, or use a controller for a higher voltage.", {}};
    f.figures = {FigureId("solar.voc.cold")};
    if (s.series % 2 == 0) {
        f.mends.push_back({{"Wire {s} in series, {p} in parallel",
                            {{"s", count(s.series / 2.0)}, {"p", count(s.parallel * 2)}}},
                           {{"gear.solar.series", "", s.series / 2.0},
                            {"gear.solar.parallel", "", s.parallel * 2.0}}});
    }
    const auto* other = leastOnOffer(
        in.plan.own.controllers,
        in.library.controllers,
        [&](const ControllerModel& m) {
            return m.maxVoc > cold && m.maxOutput >= s.controller->maxOutput;
        },
        [](const ControllerModel& m) { return m.maxOutput; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, kControllerField));
    }
    return f;
}

const MonthSun* bestMonth(const CheckInput& in) {
    const MonthSun* best = nullptr;
    for (const MonthSun& m : in.supply.months) {
        if (m.inTrip && (best == nullptr || m.perDay > best->perDay)) {
            best = &m;
        }
    }
    return best;
}

Finding clips(const CheckInput& in, const MonthSun& best) {
    const ChosenSolar& s = *in.gear.solar;
    Finding f = findingOf(in, "S2", {SubjectKind::Device, "mppt"});
    f.what = {"The controller ({limit}) cuts {cut} of the best month's sun from {array} of panels.",
              {{"limit", measure(s.controller->maxOutput)},
               {"cut", percent(best.cut)},
               {"array", measure(arrayPower(s))}}};
    f.why = {"What it cannot pass on is lost in the bright hours.", {}};
    f.remedy = {"Use a larger controller, or accept it: panels help more on dull days.", {}};
    f.figures = {FigureId("supply.sun.month." + std::to_string(best.month)),
                 FigureId("supply.sun.limit")};
    const auto* other = leastOnOffer(
        in.plan.own.controllers,
        in.library.controllers,
        [&](const ControllerModel& m) {
            const Watts passes = m.maxOutput * in.gear.bank.chemistry.absorption / m.efficiency;
            return passes >= arrayPower(s) && m.maxVoc >= s.controller->maxVoc;
        },
        [](const ControllerModel& m) { return m.maxOutput; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, kControllerField));
    }
    return f;
}

}  // namespace

Checks solarChecks(const CheckInput& input) {
    Checks out;
    if (!input.gear.solar) {
        return out;
    }
    const ChosenSolar& s = *input.gear.solar;
    const Volts cold = stringVoc(*s.panel, s.series, input.gear.climate->coldest);
    out.why.add(coldDerivation(input, cold));
    if (cold > s.controller->maxVoc) {
        out.findings.push_back(coldTooHigh(input, cold));
    }
    const MonthSun* best = bestMonth(input);
    if (best != nullptr && best->cut > rule(input.library, "clipping_limit").value) {
        out.findings.push_back(clips(input, *best));
    }
    return out;
}

}  // namespace spirk
