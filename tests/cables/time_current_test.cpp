// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/time_current.h"

#include <gtest/gtest.h>

#include "core/design/design.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

TimeCurrent pictureOf(const Design& d, const char* id) {
    const auto picture =
        timeCurrentOf(test::library(), d.wiring.circuit, d.cables, ConductorId(id));
    EXPECT_TRUE(picture.has_value()) << id;
    return picture.value_or(TimeCurrent{});
}

// ISO 8820-3 as in the table: a blade fuse at 2.0 times its rating opens within 0.15 to 5 s.
TEST(TimeCurrent, FollowsTheEnvelopeOfTheFuse) {
    const Design d = design(test::aFullVan(), test::library());
    const TimeCurrent t = pictureOf(d, "circuit.kitchen.feed+");
    EXPECT_EQ(english(t.fuse), "blade fuse, regular, 5 A");
    ASSERT_FALSE(t.longest.empty());
    for (std::size_t i = 1; i < t.longest.size(); ++i) {
        EXPECT_GT(t.longest[i].current, t.longest[i - 1].current);
        EXPECT_LE(t.longest[i].time, t.longest[i - 1].time);
    }
    for (const CurvePoint& p : t.shortest) {
        if (p.current >= amps(10)) {
            EXPECT_LE(p.time, seconds(0.15));
        }
    }
}

// IEC 60364-4-43: t = k2 S2 / I2; 1 mm2 of PVC (k 115) bears 1000 A for 13.2 ms.
TEST(TimeCurrent, TheCableBearsItsEnergy) {
    const Design d = design(test::aFullVan(), test::library());
    const TimeCurrent t = pictureOf(d, "circuit.kitchen.feed+");
    const CableRow& row = test::rowOf(d, "circuit.kitchen.feed+");
    const double ks = 115.0 * inMm2(row.area);
    for (std::size_t i = 0; i + 1 < t.cable.size(); ++i) {
        const double i2t = t.cable[i].current.si() * t.cable[i].current.si() * t.cable[i].time.si();
        EXPECT_NEAR(i2t / (ks * ks), 1.0, 1e-9);
    }
    EXPECT_EQ(t.cable.back().current, row.ampacity);
}

TEST(TimeCurrent, ABranchShowsTheFuseThatProtectsIt) {
    const Design d = design(test::aFullVan(), test::library());
    const TimeCurrent t = pictureOf(d, "inverter.feed-");
    EXPECT_EQ(t.fuseAt, ConductorId("inverter.feed+"));
    ASSERT_TRUE(t.opensWithin && t.bears);
    EXPECT_LT(*t.opensWithin, *t.bears);
}

TEST(TimeCurrent, WithoutAFuseThereIsOnlyTheCable) {
    Plan plan = test::aFullVan();
    plan.amendments = {LeaveOutProtection{ConductorId("inverter.feed+"), End::From}};
    const Design d = design(plan, test::library());
    const TimeCurrent t = pictureOf(d, "inverter.feed+");
    EXPECT_TRUE(t.fuse.empty());
    EXPECT_FALSE(t.cable.empty());
}

TEST(TimeCurrent, TheVehiclesOwnCablesHaveNone) {
    const Design d = design(test::aFullVan(), test::library());
    EXPECT_FALSE(
        timeCurrentOf(test::library(), d.wiring.circuit, d.cables, ConductorId("vehicle.charge+")));
}

}  // namespace
}  // namespace spirk
