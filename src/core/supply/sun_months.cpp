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

// Part of the array's power that the kind of controller can take at all, and that panels as warm as
// these give.
double takenPart(const System& gear, const SunUnit& s) {
    const Volts bank = gear.bankOf(s.into).chemistry.absorption;
    Watts taken;
    for (const SunUnit* p : gear.panelsAt(s)) {
        taken += takenPower(*s.controller, *p->panel, p->series, arrayPower(*p), bank) *
                 mountPart(*p->panel);
    }
    return taken / powerAt(gear, s);
}

// A mean day of one array.
struct ArrayDay {
    Joules uncut;
    double cut = 0.0;
    [[nodiscard]] Joules given() const { return uncut * (1.0 - cut); }
};

ArrayDay arrayDay(int month, const System& gear, const SunUnit& s, double factor) {
    const double sun = gear.climate->sun[static_cast<std::size_t>(month - 1)];  // kWh/m2
    // Peak-sun hours: kWh/m2 over 1 kW/m2.
    const Joules raw = powerAt(gear, s) * takenPart(gear, s) * hours(sun) * factor;
    const Watts peak = raw / hours(kBrightHours) * (M_PI / 2.0);
    const Watts limit = s.controller->maxOutput * gear.bankOf(s.into).chemistry.absorption;
    return {raw, cutPart(peak, limit)};
}

MonthSun monthSun(int month, const System& gear, const Plan& plan, double factor) {
    MonthSun out;
    out.month = month;
    out.inTrip = inSeason(month, plan.trip.firstMonth, plan.trip.lastMonth);
    Joules uncut;
    for (const SunUnit& s : gear.suns) {
        const ArrayDay day = arrayDay(month, gear, s, factor);
        uncut += day.uncut;
        out.perDay += day.given();
    }
    out.cut = uncut.si() > 0.0 ? 1.0 - out.perDay / uncut : 0.0;
    return out;
}

FigureId monthFigure(int month) { return FigureId("supply.sun.month." + std::to_string(month)); }

Derivation monthHead(const MonthSun& m) {
    return {.id = monthFigure(m.month),
            .title = {"Solar yield into the bank, average day of {month}"_text,
                      {{"month", monthName(m.month)}}},
            .formula = {},
            .terms = {},
            .result = measure(m.perDay),
            .source = "monthly means; a dull week gives far less"_text,
            .note = "Under trees: down to half."_text};
}

Derivation monthOfOne(const MonthSun& m,
                      const Library& library,
                      const System& gear,
                      const SunUnit& s,
                      double factor) {
    const double part = takenPart(gear, s);
    Derivation d = monthHead(m);
    d.formula =
        part != 1.0 ? "E = P · h · f · (1 − cut) · t"_text : "E = P · h · f · (1 − cut)"_text;
    d.terms = {{"P"_text,
                "panels at standard test conditions"_text,
                measure(powerAt(gear, s)),
                FromPlan{s.path}},
               {"h"_text,
                "sun on a level roof, in hours at 1 kW/m²"_text,
                number(gear.climate->sun[static_cast<std::size_t>(m.month - 1)]),
                fromTable(library, "climates", listed({gear.climate->name, monthName(m.month)}))},
               {"f"_text, "system factor"_text, number(factor), fromRule(library, "roof_factor")},
               {"cut"_text,
                "share above the controller's limit"_text,
                percent(m.cut),
                FromRule{"average day as a half sine of ten bright hours (judgement)"_text}}};
    if (part != 1.0) {
        d.terms.push_back(
            {"t"_text,
             s.controller->tracking == Tracking::Pwm
                 ? "share a PWM controller uses (bank's voltage over the panels' best), and what panels as warm as these give"_text
                 : "what panels glued to the roof, which are warmer, give"_text,
             percent(part),
             fromTable(library, "controllers", s.controller->name)});
    }
    return d;
}

Derivation monthOfSeveral(const MonthSun& m, const System& gear, double factor) {
    Derivation d = monthHead(m);
    d.formula = "sum of the arrays, each: E = P · h · f · (1 − cut)"_text;
    for (const SunUnit& s : gear.suns) {
        d.terms.push_back(
            {"E"_text,
             {"{watts} on the {controller}"_text,
              {{"watts", measure(powerAt(gear, s))}, {"controller", s.controller->name}}},
             measure(arrayDay(m.month, gear, s, factor).given()),
             FromPlan{s.path}});
    }
    return d;
}

void explainMonth(
    const MonthSun& m, const Library& library, const System& gear, double factor, Supply& s) {
    s.why.add(gear.suns.size() == 1 ? monthOfOne(m, library, gear, gear.suns.front(), factor)
                                    : monthOfSeveral(m, gear, factor));
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
         .title = "Panels needed to get through the leanest month on sun alone"_text,
         .formula = "P = E_day / (h · f · η)"_text,
         .terms =
             {{"E_day"_text,
               "drawn from the bank per day"_text,
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
         .note = sun > 0.0 ? Text() : "There is no sun in that month: no panels are enough."_text});
}

Watts allPanels(const System& gear) {
    Watts out;
    for (const SunUnit& s : gear.suns) {
        out = out + powerAt(gear, s);
    }
    return out;
}

Terms chosenTerms(const Library& library, const SunUnit& s) {
    return {{"series"_text, "in a string"_text, count(s.series), FromPlan{s.path + ".series"}},
            {"parallel"_text, "strings"_text, count(s.parallel), FromPlan{s.path + ".parallel"}},
            {"P_panel"_text, s.panel->name, measure(s.panel->power), fromGear(library, *s.panel)}};
}

void explainChosen(const Library& library, const System& gear, Supply& s) {
    Terms terms;
    for (const SunUnit& sun : gear.suns) {
        for (const SunUnit* panels : gear.panelsAt(sun)) {
            std::ranges::move(chosenTerms(library, *panels), std::back_inserter(terms));
        }
    }
    s.why.add({.id = FigureId("supply.sun.chosen"),
               .title = "Panels chosen"_text,
               .formula = gear.suns.size() + gear.besides.size() == 1
                              ? "P = series · parallel · P_panel"_text
                              : "sum of the arrays, each: P = series · parallel · P_panel"_text,
               .terms = std::move(terms),
               .result = measure(allPanels(gear)),
               .source = "own arithmetic"_text,
               .note = {}});
}

Watts usedAtMost(const System& gear, const SunUnit& s) {
    const ControllerModel& c = *s.controller;
    return c.maxOutput * gear.bankOf(s.into).chemistry.absorption / c.efficiency;
}

Watts usedAtMost(const System& gear) {
    Watts out;
    for (const SunUnit& s : gear.suns) {
        out = out + usedAtMost(gear, s);
    }
    return out;
}

void explainLimit(const Library& library, const System& gear, Supply& s) {
    Terms terms;
    for (const SunUnit& sun : gear.suns) {
        const ControllerModel& controller = *sun.controller;
        const Chemistry& chemistry = gear.bankOf(sun.into).chemistry;
        const Origin table = fromGear(library, controller);
        terms.push_back(
            {"I_max"_text, "controller's output"_text, measure(controller.maxOutput), table});
        terms.push_back({"V"_text,
                         "absorption voltage"_text,
                         measure(chemistry.absorption),
                         fromTable(library, "chemistries", chemistry.name)});
        terms.push_back(
            {"η"_text, "controller's efficiency"_text, percent(controller.efficiency), table});
    }
    s.why.add({.id = FigureId("supply.sun.limit"),
               .title = gear.suns.size() == 1 ? "Most panel power the controller can use"_text
                                              : "Most panel power the controllers can use"_text,
               .formula = gear.suns.size() == 1
                              ? "P = I_max · V / η"_text
                              : "sum of the controllers, each: P = I_max · V / η"_text,
               .terms = std::move(terms),
               .result = measure(usedAtMost(gear)),
               .source = "own arithmetic"_text,
               .note = {}});
}

void addMarks(const Library& library, const System& gear, double factor, Supply& s) {
    const double sun = gear.climate->sun[static_cast<std::size_t>(s.leanestMonth - 1)];
    const double efficiency = gear.bank().chemistry.chargeEfficiencyWh;
    const Watts needed = sun > 0.0 ? s.demand / (hours(sun) * factor * efficiency) : watts(0.0);
    explainNeeded(library, gear, factor, needed, s);
    explainChosen(library, gear, s);
    explainLimit(library, gear, s);
    s.sun = Marks{measure(needed),
                  measure(allPanels(gear)),
                  measure(usedAtMost(gear)),
                  FigureId("supply.sun.needed"),
                  FigureId("supply.sun.chosen"),
                  FigureId("supply.sun.limit")};
}

}  // namespace

bool inSeason(int month, int first, int last) {
    return first <= last ? month >= first && month <= last : month >= first || month <= last;
}

double clippedPart(int month, const System& gear, const SunUnit& sun, double factor) {
    return arrayDay(month, gear, sun, factor).cut;
}

void addSun(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    const double factor = rule(library, "roof_factor").value;
    for (int month = 1; month <= 12; ++month) {
        s.months[static_cast<std::size_t>(month - 1)] = monthSun(month, gear, plan, factor);
    }
    s.leanestMonth = leanest(s);
    const MonthSun& lean = s.months[static_cast<std::size_t>(s.leanestMonth - 1)];
    if (!gear.suns.empty()) {
        for (const MonthSun& m : s.months) {
            explainMonth(m, library, gear, factor, s);
        }
        addMarks(library, gear, factor, s);
    }
    s.why.add({.id = FigureId("supply.sun.leanest"),
               .title = "Solar yield into the bank in the leanest month of the trip"_text,
               .formula = "the smallest of the trip's months"_text,
               .terms = !gear.suns.empty() ? Terms{{"E"_text,
                                                    "average day"_text,
                                                    measure(lean.perDay),
                                                    FromFigure{monthFigure(lean.month)}}}
                                           : Terms{},
               .result = measure(lean.perDay),
               .source = "own arithmetic"_text,
               .note = !gear.suns.empty() ? Text() : "There are no panels."_text});
}

Phrase monthName(int month) { return kMonthNames.at(static_cast<std::size_t>(month - 1)); }

}  // namespace spirk
