// SPDX-License-Identifier: GPL-3.0-or-later
// Five answers make a plan that can be built: whatever is answered, the first plan has no danger,
// and no fault but those that the answers themselves ask for.
#include "core/firstplan/first_plan.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

FirstAnswers answers(const std::string& trip, const std::string& heavy) {
    return {trip, library().region.firstClimate, {}, heavy};
}

std::string faultsOf(const Design& d, const std::set<std::string>& allowed) {
    std::string out;
    for (const Finding& f : d.checks.findings) {
        if (f.severity != Severity::Advice && !allowed.contains(f.rule)) {
            out += f.id + ": " + english(f.what) + "\n";
        }
    }
    return out;
}

TEST(FirstPlan, EveryKindOfTripGivesAPlanWithoutFaults) {
    for (const Library& region : test::libraries().regions) {
        for (const TripKind& trip : region.trips) {
            for (const char* heavy : {"", "induction_ring", "aircon_dc", "ebike_charger"}) {
                SCOPED_TRACE(region.region.id + ", " + trip.id + ", " + heavy);
                const Plan plan =
                    firstPlan({trip.id, region.region.firstClimate, {}, heavy}, region);
                // Cooling all year asks for more than the largest bank that is tried.
                EXPECT_EQ(faultsOf(design(plan, region), {"MAINS", *heavy == 'a' ? "B1" : ""}), "");
            }
        }
    }
}

TEST(FirstPlan, ItIsComplete) {
    const Plan plan = firstPlan(answers("summer", "induction_ring"), library());
    EXPECT_GE(plan.appliances.size(), 6u);
    EXPECT_TRUE(solarOf(plan.gear) && engineOf(plan.gear) && inverterOf(plan.gear));
    const Design d = design(plan, library());
    EXPECT_GE(d.supply.daysWithoutSun, plan.trip.daysWithoutSun);
    EXPECT_GE(d.gear.inverter()->power, d.needs.worstMains);
}

// Own arithmetic: 446 Wh a day for 1.5 days is 669 Wh; one 100 Ah battery has about 1000 usable.
TEST(FirstPlan, TheCheapestThatServesIsChosen) {
    const Plan plan = firstPlan(answers("weekends", ""), library());
    EXPECT_EQ(bankOf(plan.gear), bankOf(gearWith("lfp_100", 1, 1)));
    EXPECT_EQ(solarOf(plan.gear)->controller, "mppt_75_15");
    EXPECT_EQ(engineOf(plan.gear)->charger, "dcdc_20");
}

TEST(FirstPlan, NothingOnMainsIsNoInverterAndNoDrivingNoCharger) {
    const Plan plan = firstPlan(answers("parked", ""), library());
    EXPECT_EQ(inverterOf(plan.gear), nullptr);
    EXPECT_EQ(engineOf(plan.gear), nullptr);
}

TEST(FirstPlan, SouthOfTheEquatorTheSeasonsAreTurned) {
    FirstAnswers a = answers("summer", "");
    a.climate = "Perth";
    const Plan plan = firstPlan(a, library());
    EXPECT_EQ(plan.trip.firstMonth, 11);
    EXPECT_EQ(plan.trip.lastMonth, 3);
}

TEST(FirstPlan, WhatIsOwnedIsKeptAndDecidesTheVolts) {
    FirstAnswers a = answers("summer", "induction_ring");
    a.owned.battery = "lfp_24_120";
    a.owned.batteries = 2;
    a.owned.panel = "panel_180";
    a.owned.panels = 3;
    const Plan plan = firstPlan(a, library());
    EXPECT_EQ(bankOf(plan.gear).model, "lfp_24_120");
    EXPECT_EQ(bankOf(plan.gear).count, 2);
    ASSERT_TRUE(solarOf(plan.gear));
    EXPECT_EQ(solarOf(plan.gear)->panel, "panel_180");
    EXPECT_EQ(solarOf(plan.gear)->series * solarOf(plan.gear)->parallel, 3);
    EXPECT_TRUE(inverterOf(plan.gear)->model.starts_with("inverter_24"));
    EXPECT_TRUE(engineOf(plan.gear)->charger.starts_with("dcdc_24"));
    EXPECT_NE(converterOf(plan.gear), nullptr);
    EXPECT_EQ(faultsOf(design(plan, library()), {"MAINS"}), "");
}

// The inverter is on while mains appliances run, and half an hour besides.
TEST(FirstPlan, TheInverterIsOnWhileMainsAppliancesRun) {
    const Plan plan = firstPlan(answers("summer", "induction_ring"), library());
    ASSERT_NE(inverterOf(plan.gear), nullptr);
    Seconds runs;
    for (const Appliance& a : plan.appliances) {
        for (const Use& use : a.uses) {
            runs += a.feed == Feed::Mains ? use.span : Seconds();
        }
    }
    EXPECT_GT(runs, hours(0.5));
    EXPECT_NEAR(inverterOf(plan.gear)->onPerDay.si(), (runs + hours(0.5)).si(), 1e-6);
}

// Two of 6 V make a string of 12 V; one of 12 V is one.
TEST(FirstPlan, BatteriesThatAreOwnedMakeStringsOfTwelveVolts) {
    FirstAnswers a = answers("summer", "");
    a.owned.batteries = 2;
    a.owned.battery = "agm_110";
    EXPECT_EQ(bankOf(firstPlan(a, library()).gear).series, 1);
    a.owned.battery = "flooded_225_6v";
    EXPECT_EQ(bankOf(firstPlan(a, library()).gear).series, 2);
}

// Weekender without engine, old van with a relay, full-time with shore: each on every kind of trip.
TEST(FirstPlan, EveryWayOfChargingGivesAPlanWithoutFaults) {
    for (const TripKind& trip : library().trips) {
        for (const FirstEngine engine :
             {FirstEngine::Charger, FirstEngine::None, FirstEngine::Relay}) {
            SCOPED_TRACE(trip.id + " " + std::to_string(static_cast<int>(engine)));
            FirstAnswers a = answers(trip.id, "");
            a.engine = engine;
            a.shore = FirstShore::Charger;
            const Plan plan = firstPlan(a, library());
            const Design d = design(plan, library());
            EXPECT_EQ(faultsOf(d, {"MAINS"}), "");
            EXPECT_EQ(d.gear.shores.size(), 1u);
            const bool drives = plan.trip.drivingPerDay.si() > 0.0;
            EXPECT_EQ(d.gear.engines.size(), drives && engine == FirstEngine::Charger ? 1u : 0u);
            EXPECT_EQ(d.gear.relays.size(), drives && engine == FirstEngine::Relay ? 1u : 0u);
            EXPECT_EQ(d.gear.bank().battery.family == Family::Lithium,
                      engine != FirstEngine::Relay);
        }
    }
}

TEST(FirstPlan, FrostAsksForAHeatedBattery) {
    FirstAnswers a = answers("winter", "");
    a.climate = "Oslo";
    EXPECT_TRUE(bankOf(firstPlan(a, library()).gear).model.ends_with("heated"));
}

TEST(FirstPlan, TheHeaviestLoadsAreOfferedFirst) {
    const auto heavy = heavyAppliances(library());
    ASSERT_GT(heavy.size(), 10u);
    EXPECT_TRUE(std::ranges::none_of(heavy, [](const auto* a) { return a->id == "phone"; }));
    EXPECT_TRUE(std::ranges::is_sorted(heavy, [](const auto* a, const auto* b) {
        return a->measured * a->onTime > b->measured * b->onTime;
    }));
}

}  // namespace
}  // namespace spirk
