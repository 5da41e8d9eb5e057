// SPDX-License-Identifier: GPL-3.0-or-later
// What is wired for the rating of what it joins, whatever flows on the day.
#include "core/cables/rated_currents.h"

#include <gtest/gtest.h>

#include "core/cables/figures.h"
#include "core/design/design.h"
#include "core/explain/derivation.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

// A converter of 60 A on a 24 V bank, and one small thing of 12 V behind it.
Plan withConverter() {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "lfp_24_100");
    putConverter(plan.gear, "converter_60");
    plan.appliances = {test::aLoad("lamp", watts(5), Category::Lighting)};
    plan.appliances.back().supplied = Supplied::Twelve;
    return plan;
}
UnitChoice& converterIn(Plan& plan) { return *unitOf(plan.gear, UnitId(kConverterRail)); }

// Own arithmetic: 60 A at 12.5 V take 60 * 12.5 / (0.93 * 24) = 33.6 A of a lithium bank at its low
// cut-off; 1.25 times that is 42 A.
constexpr double kTaken = 60.0 * 12.5 / (0.93 * 24.0);

TEST(ConverterLeads, BearItsWholeRating) {
    const Design d = design(withConverter(), library());
    for (const char* lead : {"converter.feed+", "converter.feed-"}) {
        EXPECT_NEAR(test::rowOf(d, lead).load.si(), kTaken, 0.01) << lead;
    }
    EXPECT_GE(test::rowOf(d, "converter.feed+").fuseFrom->rating.si(), 1.25 * kTaken);
    EXPECT_EQ(test::findingOf(d, "I3"), nullptr);
}

TEST(ConverterLeads, BearItBeforeTheIsolatorToo) {
    Plan plan = withConverter();
    converterIn(plan).options["isolator"] = "one";
    const Design d = design(plan, library());
    const CableRow& before = test::rowOf(d, "converter.feed+");
    const CableRow& behind = test::rowOf(d, "converter.feed+.after");
    EXPECT_NEAR(before.load.si(), kTaken, 0.01);
    EXPECT_NEAR(behind.load.si(), kTaken, 0.01);
    EXPECT_EQ(before.area, behind.area);
}

TEST(ConverterLeads, SayWhereTheCurrentComesFrom) {
    const Design d = design(withConverter(), library());
    const Derivation* why = d.why.find(cableFigure(ConductorId("converter.feed+"), "load"));
    ASSERT_NE(why, nullptr);
    ASSERT_EQ(why->terms.size(), 4U);
    for (const Term& term : why->terms) {
        EXPECT_TRUE(std::holds_alternative<FromTable>(term.origin)) << english(term.name);
    }
}

TEST(ConverterLeads, OfTodaysLoadsAreToldAtWhatTheirFuseOpens) {
    Plan plan = withConverter();
    converterIn(plan).options["wired_for"] = "loads";
    const Design d = design(plan, library());
    EXPECT_LT(test::rowOf(d, "converter.feed+").load.si(), 0.5);
    const Finding* told = test::findingOf(d, "I3");
    ASSERT_NE(told, nullptr);
    ASSERT_EQ(told->mends.size(), 1U);
    const Plan mended = apply(plan, told->mends.front());
    EXPECT_EQ(test::findingOf(design(mended, library()), "I3"), nullptr);
}

// A load that a person has hung on the converter's input terminal carries its own current alone;
// what leads there from elsewhere is told the converter's, whosever it is.
TEST(ConverterLeads, OfAnotherUnitAtItsInput) {
    Plan plan = withConverter();
    plan.appliances.push_back(test::aLoad("fan", watts(20), Category::Climate));
    const TerminalId input{DeviceId(kConverterRail), "in+"};
    plan.amendments = {MoveEnd{ConductorId("circuit.climate.feed+"), End::From, input}};
    const Design hung = design(plan, library());
    EXPECT_LT(test::rowOf(hung, "circuit.climate.feed+").load, amps(1.0));
    EXPECT_GE(test::rowOf(hung, "converter.feed+").load.si(), kTaken - 0.01);

    plan.amendments = {MoveEnd{ConductorId("main.link+"), End::To, input}};
    const Design fed = design(plan, library());
    const Derivation* why = fed.why.find(cableFigure(ConductorId("main.link+"), "load"));
    ASSERT_NE(why, nullptr);
    EXPECT_GT(test::rowOf(fed, "main.link+").load.si(), kTaken - 0.01);
}

// A fuse by hand for what hangs on it today is too small for the converter: W2's 1.25 times.
TEST(ConverterLeads, AFuseForTodayIsTooSmallForAWholeConverter) {
    Plan plan = withConverter();
    const auto fused = [&](double amperes) {
        plan.amendments = {SetFuse{ConductorId("converter.feed+"), End::From, "", amps(amperes)}};
        return test::findingOf(design(plan, library()), "W2") != nullptr;
    };
    EXPECT_TRUE(fused(40));
    EXPECT_FALSE(fused(50));
}

// Common practice: an alarm watches while everything else is off; a converter stops with the
// switch.
TEST(Converter, AnAlarmBehindItIsSaidToBeDeadWithTheSwitchOff) {
    Plan plan = withConverter();
    EXPECT_EQ(test::findingOf(design(plan, library()), "P11"), nullptr);
    plan.appliances.back().alwaysOn = true;
    EXPECT_NE(test::findingOf(design(plan, library()), "P11"), nullptr);
    mainRailOf(plan.gear).options["switch"] = "none";
    EXPECT_EQ(test::findingOf(design(plan, library()), "P11"), nullptr);
}

}  // namespace
}  // namespace spirk
