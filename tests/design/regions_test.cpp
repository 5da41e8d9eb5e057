// SPDX-License-Identifier: GPL-3.0-or-later
// The same plan in each region: sizes, fuses, colours and standing come from tables, not branches.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/cables/conductor_physics.h"
#include "core/compare/side_by_side.h"
#include "core/plan/edit.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::americanLibrary;
using test::library;

Plan american(Plan plan) { return movedTo(std::move(plan), americanLibrary().region); }

TEST(Regions, SizesAreThoseSoldThere) {
    const Design d = design(american(test::aFullVan()), americanLibrary());
    for (const CableRow& row : d.cables.rows) {
        const auto sold =
            std::ranges::find(americanLibrary().conductors, row.area, &ConductorRow::area);
        EXPECT_NE(sold, americanLibrary().conductors.end()) << row.id.value;
    }
    EXPECT_TRUE(format(test::rowOf(d, "inverter.feed+").area).ends_with("AWG"));
}

// ABYC E-11: a 105 degC boat cable carries the fuse; own arithmetic for the ambient of 40 degC.
TEST(Regions, AFuseIsWithinTheAmpacityOfItsAmericanCable) {
    const Design d = design(american(test::aFullVan()), americanLibrary());
    for (const CableRow& row : d.cables.rows) {
        if (row.protection) {
            EXPECT_LE(*row.protection, row.ampacity) << row.id.value;
        }
    }
}

// NEC 690.8: 1.56 times 9.4 A for each of two strings of the panel chosen.
TEST(Regions, ArrayCablesFollowTheFactorOfTheRegion) {
    const Design there = design(american(test::aFullVan()), americanLibrary());
    EXPECT_GE(test::rowOf(there, "array.lead+").ampacity, amps(1.56 * 2 * 9.4));
    const Design here = design(test::aFullVan(), library());
    EXPECT_GE(test::rowOf(here, "array.lead+").ampacity, amps(1.25 * 2 * 9.4));
}

TEST(Regions, LugsAreNamedAsTheyAreSold) {
    const Design d = design(american(test::aFullVan()), americanLibrary());
    const auto inch = [](const Part& p) {
        return english(p.name).find("5/16 in") != std::string::npos;
    };
    EXPECT_TRUE(std::ranges::any_of(d.build.parts, inch));
    EXPECT_EQ(d.build.currency, "USD");
}

TEST(Regions, ASizeThatIsNotSoldThereIsSaidAndMended) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
    plan = american(plan);
    const Design d = design(plan, americanLibrary());
    const Finding* f = test::findingOf(d, "W26");
    ASSERT_NE(f, nullptr);
    // 70 mm2 is more than 2/0 (67.4 mm2) and less than 3/0 (85.0): no more than 2/0 is there (ASTM
    // B258).
    EXPECT_EQ(format(test::rowOf(d, "inverter.feed+").area), "2/0 AWG");
    ASSERT_EQ(f->mends.size(), 2u);
    for (const Mend& mend : f->mends) {
        EXPECT_EQ(test::findingOf(design(apply(plan, mend), americanLibrary()), "W26"), nullptr);
    }
}

// Blade fuses come in 10 and 15 A (ISO 8820-3), not in 12.
TEST(Amendments, ARatingThatIsNotMadeIsSaid) {
    Plan plan = test::aFullVan();
    const ConductorId lamp("circuit.lighting.feed+");
    plan.habitsOff = {"small_circuits", "few_sizes"};  // as thin as the rules allow
    plan.amendments = {SetFuse{lamp, End::From, "", amps(12)}};
    const Design d = design(plan, test::library());
    const Finding* f = test::findingOf(d, "W26");
    ASSERT_NE(f, nullptr);
    // No mend ends it by another that is worse: 15 A would be more than the lamps' tails bear.
    const int before = countBySeverity(d.checks.findings, {}).dangers;
    ASSERT_FALSE(f->mends.empty());
    for (const Mend& mend : f->mends) {
        const Design mended = design(apply(plan, mend), test::library());
        EXPECT_EQ(test::findingOf(mended, "W26"), nullptr) << english(mend.label);
        EXPECT_LE(countBySeverity(mended.checks.findings, {}).dangers, before);
        EXPECT_FALSE(english(mend.label).find("15 A") != std::string::npos);
    }
}

// The kitchen's 3.75 A ask for 4.69 (own arithmetic: 1.25 times): 4 A is made and too small, 5 A
// serves.
TEST(Amendments, ARatingBelowTheLoadIsNotOffered) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetFuse{ConductorId("circuit.kitchen.feed+"), End::From, "", amps(4.5)}};
    const Design d = design(plan, test::library());
    const Finding* f = test::findingOf(d, "W26");
    ASSERT_NE(f, nullptr);
    std::string offered;
    for (const Mend& mend : f->mends) {
        offered += english(mend.label) + "; ";
    }
    EXPECT_EQ(offered.find("Fit 4 A"), std::string::npos) << offered;
    EXPECT_NE(offered.find("Fit 5 A"), std::string::npos) << offered;
}

TEST(Amendments, OfTwoTheLaterCountsAndTheEarlierIsSaid) {
    Plan plan = test::aFullVan();
    const ConductorId feed("inverter.feed+");
    plan.amendments = {SetSize{feed, squareMillimetres(95)},
                       SetLength{feed, metres(1)},
                       SetSize{feed, squareMillimetres(70)},
                       SetLength{feed, metres(2)}};
    const Design d = design(plan, test::library());
    EXPECT_EQ(test::rowOf(d, "inverter.feed+").area, squareMillimetres(70));
    EXPECT_EQ(d.lengths.routes[d.wiring.circuit.index->conductors.at(feed)].length, metres(2));
    EXPECT_EQ(std::ranges::count(d.checks.findings, "AMEND", &Finding::rule), 2);
    // Either may be kept: 70 mm² first, 95 mm² second.
    const auto size = std::ranges::find_if(d.checks.findings, [](const Finding& f) {
        return f.rule == "AMEND" && english(f.what).find("95 mm²") != std::string::npos;
    });
    ASSERT_NE(size, d.checks.findings.end());
    ASSERT_EQ(size->mends.size(), 2u);
    for (const auto& [mend, area] : {std::pair(0u, 70.0), std::pair(1u, 95.0)}) {
        const Design kept = design(apply(plan, size->mends[mend]), test::library());
        EXPECT_EQ(std::ranges::count(kept.checks.findings, "AMEND", &Finding::rule), 1);
        EXPECT_EQ(test::rowOf(kept, "inverter.feed+").area, squareMillimetres(area));
    }
}

TEST(Regions, AGaugeSurvivesSavingExactly) {
    Plan plan = american(test::aFullVan());
    plan.amendments = {SetSize{ConductorId("inverter.feed+"), awgArea(-1)}};
    const PlanReading reading = readPlan(writePlan(plan), "test");
    ASSERT_TRUE(reading.plan.has_value());
    EXPECT_EQ(*reading.plan, plan);
}

TEST(Regions, AnUnknownRegionIsSaidAndReckonedWithTheFirst) {
    Plan plan = test::aSmallVan();
    plan.region = "atlantis";
    const Design d = design(plan, libraryFor(test::libraries(), plan.region));
    EXPECT_NE(test::findingOf(d, "GEAR"), nullptr);
}

TEST(SideBySide, GivesEachRegionsAnswerForEveryConductor) {
    const SideBySide both = sideBySide(test::theDemo(), test::libraries());
    ASSERT_EQ(both.regions.size(), 2u);
    EXPECT_GT(both.conductors.size(), 40u);
    for (const ConductorAnswers& c : both.conductors) {
        ASSERT_EQ(c.regions.size(), 2u) << c.id.value;
        EXPECT_TRUE(english(c.regions[0].size).ends_with("mm²")) << c.id.value;
        EXPECT_TRUE(english(c.regions[1].size).ends_with("AWG")) << c.id.value;
    }
}

TEST(Bundles, TiedConductorsCarryTheRegionsPart) {
    Plan plan = american(test::aFullVan());
    const Amps loose =
        test::rowOf(design(plan, americanLibrary()), "circuit.kitchen.feed+").ampacity;
    plan.amendments = {
        SetSize{ConductorId("circuit.kitchen.feed+"),
                test::rowOf(design(plan, americanLibrary()), "circuit.kitchen.feed+").area}};
    for (WireWay& way : plan.van.ways) {
        way.bundling = Bundling::Tied;
    }
    const Design d = design(plan, americanLibrary());
    const CableRow& row = test::rowOf(d, "circuit.kitchen.feed+");
    const auto index = static_cast<std::size_t>(&row - d.cables.rows.data());
    const int tied = d.lengths.routes[index].tied;
    ASSERT_GE(tied, 3);
    EXPECT_NEAR(row.ampacity / loose, bundleFactor(americanLibrary(), tied).factor, 1e-9);
}

TEST(Weight, IsTheSumOfThePartsAndRisesWithTheBank) {
    Plan plan = test::aSmallVan();
    const Design one = design(plan, library());
    double sum = 0.0;
    for (const Part& p : one.build.parts) {
        sum += p.weightKg;
    }
    EXPECT_NEAR(one.build.weightKg, sum, 1e-9);
    bankOf(plan.gear).count = 2;
    // One more battery of 12 kg and its leads, bars and fuses.
    const double more = design(plan, library()).build.weightKg - one.build.weightKg;
    EXPECT_GT(more, 12.0);
    EXPECT_LT(more, 16.0);
}

}  // namespace
}  // namespace spirk
