// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/json_fields.h"

#include <gtest/gtest.h>

#include <array>
#include <nlohmann/json.hpp>

#include "core/reading/parse_json.h"

namespace spirk {
namespace {

using nlohmann::json;

class Fields : public ::testing::Test {
protected:
    JsonFields over(const char* text) {
        object_ = json::parse(text);
        problems_.clear();
        return {object_, "root", problems_};
    }
    [[nodiscard]] std::string onlyProblemAt() const {
        EXPECT_EQ(problems_.size(), 1u);
        return problems_.empty() ? "" : problems_.front().where;
    }
    json object_;
    std::vector<Error> problems_;
};

TEST_F(Fields, GoodFieldsLeaveNoProblem) {
    JsonFields f =
        over(R"({"n": 2.5, "i": 3, "t": "x", "b": true, "l": [1, 2], "s": ["a"], "o": {"k": 1}})");
    EXPECT_EQ(f.number("n", 0, 10), 2.5);
    EXPECT_EQ(f.integer("i", 0, 10), 3);
    EXPECT_EQ(f.text("t"), "x");
    EXPECT_TRUE(f.flag("b"));
    EXPECT_EQ(f.numbers("l", 0, 10), (std::vector<double>{1, 2}));
    EXPECT_EQ(f.texts("s"), (std::vector<std::string>{"a"}));
    EXPECT_EQ(f.object("o").number("k", 0, 10), 1.0);
    f.settleUnknownKeys();
    EXPECT_TRUE(problems_.empty());
}

TEST_F(Fields, BoundsAreWithinAndOneBeyondIsRefused) {
    JsonFields f = over(R"({"low": 0, "high": 10, "below": -0.001, "above": 10.001})");
    (void)f.number("low", 0, 10);
    (void)f.number("high", 0, 10);
    EXPECT_TRUE(problems_.empty());
    (void)f.number("below", 0, 10);
    (void)f.number("above", 0, 10);
    ASSERT_EQ(problems_.size(), 2u);
    EXPECT_EQ(problems_[0].where, "root.below");
    EXPECT_NE(english(problems_[0].remedy).find("0 to 10"), std::string::npos);
}

TEST_F(Fields, AMissingFieldAndANullAreTheSame) {
    JsonFields f = over(R"({"nothing": null})");
    (void)f.number("nothing", 0, 1);
    (void)f.number("absent", 0, 1);
    EXPECT_EQ(problems_.size(), 2u);
    EXPECT_FALSE(f.maybeNumber("nothing", 0, 1).has_value());
    EXPECT_EQ(f.textOr("absent", "default"), "default");
    EXPECT_EQ(problems_.size(), 2u);
}

TEST_F(Fields, AFractionIsNoWholeNumber) {
    JsonFields f = over(R"({"i": 1.5})");
    (void)f.integer("i", 0, 10);
    EXPECT_EQ(onlyProblemAt(), "root.i");
}

TEST_F(Fields, WrongTypesAreNamed) {
    JsonFields f = over(R"({"n": "1", "t": 1, "b": 1, "l": 1, "s": [1], "o": 1})");
    (void)f.number("n", 0, 1);
    (void)f.text("t");
    (void)f.flag("b");
    (void)f.numbers("l", 0, 1);
    (void)f.texts("s");
    (void)f.object("o");
    EXPECT_EQ(problems_.size(), 6u);
}

TEST_F(Fields, ElementsOfListsHaveTheirIndexInThePath) {
    JsonFields f = over(R"({"rows": [{"x": 1}, {"x": -1}], "l": [1, "two"]})");
    for (JsonFields& row : f.objects("rows")) {
        (void)row.number("x", 0, 5);
    }
    (void)f.numbers("l", 0, 5);
    ASSERT_EQ(problems_.size(), 2u);
    EXPECT_EQ(problems_[0].where, "root.rows[1].x");
    EXPECT_EQ(problems_[1].where, "root.l[1]");
}

TEST_F(Fields, AListOfTheWrongLengthIsNamed) {
    JsonFields f = over(R"({"l": [1, 2]})");
    EXPECT_EQ(f.numbers("l", 3, 0, 5).size(), 3u);
    EXPECT_EQ(onlyProblemAt(), "root.l");
}

TEST_F(Fields, AnUnknownNameListsTheKnownOnes) {
    constexpr std::array<std::string_view, 2> kNames{"dc", "mains"};
    JsonFields f = over(R"({"feed": "steam"})");
    (void)f.oneOf("feed", kNames);
    EXPECT_EQ(onlyProblemAt(), "root.feed");
    EXPECT_NE(english(problems_[0].remedy).find("'dc', 'mains'"), std::string::npos);
}

TEST_F(Fields, KeysThatNobodyAskedForAreNamed) {
    JsonFields f = over(R"({"a": 1, "b": 2})");
    (void)f.number("a", 0, 5);
    f.settleUnknownKeys();
    EXPECT_EQ(onlyProblemAt(), "root.b");
}

TEST_F(Fields, SomethingThatIsNoGroupIsOneProblemAndReadsAsEmpty) {
    JsonFields f = over("[1, 2]");
    EXPECT_EQ(onlyProblemAt(), "root");
    EXPECT_TRUE(f.keys().empty());
}

TEST(ParseJson, NamesLineAndColumn) {
    const auto parsed = parseJson("{\n  \"a\": ,\n}", "file.json");
    ASSERT_FALSE(parsed.has_value());
    EXPECT_EQ(parsed.error().where, "file.json");
    EXPECT_NE(english(parsed.error().what).find("line 2"), std::string::npos);
}

TEST(Summary, CountsTheProblemsThatAreNotShown) {
    const Error e = summary({{"a"_text, "x", "do"_text}, {"b"_text, "y", {}}, {"c"_text, "z", {}}});
    EXPECT_EQ(english(e.what), "a");
    EXPECT_NE(english(e.remedy).find("2 more"), std::string::npos);
}

TEST(OneLine, HoldsWhereWhatAndRemedy) {
    EXPECT_EQ(oneLine({"It broke."_text, "file", "Mend it."_text}), "file: It broke. Mend it.");
    EXPECT_EQ(oneLine({"It broke."_text, "", {}}), "It broke.");
}

}  // namespace
}  // namespace spirk
