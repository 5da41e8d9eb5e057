// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/system/system.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/design.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

bool tells(const System& system, const std::string& id) {
    return std::ranges::find(system.findings, id, &Finding::id) != system.findings.end();
}

TEST(System, SaysWhoFeedsWhom) {
    const System s = systemOf(test::aFullVan(), library());
    EXPECT_EQ(s.mainRail().bank, s.bank().id);
    ASSERT_NE(s.sun(), nullptr);
    EXPECT_EQ(s.sun()->into, s.mainRail().id);
    EXPECT_EQ(s.inverters.front().from, s.mainRail().id);
    EXPECT_EQ(s.sun()->path, "gear.sources.mppt");
    EXPECT_TRUE(s.findings.empty());
}

TEST(System, WhatHangsOnNothingIsToldAndLeftOut) {
    Plan plan = test::aFullVan();
    plan.gear.sources.front().into = UnitId("attic");
    const System s = systemOf(plan, library());
    EXPECT_EQ(s.sun(), nullptr);
    EXPECT_TRUE(tells(s, "T4 gear.sources.mppt"));
    EXPECT_NE(s.engine(), nullptr);
}

TEST(System, NothingChargesOrInvertsOnAConvertersRail) {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "lfp_24_100", 3);
    putConverter(plan.gear, "converter_20");
    for (SourceChoice& source : plan.gear.sources) {
        source.into = UnitId(kConverterRail);
    }
    plan.gear.inverters.front().from = UnitId(kConverterRail);
    const Design d = design(plan, library());
    EXPECT_EQ(d.gear.sun(), nullptr);
    EXPECT_EQ(d.gear.engine(), nullptr);
    EXPECT_EQ(d.gear.inverter(), nullptr);
    EXPECT_TRUE(tells(d.gear, "T4 gear.sources.mppt"));
    EXPECT_TRUE(tells(d.gear, "T4 gear.inverters.inverter"));
}

TEST(System, HasAsManyUnitsOfAKindAsThePlan) {
    Plan plan = test::aFullVan();
    SourceChoice second = plan.gear.sources.front();
    second.id = UnitId("awning");
    plan.gear.sources.push_back(second);
    const System s = systemOf(plan, library());
    EXPECT_EQ(s.suns.size(), 2u);
    EXPECT_TRUE(s.findings.empty());
}

TEST(System, AnUnknownWayIsToldAndTheUsualOneTaken) {
    Plan plan = test::aFullVan();
    plan.gear.sources.front().way = WayId("through_the_window");
    plan.gear.sources.front().options["colour"] = "black";
    const System s = systemOf(plan, library());
    EXPECT_TRUE(tells(s, "GEAR gear.sources.mppt.way"));
    EXPECT_TRUE(tells(s, "GEAR gear.sources.mppt.options.colour"));
    ASSERT_NE(s.sun(), nullptr);
    EXPECT_EQ(s.sun()->way, WayId("behind_switch"));
}

// Growth sizes cables and takes nothing from the bank.
TEST(Growth, SizesItsCircuitAndDrawsNothingYet) {
    Plan now = test::aSmallVan();
    now.appliances.push_back(test::aLoad("winch", watts(120), Category::Work));
    Plan later = now;
    later.appliances.back().planned = Planned::Growth;
    const Plan without = test::aSmallVan();
    const Design d = design(later, library());
    EXPECT_EQ(d.supply.demand, design(without, library()).supply.demand);
    EXPECT_GT(design(now, library()).supply.demand, d.supply.demand);
    EXPECT_NE(findConductor(d.wiring.circuit, ConductorId("circuit.winch.feed+")), nullptr);
}

TEST(GivenCircuits, JoinTheirLoadsWhateverTheirKind) {
    Plan plan = test::aSmallVan();
    plan.gear.circuits = {
        {UnitId("rear"), UnitId(kMainRail), {ApplianceId("fridge"), ApplianceId("lamp")}}};
    const Design d = design(plan, library());
    EXPECT_NE(findConductor(d.wiring.circuit, ConductorId("circuit.given.rear.feed+")), nullptr);
    EXPECT_NE(findConductor(d.wiring.circuit, ConductorId("load.lamp.tail+")), nullptr);
    EXPECT_EQ(findConductor(d.wiring.circuit, ConductorId("circuit.lighting.feed+")), nullptr);
}

// A load that takes 12 V only and is put on the 24 V bank's rail stays there, and is judged.
TEST(GivenCircuits, MayHangALoadWhereItDoesNotBelong) {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "lfp_24_100", 1);
    putConverter(plan.gear, "converter_20");
    plan.appliances.front().supplied = Supplied::Twelve;
    plan.gear.circuits = {{UnitId("rear"),
                           UnitId(kMainRail),
                           {ApplianceId("fridge"), ApplianceId("lamp"), ApplianceId("nobody")}}};
    const Design d = design(plan, library());
    EXPECT_NE(test::findingOf(d, "V2"), nullptr);
    EXPECT_TRUE(tells(d.gear, "T4 gear.circuits.rear.nobody"));
    EXPECT_NE(findConductor(d.wiring.circuit, ConductorId("circuit.given.rear.feed+")), nullptr);
}

}  // namespace
}  // namespace spirk
