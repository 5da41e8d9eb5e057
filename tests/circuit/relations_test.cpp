// SPDX-License-Identifier: GPL-3.0-or-later
// What belongs to what is found in the circuit as it is wired, whatever its ways meant.
#include "core/circuit/relations.h"

#include <gtest/gtest.h>

#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::circuitOf;
using test::library;

std::string coverOf(const Circuit& circuit, const char* conductor) {
    const Conductor* c = findConductor(circuit, ConductorId(conductor));
    return c == nullptr ? "no such conductor" : c->protectedBy ? c->protectedBy->value : "";
}

std::string counterOf(const Circuit& circuit, const char* device, const char* port) {
    const Port* p = findPort(circuit, {DeviceId(device), port});
    return p == nullptr ? "no such port" : p->counter ? text(*p->counter) : "";
}

std::string pathOf(const Circuit& circuit, const char* id) {
    const auto path = std::ranges::find(circuit.paths, std::string(id), &DropPath::id);
    std::string out;
    if (path != circuit.paths.end()) {
        for (const ConductorId& c : path->conductors) {
            out += (out.empty() ? "" : " ") + c.value;
        }
    }
    return out;
}

// A fuse covers what carries its current on, and the way back.
TEST(Relations, AFuseCoversWhatGoesOnFromItAndBack) {
    const Circuit c = circuitOf(test::aFullVan());
    EXPECT_EQ(coverOf(c, "main.link+"), "main.feed+");  // behind the switch
    EXPECT_EQ(coverOf(c, "main.link-"), "main.feed+");  // and through the shunt
    EXPECT_EQ(coverOf(c, "mppt.link+"), "mppt.feed+");  // behind its isolator
    EXPECT_EQ(coverOf(c, "main.feed+"), "");            // its own
    EXPECT_EQ(coverOf(c, "array.lead+"), "");           // panels limit themselves
    EXPECT_EQ(coverOf(c, "vehicle.starter-"), "");      // its maker's
}

// What a charger draws from the starter battery returns through its negative, the bond and the
// body.
TEST(Relations, TheWayBackToTheStarterBatteryPassesTheBond) {
    const Circuit c = circuitOf(test::aFullVan());
    const auto path = std::ranges::find_if(
        c.paths, [](const DropPath& p) { return p.source.pos.device == DeviceId("starter"); });
    ASSERT_NE(path, c.paths.end());
    for (const char* id : {"engine.feed+", "dcdc.feed-", "bond"}) {
        EXPECT_NE(std::ranges::find(path->conductors, ConductorId(id)), path->conductors.end())
            << id;
    }
}

TEST(Relations, AStringsFuseCoversItsLinks) {
    Plan plan = test::aSmallVan();
    plan.gear.banks.front().series = 2;
    const Circuit c = circuitOf(plan);
    EXPECT_EQ(coverOf(c, "bank.1.link.1"), "main.feed+");
    // A short at the string's positive is against its negative, two batteries on.
    EXPECT_EQ(counterOf(c, "bank.1.1", "+"), "bank.1.2:-");
    EXPECT_EQ(counterOf(c, "bank.1.2", "+"), "bank.1.2:-");
}

TEST(Relations, WhatHasNoNegativeIsHeldAgainstTheNearestTowardsItsSource) {
    const Circuit c = circuitOf(test::aFullVan());
    EXPECT_EQ(counterOf(c, "bus.pos", "bar"), "bus.neg:bar");
    EXPECT_EQ(counterOf(c, "main.switch", "a"), "bank.neg:bar");
    EXPECT_EQ(counterOf(c, "main.switch", "b"), "bank.neg:bar");
    EXPECT_EQ(counterOf(c, "mppt.isolator", "b"), "bus.neg:bar");
    EXPECT_EQ(counterOf(c, "array.isolator", "b+"), "array.isolator:b-");
    EXPECT_EQ(counterOf(c, "mppt", "pv+"), "mppt:pv-");
    EXPECT_EQ(counterOf(c, "bus.neg", "bar"), "");
}

TEST(Relations, APathRunsOutAndBackAndIntoWhatIsPutIn) {
    Plan plan = test::aSmallVan();
    EXPECT_EQ(pathOf(circuitOf(plan), "drop.main"), "main.feed+ main.link+ main.link- main.feed-");
    plan.amendments = {PutIn{ConductorId("main.link+")}};
    EXPECT_EQ(pathOf(circuitOf(plan), "drop.main"),
              "main.feed+ main.link+ main.link+.after main.link- main.feed-");
}

// A block fed from a battery itself: what is lost between the bars and that battery is no loss of
// its loads.
TEST(Relations, APathBeginsAtTheBatteryThatFeedsIt) {
    Plan plan = test::aSmallVan();
    const std::string before = pathOf(circuitOf(plan), "drop.load.fridge");
    plan.amendments = {
        MoveEnd{ConductorId("fuseblock.feed+"), End::From, {DeviceId("bank.1"), "+"}}};
    EXPECT_EQ(pathOf(circuitOf(plan), "drop.load.fridge"), before);
}

// Its limit is still there, and so is the size that it asks for.
TEST(Relations, APathThatIsCutKeepsItsConductors) {
    Plan plan = test::aFullVan();
    const std::string before = pathOf(circuitOf(plan), "drop.inverter");
    ASSERT_FALSE(before.empty());
    plan.amendments = {
        MoveEnd{ConductorId("inverter.feed-"), End::From, {DeviceId("mppt"), "pv+"}}};
    EXPECT_EQ(pathOf(circuitOf(plan), "drop.inverter"), before);
}

}  // namespace
}  // namespace spirk
