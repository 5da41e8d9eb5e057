// SPDX-License-Identifier: GPL-3.0-or-later
// The steady-state solver by its laws and by cases that can be solved on paper; other programs
// judge it in tests/reference.
#include <gtest/gtest.h>
#include <rapidcheck.h>
// gtest before rapidcheck's own header for it
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/circuit/fault.h"
#include "core/circuit/network.h"
#include "tests/support/near.h"
#include "tests/support/networks.h"

namespace spirk {
namespace {

using test::expectNear;

Network batteryAndLine(Ohms battery, Ohms line) {
    Network n;
    n.nodes = 3;
    n.sources = {{1, 0, volts(12.8), battery}};
    n.resistors = {{1, 2, line}};
    return n;
}

TEST(Solve, ConstantPowerTakesTheUpperOfTheTwoSolutions) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.loads = {{2, 0, Behaviour::Power, watts(1000), {}, {}}};
    const Solution s = solve(n);
    // Own arithmetic: V = (E + sqrt(E^2 - 4 R P)) / 2.
    const double v = (12.8 + std::sqrt(12.8 * 12.8 - 4 * 0.014 * 1000)) / 2;
    ASSERT_TRUE(s.served());
    expectNear(s.across(2, 0).si(), v, 1e-10);
    expectNear(s.load[0].si(), 1000 / v, 1e-10);
}

TEST(Solve, AnElementAcrossOneNodeChangesNothing) {
    // A lead whose two ends a person has put on one stud once drained the battery beside it.
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.loads = {{2, 0, Behaviour::Power, watts(500), {}, {}}};
    const Solution plain = solve(n);
    n.resistors.push_back({1, 1, milliohms(1)});
    n.resistors.push_back({2, 2, milliohms(1)});
    n.loads.push_back({2, 2, Behaviour::Resistance, {}, {}, milliohms(5)});
    const Solution looped = solve(n);
    EXPECT_EQ(looped.resistor[1].si(), 0.0);
    expectNear(looped.source[0].si(), plain.source[0].si(), 1e-12);
    for (const double left : test::kirchhoff(n, looped)) {
        EXPECT_NEAR(left, 0.0, 1e-7);
    }
}

TEST(Solve, SaysHowMuchOfAnImpossibleLoadCanBeServed) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.loads = {{2, 0, Behaviour::Power, watts(5000), {}, {}}};
    const Solution s = solve(n);
    EXPECT_FALSE(s.served());
    // Largest power through R: E^2 / 4R.
    expectNear(s.servable, 12.8 * 12.8 / (4 * 0.014) / 5000, 1e-5);
    EXPECT_EQ(s.weakestLoad, 0);
}

TEST(Solve, JustBelowAndJustAboveTheLimit) {
    const double most = 12.8 * 12.8 / (4 * 0.014);
    for (const double part : {0.999, 1.001}) {
        Network n = batteryAndLine(milliohms(4), milliohms(10));
        n.loads = {{2, 0, Behaviour::Power, watts(most * part), {}, {}}};
        EXPECT_EQ(solve(n).served(), part < 1.0) << part;
    }
}

TEST(Solve, ResistanceAndCurrentLoads) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.loads = {{2, 0, Behaviour::Resistance, {}, {}, ohms(1)},
               {2, 0, Behaviour::Current, {}, amps(10), {}}};
    const Solution s = solve(n);
    // Own arithmetic: (12.8 - V) / 0.014 = V + 10.
    const double v = (12.8 / 0.014 - 10) / (1 / 0.014 + 1);
    expectNear(s.across(2, 0).si(), v, 1e-10);
}

// Three batteries, unequal leads: shares go as 1 / (r_battery + r_lead). Own arithmetic.
TEST(Solve, ThreeBatteriesWithUnequalLeads) {
    Network n;
    n.nodes = 5;
    const double leads[] = {0.5e-3, 0.5e-3, 0.8e-3};
    for (int k = 0; k < 3; ++k) {
        n.sources.push_back({k + 1, 0, volts(13.2), milliohms(4)});
        n.resistors.push_back({k + 1, 4, ohms(leads[k])});
    }
    n.loads = {{4, 0, Behaviour::Current, {}, amps(200), {}}};
    const Solution s = solve(n);
    const double published[] = {34.04, 34.04, 31.91};  // percent, recomputed: 1/4.5, 1/4.5, 1/4.8
    for (std::size_t k = 0; k < 3; ++k) {
        EXPECT_NEAR(s.source[k].si() / 2.0, published[k], 0.01);
    }
}

TEST(Solve, ChargerGivesItsCurrentThenHoldsItsVoltage) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.chargers = {{2, 0, volts(14.2), amps(30), watts(1e4), {}}};
    Solution s = solve(n);
    expectNear(s.charger[0].si(), 30.0, 1e-9);
    expectNear(s.across(2, 0).si(), 12.8 + 30 * 0.014, 1e-9);
    n.chargers[0].set = volts(12.9);
    s = solve(n);
    EXPECT_NEAR(s.across(2, 0).si(), 12.9, 0.002);
    EXPECT_LT(s.charger[0].si(), 30.0);
}

TEST(Solve, ChargerNeverTakesCurrent) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.chargers = {{2, 0, volts(12.0), amps(30), watts(1e4), {}}};
    EXPECT_EQ(solve(n).charger[0], amps(0));
}

TEST(Solve, ChargersInputDrawsItsOutputOverItsEfficiency) {
    Network n;
    n.nodes = 3;
    n.sources = {{1, 0, volts(13.2), milliohms(5)}, {2, 0, volts(13.0), milliohms(4)}};
    n.chargers = {{2, 0, volts(14.2), amps(40), watts(1e5), PowerInput{1, 0, 0.9}}};
    const Solution s = solve(n);
    const double out = s.charger[0].si() * s.across(2, 0).si();
    expectNear(s.chargerInput[0].si() * s.across(1, 0).si(), out / 0.9, 1e-7);
}

TEST(Solve, AnOpenSwitchLeavesItsLoadDead) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.resistors.clear();
    n.loads = {{2, 0, Behaviour::Power, watts(100), {}, {}}};
    const Solution s = solve(n);
    EXPECT_TRUE(s.served());
    EXPECT_EQ(s.part[2], -1);
    EXPECT_EQ(s.load[0], amps(0));
}

TEST(Solve, AnEmptyNetworkHasNothingToSay) {
    EXPECT_TRUE(solve(Network{}).served());
    Network one;
    one.nodes = 1;
    EXPECT_EQ(solve(one).node.size(), 1u);
}

RC_GTEST_PROP(SolveLaws, CurrentsAtEveryNodeSumToZero, ()) {
    const Network n = test::randomNetwork(*rc::gen::inRange(1u, 1000000u), 12);
    const Solution s = solve(n);
    RC_ASSERT(s.served());
    const std::vector<double> sums = test::kirchhoff(n, s);
    for (const double sum : sums) {
        RC_ASSERT(std::fabs(sum) <= 1e-6 * test::largestCurrent(s));
    }
}

RC_GTEST_PROP(SolveLaws, PowerOfSourcesEqualsPowerOfAllElse, ()) {
    const Network n = test::randomNetwork(*rc::gen::inRange(1u, 1000000u), 12);
    const Solution s = solve(n);
    double given = 0.0;
    double taken = 0.0;
    for (std::size_t i = 0; i < n.sources.size(); ++i) {
        given += s.source[i].si() * s.across(n.sources[i].pos, n.sources[i].neg).si();
    }
    for (std::size_t i = 0; i < n.resistors.size(); ++i) {
        taken += s.resistor[i].si() * s.across(n.resistors[i].a, n.resistors[i].b).si();
    }
    for (std::size_t i = 0; i < n.loads.size(); ++i) {
        taken += s.load[i].si() * s.across(n.loads[i].pos, n.loads[i].neg).si();
    }
    RC_ASSERT(std::fabs(given - taken) <= 1e-6 * std::max(1.0, std::fabs(given)));
}

RC_GTEST_PROP(SolveLaws, OrderOfElementsChangesNothing, ()) {
    Network n = test::randomNetwork(*rc::gen::inRange(1u, 1000000u), 10);
    const Solution a = solve(n);
    std::reverse(n.resistors.begin(), n.resistors.end());
    std::reverse(n.loads.begin(), n.loads.end());
    const Solution b = solve(n);
    for (std::size_t i = 0; i < a.node.size(); ++i) {
        RC_ASSERT(std::fabs((a.node[i] - b.node[i]).si()) < 1e-8);
    }
}

TEST(Fault, OfABatteryThroughALine) {
    // 12.8 V over 4 + 10 mOhm. Own arithmetic.
    const Network n = batteryAndLine(milliohms(4), milliohms(10));
    const FaultStudy::Fault f = FaultStudy(n).between(2, 0);
    expectNear(f.current().si(), 12.8 / 0.014, 1e-10);
    expectNear(f.through(n.resistors[0]).si(), 12.8 / 0.014, 1e-10);
}

TEST(Fault, IsZeroWhereNothingLives) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    n.nodes = 4;
    EXPECT_EQ(FaultStudy(n).between(3, 0).current(), amps(0));
    EXPECT_EQ(FaultStudy(n).between(0, 0).current(), amps(0));
}

RC_GTEST_PROP(FaultLaws, AMoreResistiveLineNeverRaisesIt, (unsigned seed)) {
    const double line = 1.0 + (seed % 1000) / 10.0;
    const auto at = [](double milli) {
        return FaultStudy(batteryAndLine(milliohms(4), milliohms(milli))).between(2, 0).current();
    };
    RC_ASSERT(at(line + 1.0) < at(line));
}

TEST(FaultLaws, ABatteryMoreNeverLowersIt) {
    Network n = batteryAndLine(milliohms(4), milliohms(10));
    const Amps one = FaultStudy(n).between(2, 0).current();
    n.sources.push_back({1, 0, volts(12.8), milliohms(4)});
    EXPECT_GT(FaultStudy(n).between(2, 0).current(), one);
}

}  // namespace
}  // namespace spirk
