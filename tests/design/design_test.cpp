// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/design/design.h"

#include <gtest/gtest.h>
#include <rapidcheck.h>
// gtest before rapidcheck's own header for it
#include <rapidcheck/gtest.h>

#include "core/exchange/report.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

TEST(Design, SamePlanGivesTheSameBytes) {
    const Design a = design(test::theDemo(), library());
    const Design b = design(test::theDemo(), library());
    EXPECT_EQ(reportJson(a, library()), reportJson(b, library()));
    EXPECT_EQ(a.why, b.why);
}

TEST(Design, AnEmptyPlanIsCompleteToo) {
    const Design d = design(emptyPlan(library()), library());
    EXPECT_FALSE(d.wiring.circuit.conductors.empty());
    EXPECT_FALSE(d.powerUp.switchOn.empty());
    EXPECT_FALSE(standingFigures(d).daysWithoutSun.has_value());
}

TEST(Design, EveryMomentOfTheDemoIsServed) {
    for (const MomentSolution& m : design(test::theDemo(), library()).moments) {
        EXPECT_TRUE(m.served()) << m.moment;
    }
}

TEST(Design, KirchhoffHoldsAtTheBarInEveryMoment) {
    const Design d = design(test::theDemo(), library());
    for (const MomentSolution& m : d.moments) {
        for (const char* bar : {"bus.pos", "bus.neg"}) {
            Amps sum;
            for (std::size_t i = 0; i < d.wiring.circuit.conductors.size(); ++i) {
                const Conductor& c = d.wiring.circuit.conductors[i];
                sum += c.to.device.value == bar ? m.conductor[i] : Amps();
                sum -= c.from.device.value == bar ? m.conductor[i] : Amps();
            }
            EXPECT_NEAR(sum.si(), 0.0, 1e-6) << m.moment << " " << bar;
        }
    }
}

// A plan within the reader's limits, by a few dice.
Plan randomPlan(const std::vector<int>& dice) {
    Plan plan = test::aFullVan();
    std::size_t at = 0;
    const auto roll = [&](int sides) { return std::abs(dice[at++ % dice.size()]) % sides; };
    putBank(plan.gear, library().batteries[static_cast<std::size_t>(roll(4))].id, 1 + roll(4));
    if (roll(3) == 0) {
        takeOutSolar(plan.gear);
    } else {
        putSolar(plan.gear,
                 SolarChoice{library().panels[static_cast<std::size_t>(roll(4))].id,
                             1 + roll(4),
                             1 + roll(4),
                             library().controllers[static_cast<std::size_t>(roll(5))].id});
    }
    if (roll(3) == 0) {
        takeOutEngine(plan.gear);
    }
    if (roll(3) == 0) {
        takeOutInverter(plan.gear);
    } else {
        putInverter(
            plan.gear, library().inverters[static_cast<std::size_t>(roll(5))].id, hours(roll(24)));
    }
    for (int i = roll(25); i > 0; --i) {
        plan.appliances.push_back(
            fromCatalogue(library().appliances[static_cast<std::size_t>(roll(20))], plan));
        plan.appliances.back().count = roll(4);
    }
    return plan;
}

RC_GTEST_PROP(DesignLaws, NoComputedFuseIsAboveItsCable, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Design d = design(randomPlan(dice), library());
    for (const CableRow& r : d.cables.rows) {
        if (r.fuseFrom && r.fuseFrom->rating > r.ampacity) {
            RC_ASSERT(std::any_of(
                d.checks.findings.begin(), d.checks.findings.end(), [&](const Finding& f) {
                    return f.rule == "W1" && f.where.front().id == r.id.value;
                }));
        }
    }
}

RC_GTEST_PROP(DesignLaws, SavingAndReadingGivesTheSameBytes, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const std::string bytes = writePlan(randomPlan(dice));
    const PlanReading reading = readPlan(bytes, "property");
    RC_ASSERT(reading.plan.has_value());
    RC_ASSERT(writePlan(*reading.plan) == bytes);
}

TEST(Consequence, NamesWhatAnEditChanged) {
    const StandingFigures before{1.2, watts(1500), {1, 2, 0}, 80.0, 2000.0, "EUR"};
    const StandingFigures after{1.6, watts(1500), {0, 2, 1}, 82.1, 2038.0, "EUR"};
    EXPECT_EQ(english(consequence(before, after)),
              "1 danger fewer, 1 piece of advice more, 0.4 days more without sun, "
              "2.1 kg more, 38 EUR more");
    EXPECT_TRUE(consequence(before, before).empty());
}

// Where days are not reckoned there is nothing to compare.
TEST(Consequence, SaysNothingOfDaysThatAreNotReckoned) {
    StandingFigures without;
    without.currency = "EUR";
    StandingFigures with = without;
    with.daysWithoutSun = 2.0;
    EXPECT_TRUE(consequence(without, with).empty());
    EXPECT_TRUE(consequence(with, without).empty());
}

// Less than a twentieth of a day, a watt, a hundred grams and one of the currency is not worth a
// word (judgement).
TEST(Consequence, SaysNothingOfWhatNobodyNotices) {
    StandingFigures before;
    before.daysWithoutSun = 2.0;
    before.currency = "EUR";
    const auto says = [&](auto change) {
        StandingFigures after = before;
        change(after);
        return !consequence(before, after).empty();
    };
    EXPECT_TRUE(says([](StandingFigures& f) { f.daysWithoutSun = 2.06; }));
    EXPECT_FALSE(says([](StandingFigures& f) { f.daysWithoutSun = 1.96; }));
    EXPECT_TRUE(says([](StandingFigures& f) { f.worstOnInverter = watts(1.1); }));
    EXPECT_FALSE(says([](StandingFigures& f) { f.worstOnInverter = watts(0.9); }));
    EXPECT_TRUE(says([](StandingFigures& f) { f.weightKg = 0.11; }));
    EXPECT_FALSE(says([](StandingFigures& f) { f.weightKg = 0.09; }));
    EXPECT_TRUE(says([](StandingFigures& f) { f.price = 1.1; }));
    EXPECT_FALSE(says([](StandingFigures& f) { f.price = 0.9; }));
    EXPECT_FALSE(says([](StandingFigures& f) {
        f.price = 100.0;
        f.currency = "USD";
    }));
}

// An edit is designed once: giving numbers afterwards comes to the same as having given them.
TEST(Design, NumbersGivenAfterwardsChangeNothingElse) {
    const Plan plan = test::aFullVan();
    const Design later = withNumbers(design(plan, library()));
    EXPECT_FALSE(later.plan.numbers.empty());
    const Design again = design(later.plan, library());
    EXPECT_EQ(reportJson(later, library()), reportJson(again, library()));
    EXPECT_EQ(later.build.numbers, again.build.numbers);
    EXPECT_EQ(later.why, again.why);
}

}  // namespace
}  // namespace spirk
