// SPDX-License-Identifier: GPL-3.0-or-later
// Circuits as people really have them: switched, dimmed, always live, on the starter battery, live
// while driving, back through the body, behind breakers, from a block elsewhere.
#include <gtest/gtest.h>

#include "core/design/design.h"
#include "core/diagram/geometry.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "core/powerup/powerup.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::along;
using test::has;
using test::library;

CircuitChoice circuit(const char* id, std::vector<ApplianceId> loads, const char* on = kMainRail) {
    CircuitChoice out;
    out.id = UnitId(id);
    out.on = UnitId(on);
    out.loads = std::move(loads);
    return out;
}

Appliance& loadOf(Plan& plan, const char* id) {
    return *std::ranges::find(plan.appliances, ApplianceId(id), &Appliance::id);
}

const Conductor& leadOf(const Design& d, const char* id) {
    const Conductor* found = findConductor(d.wiring.circuit, ConductorId(id));
    EXPECT_NE(found, nullptr) << id;
    return *found;
}

TEST(LoadSwitch, StandsBetweenFuseAndLampAndIsOneRunWithIt) {
    Plan plan = test::aSmallVan();
    loadOf(plan, "lamp").switched = LoadSwitch{SwitchKind::Switch, PlaceId("seat"), {}, {}};
    const Design d = design(plan, library());
    const std::string feed = "circuit.lighting.feed+";
    EXPECT_EQ(leadOf(d, feed.c_str()).to.device.value, "switch.lamp");
    EXPECT_EQ(leadOf(d, "switch.lamp.out+").to.device.value, "load.lamp");
    EXPECT_EQ(test::rowOf(d, feed).area, test::rowOf(d, "switch.lamp.out+").area);
    EXPECT_GT(along(d, "loads", "switch.lamp.out+"), 0.5);
    EXPECT_EQ(findDevice(d.wiring.circuit, DeviceId("switch.lamp"))->place, PlaceId("seat"));
    // Its drop counts the way by the switch.
    const auto path =
        std::ranges::find(d.wiring.circuit.paths, std::string("drop.load.lamp"), &DropPath::id);
    EXPECT_NE(std::ranges::find(path->conductors, ConductorId("switch.lamp.out+")),
              path->conductors.end());
}

TEST(LoadSwitch, OfATwoWayOneThereAreTwoWithTwoLeadsBetween) {
    Plan plan = test::aSmallVan();
    loadOf(plan, "lamp").switched =
        LoadSwitch{SwitchKind::TwoWay, PlaceId("seat"), PlaceId("galley"), "by the door"};
    const Design d = design(plan, library());
    EXPECT_EQ(leadOf(d, "switch.lamp.travel+").to.device.value, "switch2.lamp");
    EXPECT_EQ(leadOf(d, "switch.lamp.travel2+").to.device.value, "switch2.lamp");
    EXPECT_GT(along(d, "loads", "switch.lamp.travel+"), 0.5);
    EXPECT_NEAR(along(d, "loads", "switch.lamp.travel2+"), 0.0, 1e-9);
    // Both leads between are cut and bought.
    EXPECT_NE(
        std::ranges::find(d.build.cuts, ConductorId("switch.lamp.travel2+"), &CutPiece::conductor),
        d.build.cuts.end());
}

// A dimmer for 5 A (library) does not bear lamps of 84 W at 11.6 V.
TEST(LoadSwitch, IsJudgedByWhatFlowsThroughIt) {
    Plan plan = test::aSmallVan();
    loadOf(plan, "lamp").rated = watts(84);
    loadOf(plan, "lamp").switched = LoadSwitch{SwitchKind::Dimmer, PlaceId("seat"), {}, {}};
    const Design d = design(plan, library());
    const Finding* f = test::findingOf(d, "W13");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->where.front().id, "switch.lamp");
}

TEST(Circuits, AlwaysLiveHangBeforeTheMainSwitch) {
    Plan plan = test::aSmallVan();
    plan.appliances.push_back(test::aLoad("alarm", watts(1), Category::Electronics));
    CircuitChoice always = circuit("safety", {ApplianceId("alarm")});
    always.live = LiveWhen::Always;
    plan.gear.circuits = {always};
    const Design d = design(plan, library());
    EXPECT_TRUE(has(d, "main.always.feed+"));
    const Moment* rest = nullptr;
    for (const Moment& m : d.wiring.moments) {
        rest = m.id == "rest" ? &m : rest;
    }
    ASSERT_NE(rest, nullptr);
    Moment off = *rest;
    off.loads = LoadsOn::All;
    // With the switch open the fridge is dead and the alarm is not.
    const MomentSolution solved = solveMoment({&d.wiring.circuit, d.cables.ohms}, off);
    const auto volts = [&](const char* load) {
        return solved.between(d.wiring.circuit, {DeviceId(load), "+"}, {DeviceId(load), "-"});
    };
    EXPECT_TRUE(volts("load.alarm").has_value());
    EXPECT_FALSE(volts("load.fridge").has_value());
    EXPECT_EQ(test::findingOf(d, "W3"), nullptr);
}

// What stands where with the main switch off, solved (Kirchhoff).
double voltsWithTheSwitchOff(const Design& d, const char* load) {
    const Circuit& circuit = d.wiring.circuit;
    Moment off;
    off.only = {DeviceId(load)};
    off.open = {DeviceId("main.switch")};
    const MomentSolution solved = solveMoment(CircuitState{&circuit, d.cables.ohms}, off);
    const auto across = solved.between(circuit, {DeviceId(load), "+"}, {DeviceId(load), "-"});
    return across ? across->si() : 0.0;
}

Plan withAnAlarm() {
    Plan plan = test::aSmallVan();
    const auto& sold = test::library().appliances;
    plan.appliances.push_back(fromCatalogue(
        *std::ranges::find(sold, std::string("gas_alarm"), &CatalogueAppliance::id), plan));
    return plan;
}

TEST(AlwaysOn, AnAlarmWorksWithTheMainSwitchOff) {
    const Design d = design(withAnAlarm(), library());
    EXPECT_GT(voltsWithTheSwitchOff(d, "load.gas_alarm"), 12.0);
    EXPECT_EQ(voltsWithTheSwitchOff(d, "load.lamp"), 0.0);
    const CableRow& feed = test::rowOf(d, "circuit.given.always.main.feed+");
    ASSERT_TRUE(feed.fuseFrom.has_value());
    EXPECT_LE(feed.fuseFrom->rating, amps(5));
    EXPECT_EQ(test::findingOf(d, "W3"), nullptr);
    EXPECT_EQ(test::findingOf(d, "W5"), nullptr);
}

TEST(AlwaysOn, IsGroupedAsTheOthersWhereThePersonLikesThat) {
    Plan plan = withAnAlarm();
    plan.habitsOff = {"always_apart"};
    EXPECT_EQ(voltsWithTheSwitchOff(design(plan, library()), "load.gas_alarm"), 0.0);
    plan = withAnAlarm();
    plan.gear.circuits = {circuit("alarms", {ApplianceId("gas_alarm")})};
    const Design given = design(plan, library());
    EXPECT_EQ(voltsWithTheSwitchOff(given, "load.gas_alarm"), 0.0);
    EXPECT_FALSE(has(given, "circuit.given.always.main.feed+"));
}

// Five lugs came onto the first battery's stud: link, main feed, shunt, controller, alarm.
TEST(AlwaysOn, HangsOnTheFarEndOfALinkedBank) {
    Plan plan = withAnAlarm();
    plan.gear.banks.front().count = 2;
    plan.gear.banks.front().way = WayId("diagonal");
    const Design d = design(plan, library());
    EXPECT_EQ(leadOf(d, "circuit.given.always.main.feed+").from.device, DeviceId("bank.2"));
    EXPECT_GT(voltsWithTheSwitchOff(d, "load.gas_alarm"), 12.0);
}

TEST(AlwaysOn, SurvivesTheFile) {
    const PlanReading back = readPlan(writePlan(withAnAlarm()), "test");
    ASSERT_TRUE(back.plan.has_value());
    EXPECT_TRUE(back.plan->appliances.back().alwaysOn);
}

TEST(ShuntLead, ComesFromBeforeTheMainSwitch) {
    const Design d = design(test::aSmallVan(), library());
    EXPECT_EQ(findDevice(d.wiring.circuit, leadOf(d, "shunt.supply").from.device)->kind,
              DeviceKind::Battery);
}

TEST(Circuits, OnTheStarterBatteryTakeNothingFromTheHouse) {
    Plan plan = test::aSmallVan();
    const double before = design(plan, library()).supply.demand.si();
    plan.gear.circuits = {circuit("cab", {ApplianceId("lamp")}, kOnVehicle)};
    const Design d = design(plan, library());
    EXPECT_LT(d.supply.demand.si(), before);
    EXPECT_EQ(leadOf(d, "circuit.given.cab.feed+").from.device.value, "starter");
    EXPECT_NEAR(along(d, "loads", "bond"), 0.0, 1e-6);
    // A lamp there is told: days of it, and the engine does not start.
    EXPECT_NE(test::findingOf(d, "B14"), nullptr);
}

TEST(Circuits, LiveWhileDrivingDrawOnlyThen) {
    Plan plan = test::aSmallVan();
    putEngine(plan.gear, EngineChoice{"dcdc_30", {}});
    plan.appliances.push_back(test::aLoad("element", watts(120), Category::Kitchen));
    CircuitChoice driving = circuit("fridge", {ApplianceId("element")}, kOnVehicle);
    driving.live = LiveWhen::Driving;
    plan.gear.circuits = {driving};
    const Design d = design(plan, library());
    EXPECT_NEAR(along(d, "loads", "circuit.given.fridge.feed+"), 0.0, 1e-9);
    // 120 W at the starter battery's 11.5 V: 10.4 A size the lead. (Own arithmetic.)
    EXPECT_NEAR(test::rowOf(d, "circuit.given.fridge.feed+").load.si(), 120.0 / 11.5, 0.01);
    EXPECT_EQ(test::findingOf(d, "B14"), nullptr);
    EXPECT_EQ(test::findingOf(d, "SERVE"), nullptr);
}

// A relay is closed by something: its coil is fed from what is live with the engine, behind a fuse
// of its own, also where nothing else takes from the vehicle.
TEST(Circuits, LiveWhileDrivingHaveARelayWhoseCoilIsWired) {
    Plan plan = test::aSmallVan();
    ASSERT_TRUE(engineOf(plan.gear) == nullptr);
    CircuitChoice driving = circuit("fridge", {ApplianceId("lamp")});
    driving.live = LiveWhen::Driving;
    plan.gear.circuits = {driving};
    const Design d = design(plan, library());
    const Conductor& coil = leadOf(d, "circuit.given.fridge.relay.coil+");
    EXPECT_EQ(findDevice(d.wiring.circuit, coil.from.device)->kind, DeviceKind::Ignition);
    EXPECT_EQ(coil.to.device.value, "circuit.given.fridge.relay");
    ASSERT_TRUE(test::rowOf(d, coil.id.value.c_str()).fuseFrom.has_value());
    const Conductor& back = leadOf(d, "circuit.given.fridge.relay.coil-");
    EXPECT_EQ(back.from.device, coil.to.device);
    EXPECT_EQ(back.to, leadOf(d, "circuit.given.fridge.feed-").to);
    for (const Finding& f : d.checks.findings) {
        EXPECT_NE(f.severity, Severity::Danger) << f.id;
    }
    // Both of its fuses are put in when it is tried.
    const auto step = std::ranges::find(
        d.powerUp.switchOn, std::string("on.circuit.given.fridge.feed+"), &SwitchStep::id);
    ASSERT_NE(step, d.powerUp.switchOn.end());
    EXPECT_NE(english(step->text).find("its relay's coil"), std::string::npos);
}

TEST(Circuits, LiveWhileDrivingAreMissedWhereTheirRelayIsNeverTold) {
    Plan plan = test::aSmallVan();
    CircuitChoice driving = circuit("fridge", {ApplianceId("lamp")});
    driving.live = LiveWhen::Driving;
    plan.gear.circuits = {driving};
    EXPECT_EQ(test::findingOf(design(plan, library()), "E4"), nullptr);
    plan.amendments = {MoveEnd{ConductorId("circuit.given.fridge.relay.coil+"),
                               End::From,
                               TerminalId{DeviceId("bus.neg"), "bar"}}};
    EXPECT_NE(test::findingOf(design(plan, library()), "E4"), nullptr);
}

TEST(Circuits, BackThroughTheBodyComeByTheBond) {
    Plan plan = test::aSmallVan();
    CircuitChoice body = circuit("lamps", {ApplianceId("lamp")});
    body.back = Back::Body;
    plan.gear.circuits = {body};
    const Design d = design(plan, library());
    EXPECT_GT(std::abs(along(d, "loads", "bond")), 0.5);
    EXPECT_EQ(leadOf(d, "circuit.given.lamps.feed-").to.device.value, "circuit.given.lamps.body");
    EXPECT_EQ(test::findingOf(d, "G3"), nullptr);
    EXPECT_EQ(test::findingOf(d, "SERVE"), nullptr);
}

TEST(Circuits, WithAFuseOfTheirOwnBeginAtTheBar) {
    Plan plan = test::aSmallVan();
    CircuitChoice own = circuit("cold", {ApplianceId("fridge")});
    own.tap = Tap::OwnFuse;
    plan.gear.circuits = {own};
    const Design d = design(plan, library());
    EXPECT_EQ(leadOf(d, "circuit.given.cold.feed+").from.device.value, "bus.pos");
    EXPECT_EQ(test::rowOf(d, "circuit.given.cold.feed+").fuseFrom->holds, Holds::Itself);
}

TEST(Circuits, AreGroupedByPlaceWhereThePersonLikesThat) {
    Plan plan = test::aSmallVan();
    plan.appliances.push_back(test::aLoad("spot", watts(5), Category::Lighting));
    loadOf(plan, "spot").place = PlaceId("seat");
    EXPECT_TRUE(has(design(plan, library()), "circuit.lighting.strip"));
    mainRailOf(plan.gear).options["grouping"] = "by_place";
    const Design d = design(plan, library());
    EXPECT_FALSE(has(d, "circuit.lighting.strip"));
    EXPECT_TRUE(has(d, "circuit.lighting.seat.feed+"));
    // A load whose id reads like such a group keeps a name of its own.
    Appliance odd = test::aLoad("lighting.seat", watts(200), Category::Work);
    plan.appliances.push_back(odd);
    EXPECT_TRUE(has(design(plan, library()), "circuit.own.lighting.seat.feed+"));
}

// A panel's ways end at 15 A (library): a load of 20 A goes to the bar.
TEST(LoadCentre, OfBreakersHasALimitOfAWay) {
    Plan plan = test::aSmallVan();
    plan.appliances.push_back(test::aLoad("heater", watts(230), Category::Climate));
    mainRailOf(plan.gear).options["load_centre"] = "breakers";
    const Design d = design(plan, library());
    EXPECT_EQ(test::rowOf(d, "circuit.kitchen.feed+").fuseFrom->family, "hydraulic");
    EXPECT_EQ(leadOf(d, "circuit.heater.feed+").from.device.value, "bus.pos");
    EXPECT_EQ(findDevice(d.wiring.circuit, DeviceId("fuseblock"))->made->kind,
              HardwareKind::BreakerPanel);
}

Plan aBackBlock() {
    Plan plan = test::aSmallVan();
    plan.gear.rails.push_back({{UnitId("back"), WayId("block_on_rail"), {}},
                               FromRail{UnitId(kMainRail)},
                               Distribution::Bars});
    plan.gear.rails.push_back({{UnitId("shelf"), WayId("block_on_rail"), {}},
                               FromRail{UnitId("back")},
                               Distribution::Bars});
    plan.gear.circuits = {circuit("shelf", {ApplianceId("lamp")}, "shelf")};
    plan.van.placed[DeviceId("back.fuseblock")] = PlaceId("galley");
    return plan;
}

TEST(SubRail, IsABlockByAFeedWithAFuseAndMayHaveAnotherBehindIt) {
    const Design d = design(aBackBlock(), library());
    EXPECT_EQ(leadOf(d, "back.fuseblock.feed+").from.device.value, "bus.pos");
    EXPECT_EQ(leadOf(d, "shelf.fuseblock.feed+").from.device.value, "back.fuseblock");
    EXPECT_TRUE(test::rowOf(d, "back.fuseblock.feed+").fuseFrom.has_value());
    EXPECT_GT(along(d, "loads", "back.fuseblock.feed+"), 0.5);
    EXPECT_EQ(test::findingOf(d, "W3"), nullptr);
    EXPECT_EQ(test::findingOf(d, "T4")->id, "T4 bank");  // all is fed; nothing charges
}

TEST(Circuits, OfAllKindsAreDrawnAndSurviveTheFile) {
    Plan plan = aBackBlock();
    putEngine(plan.gear, EngineChoice{"dcdc_30", {}});
    for (const char* id : {"alarm", "element", "horn", "spot"}) {
        plan.appliances.push_back(test::aLoad(id, watts(20), Category::Work));
    }
    loadOf(plan, "spot").switched =
        LoadSwitch{SwitchKind::TwoWay, PlaceId("seat"), PlaceId("galley"), "bed"};
    plan.gear.circuits.push_back(circuit("always", {ApplianceId("alarm")}));
    plan.gear.circuits.back().live = LiveWhen::Always;
    plan.gear.circuits.push_back(circuit("drive", {ApplianceId("element")}, kOnVehicle));
    plan.gear.circuits.back().live = LiveWhen::Driving;
    plan.gear.circuits.push_back(circuit("horn", {ApplianceId("horn")}));
    plan.gear.circuits.back().back = Back::Body;
    plan.gear.circuits.back().tap = Tap::OwnFuse;
    const PlanReading again = readPlan(writePlan(plan), "plan");
    ASSERT_TRUE(again.plan.has_value());
    EXPECT_EQ(*again.plan, plan);
    const Design d = design(plan, library());
    const DiagramGeometry drawn = layOut(d.wiring.circuit, {});
    for (const Conductor& c : d.wiring.circuit.conductors) {
        EXPECT_EQ(std::ranges::count(drawn.wires, c.id, &PlacedWire::id), 1) << c.id.value;
    }
    for (const Device& device : d.wiring.circuit.devices) {
        const bool rail =
            std::ranges::find(drawn.rails, device.id, &PlacedRail::device) != drawn.rails.end();
        EXPECT_EQ(std::ranges::count(drawn.devices, device.id, &PlacedDevice::id), rail ? 0 : 1)
            << device.id.value;
    }
}

TEST(Reading, RefusesIdsThatSpirkGivesItself) {
    Plan plan = aBackBlock();
    plan.gear.rails.back().id = UnitId("starter");
    const PlanReading again = readPlan(writePlan(plan), "plan");
    EXPECT_FALSE(again.plan.has_value());
    ASSERT_FALSE(again.problems.empty());
    EXPECT_EQ(again.problems.front().where, "gear.rails[2].id");
}

}  // namespace
}  // namespace spirk
