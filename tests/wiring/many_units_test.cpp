// SPDX-License-Identifier: GPL-3.0-or-later
// Several of a kind: each drawn, sized, checked, explained and switched on by itself.
#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <set>

#include "core/cables/figures.h"
#include "core/design/design.h"
#include "core/diagram/geometry.h"
#include "core/plan/edit.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

// Two arrays, two engine chargers, two inverters, and a lead bank for the winch beside the lithium.
Plan aCrowdedVan() {
    Plan plan = test::aFullVan();
    Gear& gear = plan.gear;
    gear.sources.push_back({{UnitId("awning"), WayId("before_switch"), {}},
                            UnitId(kMainRail),
                            SolarChoice{"panel_120", 1, 1, "mppt_75_15"}});
    gear.sources.push_back({{UnitId("second"), WayId("dcdc_from_starter"), {}},
                            UnitId(kMainRail),
                            EngineChoice{"dcdc_20"}});
    gear.inverters.push_back({{UnitId("little"), WayId("inverter_on_bars"), {}},
                              UnitId(kMainRail),
                              "inverter_500",
                              hours(3)});
    gear.banks.push_back({{UnitId("rear"), WayId("equal_leads"), {}}, "agm_110", 1, 1});
    gear.rails.push_back({{UnitId("aft"), WayId("switch_and_shunt"), {}},
                          FromBank{UnitId("rear")},
                          Distribution::Bars});
    gear.sources.push_back({{UnitId("topup"), WayId("dcdc_from_starter"), {}},
                            UnitId("aft"),
                            EngineChoice{"dcdc_20"}});
    plan.appliances.push_back(test::aLoad("winch", watts(200), Category::Work));
    gear.circuits.push_back({UnitId("hoist"), UnitId("aft"), {ApplianceId("winch")}});
    return plan;
}

TEST(ManyUnits, EachIsThereUnderItsOwnName) {
    const Design d = design(aCrowdedVan(), library());
    EXPECT_TRUE(d.gear.findings.empty());
    for (const char* id : {"array",
                           "mppt",
                           "awning.array",
                           "awning",
                           "awning.isolator",
                           "dcdc",
                           "second",
                           "topup",
                           "inverter",
                           "little",
                           "bank.1",
                           "rear.1",
                           "bus.pos",
                           "aft.bus.pos",
                           "main.switch",
                           "aft.switch",
                           "shunt",
                           "aft.shunt"}) {
        EXPECT_NE(findDevice(d.wiring.circuit, DeviceId(id)), nullptr) << id;
    }
    EXPECT_EQ(std::ranges::count(d.wiring.circuit.devices, DeviceKind::Alternator, &Device::kind),
              1);
}

// A bank's leads are as long as its own longest, whatever another bank's are.
TEST(ManyUnits, LeadsAreEqualWithinTheirBank) {
    Plan plan = aCrowdedVan();
    plan.gear.banks.back().count = 2;
    const auto lengthOf = [](const Design& d, const char* lead) {
        return std::get<Measure>(d.why.find(lengthFigure(ConductorId(lead)))->result).si;
    };
    const double before = lengthOf(design(plan, library()), "bank.1.lead+");
    plan.van.placed[DeviceId("rear.2")] = PlaceId("under_floor");
    const Design d = design(plan, library());
    EXPECT_EQ(lengthOf(d, "bank.1.lead+"), before);
    EXPECT_GT(lengthOf(d, "rear.2.lead+"), before);
    EXPECT_EQ(lengthOf(d, "rear.1.lead+"), lengthOf(d, "rear.2.lead+"));
}

TEST(ManyUnits, WhatChargesABankGoesIntoThatBank) {
    const Design d = design(aCrowdedVan(), library());
    const auto moment =
        std::ranges::find(d.moments, std::string("driving"), &MomentSolution::moment);
    ASSERT_NE(moment, d.moments.end());
    const auto intoBank = [&](const char* battery) {
        const std::size_t at = d.wiring.circuit.index->devices.at(DeviceId(battery));
        for (const Flow& flow : moment->flows) {
            if (flow.device == at) {
                return -flow.through.si();
            }
        }
        return 0.0;
    };
    EXPECT_NEAR(intoBank("rear.1"), 20.0, 0.5);        // 'topup' alone
    EXPECT_NEAR(3.0 * intoBank("bank.1"), 50.0, 0.5);  // 30 A and 20 A
}

TEST(ManyUnits, ALoadHangsOnTheBankThatItsCircuitSays) {
    const Design d = design(aCrowdedVan(), library());
    const Conductor* feed =
        findConductor(d.wiring.circuit, ConductorId("circuit.given.hoist.feed+"));
    ASSERT_NE(feed, nullptr);
    EXPECT_EQ(findDevice(d.wiring.circuit, feed->from.device)->id, DeviceId("aft.fuseblock"));
}

// Own arithmetic: at 13.3 V and 0.9, 30 A into 14.4 V draw 36 A; 20 A into 14.4 V draw 24 A each.
TEST(ManyUnits, AllThatHangsOnTheAlternatorIsSummed) {
    Plan plan = aCrowdedVan();
    plan.van.vehicle.alternator = amps(140);
    const Design d = design(plan, library());
    const Finding* road = nullptr;
    for (const Finding& f : d.checks.findings) {
        road = f.id == "E3 road" ? &f : road;
    }
    ASSERT_NE(road, nullptr);
    EXPECT_GT(std::get<Measure>(d.why.find(FigureId("engine.input"))->result).si, 80.0);
}

TEST(ManyUnits, EveryFigureOfEachIsExplained) {
    const Design d = design(aCrowdedVan(), library());
    for (const char* id : {"mppt.voc.cold",
                           "awning.voc.cold",
                           "bank.charge",
                           "rear.charge",
                           "supply.sun.chosen",
                           "supply.engine.chosen"}) {
        EXPECT_NE(d.why.find(FigureId(id)), nullptr) << id;
    }
    // 4 × 180 W and 120 W.
    EXPECT_EQ(std::get<Measure>(d.why.find(FigureId("supply.sun.chosen"))->result).si, 840.0);
    EXPECT_EQ(d.supply.sun->chosen.si, 840.0);
}

TEST(ManyUnits, EachIsSwitchedOnOnce) {
    const Design d = design(aCrowdedVan(), library());
    std::set<std::string> steps;
    for (const LiveStep& step : d.wiring.steps) {
        EXPECT_TRUE(steps.insert(step.id).second) << step.id;
    }
    for (const char* id : {"on.mppt",
                           "on.awning",
                           "on.dcdc",
                           "on.second",
                           "on.topup",
                           "on.main",
                           "on.aft",
                           "on.inverter",
                           "on.little"}) {
        EXPECT_TRUE(steps.contains(id)) << id;
    }
}

// The lead bank's volts are read against lead as it is delivered, 80 to 100 % (12.62 to 12.85 V),
// the lithium bank's against lithium charged full, 90 to 100 % (13.36 to 13.60 V;
// chemistries.json), and 0.05 V of meter on both sides.
TEST(ManyUnits, EachBanksVoltsAreReadAgainstItsOwnChemistry) {
    const Design d = design(aCrowdedVan(), library());
    const auto bandOf = [&](const char* step) {
        const auto at = std::ranges::find(d.powerUp.switchOn, std::string(step), &SwitchStep::id);
        const Expected& first = at->readings.front();
        return first.high.si - first.low.si;
    };
    EXPECT_NEAR(bandOf("on.batteries.rear"), 0.23 + 0.1, 1e-9);
    EXPECT_NEAR(bandOf("on.batteries"), 0.24 + 0.1, 1e-9);
    EXPECT_DOUBLE_EQ(bandOf("on.aft.fuseblock"), bandOf("on.batteries.rear"));
    EXPECT_DOUBLE_EQ(bandOf("on.fuseblock"), bandOf("on.batteries"));
}

TEST(ManyUnits, AllIsDrawnAndSavedAndReadAgain) {
    const Plan plan = aCrowdedVan();
    const Design d = design(plan, library());
    const DiagramGeometry drawn = layOut(d.wiring.circuit, {});
    std::set<DeviceId> shown;
    for (const PlacedDevice& box : drawn.devices) {
        shown.insert(box.id);
    }
    for (const PlacedRail& rail : drawn.rails) {
        shown.insert(rail.device);
    }
    for (const Device& device : d.wiring.circuit.devices) {
        EXPECT_TRUE(shown.contains(device.id)) << device.id.value;
    }
    const PlanReading reading = readPlan(writePlan(plan), "crowded");
    ASSERT_TRUE(reading.plan.has_value());
    EXPECT_EQ(*reading.plan, plan);
}

// Three chargers on one starter battery: their leads lay on each other, with their labels and
// fuses.
TEST(ManyUnits, LeadsOfOneTerminalAreDrawnApart) {
    const Design d = design(aCrowdedVan(), library());
    const DiagramGeometry drawn = layOut(d.wiring.circuit, {});
    const auto wireOf = [&](const char* id) -> const PlacedWire& {
        return *std::ranges::find(drawn.wires, ConductorId(id), &PlacedWire::id);
    };
    for (const auto& ids : {std::array{"engine.feed+", "second.engine.feed+", "topup.engine.feed+"},
                            std::array{"dcdc.enable", "second.enable", "topup.enable"}}) {
        for (std::size_t i = 0; i + 1 < ids.size(); ++i) {
            const PlacedWire& a = wireOf(ids[i]);
            const PlacedWire& b = wireOf(ids[i + 1]);
            EXPECT_GE(std::abs(a.label.y - b.label.y), 24.0) << ids[i];
            EXPECT_GE(std::abs(a.fuses.front().center.y - b.fuses.front().center.y), 24.0)
                << ids[i];
            // Clear of its own fuse, which is 22 wide.
            EXPECT_GT(b.label.x, b.fuses.front().center.x + 11.0) << ids[i + 1];
        }
    }
}

TEST(ManyUnits, AMendChangesTheUnitThatItIsAbout) {
    Plan plan = aCrowdedVan();
    std::get<SolarChoice>(plan.gear.sources[2].what).series = 4;  // too high for 75 V in frost
    const Design d = design(plan, library());
    const auto found = std::ranges::find(d.checks.findings, std::string("S1 awning"), &Finding::id);
    ASSERT_NE(found, d.checks.findings.end());
    ASSERT_FALSE(found->mends.empty());
    const Plan mended = apply(plan, found->mends.front());
    EXPECT_EQ(std::get<SolarChoice>(mended.gear.sources[0].what),
              std::get<SolarChoice>(plan.gear.sources[0].what));
    EXPECT_NE(mended, plan);
}

}  // namespace
}  // namespace spirk
