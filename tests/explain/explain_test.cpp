// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "core/explain/derivation.h"
#include "core/plan/finding.h"
#include "core/result/promise.h"

namespace spirk {
namespace {

TEST(Message, FillsNamedValues) {
    const Message m{"Fit {fuse} on {name}.",
                    {{"fuse", measure(amps(30))}, {"name", std::string("heater")}}};
    EXPECT_EQ(english(m), "Fit 30 A on heater.");
}

TEST(MessageDeathTest, AMissingValueIsABrokenPromise) {
    EXPECT_THROW((void)english({"Fit {fuse}.", {}}), BrokenPromise);
}

TEST(Derivations, AreMergedAndFoundByFigure) {
    Derivations a;
    a.add({.id = FigureId("x"),
           .title = "X",
           .formula = "",
           .terms = {},
           .result = number(1),
           .source = "",
           .note = ""});
    Derivations b;
    b.add({.id = FigureId("y"),
           .title = "Y",
           .formula = "",
           .terms = {},
           .result = number(2),
           .source = "",
           .note = ""});
    a.merge(std::move(b));
    ASSERT_NE(a.find(FigureId("y")), nullptr);
    EXPECT_EQ(a.find(FigureId("y"))->title, "Y");
    EXPECT_EQ(a.find(FigureId("z")), nullptr);
}

TEST(DerivationsDeathTest, AFigureIsDerivedOnce) {
    Derivations a;
    const Derivation d{.id = FigureId("x"),
                       .title = "",
                       .formula = "",
                       .terms = {},
                       .result = number(1),
                       .source = "",
                       .note = ""};
    a.add(d);
    EXPECT_THROW(a.add(d), BrokenPromise);
}

TEST(Derivation, TextNamesFormulaTermsAndSource) {
    const Derivation d{
        .id = FigureId("p"),
        .title = "Power",
        .formula = "P = U · I",
        .terms = {{"U", "voltage", measure(volts(12)), FromPlan{"gear"}},
                  {"I", "current", measure(amps(5)), FromTable{"t", "row", "src", "sure"}}},
        .result = measure(watts(60)),
        .source = "Ohm",
        .note = "a note"};
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
