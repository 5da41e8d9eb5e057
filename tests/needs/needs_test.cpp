// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/needs/needs.h"

#include <gtest/gtest.h>

#include <numeric>

#include "core/needs/day_profile.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

Plan planOf(std::vector<Appliance> appliances) {
    Plan plan = emptyPlan(test::library());
    plan.appliances = std::move(appliances);
    return plan;
}

TEST(Needs, EnergyCountsUnitsDutyAndStandby) {
    Appliance a = test::aLoad("fridge", watts(50), Category::Kitchen);
    a.count = 2;
    a.uses = {{hours(0), hours(24), 0.25}};
    a.standby = watts(1);
    // Own arithmetic: 2 * (50 W * 6 h + 1 W * 18 h) = 636 Wh.
    EXPECT_NEAR(inWattHours(needsOf(planOf({a})).dcPerDay), 636.0, 1e-9);
}

TEST(Needs, AMeasuredValueWinsOverThePlate) {
    Appliance a = test::aLoad("kettle", watts(1300), Category::Kitchen);
    a.measured = watts(1150);
    EXPECT_EQ(needsOf(planOf({a})).appliances.front().running, watts(1150));
}

TEST(Needs, TheLargestEnergyDecides) {
    Appliance lamp = test::aLoad("lamp", watts(100), Category::Lighting);
    lamp.uses = {{hours(20), hours(0.5), 1.0}};
    const Appliance router = [] {
        Appliance a = test::aLoad("router", watts(7), Category::Electronics);
        a.uses = {{hours(0), hours(24), 1.0}};
        return a;
    }();
    EXPECT_EQ(needsOf(planOf({lamp, router})).deciding, ApplianceId("router"));
    EXPECT_FALSE(needsOf(planOf({})).deciding.has_value());
}

TEST(Needs, WorstCaseTakesAllThatMayRunTogetherAndTheLargestThatRunsAlone) {
    Appliance hob = test::aLoad("hob", watts(1300), Category::Kitchen);
    Appliance kettle = test::aLoad("kettle", watts(2000), Category::Kitchen);
    Appliance screen = test::aLoad("screen", watts(30), Category::Electronics);
    for (Appliance* a : {&hob, &kettle, &screen}) {
        a->feed = Feed::Mains;
    }
    hob.runs = Runs::Alone;
    kettle.runs = Runs::Alone;
    screen.count = 2;
    screen.surge = 2.0;
    const Needs needs = needsOf(planOf({hob, kettle, screen}));
    EXPECT_EQ(needs.worstMains, watts(2060));
    EXPECT_EQ(needs.worstSurge, watts(2090));  // one screen just starting
    EXPECT_EQ(needs.dcPerDay, wattHours(0));
}

TEST(DayProfile, TheDayAddsUpToTheEnergy) {
    Appliance a = test::aLoad("x", watts(40), Category::Work);
    a.uses = {{hours(22.9), hours(3.4), 0.6}, {hours(9.1), hours(0.2), 1.0}};
    a.standby = watts(2);
    const Needs needs = needsOf(planOf({a}));
    Joules sum;
    for (const Watts slot : needs.dc) {
        sum += slot * hours(24.0 / kDaySlots);
    }
    EXPECT_NEAR(inWattHours(sum), inWattHours(needs.dcPerDay), 1e-6);
}

TEST(DayProfile, AUsePastMidnightGoesOnInTheMorning) {
    const Use night{hours(23), hours(2), 1.0};
    EXPECT_DOUBLE_EQ(coverage(night, 93), 1.0);
    EXPECT_DOUBLE_EQ(coverage(night, 2), 1.0);
    EXPECT_DOUBLE_EQ(coverage(night, 4), 0.0);
    EXPECT_DOUBLE_EQ(coverage({hours(0.1), hours(0.05), 1.0}, 0), 0.2);
}

TEST(DayProfile, ScheduledPeakFollowsTheDay) {
    Appliance a = test::aLoad("a", watts(500), Category::Work);
    Appliance b = test::aLoad("b", watts(700), Category::Work);
    a.feed = b.feed = Feed::Mains;
    a.uses = {{hours(9), hours(1), 1.0}};
    b.uses = {{hours(12), hours(1), 1.0}};
    EXPECT_EQ(busiestQuarter(planOf({a, b})).peak, watts(700));
    b.uses = {{hours(9.5), hours(1), 1.0}};
    EXPECT_EQ(busiestQuarter(planOf({a, b})).peak, watts(1200));
}

}  // namespace
}  // namespace spirk
