// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/sun_months.h"

#include <algorithm>
#include <array>

#include "core/gear/solar.h"
#include "core/library/gear_fields.h"

namespace spirk {

namespace {

constexpr std::array kMonthNames{"January"_text,
                                 "February"_text,
                                 "March"_text,
                                 "April"_text,
                                 "May"_text,
                                 "June"_text,
                                 "July"_text,
                                 "August"_text,
                                 "September"_text,
                                 "October"_text,
                                 "November"_text,
                                 "December"_text};

// Part of the mean day's energy that arrives above the controller's limit. Judgement: the mean day
// is taken as a half sine over its bright hours, whose peak is pi/2 of its mean; bright hours 10.
// That is a clear-ish day squeezed, hence on the cautious side.
double cutPart(Watts peak, Watts limit) {
    if (peak <= limit) {
        return 0.0;
    }
    const double level = limit / peak;  // sine above this level is cut
    const double angle = std::asin(level);
    const double above = 2.0 * std::cos(angle) - level * (M_PI - 2.0 * angle);
    return above / 2.0;
}

constexpr double kBrightHours = 10.0;

// Part of the array's power that the kind of controller can take at all.
double takenPart(const System& gear) {
    const SunUnit& s = *gear.sun();
    const Watts array = arrayPower(s);
    return takenPower(*s.controller, *s.panel, s.series, array, gear.bank().chemistry.absorption) /
           array;
}

MonthSun monthSun(int month, const System& gear, const Plan& plan, double factor) {
    MonthSun out;
    out.month = month;
    out.inTrip = inSeason(month, plan.trip.firstMonth, plan.trip.lastMonth);
    if (!gear.sun()) {
        return out;
    }
    const double sun = gear.climate->sun[static_cast<std::size_t>(month - 1)];  // kWh/m2
    // Peak-sun hours: kWh/m2 over 1 kW/m2.
    const Joules raw = arrayPower(*gear.sun()) * takenPart(gear) * hours(sun) * factor;
    const Watts peak = raw / hours(kBrightHours) * (M_PI / 2.0);
    const Watts limit = gear.sun()->controller->maxOutput * gear.bank().chemistry.absorption;
    out.cut = cutPart(peak, limit);
    out.perDay = raw * (1.0 - out.cut);
    return out;
}

FigureId monthFigure(int month) { return FigureId("supply.sun.month." + std::to_string(month)); }

void explainMonth(
    const MonthSun& m, const Library& library, const System& gear, double factor, Supply& s) {
    const Text name = monthName(m.month);
    const double part = takenPart(gear);
    Derivation d{
        .id = monthFigure(m.month),
        .title = {"Sun into the bank, mean day of {month}"_text, {{"month", name}}},
        .formula =
            part < 1.0 ? "E = P · h · f · (1 − cut) · t"_text : "E = P · h · f · (1 − cut)"_text,
        .terms =
            {{"P"_text,
              "panels at standard test conditions"_text,
              measure(arrayPower(*gear.sun())),
              FromPlan{gear.sun()->path}},
             {"h"_text,
              "sun on a level roof, hours of 1 kW/m²"_text,
              number(gear.climate->sun[static_cast<std::size_t>(m.month - 1)]),
              fromTable(library, "climates", listed({gear.climate->name, name}))},
             {"f"_text, "system factor"_text, number(factor), fromRule(library, "roof_factor")},
             {"cut"_text,
              "part above the controller's limit"_text,
              percent(m.cut),
              FromRule{"mean day as a half sine of ten bright hours (judgement)"_text}}},
        .result = measure(m.perDay),
        .source = "monthly means; a dull week gives far less"_text,
        .note = "In the shade of trees: down to half."_text};
    if (part < 1.0) {
        d.terms.push_back({"t"_text,
                           "taken by a simple controller: bank's volts over the panels' best"_text,
                           percent(part),
                           fromTable(library, "controllers", gear.sun()->controller->name)});
    }
    s.why.add(std::move(d));
}

int leanest(const Supply& s) {
    int best = 0;
    for (const MonthSun& m : s.months) {
        const auto sunOf = [&](int month) {
            return s.months[static_cast<std::size_t>(month - 1)].perDay;
        };
        if (m.inTrip && (best == 0 || m.perDay < sunOf(best))) {
            best = m.month;
        }
    }
    return best;
}

void explainNeeded(
    const Library& library, const System& gear, double factor, Watts needed, Supply& s) {
    const double sun = gear.climate->sun[static_cast<std::size_t>(s.leanestMonth - 1)];
    s.why.add(
        {.id = FigureId("supply.sun.needed"),
         .title = "Panels needed for the sun alone to carry the leanest month"_text,
         .formula = "P = E_day / (h · f · η)"_text,
         .terms =
             {{"E_day"_text,
               "drawn from the bank a day"_text,
               measure(s.demand),
               FromFigure{FigureId("supply.demand")}},
              {"h"_text,
               "sun on a level roof in the leanest month of the trip"_text,
               number(sun),
               fromTable(library, "climates", gear.climate->name)},
              {"f"_text, "system factor"_text, number(factor), fromRule(library, "roof_factor")},
              {"η"_text,
               "charge efficiency of the bank"_text,
               percent(gear.bank().chemistry.chargeEfficiencyWh),
               fromTable(library, "chemistries", gear.bank().chemistry.name)}},
         .result = measure(needed),
         .source = "own arithmetic from monthly means"_text,
         .note =
             sun > 0.0 ? Text() : "There is no sun in that month: no panels can carry it."_text});
}

void explainChosen(const Library& library, const SunUnit& solar, Supply& s) {
    s.why.add({.id = FigureId("supply.sun.chosen"),
               .title = "Panels chosen"_text,
               .formula = "P = series · parallel · P_panel"_text,
               .terms = {{"series"_text,
                          "in a string"_text,
                          count(solar.series),
                          FromPlan{solar.path + ".series"}},
                         {"parallel"_text,
                          "strings"_text,
                          count(solar.parallel),
                          FromPlan{solar.path + ".parallel"}},
                         {"P_panel"_text,
                          solar.panel->name,
                          measure(solar.panel->power),
                          fromGear(library, *solar.panel)}},
               .result = measure(arrayPower(solar)),
               .source = "own arithmetic"_text,
               .note = {}});
}

void explainLimit(const Library& library, const System& gear, Watts limit, Supply& s) {
    const ControllerModel& controller = *gear.sun()->controller;
    const Origin table = fromGear(library, controller);
    s.why.add(
        {.id = FigureId("supply.sun.limit"),
         .title = "Most that the controller can use"_text,
         .formula = "P = I_max · V / η"_text,
         .terms =
             {{"I_max"_text, "controller's output"_text, measure(controller.maxOutput), table},
              {"V"_text,
               "absorption voltage"_text,
               measure(gear.bank().chemistry.absorption),
               fromTable(library, "chemistries", gear.bank().chemistry.name)},
              {"η"_text, "controller's efficiency"_text, percent(controller.efficiency), table}},
         .result = measure(limit),
         .source = "own arithmetic"_text,
         .note = {}});
}

void addMarks(const Library& library, const System& gear, double factor, Supply& s) {
    const double sun = gear.climate->sun[static_cast<std::size_t>(s.leanestMonth - 1)];
    const double efficiency = gear.bank().chemistry.chargeEfficiencyWh;
    const Watts needed = sun > 0.0 ? s.demand / (hours(sun) * factor * efficiency) : watts(0.0);
    const ControllerModel& controller = *gear.sun()->controller;
    const Watts limit =
        controller.maxOutput * gear.bank().chemistry.absorption / controller.efficiency;
    explainNeeded(library, gear, factor, needed, s);
    explainChosen(library, *gear.sun(), s);
    explainLimit(library, gear, limit, s);
    s.sun = Marks{measure(needed),
                  measure(arrayPower(*gear.sun())),
                  measure(limit),
                  FigureId("supply.sun.needed"),
                  FigureId("supply.sun.chosen"),
                  FigureId("supply.sun.limit")};
}

}  // namespace

bool inSeason(int month, int first, int last) {
    return first <= last ? month >= first && month <= last : month >= first || month <= last;
}

void addSun(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    const double factor = rule(library, "roof_factor").value;
    for (int month = 1; month <= 12; ++month) {
        s.months[static_cast<std::size_t>(month - 1)] = monthSun(month, gear, plan, factor);
    }
    s.leanestMonth = leanest(s);
    const MonthSun& lean = s.months[static_cast<std::size_t>(s.leanestMonth - 1)];
    if (gear.sun()) {
        for (const MonthSun& m : s.months) {
            explainMonth(m, library, gear, factor, s);
        }
        addMarks(library, gear, factor, s);
    }
    s.why.add({.id = FigureId("supply.sun.leanest"),
               .title = "Sun into the bank in the leanest month of the trip"_text,
               .formula = "the smallest of the trip's months"_text,
               .terms = gear.sun() ? Terms{{"E"_text,
                                            "mean day"_text,
                                            measure(lean.perDay),
                                            FromFigure{monthFigure(lean.month)}}}
                                   : Terms{},
               .result = measure(lean.perDay),
               .source = "own arithmetic"_text,
               .note = gear.sun() ? Text() : "There are no panels."_text});
}

Phrase monthName(int month) { return kMonthNames.at(static_cast<std::size_t>(month - 1)); }

}  // namespace spirk
