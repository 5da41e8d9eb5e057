// SPDX-License-Identifier: GPL-3.0-or-later
// Batteries, panels, chargers and inverters against worked examples.
#include <gtest/gtest.h>

#include <cmath>

#include "core/circuit/network.h"
#include "core/gear/battery.h"
#include "core/gear/engine.h"
#include "core/gear/inverter.h"
#include "core/gear/solar.h"
#include "tests/support/builders.h"
#include "tests/support/near.h"

namespace spirk {
namespace {

using test::expectNear;
using test::kPublished;

// Common practice, own arithmetic: 100 Ah at 25 A take 4 h; 600 Ah, four fifths empty, at 90 A a
// good 5 h.
TEST(ChargeTime, OfTwoBanks) {
    expectNear(inHours(chargeTime(ampHours(100), amps(25))), 4.0, test::kExact);
    expectNear(inHours(chargeTime(ampHours(480), amps(90))), 5.333, kPublished);
}

// Two 12.8 V batteries of 4 mOhm in parallel behind a cable of 1 mOhm: 12.8 / 0.003. Own
// arithmetic.
TEST(ShortCircuit, OfTwoBatteriesIsInTheSolver) {
    Network n;
    n.nodes = 3;
    n.sources = {{1, 0, volts(12.8), milliohms(4)}, {1, 0, volts(12.8), milliohms(4)}};
    n.resistors = {{1, 2, milliohms(1)}};
    n.loads = {{2, 0, Behaviour::Resistance, {}, {}, ohms(1e-9)}};
    expectNear(solve(n).load[0].si(), 4266.7, kPublished);
}

// The resistor ladder of batteries linked at both poles, all current taken from one end or across
// the diagonal: percent of the current from each battery. Own arithmetic (recomputed by recursion).
struct Ladder {
    double battery, link;  // milliohm; each link on each pole
    bool diagonal;
    std::vector<double> percent;
};
const Ladder kLadders[] = {
    {4, 0.25, false, {52.94, 47.06}},
    {4, 0.25, false, {39.56, 32.00, 28.44}},
    {4, 0.25, true, {34.00, 32.00, 34.00}},
    {4, 0.25, false, {34.23, 26.01, 21.04, 18.71}},
    {4, 0.25, true, {26.47, 23.53, 23.53, 26.47}},
    {2, 0.25, false, {44.62, 30.77, 24.62}},
    {2, 0.25, true, {27.78, 22.22, 22.22, 27.78}},
};

TEST(ParallelBank, SharesOfTheLadder) {
    for (const Ladder& l : kLadders) {
        const int count = static_cast<int>(l.percent.size());
        SCOPED_TRACE(std::to_string(count) + (l.diagonal ? " diagonal" : " same end"));
        Network n;
        n.nodes = 2 * count;  // positives, then negatives
        for (int k = 0; k < count; ++k) {
            n.sources.push_back({k, count + k, volts(13.2), milliohms(l.battery)});
            if (k > 0) {
                n.resistors.push_back({k - 1, k, milliohms(l.link)});
                n.resistors.push_back({count + k - 1, count + k, milliohms(l.link)});
            }
        }
        const int negative = l.diagonal ? 2 * count - 1 : count;
        n.loads = {{0, negative, Behaviour::Current, {}, amps(100), {}}};
        const Solution s = solve(n);
        for (std::size_t k = 0; k < l.percent.size(); ++k) {
            EXPECT_NEAR(s.source[k].si(), l.percent[k], 0.006) << k;
        }
    }
}

// Own arithmetic: 3000 W at 90 % from 12.0 V are 277.78 A, times 1.25: 347.2 A.
TEST(InverterCurrent, AtItsLowVoltage) {
    InverterModel i;
    i.power = watts(3000);
    i.lossC = 1.0 / 0.9 - 1.0;  // all of a tenth's loss at full power
    expectNear(inverterCurrent(i, watts(3000), volts(12)).si(), 277.78, kPublished);
    expectNear(inverterCurrent(i, watts(3000), volts(12)).si() * 1.25, 347.2, kPublished);
}

// a + b p + c p2 with 0.010, 0.03, 0.09 (common practice): efficiencies by own arithmetic.
TEST(InverterEfficiency, OfTheTypicalCoefficients) {
    const InverterModel& i = *findById(test::library().inverters, "inverter_2000");
    const std::pair<double, double> rows[] = {
        {0.05, 0.810}, {0.1, 0.878}, {0.333, 0.917}, {0.5, 0.913}, {1.0, 0.885}};
    for (const auto& [p, efficiency] : rows) {
        EXPECT_NEAR(inverterEfficiency(i, i.power * p), efficiency, 0.001) << p;
    }
}

// Own arithmetic: 50 A at 14.2 V from 13.2 V at 90 %: 59.76 A.
TEST(DcdcInput, OfAFiftyAmpereCharger) {
    DcdcModel d;
    d.efficiency = 0.9;
    expectNear(dcdcInput(d, volts(14.2), amps(50), volts(13.2)).si(), 59.76, kPublished);
}

// Panel's own coefficient (maker's method): 2 x 22.5 V at -20 degC with -0.28 %/K: 50.67 V. Own
// arithmetic.
TEST(StringVoc, InFrost) {
    PanelModel p;
    p.voc = volts(22.5);
    p.betaVocPerK = -0.0028;
    expectNear(stringVoc(p, 2, celsius(-20)).si(), 50.67, kPublished);
    expectNear(stringVoc(p, 1, celsius(25)).si(), 22.5, test::kExact);
}

// NOCT method of IEC 61215: 45 degC, 1000 W/m2, 30 degC air: 61.25 degC; 200 W, -0.35 %/K: 174.6 W.
TEST(PanelPower, OnAHotRoof) {
    PanelModel p;
    p.power = watts(200);
    p.gammaPerK = -0.0035;
    p.noct = celsius(45);
    p.mount = PanelMount::Open;
    const PanelPower hot = panelPower(p, 1000, celsius(30));
    expectNear(hot.cell.degrees, 61.25, kPublished);
    expectNear(hot.power.si(), 174.6, kPublished);
}

// Above a roof 5 K more, glued to it 15 to 20 K (common practice).
TEST(PanelPower, ByHowItIsMounted) {
    PanelModel p;
    p.power = watts(200);
    p.gammaPerK = -0.0035;
    p.noct = celsius(45);
    expectNear(panelPower(p, 1000, celsius(30)).cell.degrees, 66.25, kPublished);
    p.mount = PanelMount::Glued;
    expectNear(panelPower(p, 1000, celsius(30)).cell.degrees, 78.75, kPublished);
    expectNear(panelPower(p, 500, celsius(30)).cell.degrees, 54.375, kPublished);
    EXPECT_LT(mountPart(p), 1.0);
}

// f = 1.02 (1 - exp(-(n - 1000)/1300)) as tabled to two digits (common practice).
TEST(Alternator, ShareOfItsRating) {
    const AlternatorCurve& c = test::library().alternator;
    for (const double n : {1500.0, 1800.0, 2400.0, 3000.0, 4000.0}) {
        EXPECT_NEAR(alternatorShare(c, n), 1.02 * (1 - std::exp(-(n - 1000) / 1300)), 0.006) << n;
    }
    EXPECT_EQ(alternatorShare(c, 500), 0.0);
    EXPECT_EQ(alternatorShare(c, 9000), 1.0);
}

}  // namespace
}  // namespace spirk
