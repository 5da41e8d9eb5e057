// SPDX-License-Identifier: GPL-3.0-or-later
// Each rule at its limit: what just keeps it is silent, what just breaks it is said.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/design.h"
#include "core/gear/copper_bar.h"
#include "core/gear/engine.h"
#include "core/gear/solar.h"
#include "core/plan/edit.h"
#include "core/plan/own_gear.h"
#include "core/plan/units.h"
#include "core/supply/sun_months.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

bool fires(const Plan& plan, const std::string& rule) {
    return test::findingOf(design(plan, library()), rule) != nullptr;
}

Plan withFuse(const char* conductor, double rating) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetFuse{ConductorId(conductor), End::From, "", amps(rating)}};
    return plan;
}

TEST(Boundary, W1AFuseOfExactlyTheAmpacityIsSilent) {
    const double ampacity =
        test::rowOf(design(test::aFullVan(), library()), "inverter.feed+").ampacity.si();
    EXPECT_FALSE(fires(withFuse("inverter.feed+", ampacity - 1e-6), "W1"));
    EXPECT_TRUE(fires(withFuse("inverter.feed+", ampacity + 1e-3), "W1"));
}

TEST(Boundary, W2AFuseOfExactlyFiveQuartersOfTheLoadIsSilent) {
    const double needed =
        test::rowOf(design(test::aFullVan(), library()), "inverter.feed+").load.si() * 1.25;
    EXPECT_FALSE(fires(withFuse("inverter.feed+", needed * 1.01), "W2"));
    EXPECT_TRUE(fires(withFuse("inverter.feed+", needed * 0.98), "W2"));
}

TEST(Boundary, W1OfAPairIsSaidOnce) {
    const Design d = design(withFuse("inverter.feed+", 500), library());
    EXPECT_EQ(std::ranges::count(d.checks.findings, "W1", &Finding::rule), 1);
}

TEST(Boundary, W22OfAThinTailIsSaidAtTheTail) {
    Plan plan = test::aFullVan();
    plan.appliances.push_back(test::aLoad("spot", watts(5), Category::Lighting));
    plan.amendments = {SetFuse{ConductorId("circuit.lighting.feed+"), End::From, "", amps(20)},
                       SetSize{ConductorId("circuit.lighting.feed+"), squareMillimetres(6)},
                       SetSize{ConductorId("circuit.lighting.feed-"), squareMillimetres(6)}};
    const Design d = design(plan, library());
    EXPECT_TRUE(std::ranges::any_of(
        d.checks.findings, [](const Finding& f) { return f.id == "W22 load.spot.tail+"; }));
    EXPECT_FALSE(std::ranges::any_of(
        d.checks.findings, [](const Finding& f) { return f.id == "W1 circuit.lighting.feed+"; }));
}

// Of one size all the way it is the fuse that is too large, not the branch too thin.
TEST(Boundary, W1OfATailAsThickAsItsFeed) {
    Plan plan = test::aFullVan();
    plan.appliances.push_back(test::aLoad("spot", watts(5), Category::Lighting));
    plan.amendments = {SetFuse{ConductorId("circuit.lighting.feed+"), End::From, "", amps(30)}};
    for (const char* id : {"circuit.lighting.feed+",
                           "circuit.lighting.feed-",
                           "load.spot.tail+",
                           "load.spot.tail-"}) {
        plan.amendments.emplace_back(SetSize{ConductorId(id), squareMillimetres(1)});
    }
    const Design d = design(plan, library());
    const auto says = [&](const char* id) {
        return std::ranges::find(d.checks.findings, std::string(id), &Finding::id) !=
               d.checks.findings.end();
    };
    EXPECT_TRUE(says("W1 load.spot.tail+"));
    EXPECT_FALSE(says("W22 load.spot.tail+"));
}

// NEC 551.10(E), from memory: 15 A at most before 14 AWG, 20 before 12, 30 before 10.
TEST(Boundary, W1OffersTheThinnestThatMayStandBehindTheFuse) {
    const auto offered = [](double fuse) {
        Plan plan = movedTo(test::aFullVan(), test::americanLibrary().region);
        const ConductorId kitchen("circuit.kitchen.feed+");
        plan.amendments = {SetFuse{kitchen, End::From, "", amps(fuse)},
                           SetSize{kitchen, awgArea(14)}};
        const Design d = design(plan, test::americanLibrary());
        const Finding* f = test::findingOf(d, "W1");
        return f == nullptr ? std::string() : english(f->remedy);
    };
    EXPECT_EQ(offered(15), "");
    EXPECT_EQ(offered(20), "Use 12 AWG, or a smaller fuse.");
    EXPECT_EQ(offered(25), "Use 10 AWG, or a smaller fuse.");
}

TEST(Boundary, B1ExactlyTheDaysAskedAreEnough) {
    Plan plan = test::aSmallVan();
    const double days = design(plan, library()).supply.daysWithoutSun;
    plan.trip.daysWithoutSun = days - 1e-9;
    EXPECT_FALSE(fires(plan, "B1"));
    plan.trip.daysWithoutSun = days + 1e-6;
    EXPECT_TRUE(fires(plan, "B1"));
}

TEST(Boundary, B1OfferedBanksAreEnough) {
    Plan plan = test::aSmallVan();
    plan.trip.daysWithoutSun = 15;
    const Finding f = *test::findingOf(design(plan, library()), "B1");
    ASSERT_FALSE(f.mends.empty());
    for (const Mend& mend : f.mends) {
        EXPECT_FALSE(fires(apply(plan, mend), "B1")) << english(mend.label);
    }
}

// Twice the days ask for twice the bank, and not for a third battery because of the last bit.
TEST(Boundary, B1TwiceTheDaysAskForTwiceTheBank) {
    Plan plan = test::aSmallVan();
    plan.trip.daysWithoutSun = 2.0 * design(plan, library()).supply.daysWithoutSun;
    const Finding f = *test::findingOf(design(plan, library()), "B1");
    ASSERT_FALSE(f.mends.empty());
    const Plan mended = apply(plan, f.mends.front());
    EXPECT_EQ(bankOf(mended.gear).count, 2);
}

// Two fans of 54 W by their plates, one and a half times what such a fan draws (its row in the
// library), beside 540 W: 108 of 648 W for the same two hours are worth measuring; 54 of 1,134 W,
// below a tenth, are not.
TEST(Boundary, P10WhatIsWorthMeasuringIsATenthOfTheDay) {
    const auto withFans = [](int count, double others) {
        Plan plan = test::aSmallVan();
        plan.appliances.clear();
        Appliance fan = test::aLoad("fan", watts(54), Category::Climate);
        fan.count = count;
        plan.appliances.push_back(fan);
        plan.appliances.push_back(test::aLoad("others", watts(others), Category::Work));
        return plan;
    };
    EXPECT_TRUE(fires(withFans(2, 540), "P10"));
    EXPECT_FALSE(fires(withFans(1, 1080), "P10"));
    EXPECT_TRUE(fires(withFans(1, 480), "P10"));   // 54 of 534
    EXPECT_FALSE(fires(withFans(1, 490), "P10"));  // 54 of 544
}

TEST(Boundary, S1FollowsTheColdestOfTheClimate) {
    Plan plan = test::aFullVan();
    putSolar(plan.gear, SolarChoice{"panel_200", 4, 1, "mppt_100_50"});  // 98.4 V at 25 degC
    plan.trip.climate = "Los Angeles";                                   // 2 degC
    EXPECT_TRUE(fires(plan, "S1"));
    solarOf(plan.gear)->series = 3;
    plan.trip.climate = "Fairbanks";  // -45 degC: 3 x 24.6 x 1.196 = 88 V
    EXPECT_FALSE(fires(plan, "S1"));
}

TEST(Boundary, S1OffersFewerInSeriesAndAControllerForMore) {
    Plan plan = test::aFullVan();
    putSolar(plan.gear, SolarChoice{"panel_180", 4, 1, "mppt_100_50"});
    plan.trip.climate = "Munich";
    const Finding f = *test::findingOf(design(plan, library()), "S1");
    ASSERT_EQ(f.mends.size(), 2u);
    EXPECT_EQ(english(f.mends[0].label), "Wire 2 in series, 2 in parallel");
    const Plan fewer = apply(plan, f.mends[0]);
    EXPECT_EQ(solarOf(fewer.gear)->parallel, 2);
    const Plan stronger = apply(plan, f.mends[1]);
    EXPECT_EQ(solarOf(stronger.gear)->controller, "mppt_150_60");
}

TEST(Boundary, S2LooksAtTheBestMonthOfTheTripOnly) {
    Plan plan = test::aFullVan();
    solarOf(plan.gear)->controller = "mppt_100_30";
    plan.trip = {"Munich", 11, 1, 1.0, hours(1)};  // in winter the small controller cuts nothing
    EXPECT_FALSE(fires(plan, "S2"));
}

// A tenth of what the best month could bring (common practice): just above and just below it, by a
// controller of a hundredth of an ampere less or more.
TEST(Boundary, S2AtATenthOfTheBestMonth) {
    Plan plan = test::aFullVan();
    ControllerModel own = *findById(library().controllers, "mppt_100_50");
    own.id = "own_controller";
    solarOf(plan.gear)->controller = own.id;
    const auto cutAt = [&](double limit) {
        own.maxOutput = amps(limit);
        plan.own.controllers = {own};
        const Design d = design(plan, library());
        const auto best = std::ranges::max_element(
            d.supply.months, {}, [](const MonthSun& m) { return m.inTrip ? m.perDay : Joules(); });
        return clippedPart(
            best->month, d.gear, d.gear.suns.front(), rule(library(), "roof_factor").value);
    };
    double least = 1.0, most = 200.0;
    while (most - least > 0.01) {
        const double middle = (least + most) / 2.0;
        (cutAt(middle) > 0.10 ? least : most) = middle;
    }
    EXPECT_GT(cutAt(least), 0.10);
    EXPECT_TRUE(fires(plan, "S2"));
    EXPECT_LE(cutAt(most), 0.10);
    EXPECT_FALSE(fires(plan, "S2"));
}

// A home-made bar is always advice, for its bare copper; entered with more than that carries, a
// fault.
TEST(Boundary, W27AtWhatTheCopperCarries) {
    Plan plan = test::aFullVan();
    HardwareModel bar = *findHardware(plan, library(), "bus_bar_400_12");
    bar.id = "own_bar";
    bar.width = metres(0.032);
    bar.thickness = metres(0.0064);
    plan.amendments = {SetHardware{DeviceId("bus.pos"), bar.id}};
    const auto severityAt = [&](double rated) {
        bar.maxCurrent = amps(rated);
        plan.own.hardware = {bar};
        const Design d = design(plan, library());
        const Finding* f = test::findingOf(d, "W27");
        return f == nullptr ? std::optional<Severity>() : f->severity;
    };
    const double bears = copperBarAmpacity(*bar.width, *bar.thickness).si();
    EXPECT_EQ(severityAt(bears - 0.1), Severity::Advice);
    EXPECT_EQ(severityAt(bears + 0.1), Severity::Fault);
}

TEST(Boundary, E3AtHalfOfTheRating) {
    const DcdcModel& charger = *findById(library().dcdcs, "dcdc_60");
    const Amps input = dcdcInput(charger, volts(14.2), charger.output, charger.start);
    Plan plan = test::aFullVan();
    const auto onTheRoad = [&](double rating) {
        putEngine(plan.gear, EngineChoice{"dcdc_60"});
        plan.van.vehicle.alternator = amps(rating);
        const Design d = design(plan, library());
        return std::ranges::any_of(d.checks.findings,
                                   [](const Finding& f) { return f.id == "E3 road"; });
    };
    EXPECT_FALSE(onTheRoad(input.si() / 0.5 + 0.01));
    EXPECT_TRUE(onTheRoad(input.si() / 0.5 - 0.01));
}

TEST(Boundary, G3TheShuntsOwnLeadsAreNoBypass) {
    EXPECT_FALSE(fires(test::aSmallVan(), "G3"));
    Plan plan = test::aSmallVan();
    plan.amendments = {MoveEnd{ConductorId("bond"), End::From, {DeviceId("bank.1"), "-"}}};
    EXPECT_TRUE(fires(plan, "G3"));
    plan.amendments = {MoveEnd{ConductorId("fuseblock.feed-"), End::To, {DeviceId("shunt"), "a"}}};
    EXPECT_TRUE(fires(plan, "G3"));
    plan.amendments = {MoveEnd{ConductorId("fuseblock.feed-"), End::To, {DeviceId("shunt"), "b"}}};
    EXPECT_FALSE(fires(plan, "G3"));
}

TEST(Boundary, W10AtTheLargestThatTheTerminalTakes) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetSize{ConductorId("mppt.link+"), squareMillimetres(25)}};
    EXPECT_FALSE(fires(plan, "W10"));
    plan.amendments = {SetSize{ConductorId("mppt.link+"), squareMillimetres(35)}};
    EXPECT_TRUE(fires(plan, "W10"));
}

// At the first length that loses too much one thicker lead is enough.
TEST(Boundary, W7ItsMendKeepsTheLimit) {
    const auto withLeads = [](double length) {
        Plan plan = test::aFullVan();
        for (const char* id : {"inverter.feed+", "inverter.feed-"}) {
            plan.amendments.push_back(SetSize{ConductorId(id), squareMillimetres(25)});
            plan.amendments.push_back(SetLength{ConductorId(id), metres(length)});
        }
        return plan;
    };
    const auto said = [](const Plan& plan) {
        const Design d = design(plan, library());
        const auto f =
            std::ranges::find(d.checks.findings, std::string("W7 drop.inverter"), &Finding::id);
        return f == d.checks.findings.end() ? std::optional<Finding>() : *f;
    };
    double length = 0.3;
    while (length < 3.0 && !said(withLeads(length))) {
        length += 0.05;
    }
    const Plan plan = withLeads(length);
    const auto f = said(plan);
    ASSERT_TRUE(f.has_value());
    ASSERT_FALSE(f->mends.empty());
    for (const Mend& mend : f->mends) {
        EXPECT_FALSE(said(apply(plan, mend)).has_value()) << english(mend.label);
    }
}

TEST(Counting, FollowsSeverity) {
    const SeverityCount c = countBySeverity(design(test::theDemo(), library()).checks.findings);
    EXPECT_EQ(c, (SeverityCount{2, 1, 5}));
}

}  // namespace
}  // namespace spirk
