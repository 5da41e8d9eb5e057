// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/supply.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <string>

#include "core/design/design.h"
#include "core/gear/inverter.h"
#include "core/plan/units.h"
#include "core/supply/frost.h"
#include "core/supply/sun_months.h"
#include "tests/support/builders.h"
#include "tests/support/near.h"

namespace spirk {
namespace {

Supply supplyOf(const Plan& plan) {
    return supplyFor(plan, test::library(), systemOf(plan, test::library()), needsOf(plan));
}

TEST(Supply, BankNeededIsTheDaysDemandTimesTheDays) {
    Plan plan = test::aSmallVan();
    plan.trip.daysWithoutSun = 3.0;
    const Supply s = supplyOf(plan);
    // Own arithmetic: (45 W + 10 W) * 2 h = 110 Wh a day.
    test::expectNear(inWattHours(s.demand), 110.0, test::kExact);
    test::expectNear(s.bank.needed.si / 3600.0, 330.0, test::kExact);
    // 100 Ah at 12.8 V, of which 80 % are usable, and in May's 19 degC of Rome 98.8 % are there
    // (97 % at 10 degC, all at 25): 1011.712 Wh. Own arithmetic.
    test::expectNear(s.bank.chosen.si / 3600.0, 1011.712, test::kExact);
    test::expectNear(s.daysWithoutSun, 1011.712 / 110.0, test::kExact);
}

TEST(Supply, AColdTripLeavesLessOfTheBank) {
    Plan plan = test::aSmallVan();
    const double summer = supplyOf(plan).usable.si();
    plan.trip.climate = "Oslo";
    plan.trip.firstMonth = 12;
    plan.trip.lastMonth = 2;
    // The bank lies at the mean of the coldest of the three months, below freezing in Oslo.
    EXPECT_LT(supplyOf(plan).usable.si(), 0.92 * summer);
}

// Own arithmetic from the climate's table: Oslo's January has a mean of -4, its record is -22; the
// night lies half the span between the two below the mean. July has 17.
TEST(Supply, TheColdNightLiesHalfwayToTheRecordBelowTheMean) {
    const Climate& oslo = *std::ranges::find_if(
        test::library().climates, [](const Climate& c) { return c.name.english == "Oslo"; });
    Plan plan = test::aSmallVan();
    plan.trip.firstMonth = plan.trip.lastMonth = 1;
    EXPECT_DOUBLE_EQ(coldNight(plan, oslo).degrees, -13.0);
    plan.trip.firstMonth = plan.trip.lastMonth = 7;
    EXPECT_DOUBLE_EQ(coldNight(plan, oslo).degrees, 8.0);
}

// Own arithmetic: Munich's warmest month has 19 degC, a warm day 6 more; NOCT 45 degC adds
// 1000/800 (45 − 20) in full sun, the roof below 5 (common practice): 61.25 degC. Two panels of
// 24.3 V at −0.28 %/K from 25 degC.
TEST(Sun, AHotDayLeavesAStringThisMuch) {
    Plan plan = test::aFullVan();
    plan.trip.climate = "Munich";
    plan.trip.firstMonth = 5;
    plan.trip.lastMonth = 9;
    const Design d = design(plan, test::library());
    const auto& hot = std::get<Measure>(d.why.find(FigureId("mppt.voc.hot"))->result);
    test::expectNear(hot.si, 2 * 24.3 * (1.0 - 0.0028 * 36.25), 1e-9);
}

TEST(Supply, AnInverterAddsItsIdleAndItsConversion) {
    Plan plan = test::aFullVan();
    const Supply s = supplyOf(plan);
    const InverterModel& i = *findById(test::library().inverters, "inverter_1600");
    // Own arithmetic: idle over the two hours it is on, and the kettle's loss beyond idle.
    const double idle = i.power.si() * i.lossA * 2.0;
    const double kettle = (inverterLoss(i, watts(1000)).si() - i.power.si() * i.lossA) * 2.0;
    test::expectNear(inWattHours(s.inverterExtra), idle + kettle, 1e-6);
}

// Mains appliances from 8 to 12, 9 to 10, 11 to 13 and 23 to 1 o'clock: 7 hours, what two do at
// once counted once (own arithmetic). The inverter is on for as long though nobody asked it to.
TEST(Supply, AnInverterIsOnWhileAnyMainsApplianceIs) {
    Plan plan = test::aFullVan();
    inverterOf(plan.gear)->onPerDay = Seconds();
    std::erase_if(plan.appliances, [](const Appliance& a) { return a.feed == Feed::Mains; });
    const double starts[] = {8.0, 9.0, 11.0, 23.0};
    const double spans[] = {4.0, 1.0, 2.0, 2.0};
    for (std::size_t i = 0; i < std::size(starts); ++i) {
        Appliance a = test::aLoad("mains" + std::to_string(i), watts(50), Category::Work);
        a.feed = Feed::Mains;
        a.uses = {{hours(starts[i]), hours(spans[i]), 1.0}};
        plan.appliances.push_back(a);
    }
    const Supply s = supplyOf(plan);
    const Derivation* why = s.why.find(FigureId("supply.inverter.extra"));
    ASSERT_NE(why, nullptr);
    const auto on =
        std::ranges::find_if(why->terms, [](const Term& t) { return english(t.symbol) == "t_on"; });
    ASSERT_NE(on, why->terms.end());
    EXPECT_DOUBLE_EQ(std::get<Measure>(on->value).si, hours(7).si());
}

// On for ten hours though the kettle runs two: switched off for eight it would save its idle draw.
TEST(Supply, SaysWhatAnInverterThatIsOffSaves) {
    Plan plan = test::aFullVan();
    inverterOf(plan.gear)->onPerDay = hours(10);
    const Supply s = supplyOf(plan);
    const InverterModel& model = *findById(test::library().inverters, "inverter_1600");
    const std::string saved = format(inverterLoss(model, watts(0)) * hours(8));
    const std::string note = english(s.why.find(FigureId("supply.inverter.extra"))->note);
    EXPECT_NE(note.find("saves " + saved), std::string::npos) << note;
}

// A heater is reckoned by the energy of its battery: 24 V of 120 Ah hold 2.4 times what 12 V of
// 100 Ah hold (own arithmetic).
TEST(Supply, AHeaterGoesByTheEnergyOfItsBattery) {
    const auto heats = [](const char* model) {
        Plan plan = test::aSmallVan();
        putBank(plan.gear, model);
        const System gear = systemOf(plan, test::library());
        return heaterOf(gear.bank())->power.si();
    };
    test::expectNear(heats("lfp_24_120_heated") / heats("lfp_100_heated"), 2.4, 1e-9);
}

TEST(Supply, NothingDrawnIsNoDivisionByZero) {
    const Supply s = supplyOf(emptyPlan(test::library()));
    EXPECT_EQ(s.demand, wattHours(0));
    EXPECT_EQ(s.daysWithoutSun, 0.0);
}

TEST(Supply, TheLeanestMonthIsOneOfTheTrip) {
    Plan plan = test::aFullVan();
    plan.trip = {"Munich", 5, 10, 1.0, hours(1)};
    EXPECT_EQ(supplyOf(plan).leanestMonth, 10);
    plan.trip.firstMonth = 11;
    plan.trip.lastMonth = 2;  // past the turn of the year
    EXPECT_EQ(supplyOf(plan).leanestMonth, 12);
}

TEST(Season, PassesTheTurnOfTheYear) {
    EXPECT_TRUE(inSeason(12, 11, 2));
    EXPECT_TRUE(inSeason(1, 11, 2));
    EXPECT_FALSE(inSeason(6, 11, 2));
    EXPECT_TRUE(inSeason(6, 6, 6));
}

TEST(Sun, HarvestIsPeakSunHoursTimesTheFactor) {
    Plan plan = test::aFullVan();
    plan.trip.climate = "Munich";
    putSolar(plan.gear, SolarChoice{"panel_120", 1, 1, "mppt_100_50"});
    const Supply s = supplyOf(plan);
    // Own arithmetic: 120 W * 5.6 h * 0.80, nothing cut by a 50 A controller.
    test::expectNear(inWattHours(s.months[5].perDay), 120 * 5.6 * 0.80, 1e-9);
    EXPECT_EQ(s.months[5].cut, 0.0);
}

TEST(Sun, ASmallControllerCutsTheBrightHours) {
    Plan plan = test::aFullVan();
    putSolar(plan.gear, SolarChoice{"panel_400", 1, 2, "mppt_75_15"});
    const Supply s = supplyOf(plan);
    EXPECT_GT(s.months[5].cut, 0.2);
    EXPECT_LT(s.months[5].cut, 1.0);
}

TEST(Engine, NoDrivingNeedsNothingAndSaysSo) {
    Plan plan = test::aFullVan();
    plan.trip.drivingPerDay = hours(0);
    const Supply s = supplyOf(plan);
    EXPECT_EQ(s.engine->needed.si, 0.0);
    EXPECT_NE(english(s.why.find(FigureId("supply.engine.needed"))->note).find("No driving"),
              std::string::npos);
}

TEST(Supply, EveryMarkHasItsDerivation) {
    const Design d = design(test::aFullVan(), test::library());
    for (const auto& marks :
         {std::optional(d.supply.bank), d.supply.sun, d.supply.engine, d.supply.inverter}) {
        ASSERT_TRUE(marks.has_value());
        EXPECT_NE(d.why.find(marks->neededFigure), nullptr) << marks->neededFigure.value;
        EXPECT_NE(d.why.find(marks->chosenFigure), nullptr) << marks->chosenFigure.value;
        EXPECT_TRUE(!marks->limit || d.why.find(marks->limitFigure) != nullptr)
            << marks->limitFigure.value;
    }
}

TEST(Days, AreRoundedDownSoThatNothingLooksEnoughThatIsNot) {
    EXPECT_EQ(format(shownDays(1.999)), "1.99");
    EXPECT_EQ(format(shownDays(2.0)), "2");
    EXPECT_EQ(format(shownDays(0.119)), "0.11");
    EXPECT_EQ(format(shownDays(12.345)), "12.3");
    EXPECT_EQ(format(shownDays(157.98)), "157");
}

}  // namespace
}  // namespace spirk
