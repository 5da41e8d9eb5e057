// SPDX-License-Identifier: GPL-3.0-or-later
// What a size and a fuse were compared with: each alternative is a whole design, and says what it
// would bring.
#include "core/compare/comparison.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/plan/edit.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

const ConductorId kInverter("inverter.feed+");

std::vector<Alternative> comparedIn(const Plan& plan, Compared compared) {
    const Design d = design(plan, test::library());
    return alternatives(d, test::library(), kInverter, compared);
}

bool brings(const Alternative& a, const std::string& rule) {
    return std::ranges::find(a.raised, rule, &Finding::rule) != a.raised.end();
}

TEST(Comparison, TheSizeBelowTheComputedOneIsTooSmall) {
    const auto sizes = comparedIn(test::aFullVan(), Compared::Size);
    ASSERT_EQ(sizes.size(), 3u);
    EXPECT_TRUE(sizes[1].isChosen && sizes[1].isComputed);
    // IEC 60364-4-43, 433.1: the fuse is above what the thinner cable may carry.
    EXPECT_TRUE(brings(sizes[0], "W1"));
    EXPECT_GT(sizes[0].margins.current, 1.0);
    EXPECT_TRUE(sizes[2].raised.empty());
    EXPECT_LT(sizes[2].margins.current, sizes[1].margins.current);
    EXPECT_GT(sizes[2].priceMore, 0.0);
}

TEST(Comparison, AnAlternativeIsWhatTheAmendedPlanWouldBe) {
    const Plan plan = test::aFullVan();
    const auto sizes = comparedIn(plan, Compared::Size);
    const Design d = design(plan, test::library());
    const auto& sold = test::library().conductors;
    const auto now =
        std::ranges::find(sold, test::rowOf(d, kInverter.value).area, &ConductorRow::area);
    const Design then = design(amended(plan, SetSize{kInverter, (now + 1)->area}), test::library());
    EXPECT_DOUBLE_EQ(sizes[2].margins.drop, test::rowOf(then, kInverter.value).margins.drop);
    EXPECT_DOUBLE_EQ(sizes[2].priceMore, then.build.price - d.build.price);
}

// Whatever one cable through, few sizes or a path of drop would ask of the others.
TEST(Comparison, OfASizeChangesThatConductorAlone) {
    const Design now = design(test::aFullVan(), test::library());
    const auto& sold = test::library().conductors;
    for (std::size_t i = 0; i < now.cables.rows.size(); ++i) {
        const CableRow& row = now.cables.rows[i];
        const auto at = std::ranges::find(sold, row.area, &ConductorRow::area);
        if (!isNew(now.wiring.circuit.conductors[i]) || at + 1 == sold.end()) {
            continue;
        }
        const Design then =
            design(amended(now.plan, SetSize{row.id, (at + 1)->area}), test::library());
        for (std::size_t j = 0; j < now.cables.rows.size(); ++j) {
            EXPECT_TRUE(j == i || then.cables.rows[j].area == now.cables.rows[j].area)
                << row.id.value << " changes " << now.cables.rows[j].id.value;
        }
    }
}

TEST(Comparison, AnAmendedSizeStandsBesideTheComputedOne) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetSize{kInverter, squareMillimetres(120)}};
    const auto sizes = comparedIn(plan, Compared::Size);
    const auto chosen = std::ranges::find_if(sizes, &Alternative::isChosen);
    const auto computed = std::ranges::find_if(sizes, &Alternative::isComputed);
    ASSERT_NE(chosen, sizes.end());
    ASSERT_NE(computed, sizes.end());
    EXPECT_NE(chosen, computed);
    EXPECT_EQ(english(chosen->what), "120 mm²");
    EXPECT_LT(computed->priceMore, 0.0);
}

TEST(Comparison, AFuseIsComparedWithItsNeighboursAndWithOtherFamilies) {
    const auto fuses = comparedIn(test::aFullVan(), Compared::FuseFrom);
    const auto chosen = std::ranges::find_if(fuses, &Alternative::isChosen);
    ASSERT_NE(chosen, fuses.end());
    ASSERT_NE(chosen, fuses.begin());
    EXPECT_TRUE(brings(*(chosen - 1), "W2"));
    EXPECT_TRUE(std::ranges::any_of(
        fuses, [](const Alternative& a) { return english(a.what).starts_with("class T fuse"); }));
}

TEST(Comparison, OnlyAChoiceIsCompared) {
    const Design d = design(test::aFullVan(), test::library());
    EXPECT_FALSE(comparedBy(d, FigureId("supply.days")).has_value());
    EXPECT_FALSE(comparedBy(d, FigureId("cable.inverter.feed+.load")).has_value());
    EXPECT_TRUE(comparedBy(d, FigureId("cable.inverter.feed+.size")).has_value());
    EXPECT_TRUE(alternatives(d, test::library(), kInverter, Compared::FuseTo).empty());
    EXPECT_TRUE(alternatives(d, test::library(), ConductorId("no.such"), Compared::Size).empty());
}

}  // namespace
}  // namespace spirk
