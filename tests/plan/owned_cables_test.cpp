// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/owned_cables.h"

#include <gtest/gtest.h>

#include "core/design/use_cables.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

TEST(OwnedCables, AreReadAsPeopleWriteThem) {
    const auto read =
        parseOwnedCables("6 m of 25 mm², 10 ft of 4/0, 2,5 m of 16", {}, CableSizes::Metric);
    ASSERT_TRUE(read.has_value());
    ASSERT_EQ(read->size(), 3u);
    EXPECT_NEAR(inMm2((*read)[0].area), 25.0, 1e-9);
    EXPECT_NEAR((*read)[1].length.si(), 3.048, 1e-9);  // 10 ft
    EXPECT_NEAR(inMm2((*read)[1].area), 107.2, 0.1);   // 4/0 AWG (ASTM B258)
    EXPECT_NEAR((*read)[2].length.si(), 2.5, 1e-9);
}

TEST(OwnedCables, TheWordBetweenMayBeOfAnyLanguageOrMissing) {
    for (const char* text : {"6 m of 25 mm²", "6 m von 25 mm²", "6 m 25 mm²", "6m x 25"}) {
        const auto read = parseOwnedCables(text, {}, CableSizes::Metric);
        ASSERT_TRUE(read.has_value()) << text;
        EXPECT_NEAR(read->front().length.si(), 6.0, 1e-9) << text;
        EXPECT_NEAR(inMm2(read->front().area), 25.0, 1e-9) << text;
    }
}

TEST(OwnedCables, OfAnEmptyTextThereAreNone) {
    EXPECT_TRUE(parseOwnedCables("  ", {}, CableSizes::Metric)->empty());
}

TEST(OwnedCables, AreWrittenAsTheyAreReadAgain) {
    const std::vector<OwnedCable> owned{{squareMillimetres(25), metres(6)},
                                        {squareMillimetres(50), metres(3)}};
    const auto again = parseOwnedCables(english(textOf(owned)), {}, CableSizes::Metric);
    ASSERT_TRUE(again.has_value());
    EXPECT_EQ(*again, owned);
}

TEST(OwnedCables, WhatIsNoLengthOfASizeIsRefusedWithAnExample) {
    for (const char* text : {"25 mm²", "6 m of", "of 25 mm²", "6 m of 25 mm²,3", "x of y"}) {
        const auto read = parseOwnedCables(text, {}, CableSizes::Metric);
        ASSERT_FALSE(read.has_value()) << text;
        EXPECT_FALSE(read.error().remedy.empty());
    }
}

TEST(OwnedCables, GoWhereTheyServeAndAreNotBought) {
    Plan plan = test::aFullVan();
    plan.cables = {{squareMillimetres(25), metres(4)}};
    const Plan with = withOwnedCables(plan, test::library());
    ASSERT_FALSE(with.amendments.empty());
    const Design d = design(with, test::library());
    Metres laid;
    for (const Amendment& a : with.amendments) {
        const auto& set = std::get<SetSize>(a);
        EXPECT_EQ(set.area, squareMillimetres(25));
        laid += d.lengths.routes[d.cables.at.at(set.conductor)].length;
    }
    EXPECT_LE(laid.si(), 4.0);
    const auto own = std::ranges::find_if(d.build.parts, [](const Part& part) {
        return english(part.name).find("your own") != std::string::npos;
    });
    ASSERT_NE(own, d.build.parts.end());
    EXPECT_NEAR(own->quantity.si, laid.si(), 1e-9);
    EXPECT_EQ(own->price, 0.0);
    EXPECT_LE(d.checks.findings.size(), design(plan, test::library()).checks.findings.size());
}

// 120 mm² is no cable for a lamp, however much of it lies about.
TEST(OwnedCables, AreNotLaidWhereTheyAreFarTooThick) {
    Plan plan = test::aFullVan();
    plan.cables = {{squareMillimetres(120), metres(50)}};
    const Design asked = design(plan, test::library());
    for (const Amendment& a : withOwnedCables(plan, test::library()).amendments) {
        const auto& id = std::get<SetSize>(a).conductor;
        EXPECT_GE(inMm2(test::rowOf(asked, id.value).area) * 3.0, 120.0) << id.value;
    }
}

}  // namespace
}  // namespace spirk
