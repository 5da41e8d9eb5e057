// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/compare/ways_compared.h"

#include <gtest/gtest.h>

#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

const Design& van() {
    static const Design d = design(test::aFullVan(), test::library());
    return d;
}

TEST(WaysCompared, TheChosenOneIsThePlanAsItIs) {
    const auto ways = compareWays(van(), test::library(), bankOf(van().plan.gear).id, "");
    ASSERT_EQ(ways.size(), 3u);
    const auto chosen = std::ranges::find(ways, true, &WayAnswer::isChosen);
    ASSERT_NE(chosen, ways.end());
    EXPECT_TRUE(chosen->raised.empty());
    EXPECT_TRUE(chosen->ended.empty());
    EXPECT_DOUBLE_EQ(chosen->price, van().build.price);
    EXPECT_DOUBLE_EQ(chosen->weightKg, van().build.weightKg);
}

// Three in a row with both leads at the first share unevenly; with equal leads they do not (law of
// the divided current, own arithmetic).
TEST(WaysCompared, UnevenSharesAreWhatAWayBrings) {
    const auto ways = compareWays(van(), test::library(), bankOf(van().plan.gear).id, "");
    const auto brings = [](const WayAnswer& way, const char* rule) {
        return std::ranges::find(way.raised, rule, &Finding::rule) != way.raised.end();
    };
    EXPECT_FALSE(brings(ways[0], "B4"));
    EXPECT_TRUE(brings(ways[1], "B4"));
}

TEST(WaysCompared, AnIsolatorIsTwoEndsMore) {
    const auto choices = compareWays(van(), test::library(), UnitId(kInverterUnit), "isolator");
    ASSERT_EQ(choices.size(), 2u);
    EXPECT_TRUE(choices[0].isChosen);
    EXPECT_EQ(choices[1].joints, choices[0].joints + 2);
    EXPECT_GT(choices[1].price, choices[0].price);
}

TEST(WaysCompared, TakingOneMakesItTheChosen) {
    const UnitId bank = bankOf(van().plan.gear).id;
    const Design taken = design(withAnswer(van(), test::library(), bank, "", 2), test::library());
    const auto ways = compareWays(taken, test::library(), bank, "");
    EXPECT_TRUE(ways[2].isChosen);
}

TEST(WaysCompared, AUnitThatIsNotThereHasNoQuestions) {
    EXPECT_TRUE(questionsOf(van(), test::library(), UnitId("nobody")).empty());
}

}  // namespace
}  // namespace spirk
