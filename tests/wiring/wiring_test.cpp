// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/wiring.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

Wiring wiringOf(const Plan& plan) {
    return wire(plan, library(), systemOf(plan, library()), needsOf(plan));
}

std::set<std::string> idsOf(const Wiring& w) {
    std::set<std::string> out;
    for (const Conductor& c : w.circuit.conductors) {
        out.insert(c.id.value);
    }
    return out;
}

TEST(Wiring, EveryConductorEndsAtAPortOfADevice) {
    for (const Plan& plan : {test::aSmallVan(), test::aFullVan(), test::theDemo()}) {
        const Wiring w = wiringOf(plan);
        EXPECT_EQ(idsOf(w).size(), w.circuit.conductors.size()) << "ids are unique";
        for (const Conductor& c : w.circuit.conductors) {
            EXPECT_NE(findPort(w.circuit, c.from), nullptr) << c.id.value;
            EXPECT_NE(findPort(w.circuit, c.to), nullptr) << c.id.value;
        }
    }
}

TEST(Wiring, EveryPositiveHasAFuseOrIsCoveredByOne) {
    const Wiring w = wiringOf(test::aFullVan());
    for (const Conductor& c : w.circuit.conductors) {
        if (isHousePole(c, Pole::Positive)) {
            EXPECT_TRUE(protectionAt(w.circuit, c, End::From) != nullptr ||
                        c.protectedBy.has_value())
                << c.id.value;
        }
    }
}

TEST(Wiring, OneBatteryHasNoCollectingBarsAndOneFuse) {
    const Wiring w = wiringOf(test::aSmallVan());
    EXPECT_EQ(findDevice(w.circuit, DeviceId("bank.pos")), nullptr);
    const Conductor* feed = findConductor(w.circuit, ConductorId("main.feed+"));
    EXPECT_EQ(feed->from, (TerminalId{DeviceId("bank.1"), "+"}));
    EXPECT_NE(protectionAt(w.circuit, *feed, End::From), nullptr);
}

TEST(Wiring, EachBatteryOfABankHasItsOwnFuse) {
    const Wiring w = wiringOf(test::aFullVan());
    for (const char* lead : {"bank.1.lead+", "bank.2.lead+", "bank.3.lead+"}) {
        const Conductor* c = findConductor(w.circuit, ConductorId(lead));
        ASSERT_NE(c, nullptr) << lead;
        EXPECT_NE(protectionAt(w.circuit, *c, End::From), nullptr) << lead;
    }
}

TEST(Wiring, DcdcChargerHasAFuseAtEachBattery) {
    const Wiring w = wiringOf(test::aFullVan());
    EXPECT_NE(
        protectionAt(w.circuit, *findConductor(w.circuit, ConductorId("engine.feed+")), End::From),
        nullptr);
    EXPECT_NE(
        protectionAt(w.circuit, *findConductor(w.circuit, ConductorId("dcdc.feed+")), End::From),
        nullptr);
}

TEST(Wiring, SolarHasAnIsolatorOnBothSidesOfItsController) {
    const Wiring w = wiringOf(test::aFullVan());
    EXPECT_EQ(findDevice(w.circuit, DeviceId("array.isolator"))->kind, DeviceKind::PvIsolator);
    EXPECT_EQ(findDevice(w.circuit, DeviceId("mppt.isolator"))->kind, DeviceKind::Isolator);
}

TEST(Wiring, NoInverterNoSunNoEngineLeaveNothingBehind) {
    const std::set<std::string> ids = idsOf(wiringOf(test::aSmallVan()));
    for (const char* id : {"inverter.feed+", "mppt.feed+", "engine.feed+", "vehicle.charge+"}) {
        EXPECT_FALSE(ids.contains(id)) << id;
    }
}

TEST(Circuits, SmallLoadsOfACategoryShareALargeOneIsAlone) {
    const System low = systemOf(test::aSmallVan(), test::library());
    EXPECT_EQ(circuitOf(test::aLoad("spot", watts(5), Category::Lighting), low),
              "circuit.lighting");
    EXPECT_EQ(circuitOf(test::aLoad("heater", watts(120), Category::Climate), low),
              "circuit.heater");
}

TEST(Circuits, AddingALoadRenamesNothing) {
    Plan plan = test::aFullVan();
    const std::set<std::string> before = idsOf(wiringOf(plan));
    plan.appliances.insert(plan.appliances.begin(),
                           test::aLoad("spot", watts(3), Category::Lighting));
    plan.appliances.insert(plan.appliances.begin(),
                           test::aLoad("heater", watts(120), Category::Climate));
    const std::set<std::string> after = idsOf(wiringOf(plan));
    EXPECT_TRUE(std::ranges::includes(after, before));
}

TEST(Circuits, ALoadBeyondAWaysLimitGoesToTheBars) {
    Plan plan = test::aSmallVan();
    plan.appliances.push_back(test::aLoad("awning", watts(400), Category::Work));
    const Wiring w = wiringOf(plan);
    EXPECT_EQ(findConductor(w.circuit, ConductorId("circuit.awning.feed+"))->from.device,
              DeviceId("bus.pos"));
}

TEST(Circuits, AThirteenthCircuitGetsASecondBlock) {
    Plan plan = test::aSmallVan();
    for (int i = 0; i < 13; ++i) {
        plan.appliances.push_back(
            test::aLoad("big" + std::to_string(i), watts(60), Category::Work));
    }
    const Wiring w = wiringOf(plan);
    EXPECT_NE(findDevice(w.circuit, DeviceId("fuseblock.2")), nullptr);
    EXPECT_NE(findConductor(w.circuit, ConductorId("fuseblock.2.feed+")), nullptr);
}

TEST(Circuits, CountZeroHasNoTerminals) {
    Plan plan = test::aSmallVan();
    plan.appliances.front().count = 0;
    EXPECT_EQ(findDevice(wiringOf(plan).circuit, DeviceId("load.fridge")), nullptr);
}

TEST(Amendments, InsertAnIsolatorSplitsTheConductor) {
    Plan plan = test::aFullVan();
    plan.amendments = {PutIn{ConductorId("inverter.feed+")}};
    const Wiring w = wiringOf(plan);
    const Conductor* first = findConductor(w.circuit, ConductorId("inverter.feed+"));
    const Conductor* second = findConductor(w.circuit, ConductorId("inverter.feed+.after"));
    ASSERT_NE(second, nullptr);
    EXPECT_EQ(first->to.device, second->from.device);
    EXPECT_EQ(second->to, (TerminalId{DeviceId("inverter"), "dc+"}));
    EXPECT_EQ(second->protectedBy, ConductorId("inverter.feed+"));
    EXPECT_TRUE(first->amended);
}

TEST(Amendments, MoveAnEndToAnotherTerminal) {
    Plan plan = test::aFullVan();
    const TerminalId bankNegative{DeviceId("bank.neg"), "bar"};
    plan.amendments = {MoveEnd{ConductorId("inverter.feed-"), End::To, bankNegative}};
    const Wiring w = wiringOf(plan);
    const Conductor* moved = findConductor(w.circuit, ConductorId("inverter.feed-"));
    EXPECT_EQ(moved->to, bankNegative);
    // Its label says where it goes now.
    EXPECT_EQ(english(moved->name).find("negative bar"), std::string::npos);
    EXPECT_NE(english(moved->name).find("collecting bar"), std::string::npos);
}

TEST(Amendments, OneWhoseTargetHasGoneBecomesAFindingAndIsKept) {
    Plan plan = test::aSmallVan();
    plan.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)},
                       MoveEnd{ConductorId("bond"), End::To, {DeviceId("moon"), "sea"}},
                       LeaveOutProtection{ConductorId("bond"), End::From}};
    const Wiring w = wiringOf(plan);
    EXPECT_EQ(w.findings.size(), 3u);
    EXPECT_EQ(design(plan, library()).plan.amendments.size(), 3u);
}

}  // namespace
}  // namespace spirk
