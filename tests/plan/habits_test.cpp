// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/habits.h"

#include <gtest/gtest.h>
#include <rapidcheck.h>
// gtest before rapidcheck's own header for it
#include <rapidcheck/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/needs/needs.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

Seconds minutes(double m) { return seconds(60.0 * m); }

// 'from-to from-to' in hours, as on the ribbon.
Appliance running(std::vector<std::pair<double, double>> spans) {
    Appliance a = test::aLoad("lamp", watts(20), Category::Lighting);
    a.uses.clear();
    for (const auto& [from, to] : spans) {
        a.uses.push_back({hours(from), hours(to - from), 1.0});
    }
    return a;
}

std::string drawn(const Appliance& a) {
    std::string out;
    for (const Use& use : a.uses) {
        const double from = use.start.si() / 3600.0;
        out += (out.empty() ? "" : " ") + formatNumber(from, 4) + "-" +
               formatNumber(from + use.span.si() / 3600.0, 4);
    }
    return out;
}

TEST(MoveAUse, GoesWhereItIsPulledAndKeepsItsLength) {
    EXPECT_EQ(drawn(withUseMoved(running({{19, 21}}), 0, hours(7.5))), "7.5-9.5");
}

TEST(MoveAUse, AloneItMayPassMidnight) {
    EXPECT_EQ(drawn(withUseMoved(running({{19, 22}}), 0, hours(23))), "23-26");
    EXPECT_EQ(drawn(withUseMoved(running({{1, 2}}), 0, hours(-1))), "23-24");
}

TEST(MoveAUse, StopsAtItsNeighbours) {
    EXPECT_EQ(drawn(withUseMoved(running({{6, 8}, {12, 13}}), 0, hours(11.5))), "10-12 12-13");
    EXPECT_EQ(drawn(withUseMoved(running({{6, 8}, {12, 13}}), 1, hours(7))), "6-8 8-9");
}

TEST(MoveAUse, ANeighbourAcrossMidnightStopsItToo) {
    EXPECT_EQ(drawn(withUseMoved(running({{22, 25}, {3, 4}}), 1, hours(0))), "22-25 1-2");
}

TEST(StretchAUse, OneEdgeMovesTheOtherStays) {
    EXPECT_EQ(drawn(withUseStretched(running({{19, 21}}), 0, Edge::End, hours(22.5))), "19-22.5");
    EXPECT_EQ(drawn(withUseStretched(running({{19, 21}}), 0, Edge::Start, hours(18))), "18-21");
}

TEST(StretchAUse, NeverBelowFiveMinutesNorIntoAnother) {
    const Appliance thin = withUseStretched(running({{19, 21}}), 0, Edge::End, hours(18));
    EXPECT_EQ(thin.uses[0].span, minutes(5));
    EXPECT_EQ(drawn(withUseStretched(running({{6, 8}, {12, 13}}), 0, Edge::End, hours(15))),
              "6-12 12-13");
    EXPECT_EQ(drawn(withUseStretched(running({{6, 8}, {12, 13}}), 1, Edge::Start, hours(5))),
              "6-8 8-13");
}

TEST(StretchAUse, TheWholeDayIsTheMost) {
    Appliance a = running({{0, 20}});
    for (int i = 0; i < 10; ++i) {
        a = withUseStretched(a, 0, Edge::End, hours(20.0 + i));
    }
    EXPECT_LE(a.uses[0].span, hours(24));
}

TEST(SplitAUse, GivesTwoThatMeet) {
    EXPECT_EQ(drawn(withUseSplit(running({{19, 23}}), 0, hours(20))), "19-20 20-23");
    EXPECT_EQ(drawn(withUseSplit(running({{22, 26}}), 0, hours(1))), "22-25 1-2");
}

TEST(SplitAUse, OutsideOrAtItsEdgeNothingHappens) {
    EXPECT_EQ(drawn(withUseSplit(running({{19, 23}}), 0, hours(18))), "19-23");
    EXPECT_EQ(drawn(withUseSplit(running({{19, 23}}), 0, hours(19))), "19-23");
    EXPECT_EQ(drawn(withUseSplit(running({{19, 23}}), 0, hours(22.99))), "19-23");
}

TEST(JoinUses, BridgesTheGapAndKeepsTheTimeOn) {
    const Appliance joined = withUseJoined(running({{6, 8}, {12, 14}}), 0);
    EXPECT_EQ(drawn(joined), "6-14");
    EXPECT_DOUBLE_EQ(joined.uses[0].duty, 0.5);  // own arithmetic: 4 of 8 hours
}

// Own arithmetic: half of two hours and a quarter of four are two of eight.
TEST(JoinUses, CountsEachUseByItsOwnDuty) {
    Appliance a = running({{6, 8}, {10, 14}});
    a.uses[0].duty = 0.5;
    a.uses[1].duty = 0.25;
    EXPECT_DOUBLE_EQ(withUseJoined(a, 0).uses[0].duty, 0.25);
}

TEST(JoinUses, AnOnlyUseStaysAsItIs) {
    EXPECT_EQ(drawn(withUseJoined(running({{6, 8}}), 0)), "6-8");
}

// Three uses clear of each other.
Appliance threeUses(const std::vector<int>& dice) {
    const auto part = [&](std::size_t i, double most) {
        return dice.size() > i
                   ? std::fmod(std::fabs(static_cast<double>(dice[i])), 97.0) / 97.0 * most
                   : 0.0;
    };
    return running({{0.5 + part(0, 2), 3 + part(1, 3)},
                    {7 + part(2, 2), 10 + part(3, 3)},
                    {14 + part(4, 3), 18 + part(5, 6)}});
}

RC_GTEST_PROP(UseLaws, WhateverIsDoneTheyStayClearOfEachOther, (const std::vector<int>& dice)) {
    Appliance a = threeUses(dice);
    for (std::size_t i = 0; i < dice.size(); ++i) {
        const auto roll = static_cast<std::size_t>(std::abs(static_cast<long>(dice[i])));
        const std::size_t use = roll % a.uses.size();
        const Seconds at = minutes(static_cast<double>(roll % 1440));
        a = roll % 3 == 0   ? withUseMoved(a, use, at)
            : roll % 3 == 1 ? withUseStretched(a, use, Edge::End, at)
                            : withUseStretched(a, use, Edge::Start, at);
    }
    double total = 0.0;
    double gaps = 0.0;
    std::vector<Use> uses = a.uses;
    std::ranges::sort(uses, {}, &Use::start);
    for (std::size_t i = 0; i < uses.size(); ++i) {
        const Use& next = uses[(i + 1) % uses.size()];
        const double end = uses[i].start.si() + uses[i].span.si();
        gaps += std::fmod(next.start.si() - end + 2 * 86400.0 + 1e-7, 86400.0);
        total += uses[i].span.si();
        RC_ASSERT(uses[i].start.si() >= 0.0 && uses[i].start.si() < 86400.0);
    }
    // Uses and the gaps between them make one day, not two.
    RC_ASSERT(std::fabs(total + gaps - 86400.0) < 1e-3);
}

RC_GTEST_PROP(UseLaws, MovingAndSplittingKeepTheEnergy, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Appliance before = threeUses(dice);
    const Seconds at = minutes(static_cast<double>(std::abs(static_cast<long>(dice[0])) % 1440));
    for (std::size_t use = 0; use < 3; ++use) {
        RC_ASSERT(std::fabs((onTime(withUseMoved(before, use, at)) - onTime(before)).si()) < 1e-6);
        RC_ASSERT(std::fabs((onTime(withUseSplit(before, use, at)) - onTime(before)).si()) < 1e-6);
        RC_ASSERT(std::fabs((onTime(withUseJoined(before, use)) - onTime(before)).si()) < 1e-6);
    }
}

}  // namespace
}  // namespace spirk
