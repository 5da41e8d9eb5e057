// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/ways.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "core/circuit/assemble.h"
#include "core/design/design.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

// The plan room makes new units without the table: what it names must be the table's usual ways.
TEST(Ways, OfNewUnitsAreTheUsualOnes) {
    Gear gear = test::aFullVan().gear;
    putConverter(gear, "converter_20");
    const auto usual = [](WayKind of) { return WayId(usualWay(library(), of).id); };
    EXPECT_EQ(bankOf(gear).way, usual(WayKind::Bank));
    EXPECT_EQ(mainRailOf(gear).way, usual(WayKind::MainRail));
    EXPECT_EQ(gear.rails.back().way, usual(WayKind::ConverterRail));
    EXPECT_EQ(firstSourceOf<SolarChoice>(gear)->way, usual(WayKind::Sun));
    EXPECT_EQ(firstSourceOf<EngineChoice>(gear)->way, usual(WayKind::Engine));
    EXPECT_EQ(gear.inverters.front().way, usual(WayKind::Inverter));
}

using Key = std::pair<WayKind, std::string>;

TEST(Ways, StandInTheListAndInTheTable) {
    std::set<Key> listed;
    std::set<Key> told;
    for (const Way& way : ways()) {
        EXPECT_TRUE(listed.insert({way.of, std::string(way.id)}).second) << way.id;
    }
    for (const WayRow& row : library().ways) {
        EXPECT_TRUE(told.insert({row.of, row.id}).second) << row.id;
        EXPECT_FALSE(row.name.empty() || row.speaksFor.empty() || row.source.empty()) << row.id;
    }
    EXPECT_EQ(listed, told);
}

Plan withSun(const char* way, int batteries) {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "lfp_150", batteries);
    firstSourceOf<SolarChoice>(plan.gear)->way = WayId(way);
    return plan;
}

// Amperes out of the controller at noon with the main switch off.
Amps storedAtNoon(const Design& d) {
    Moment noon;
    noon.id = "stored";
    noon.sun = 1.0;
    noon.open = {firstOf(d.wiring.circuit, DeviceKind::MainSwitch)->id};
    const MomentSolution m = solveMoment({&d.wiring.circuit, d.cables.ohms, Strength::Weak}, noon);
    const Flow* flow = m.flowOf(d.wiring.circuit, DeviceId("mppt"));
    return flow == nullptr ? amps(0.0) : flow->through;
}

TEST(SolarWays, OnlyTheOneBeforeTheSwitchChargesAStoredVan) {
    for (const int batteries : {1, 3}) {
        SCOPED_TRACE(batteries);
        const Design before = design(withSun("before_switch", batteries), library());
        const Design behind = design(withSun("behind_switch", batteries), library());
        EXPECT_GT(storedAtNoon(before), amps(20.0));
        EXPECT_NEAR(storedAtNoon(behind).si(), 0.0, 1e-9);
    }
}

// Common practice: a lead from the bank is fused at the bank, and its return is measured.
TEST(SolarWays, BeforeTheSwitchTheLeadIsFusedAtTheBankAndReturnsBehindTheShunt) {
    const Design d = design(withSun("before_switch", 3), library());
    const Circuit& c = d.wiring.circuit;
    const Conductor* feed = findConductor(c, ConductorId("mppt.feed+"));
    ASSERT_NE(feed, nullptr);
    EXPECT_TRUE(findPort(c, feed->from)->batteryEnd);
    ASSERT_NE(protectionAt(c, *feed, End::From), nullptr);
    EXPECT_EQ(protectionAt(c, *feed, End::From)->missing, "S7");
    const Conductor* back = findConductor(c, ConductorId("mppt.feed-"));
    EXPECT_EQ(back->to, firstTerminal(*barOf(c, Pole::Negative)));
}

TEST(SolarWays, TheAdviceAgainstTheSwitchTakesTheOtherWay) {
    const Plan plan = withSun("behind_switch", 3);
    const Design d = design(plan, library());
    const Finding* advice = test::findingOf(d, "S8");
    ASSERT_NE(advice, nullptr);
    const Plan mended = apply(plan, advice->mends.front());
    EXPECT_EQ(mended, withSun("before_switch", 3));
    const Design after = design(mended, library());
    EXPECT_EQ(test::findingOf(after, "S8"), nullptr);
}

TEST(SolarWays, NeitherBringsADanger) {
    for (const char* way : {"behind_switch", "before_switch"}) {
        SCOPED_TRACE(way);
        for (const Finding& f : design(withSun(way, 3), library()).checks.findings) {
            EXPECT_TRUE(f.severity != Severity::Danger || f.rule == "MAINS") << f.id;
        }
    }
}

}  // namespace
}  // namespace spirk
