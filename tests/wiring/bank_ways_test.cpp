// SPDX-License-Identifier: GPL-3.0-or-later
// How batteries share, by the way that they are joined.
#include <gtest/gtest.h>

#include <set>

#include "core/design/design.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

Plan joinedBy(const char* way, int batteries) {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "lfp_150", batteries);
    bankOf(plan.gear).way = WayId(way);
    return plan;
}

double share(const Design& d) {
    return std::get<Measure>(d.why.find(FigureId("bank.share"))->result).si;
}

// By symmetry: of two batteries tapped at opposite ends one current passes the link out, the other
// the link back; where both links are alike, both give the same. Fuses stand in one of them.
TEST(BankWays, BatteriesAreNumberedWhereThereAreSeveral) {
    Plan plan = test::aSmallVan();
    const auto nameOf = [&](const char* id) {
        const Design d = design(plan, test::library());
        return english(findDevice(d.wiring.circuit, DeviceId(id))->name);
    };
    EXPECT_EQ(nameOf("bank.1").find('('), std::string::npos);
    plan.gear.banks.front().count = 2;
    EXPECT_NE(nameOf("bank.1").find("(1)"), std::string::npos);
    EXPECT_NE(nameOf("bank.2").find("(2)"), std::string::npos);
}

TEST(BankWays, TwoTappedDiagonallyShareEvenlyWhereTheirLinksAreAlike) {
    Plan plan = joinedBy("diagonal", 2);
    const double fused = share(design(plan, library()));
    bankOf(plan.gear).options["fuses"] = "none";
    // But for the links' own warmth: each is as warm as its hardest hour makes it.
    EXPECT_NEAR(share(design(plan, library())), 0.0, 0.005);
    EXPECT_GT(fused, 0.05);
}

TEST(BankWays, TheFirstBatteryWorksHardestWhereBothLeadsHangOnIt) {
    const double two = share(design(joinedBy("at_one_battery", 2), library()));
    const double four = share(design(joinedBy("at_one_battery", 4), library()));
    EXPECT_GT(two, 0.02);
    EXPECT_GT(four, two);
    EXPECT_GT(four, share(design(joinedBy("diagonal", 4), library())));
    EXPECT_NEAR(share(design(joinedBy("equal_leads", 4), library())), 0.0, 1e-6);
}

TEST(BankWays, UnequalSharesAreToldAndMendedByEqualLeads) {
    const Plan plan = joinedBy("at_one_battery", 4);
    const Design before = design(plan, library());
    const Finding* f = test::findingOf(before, "B4");
    ASSERT_NE(f, nullptr);
    ASSERT_FALSE(f->mends.empty());
    EXPECT_EQ(test::findingOf(design(apply(plan, f->mends.front()), library()), "B4"), nullptr);
}

TEST(BankWays, LinksHaveAFuseAtEitherEndUnlessThePersonSaysNot) {
    Plan plan = joinedBy("diagonal", 2);
    const Design fused = design(plan, library());
    const CableRow& link = *findRow(fused.cables, ConductorId("bank.2.link+"));
    EXPECT_TRUE(link.fuseFrom.has_value());
    EXPECT_TRUE(link.fuseTo.has_value());
    EXPECT_EQ(test::findingOf(fused, "W3"), nullptr);
    bankOf(plan.gear).options["fuses"] = "none";
    const Design bare = design(plan, library());
    EXPECT_TRUE(findRow(bare.cables, ConductorId("bank.2.link+"))->fuseFrom->leftOut);
    const Finding* f = test::findingOf(bare, "W3");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(apply(plan, f->mends.front()).gear.banks.front().options.at("fuses"), "each");
}

// Common practice: a bank is joined with one cable; a thin lead among thick ones takes less than
// its part, and the battery beside it more.
TEST(BankWays, WhatJoinsABankIsOfOneCable) {
    for (const char* way : {"equal_leads", "at_one_battery", "diagonal"}) {
        const Design d = design(joinedBy(way, 3), library());
        std::set<SquareMetres> sizes;
        for (const Conductor& c : d.wiring.circuit.conductors) {
            if (c.unit == UnitId("bank")) {
                sizes.insert(findRow(d.cables, c.id)->area);
            }
        }
        EXPECT_EQ(sizes.size(), 1U) << way;
    }
}

// The first battery's lead carries what all of them give: only its own part counts against it.
TEST(BankWays, ABatteryIsJudgedByWhatItGivesItself) {
    Plan plan = joinedBy("diagonal", 2);
    bankOf(plan.gear).options["fuses"] = "none";
    const Design d = design(plan, library());
    const double both = findRow(d.cables, ConductorId("main.feed+"))->load.si();
    const double one = std::get<Measure>(d.why.find(FigureId("bank.discharge"))->result).si;
    EXPECT_NEAR(one, both / 2.0, 0.5);
}

}  // namespace
}  // namespace spirk
