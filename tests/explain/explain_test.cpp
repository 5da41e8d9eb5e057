// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "core/base/promise.h"
#include "core/explain/derivation.h"
#include "core/plan/finding.h"

namespace spirk {
namespace {

TEST(Text, FillsNamedValues) {
    const Text m{"Fit {fuse} on {name}."_text,
                 {{"fuse", measure(amps(30))}, {"name", std::string("heater")}}};
    EXPECT_EQ(english(m), "Fit 30 A on heater.");
}

TEST(TextDeathTest, AMissingValueIsABrokenPromise) {
    EXPECT_THROW((void)english({"Fit {fuse}."_text, {}}), BrokenPromise);
}

TEST(Text, HoldsTextsInItsValues) {
    const Text name{"{n} × {what}"_text, {{"n", count(2)}, {"what", Words{"panel"}}}};
    EXPECT_EQ(english({"{device}, fuse"_text, {{"device", name}}}), "2 × panel, fuse");
}

TEST(Text, WhatAPersonGaveIsNoTemplate) {
    EXPECT_EQ(english(Text::given("{odd} name}")), "{odd} name}");
    EXPECT_EQ(english(Words{"of {a} table"}), "of {a} table");
    EXPECT_TRUE(Text::given("").empty());
}

TEST(Text, CountsInEnglish) {
    const auto said = [](int n) {
        return english(counted("{n} conductor"_text, "{n} conductors"_text, n));
    };
    EXPECT_EQ(said(0), "0 conductors");
    EXPECT_EQ(said(1), "1 conductor");
    EXPECT_EQ(said(2), "2 conductors");
}

TEST(Text, JoinsSentencesAndLists) {
    EXPECT_EQ(english(then("One."_text, "Two."_text)), "One. Two.");
    EXPECT_EQ(english(then("One."_text, {})), "One.");
    EXPECT_EQ(english(listed({Text("a"_text), Text::given("b"), Words{"c"}})), "a, b, c");
}

// A language that says all backwards: templates and the library's words are asked for, what a
// person gave is not.
TEST(Speech, TranslatesTemplatesAndWordsButNotWhatWasGiven) {
    const Speech other{
        .units = {}, .decimalSign = ',', .translated = [](std::string_view english) -> std::string {
            if (english == "{name} loses {volts} in {part}") {
                return "in {part} verliert {name} {volts}";
            }
            return english == "cable" ? "Kabel" : std::string(english);
        }};
    const Text text{"{name} loses {volts} in {part}"_text,
                    {{"name", std::string("cable")},
                     {"volts", measure(volts(0.25))},
                     {"part", Words{"cable"}}}};
    EXPECT_EQ(say(text, other), "in Kabel verliert cable 0,25 V");
}

TEST(Derivations, AreMergedAndFoundByFigure) {
    Derivations a;
    a.add({.id = FigureId("x"),
           .title = "X"_text,
           .formula = {},
           .terms = {},
           .result = number(1),
           .source = {},
           .note = {}});
    Derivations b;
    b.add({.id = FigureId("y"),
           .title = "Y"_text,
           .formula = {},
           .terms = {},
           .result = number(2),
           .source = {},
           .note = {}});
    a.merge(std::move(b));
    ASSERT_NE(a.find(FigureId("y")), nullptr);
    EXPECT_EQ(a.find(FigureId("y"))->title, Text("Y"_text));
    EXPECT_EQ(a.find(FigureId("z")), nullptr);
}

TEST(DerivationsDeathTest, AFigureIsDerivedOnce) {
    Derivations a;
    const Derivation d{.id = FigureId("x"),
                       .title = {},
                       .formula = {},
                       .terms = {},
                       .result = number(1),
                       .source = {},
                       .note = {}};
    a.add(d);
    EXPECT_THROW(a.add(d), BrokenPromise);
}

TEST(Derivation, TextNamesFormulaTermsAndSource) {
    const Derivation d{.id = FigureId("p"),
                       .title = "Power"_text,
                       .formula = "P = U · I"_text,
                       .terms = {{"U"_text, "voltage"_text, measure(volts(12)), FromPlan{"gear"}},
                                 {"I"_text,
                                  "current"_text,
                                  measure(amps(5)),
                                  FromTable{"t", "row"_text, "src", "sure"}}},
                       .result = measure(watts(60)),
                       .source = "Ohm"_text,
                       .note = "a note"_text};
    const std::string text = asText(d);
    for (const char* part : {"Power: 60 W",
                             "P = U · I",
                             "U = 12.00 V",
                             "plan: gear",
                             "table t, row (src; sure)",
                             "Source: Ohm",
                             "a note"}) {
        EXPECT_NE(text.find(part), std::string::npos) << part;
    }
}

}  // namespace
}  // namespace spirk
