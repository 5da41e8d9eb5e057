// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/exchange/csv.h"
#include "core/exchange/report.h"
#include "core/exchange/table_json.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using nlohmann::json;
using test::library;

// RFC 4180: quotes round commas, quotes and line breaks; quotes doubled; CRLF.
TEST(Csv, QuotesAsRfc4180Asks) {
    EXPECT_EQ(writeCsv({{"a,b", "say \"x\"", "two\nlines", "plain"}}),
              "\"a,b\",\"say \"\"x\"\"\",\"two\nlines\",plain\r\n");
}

TEST(Csv, ReadingGivesBackWhatWasWritten) {
    const std::vector<CsvRow> rows{{"a,b", "say \"x\"", ""}, {"two\r\nlines", "äöü", "1.5"}};
    EXPECT_EQ(*readCsv(writeCsv(rows)), rows);
}

TEST(Csv, AnOpenQuoteIsNamedWithItsLine) {
    const auto read = readCsv("a,b\r\nc,\"d\r\n");
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(english(read.error().what).find("line 2"), std::string::npos);
}

TEST(Csv, EveryTableOfTheDemoReadsBackWithTheSameNumberOfCells) {
    const Design d = design(test::theDemo(), library());
    for (const std::string& text :
         {partsCsv(d), cutsCsv(d), labelsCsv(d), cablesCsv(d, library())}) {
        const auto rows = readCsv(text);
        ASSERT_TRUE(rows.has_value());
        ASSERT_GT(rows->size(), 10u);
        for (const CsvRow& row : *rows) {
            EXPECT_EQ(row.size(), rows->front().size());
        }
    }
    EXPECT_EQ(readCsv(cutsCsv(d))->size(), d.build.cuts.size() + 1);
    EXPECT_EQ(readCsv(partsCsv(d))->size(), d.build.parts.size() + 1);
}

// Each figure under its own head: a short at the near end is the larger one (Ohm's law).
TEST(Csv, CablesHaveEachFigureUnderItsHead) {
    const Design d = design(test::theDemo(), library());
    const auto rows = *readCsv(cablesCsv(d, library()));
    const auto column = [&](const char* head) {
        const auto at = std::ranges::find(rows.front(), head);
        EXPECT_NE(at, rows.front().end()) << head;
        return static_cast<std::size_t>(at - rows.front().begin());
    };
    const auto row = std::ranges::find_if(
        rows, [&](const CsvRow& r) { return r[column("conductor")] == "inverter.feed+"; });
    ASSERT_NE(row, rows.end());
    const auto cell = [&](const char* head) { return std::stod((*row)[column(head)]); };
    const CableRow& ours = test::rowOf(d, "inverter.feed+");
    EXPECT_NEAR(cell("load_a"), ours.load.si(), 1.0);
    EXPECT_NEAR(cell("area_mm2"), ours.area.si() * 1e6, 1e-6);
    EXPECT_NEAR(cell("ampacity_a"), ours.ampacity.si(), 1.0);
    EXPECT_NEAR(cell("fuse_a"), ours.fuseFrom->rating.si(), 1e-6);
    EXPECT_NEAR(cell("fault_near_a"), ours.faultNear.si(), ours.faultNear.si() * 1e-3);
    EXPECT_NEAR(cell("fault_far_a"), ours.faultFar.si(), ours.faultFar.si() * 1e-3);
    EXPECT_GT(cell("fault_near_a"), cell("fault_far_a"));
}

TEST(Report, JsonHoldsTheDesignsOwnFigures) {
    const Design d = design(test::theDemo(), library());
    const json report = json::parse(reportJson(d, library()));
    EXPECT_NEAR(report["demand_wh_per_day"].get<double>(), inWattHours(d.supply.demand), 1e-9);
    EXPECT_EQ(report["findings"].size(), d.checks.findings.size());
    EXPECT_EQ(report["moments"].size(), d.moments.size());
    EXPECT_EQ(report["spirk_report"], 3);
    const auto ours = std::ranges::count_if(report["conductors"],
                                            [](const json& c) { return c["laid_by"] == "us"; });
    EXPECT_EQ(static_cast<std::size_t>(ours), d.build.labels.size());
    EXPECT_EQ(report["devices"].size(), d.wiring.circuit.devices.size());
    EXPECT_EQ(report["paths"].size(), d.cables.drops.size());
    EXPECT_EQ(report["findings"][0]["severity"], "danger");
}

TEST(Tables, AreWhatTheEndingOfTheirFileSays) {
    const std::string csv =
        writeCsv({{"name", "load_a"}, {"a \"lamp\", blue", "2.5"}, {"fan", ""}});
    EXPECT_EQ(tableFor("x.csv", csv), csv);
    const json expected = json::parse(
        R"([{"name": "a \"lamp\", blue", "load_a": 2.5}, {"name": "fan", "load_a": ""}])");
    EXPECT_EQ(json::parse(tableFor("x.json", csv)), expected);
}

TEST(Report, EveryDerivationIsValidJson) {
    const Design d = design(test::theDemo(), library());
    for (const auto& [id, derivation] : d.why.all()) {
        EXPECT_EQ(json::parse(derivationJson(derivation))["id"], id.value);
    }
}

TEST(Report, TextNamesWhatItFound) {
    EXPECT_NE(reportText(design(test::theDemo(), library()), library()).find("W1 danger"),
              std::string::npos);
    EXPECT_NE(findingsText(design(test::aMeasuredVan(), library())).find("The rules found nothing"),
              std::string::npos);
}

}  // namespace
}  // namespace spirk
