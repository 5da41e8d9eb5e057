// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/supply.h"

#include <algorithm>
#include <cmath>

#include "core/gear/battery.h"
#include "core/gear/engine.h"
#include "core/gear/inverter.h"
#include "core/gear/solar.h"
#include "core/supply/demand.h"
#include "core/supply/sun_months.h"

namespace spirk {

namespace {

FigureId fig(const char* id) { return FigureId(id); }

void explainBankNeeded(const Plan& plan, const BankUnit& bank, Joules needed, Supply& s) {
    s.why.add(
        {.id = fig("supply.bank.needed"),
         .title = "Bank needed, usable energy",
         .formula = "E = E_day · days",
         .terms = {{"E_day",
                    "drawn from the bank a day",
                    measure(s.demand),
                    FromFigure{fig("supply.demand")}},
                   {"days",
                    "days that the bank alone must carry",
                    number(plan.trip.daysWithoutSun),
                    FromPlan{"trip.days_without_sun"}}},
         .result = measure(needed),
         .source = "own arithmetic",
         .note = "As rated capacity: " + format(needed / (bank.nominal * bank.chemistry.usable)) +
                 " at " + format(bank.nominal) + "."});
}

// Judgement: the bank lies as cold as the mean of the trip's coldest month, in a van that nobody
// heats; warmth above the rating's 25 degC is not counted on.
Celsius bankInCold(const Plan& plan, const Climate& climate) {
    Celsius coldest = celsius(25.0);
    for (int month = 1; month <= 12; ++month) {
        if (inSeason(month, plan.trip.firstMonth, plan.trip.lastMonth)) {
            coldest = std::min(coldest, climate.mean[static_cast<std::size_t>(month - 1)]);
        }
    }
    return coldest;
}

struct ColdBank {
    Celsius temperature;
    double part = 1.0;  // of the rated capacity
};

void explainCold(const Library& library, const System& gear, const ColdBank& cold, Supply& s) {
    s.why.add({.id = fig("supply.bank.cold"),
               .title = "Part of the rated capacity in the trip's coldest month",
               .formula = "k = from the chemistry's table at the bank's temperature",
               .terms = {{"T",
                          "mean of the coldest month of the trip, in a van that nobody heats",
                          measure(cold.temperature),
                          fromTable(library, "climates", gear.climate->name)},
                         {"k",
                          gear.bank().chemistry.name,
                          percent(cold.part),
                          fromTable(library, "chemistries", gear.bank().chemistry.name)}},
               .result = percent(cold.part),
               .source = "table of chemistries",
               .note = "A bank in the heated living space has more."});
}

void explainBankUsable(const Library& library,
                       const BankUnit& bank,
                       const ColdBank& cold,
                       Supply& s) {
    const Origin battery = fromTable(library, "batteries", bank.model->name);
    s.why.add(
        {.id = fig("supply.bank.usable"),
         .title = "Bank chosen, usable energy",
         .formula = "E = n · C · V · u · k",
         .terms =
             {{"n", "batteries in parallel", count(bank.count), FromPlan{bank.path + ".count"}},
              {"C", "rated capacity of one", measure(bank.model->capacity), battery},
              {"V", "nominal voltage, pole to pole", measure(bank.nominal), battery},
              {"u",
               "usable part",
               percent(bank.chemistry.usable),
               fromTable(library, "chemistries", bank.chemistry.name)},
              {"k",
               "part that is there in the cold",
               percent(cold.part),
               FromFigure{fig("supply.bank.cold")}}},
         .result = measure(s.usable),
         .source = "own arithmetic",
         .note = "A higher usable part gives more days and fewer cycles of life."});
}

void explainDays(Supply& s) {
    s.why.add({.id = fig("supply.days"),
               .title = "Days without sun",
               .formula = "days = E_usable / E_day",
               .terms = {{"E_usable",
                          "usable energy of the bank",
                          measure(s.usable),
                          FromFigure{fig("supply.bank.usable")}},
                         {"E_day",
                          "drawn from the bank a day",
                          measure(s.demand),
                          FromFigure{fig("supply.demand")}}},
               .result = number(s.daysWithoutSun),
               .source = "own arithmetic",
               .note = "From a full bank, with no sun, no engine and no shore."});
}

void addBank(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    const BankUnit& bank = gear.bank();
    const Joules needed = s.demand * plan.trip.daysWithoutSun;
    const Celsius temperature = bankInCold(plan, *gear.climate);
    const ColdBank cold{temperature, capacityAt(bank.chemistry, temperature)};
    s.usable = bankCapacity(bank) * bank.nominal * bank.chemistry.usable * cold.part;
    s.daysWithoutSun = s.demand.si() > 0.0 ? s.usable / s.demand : 0.0;
    explainBankNeeded(plan, bank, needed, s);
    explainCold(library, gear, cold, s);
    explainBankUsable(library, bank, cold, s);
    explainDays(s);
    s.bank = {measure(needed),
              measure(s.usable),
              std::nullopt,
              fig("supply.bank.needed"),
              fig("supply.bank.usable"),
              {}};
}

// What the engine must add on an average day of the leanest month.
Joules leftForEngine(const Supply& s) {
    const MonthSun& lean = s.months[static_cast<std::size_t>(s.leanestMonth - 1)];
    return Joules::fromSi(std::max(0.0, s.demand.si() - lean.perDay.si()));
}

void addEngineLimit(const Library& library, const EngineUnit& engine, Volts out, Supply& s) {
    const double share = library.alternator.roadShareLimit;
    const Volts in = engine.charger->start;
    const Amps limit = engine.alternator * share * engine.charger->efficiency * (in / out);
    s.why.add({.id = fig("supply.engine.limit"),
               .title = "Most that the alternator should give, as current into the bank",
               .formula = "I = share · I_alt · η · V_in / V_out",
               .terms = {{"share",
                          "of the rating, on the road",
                          percent(share),
                          fromTable(library, "alternator", "road_share_limit")},
                         {"I_alt",
                          "alternator's rating",
                          measure(engine.alternator),
                          FromPlan{engine.path + ".alternator_a"}},
                         {"η",
                          "charger's efficiency",
                          percent(engine.charger->efficiency),
                          fromTable(library, "dcdc_chargers", engine.charger->name)},
                         {"V_in",
                          "at the charger's input",
                          measure(in),
                          fromTable(library, "dcdc_chargers", engine.charger->name)},
                         {"V_out",
                          "absorption voltage",
                          measure(out),
                          fromTable(library, "chemistries", "absorption_v")}},
               .result = measure(limit),
               .source = "up to half of the rating on the road (common practice)",
               .note = ""});
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
         .title = "Engine charging needed in the leanest month",
         .formula = "I = (E_day − E_sun) / (η · t · V); nothing where the sun is enough",
         .terms =
             {{"E_day",
               "drawn from the bank a day",
               measure(s.demand),
               FromFigure{fig("supply.demand")}},
              {"E_sun",
               "sun on an average day of the leanest month",
               measure(lean.perDay),
               FromFigure{fig("supply.sun.leanest")}},
              {"η", "charge efficiency of the bank", percent(chemistry.chargeEfficiencyWh), table},
              {"t", "driving a day", measure(driving), FromPlan{"trip.driving_h_per_day"}},
              {"V", "absorption voltage", measure(chemistry.absorption), table}},
         .result = measure(needed),
         .source = "own arithmetic",
         .note = driving.si() > 0.0 ? "" : "No driving is planned: the engine adds nothing."});
}

void explainRefill(const Library& library, const System& gear, Supply& s) {
    const BankUnit& bank = gear.bank();
    const DcdcModel& charger = *gear.engine()->charger;
    s.why.add({.id = fig("supply.engine.refill"),
               .title = "Driving time from empty to full",
               .formula = "t = n · C · u / I",
               .terms = {{"n", "batteries", count(bank.count), FromPlan{bank.path + ".count"}},
                         {"C",
                          "rated capacity of one",
                          measure(bank.model->capacity),
                          fromTable(library, "batteries", bank.model->name)},
                         {"u",
                          "usable part",
                          percent(bank.chemistry.usable),
                          fromTable(library, "chemistries", bank.chemistry.name)},
                         {"I",
                          "charger's output",
                          measure(charger.output),
                          FromFigure{fig("supply.engine.chosen")}}},
               .result = measure(*s.engineRefill),
               .source = "own arithmetic; the last, slower part is not in it",
               .note = ""});
}

void addEngine(const Plan& plan, const Library& library, const System& gear, Supply& s) {
    if (!gear.engine()) {
        return;
    }
    const Chemistry& chemistry = gear.bank().chemistry;
    const DcdcModel& charger = *gear.engine()->charger;
    const Seconds driving = plan.trip.drivingPerDay;
    const Amps needed =
        driving.si() > 0.0
            ? leftForEngine(s) / (chemistry.chargeEfficiencyWh * driving * chemistry.absorption)
            : amps(0.0);
    explainEngineNeeded(plan, library, gear, needed, s);
    s.engine = Marks{measure(needed),
                     measure(charger.output),
                     std::nullopt,
                     fig("supply.engine.needed"),
                     fig("supply.engine.chosen"),
                     {}};
    s.engineRefill = chargeTime(bankCapacity(gear.bank()) * chemistry.usable, charger.output);
    explainRefill(library, gear, s);
    s.why.add({.id = fig("supply.engine.chosen"),
               .title = "Engine charging chosen",
               .formula = "the charger's output",
               .terms = {{"I",
                          charger.name,
                          measure(charger.output),
                          fromTable(library, "dcdc_chargers", charger.name)}},
               .result = measure(charger.output),
               .source = "library",
               .note = ""});
    addEngineLimit(library, *gear.engine(), chemistry.absorption, s);
}

void addInverterLimit(const Library& library, const System& gear, Supply& s) {
    const InverterModel& inverter = *gear.inverter();
    const double efficiency = inverterEfficiency(inverter, inverter.power);
    const Amps most = gear.bank().model->maxDischarge * static_cast<double>(gear.bank().count);
    const Watts limit = most * gear.bank().chemistry.inverterCutOff * efficiency;
    s.why.add({.id = fig("supply.inverter.limit"),
               .title = "Most that the bank can give the inverter",
               .formula = "P = n · I_max · V_low · η",
               .terms = {{"n · I_max",
                          "discharge limit of the bank",
                          measure(most),
                          fromTable(library, "batteries", gear.bank().model->name)},
                         {"V_low",
                          "inverter's low cut-off",
                          measure(gear.bank().chemistry.inverterCutOff),
                          fromTable(library, "chemistries", gear.bank().chemistry.name)},
                         {"η",
                          "efficiency at full power",
                          percent(efficiency),
                          fromTable(library, "inverters", inverter.name)}},
               .result = measure(limit),
               .source = "own arithmetic",
               .note = "Nothing else drawing from the bank."});
    s.inverter->limit = measure(limit);
    s.inverter->limitFigure = fig("supply.inverter.limit");
}

void addInverter(const Library& library, const System& gear, const Needs& needs, Supply& s) {
    if (gear.inverter() == nullptr) {
        return;
    }
    s.why.add({.id = fig("supply.inverter.chosen"),
               .title = "Inverter chosen",
               .formula = "the maker's continuous rating",
               .terms = {{"P",
                          gear.inverter()->name,
                          measure(gear.inverter()->power),
                          fromTable(library, "inverters", gear.inverter()->name)}},
               .result = measure(gear.inverter()->power),
               .source = "library",
               .note = "Short-time: " + format(gear.inverter()->surge) + ", asked " +
                       format(needs.worstSurge) + "."});
    s.inverter = Marks{measure(needs.worstMains),
                       measure(gear.inverter()->power),
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
    addBank(plan, library, gear, s);
    addSun(plan, library, gear, s);
    addEngine(plan, library, gear, s);
    addInverter(library, gear, needs, s);
    return s;
}

std::string daysText(double days) { return formatNumber(std::floor(days * 100.0) / 100.0, 6); }

}  // namespace spirk
