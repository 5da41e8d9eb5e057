// SPDX-License-Identifier: GPL-3.0-or-later
// Conductors and fuses against published figures. Values 'from memory' are also held to laws.
#include <gtest/gtest.h>

#include "core/cables/cables.h"
#include "core/cables/conductor_physics.h"
#include "core/cables/fuse_curve.h"
#include "tests/support/builders.h"
#include "tests/support/near.h"

namespace spirk {
namespace {

using test::expectNear;
using test::kPublished;
using test::library;

const ConductorRow& size(double mm2) {
    for (const ConductorRow& row : library().conductors) {
        if (std::fabs(inMm2(row.area) - mm2) < 1e-6) {
            return row;
        }
    }
    ADD_FAILURE() << mm2;
    return library().conductors.front();
}

// IEC 60228:2004 table 3, class 5 plain, largest resistance at 20 degC in ohm/km.
TEST(Iec60228, Class5Resistances) {
    const std::pair<double, double> rows[] = {{0.75, 26.0},
                                              {1, 19.5},
                                              {1.5, 13.3},
                                              {2.5, 7.98},
                                              {4, 4.95},
                                              {6, 3.30},
                                              {10, 1.91},
                                              {16, 1.21},
                                              {25, 0.780},
                                              {35, 0.554},
                                              {50, 0.386},
                                              {70, 0.272},
                                              {95, 0.206},
                                              {120, 0.161}};
    for (const auto& [mm2, ohmPerKm] : rows) {
        EXPECT_NEAR(size(mm2).ohmPerMetre20 * 1e3, ohmPerKm, 1e-9) << mm2;
    }
}

// IEC 60228: R(T) = R20 (1 + 0.00393 (T - 20)); 45 K above: 1.17685.
TEST(Iec60228, ResistanceWarm) {
    expectNear(wireResistance(size(35), metres(1), celsius(65)).si() * 1e3, 0.65197, kPublished);
}

// Own arithmetic from the same standard: 35 mm2, 150 A, 1.5 m each way at 65 degC.
TEST(Iec60228, DropOutAndBack) {
    const Ohms r = wireResistance(size(35), metres(3.0), celsius(65));
    expectNear(r.si() * 1e3, 1.9559, kPublished);
    expectNear((amps(150) * r).si(), 0.2934, kPublished);
}

// ISO 10133:2012 annex A as remembered, single copper conductor, 30 degC (from memory).
TEST(Iso10133, AmpacitiesFromMemory) {
    const AmpacityColumn& pvc = columnOf(library(), "pvc70");
    const AmpacityColumn& hot = columnOf(library(), "x105");
    EXPECT_EQ(*ampacity(pvc, squareMillimetres(2.5), {celsius(30)}), amps(25));
    EXPECT_EQ(*ampacity(pvc, squareMillimetres(16), {celsius(30)}), amps(90));
    EXPECT_EQ(*ampacity(hot, squareMillimetres(16), {celsius(30)}), amps(130));
    EXPECT_EQ(*ampacity(hot, squareMillimetres(70), {celsius(30)}), amps(330));
    EXPECT_FALSE(ampacity(hot, squareMillimetres(3), {celsius(30)}).has_value());
}

// sqrt((Tmax - Ta) / (Tmax - Tref)), steady heat balance: 105 degC at 50 -> 0.8563, 90 -> 0.8165.
TEST(HeatBalance, AmbientFactor) {
    AmpacityColumn column;
    column.maximum = celsius(105);
    column.reference = celsius(30);
    expectNear(ambientFactor(column, celsius(50)), 0.8563, kPublished);
    column.maximum = celsius(90);
    expectNear(ambientFactor(column, celsius(50)), 0.8165, kPublished);
    EXPECT_EQ(ambientFactor(column, celsius(95)), 0.0);
}

TEST(HeatBalance, AmpacityRisesWithSizeAndFallsWithAmbient) {
    for (const AmpacityColumn& column : library().ampacity) {
        for (const auto& [area, table] : column.amps) {
            EXPECT_LE(*ampacity(column, area, {celsius(60)}),
                      *ampacity(column, area, {celsius(30)}))
                << column.id;
        }
    }
}

// Own arithmetic: 16 mm2, table 130 A, 60 A at 30 degC: T = 30 + 75 (60/130)^2; R over 8 m.
TEST(HeatBalance, LoadedTemperatureAndWarmDrop) {
    const AmpacityColumn& hot = columnOf(library(), "x105");
    const Celsius t = loadedTemperature(hot, amps(130), amps(60), celsius(30));
    expectNear(t.degrees, 45.976, kPublished);
    const Ohms r = wireResistance(size(16), metres(8), t);
    expectNear(r.si() * 1e3, 10.668, kPublished);
    expectNear((amps(60) * r).si(), 0.6401, kPublished);
}

// IEC 60364-4-43 table 43A: k 115 for PVC 70 to 160 degC, 143 for cross-linked 90 to 250 degC. Its
// formula with 105 to 160 gives 87.6, which the battery cable uses.
TEST(Iec60364, AdiabaticK) {
    expectNear(adiabaticK(celsius(70), celsius(160)), 115.0, kPublished);
    expectNear(adiabaticK(celsius(90), celsius(250)), 143.1, kPublished);
    expectNear(adiabaticK(celsius(105), celsius(160)), 87.6, kPublished);
    EXPECT_EQ(columnOf(library(), "pvc70").adiabaticK, 115.0);
    EXPECT_EQ(columnOf(library(), "x105").adiabaticK, 87.6);
}

// IEC 60364-4-43: 35 mm2, k 143, 5000 A: k2S2 = 25 050 025 A2s, t = 1.002 s. Own arithmetic.
TEST(Iec60364, AdiabaticWithstand) {
    AmpacityColumn column;
    column.adiabaticK = 143.0;
    const double withstand = withstandA2s(column, squareMillimetres(35));
    expectNear(withstand, 25050025.0, test::kExact);
    expectNear(withstand / (5000.0 * 5000.0), 1.002, kPublished);
}

// ISO 8820-5 SF51 and ISO 8820-3 type C envelopes (points from memory), log-log between: own
// arithmetic.
TEST(Iso8820, OpeningTimesBetweenThePoints) {
    const OpeningTime sf51 = openingTime(familyOf(library(), "sf51"), amps(100), amps(300));
    expectNear(sf51.shortest->si(), 0.4180, kPublished);
    expectNear(sf51.longest->si(), 6.767, kPublished);
    const OpeningTime blade = openingTime(familyOf(library(), "blade"), amps(10), amps(25));
    expectNear(blade.shortest->si(), 0.08855, kPublished);
    expectNear(blade.longest->si(), 1.996, kPublished);
}

TEST(Iso8820, ABladeFuseHoldsATenPercentOverload) {
    const OpeningTime t = openingTime(familyOf(library(), "blade"), amps(10), amps(11));
    EXPECT_FALSE(t.longest.has_value());
    EXPECT_FALSE(openingTime(familyOf(library(), "blade"), amps(10), amps(5)).shortest.has_value());
}

TEST(FuseCurve, NeitherBoundRisesWithTheCurrent) {
    for (const FuseFamily& family : library().fuses) {
        OpeningTime before = openingTime(family, amps(100), amps(110));
        for (double multiple = 1.15; multiple < 40.0; multiple *= 1.07) {
            const OpeningTime now = openingTime(family, amps(100), amps(100 * multiple));
            if (before.shortest && now.shortest) {
                EXPECT_LE(now.shortest->si(), before.shortest->si() * (1 + 1e-12))
                    << family.id << multiple;
            }
            if (before.longest) {
                ASSERT_TRUE(now.longest.has_value());
                EXPECT_LE(now.longest->si(), before.longest->si() * (1 + 1e-12))
                    << family.id << multiple;
            }
            before = now;
        }
    }
}

TEST(FuseCurve, BeyondTheLastPointTheEnergyStaysTheSame) {
    const FuseFamily& sf51 = familyOf(library(), "sf51");
    // ISO 8820-5 as remembered: 6 times, 0.1 to 1 s: I2t = 36 In2 at the latest.
    expectNear(*letThroughA2s(sf51, amps(100), amps(600)), 36.0 * 100 * 100, test::kExact);
    expectNear(*letThroughA2s(sf51, amps(100), amps(2000)), 36.0 * 100 * 100, test::kExact);
}

TEST(FuseCurve, RatingsAreTheFamilysOwn) {
    const FuseFamily& classT = familyOf(library(), "class_t");
    EXPECT_EQ(ratingFor(classT, amps(347.2)), amps(350));
    EXPECT_EQ(ratingFor(classT, amps(350)), amps(350));
    EXPECT_FALSE(ratingFor(classT, amps(601)).has_value());
    EXPECT_EQ(ratingWithin(classT, amps(349)), amps(300));
    EXPECT_FALSE(ratingWithin(classT, amps(29)).has_value());
}

}  // namespace
}  // namespace spirk
