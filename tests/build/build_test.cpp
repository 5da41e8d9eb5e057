// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/build.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "core/design/design.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

const Part* partOf(const Build& b, const std::string& name) {
    const auto found =
        std::ranges::find_if(b.parts, [&](const Part& p) { return english(p.name) == name; });
    return found == b.parts.end() ? nullptr : &*found;
}

TEST(Parts, BatteriesPanelsAndFusesAreCounted) {
    const Design d = design(test::aFullVan(), library());
    EXPECT_EQ(partOf(d.build, "lithium battery, 150 Ah")->quantity.si, 3.0);
    EXPECT_EQ(partOf(d.build, "rigid panel, 180 W")->quantity.si, 4.0);
    // Both bars, and what collects three batteries, the main feed and the shunt's supply.
    EXPECT_EQ(partOf(d.build, "bus bar, 250 A, 8 studs M8")->quantity.si, 3.0);
    double fuses = 0.0;
    std::size_t slots = 0;
    for (const Part& p : d.build.parts) {
        fuses += p.group == PartGroup::Fuses && !english(p.name).starts_with("holder")
                     ? p.quantity.si
                     : 0.0;
    }
    for (const Conductor& c : d.wiring.circuit.conductors) {
        slots += protectionAt(d.wiring.circuit, c, End::From) != nullptr ? 1U : 0U;
    }
    EXPECT_EQ(fuses, static_cast<double>(slots));
}

TEST(Parts, TheVehiclesOwnAndTheAppliancesAreNotBought) {
    const Design d = design(test::aFullVan(), library());
    for (const char* name : {"starter battery, 80 Ah", "alternator", "chassis point", "fridge"}) {
        EXPECT_EQ(partOf(d.build, name), nullptr) << name;
    }
}

TEST(Parts, AFuseLeftOutIsNotBought) {
    Plan plan = test::aFullVan();
    const Design with = design(plan, library());
    plan.amendments = {LeaveOutProtection{ConductorId("inverter.feed+"), End::From}};
    const Design without = design(plan, library());
    const auto count = [](const Design& d) {
        double n = 0.0;
        for (const Part& p : d.build.parts) {
            n += p.group == PartGroup::Fuses ? p.quantity.si : 0.0;
        }
        return n;
    };
    EXPECT_LT(count(without), count(with));
}

TEST(Cuts, MetresOfCableAreThoseOfTheConductors) {
    const Design d = design(test::theDemo(), library());
    double cut = 0.0;
    double bought = 0.0;
    double routed = 0.0;
    for (const CutPiece& c : d.build.cuts) {
        cut += c.length.si();
        EXPECT_GT(c.length, metres(0.05)) << c.piece;
        EXPECT_FALSE(c.fromLug.empty());
        EXPECT_FALSE(c.toLug.empty());
    }
    for (const Part& p : d.build.parts) {
        bought += p.group == PartGroup::Cable ? p.quantity.si : 0.0;
    }
    for (std::size_t i = 0; i < d.lengths.routes.size(); ++i) {
        routed += isOurs(d.wiring.circuit.conductors[i]) ? d.lengths.routes[i].length.si() : 0.0;
    }
    EXPECT_NEAR(bought, cut, 1e-9);
    EXPECT_NEAR(cut, routed, 1e-9);
}

TEST(Cuts, AFuseInAHolderOfItsOwnMakesTwoPieces) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "class_t", amps(200)}};
    const Design d = design(plan, library());
    std::vector<std::string> pieces;
    for (const CutPiece& c : d.build.cuts) {
        if (c.conductor == ConductorId("inverter.feed+")) {
            pieces.push_back(c.piece);
        }
    }
    ASSERT_EQ(pieces.size(), 2u);
    EXPECT_EQ(pieces[0].back(), 'a');
    EXPECT_EQ(pieces[1].back(), 'b');
    EXPECT_NE(partOf(d.build, "holder for class T fuse"), nullptr);
}

TEST(Numbers, GivenOnceStayThoughLoadsComeAndGo) {
    Plan plan = test::aFullVan();
    plan = numbered(plan, numberedConductors(design(plan, library()).wiring.circuit));
    const auto before = plan.numbers;
    plan.appliances.insert(plan.appliances.begin(),
                           test::aLoad("heater", watts(120), Category::Climate));
    const Build b = design(plan, library()).build;
    std::set<int> used;
    for (const auto& [id, number] : b.numbers) {
        EXPECT_TRUE(used.insert(number).second) << number;
    }
    for (const auto& [id, number] : before) {
        EXPECT_EQ(b.numbers.at(id), number) << id.value;
    }
}

// Both ends of it: at the bars, and what comes from the starter battery.
TEST(Parts, WhatComesInTheBoxIsNeitherBoughtNorCut) {
    Plan plan = test::aFullVan();
    DcdcModel own = *findById(library().dcdcs, engineOf(plan.gear)->charger);
    own.id = "own_charger";
    own.boxedFuses = true;
    own.boxedLeads = true;
    plan.own.dcdcs = {own};
    const Build bought = design(plan, library()).build;
    engineOf(plan.gear)->charger = own.id;
    const Build boxed = design(plan, library()).build;
    const auto isCut = [](const Build& b, const char* id) {
        return std::ranges::find(b.cuts, ConductorId(id), &CutPiece::conductor) != b.cuts.end();
    };
    const auto fuses = [](const Build& b) {
        double out = 0.0;
        for (const Part& p : b.parts) {
            const bool holder = english(p.name).starts_with("holder");
            out += p.group == PartGroup::Fuses && !holder ? p.quantity.si : 0.0;
        }
        return out;
    };
    for (const char* id : {"engine.feed+", "dcdc.feed+", "dcdc.feed-"}) {
        EXPECT_TRUE(isCut(bought, id)) << id;
        EXPECT_FALSE(isCut(boxed, id)) << id;
    }
    EXPECT_TRUE(isCut(boxed, "mppt.feed+"));
    // At both batteries, and in its enable lead.
    EXPECT_EQ(fuses(bought) - fuses(boxed), 3.0);
}

TEST(Parts, APostThatTakesNoLugGetsOneAdapter) {
    Plan plan = test::aFullVan();
    BatteryModel own = *findById(library().batteries, bankOf(plan.gear).model);
    own.id = "own_battery";
    own.connection.stud = "post";
    plan.own.batteries = {own};
    bankOf(plan.gear).model = own.id;
    const Design d = design(plan, library());
    const Part* adapters = partOf(d.build, "post clamp with a stud");
    ASSERT_NE(adapters, nullptr);
    EXPECT_EQ(adapters->quantity.si, 6.0);  // two posts of each of three batteries
}

TEST(Labels, SayNumberWhereToSizeAndFuse) {
    const Design d = design(test::aFullVan(), library());
    const auto label =
        std::ranges::find(d.build.labels, ConductorId("inverter.feed+"), &LabelText::conductor);
    EXPECT_NE(english(label->first).find("inverter"), std::string::npos);
    EXPECT_NE(english(label->second).find("positive bus bar → "), std::string::npos);
    EXPECT_NE(english(label->second).find("mm²"), std::string::npos);
    EXPECT_NE(english(label->second).find(" A"), std::string::npos);
    const auto way = std::ranges::find(
        d.build.labels, ConductorId("circuit.kitchen.feed+"), &LabelText::conductor);
    EXPECT_EQ(english(way->second).find("fuse block, way 1 → fridge (+), "), 0u)
        << english(way->second);
}

// Own arithmetic: two switches on one plate, one on another; the second of a two-way pair is at its
// own place.
// --- labels on devices: common practice, panels before the battery, and what a switch leaves on

const WarningLabel* warningOn(const Design& d, const char* device) {
    const auto at = std::ranges::find(d.build.warnings, DeviceId(device), &WarningLabel::device);
    return at == d.build.warnings.end() ? nullptr : &*at;
}

TEST(WarningLabels, SayThatThePanelsOpenFirst) {
    Plan plan = test::aFullVan();
    plan.amendments = {PutIn{ConductorId("mppt.feed+"), InLine::Isolator},
                       PutIn{ConductorId("inverter.feed+"), InLine::Isolator}};
    const Design d = design(plan, library());
    ASSERT_NE(warningOn(d, "array.isolator"), nullptr);
    EXPECT_EQ(english(warningOn(d, "array.isolator")->first), "Solar: open this FIRST");
    ASSERT_NE(warningOn(d, "mppt.feed+.isolator"), nullptr);
    EXPECT_EQ(english(warningOn(d, "mppt.feed+.isolator")->first),
              "Solar controller: open this SECOND");
    EXPECT_EQ(warningOn(d, "inverter.feed+.isolator"), nullptr);
}

TEST(WarningLabels, SayWhatTheMainSwitchLeavesOn) {
    Plan plan = test::aSmallVan();
    const Design d = design(plan, library());
    ASSERT_NE(warningOn(d, "main.switch"), nullptr);
    EXPECT_EQ(english(warningOn(d, "main.switch")->second), "supply lead of the shunt");
    plan.gear.rails.front().options["shunt_lead"] = "display";
    EXPECT_EQ(warningOn(design(plan, library()), "main.switch"), nullptr);
}

// Own arithmetic from the rule's 0.24 EUR for each mm² and metre: 25 mm² costs 6.00 EUR a metre.
TEST(Parts, CableIsPricedByItsCopper) {
    const Design d = design(test::aFullVan(), library());
    int seen = 0;
    for (const Part& p : d.build.parts) {
        if (p.group == PartGroup::Cable && english(p.name).find("25 mm²") == 0) {
            EXPECT_NEAR(p.price / p.quantity.si, 6.0, 1e-9) << english(p.name);
            ++seen;
        }
    }
    EXPECT_GE(seen, 1);
}

TEST(Numbers, OfStepsAreThoseOnTheLabels) {
    const Design d = design(test::aSmallVan(), library());
    const auto step = std::ranges::find(d.powerUp.switchOn, "on.fuseblock", &SwitchStep::id);
    ASSERT_NE(step, d.powerUp.switchOn.end());
    const int number = d.build.numbers.at(ConductorId("fuseblock.feed+"));
    EXPECT_NE(english(step->text).find("Conductor " + std::to_string(number) + "."),
              std::string::npos)
        << english(step->text);
}

TEST(Parts, SwitchesOnOnePlateNeedOneWithAsManyOpenings) {
    Plan plan = test::theDemo();
    const PlaceId door = plan.van.places[0].id, bed = plan.van.places[1].id;
    int n = 0;
    for (Appliance& a : plan.appliances) {
        if (a.feed == Feed::Dc && n < 3) {
            a.switched = LoadSwitch{n == 1 ? SwitchKind::TwoWay : SwitchKind::Switch,
                                    door,
                                    bed,
                                    n < 2 ? "door" : "desk"};
            ++n;
        }
    }
    ASSERT_EQ(n, 3);
    const Design d = design(plan, library());
    ASSERT_NE(partOf(d.build, "switch plate, 2 openings"), nullptr);
    ASSERT_NE(partOf(d.build, "switch plate, 1 opening"), nullptr);
    const int onPlate =
        static_cast<int>(std::ranges::count_if(d.wiring.circuit.devices, [](const Device& device) {
            return english(device.name).find("on plate") != std::string::npos;
        }));
    EXPECT_EQ(onPlate, 3);
}

}  // namespace
}  // namespace spirk
