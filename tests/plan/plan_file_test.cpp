// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan_file.h"

#include <gtest/gtest.h>
#include <sys/resource.h>
#include <sys/stat.h>

#include <csignal>
#include <filesystem>
#include <fstream>
#include <functional>
#include <nlohmann/json.hpp>

#include "tests/support/builders.h"

namespace spirk {
namespace {

using nlohmann::json;

Plan aPlanWithEverything() {
    Plan plan = test::aFullVan();
    plan.notes = "zwölf Volt, “quoted”";
    plan.amendments = {
        SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)},
        SetFuse{ConductorId("inverter.feed+"), End::From, "class_t", amps(225)},
        SetLength{ConductorId("bond"), metres(1.2)},
        PutIn{ConductorId("inverter.feed+")},
        LeaveOutProtection{ConductorId("bank.1.lead+"), End::From},
        MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("bank.neg"), "bar"}},
        SetFuseDistance{ConductorId("mppt.feed+"), End::From, metres(0.3)},
        PutInProtection{ConductorId("mppt.link+"), End::To, "thermal"},
        SetInsulation{ConductorId("engine.feed+"), "pvc70"},
        SetHardware{DeviceId("main.switch"), "switch_350"}};
    plan.numbers = {{ConductorId("bond"), 7}};
    plan.highestNumber = 12;
    plan.van.placed[DeviceId("inverter")] = PlaceId("bed");
    plan.appliances.front().measured = watts(41.5);
    return plan;
}

TEST(PlanFile, ReadingWhatWasWrittenGivesTheSamePlan) {
    const Plan plan = aPlanWithEverything();
    const PlanReading reading = readPlan(writePlan(plan), "test");
    ASSERT_TRUE(reading.plan.has_value())
        << (reading.problems.empty() ? "" : oneLine(reading.problems[0]));
    EXPECT_EQ(writePlan(*reading.plan), writePlan(plan));
    EXPECT_EQ(reading.plan->amendments, plan.amendments);
    EXPECT_EQ(reading.plan->numbers, plan.numbers);
    EXPECT_EQ(reading.plan->highestNumber, 12);
    EXPECT_EQ(reading.plan->notes, plan.notes);
}

TEST(PlanFile, SamePlanGivesTheSameBytes) {
    EXPECT_EQ(writePlan(test::theDemo()), writePlan(test::theDemo()));
}

TEST(PlanFile, NumbersReadAsTheyWereTyped) {
    Plan plan = test::aSmallVan();
    plan.appliances.front().uses = {{hours(7), hours(0.15), 0.1}};
    const std::string text = writePlan(plan);
    EXPECT_NE(text.find("\"span_h\": 0.15"), std::string::npos);
    EXPECT_NE(text.find("\"duty\": 0.1"), std::string::npos);
}

// Each row: a fault made in a good file, and what the message must name.
struct Bad {
    const char* name;
    std::function<void(json&)> damage;
    const char* where;
};

const Bad kBad[] = {
    {"a missing field", [](json& j) { j["trip"].erase("climate"); }, "trip.climate"},
    {"text for a number",
     [](json& j) { j["trip"]["days_without_sun"] = "two"; },
     "trip.days_without_sun"},
    {"number for a text", [](json& j) { j["name"] = 5; }, "name"},
    {"a negative power",
     [](json& j) { j["appliances"][0]["rated_w"] = -45; },
     "appliances[0].rated_w"},
    {"an absurd power",
     [](json& j) { j["appliances"][0]["rated_w"] = 1e12; },
     "appliances[0].rated_w"},
    {"a duty above one",
     [](json& j) { j["appliances"][0]["uses"][0]["duty"] = 1.5; },
     "appliances[0].uses[0].duty"},
    {"a thirteenth month", [](json& j) { j["trip"]["first_month"] = 13; }, "trip.first_month"},
    {"half a battery",
     [](json& j) { j["gear"]["banks"][0]["count"] = 1.5; },
     "gear.banks[0].count"},
    {"five batteries", [](json& j) { j["gear"]["banks"][0]["count"] = 5; }, "gear.banks[0].count"},
    {"no bank", [](json& j) { j["gear"]["banks"] = json::array(); }, "gear.banks"},
    {"no rail at the bank", [](json& j) { j["gear"]["rails"] = json::array(); }, "gear.rails"},
    {"a stem with a dot",
     [](json& j) { j["gear"]["banks"][0]["id"] = "bank.1"; },
     "gear.banks[0].id"},
    {"a stem used twice", [](json& j) { j["gear"]["rails"][0]["id"] = "bank"; }, "gear.rails"},
    {"an unknown source",
     [](json& j) {
         j["gear"]["sources"] = {
             {{"id", "mill"}, {"way", "behind_switch"}, {"into", "main"}, {"kind", "wind"}}};
     },
     "gear.sources[0].kind"},
    {"an unknown feed",
     [](json& j) { j["appliances"][0]["feed"] = "steam"; },
     "appliances[0].feed"},
    {"a list for a group", [](json& j) { j["van"] = json::array(); }, "van"},
    {"a null for a list", [](json& j) { j["appliances"] = nullptr; }, "appliances"},
    {"an id used twice",
     [](json& j) { j["appliances"][1]["id"] = j["appliances"][0]["id"]; },
     "appliances"},
    {"an unknown amendment",
     [](json& j) {
         j["amendments"] = {{{"kind", "paint"}, {"conductor", "bond"}}};
     },
     "amendments[0].kind"},
    {"a terminal without a port",
     [](json& j) {
         j["amendments"] = {
             {{"kind", "move_end"}, {"conductor", "bond"}, {"end", "to"}, {"terminal", "chassis"}}};
     },
     "amendments[0].terminal"},
};

// A string that has a twentieth of its capacity left is read, one with less is refused.
TEST(PlanFile, AnAgedStringHasATwentiethLeftAtLeast) {
    const auto read = [](double left) {
        Plan plan = test::aFullVan();
        plan.gear.banks.front().unlike = {{1, "", left}};
        return readPlan(writePlan(plan), "aged").plan.has_value();
    };
    EXPECT_TRUE(read(0.05));
    EXPECT_FALSE(read(0.049));
}

TEST(PlanFile, EveryFaultIsNamedWithItsPlace) {
    for (const Bad& bad : kBad) {
        SCOPED_TRACE(bad.name);
        json file = json::parse(writePlan(test::aSmallVan()));
        bad.damage(file);
        const PlanReading reading = readPlan(file.dump(), "test.spirk");
        EXPECT_FALSE(reading.plan.has_value());
        ASSERT_FALSE(reading.problems.empty());
        EXPECT_EQ(reading.problems.front().where, bad.where);
        EXPECT_FALSE(reading.problems.front().remedy.empty());
    }
}

TEST(PlanFile, AllProblemsAreNamedNotTheFirst) {
    json file = json::parse(writePlan(test::aSmallVan()));
    file["trip"]["first_month"] = 0;
    file["trip"]["last_month"] = 99;
    file["gear"]["banks"][0]["count"] = 9;
    EXPECT_EQ(readPlan(file.dump(), "test").problems.size(), 3u);
}

TEST(PlanFile, NotANumberAndInfinityAreRefused) {
    std::string text = writePlan(test::aSmallVan());
    const std::string good = "\"days_without_sun\": 1";
    for (const char* bad : {"NaN", "Infinity", "1e999"}) {
        std::string damaged = text;
        damaged.replace(
            damaged.find(good), good.size(), std::string("\"days_without_sun\": ") + bad);
        EXPECT_FALSE(readPlan(damaged, "test").plan.has_value()) << bad;
    }
}

TEST(PlanFile, TruncatedAnywhereIsRefusedWithoutACrash) {
    const std::string text = writePlan(test::theDemo());
    // The file ends in '}\n': all shorter texts are incomplete.
    for (std::size_t length = 0; length + 2 < text.size(); length += 37) {
        const PlanReading reading = readPlan(text.substr(0, length), "cut.spirk");
        ASSERT_FALSE(reading.plan.has_value()) << length;
        ASSERT_FALSE(reading.problems.empty()) << length;
    }
}

TEST(PlanFile, ForeignFilesAreNotPlans) {
    for (const char* text : {"",
                             "hello",
                             "[]",
                             "{}",
                             "{\"spirk_format\": \"one\"}",
                             "{\"spirk_format\": 0}",
                             "\x89PNG\r\n"}) {
        const PlanReading reading = readPlan(text, "foreign.spirk");
        EXPECT_FALSE(reading.plan.has_value()) << text;
        EXPECT_NE(oneLine(reading.problems.at(0)).find("foreign.spirk"), std::string::npos);
    }
}

TEST(PlanFile, NewerVersionIsRefusedAndTheFileLeftAsItIs) {
    json file = json::parse(writePlan(test::aSmallVan()));
    file["spirk_format"] = kPlanFormatVersion + 1;
    const std::string path = test::temporaryPath("newer.spirk");
    std::ofstream(path) << file.dump();
    const PlanReading reading = loadPlan(path);
    EXPECT_FALSE(reading.plan.has_value());
    EXPECT_NE(english(reading.problems.at(0).what).find("newer version"), std::string::npos);
    std::ifstream in(path);
    EXPECT_EQ(std::string((std::istreambuf_iterator<char>(in)), {}), file.dump());
}

TEST(PlanFile, SavingReplacesTheFileWhole) {
    const std::string path = test::temporaryPath("save.spirk");
    ASSERT_TRUE(savePlan(test::aSmallVan(), path).has_value());
    ASSERT_TRUE(savePlan(test::theDemo(), path).has_value());
    EXPECT_EQ(writePlan(*loadPlan(path).plan), writePlan(test::theDemo()));
    EXPECT_FALSE(std::filesystem::exists(path + ".part"));
}

TEST(PlanFile, SavingWhereNothingCanBeWrittenSaysSo) {
    const auto saved = savePlan(test::aSmallVan(), "/no/such/folder/plan.spirk");
    ASSERT_FALSE(saved.has_value());
    EXPECT_NE(saved.error().where.find("/no/such/folder"), std::string::npos);
}

// A full disk, played by a limit on the size of files.
TEST(PlanFile, AFailedSaveLeavesTheOldFile) {
    const std::string path = test::temporaryPath("full.spirk");
    ASSERT_TRUE(savePlan(test::aSmallVan(), path).has_value());
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    const rlimit tiny{100, before.rlim_max};
    setrlimit(RLIMIT_FSIZE, &tiny);
    const auto saved = savePlan(test::theDemo(), path);
    setrlimit(RLIMIT_FSIZE, &before);
    EXPECT_FALSE(saved.has_value());
    EXPECT_EQ(loadPlan(path).plan->name, "small");
    EXPECT_FALSE(std::filesystem::exists(path + ".part"));
}

TEST(PlanFile, TheExampleOfTheDocumentationLoads) {
    std::ifstream in(std::string(SPIRK_SOURCE_DIR) + "/docs/file-format.md");
    const std::string page((std::istreambuf_iterator<char>(in)), {});
    const std::size_t begin = page.find("```json\n{\n  \"spirk_format\"");
    ASSERT_NE(begin, std::string::npos);
    const std::size_t start = page.find('{', begin);
    const std::size_t end = page.find("```", start);
    const PlanReading reading = readPlan(page.substr(start, end - start), "docs/file-format.md");
    ASSERT_TRUE(reading.plan.has_value())
        << (reading.problems.empty() ? "" : oneLine(reading.problems[0]));
    EXPECT_EQ(reading.plan->amendments.size(), 10u);  // one of each kind
}

}  // namespace
}  // namespace spirk
