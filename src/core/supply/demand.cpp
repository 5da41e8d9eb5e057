// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/demand.h"

#include <algorithm>

#include "core/gear/inverter.h"
#include "core/needs/day_profile.h"
#include "core/plan/units.h"

namespace spirk {

namespace {

// Time a day that some mains appliance is switched on.
Seconds mainsInUse(const Plan& plan) {
    double quarters = 0.0;
    for (std::size_t slot = 0; slot < kDaySlots; ++slot) {
        double longest = 0.0;
        for (const Appliance& a : plan.appliances) {
            if (a.feed != Feed::Mains || countNow(a) == 0) {
                continue;
            }
            for (const Use& use : a.uses) {
                longest = std::max(longest, std::min(1.0, coverage(use, slot)));
            }
        }
        quarters += longest;
    }
    return hours(quarters * 24.0 / static_cast<double>(kDaySlots));
}

struct InverterDay {
    Joules extra;
    Derivation why;
};

// Each appliance is reckoned as if it ran by itself: loss beyond idle is b P + c P^2 / P_n over its
// time on. Two at once lose a little more (the square); with c below 0.1 that is within the
// certainty of the coefficients.
InverterDay inverterDay(const Plan& plan, const InverterModel& inverter) {
    const Seconds inUse = mainsInUse(plan);
    const Seconds on = std::max(inUse, inverterOf(plan.gear)->onPerDay);
    const Watts idle = inverterLoss(inverter, watts(0.0));
    const std::string path = pathOf(UnitList::Inverters, inverterOf(plan.gear)->id);
    Joules conversion;
    for (const Appliance& a : plan.appliances) {
        if (a.feed == Feed::Mains) {
            const Watts running = wattsUsed(a) * static_cast<double>(countNow(a));
            conversion += (inverterLoss(inverter, running) - idle) * onTime(a);
        }
    }
    const Joules extra = idle * on + conversion;
    return {extra,
            {.id = FigureId("supply.inverter.extra"),
             .title = "Inverter, losses a day"_text,
             .formula = "E = P_n a · t_on + Σ (b P + c P²/P_n) · t"_text,
             .terms = {{"P_n"_text,
                        "inverter's rating"_text,
                        measure(inverter.power),
                        FromPlan{path + ".model"}},
                       {"P_n a"_text,
                        "idle draw"_text,
                        measure(idle),
                        FromRule{{"loss coefficients of '{inverter}' in the library"_text,
                                  {{"inverter", inverter.name}}}}},
                       {"t_on"_text,
                        "switched on a day (at least while mains appliances run)"_text,
                        measure(on),
                        FromPlan{path + ".on_h_per_day"}},
                       {"Σ"_text,
                        "conversion loss while appliances run"_text,
                        measure(conversion),
                        FromRule{"each appliance by itself"_text}}},
             .result = measure(extra),
             .source = "loss / P_n = a + b p + c p², typical inverter (common practice)"_text,
             .note = {"Switching it off when it is not needed saves {energy} a day."_text,
                      {{"energy", measure(idle * seconds(std::max(0.0, on.si() - inUse.si())))}}}}};
}

// What the 12 V loads of a 24 V bank cost beyond their own energy.
Joules converterExtra(const Plan& plan, const System& gear, const Needs& needs) {
    Joules behind;
    for (std::size_t i = 0; i < plan.appliances.size(); ++i) {
        if (onConverter(plan.appliances[i], gear)) {
            behind += needs.appliances[i].perDay;
        }
    }
    return behind * (1.0 / gear.converter()->efficiency - 1.0);
}

Derivation explainConverter(const System& gear, Joules extra) {
    const double efficiency = gear.converter()->efficiency;
    return {.id = FigureId("supply.converter.extra"),
            .title = "Converter, losses a day"_text,
            .formula = "E = E_12 (1/η − 1)"_text,
            .terms = {{"E_12"_text,
                       "12 V appliances behind it, a day"_text,
                       measure(extra / (1.0 / efficiency - 1.0)),
                       FromRule{"the sum of those appliances in Needs"_text}},
                      {"η"_text,
                       gear.converter()->name,
                       percent(efficiency),
                       FromRule{"converters of the library, or your own"_text}}},
            .result = measure(extra),
            .source = "own arithmetic"_text,
            .note = {}};
}

// The symbols of the terms, with '+' between them.
Text summed(const Terms& terms) {
    Text out;
    for (const Term& term : terms) {
        out = out.empty() ? term.symbol
                          : Text("{first} + {second}"_text,
                                 {{"first", std::move(out)}, {"second", term.symbol}});
    }
    return out;
}

}  // namespace

Demand demandOf(const Plan& plan, const System& gear, const Needs& needs) {
    Demand out;
    Derivation total{.id = FigureId("supply.demand"),
                     .title = "Drawn from the bank a day"_text,
                     .formula = {},
                     .terms = {{"E_dc"_text,
                                "DC appliances"_text,
                                measure(needs.dcPerDay),
                                FromFigure{FigureId("needs.dc")}}},
                     .result = {},
                     .source = "own arithmetic"_text,
                     .note = {}};
    out.total = needs.dcPerDay;
    if (gear.converter() != nullptr) {
        const Joules extra = converterExtra(plan, gear, needs);
        out.total += extra;
        total.terms.push_back({"E_converter"_text,
                               "converter's losses"_text,
                               measure(extra),
                               FromFigure{FigureId("supply.converter.extra")}});
        out.why.add(explainConverter(gear, extra));
    }
    if (gear.inverter() != nullptr) {
        InverterDay day = inverterDay(plan, *gear.inverter());
        out.inverterExtra = day.extra;
        out.total += needs.mainsPerDay + day.extra;
        total.terms.push_back({"E_mains"_text,
                               "mains appliances"_text,
                               measure(needs.mainsPerDay),
                               FromFigure{FigureId("needs.mains")}});
        total.terms.push_back({"E_inverter"_text,
                               "inverter's losses"_text,
                               measure(day.extra),
                               FromFigure{day.why.id}});
        out.why.add(std::move(day.why));
    } else if (needs.mainsPerDay.si() > 0.0) {
        total.note = "There is no inverter: mains appliances are not fed from the bank."_text;
    }
    total.formula = {"E = {sum}"_text, {{"sum", summed(total.terms)}}};
    total.result = measure(out.total);
    out.why.add(std::move(total));
    return out;
}

}  // namespace spirk
