// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/edit.h"

#include <gtest/gtest.h>

#include "core/needs/needs.h"
#include "core/plan/habits.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

TEST(Amended, ReplacesOneOfTheSameKindOnTheSameConductorAndEnd) {
    const ConductorId id("bond");
    Plan plan = amended(test::aSmallVan(), SetSize{id, squareMillimetres(16)});
    plan = amended(plan, SetSize{id, squareMillimetres(25)});
    ASSERT_EQ(plan.amendments.size(), 1u);
    EXPECT_EQ(std::get<SetSize>(plan.amendments[0]).area, squareMillimetres(25));
    plan = amended(plan, SetLength{id, metres(1)});
    EXPECT_EQ(plan.amendments.size(), 2u);
}

TEST(Amended, TakingItBackRestoresThePlan) {
    const Plan before = test::aSmallVan();
    const LeaveOutProtection left{ConductorId("main.feed+"), End::From};
    EXPECT_EQ(withoutAmendment(amended(before, left), left), before);
}

TEST(Numbered, KeepsWhatWasGivenAndNeverGivesANumberAgain) {
    const std::vector<ConductorId> first{ConductorId("a"), ConductorId("b"), ConductorId("c")};
    Plan plan = numbered(test::aSmallVan(), first);
    EXPECT_EQ(plan.numbers.at(ConductorId("c")), 3);
    plan.numbers.erase(ConductorId("c"));
    const std::vector<ConductorId> second{ConductorId("a"), ConductorId("d")};
    plan = numbered(plan, second);
    EXPECT_EQ(plan.numbers.at(ConductorId("a")), 1);
    EXPECT_EQ(plan.numbers.at(ConductorId("d")), 4);
}

TEST(FreshId, CountsUpWhereTheNameIsTaken) {
    const Plan plan = test::aSmallVan();
    EXPECT_EQ(freshId("kettle", plan).value, "kettle");
    EXPECT_EQ(freshId("fridge", plan).value, "fridge.2");
}

TEST(WithOnTime, ScalesSpansAndKeepsTheTotal) {
    Appliance a = test::aLoad("x", watts(10), Category::Work);
    a.uses = {{hours(9), hours(1), 1.0}, {hours(14), hours(3), 1.0}};
    const Appliance b = withOnTime(a, hours(2));
    EXPECT_NEAR(inHours(onTime(b)), 2.0, 1e-9);
    EXPECT_NEAR(inHours(b.uses[0].span), 0.5, 1e-9);
}

TEST(WithOnTime, OfAFridgeChangesItsDutyNotItsSpan) {
    Appliance a = test::aLoad("x", watts(45), Category::Kitchen);
    a.uses = {{hours(0), hours(24), 0.25}};
    const Appliance b = withOnTime(a, hours(12));
    EXPECT_NEAR(b.uses[0].duty, 0.5, 1e-9);
    EXPECT_EQ(b.uses[0].span, hours(24));
}

TEST(WithOnTime, OfSomethingNeverUsedGivesItAUse) {
    Appliance a = test::aLoad("x", watts(45), Category::Kitchen);
    a.uses.clear();
    EXPECT_NEAR(inHours(onTime(withOnTime(a, hours(2)))), 2.0, 1e-9);
}

TEST(WithStart, MovesAllUsesRoundTheClock) {
    Appliance a = test::aLoad("x", watts(10), Category::Work);
    a.uses = {{hours(9), hours(1), 1.0}, {hours(23), hours(1), 1.0}};
    const Appliance b = withStart(a, hours(12));
    EXPECT_NEAR(inHours(b.uses[0].start), 12.0, 1e-9);
    EXPECT_NEAR(inHours(b.uses[1].start), 2.0, 1e-9);
}

}  // namespace
}  // namespace spirk
