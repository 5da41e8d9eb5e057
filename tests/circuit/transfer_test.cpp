// SPDX-License-Identifier: GPL-3.0-or-later
// What passes power on gives no more than its input brings, and panels no more than their curve.
#include <gtest/gtest.h>

#include "core/circuit/network.h"
#include "core/design/design.h"
#include "tests/support/builders.h"
#include "tests/support/near.h"
#include "tests/support/networks.h"

namespace spirk {
namespace {

using test::expectNear;

// A panel of 120 W: 18 V and 6.67 A at its most, 22 V open, 7.1 A shorted; the line from open
// circuit to its most.
constexpr double kOpen = 22.0, kBest = 18.0, kCurrent = 6.67, kShort = 7.1;
VoltageSource aPanel(int pos) {
    return {.pos = pos,
            .neg = 0,
            .emf = volts(kOpen),
            .resistance = ohms((kOpen - kBest) / kCurrent),
            .knee = Knee{volts(kBest), amps(kCurrent), amps(kShort)}};
}

// Node 1 is a bank's positive, 2 the panel's, 3 the controller's input.
Network sunOverALead(Ohms lead) {
    Network n;
    n.nodes = 4;
    n.sources = {{1, 0, volts(13.2), milliohms(10)}, aPanel(2)};
    n.resistors = {{2, 3, lead}};
    PowerInput input{3, 0, 0.95};
    input.most = amps(kCurrent);
    n.chargers = {{1, 0, volts(14.4), amps(50), watts(kNoPowerLimit), input}};
    return n;
}

// Over half an ohm a hundred and twenty watts arrive as 97.8: own arithmetic.
TEST(Tracker, GivesWhatItsPanelsBringOverTheirLead) {
    const Solution s = solve(sunOverALead(ohms(0.5)));
    const double arrives = (kBest - 0.5 * kCurrent) * kCurrent;
    expectNear(s.across(2, 0).si(), kBest, 1e-9);
    expectNear(s.chargerInput[0].si(), kCurrent, 1e-9);
    expectNear(s.charger[0].si() * s.across(1, 0).si(), 0.95 * arrives, 1e-9);
}

TEST(Tracker, DrawsLessWhereItsOutputIsHeld) {
    Network n = sunOverALead(ohms(0.1));
    n.chargers[0].set = volts(13.22);  // two amperes into ten milliohms, about
    const Solution s = solve(n);
    EXPECT_LT(s.charger[0], amps(2.0));
    EXPECT_GT(s.across(2, 0), volts(kBest));
    expectNear(s.charger[0].si() * s.across(1, 0).si(),
               0.95 * s.chargerInput[0].si() * s.across(3, 0).si(),
               1e-9);
}

TEST(Tracker, GivesNothingWhereItsInputIsDead) {
    Network n = sunOverALead(ohms(0.5));
    n.resistors.clear();
    const Solution s = solve(n);
    EXPECT_EQ(s.charger[0].si(), 0.0);
    EXPECT_EQ(s.chargerInput[0].si(), 0.0);
}

// Between the most and a short: I = I_mp + (I_sc - I_mp)(1 - V / V_mp) with V = I R, solved for I.
TEST(Panels, GiveTheirShortCircuitCurrentIntoAlmostNothing) {
    Network n;
    n.nodes = 3;
    n.sources = {aPanel(1)};
    n.resistors = {{1, 2, milliohms(1)}};
    n.loads = {{2, 0, Behaviour::Resistance, {}, {}, ohms(0.5)}};
    const double flat = (kShort - kCurrent) / kBest;
    expectNear(solve(n).source[0].si(), kShort / (1.0 + flat * 0.501), 1e-9);
    // Whatever draws on them, they give no more than at their best: 120 W.
    for (const double r : {1.0, 2.0, kBest / kCurrent, 4.0, 10.0}) {
        n.loads[0].resistance = ohms(r);
        const Solution s = solve(n);
        EXPECT_LE(s.source[0].si() * s.across(1, 0).si(), kBest * kCurrent * (1.0 + 1e-9)) << r;
    }
}

// Sixty amperes at the output want some 96 A at the input; the alternator has 60.
TEST(Charger, EasesOffWhereItsSupplyIsTooWeak) {
    Network n;
    n.nodes = 4;
    n.sources = {{1, 0, volts(13.2), milliohms(8)}, {2, 0, volts(12.7), ohms(0.1)}};
    n.resistors = {{2, 3, milliohms(3)}};
    PowerInput input{3, 0, 0.9};
    input.fold = Fold{volts(13.3), volts(12.7), watts(14.4 * 60 / 0.9)};
    n.chargers = {{2, 0, volts(14.2), amps(60), watts(kNoPowerLimit), {}},
                  {1, 0, volts(14.4), amps(60), watts(kNoPowerLimit), input}};
    const Solution s = solve(n);
    ASSERT_TRUE(s.served());
    EXPECT_GT(s.across(3, 0), volts(12.7));
    EXPECT_LT(s.across(3, 0), volts(13.3));
    EXPECT_LT(s.charger[1], amps(60));
    EXPECT_GT(s.charger[1], amps(20));
    expectNear(s.charger[1].si() * s.across(1, 0).si(),
               0.9 * s.chargerInput[1].si() * s.across(3, 0).si(),
               1e-9);
}

// Whatever hangs on the bank, sun and engine together are solved, no current is lost at any node
// and no power appears between an input and its output.
TEST(TransferLaws, SunAndEngineTogetherAreAlwaysSolved) {
    for (unsigned seed = 1; seed <= 2000; ++seed) {
        SCOPED_TRACE(seed);
        const Network n = test::withSunAndEngine(
            test::randomNetwork(seed, 4 + static_cast<int>(seed % 20)), seed);
        const Solution s = solve(n);
        ASSERT_TRUE(s.served());
        for (const double left : test::kirchhoff(n, s)) {
            ASSERT_NEAR(left, 0.0, 1e-6);
        }
        for (std::size_t i = 0; i < n.chargers.size(); ++i) {
            if (const auto& in = n.chargers[i].input) {
                const double out = s.charger[i].si() * s.across(n.chargers[i].pos, 0).si();
                const double drawn = s.chargerInput[i].si() * s.across(in->pos, in->neg).si();
                ASSERT_NEAR(out, in->efficiency * drawn, 1e-6);
            }
        }
    }
}

// The array's negative on the bar, not at the controller: nothing closes the panels' circuit.
TEST(Transfers, AControllerWithoutItsPanelsGivesNothing) {
    Plan plan = test::aFullVan();
    plan.amendments = {MoveEnd{ConductorId("array.feed-"), End::To, {DeviceId("bus.neg"), "bar"}}};
    const Design d = design(plan, test::library());
    const auto noon =
        std::ranges::find_if(d.wiring.moments, [](const Moment& m) { return m.sun > 0.0; });
    ASSERT_NE(noon, d.wiring.moments.end());
    const MomentSolution& m = d.moments[static_cast<std::size_t>(noon - d.wiring.moments.begin())];
    EXPECT_EQ(test::currentOf(d.wiring.circuit, m, "mppt")->si(), 0.0);
    EXPECT_NEAR(test::currentOf(d.wiring.circuit, m, "array")->si(), 0.0, 1e-9);
}

}  // namespace
}  // namespace spirk
