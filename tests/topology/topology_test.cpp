// SPDX-License-Identifier: GPL-3.0-or-later
// One mistake at a time in a van that is sound: it is found in plain words, nothing else becomes a
// danger, and no conductor gets another size for a current that should not flow. What each mistake
// does follows from Kirchhoff's laws (own arithmetic); that it is one is common practice.
#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"
#include "tests/topology/mistakes.h"

namespace spirk::test {
namespace {

const Finding* byId(const Design& d, const std::string& id) {
    const auto found = std::ranges::find(d.checks.findings, id, &Finding::id);
    return found == d.checks.findings.end() ? nullptr : &*found;
}

std::set<std::string> dangers(const Design& d) {
    std::set<std::string> out;
    for (const Finding& f : d.checks.findings) {
        if (f.severity == Severity::Danger) {
            out.insert(f.id);
        }
    }
    return out;
}

class Mistakes : public ::testing::TestWithParam<Mistake> {};

TEST_P(Mistakes, IsFoundAndChangesNoSize) {
    const Mistake& mistake = GetParam();
    const Design sound = design(aFullVan(), library());
    Plan plan = aFullVan();
    plan.amendments = mistake.moves;
    const Design d = design(plan, library());

    const Finding* f = byId(d, mistake.id);
    ASSERT_NE(f, nullptr) << mistake.name;
    EXPECT_EQ(f->severity, mistake.severity) << mistake.name;
    EXPECT_EQ(byId(sound, mistake.id), nullptr);
    std::set<std::string> expected = dangers(sound);
    if (mistake.severity == Severity::Danger) {
        expected.insert(mistake.id);
    }
    EXPECT_EQ(dangers(d), expected) << mistake.name;
    for (std::size_t i = 0; i < d.cables.rows.size(); ++i) {
        EXPECT_EQ(d.cables.rows[i].area, sound.cables.rows[i].area)
            << mistake.name << ": " << d.cables.rows[i].id.value;
    }
    // And every device is made of what it would be made of.
    for (std::size_t i = 0; i < d.wiring.circuit.devices.size(); ++i) {
        const Device& now = d.wiring.circuit.devices[i];
        const Device& meant = sound.wiring.circuit.devices[i];
        EXPECT_EQ(now.made ? now.made->model : "", meant.made ? meant.made->model : "")
            << mistake.name << ": " << now.id.value;
        EXPECT_EQ(english(now.part), english(meant.part)) << mistake.name << ": " << now.id.value;
    }
}

INSTANTIATE_TEST_SUITE_P(Topology, Mistakes, ::testing::ValuesIn(mistakes()));

TEST(Topology, MovingBackEndsEachMistake) {
    for (const Mistake& mistake : mistakes()) {
        Plan plan = aFullVan();
        plan.amendments = mistake.moves;
        Design d = design(plan, library());
        // As a person does: one fix after the other, until none is offered.
        for (int i = 0; i < 4 && byId(d, mistake.id) != nullptr; ++i) {
            const Finding& f = *byId(d, mistake.id);
            if (f.mends.empty()) {
                break;
            }
            d = design(apply(d.plan, f.mends.front()), library());
        }
        EXPECT_EQ(byId(d, mistake.id), nullptr) << mistake.name;
    }
}

// A mistake is said once: what follows from it is not said as faults of their own, with remedies
// that would cure nothing. What is true beside it is: lugs where there is no stud.
TEST(Topology, AMistakeBringsNoFaultsThatFollowFromIt) {
    const std::set<std::string> trueBeside{"W13"};
    std::set<std::string> before;
    for (const Finding& f : design(aFullVan(), library()).checks.findings) {
        before.insert(f.id);
    }
    for (const Mistake& mistake : mistakes()) {
        Plan plan = aFullVan();
        plan.amendments = mistake.moves;
        for (const Finding& f : design(plan, library()).checks.findings) {
            const bool known = before.contains(f.id) || f.id == mistake.id ||
                               f.severity == Severity::Advice || trueBeside.contains(f.rule);
            EXPECT_TRUE(known) << mistake.name << ": " << f.id << " " << english(f.what);
        }
    }
}

// What one moved lead leaves without supply is named, not the first load alone.
TEST(Topology, ABlockWithoutSupplyNamesWhatHangsOnIt) {
    Plan plan = aFullVan();
    plan.appliances.push_back(aLoad("radio", watts(20), Category::Electronics));
    plan.amendments = {moved("fuseblock.feed+", End::From, "bus.neg", "bar")};
    const Design d = design(plan, library());
    const Finding* f = findingOf(d, "T4");
    ASSERT_NE(f, nullptr);
    for (const char* load : {"fridge", "lamp", "radio"}) {
        EXPECT_NE(english(f->what).find(load), std::string::npos) << english(f->what);
    }
}

// Swapping a shunt's leads cures nothing where one of them passes it by.
TEST(Topology, AShuntThatIsPassedByIsNotReversed) {
    Plan plan = aFullVan();
    plan.amendments = {moved("main.feed-", End::To, "bus.neg", "bar")};
    const Design d = design(plan, library());
    EXPECT_EQ(findingOf(d, "G6"), nullptr);
    ASSERT_NE(findingOf(d, "G3"), nullptr);
    EXPECT_EQ(findingOf(d, "G3")->id, "G3 main.feed-");
}

// The vehicle's body is its minus: plus there is a short circuit that waits for a second touch.
TEST(Topology, ABondOnPlusIsADanger) {
    Plan plan = aFullVan();
    plan.amendments = {moved("bond", End::From, "mppt", "bat+")};
    const Design d = design(plan, library());
    ASSERT_NE(findingOf(d, "G1"), nullptr);
    EXPECT_EQ(findingOf(d, "G1")->severity, Severity::Danger);
    EXPECT_EQ(findingOf(d, "W7"), nullptr);
    plan.amendments = {moved("bond", End::From, "mppt", "bat-")};
    EXPECT_EQ(findingOf(design(plan, library()), "G1")->severity, Severity::Fault);
}

// A display without its supply shows nothing, whichever end of the lead went astray.
TEST(Topology, AShuntWhoseSupplyIsAstrayIsNotSupplied) {
    for (const MoveEnd& move : {moved("shunt.supply", End::To, "mppt", "pv-"),
                                moved("shunt.supply", End::From, "inverter", "dc-")}) {
        Plan plan = aFullVan();
        plan.amendments = {move};
        EXPECT_NE(byId(design(plan, library()), "T4 shunt"), nullptr) << move.terminal.device.value;
    }
    Plan plan = aFullVan();
    plan.amendments = {moved("shunt.supply", End::From, "mppt", "bat+")};
    EXPECT_EQ(byId(design(plan, library()), "T4 shunt"), nullptr);
}

// What is to tell the charger that the engine runs ends at the panels' input: it never starts.
TEST(Topology, AnEnableLeadThatEndsElsewhereIsMissed) {
    Plan plan = aFullVan();
    EXPECT_EQ(findingOf(design(plan, library()), "E4"), nullptr);
    plan.amendments = {moved("dcdc.enable", End::To, "mppt", "pv+")};
    const Design d = design(plan, library());
    const Finding* f = findingOf(d, "E4");
    ASSERT_NE(f, nullptr);
    ASSERT_EQ(f->mends.size(), 1U);
    EXPECT_EQ(findingOf(design(apply(plan, f->mends.front()), library()), "E4"), nullptr);
}

// Two mistakes: moving back what was moved at one device leaves the other as it is.
TEST(Topology, MovingBackIsForTheDeviceAlone) {
    Plan plan = aFullVan();
    for (const Mistake& mistake : mistakes()) {
        if (mistake.id == std::string("T3 dcdc") || mistake.id == std::string("G6 shunt")) {
            plan.amendments.insert(
                plan.amendments.end(), mistake.moves.begin(), mistake.moves.end());
        }
    }
    const Design d = design(plan, library());
    ASSERT_NE(byId(d, "G6 shunt"), nullptr);
    ASSERT_NE(byId(d, "T3 dcdc"), nullptr);
    ASSERT_FALSE(byId(d, "T3 dcdc")->mends.empty());
    const Design mended = design(apply(plan, byId(d, "T3 dcdc")->mends.front()), library());
    EXPECT_EQ(byId(mended, "T3 dcdc"), nullptr);
    EXPECT_NE(byId(mended, "G6 shunt"), nullptr);
}

TEST(Topology, ABankWithoutAnyWayToChargeItIsAFault) {
    Plan plan = aFullVan();
    plan.gear.sources.clear();
    const Design d = design(plan, library());
    const Finding* f = byId(d, "T4 bank");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->severity, Severity::Fault);
    EXPECT_EQ(byId(design(aFullVan(), library()), "T4 bank"), nullptr);
}

// A relay only closes a contact: what it lets through returns by the bond and the body.
TEST(Topology, ARelayWhoseCurrentCannotReturnIsSaid) {
    Plan plan = aFullVan();
    takeOutEngine(plan.gear);
    plan.gear.sources.push_back({{UnitId("combiner"), WayId("relay_from_starter"), {}},
                                 UnitId(kMainRail),
                                 RelayChoice{"relay_140"}});
    EXPECT_EQ(byId(design(plan, library()), "E7 combiner"), nullptr);
    plan.amendments = {moved("bond", End::To, "bus.neg", "bar")};
    const Design d = design(plan, library());
    const Finding* f = byId(d, "E7 combiner");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->severity, Severity::Fault);
    ASSERT_FALSE(f->mends.empty());
}

// Both on one post is a mistake of its own; reversed is only what lies crosswise.
TEST(Topology, OneLeadOnTheOtherPoleIsNoReversal) {
    const std::vector<std::pair<MoveEnd, const char*>> single = {
        {moved("inverter.feed+", End::To, "inverter", "dc-"), "T2 inverter"},
        {moved("inverter.feed-", End::From, "inverter", "dc+"), "T2 inverter"},
        {moved("circuit.kitchen.feed+", End::To, "load.fridge", "-"), "T2 load.fridge"},
        {moved("circuit.kitchen.feed-", End::From, "load.fridge", "+"), "T2 load.fridge"},
        {moved("bank.2.lead+", End::From, "bank.2", "-"), "T2 bank.2"}};
    for (const auto& [move, reversed] : single) {
        SCOPED_TRACE(move.conductor.value);
        const Design d = design(amended(aFullVan(), move), library());
        EXPECT_FALSE(d.topology.findings.empty());
        EXPECT_EQ(byId(d, reversed), nullptr);
    }
}

// Near misses: moved, and sound all the same.
TEST(Topology, AMoveThatIsSoundSaysNothing) {
    const std::vector<std::vector<Amendment>> sound = {
        {moved("mppt.feed+", End::From, "bank.pos", "bar")},
        {moved("dcdc.feed+", End::From, "main.switch", "b")},
        {moved("inverter.feed+", End::From, "main.switch", "b")},
        {moved("inverter.feed-", End::To, "shunt", "b")},
    };
    for (const auto& moves : sound) {
        Plan plan = aFullVan();
        plan.amendments = moves;
        const Design d = design(plan, library());
        EXPECT_TRUE(d.topology.findings.empty()) << d.topology.findings.front().id;
        EXPECT_FALSE(d.topology.sound);
    }
}

}  // namespace
}  // namespace spirk::test
