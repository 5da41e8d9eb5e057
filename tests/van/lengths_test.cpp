// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/van/lengths.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/van/ways.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

Van aTriangle() {
    Van van;
    for (const char* id : {"a", "b", "c", "island"}) {
        van.places.push_back({PlaceId(id), id, celsius(30)});
    }
    van.ways = {{PlaceId("a"), PlaceId("b"), metres(1)},
                {PlaceId("b"), PlaceId("c"), metres(1)},
                {PlaceId("a"), PlaceId("c"), metres(3)}};
    return van;
}

TEST(ShortestWay, TakesTheDetourThatIsShorter) {
    const Van van = aTriangle();
    const ShortestWay way = Ways(van).shortest(PlaceId("a"), PlaceId("c"));
    EXPECT_EQ(way.length, metres(2));
    EXPECT_EQ(way.places, (std::vector{PlaceId("a"), PlaceId("b"), PlaceId("c")}));
}

TEST(ShortestWay, IsEmptyWhereThereIsNone) {
    const Van van = aTriangle();
    EXPECT_TRUE(Ways(van).shortest(PlaceId("a"), PlaceId("island")).places.empty());
    EXPECT_TRUE(Ways(van).shortest(PlaceId("a"), PlaceId("nowhere")).places.empty());
}

Route routeOf(const Design& d, const char* id) {
    for (std::size_t i = 0; i < d.wiring.circuit.conductors.size(); ++i) {
        if (d.wiring.circuit.conductors[i].id.value == id) {
            return d.lengths.routes[i];
        }
    }
    ADD_FAILURE() << id;
    return {};
}

TEST(Lengths, AreTheWayPlusSlackAndAsWarmAsTheWarmestPlace) {
    const Design d = design(test::aFullVan(), test::library());
    const Route route = routeOf(d, "array.lead+");
    // Typical ways: roof to cupboard 2.6 m; slack 0.3 m. Roof: 50 degC.
    EXPECT_NEAR(route.length.si(), 2.9, 1e-9);
    EXPECT_EQ(route.ambient, celsius(50));
}

TEST(Lengths, LeadsOfABankAreAllAsLongAsTheLongest) {
    Plan plan = test::aFullVan();
    plan.van.placed[DeviceId("bank.3")] = PlaceId("bed");
    const Design d = design(plan, test::library());
    EXPECT_EQ(routeOf(d, "bank.1.lead+").length, routeOf(d, "bank.3.lead+").length);
    EXPECT_NEAR(routeOf(d, "bank.1.lead+").length.si(), 1.8, 1e-9);  // 1.5 m and slack
}

// What goes on behind an isolator in a lead is no lead of its own: it lies in the cupboard.
TEST(Lengths, WhatGoesOnBehindALeadsIsolatorIsNotMadeEqual) {
    Plan plan = test::aFullVan();
    for (const char* battery : {"bank.1", "bank.2", "bank.3"}) {
        plan.van.placed[DeviceId(battery)] = PlaceId("bed");
    }
    plan.amendments.emplace_back(PutIn{ConductorId("bank.1.lead+")});
    const Design d = design(plan, test::library());
    EXPECT_EQ(routeOf(d, "bank.1.lead+").length, routeOf(d, "bank.2.lead+").length);
    EXPECT_LT(routeOf(d, "bank.1.lead+.after").length, routeOf(d, "bank.1.lead+").length);
}

TEST(Lengths, AnAmendedLengthWinsAndSaysSo) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetLength{ConductorId("bank.2.lead+"), metres(0.9)}};
    const Design d = design(plan, test::library());
    EXPECT_EQ(routeOf(d, "bank.2.lead+").length, metres(0.9));
    EXPECT_TRUE(routeOf(d, "bank.2.lead+").amended);
    EXPECT_NE(routeOf(d, "bank.1.lead+").length, metres(0.9));
}

TEST(Lengths, NoWayIsAFindingAndAGuess) {
    Plan plan = test::aFullVan();
    plan.van.ways.clear();
    const Design d = design(plan, test::library());
    EXPECT_NE(test::findingOf(d, "VAN"), nullptr);
    EXPECT_GT(routeOf(d, "array.lead+").length, metres(0));
}

}  // namespace
}  // namespace spirk
