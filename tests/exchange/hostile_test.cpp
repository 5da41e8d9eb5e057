// SPDX-License-Identifier: GPL-3.0-or-later
// The hostile corpus against the core: refused with a place and a remedy, in few words, or designed
// and written out without harm. What would be too large to keep as a file is made here.
#include "tests/support/hostile.h"

#include <gtest/gtest.h>

#include <functional>
#include <nlohmann/json.hpp>
#include <set>

#include "core/exchange/csv.h"
#include "core/exchange/report.h"
#include "core/files/read_file.h"
#include "core/library/gear_file.h"
#include "core/plan/plan_file.h"
#include "core/plan/references.h"
#include "core/result/problems.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using nlohmann::json;

constexpr std::size_t kMostSaid = 6000;  // bytes; judgement: a screenful

TEST(Hostile, WhatMustNotBeOpenedIsRefusedInFewWords) {
    const std::vector<std::string> files = test::hostileFiles("refused");
    EXPECT_GE(files.size(), 30u);
    for (const std::string& file : files) {
        SCOPED_TRACE(file);
        const PlanReading reading = openPlan(file, test::libraries());
        EXPECT_FALSE(reading.plan.has_value());
        ASSERT_FALSE(reading.problems.empty());
        std::size_t said = 0;
        for (const std::string& line : shownLines(reading.problems)) {
            said += line.size();
        }
        EXPECT_LT(said, kMostSaid);
        EXPECT_FALSE(reading.problems.front().remedy.empty());
        EXPECT_FALSE(reading.problems.front().where.empty());
    }
}

TEST(Hostile, SwappedNumbersAreNamedBothWithTheirValues) {
    const std::string folder = std::string(SPIRK_SOURCE_DIR) + "/tests/hostile/refused/";
    const PlanReading reading = openPlan(folder + "panel-volts-swapped.spirk", test::libraries());
    ASSERT_EQ(reading.problems.size(),
              2u);  // the order, and watts that are no longer volts by amps
    const Error& e = reading.problems.front();
    const PanelModel& panel = test::library().panels.front();
    EXPECT_EQ(e.where, "own_gear.panels[0].voc");
    for (const Volts v : {panel.voc, panel.vmp}) {
        EXPECT_NE(english(e.what).find(formatNumber(v.si(), 4)), std::string::npos)
            << english(e.what);
    }
}

TEST(Hostile, WhatMayBeOpenedIsDesignedAndWrittenOut) {
    const std::vector<std::string> files = test::hostileFiles("accepted");
    EXPECT_GE(files.size(), 10u);
    for (const std::string& file : files) {
        SCOPED_TRACE(file);
        const PlanReading reading = openPlan(file, test::libraries());
        ASSERT_TRUE(reading.plan.has_value()) << oneLine(reading.problems.front());
        const Library& library = libraryFor(test::libraries(), reading.plan->region);
        const Design d = design(*reading.plan, library);
        EXPECT_FALSE(reportText(d, library).empty());
        EXPECT_FALSE(json::parse(reportJson(d, library)).empty());
        const std::string text = writePlan(*reading.plan);
        const PlanReading again = readPlan(text, "again");
        ASSERT_TRUE(again.plan.has_value());
        EXPECT_EQ(writePlan(*again.plan), text);
    }
}

// What a spreadsheet program takes for a formula: OWASP, 'CSV Injection'.
TEST(Hostile, NoCellIsAFormula) {
    const std::string file =
        std::string(SPIRK_SOURCE_DIR) + "/tests/hostile/accepted/names-that-are-formulas.spirk";
    const Design d = design(*loadPlan(file).plan, test::library());
    int formulas = 0;
    for (const std::string& table :
         {partsCsv(d), cutsCsv(d), labelsCsv(d), cablesCsv(d, test::library())}) {
        EXPECT_EQ(table.find(",="), std::string::npos);
        EXPECT_EQ(table.find(",@"), std::string::npos);
        EXPECT_EQ(table.find("\n="), std::string::npos);
        formulas += table.find("'=") != std::string::npos ? 1 : 0;
    }
    EXPECT_GT(formulas, 0);
    EXPECT_EQ(writeCsv({{"-3.5", "+1e-3", "-3.5 V", "'=1", "=1"}}),
              "-3.5,'+1e-3,'-3.5 V,''=1,'=1\r\n");
    EXPECT_EQ(readCsv("'=1,''=1,'plain\r\n")->front(), (CsvRow{"=1", "'=1", "'plain"}));
}

TEST(Hostile, IdsOfTheProgramNeverMeetAPersons) {
    const std::string file = std::string(SPIRK_SOURCE_DIR) +
                             "/tests/hostile/accepted/appliances-named-like-groups.spirk";
    const Plan plan = *loadPlan(file).plan;
    const Design d = design(plan, test::americanLibrary());
    std::set<ConductorId> conductors;
    for (const Conductor& c : d.wiring.circuit.conductors) {
        EXPECT_TRUE(conductors.insert(c.id).second) << c.id.value;
    }
    std::set<DeviceId> devices;
    for (const Device& device : d.wiring.circuit.devices) {
        EXPECT_TRUE(devices.insert(device.id).second) << device.id.value;
    }
    // The group keeps the name that amendments and labels know; a person's own gets out of its way.
    EXPECT_TRUE(conductors.contains(ConductorId("circuit.12v.kitchen.feed+")));
    EXPECT_TRUE(conductors.contains(ConductorId("circuit.own.kitchen.feed+")));
    EXPECT_TRUE(conductors.contains(ConductorId("circuit.own.12v.kitchen.feed+")));
    EXPECT_TRUE(conductors.contains(ConductorId("circuit.own.own.kitchen.feed+")));
}

TEST(Hostile, DeadAmendmentsAreToldTogetherWhereThereAreMany) {
    const std::string file =
        std::string(SPIRK_SOURCE_DIR) + "/tests/hostile/accepted/dead-amendments.spirk";
    const Design d = design(*loadPlan(file).plan, test::library());
    const auto isDead = [](const Finding& f) { return f.rule == "AMEND"; };
    EXPECT_EQ(std::ranges::count_if(d.checks.findings, isDead), 21);
    const auto more = std::ranges::find(d.checks.findings, "AMEND more", &Finding::id);
    ASSERT_NE(more, d.checks.findings.end());
    EXPECT_NE(english(more->what).find("30 more"), std::string::npos);
    EXPECT_EQ(more->where.size(), 30u);
}

// A field of the plan, how many entries it may have, and one entry.
struct Limit {
    const char* list;
    std::size_t most;
    std::function<json(const json& plan, std::size_t i)> entry;
};

json& listAt(json& plan, const std::string& path) { return plan[json::json_pointer(path)]; }

TEST(Hostile, LimitsHoldToTheEntry) {
    const auto first = [](const char* path) {
        return [path](const json& plan, std::size_t i) {
            json out = plan[json::json_pointer(path)][0];
            out["id"] = "x" + std::to_string(i);
            return out;
        };
    };
    const Limit limits[] = {
        {"/appliances", 2000, first("/appliances")},
        {"/van/places", 5000, first("/van/places")},
        {"/amendments",
         20000,
         [](const json&, std::size_t i) {
             return json{{"kind", "insert_isolator"}, {"conductor", "c" + std::to_string(i)}};
         }},
    };
    for (const Limit& limit : limits) {
        SCOPED_TRACE(limit.list);
        const json good = json::parse(writePlan(test::aSmallVan()));
        json full = good;
        json& list = listAt(full, limit.list);
        list = json::array();
        for (std::size_t i = 0; i < limit.most; ++i) {
            list.push_back(limit.entry(good, i));
        }
        EXPECT_TRUE(readPlan(full.dump(), "full").plan.has_value());
        list.push_back(limit.entry(good, limit.most));
        const PlanReading reading = readPlan(full.dump(), "over");
        ASSERT_EQ(reading.problems.size(), 1u);
        EXPECT_NE(english(reading.problems[0].what).find(std::to_string(limit.most)),
                  std::string::npos);
    }
}

// As deep as it may nest, it is kept and written back; deeper it is refused, however deep.
TEST(Hostile, DepthIsBounded) {
    std::string plan = writePlan(test::aSmallVan());
    plan = plan.substr(0, plan.rfind('}'));
    const auto nested = [&](std::size_t depth) {
        return plan + ",\"later\":" + std::string(depth, '[') + std::string(depth, ']') + "}";
    };
    const PlanReading deep = readPlan(nested(63), "deep");
    ASSERT_TRUE(deep.plan.has_value());
    EXPECT_NE(writePlan(*deep.plan).find("later"), std::string::npos);
    for (const std::size_t depth : {64U, 75'000U, 1'000'000U}) {
        const PlanReading reading = readPlan(nested(depth), "deeper");
        ASSERT_EQ(reading.problems.size(), 1u) << depth;
        EXPECT_NE(english(reading.problems[0].what).find("64 deep"), std::string::npos);
        EXPECT_NE(reading.problems[0].where.find("later"), std::string::npos);
    }
}

TEST(Hostile, AMessageRepeatsNoTokenOfMegabytes) {
    const std::string huge(2'000'000, 'x');
    const std::string good = writePlan(test::aSmallVan());
    const auto with = [&](const std::string& from, const std::string& to) {
        std::string text = good;
        text.replace(text.find(from), from.size(), to);
        return text;
    };
    for (const std::string& text : {with("\"small\"", huge),
                                    with("\"small\"", "\"" + huge + "\""),
                                    with("\"name\"", "\"" + huge + "\""),
                                    with("\"metre\"", "\"" + huge.substr(0, 400) + "\""),
                                    good.substr(0, 20) + "\"" + huge}) {
        const PlanReading reading = readPlan(text, "huge");
        ASSERT_FALSE(reading.problems.empty());
        for (const Error& e : reading.problems) {
            EXPECT_LT(oneLine(e).size(), 1000u);
        }
    }
}

TEST(Hostile, TwentyThousandErrorsAreTheFirstAndHowManyMore) {
    json gear{{"spirk_gear", 1}, {"batteries", json::array()}};
    json plan = json::parse(writePlan(test::aSmallVan()));
    plan["amendments"] = json::array();
    for (int i = 0; i < 20'000; ++i) {
        plan["amendments"].push_back(json::object());
        if (i < 500) {
            gear["batteries"].push_back(json::object());
        }
    }
    const PlanReading opened = readPlan(plan.dump(), "many");
    const GearReading imported = readGearFile(gear.dump(), "many");
    for (const auto* problems : {&opened.problems, &imported.problems}) {
        EXPECT_GT(problems->size(), 5000u);
        const std::vector<std::string> lines = shownLines(*problems);
        EXPECT_EQ(lines.size(), kMostShownProblems + 1);
        EXPECT_NE(lines.back().find(std::to_string(problems->size() - kMostShownProblems)),
                  std::string::npos);
    }
}

}  // namespace
}  // namespace spirk
