// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/powerup.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/design.h"
#include "core/gear/battery.h"
#include "core/gear/inverter.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

const SwitchStep& stepOf(const PowerUp& p, const std::string& id) {
    for (const auto* list : {&p.deadTests, &p.switchOn}) {
        const auto found = std::ranges::find(*list, id, &SwitchStep::id);
        if (found != list->end()) {
            return *found;
        }
    }
    ADD_FAILURE() << id;
    return p.switchOn.front();
}

std::size_t indexOf(const PowerUp& p, const std::string& id) {
    return static_cast<std::size_t>(std::ranges::find(p.switchOn, id, &SwitchStep::id) -
                                    p.switchOn.begin());
}

TEST(PowerUp, OrderIsBatteriesMainCircuitsInverterSunEngine) {
    const PowerUp p = design(test::aFullVan(), library()).powerUp;
    const char* order[] = {"on.batteries",
                           "on.main",
                           "on.fuseblock",
                           "on.circuit.kitchen.feed+",
                           "on.inverter",
                           "on.mppt",
                           "on.dcdc",
                           "on.heat",
                           "on.end"};
    for (std::size_t i = 1; i < std::size(order); ++i) {
        EXPECT_LT(indexOf(p, order[i - 1]), indexOf(p, order[i])) << order[i];
    }
    EXPECT_EQ(indexOf(p, "on.end"), p.switchOn.size() - 1);
    EXPECT_NE(english(p.switchOn.back().text).find("unplugged"), std::string::npos);
}

TEST(PowerUp, BehindTheOpenMainSwitchNothingIsLive) {
    const PowerUp p = design(test::aFullVan(), library()).powerUp;
    const SwitchStep& s = stepOf(p, "on.batteries");
    ASSERT_EQ(s.readings.size(), 4u);                  // three batteries and the bar
    EXPECT_NEAR(s.readings[0].value.si, 13.48, 0.01);  // 95 %: the chemistry's table
    EXPECT_EQ(s.readings[3].value.si, 0.0);
}

// Common practice: a hundred ohms behind a fuse with the loads off is no short circuit.
TEST(PowerUp, BehindEachFuseAHundredOhmsAreAskedFor) {
    const PowerUp sheet = design(test::aSmallVan(), test::library()).powerUp;
    const auto step = std::ranges::find(sheet.deadTests, "dead.shorts", &SwitchStep::id);
    ASSERT_NE(step, sheet.deadTests.end());
    EXPECT_EQ(step->readings.front().low.si, 100.0);
}

TEST(PowerUp, InverterIdlesAtItsOwnLoss) {
    const PowerUp p = design(test::aFullVan(), library()).powerUp;
    const InverterModel& i = *findById(library().inverters, "inverter_1600");
    const SwitchStep& s = stepOf(p, "on.inverter");
    EXPECT_NEAR(s.readings[1].value.si, inverterLoss(i, watts(0)).si() / 13.48, 0.01);
    EXPECT_FALSE(s.caution.empty());
}

TEST(PowerUp, ACircuitsAmpsAreItsLoadsOwn) {
    const PowerUp p = design(test::aFullVan(), library()).powerUp;
    const SwitchStep& s = stepOf(p, "on.circuit.kitchen.feed+");
    // 45 W between the bank's 13.2 V and what 5 % of drop leave of it.
    EXPECT_GT(s.readings.back().value.si, 45.0 / 13.2);
    EXPECT_LT(s.readings.back().value.si, 45.0 / 12.6);
    EXPECT_LE(s.readings.back().low.si, s.readings.back().value.si);
    EXPECT_GE(s.readings.back().high.si, s.readings.back().value.si);
}

TEST(PowerUp, EngineGivesTheChargersCurrentAndDrawsMore) {
    const PowerUp p = design(test::aFullVan(), library()).powerUp;
    const SwitchStep& s = stepOf(p, "on.dcdc");
    EXPECT_NEAR(s.readings[0].value.si, 30.0, 1e-6);
    EXPECT_GT(s.readings[1].value.si, 25.0);
    EXPECT_NE(english(s.text).find("15 s"), std::string::npos);
}

TEST(PowerUp, SettingsCoverEveryChargerAndTheMonitor) {
    const PowerUp p = design(test::aFullVan(), library()).powerUp;
    for (const char* device : {"mppt", "dcdc", "inverter", "shunt"}) {
        EXPECT_NE(std::ranges::find(p.settings, DeviceId(device), &DeviceSetting::device),
                  p.settings.end())
            << device;
    }
}

bool says(const SwitchStep& step, const char* words) {
    return english(step.text).find(words) != std::string::npos;
}
constexpr const char* kSwitchOff = "fitted dead: main switch off";
constexpr const char* kClampOff = "negative clamp off";

Plan withRelay() {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "agm_110", 3);
    takeOutEngine(plan.gear);
    plan.gear.sources.push_back({{UnitId("combiner"), WayId("relay_from_starter"), {}},
                                 UnitId(kMainRail),
                                 RelayChoice{"relay_140"}});
    return plan;
}

// A spanner on a live bar welds (common practice): what is bolted behind the main switch is bolted
// with it off. The relay is open while the engine stands: nothing there hangs on the starter
// battery.
TEST(PowerUp, ABoltedFuseIsFittedWhereNothingIsLive) {
    const PowerUp p = design(withRelay(), library()).powerUp;
    for (const char* id : {"on.fuseblock", "on.inverter"}) {
        EXPECT_TRUE(says(stepOf(p, id), kSwitchOff)) << id;
        EXPECT_FALSE(says(stepOf(p, id), kClampOff)) << id;
    }
    EXPECT_TRUE(says(stepOf(p, "on.inverter"), "the main switch stays off for now"));
    EXPECT_FALSE(says(stepOf(p, "on.fuseblock"), "the main switch stays off for now"));
    EXPECT_TRUE(says(stepOf(p, "on.batteries"), "last lead is still off"));
    EXPECT_TRUE(says(stepOf(p, "on.main"), "are in already"));
}

// One of its fuses stands at the starter battery, one at the bars.
TEST(PowerUp, ARelaysTwoFusesAreFittedDeadAtBothEnds) {
    const PowerUp p = design(withRelay(), library()).powerUp;
    EXPECT_TRUE(says(stepOf(p, "on.combiner"), kSwitchOff));
    EXPECT_TRUE(says(stepOf(p, "on.combiner"), kClampOff));
}

// A blade is pushed in by hand.
TEST(PowerUp, NothingIsBoltedForABlade) {
    const PowerUp p = design(withRelay(), library()).powerUp;
    EXPECT_FALSE(says(stepOf(p, "on.circuit.kitchen.feed+"), kSwitchOff));
    EXPECT_FALSE(says(stepOf(p, "on.circuit.kitchen.feed+"), kClampOff));
}

// A lithium bank and one of lead beside it.
Plan withTwoBanks() {
    Plan plan = test::aFullVan();
    plan.gear.banks.push_back({{UnitId("rear"), WayId("equal_leads"), {}}, "agm_110", 1, 1});
    plan.gear.rails.push_back({{UnitId("aft"), WayId("switch_and_shunt"), {}},
                               FromBank{UnitId("rear")},
                               Distribution::Bars});
    return plan;
}

// Lead comes nearly full, one lithium battery of several is charged full first: each by the rest
// volts of its own chemistry and charge.
TEST(PowerUp, EachBankRestsAtItsOwnVolts) {
    const Plan plan = withTwoBanks();
    const PowerUp p = design(plan, library()).powerUp;
    const Chemistry& agm = *findById(library().chemistries, "agm");
    const double delivered = 0.5 * (agm.deliveredLow + agm.deliveredHigh);
    const SwitchStep& s = stepOf(p, "on.batteries.rear");
    ASSERT_FALSE(s.readings.empty());
    EXPECT_NEAR(s.readings[0].value.si, restVoltage(agm, delivered).si(), 1e-6);
}

TEST(PowerUp, NoReadingIsExpectedOutsideItsBand) {
    for (const Plan& plan : {withTwoBanks(), withRelay(), test::theDemo()}) {
        const PowerUp p = design(plan, library()).powerUp;
        for (const SwitchStep& s : p.switchOn) {
            for (const Expected& e : s.readings) {
                EXPECT_LE(e.low.si, e.value.si) << s.id << " " << english(e.where);
                EXPECT_GE(e.high.si, e.value.si) << s.id << " " << english(e.where);
            }
        }
    }
}

TEST(PowerUp, StorageIsSaidForEachFamilyOfBatteries) {
    const auto off = [](const Plan& plan, const char* id) {
        const PowerUp p = design(plan, library()).powerUp;
        return std::ranges::count(p.shutDown, id, &SwitchStep::id);
    };
    EXPECT_EQ(off(withTwoBanks(), "off.storage"), 1);
    EXPECT_EQ(off(withTwoBanks(), "off.storage.lead"), 1);
    EXPECT_EQ(off(withRelay(), "off.storage"), 0);
    EXPECT_EQ(off(withRelay(), "off.storage.lead"), 1);
    EXPECT_EQ(off(test::aFullVan(), "off.storage.lead"), 0);
}

// The fridge that runs while driving hangs on the starter battery: its contact closes with the
// engine, and the house's monitor sees nothing of it.
TEST(PowerUp, WhatRunsWithTheEngineIsReadWithTheEngineRunning) {
    Plan plan = test::aFullVan();
    plan.gear.circuits.push_back({.id = UnitId("cool"),
                                  .on = UnitId(kOnVehicle),
                                  .loads = {ApplianceId("fridge")},
                                  .live = LiveWhen::Driving});
    const SwitchStep s = stepOf(design(plan, library()).powerUp, "on.circuit.given.cool.feed+");
    EXPECT_TRUE(says(s, "start the engine"));
    ASSERT_EQ(s.readings.size(), 1u);
    EXPECT_EQ(s.readings[0].value.unit, Unit::Volt);
    EXPECT_GT(s.readings[0].value.si, 13.3);  // an engine that charges (common practice)
}

// A bond of some milliohms carries a lamp's 4.6 A: what it shows is told in millivolts, and none at
// all is no good reading.
TEST(PowerUp, TheBondIsReadInMillivolts) {
    const Expected bond =
        stepOf(design(test::aFullVan(), library()).powerUp, "on.bond").readings.at(0);
    EXPECT_EQ(bond.value.unit, Unit::Millivolt);
    EXPECT_GT(bond.low.si, 0.0);
    EXPECT_NE(format(bond.low), "0 mV");
}

TEST(PowerUp, ASmallVanHasNoStepsForWhatItHasNot) {
    const PowerUp p = design(test::aSmallVan(), library()).powerUp;
    for (const SwitchStep& s : p.switchOn) {
        EXPECT_NE(s.id, "on.inverter");
        EXPECT_NE(s.id, "on.mppt");
        EXPECT_NE(s.id, "on.dcdc");
    }
}

TEST(PowerUp, DangerousStepsCarryTheirCaution) {
    const PowerUp p = design(test::aFullVan(), library()).powerUp;
    for (const char* id : {"dead.off",
                           "dead.panels",
                           "on.batteries",
                           "on.inverter",
                           "on.mppt",
                           "on.dcdc",
                           "on.heat"}) {
        EXPECT_FALSE(stepOf(p, id).caution.empty()) << id;
    }
}

}  // namespace
}  // namespace spirk
