// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/kept_field.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "core/plan/plan_file.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using Json = nlohmann::ordered_json;

// A plan's file with fields of a later version, in the root, an entry with an id and one without.
Json aLaterFile() {
    Json file = Json::parse(writePlan(test::aSmallVan()));
    file["mood"] = "sunny";
    file["appliances"][1]["colour"] = {{"red", 1}};
    file["van"]["ways"][0]["clips"] = 4;
    return file;
}

TEST(KeptFields, AreReadWithTheirPlaces) {
    const PlanReading reading = readPlan(aLaterFile().dump(), "later");
    ASSERT_TRUE(reading.plan.has_value());
    std::vector<std::string> places;
    for (const KeptField& field : reading.plan->kept) {
        places.push_back(describe(field));
    }
    EXPECT_EQ(places,
              (std::vector<std::string>{"appliances[lamp].colour", "van.ways[0].clips", "mood"}));
}

TEST(KeptFields, AreWrittenBackWhereTheyStood) {
    const PlanReading reading = readPlan(aLaterFile().dump(), "later");
    ASSERT_TRUE(reading.plan.has_value());
    EXPECT_EQ(Json::parse(writePlan(*reading.plan)), aLaterFile());
}

TEST(KeptFields, FollowTheirEntryAndGoWithIt) {
    PlanReading reading = readPlan(aLaterFile().dump(), "later");
    ASSERT_TRUE(reading.plan.has_value());
    Plan plan = *reading.plan;
    std::swap(plan.appliances[0], plan.appliances[1]);
    EXPECT_TRUE(Json::parse(writePlan(plan))["appliances"][0].contains("colour"));
    plan.appliances.erase(plan.appliances.begin());
    EXPECT_EQ(writePlan(plan).find("colour"), std::string::npos);
}

TEST(KeptFields, AFileOfTheFirstVersionIsBroughtUpToDate) {
    Json file = Json::parse(writePlan(test::aSmallVan()));
    file["spirk_format"] = 1;
    file.erase("units");
    file.erase("accepted");
    file.erase("variants");
    file["gear"] = Json::parse(R"({"bank": {"model": "lfp_100", "count": 1}})");
    for (Json& a : file["appliances"]) {
        a.erase("supplied");
        a.erase("planned");
    }
    const PlanReading reading = readPlan(file.dump(), "first");
    ASSERT_TRUE(reading.plan.has_value());
    EXPECT_EQ(*reading.plan, test::aSmallVan());
}

}  // namespace
}  // namespace spirk
