// SPDX-License-Identifier: GPL-3.0-or-later
// Files of older formats come to the units that they meant.
#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using nlohmann::json;

// A full plan of format 2: one of each unit, by name.
json ofFormat2() {
    json file = json::parse(writePlan(test::aFullVan()));
    file["spirk_format"] = 2;
    file.erase("variants");
    for (json& appliance : file["appliances"]) {
        appliance.erase("planned");
    }
    file["gear"] = json::parse(R"({
        "bank": {"model": "lfp_150", "count": 3, "series": 1},
        "distribution": "distributor",
        "converter": "converter_20",
        "solar": {"panel": "panel_180", "series": 2, "parallel": 2, "controller": "mppt_100_50"},
        "engine": {"charger": "dcdc_30", "alternator_a": 180},
        "inverter": {"model": "inverter_1600", "on_h_per_day": 2}})");
    return file;
}

TEST(Formats, OfTwoComesToUnitsWithTheStemsItHad) {
    const PlanReading reading = readPlan(ofFormat2().dump(), "two");
    ASSERT_TRUE(reading.plan.has_value());
    Gear expected = test::aFullVan().gear;
    mainRailOf(expected).kind = Distribution::Distributor;
    putConverter(expected, "converter_20");
    EXPECT_EQ(reading.plan->gear, expected);
    EXPECT_EQ(bankOf(expected).id, UnitId("bank"));
    EXPECT_EQ(expected.sources.at(0).id, UnitId("mppt"));
    EXPECT_EQ(expected.sources.at(1).id, UnitId("dcdc"));
}

TEST(Formats, IsSavedAsThreeAndReadTheSame) {
    const PlanReading old = readPlan(ofFormat2().dump(), "two");
    ASSERT_TRUE(old.plan.has_value());
    const std::string saved = writePlan(*old.plan);
    EXPECT_EQ(json::parse(saved)["spirk_format"], 3);
    const PlanReading again = readPlan(saved, "three");
    ASSERT_TRUE(again.plan.has_value());
    EXPECT_EQ(*again.plan, *old.plan);
}

TEST(Formats, UnknownKeysOfTwoGoWithTheirUnit) {
    json file = ofFormat2();
    file["gear"]["solar"]["colour"] = "black";
    file["gear"]["bank"]["bought"] = 2024;
    const PlanReading reading = readPlan(file.dump(), "two");
    ASSERT_TRUE(reading.plan.has_value());
    const json saved = json::parse(writePlan(*reading.plan));
    EXPECT_EQ(saved["gear"]["sources"][0]["colour"], "black");
    EXPECT_EQ(saved["gear"]["banks"][0]["bought"], 2024);
}

TEST(Formats, UnitsOptionsCircuitsAndVariantsAreKept) {
    Plan plan = test::aFullVan();
    plan.gear.sources.front().options["future"] = "option";
    plan.gear.circuits = {{UnitId("galley"), UnitId("main"), {ApplianceId("lamp")}}};
    plan.appliances.front().planned = Planned::Growth;
    plan.variants = {{UnitId("small"), "the small one", test::aSmallVan().gear}};
    const PlanReading reading = readPlan(writePlan(plan), "three");
    ASSERT_TRUE(reading.plan.has_value());
    EXPECT_EQ(*reading.plan, plan);
}

}  // namespace
}  // namespace spirk
