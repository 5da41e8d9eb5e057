// SPDX-License-Identifier: GPL-3.0-or-later
// The circuit read as ladders: what hangs where, and what does not.
#include "core/diagram/ladder.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/design.h"
#include "core/plan/edit.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

std::vector<std::string> devicesOf(const Ladder& ladder) {
    std::vector<std::string> out;
    for (const Rung& rung : ladder.rungs) {
        out.push_back(rung.device->id.value);
    }
    return out;
}

const Rung& rungOf(const Ladder& ladder, const std::string& device) {
    const auto found = std::ranges::find_if(
        ladder.rungs, [&](const Rung& r) { return r.device->id.value == device; });
    EXPECT_NE(found, ladder.rungs.end()) << device;
    return *found;
}

std::vector<std::string> chainOf(const std::vector<Link>& links) {
    std::vector<std::string> out;
    for (const Link& link : links) {
        out.push_back(link.conductor->id.value);
    }
    return out;
}

TEST(Ladders, RungsStandInTheOrderOfTheHouse) {
    const Circuit circuit = test::circuitOf(test::aFullVan());
    EXPECT_EQ(devicesOf(readLadders(circuit, {}).ladders.front()),
              (std::vector<std::string>{"dcdc", "mppt", "bank.pos", "inverter", "fuseblock"}));
}

TEST(Ladders, TheBanksRungHasFuseSwitchAndShuntInItsLegs) {
    const Circuit circuit = test::circuitOf(test::aFullVan());
    const Reading reading = readLadders(circuit, {});
    const Rung& bank = rungOf(reading.ladders.front(), "bank.pos");
    EXPECT_EQ(chainOf(bank.up), (std::vector<std::string>{"main.link+", "main.feed+"}));
    EXPECT_EQ(chainOf(bank.down), (std::vector<std::string>{"main.feed-", "main.link-"}));
    EXPECT_EQ(bank.up.front().through->id.value, "main.switch");
    EXPECT_EQ(bank.down.front().through->id.value, "shunt");
    ASSERT_NE(bank.inner, nullptr);
    EXPECT_EQ(devicesOf(*bank.inner), (std::vector<std::string>{"bank.1", "bank.2", "bank.3"}));
}

TEST(Ladders, OneBatteryIsItsOwnRung) {
    const Circuit circuit = test::circuitOf(test::aSmallVan());
    const Reading reading = readLadders(circuit, {});
    const Rung& bank = rungOf(reading.ladders.front(), "bank.1");
    EXPECT_EQ(bank.inner, nullptr);
    EXPECT_EQ(chainOf(bank.down), (std::vector<std::string>{"main.feed-", "main.link-"}));
}

TEST(Ladders, AStripIsALadderWithinTheBlocksLadder) {
    Plan plan = test::aFullVan();
    plan.appliances.push_back(test::aLoad("spot", watts(5), Category::Lighting));
    const Circuit circuit = test::circuitOf(plan);
    const Reading reading = readLadders(circuit, {});
    const Rung& block = rungOf(reading.ladders.front(), "fuseblock");
    const Rung& strip = rungOf(*block.inner, "circuit.lighting.strip");
    ASSERT_NE(strip.inner, nullptr);
    EXPECT_EQ(devicesOf(*strip.inner), (std::vector<std::string>{"load.lamp", "load.spot"}));
}

TEST(Ladders, AClosedBlockHidesWhatHangsBehindIt) {
    Plan plan = test::aFullVan();
    plan.appliances.push_back(test::aLoad("spot", watts(5), Category::Lighting));
    const Circuit circuit = test::circuitOf(plan);
    const std::set<DeviceId> closed{DeviceId("fuseblock")};
    const Reading reading = readLadders(circuit, closed);
    EXPECT_EQ(rungOf(reading.ladders.front(), "fuseblock").inner, nullptr);
    for (const char* id : {"load.fridge", "load.lamp", "load.spot", "circuit.lighting.strip"}) {
        EXPECT_TRUE(reading.hidden.contains(DeviceId(id))) << id;
    }
}

TEST(Ladders, AnEndMovedElsewhereBelongsToNoRung) {
    Plan plan = test::aFullVan();
    plan.amendments = {
        MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("bank.neg"), "bar"}}};
    const Circuit circuit = test::circuitOf(plan);
    const Reading reading = readLadders(circuit, {});
    EXPECT_FALSE(reading.used.contains(ConductorId("inverter.feed-")));
    EXPECT_TRUE(rungOf(reading.ladders.front(), "inverter").down.empty());
}

TEST(Ladders, AnIsolatorInALegIsPassedThrough) {
    Plan plan = test::aFullVan();
    plan.amendments = {PutIn{ConductorId("inverter.feed+")}};
    const Circuit circuit = test::circuitOf(plan);
    const Reading reading = readLadders(circuit, {});
    EXPECT_EQ(chainOf(rungOf(reading.ladders.front(), "inverter").up),
              (std::vector<std::string>{"inverter.feed+", "inverter.feed+.after"}));
}

TEST(Ladders, ARingOfIsolatorsIsNoEndlessWalk) {
    Plan plan = test::aFullVan();
    plan.amendments = {PutIn{ConductorId("inverter.feed+")},
                       MoveEnd{ConductorId("inverter.feed+.after"),
                               End::To,
                               {DeviceId("inverter.feed+.isolator"), "a"}}};
    const Circuit circuit = test::circuitOf(plan);
    const Reading reading = readLadders(circuit, {});
    EXPECT_FALSE(reading.ladders.front().rungs.empty());
}

}  // namespace
}  // namespace spirk
