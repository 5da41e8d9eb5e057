// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/powerup.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/design.h"
#include "core/gear/inverter.h"
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
