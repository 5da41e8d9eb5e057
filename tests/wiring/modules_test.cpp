// SPDX-License-Identifier: GPL-3.0-or-later
// Loads in a module. Expected figures: own arithmetic.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/circuit/circuit.h"
#include "core/design/design.h"
#include "core/system/system.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

Appliance lamp(const char* id, double power) {
    Appliance a;
    a.id = ApplianceId(id);
    a.name = id;
    a.category = Category::Lighting;
    a.rated = watts(power);
    return a;
}

// Two lamps in the bed's module, one that stays.
Plan aBedWithLamps() {
    Plan plan = test::aFullVan();
    plan.appliances = {lamp("left", 3), lamp("right", 3), lamp("ceiling", 10)};
    plan.gear.modules = {
        {UnitId("slats"), "bed", PlaceId("bed"), {UnitId("left"), UnitId("right")}}};
    return plan;
}

std::vector<const Device*> plugsOf(const Design& d) {
    std::vector<const Device*> out;
    for (const Device& device : d.wiring.circuit.devices) {
        if (device.kind == DeviceKind::Plug) {
            out.push_back(&device);
        }
    }
    return out;
}

TEST(Modules, LoadsOfOneCircuitGoOutThroughOnePlugForEachPole) {
    const Design d = design(aBedWithLamps(), library());
    EXPECT_EQ(plugsOf(d).size(), 2u);
    for (const char* id : {"load.left", "load.right", "circuit.lighting.of.slats.strip"}) {
        const Device* device = findDevice(d.wiring.circuit, DeviceId(id));
        ASSERT_NE(device, nullptr) << id;
        EXPECT_EQ(device->place, PlaceId("bed")) << id;
    }
}

TEST(Modules, ALoadThatStaysSharesNoCircuitWithThem) {
    const Design d = design(aBedWithLamps(), library());
    ASSERT_NE(findConductor(d.wiring.circuit, ConductorId("circuit.lighting.feed+")), nullptr);
    const Device* lamp = findDevice(d.wiring.circuit, DeviceId("load.ceiling"));
    ASSERT_NE(lamp, nullptr);
    EXPECT_NE(lamp->place, PlaceId("bed"));
}

TEST(Modules, WhatIsNoApplianceOnDcIsToldAndLeftOut) {
    Plan plan = aBedWithLamps();
    plan.appliances[0].feed = Feed::Mains;
    const Design d = design(plan, library());
    EXPECT_TRUE(std::ranges::any_of(d.checks.findings, [](const Finding& f) {
        return english(f.what).find("'left' does not exist") != std::string::npos;
    }));
    EXPECT_EQ(moduleWith(d.gear, ApplianceId("left")), nullptr);
    EXPECT_NE(moduleWith(d.gear, ApplianceId("right")), nullptr);
}

}  // namespace
}  // namespace spirk
