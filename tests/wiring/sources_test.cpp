// SPDX-License-Identifier: GPL-3.0-or-later
// Relays and shore chargers, and what the ways leave to choose.
#include <gtest/gtest.h>

#include "core/design/design.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "core/powerup/powerup.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::has;
using test::library;

Plan anOldVan() {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "agm_110", 2);
    plan.gear.sources.push_back({{UnitId("combiner"), WayId("relay_from_starter"), {}},
                                 UnitId(kMainRail),
                                 RelayChoice{"relay_140"}});
    plan.gear.sources.push_back({{UnitId("hookup"), WayId("shore_on_bars"), {}},
                                 UnitId(kMainRail),
                                 ShoreChoice{"shore_20", hours(3)}});
    return plan;
}

// What flows out of the bank in a shown moment.
double bankAmps(const Design& d, const std::string& moment) {
    const auto solved = std::ranges::find(d.moments, moment, &MomentSolution::moment);
    EXPECT_NE(solved, d.moments.end()) << moment;
    double out = 0.0;
    for (const Flow& flow : solved->flows) {
        out += d.wiring.circuit.devices[flow.device].kind == DeviceKind::Battery ? flow.through.si()
                                                                                 : 0.0;
    }
    return out;
}

TEST(Relay, JoinsTheBatteriesOnlyWhileTheEngineRuns) {
    const Design d = design(anOldVan(), library());
    EXPECT_LT(bankAmps(d, "driving"), -10.0);
    EXPECT_NEAR(bankAmps(d, "rest"), 0.0, 1e-6);
    EXPECT_NEAR(bankAmps(d, "loads"), 55.0 / 12.2, 0.6);  // the loads, and nothing of the vehicle
}

TEST(Relay, HasAFuseAtEachBattery) {
    const Design d = design(anOldVan(), library());
    for (const char* id : {"combiner.engine.feed+", "combiner.feed+"}) {
        EXPECT_TRUE(findRow(d.cables, ConductorId(id))->fuseFrom.has_value()) << id;
    }
    EXPECT_EQ(test::findingOf(d, "W3"), nullptr);
    EXPECT_EQ(test::findingOf(d, "E5"), nullptr);
    EXPECT_EQ(test::findingOf(d, "W13"), nullptr);
}

// The largest it gives into 14.4 V of AGM is its rating.
TEST(Shore, ChargesByItsRatingAndOnlyOnShore) {
    const Design d = design(anOldVan(), library());
    EXPECT_NEAR(bankAmps(d, "shore"), -20.0, 1e-3);
    EXPECT_NEAR(findRow(d.cables, ConductorId("hookup.feed+"))->load.si(), 20.0, 1e-3);
    const Finding* mains = test::findingOf(d, "MAINS");
    ASSERT_NE(mains, nullptr);
    EXPECT_EQ(mains->id, "MAINS hookup");
}

TEST(Shore, IsSwitchedOnLastAndReadThere) {
    const Design d = design(anOldVan(), library());
    const auto step =
        std::ranges::find(d.powerUp.switchOn, std::string("on.hookup"), &SwitchStep::id);
    ASSERT_NE(step, d.powerUp.switchOn.end());
    ASSERT_EQ(step->readings.size(), 1u);
    EXPECT_NEAR(step->readings.front().value.si, 20.0, 1e-3);
    EXPECT_FALSE(step->caution.empty());
}

TEST(Sources, AreSavedAndReadAgain) {
    Plan plan = anOldVan();
    plan.van.vehicle.regulation = Regulation::Variable;
    plan.gear.rails.front().options["switch"] = "none";
    const PlanReading reading = readPlan(writePlan(plan), "old");
    ASSERT_TRUE(reading.plan.has_value());
    EXPECT_EQ(*reading.plan, plan);
}

TEST(Options, AnUnknownChoiceIsToldAndTheUsualOneTaken) {
    Plan plan = test::aFullVan();
    plan.gear.rails.front().options["switch"] = "three";
    const Design d = design(plan, library());
    EXPECT_NE(test::findingOf(d, "GEAR"), nullptr);
    EXPECT_TRUE(has(d, "main.switch"));
}

TEST(Options, WithoutSwitchAndShuntTheBankHangsOnTheBars) {
    Plan plan = test::aFullVan();
    plan.gear.rails.front().options = {{"switch", "none"}, {"shunt", "none"}};
    const Design d = design(plan, library());
    for (const char* id : {"main.switch", "main.link+", "shunt", "main.link-"}) {
        EXPECT_FALSE(has(d, id)) << id;
    }
    EXPECT_TRUE(findRow(d.cables, ConductorId("main.feed+"))->fuseFrom.has_value());
    for (const char* rule : {"W3", "G3", "G4", "S8"}) {
        EXPECT_EQ(test::findingOf(d, rule), nullptr) << rule;
    }
    EXPECT_GT(bankAmps(d, "loads"), 1.0);
    for (const DeviceSetting& setting : d.powerUp.settings) {
        EXPECT_NE(setting.device, DeviceId("shunt"));
    }
}

TEST(Options, AControllerWithoutIsolatorsIsFedAndFused) {
    Plan plan = test::aFullVan();
    plan.gear.sources.front().options = {{"isolator", "none"}, {"array_isolator", "none"}};
    const Design d = design(plan, library());
    for (const char* id : {"array.isolator", "mppt.isolator", "array.feed+", "mppt.link+"}) {
        EXPECT_FALSE(has(d, id)) << id;
    }
    EXPECT_EQ(findConductor(d.wiring.circuit, ConductorId("array.lead+"))->to,
              (TerminalId{DeviceId("mppt"), "pv+"}));
    EXPECT_LT(bankAmps(d, "noon"), -30.0);
}

struct EnableCase {
    const char* by;
    bool lead, ignition, driversSwitch;
    std::optional<Severity> e4;
};
TEST(Options, EachEnableWayIsWiredAndJudged) {
    for (const EnableCase& c : {EnableCase{"ignition", true, true, false, {}},
                                EnableCase{"d_plus", true, true, false, {}},
                                EnableCase{"interface", true, true, false, {}},
                                EnableCase{"voltage", false, false, false, Severity::Advice},
                                EnableCase{"switch", true, false, true, Severity::Advice}}) {
        SCOPED_TRACE(c.by);
        Plan plan = test::aFullVan();
        firstSourceOf<EngineChoice>(plan.gear)->options["enable"] = c.by;
        const Design d = design(plan, library());
        EXPECT_EQ(has(d, "dcdc.enable"), c.lead);
        EXPECT_EQ(has(d, "dcdc.enable.switch"), c.driversSwitch);
        const Finding* f = test::findingOf(d, "E4");
        ASSERT_EQ(f != nullptr, c.e4.has_value());
        if (f != nullptr) {
            EXPECT_EQ(f->severity, *c.e4);
        }
        EXPECT_EQ(test::findingOf(d, "W24"), nullptr);
    }
}

// A relay lifts the starter battery from the bank: a charger that only looks at its volts would
// run.
TEST(Options, VoltageSensingBesideARelayIsAFault) {
    Plan plan = test::aFullVan();
    firstSourceOf<EngineChoice>(plan.gear)->options["enable"] = "voltage";
    plan.gear.sources.push_back({{UnitId("combiner"), WayId("relay_from_starter"), {}},
                                 UnitId(kMainRail),
                                 RelayChoice{"relay_140"}});
    const Finding* f = test::findingOf(design(plan, library()), "E4");
    ASSERT_NE(f, nullptr);
}

// What can be taken out says by which option; a test holds every way to it.
TEST(Options, EachDeviceInALineIsLeftOutByOne) {
    const Design d = design(test::aFullVan(), library());
    for (const Device& device : d.wiring.circuit.devices) {
        const bool inLine =
            device.kind == DeviceKind::MainSwitch || device.kind == DeviceKind::Shunt ||
            device.kind == DeviceKind::Isolator || device.kind == DeviceKind::PvIsolator;
        EXPECT_EQ(device.leftOutBy.has_value(), inLine) << device.id.value;
    }
}

}  // namespace
}  // namespace spirk
