// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/design.h"
#include "core/gear/inverter.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

const Moment* momentOf(const std::vector<Moment>& moments, const std::string& id) {
    const auto found = std::ranges::find(moments, id, &Moment::id);
    return found == moments.end() ? nullptr : &*found;
}

const MomentSolution& solutionOf(const Design& d, const std::string& id) {
    const auto found = std::ranges::find(d.moments, id, &MomentSolution::moment);
    EXPECT_NE(found, d.moments.end()) << id;
    return *found;
}

Amps bankCurrent(const Design& d, const MomentSolution& m) {
    Amps sum;
    for (const Device& device : d.wiring.circuit.devices) {
        if (device.kind == DeviceKind::Battery) {
            sum += *test::currentOf(d.wiring.circuit, m, device.id.value);
        }
    }
    return sum;
}

TEST(Moments, FollowTheGear) {
    const Wiring small = design(test::aSmallVan(), library()).wiring;
    EXPECT_EQ(momentOf(small.moments, "idle"), nullptr);
    EXPECT_EQ(momentOf(small.moments, "noon"), nullptr);
    EXPECT_EQ(momentOf(small.moments, "driving"), nullptr);
    EXPECT_EQ(small.sizing.size(), 1u);
    const Wiring full = design(test::aFullVan(), library()).wiring;
    for (const char* id : {"night", "loads", "idle", "noon", "driving", "driving_in_sun", "rest"}) {
        EXPECT_NE(momentOf(full.moments, id), nullptr) << id;
    }
    // All draw, engine, sun, both, all at once; the first and the one of all chargers again without
    // each of three batteries.
    EXPECT_EQ(full.sizing.size(), 5u + 2u * 3u);
}

TEST(Moments, TheEveningRunsTheWorstCaseButNotMoreThanTheInverterCan) {
    Plan plan = test::aFullVan();
    const auto drawn = [](const Design& d) {
        return momentOf(d.wiring.moments, "night")->drawn.at(DeviceId("inverter"));
    };
    const Design d = design(plan, library());
    const InverterModel& inverter = *d.gear.inverter();
    EXPECT_EQ(drawn(d), inverterInput(inverter, watts(1000)));
    plan.appliances.back().rated = watts(5000);
    EXPECT_EQ(drawn(design(plan, library())), inverterInput(inverter, watts(1600)));
}

// What must run at once is shared from the first inverter on: 2 kW, of which the first gives 1.6.
TEST(Moments, ASecondInverterGivesWhatTheFirstCannot) {
    Plan plan = test::aFullVan();
    plan.appliances.back().rated = watts(2000);
    plan.gear.inverters.push_back({{UnitId("little"), WayId("inverter_on_bars"), {}},
                                   UnitId(kMainRail),
                                   "inverter_500",
                                   hours(1)});
    const Design d = design(plan, library());
    const auto& drawn = momentOf(d.wiring.moments, "night")->drawn;
    const auto input = [&](std::size_t i, double out) {
        return inverterInput(*d.gear.inverters[i].model, watts(out));
    };
    EXPECT_EQ(drawn.at(DeviceId("inverter")), input(0, 1600));
    EXPECT_EQ(drawn.at(DeviceId("little")), input(1, 400));
}

TEST(Moments, AtRestNothingFlows) {
    const Design d = design(test::theDemo(), library());
    EXPECT_NEAR(bankCurrent(d, solutionOf(d, "rest")).si(), 0.0, 1e-6);
}

// A lead battery of six cells at rest, well charged: about 12.7 V (common knowledge of the trade).
TEST(Moments, AtRestTheStarterBatteryHasItsOwnVolts) {
    const Design d = design(test::aFullVan(), test::library());
    const auto rest = std::ranges::find(d.moments, std::string("rest"), &MomentSolution::moment);
    const auto volts =
        rest->between(d.wiring.circuit, {DeviceId("starter"), "+"}, {DeviceId("starter"), "-"});
    ASSERT_TRUE(volts.has_value());
    EXPECT_NEAR(volts->si(), 12.7, 1e-6);
}

TEST(Moments, NoonAndDrivingChargeTheEveningDischarges) {
    const Design d = design(test::theDemo(), library());
    EXPECT_LT(bankCurrent(d, solutionOf(d, "noon")), amps(-30));
    EXPECT_LT(bankCurrent(d, solutionOf(d, "driving")), amps(-35));
    EXPECT_GT(bankCurrent(d, solutionOf(d, "night")), amps(100));
}

TEST(Moments, AllLoadsTogetherAreTheSumOfEach) {
    const Design d = design(test::theDemo(), library());
    const MomentSolution& m = solutionOf(d, "loads");
    Amps sum;
    for (const Device& device : d.wiring.circuit.devices) {
        if (device.kind == DeviceKind::Load) {
            sum += *test::currentOf(d.wiring.circuit, m, device.id.value);
        }
    }
    EXPECT_NEAR(sum.si(), bankCurrent(d, m).si(), 1e-6);
}

TEST(Moments, WeakerBatteriesSagMore) {
    Plan plan = test::aFullVan();
    inverterOf(plan.gear)->model = "inverter_1000";
    const auto atTheBar = [](const Design& d) {
        return *solutionOf(d, "night")
                    .between(d.wiring.circuit,
                             {DeviceId("bus.pos"), "bar"},
                             {DeviceId("bus.neg"), "bar"});
    };
    const Volts three = atTheBar(design(plan, library()));
    bankOf(plan.gear).count = 1;
    EXPECT_LT(atTheBar(design(plan, library())), three);
}

}  // namespace
}  // namespace spirk
