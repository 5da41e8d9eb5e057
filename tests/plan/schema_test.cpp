// SPDX-License-Identifier: GPL-3.0-or-later
// Plans against docs/plan.schema.json (JSON Schema, draft 7), judged by a validator that is not
// ours.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validator.hpp>

#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/corpus/format_2.h"
#include "tests/support/builders.h"
#include "tests/support/systems.h"

namespace spirk {
namespace {

using nlohmann::json;
using valijson::adapters::NlohmannJsonAdapter;
namespace fs = std::filesystem;

json parsed(const fs::path& path) {
    std::ifstream in(path);
    return json::parse(in);
}

const valijson::Schema& schema() {
    static const auto read = [] {
        static const json file = parsed(fs::path(SPIRK_SOURCE_DIR) / "docs/plan.schema.json");
        auto out = std::make_unique<valijson::Schema>();
        valijson::SchemaParser().populateSchema(NlohmannJsonAdapter(file), *out);
        return out;
    }();
    return *read;
}

// What is wrong with a plan's file; empty: nothing.
std::string faults(const json& plan) {
    valijson::ValidationResults results;
    if (valijson::Validator().validate(schema(), NlohmannJsonAdapter(plan), &results)) {
        return "";
    }
    std::string out;
    valijson::ValidationResults::Error error;
    while (results.popError(error)) {
        for (const std::string& place : error.context) {
            out += place;
        }
        out += ": " + error.description + "\n";
    }
    return out;
}

TEST(Schema, EveryPlanOfTheTreeIsAsItSays) {
    int plans = 0;
    for (const auto& entry : fs::directory_iterator(fs::path(SPIRK_DATA_DIR) / "demo")) {
        SCOPED_TRACE(entry.path().filename());
        EXPECT_EQ(faults(parsed(entry.path())), "");
        ++plans;
    }
    EXPECT_GE(plans, 3);
    EXPECT_EQ(faults(json::parse(writePlan(emptyPlan(test::library())))), "");
    EXPECT_EQ(faults(json::parse(writePlan(emptyPlan(test::americanLibrary())))), "");
}

TEST(Schema, SystemsOfEveryWayAreAsItSays) {
    for (unsigned seed = 0; seed < 100; ++seed) {
        SCOPED_TRACE(seed);
        const Library& library = seed % 2 == 0 ? test::library() : test::americanLibrary();
        EXPECT_EQ(faults(json::parse(writePlan(test::systemAtRandom(seed, library)))), "");
    }
}

// Units, amendments of each kind, own gear: what the corpus has, as this version saves it.
TEST(Schema, OldPlansAreSavedAsItSays) {
    for (int seed = 0; seed < test::kCorpusSize; ++seed) {
        SCOPED_TRACE(seed);
        const PlanReading reading = readPlan(test::format2Plan(seed), "corpus");
        ASSERT_TRUE(reading.plan.has_value());
        ASSERT_EQ(faults(json::parse(writePlan(*reading.plan))), "");
    }
}

TEST(Schema, TellsWhatIsNotInTheFormat) {
    const json good = json::parse(writePlan(test::aFullVan()));
    const auto with = [&](const char* pointer, const json& value) {
        json bad = good;
        bad[json::json_pointer(pointer)] = value;
        return faults(bad);
    };
    EXPECT_EQ(faults(good), "");
    EXPECT_NE(with("/spirk_format", 2), "");
    EXPECT_NE(with("/gear/banks/0/count", 5), "");
    EXPECT_NE(with("/gear/banks", json::array()), "");
    EXPECT_NE(with("/gear/banks/0/id", "bank.1"), "");
    EXPECT_NE(with("/gear/sources/0/kind", "wind"), "");
    EXPECT_NE(with("/gear/sources/0/colour", "blue"), "");
    EXPECT_NE(with("/amendments", json::parse(R"([{"kind":"set_size","conductor":"bond"}])")), "");
}

}  // namespace
}  // namespace spirk
