// SPDX-License-Identifier: GPL-3.0-or-later
// How devices behave, by laws; published figures are in tests/reference.
#include <gtest/gtest.h>

#include "core/gear/battery.h"
#include "core/gear/copper_bar.h"
#include "core/gear/engine.h"
#include "core/gear/inverter.h"
#include "core/gear/solar.h"
#include "core/plan/units.h"
#include "core/system/system.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

TEST(RestVoltage, RisesWithChargeAndMeetsTheTableAtTenths) {
    const Chemistry& lfp = library().chemistries.front();
    Volts before = volts(0);
    for (int i = 0; i <= 100; ++i) {
        const Volts v = restVoltage(lfp, i / 100.0);
        EXPECT_GE(v, before);
        before = v;
    }
    EXPECT_DOUBLE_EQ(restVoltage(lfp, 0.5).si(), 13.20);  // the table's own row
    EXPECT_DOUBLE_EQ(restVoltage(lfp, 1.0).si(), 13.60);
}

// DIN 43671 (from memory): bare flat copper bars, edge up, direct current, 35 degC and 30 K warmer:
// 20 x 5 mm 274 A, 30 x 5 379 A, 40 x 10 715 A. In 40 degC some 5 % less, in a box a quarter less.
TEST(CopperBar, CarriesWhatTheTableGivesLessTheBox) {
    const double in40[][3] = {{20, 5, 274}, {30, 5, 379}, {40, 10, 715}};
    for (const auto& [width, thickness, free] : in40) {
        const Amps bears = copperBarAmpacity(millimetres(width), millimetres(thickness));
        EXPECT_NEAR(bears.si() / (0.75 * 0.95 * free), 1.0, 0.03) << width << " x " << thickness;
    }
}

TEST(BlockResistance, FallsWithCapacityAndAMakersFigureWins) {
    const Chemistry& lfp = library().chemistries.front();
    BatteryModel small = library().batteries.front();
    BatteryModel large = small;
    large.capacity = small.capacity * 2.0;
    EXPECT_NEAR(batteryResistance(large, lfp, ResistanceCase::Mid) /
                    batteryResistance(small, lfp, ResistanceCase::Mid),
                0.5,
                1e-12);
    EXPECT_LT(batteryResistance(small, lfp, ResistanceCase::Low),
              batteryResistance(small, lfp, ResistanceCase::High));
    small.shortCircuit = amps(2000);
    EXPECT_NEAR(batteryResistance(small, lfp, ResistanceCase::Mid).si(), 13.60 / 2000.0, 1e-12);
}

// The table's own points, half way between two of them, and its ends held beyond.
TEST(Battery, ColdLeavesLessOfItsCapacity) {
    const Chemistry& lead = *findById(library().chemistries, "agm");
    EXPECT_DOUBLE_EQ(capacityAt(lead, celsius(25)), 1.0);
    EXPECT_DOUBLE_EQ(capacityAt(lead, celsius(0)), 0.82);
    EXPECT_DOUBLE_EQ(capacityAt(lead, celsius(-5)), 0.76);
    EXPECT_DOUBLE_EQ(capacityAt(lead, celsius(-40)), 0.55);
    EXPECT_DOUBLE_EQ(capacityAt(lead, celsius(60)), 1.05);
}

TEST(Inverter, IdleIsWhatItLosesAtNoLoad) {
    const InverterModel& i = library().inverters.front();
    EXPECT_NEAR(inverterInput(i, watts(0)).si(), i.power.si() * i.lossA, 1e-9);
    EXPECT_LT(inverterEfficiency(i, i.power * 0.02), inverterEfficiency(i, i.power * 0.3));
}

TEST(Alternator, IdleLeavesNothingForASmallMachine) {
    EXPECT_EQ(spareAtIdle(library().alternator, amps(60), amps(30)), amps(0));
    EXPECT_GT(spareAtIdle(library().alternator, amps(200), amps(30)), amps(40));
}

TEST(System, AnUnknownChoiceBecomesAFindingAndTheDesignGoesOn) {
    Plan plan = test::aFullVan();
    bankOf(plan.gear).model = "perpetual";
    solarOf(plan.gear)->panel = "moonlight";
    plan.trip.climate = "Atlantis";
    const System gear = systemOf(plan, library());
    EXPECT_EQ(gear.findings.size(), 3u);
    EXPECT_NE(gear.bank().model, nullptr);
    EXPECT_EQ(gear.sun(), nullptr);
    EXPECT_NE(gear.climate, nullptr);
    EXPECT_FALSE(design(plan, library()).checks.findings.empty());
}

}  // namespace
}  // namespace spirk
