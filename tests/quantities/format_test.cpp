// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantities/format.h"

#include <gtest/gtest.h>

#include <limits>

#include "core/quantities/units.h"

namespace spirk {
namespace {

TEST(Format, ShowsTheDigitsThatMeanSomething) {
    EXPECT_EQ(format(volts(12.8)), "12.80 V");
    EXPECT_EQ(format(amps(277.78)), "278 A");
    EXPECT_EQ(format(amps(6940)), "6.94 kA");
    EXPECT_EQ(format(amps(-7.5e-12)), "0 A");
    EXPECT_EQ(format(amps(0.0012)), "0.0012 A");
    EXPECT_EQ(format(watts(2000)), "2 kW");
    EXPECT_EQ(format(wattHours(1300)), "1.3 kWh");
    EXPECT_EQ(format(squareMillimetres(0.75)), "0.75 mm²");
    EXPECT_EQ(format(milliohms(2.1)), "2.1 mΩ");
    EXPECT_EQ(format(metres(1.5)), "1.50 m");
    EXPECT_EQ(format(ampHours(150)), "150 Ah");
    EXPECT_EQ(format(hours(0.75)), "45 min");
    EXPECT_EQ(format(percent(0.0303)), "3.03 %");
    EXPECT_EQ(format(celsius(-20)), "-20 °C");
}

// The international foot and pound, exact by definition; 20 degC is 68 degF.
TEST(Format, FollowsTheUnitsThatAPersonThinksIn) {
    const Units american{LengthUnit::Foot, TemperatureUnit::Fahrenheit};
    EXPECT_EQ(format(metres(3.048), american), "10.0 ft");
    EXPECT_EQ(format(metres(0.1778), american), "7.0 in");
    EXPECT_EQ(format(celsius(20), american), "68 °F");
    EXPECT_EQ(format(kilograms(0.45359237), american), "1 lb");
    EXPECT_EQ(format(kilograms(12)), "12 kg");
    EXPECT_EQ(format(volts(12.8), american), "12.80 V");
    // NIST SP 811: one pound-force inch is 0.1129848 N·m.
    const Measure torque{10.0, Unit::NewtonMetre};
    EXPECT_EQ(format(torque, american), "89 lb·in");
    EXPECT_EQ(format(torque), "10 Nm");
    const Measure across{0.0127, Unit::Millimetre};
    EXPECT_EQ(format(across, american), "0.5 in");
    EXPECT_EQ(format(across), "12.7 mm");
    EXPECT_EQ(formatPrice(1239.6, "USD"), "1240 USD");
}

// Own arithmetic: 500 mm are 19.685 inches, 150 mm 5.906. Never cut shorter than it is planned.
TEST(Format, ACutIsToTheMillimetreOrUpToTheNextQuarterInch) {
    const Units american{LengthUnit::Foot, TemperatureUnit::Fahrenheit};
    EXPECT_EQ(formatCut(metres(0.5), {}), "500 mm");
    EXPECT_EQ(formatCut(metres(0.5), american), "19 3/4 in");
    EXPECT_EQ(formatCut(metres(0.15), american), "6 in");
    EXPECT_EQ(formatCut(metres(0.3048), american), "12 in");
    EXPECT_EQ(formatCut(metres(0.3049), american), "12 1/4 in");
}

// A conductor reads as it is sold, whatever the units: ASTM B258.
TEST(Format, AGaugeReadsAsAGauge) {
    EXPECT_EQ(format(awgArea(4)), "4 AWG");
    EXPECT_EQ(format(awgArea(-1)), "2/0 AWG");
    EXPECT_EQ(format(awgArea(0)), "1/0 AWG");
    EXPECT_EQ(gaugeName(awgArea(16)), "16");
    for (const double mm2 : {0.75, 1.0, 1.5, 2.5, 4.0, 6.0, 10.0, 16.0, 25.0, 35.0, 50.0, 70.0}) {
        EXPECT_FALSE(gaugeName(squareMillimetres(mm2)).has_value()) << mm2;
    }
}

TEST(Format, NumberHasNoTrailingZerosAndNoNegativeZero) {
    EXPECT_EQ(formatNumber(35.0, 3), "35");
    EXPECT_EQ(formatNumber(0.0303, 3), "0.0303");
    EXPECT_EQ(formatNumber(-0.00001, 1), "-0.00001");
    EXPECT_EQ(formatNumber(0.0, 3), "0");
    EXPECT_EQ(formatNumber(std::numeric_limits<double>::infinity(), 3), "–");
}

TEST(Format, ClockGoesFromMidnightToMidnight) {
    EXPECT_EQ(formatClock(hours(7.5)), "07:30");
    EXPECT_EQ(formatClock(hours(24)), "24:00");
}

TEST(Units, AmericanGaugeIsItsGeometry) {
    // ASTM B258: d = 0.005 in * 92^((36 - n)/39).
    EXPECT_NEAR(inMm2(awgArea(6)), 13.302, 0.001);
    EXPECT_NEAR(inMm2(awgArea(-3)), 107.219, 0.01);
}

}  // namespace
}  // namespace spirk
