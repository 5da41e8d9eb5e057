// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/demand.h"

#include <algorithm>
#include <utility>
#include <vector>

#include "core/gear/inverter.h"
#include "core/needs/day_profile.h"
#include "core/plan/units.h"
#include "core/supply/frost.h"

namespace spirk {

namespace {

// From when to when a mains appliance is switched on, its pauses too; over midnight in two parts.
using Span = std::pair<double, double>;  // seconds of a day
std::vector<Span> mainsSpans(const Plan& plan) {
    const double day = hours(24.0).si();
    std::vector<Span> out;
    for (const Appliance& a : plan.appliances) {
        for (const Use& use : a.uses) {
            if (a.feed != Feed::Mains || countNow(a) == 0) {
                continue;
            }
            const double start = use.start.si();
            const double stop = start + use.span.si();
            out.emplace_back(std::min(start, day), std::min(stop, day));
            out.emplace_back(0.0, std::max(0.0, stop - day));
        }
    }
    std::ranges::sort(out);
    return out;
}

// Time a day that some mains appliance is switched on: what two do at once counts once.
Seconds mainsInUse(const Plan& plan) {
    double sum = 0.0, until = 0.0;
    for (const auto& [start, stop] : mainsSpans(plan)) {
        sum += std::max(0.0, stop - std::max(start, until));
        until = std::max(until, stop);
    }
    return seconds(sum);
}

// What mains appliances would draw in standby while every inverter is off: nothing does.
Joules standbyWhileOff(const Plan& plan, const System& gear) {
    Seconds on = mainsInUse(plan);
    for (const InverterUnit& unit : gear.inverters) {
        on = std::max(on, unit.onPerDay);
    }
    Joules out;
    for (const Appliance& a : plan.appliances) {
        if (a.feed == Feed::Mains) {
            out += a.standby * (hours(24.0) - on) * static_cast<double>(countNow(a));
        }
    }
    return out;
}

struct InverterDay {
    Joules extra;
    Derivation why;
};

// Each appliance is reckoned as if it ran by itself: loss beyond idle is b P + c P^2 / P_n over its
// time on. Two at once lose a little more (the square); with c below 0.1 that is within the
// certainty of the coefficients.
InverterDay inverterDay(const Plan& plan, const InverterUnit& unit) {
    const InverterModel& inverter = *unit.model;
    const Seconds inUse = mainsInUse(plan);
    const Seconds on = std::max(inUse, unit.onPerDay);
    const Watts idle = inverterLoss(inverter, watts(0.0));
    const std::string& path = unit.path;
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
             .title = "Inverter, losses per day"_text,
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
                        "switched on per day (at least while mains appliances run)"_text,
                        measure(on),
                        FromPlan{path + ".on_h_per_day"}},
                       {"Σ"_text,
                        "conversion loss while appliances run"_text,
                        measure(conversion),
                        FromRule{"each appliance by itself"_text}}},
             .result = measure(extra),
             .source = "loss / P_n = a + b p + c p², typical inverter (common practice)"_text,
             .note = {"Switching it off when it is not needed saves {energy} per day."_text,
                      {{"energy", measure(idle * seconds(std::max(0.0, on.si() - inUse.si())))}}}}};
}

// The first gives all mains; the others are on beside it.
void addFurther(const System& gear, InverterDay& day) {
    for (std::size_t i = 1; i < gear.inverters.size(); ++i) {
        const InverterUnit& unit = gear.inverters[i];
        const Joules idle = inverterLoss(*unit.model, watts(0.0)) * unit.onPerDay;
        day.extra += idle;
        day.why.terms.push_back(
            {"E_idle"_text,
             {"idle draw of: {inverter}"_text, {{"inverter", unit.model->name}}},
             measure(idle),
             FromPlan{unit.path + ".on_h_per_day"}});
        day.why.formula = "E = P_n a · t_on + Σ (b P + c P²/P_n) · t + Σ E_idle"_text;
    }
    day.why.result = measure(day.extra);
}

// What the 12 V loads of a 24 V bank cost beyond their own energy.
Joules behind(const RailUnit& rail, const Plan& plan, const System& gear, const Needs& needs) {
    Joules out;
    for (std::size_t i = 0; i < plan.appliances.size(); ++i) {
        const Appliance& a = plan.appliances[i];
        const bool here = a.feed == Feed::Dc && !onVehicle(a, gear) &&
                          gear.converterBehind(railOf(a, gear).id) == &rail;
        if (here) {
            out += needs.appliances[i].perDay;
        }
    }
    return out;
}

// What circuits on the vehicle's own battery take.
Joules byTheVehicle(const Plan& plan, const System& gear, const Needs& needs) {
    Joules out;
    for (std::size_t i = 0; i < plan.appliances.size(); ++i) {
        const Appliance& a = plan.appliances[i];
        if (a.feed == Feed::Dc && onVehicle(a, gear)) {
            out += needs.appliances[i].perDay;
        }
    }
    return out;
}

struct ConverterDay {
    Joules extra;
    Derivation why;
};

ConverterDay convertersDay(const Plan& plan, const System& gear, const Needs& needs) {
    ConverterDay out;
    out.why = {.id = FigureId("supply.converter.extra"),
               .title = "Converter, losses per day"_text,
               .formula = "E = E_12 (1/η − 1)"_text,
               .terms = {},
               .result = {},
               .source = "own arithmetic"_text,
               .note = {}};
    for (const RailUnit& rail : gear.rails) {
        if (rail.converter == nullptr) {
            continue;
        }
        const Joules energy = behind(rail, plan, gear, needs);
        out.extra += energy * (1.0 / rail.converter->efficiency - 1.0);
        out.why.terms.push_back({"E_12"_text,
                                 "12 V appliances behind it, per day"_text,
                                 measure(energy),
                                 FromRule{"the sum of those appliances in Needs"_text}});
        out.why.terms.push_back({"η"_text,
                                 rail.converter->name,
                                 percent(rail.converter->efficiency),
                                 FromRule{"converters of the library, or your own"_text}});
    }
    out.why.result = measure(out.extra);
    return out;
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

// Of displays that have a supply of their own: they are never off.
Joules monitorsDay(const System& gear) {
    Joules out;
    for (const MonitorUnit& monitor : gear.monitors) {
        out += monitor.model->draws * hours(24.0);
    }
    return out;
}

}  // namespace

Demand demandOf(const Plan& plan, const System& gear, const Needs& needs) {
    Demand out;
    Derivation total{.id = FigureId("supply.demand"),
                     .title = "Drawn from the bank per day"_text,
                     .formula = {},
                     .terms = {{"E_dc"_text,
                                "DC appliances"_text,
                                measure(needs.dcPerDay),
                                FromFigure{FigureId("needs.dc")}}},
                     .result = {},
                     .source = "own arithmetic"_text,
                     .note = {}};
    out.total = needs.dcPerDay;
    if (const Joules driven = byTheVehicle(plan, gear, needs); driven.si() > 0.0) {
        out.total = out.total - driven;
        total.terms.push_back({"E_vehicle"_text,
                               "of these, fed by the vehicle's own battery: subtracted"_text,
                               measure(Joules::fromSi(-driven.si())),
                               FromRule{"the sum of those appliances in Needs"_text}});
    }
    if (gear.converter() != nullptr) {
        ConverterDay day = convertersDay(plan, gear, needs);
        out.total += day.extra;
        total.terms.push_back({"E_converter"_text,
                               "converter's losses"_text,
                               measure(day.extra),
                               FromFigure{FigureId("supply.converter.extra")}});
        out.why.add(std::move(day.why));
    }
    if (gear.inverter() != nullptr) {
        InverterDay day = inverterDay(plan, gear.inverters.front());
        addFurther(gear, day);
        out.inverterExtra = day.extra;
        out.total += needs.mainsPerDay + day.extra;
        total.terms.push_back({"E_mains"_text,
                               "mains appliances"_text,
                               measure(needs.mainsPerDay),
                               FromFigure{FigureId("needs.mains")}});
        if (const Joules spared = standbyWhileOff(plan, gear); spared.si() > 0.0) {
            out.total = out.total - spared;
            total.terms.push_back({"E_off"_text,
                                   "of these, standby while the inverter is off: subtracted"_text,
                                   measure(Joules::fromSi(-spared.si())),
                                   FromRule{"their standby power over that time"_text}});
        }
        total.terms.push_back({"E_inverter"_text,
                               "inverter's losses"_text,
                               measure(day.extra),
                               FromFigure{day.why.id}});
        out.why.add(std::move(day.why));
    } else if (needs.mainsPerDay.si() > 0.0) {
        total.note = "There is no inverter: mains appliances are not supplied from the bank."_text;
    }
    if (const Joules shown = monitorsDay(gear); shown.si() > 0.0) {
        out.total += shown;
        total.terms.push_back({"E_monitor"_text,
                               "displays and gauges, all day"_text,
                               measure(shown),
                               FromRule{"their power over 24 h"_text}});
    }
    if (const Joules heaters = heatersDay(plan, gear); heaters.si() > 0.0) {
        out.total += heaters;
        total.terms.push_back(
            {"E_heater"_text,
             "heaters of the batteries, an eighth of a frosty day"_text,
             measure(heaters),
             FromRule{"their power over 24 h in the trip's coldest month (common practice)"_text}});
    }
    total.formula = {"E = {sum}"_text, {{"sum", summed(total.terms)}}};
    total.result = measure(out.total);
    out.why.add(std::move(total));
    return out;
}

}  // namespace spirk
