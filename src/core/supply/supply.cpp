// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/supply.h"

#include <algorithm>
#include <cmath>

#include "core/gear/battery.h"
#include "core/gear/engine.h"
#include "core/gear/inverter.h"
#include "core/gear/solar.h"
#include "core/library/gear_fields.h"
#include "core/supply/demand.h"
#include "core/supply/frost.h"
#include "core/supply/sun_months.h"

namespace spirk {

namespace {

FigureId fig(const char* id) { return FigureId(id); }

// A battery's capacity is stated for a discharge over so long.
constexpr double kRatedHours = 20.0;

void explainBankNeeded(
    const Plan& plan, const BankUnit& bank, double part, Joules needed, Supply& s) {
    s.why.add(
        {.id = fig("supply.bank.needed"),
         .title = "Bank needed, usable energy"_text,
         .formula = "E = E_day · days"_text,
         .terms = {{"E_day"_text,
                    "drawn from the bank per day"_text,
                    measure(s.demand),
                    FromFigure{fig("supply.demand")}},
                   {"days"_text,
                    "days the bank must last by itself"_text,
                    number(plan.trip.daysWithoutSun),
                    FromPlan{"trip.days_without_sun"}}},
         .result = measure(needed),
         .source = "own arithmetic"_text,
         .note = {
             "As rated capacity: {capacity} at {volts}, of which {part} can be used: less in the cold, and less where much is drawn at once."_text,
             {{"capacity", measure(needed / (bank.nominal * part))},
              {"volts", measure(bank.nominal)},
              {"part", percent(part)}}}});
}

struct ColdBank {
    Celsius temperature;
    double part = 1.0;  // of the rated capacity
};

ColdBank coldOf(const Plan& plan, const System& gear, const BankUnit& bank) {
    const Celsius temperature = bankInCold(plan, *gear.climate);
    return {temperature, capacityAt(bank.chemistry, temperature)};
}

// Drawn faster than the rating reckons with, a battery gives less: over the day as it is drawn,
// each quarter hour's charge counts (I / I_rated)^(k - 1) times where its current is above the
// rated one.
struct FastDrawn {
    double part = 1.0;  // of the capacity that is there
    Amps most;          // in any quarter hour
};

FastDrawn fastDrawn(const Needs& needs, const System& gear, const BankUnit& bank) {
    const Amps rated = bankCapacity(bank) / hours(kRatedHours);
    FastDrawn out;
    double drawn = 0.0, counted = 0.0;
    for (std::size_t slot = 0; slot < kDaySlots; ++slot) {
        const Watts watts = needs.dc[slot] + (gear.inverters.empty() ? Watts() : needs.mains[slot]);
        const Amps current = watts / bank.nominal;
        const double times = std::pow(std::max(1.0, current / rated), bank.chemistry.peukert - 1.0);
        out.most = std::max(out.most, current);
        drawn += current.si();
        counted += current.si() * times;
    }
    out.part = counted > 0.0 ? drawn / counted : 1.0;
    return out;
}

double usablePart(const BankUnit& bank, const ColdBank& cold, const FastDrawn& fast) {
    return bank.chemistry.usable * cold.part * fast.part;
}

Joules usableOf(const BankUnit& bank, const ColdBank& cold, const FastDrawn& fast) {
    return bankCapacity(bank) * bank.nominal * usablePart(bank, cold, fast);
}

// Of the first bank 'supply.bank.cold'.
FigureId coldFigure(const System& gear, const BankUnit& bank) {
    return bank.id == gear.bank().id ? fig("supply.bank.cold")
                                     : FigureId("supply.bank.cold." + bank.id.value);
}

void explainCold(const Library& library,
                 const System& gear,
                 const BankUnit& bank,
                 const ColdBank& cold,
                 Supply& s) {
    s.why.add({.id = coldFigure(gear, bank),
               .title = "Share of the rated capacity in the trip's coldest month"_text,
               .formula = "k = from the chemistry's table at the bank's temperature"_text,
               .terms = {{"T"_text,
                          "mean of the coldest month of the trip, in a van that nobody heats"_text,
                          measure(cold.temperature),
                          fromTable(library, "climates", gear.climate->name)},
                         {"k"_text,
                          bank.chemistry.name,
                          percent(cold.part),
                          fromTable(library, "chemistries", bank.chemistry.name)}},
               .result = percent(cold.part),
               .source = "table of chemistries"_text,
               .note = "A bank in the heated living space has more."_text});
}

FigureId fastFigure(const System& gear, const BankUnit& bank) {
    return bank.id == gear.bank().id ? fig("supply.bank.fast")
                                     : FigureId("supply.bank.fast." + bank.id.value);
}

void explainFast(const Library& library,
                 const System& gear,
                 const BankUnit& bank,
                 const FastDrawn& fast,
                 Supply& s) {
    s.why.add(
        {.id = fastFigure(gear, bank),
         .title = "Share of the capacity at the rate at which it is drawn"_text,
         .formula = "p = Σ I / Σ I · max(1, I / I_20)^(k − 1), by quarter hours of a day"_text,
         .terms = {{"I_20"_text,
                    "rated capacity over 20 h"_text,
                    measure(bankCapacity(bank) / hours(kRatedHours)),
                    fromGear(library, *bank.model)},
                   {"I"_text,
                    "largest mean of a quarter hour, as the day is drawn in Needs"_text,
                    measure(fast.most),
                    FromRule{"all that hangs on the banks"_text}},
                   {"k"_text,
                    {"Peukert's exponent, {chemistry}"_text, {{"chemistry", bank.chemistry.name}}},
                    number(bank.chemistry.peukert),
                    fromTable(library, "chemistries", bank.chemistry.name)}},
         .result = percent(fast.part),
         .source = "Peukert's law: t = H · (C / (I · H))^k"_text,
         .note = {}});
}

// n · C, of strings that are not alike the sum of what they have.
Terms capacityTerms(const Library& library, const BankUnit& bank) {
    if (isAlike(bank)) {
        return {{"n"_text,
                 "batteries in parallel"_text,
                 count(bank.count),
                 FromPlan{bank.path + ".count"}},
                {"C"_text,
                 "rated capacity of one"_text,
                 measure(bank.model->capacity),
                 fromGear(library, *bank.model)}};
    }
    return {{"n"_text, "bank of strings that differ"_text, count(1), FromPlan{bank.path}},
            {"C"_text,
             "sum of its strings, less loss by age"_text,
             measure(bankCapacity(bank)),
             FromPlan{bank.path + ".unlike"}}};
}

void addUsableTerms(const Library& library,
                    const System& gear,
                    const BankUnit& bank,
                    const ColdBank& cold,
                    const FastDrawn& fast,
                    Terms& terms) {
    const Origin battery = fromGear(library, *bank.model);
    std::ranges::move(capacityTerms(library, bank), std::back_inserter(terms));
    terms.push_back(
        {"V"_text, "nominal voltage, pole to pole"_text, measure(bank.nominal), battery});
    terms.push_back({"u"_text,
                     "usable share"_text,
                     percent(bank.chemistry.usable),
                     fromTable(library, "chemistries", bank.chemistry.name)});
    terms.push_back({"k"_text,
                     "share available in the cold"_text,
                     percent(cold.part),
                     FromFigure{coldFigure(gear, bank)}});
    terms.push_back({"p"_text,
                     "share at the rate drawn"_text,
                     percent(fast.part),
                     FromFigure{fastFigure(gear, bank)}});
}

// Of all banks together: which loads hang on which is another matter.
void explainBankUsable(
    const Plan& plan, const Library& library, const System& gear, const Needs& needs, Supply& s) {
    const bool one = gear.banks.size() == 1;
    Terms terms;
    for (const BankUnit& bank : gear.banks) {
        const ColdBank cold = coldOf(plan, gear, bank);
        const FastDrawn fast = fastDrawn(needs, gear, bank);
        explainCold(library, gear, bank, cold, s);
        explainFast(library, gear, bank, fast, s);
        addUsableTerms(library, gear, bank, cold, fast, terms);
    }
    s.why.add(
        {.id = fig("supply.bank.usable"),
         .title =
             one ? "Bank chosen, usable energy"_text : "Banks chosen, usable energy together"_text,
         .formula = one ? "E = n · C · V · u · k · p"_text
                        : "sum of the banks, each: E = n · C · V · u · k · p"_text,
         .terms = std::move(terms),
         .result = measure(s.usable),
         .source = "own arithmetic"_text,
         .note =
             "A higher usable share gives more days, but fewer cycles in the battery's life."_text});
}

void explainDays(Supply& s) {
    s.why.add({.id = fig("supply.days"),
               .title = "Days without sun"_text,
               .formula = "days = E_usable / E_day"_text,
               .terms = {{"E_usable"_text,
                          "usable energy of the bank"_text,
                          measure(s.usable),
                          FromFigure{fig("supply.bank.usable")}},
                         {"E_day"_text,
                          "drawn from the bank per day"_text,
                          measure(s.demand),
                          FromFigure{fig("supply.demand")}}},
               .result = number(s.daysWithoutSun),
               .source = "own arithmetic"_text,
               .note = "From a full bank, without sun, engine or shore power."_text});
}

void addBank(
    const Plan& plan, const Library& library, const System& gear, const Needs& needs, Supply& s) {
    const Joules needed = s.demand * plan.trip.daysWithoutSun;
    for (const BankUnit& bank : gear.banks) {
        s.usable += usableOf(bank, coldOf(plan, gear, bank), fastDrawn(needs, gear, bank));
    }
    s.daysWithoutSun = s.demand.si() > 0.0 ? s.usable / s.demand : 0.0;
    const BankUnit& first = gear.bank();
    explainBankNeeded(plan,
                      first,
                      usablePart(first, coldOf(plan, gear, first), fastDrawn(needs, gear, first)),
                      needed,
                      s);
    explainBankUsable(plan, library, gear, needs, s);
    explainDays(s);
    s.bank = {measure(needed),
              measure(s.usable),
              std::nullopt,
              fig("supply.bank.needed"),
              fig("supply.bank.usable"),
              {}};
}

// What comes out again of the bank, of what the sun puts in and of what the engine must add, on an
// average day of the leanest month.
Joules leftForEngine(const Supply& s, const Chemistry& chemistry) {
    const MonthSun& lean = s.months[static_cast<std::size_t>(s.leanestMonth - 1)];
    const Joules stored = lean.perDay * chemistry.chargeEfficiencyWh;
    return Joules::fromSi(std::max(0.0, s.demand.si() - stored.si()));
}

// Of several chargers together, reckoned as the first passes it on.
void addEngineLimit(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    const EngineUnit& engine = gear.engines.front();
    const Amps alternator = plan.van.vehicle.alternator;
    const double share = library.alternator.roadShareLimit;
    const Volts in = engine.charger->start;
    const Volts out = gear.bankOf(engine.into).chemistry.absorption;
    const Amps limit = alternator * share * engine.charger->efficiency * (in / out);
    s.why.add({.id = fig("supply.engine.limit"),
               .title = "Most the alternator should give, as current into the bank"_text,
               .formula = "I = share · I_alt · η · V_in / V_out"_text,
               .terms = {{"share"_text,
                          "of the rating, on the road"_text,
                          percent(share),
                          fromTable(library, "alternator", "road_share_limit")},
                         {"I_alt"_text,
                          "alternator's rating"_text,
                          measure(alternator),
                          FromPlan{"van.vehicle.alternator_a"}},
                         {"η"_text,
                          "charger's efficiency"_text,
                          percent(engine.charger->efficiency),
                          fromGear(library, *engine.charger)},
                         {"V_in"_text,
                          "at the charger's input"_text,
                          measure(in),
                          fromGear(library, *engine.charger)},
                         {"V_out"_text,
                          "absorption voltage"_text,
                          measure(out),
                          fromTable(library, "chemistries", "absorption_v")}},
               .result = measure(limit),
               .source = "up to half of the rating on the road (common practice)"_text,
               .note = {}});
    s.engine->limit = measure(limit);
    s.engine->limitFigure = fig("supply.engine.limit");
}

void explainEngineNeeded(
    const Plan& plan, const Library& library, const System& gear, Amps needed, Supply& s) {
    const MonthSun& lean = s.months[static_cast<std::size_t>(s.leanestMonth - 1)];
    const Chemistry& chemistry = gear.bank().chemistry;
    const Origin table = fromTable(library, "chemistries", chemistry.name);
    const Seconds driving = plan.trip.drivingPerDay;
    s.why.add(
        {.id = fig("supply.engine.needed"),
         .title = "Engine charging needed in the leanest month"_text,
         .formula = "I = (E_day − η · E_sun) / (η · t · V); zero where the sun is enough"_text,
         .terms = {{"E_day"_text,
                    "drawn from the bank per day"_text,
                    measure(s.demand),
                    FromFigure{fig("supply.demand")}},
                   {"E_sun"_text,
                    "sun on an average day of the leanest month"_text,
                    measure(lean.perDay),
                    FromFigure{fig("supply.sun.leanest")}},
                   {"η"_text,
                    "charge efficiency of the bank"_text,
                    percent(chemistry.chargeEfficiencyWh),
                    table},
                   {"t"_text,
                    "driving per day"_text,
                    measure(driving),
                    FromPlan{"trip.driving_h_per_day"}},
                   {"V"_text, "absorption voltage"_text, measure(chemistry.absorption), table}},
         .result = measure(needed),
         .source = "own arithmetic"_text,
         .note =
             driving.si() > 0.0 ? Text() : "No driving is planned: the engine adds nothing."_text});
}

// Judgement: what a relay lets through on the road is what the alternator should give at most,
// within the relay's rating and what the bank takes; it falls as the bank fills.
Amps givenBy(const Plan& plan, const Library& library, const System& gear, const RelayUnit& relay) {
    const BankUnit& bank = gear.bankOf(relay.into);
    return std::min({relay.relay->maxCurrent,
                     plan.van.vehicle.alternator * library.alternator.roadShareLimit,
                     mostIn(bank)});
}

Amps givenBy(const System& gear, const AlternatorUnit& second) {
    const BankUnit& bank = gear.bankOf(second.into);
    return std::min(second.model->output, mostIn(bank));
}

Amps allChargers(const Plan& plan, const Library& library, const System& gear) {
    Amps out;
    for (const EngineUnit& engine : gear.engines) {
        out += engine.usual();
    }
    for (const RelayUnit& relay : gear.relays) {
        out += givenBy(plan, library, gear, relay);
    }
    for (const AlternatorUnit& second : gear.alternators) {
        out += givenBy(gear, second);
    }
    return out;
}

// From empty to full, as far as the chemistry is used: all that the chargers give up to where its
// current begins to fall, then less and less of it (exponentially) up to the last hundredth.
struct Refill {
    Seconds bulk, taper;
    [[nodiscard]] Seconds all() const { return bulk + taper; }
};

Refill refillOf(const BankUnit& bank, Amps charger) {
    constexpr double kLast = 0.01;
    const Chemistry& chemistry = bank.chemistry;
    const Coulombs capacity = bankCapacity(bank);
    const Amps stored = charger * chemistry.chargeEfficiencyAh;
    const double falling = 1.0 - chemistry.bulkUntil;
    const double bulk = std::max(0.0, chemistry.usable - falling);
    const double tapered = std::min(falling, chemistry.usable);
    return {chargeTime(capacity * bulk, stored),
            chargeTime(capacity * tapered, stored) * std::log(tapered / kLast)};
}

void explainRefill(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    const BankUnit& bank = gear.bank();
    const Refill refill = refillOf(bank, allChargers(plan, library, gear));
    const Origin table = fromTable(library, "chemistries", bank.chemistry.name);
    Terms terms = capacityTerms(library, bank);
    for (Term& term :
         Terms{{"u"_text, "usable share"_text, percent(bank.chemistry.usable), table},
               {"f"_text,
                "share that is charged with falling current"_text,
                percent(std::min(1.0 - bank.chemistry.bulkUntil, bank.chemistry.usable)),
                table},
               {"η"_text,
                "charge that comes out again, of what goes in"_text,
                percent(bank.chemistry.chargeEfficiencyAh),
                table},
               {"I"_text,
                "chargers' output"_text,
                measure(allChargers(plan, library, gear)),
                FromFigure{fig("supply.engine.chosen")}}}) {
        terms.push_back(std::move(term));
    }
    s.why.add({.id = fig("supply.engine.refill"),
               .title = "Driving time from as empty as it is used to full"_text,
               .formula = "t = n · C · (u − f) / (η · I) + n · C · f / (η · I) · ln(f / 1 %)"_text,
               .terms = std::move(terms),
               .result = measure(*s.engineRefill),
               .source = "own arithmetic; the falling current as an exponential (judgement)"_text,
               .note = {"Up to where the current falls: {bulk}."_text,
                        {{"bulk", measure(refill.bulk)}}}});
}

void explainEngineChosen(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    Terms terms;
    for (const EngineUnit& engine : gear.engines) {
        terms.push_back({"I"_text,
                         engine.charger->name,
                         measure(engine.usual()),
                         fromGear(library, *engine.charger)});
    }
    for (const RelayUnit& relay : gear.relays) {
        terms.push_back(
            {"I"_text,
             relay.relay->name,
             measure(givenBy(plan, library, gear, relay)),
             FromRule{
                 "half of the alternator's rating, within the limits of relay and bank (judgement)"_text}});
    }
    for (const AlternatorUnit& second : gear.alternators) {
        terms.push_back({"I"_text,
                         second.model->name,
                         measure(givenBy(gear, second)),
                         FromRule{"its output, within what the bank accepts"_text}});
    }
    s.why.add({.id = fig("supply.engine.chosen"),
               .title = "Engine charging chosen"_text,
               .formula = terms.size() == 1 ? "the charger's output"_text
                                            : "sum of the chargers' outputs"_text,
               .terms = std::move(terms),
               .result = measure(allChargers(plan, library, gear)),
               .source = "library"_text,
               .note = {}});
}

void addEngine(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    if (!gear.usesEngine()) {
        return;
    }
    const Chemistry& chemistry = gear.bank().chemistry;
    const Seconds driving = plan.trip.drivingPerDay;
    const Amps needed = driving.si() > 0.0
                            ? leftForEngine(s, chemistry) /
                                  (chemistry.chargeEfficiencyWh * driving * chemistry.absorption)
                            : amps(0.0);
    explainEngineNeeded(plan, library, gear, needed, s);
    s.engine = Marks{measure(needed),
                     measure(allChargers(plan, library, gear)),
                     std::nullopt,
                     fig("supply.engine.needed"),
                     fig("supply.engine.chosen"),
                     {}};
    s.engineRefill = refillOf(gear.bank(), allChargers(plan, library, gear)).all();
    explainRefill(plan, library, gear, s);
    explainEngineChosen(plan, library, gear, s);
    if (!gear.engines.empty()) {
        addEngineLimit(plan, library, gear, s);
    }
}

void addInverterLimit(const Library& library, const System& gear, Supply& s) {
    const InverterModel& inverter = *gear.inverter();
    const double efficiency = inverterEfficiency(inverter, inverter.power);
    const Amps most = mostOut(gear.bank());
    const Watts limit = most * gear.bank().chemistry.inverterCutOff * efficiency;
    s.why.add({.id = fig("supply.inverter.limit"),
               .title = "Most power the bank can give the inverter"_text,
               .formula = "P = n · I_max · V_low · η"_text,
               .terms = {{"n · I_max"_text,
                          "discharge limit of the bank"_text,
                          measure(most),
                          fromGear(library, *gear.bank().model)},
                         {"V_low"_text,
                          "inverter's low cut-off"_text,
                          measure(gear.bank().chemistry.inverterCutOff),
                          fromTable(library, "chemistries", gear.bank().chemistry.name)},
                         {"η"_text,
                          "efficiency at full power"_text,
                          percent(efficiency),
                          fromGear(library, inverter)}},
               .result = measure(limit),
               .source = "own arithmetic"_text,
               .note = "Nothing else drawing from the bank."_text});
    s.inverter->limit = measure(limit);
    s.inverter->limitFigure = fig("supply.inverter.limit");
}

void addInverter(const Library& library, const System& gear, const Needs& needs, Supply& s) {
    if (gear.inverters.empty()) {
        return;
    }
    Terms terms;
    Watts power, surge;
    for (const InverterUnit& inverter : gear.inverters) {
        power = power + inverter.model->power;
        surge = surge + inverter.model->surge;
        terms.push_back({"P"_text,
                         inverter.model->name,
                         measure(inverter.model->power),
                         fromGear(library, *inverter.model)});
    }
    s.why.add({.id = fig("supply.inverter.chosen"),
               .title = "Inverter chosen"_text,
               .formula = gear.inverters.size() == 1 ? "the maker's continuous rating"_text
                                                     : "sum of the makers' continuous ratings"_text,
               .terms = std::move(terms),
               .result = measure(power),
               .source = "library"_text,
               .note = {"Surge: {has}, needed {asked}."_text,
                        {{"has", measure(surge)}, {"asked", measure(needs.worstSurge)}}}});
    s.inverter = Marks{measure(needs.worstMains),
                       measure(power),
                       std::nullopt,
                       fig("needs.inverter.worst"),
                       fig("supply.inverter.chosen"),
                       {}};
    addInverterLimit(library, gear, s);
}

}  // namespace

Supply supplyFor(const Plan& plan, const Library& library, const System& gear, const Needs& needs) {
    Supply s;
    Demand demand = demandOf(plan, gear, needs);
    s.inverterExtra = demand.inverterExtra;
    s.demand = demand.total;
    s.why.merge(std::move(demand.why));
    addBank(plan, library, gear, needs, s);
    addSun(plan, library, gear, s);
    addEngine(plan, library, gear, s);
    addInverter(library, gear, needs, s);
    return s;
}

Measure shownDays(double days) {
    // Nobody reckons weeks to a quarter of an hour.
    const double parts = days < 10.0 ? 100.0 : days < 100.0 ? 10.0 : 1.0;
    return number(std::floor(days * parts) / parts);
}

}  // namespace spirk
