// SPDX-License-Identifier: GPL-3.0-or-later
// Which fuse is chosen where, and what protects what.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/cables/cables.h"
#include "core/cables/fuse_curve.h"
#include "core/design/design.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;
using test::rowOf;

TEST(FuseChoice, AtABatterysStudSitsACube) {
    const Design d = design(test::aSmallVan(), library());
    const ChosenFuse& f = *rowOf(d, "main.feed+").fuseFrom;
    EXPECT_EQ(f.family, "cube");
    EXPECT_EQ(f.distance, metres(0));
    // A cube interrupts 10 kA at 14 V; the strongest of three batteries feed more into one of them.
    const Design strong = design(test::aFullVan(), library());
    const ChosenFuse& at = *rowOf(strong, "bank.1.lead+").fuseFrom;
    EXPECT_GT(at.strongest, amps(10000));
    EXPECT_EQ(at.family, "class_t");
}

TEST(FuseChoice, CircuitsHaveBladesInTheirBlock) {
    const Design d = design(test::aFullVan(), library());
    const ChosenFuse& f = *rowOf(d, "circuit.kitchen.feed+").fuseFrom;
    EXPECT_EQ(f.family, "blade");
    EXPECT_EQ(f.holds, Holds::Block);
    // 45 W at 12.0 V are 3.75 A; 1.25 times: 4.69; the next blade is 5 A.
    EXPECT_EQ(f.rating, amps(5));
}

TEST(FuseChoice, TheEnableLeadHasTheSmallestThatShopsKeep) {
    EXPECT_EQ(rowOf(design(test::aFullVan(), library()), "dcdc.enable").fuseFrom->rating, amps(3));
}

TEST(FuseChoice, RoundingOfASolvedCurrentIsNoReasonForTheNextRating) {
    // 40 A of charging, solved to 40.00000000001 A: 1.25 times it once became a 60 A fuse.
    const Design d = design(test::theDemo(), library());
    EXPECT_EQ(rowOf(d, "dcdc.feed+").fuseFrom->rating, amps(50));
    const FuseFamily& cube = familyOf(library(), "cube");
    EXPECT_EQ(ratingFor(cube, amps(50.00000001)), amps(50));
    EXPECT_EQ(ratingFor(cube, amps(50.01)), amps(60));
}

// A rating above the first that carries the load has a reason, and only such a one: a small van has
// none.
TEST(FuseChoice, OnlyARatingAboveTheFirstIsCalledLarger) {
    const Design d = design(test::aMeasuredVan(), library());
    int asked = 0;
    for (const auto& [id, why] : d.why.all()) {
        if (id.value.find(".fuse") != std::string::npos) {
            EXPECT_EQ(english(why.note).find("One rating larger"), std::string::npos) << id.value;
            ++asked;
        }
    }
    EXPECT_GT(asked, 3);
}

TEST(FuseChoice, AHolderStandsWithinWhatIsAllowed) {
    const Design d = design(test::theDemo(), library());
    for (const CableRow& r : d.cables.rows) {
        if (r.fuseFrom) {
            EXPECT_LE(r.fuseFrom->distance.si(), rule(library(), "fuse_distance_m").value)
                << r.id.value;
        }
    }
}

TEST(FuseChoice, ASmallBankNeedsNoCostlyFuseInItsBranches) {
    Plan plan = test::aSmallVan();
    plan.appliances.push_back(test::aLoad("heater", watts(120), Category::Climate));
    const Design d = design(plan, library());
    const ChosenFuse& f = *rowOf(d, "fuseblock.feed+").fuseFrom;
    EXPECT_LE(f.prospective, amps(2000));
    EXPECT_TRUE(f.family == "sf30" || f.family == "sf51") << f.family;
}

TEST(FuseChoice, AnAmendedFamilyIsTakenAndTheComputedOneKept) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "class_t", amps(225)}};
    const ChosenFuse f = *rowOf(design(plan, library()), "inverter.feed+").fuseFrom;
    EXPECT_EQ(f.family, "class_t");
    EXPECT_TRUE(f.amended);
    EXPECT_EQ(f.computedFamily, "cube");
    EXPECT_EQ(f.computedRating, amps(200));
}

TEST(FuseChoice, AnUnknownFamilyLeavesTheComputedOne) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "nail", amps(200)}};
    EXPECT_EQ(rowOf(design(plan, library()), "inverter.feed+").fuseFrom->family, "cube");
}

TEST(Backup, AnUpstreamFuseInterruptsForABladeWhereTheShortIsHeavy) {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "lfp_280", 4);
    plan.amendments = {SetHardware{DeviceId("main.switch"), "switch_350"},
                       SetLength{ConductorId("main.link+"), metres(0.1)},
                       SetLength{ConductorId("main.link-"), metres(0.1)},
                       SetLength{ConductorId("fuseblock.feed+"), metres(0.1)},
                       SetLength{ConductorId("fuseblock.feed-"), metres(0.1)},
                       SetSize{ConductorId("fuseblock.feed+"), squareMillimetres(25)},
                       SetSize{ConductorId("fuseblock.feed-"), squareMillimetres(25)},
                       SetSize{ConductorId("circuit.big0.feed+"), squareMillimetres(4)},
                       SetSize{ConductorId("circuit.big1.feed+"), squareMillimetres(1)}};
    for (int i = 0; i < 3; ++i) {
        plan.appliances.push_back(
            test::aLoad("big" + std::to_string(i), watts(100), Category::Work));
    }
    const Design d = design(plan, library());
    const ChosenFuse& f = *rowOf(d, "circuit.big0.feed+").fuseFrom;
    ASSERT_GT(f.prospective, amps(1000));
    EXPECT_EQ(f.backup, ConductorId("fuseblock.feed+"));
    EXPECT_TRUE(std::ranges::none_of(d.checks.findings, [](const Finding& finding) {
        return finding.id == "W5 circuit.big0.feed+";
    }));
    EXPECT_EQ(rowOf(d, "circuit.big2.feed+").decides, Decides::Backup);
    // 1 mm2 does not bear what the feed's fuse lets through: there the blade stands alone, and it
    // is said.
    EXPECT_FALSE(rowOf(d, "circuit.big1.feed+").fuseFrom->backup.has_value());
    EXPECT_TRUE(std::ranges::any_of(d.checks.findings, [](const Finding& finding) {
        return finding.id == "W5 circuit.big1.feed+";
    }));
}

// Of four batteries in a row the last link carries a quarter, the first three quarters: with unlike
// fuses, whose resistances differ, they would share still less evenly.
TEST(FuseChoice, LinksOfABankHaveOneRating) {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "lfp_100", 4);
    plan.gear.banks.front().way = WayId("at_one_battery");
    plan.habitsOff = {"one_fewer", "battery_half"};
    const Design d = design(plan, library());
    const Amps first = rowOf(d, "bank.2.link+").fuseFrom->rating;
    EXPECT_EQ(rowOf(d, "bank.3.link+").fuseFrom->rating, first);
    EXPECT_EQ(rowOf(d, "bank.4.link+").fuseFrom->rating, first);
    EXPECT_GE(first, rowOf(d, "bank.2.link+").load);
}

TEST(Protection, NegativesAndTailsLeanOnTheFuseOfTheirCircuit) {
    Plan plan = test::aFullVan();
    plan.appliances.push_back(test::aLoad("spot", watts(5), Category::Lighting));
    const Design d = design(plan, library());
    EXPECT_EQ(rowOf(d, "load.spot.tail+").protectedBy, ConductorId("circuit.lighting.feed+"));
    EXPECT_EQ(rowOf(d, "circuit.lighting.feed-").protectedBy,
              ConductorId("circuit.lighting.feed+"));
    EXPECT_EQ(rowOf(d, "load.spot.tail+").protection,
              rowOf(d, "circuit.lighting.feed+").fuseFrom->rating);
}

TEST(Protection, AFuseLeftOutProtectsNothing) {
    Plan plan = test::aFullVan();
    plan.amendments = {LeaveOutProtection{ConductorId("inverter.feed+"), End::From}};
    const Design d = design(plan, library());
    EXPECT_FALSE(rowOf(d, "inverter.feed+").protection.has_value());
    EXPECT_FALSE(rowOf(d, "inverter.feed-").protection.has_value());
}

// k of the standard's table for 105 degC insulation, 134.8 (IEC 60364-4-43 and its formula).
TEST(Bond, BearsWhatItCarriesAndTheShortOfTheLargestFuse) {
    const Design d = design(test::aFullVan(), library());
    const CableRow& bond = rowOf(d, "bond");
    EXPECT_GE(bond.area, squareMillimetres(6));
    // The return of the engine charger, which has no negative lead of its own, flows through it.
    EXPECT_GT(bond.load, amps(30));
    EXPECT_GE(bond.ampacity, bond.load * 1.25);
    ASSERT_TRUE(bond.letThrough.has_value());
    EXPECT_LE(*bond.letThrough, std::pow(134.8 * inMm2(bond.area), 2));
    EXPECT_EQ(bond.letThroughBy, ConductorId("inverter.feed+"));
}

TEST(Returns, BearTheFuseOfEverySourceThatCanReturnThroughThem) {
    Plan plan = test::aFullVan();
    // Before the charger stands more than behind it: its one negative returns both.
    plan.amendments = {SetFuse{ConductorId("dcdc.feed+"), End::From, "", amps(40)}};
    const Design d = design(plan, library());
    const CableRow& back = rowOf(d, "dcdc.feed-");
    EXPECT_GT(rowOf(d, "engine.feed+").fuseFrom->rating, rowOf(d, "dcdc.feed+").fuseFrom->rating);
    EXPECT_GE(back.ampacity, rowOf(d, "engine.feed+").fuseFrom->rating);
    EXPECT_EQ(back.neededBy, ConductorId("engine.feed+"));
    EXPECT_EQ(test::findingOf(d, "W1"), nullptr);
    // As thin as the charger's own side alone would allow.
    plan.amendments.emplace_back(SetSize{ConductorId("dcdc.feed-"), squareMillimetres(4)});
    const Design thin = design(plan, library());
    const Finding* f = test::findingOf(thin, "W1");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->id, "W1 dcdc.feed-");
}

TEST(Array, ItsLeadsCarryTheShortCircuitCurrentOfItsPanels) {
    const Design d = design(test::aFullVan(), library());
    // Two strings of 9.4 A; IEC practice: 1.25 times.
    EXPECT_NEAR(rowOf(d, "array.lead+").faultFar.si(), 18.8, 1e-9);
    EXPECT_GE(rowOf(d, "array.lead+").ampacity, amps(18.8 * 1.25));
}

// What a path says and what the network loses between its ends are one figure (Kirchhoff).
TEST(Drops, AreWhatTheNetworkLosesBetweenTheirEnds) {
    Plan everythingOn = test::theDemo();
    everythingOn.habitsOff = {"timetable_share"};
    const Design d = design(everythingOn, library());
    const Circuit& circuit = d.wiring.circuit;
    ASSERT_EQ(d.cables.drops.size(), circuit.paths.size());
    for (std::size_t p = 0; p < circuit.paths.size(); ++p) {
        const DropPath& path = circuit.paths[p];
        const auto moment = std::ranges::find(d.wiring.sizing, path.moment, &Moment::id);
        const bool charging = moment->driving || moment->onShore || moment->sun > 0.0;
        const MomentSolution solved = solveMoment(
            {&circuit, d.cables.ohms, charging ? Strength::Strong : Strength::Weak}, *moment);
        const Volts near = *solved.between(circuit, path.source.pos, path.source.neg);
        const Volts far = *solved.between(circuit, path.far.pos, path.far.neg);
        EXPECT_NEAR(d.cables.drops[p].drop.si(), std::fabs((near - far).si()), 2e-4) << path.id;
        EXPECT_GT(d.cables.drops[p].drop.si(), 0.0) << path.id;
    }
}

TEST(Fittings, FollowStudAndSize) {
    const Design d = design(test::aFullVan(), library());
    EXPECT_EQ(rowOf(d, "main.feed+").to.stud, "M8");  // a switch of 200 A, for 155 A
    EXPECT_EQ(rowOf(d, "array.lead+").from.stud, "crimp");
    EXPECT_EQ(rowOf(d, "circuit.kitchen.feed+").from.stud, "blade");
}

}  // namespace
}  // namespace spirk
