// SPDX-License-Identifier: GPL-3.0-or-later
// A converter that makes a rail of its own, batteries in series, and a bank of 24 V.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/circuit/explain_moment.h"
#include "core/design/why.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;
using test::momentOf;

Plan aHighVan() {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "lfp_24_100", 2, 1);
    putConverter(plan.gear, "converter_20");
    plan.appliances[1].supplied = Supplied::Twelve;  // the lamp, 10 W
    return plan;
}

// Own arithmetic: a source of 12 V behind 0.1 ohm gives 2 A to 5.9 ohm; the input of 24 V behind
// nothing to speak of draws what is given over 0.9: 12 V * 2 A - 0.4 W = 23.6 W, 26.22 W, 1.0926 A.
TEST(Converter, DrawsWhatItGivesOverItsEfficiency) {
    Network n;
    n.nodes = 3;
    n.sources = {{1, 0, volts(24), milliohms(0.001)},
                 {2, 0, volts(12), ohms(0.1), PowerInput{1, 0, 0.9}}};
    n.resistors = {{2, 0, ohms(5.9)}};
    const Solution s = solve(n);
    EXPECT_TRUE(s.served());
    EXPECT_NEAR(s.source[1].si(), 2.0, 1e-9);
    EXPECT_NEAR(s.sourceInput[1].si(), 23.6 / 0.9 / 24.0, 1e-6);
    EXPECT_NEAR(s.source[0].si(), s.sourceInput[1].si(), 1e-8);
    EXPECT_EQ(s.sourceInput[0], amps(0));
}

TEST(Converter, FeedsTheTwelveVoltLoadsOfAHighBank) {
    const Design d = design(aHighVan(), library());
    const MomentSolution& m = momentOf(d, "loads");
    const auto lamp =
        m.between(d.wiring.circuit, {DeviceId("load.lamp"), "+"}, {DeviceId("load.lamp"), "-"});
    ASSERT_TRUE(lamp.has_value());
    // 12.5 V, less some 0.1 V in its small blade fuse and in 1 mm2.
    EXPECT_NEAR(lamp->si(), 12.37, 0.1);
    EXPECT_NEAR(test::currentOf(d.wiring.circuit, m, "load.lamp")->si(), 10.0 / lamp->si(), 1e-6);
    EXPECT_NEAR(test::currentOf(d.wiring.circuit, m, "converter")->si(), 10.0 / lamp->si(), 1e-6);
    const auto fridge =
        m.between(d.wiring.circuit, {DeviceId("load.fridge"), "+"}, {DeviceId("load.fridge"), "-"});
    EXPECT_GT(*fridge, volts(25));
}

// A tenth of what it makes may be lost, not of what it is made from.
TEST(Converter, DropsBehindItAreFractionsOfTwelveVolts) {
    const Design d = design(aHighVan(), library());
    const auto path =
        std::ranges::find(d.wiring.circuit.paths, std::string("drop.load.lamp"), &DropPath::id);
    ASSERT_NE(path, d.wiring.circuit.paths.end());
    EXPECT_EQ(path->base, volts(12.0));
}

// Judgement: five milliohms inside. 12.5 V set, less that.
TEST(Converter, SagsByWhatItCarries) {
    const Design d = design(aHighVan(), library());
    const MomentSolution& m = momentOf(d, "loads");
    const auto out = m.between(
        d.wiring.circuit, {DeviceId("converter"), "out+"}, {DeviceId("converter"), "neg"});
    ASSERT_TRUE(out.has_value());
    const double current = test::currentOf(d.wiring.circuit, m, "converter")->si();
    EXPECT_NEAR(out->si(), 12.5 - 0.005 * current, 1e-6);
}

TEST(Converter, MakesNoRailWhileTheMainSwitchIsOff) {
    const Design d = design(aHighVan(), library());
    const MomentSolution& rest = momentOf(d, "rest");
    EXPECT_FALSE(
        rest.between(d.wiring.circuit, {DeviceId("load.lamp"), "+"}, {DeviceId("load.lamp"), "-"}));
    EXPECT_FALSE(test::currentOf(d.wiring.circuit, rest, "converter").has_value());
}

TEST(Converter, ItsOutputCableCarriesItsRating) {
    const Design d = design(aHighVan(), library());
    EXPECT_GE(test::rowOf(d, "fuseblock.12v.feed+").ampacity, amps(20));
    EXPECT_GE(test::rowOf(d, "fuseblock.12v.feed-").ampacity, amps(20));
}

TEST(Converter, LimitsTheShortBehindIt) {
    const Design d = design(aHighVan(), library());
    EXPECT_LE(test::rowOf(d, "circuit.12v.lighting.feed+").faultNear, amps(20.001));
    EXPECT_GT(test::rowOf(d, "circuit.12v.lighting.feed+").faultNear, amps(10));
}

TEST(Converter, ItsLossesAreInTheDemand) {
    const Plan plan = aHighVan();
    const Design d = design(plan, library());
    // Own arithmetic: the lamp's 10 W for two hours, over 0.92.
    const double extra = 20.0 * (1.0 / 0.92 - 1.0);
    EXPECT_NEAR(inWattHours(d.supply.demand - d.needs.dcPerDay), extra, 1e-6);
    EXPECT_NE(d.why.find(FigureId("supply.converter.extra")), nullptr);
}

TEST(Converter, ItsFiguresAnswerWhy) {
    const Design d = design(aHighVan(), library());
    for (const char* figure : {"moment.loads.device.converter",
                               "moment.loads.device.converter.input",
                               "moment.loads.volts.fuseblock.12v:in",
                               "moment.loads.volts.converter:in+",
                               "moment.loads.current.converter.feed-"}) {
        EXPECT_TRUE(why(d, FigureId(figure)).has_value()) << figure;
    }
}

TEST(Series, TwoBlocksGiveTwiceTheVoltsAndShareOneCurrent) {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "agm_110", 2, 2);
    const Design d = design(plan, library());
    EXPECT_EQ(d.gear.bank().system, volts(24));
    const MomentSolution& rest = momentOf(d, "rest");
    const auto string =
        rest.between(d.wiring.circuit, {DeviceId("bank.1.1"), "+"}, {DeviceId("bank.1.2"), "-"});
    // AGM at half charge: 12.26 V a block (common practice).
    EXPECT_NEAR(string->si(), 2 * 12.26, 0.01);
    const MomentSolution& m = momentOf(d, "loads");
    EXPECT_NEAR(test::currentOf(d.wiring.circuit, m, "bank.1.1")->si(),
                test::currentOf(d.wiring.circuit, m, "bank.1.2")->si(),
                1e-9);
    // The bank's current is that of its strings, not of all its batteries.
    EXPECT_NEAR(bankCurrent(d.wiring.circuit, m).si(),
                2 * test::currentOf(d.wiring.circuit, m, "bank.1.1")->si(),
                1e-6);
}

TEST(Series, AStringHasOneFuseAndItsLinksAreSizedForIt) {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "agm_110", 2, 2);
    const Design d = design(plan, library());
    const CableRow& lead = test::rowOf(d, "bank.1.lead+");
    const CableRow& link = test::rowOf(d, "bank.1.link.1");
    EXPECT_TRUE(lead.fuseFrom.has_value());
    EXPECT_EQ(link.protectedBy, ConductorId("bank.1.lead+"));
    EXPECT_GE(link.ampacity, lead.fuseFrom->rating);
}

TEST(HighBank, HalvesTheCurrentOfTheInverter) {
    Plan low = test::aFullVan();
    Plan high = low;
    putBank(high.gear, "lfp_24_100", 3, 1);
    inverterOf(high.gear)->model = "inverter_24_1000";
    inverterOf(low.gear)->model = "inverter_1000";
    const double a = test::rowOf(design(low, library()), "inverter.feed+").load.si();
    const double b = test::rowOf(design(high, library()), "inverter.feed+").load.si();
    // A little less than half: the high one loses less.
    EXPECT_NEAR(b / a, 0.49, 0.01);
}

TEST(Distributor, HoldsItsFusesItself) {
    Plan plan = test::aFullVan();
    mainRailOf(plan.gear).kind = Distribution::Distributor;
    const Design d = design(plan, library());
    const ChosenFuse& fuse = *test::rowOf(d, "inverter.feed+").fuseFrom;
    EXPECT_EQ(fuse.holds, Holds::Distributor);
    EXPECT_EQ(fuse.distance, metres(0));
    EXPECT_EQ(test::findingOf(d, "W5"), nullptr);
    const auto holder = [](const Part& p) { return english(p.name).starts_with("holder for ANL"); };
    EXPECT_TRUE(std::ranges::none_of(d.build.parts, holder));
}

}  // namespace
}  // namespace spirk
