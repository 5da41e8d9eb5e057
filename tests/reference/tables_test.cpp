// SPDX-License-Identifier: GPL-3.0-or-later
// Whole published tables as they are believed to stand; each names its document. Those from memory
// are pinned so that a slip of the hand shows, and held to laws besides.
#include <gtest/gtest.h>

#include <algorithm>
#include <vector>

#include "core/cables/cables.h"
#include "core/cables/conductor_physics.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

void expectColumn(const char* id, const std::vector<std::pair<double, double>>& rows) {
    const AmpacityColumn& column = columnOf(library(), id);
    EXPECT_EQ(column.amps.size(), rows.size()) << id;
    for (const auto& expected : rows) {
        const double mm2 = expected.first;
        const auto found = std::ranges::find_if(
            column.amps, [&](const auto& row) { return std::abs(inMm2(row.first) - mm2) < 1e-6; });
        ASSERT_NE(found, column.amps.end()) << id << " " << mm2;
        EXPECT_EQ(found->second, amps(expected.second)) << id << " " << mm2;
    }
}

// ISO 10133:2012 annex A, now ISO 13297:2020 (from memory).
TEST(Iso10133, Column70) {
    expectColumn("pvc70",
                 {{0.75, 10},
                  {1, 14},
                  {1.5, 18},
                  {2.5, 25},
                  {4, 35},
                  {6, 45},
                  {10, 65},
                  {16, 90},
                  {25, 120},
                  {35, 160},
                  {50, 210},
                  {70, 265},
                  {95, 310},
                  {120, 360}});
}
TEST(Iso10133, Column105) {
    expectColumn("x105",
                 {{0.75, 16},
                  {1, 20},
                  {1.5, 25},
                  {2.5, 35},
                  {4, 45},
                  {6, 60},
                  {10, 90},
                  {16, 130},
                  {25, 170},
                  {35, 210},
                  {50, 270},
                  {70, 330},
                  {95, 390},
                  {120, 450}});
}
// EN 50618, two touching on a surface, 60 degC ambient, 120 degC conductor (from memory): plus and
// minus of a string lie together.
TEST(En50618, TwoTouchingOnASurface) {
    expectColumn("solar",
                 {{1.5, 24},
                  {2.5, 33},
                  {4, 44},
                  {6, 57},
                  {10, 79},
                  {16, 107},
                  {25, 142},
                  {35, 176},
                  {50, 221},
                  {70, 278},
                  {95, 333},
                  {120, 390}});
}

TEST(Columns, AHotterInsulationNeverCarriesLess) {
    const AmpacityColumn& pvc = columnOf(library(), "pvc70");
    const AmpacityColumn& hot = columnOf(library(), "x105");
    for (const auto& [area, current] : pvc.amps) {
        EXPECT_GE(hot.amps.at(area), current) << inMm2(area);
    }
}

TEST(Columns, ShopFiguresNeverSatisfyACheck) {
    EXPECT_FALSE(columnOf(library(), "trade").satisfiesChecks);
    const Design d = design(test::theDemo(), library());
    for (const Conductor& c : d.wiring.circuit.conductors) {
        EXPECT_TRUE(columnOf(library(), c.insulation).satisfiesChecks) << c.id.value;
    }
}

// Well known: ISO 8820-3 blades interrupt 1 kA; UL 248-15 class T 20 kA; terminal cubes 10 kA at 14
// V.
TEST(Interrupting, OfTheFamilies) {
    EXPECT_EQ(familyOf(library(), "blade").interrupting, amps(1000));
    EXPECT_EQ(familyOf(library(), "class_t").interrupting, amps(20000));
    EXPECT_EQ(familyOf(library(), "cube").interrupting, amps(10000));
    EXPECT_EQ(familyOf(library(), "sf51").interrupting, amps(2000));
}

// ISO 8820-3 type C: the ratings that shops keep.
TEST(Ratings, OfBlades) {
    std::vector<double> ratings;
    for (const Amps r : familyOf(library(), "blade").ratings) {
        ratings.push_back(r.si());
    }
    EXPECT_EQ(ratings, (std::vector<double>{1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30, 35, 40}));
}

TEST(Lugs, ExistForEveryConductorAndOnlyWithKnownHoles) {
    for (const ConductorRow& row : library().conductors) {
        const auto lug = std::ranges::find(library().lugs, row.area, &Lug::area);
        ASSERT_NE(lug, library().lugs.end()) << inMm2(row.area);
        EXPECT_FALSE(lug->holes.empty());
        for (const std::string& hole : lug->holes) {
            EXPECT_NE(findById(library().studs, hole), nullptr) << hole;
        }
    }
}

// ABYC E-11 (well known): 3 % for critical circuits, 10 % for others; a device within 7 in of its
// source; four lugs on a stud. Bundles over 50 V: 3 at 0.7, 4 to 6 at 0.6, 7 to 24 at 0.5.
TEST(Abyc, RulesThatAreUsed) {
    const Library& there = test::americanLibrary();
    EXPECT_EQ(rule(there, "drop_critical").value, 0.03);
    EXPECT_EQ(rule(there, "drop_other").value, 0.10);
    EXPECT_NEAR(rule(there, "fuse_distance_m").value, 7 * 0.0254, 0.0005);
    EXPECT_EQ(rule(there, "lugs_per_stud").value, 4.0);
    EXPECT_EQ(rule(there, "bundle_3").value, 0.7);
    EXPECT_EQ(rule(there, "bundle_4").value, 0.6);
    EXPECT_EQ(rule(there, "bundle_7").value, 0.5);
}

// NEC 690.8: 1.25 for irradiance times 1.25 for hours. IEC 60364-7-712: 1.25.
TEST(Nec, ArrayFactorIsTheProductOfTwo) {
    EXPECT_NEAR(rule(test::americanLibrary(), "array_factor").value, 1.25 * 1.25, 0.005);
    EXPECT_EQ(rule(library(), "array_factor").value, 1.25);
}

// A fuse on a pigtail is within what the region allows.
TEST(Regions, PigtailIsWithinTheFuseDistance) {
    for (const Library& l : test::libraries().regions) {
        EXPECT_LE(rule(l, "fuse_pigtail_m").value, rule(l, "fuse_distance_m").value);
    }
}

// ASTM B258 (well known): 6 AWG 13.302 mm2, 4/0 AWG 107.219 mm2; R20 = 17.241 / A * 1.02 ohm/km.
TEST(Awg, AreasAndResistancesFollowTheStandard) {
    const std::vector<ConductorRow>& rows = test::americanLibrary().conductors;
    const auto six = std::ranges::find(rows, awgArea(6), &ConductorRow::area);
    ASSERT_NE(six, rows.end());
    EXPECT_NEAR(inMm2(six->area), 13.302, 0.0005);
    EXPECT_NEAR(inMm2(rows.back().area), 107.219, 0.0005);
    for (const ConductorRow& row : rows) {
        EXPECT_NEAR(row.ohmPerMetre20 * 1e3 * inMm2(row.area) / (17.241 * 1.02), 1.0, 5e-4);
    }
}

// ABYC E-11, 105 degC, outside engine spaces (well known).
TEST(Abyc, AmpacityOfBoatCable) {
    const AmpacityColumn& c = *findById(test::americanLibrary().ampacity, "bc105");
    EXPECT_EQ(c.amps.at(awgArea(6)), amps(120));
    EXPECT_EQ(c.amps.at(awgArea(2)), amps(210));
    EXPECT_EQ(c.amps.at(awgArea(-3)), amps(445));
    // In engine spaces at 50 degC the standard takes 0.85; the formula gives 0.856.
    EXPECT_NEAR(ambientFactor(c, celsius(50)), 0.85, 0.01);
}

// NEC table 310.17 (2023), 90 degC: 10 AWG 55 A. Ambient 60 degC: 0.71.
TEST(Nec, AmpacityOfPvWire) {
    const AmpacityColumn& c = *findById(test::americanLibrary().ampacity, "pv90");
    EXPECT_EQ(c.amps.at(awgArea(10)), amps(55));
    EXPECT_NEAR(ambientFactor(c, celsius(60)), 0.71, 0.01);
}

// IEC 60364-7-721: structural metal bonded by at least 4 mm2 (from memory).
// IEC 60364-7-721 requires 4 mm2 of the bond of structural metal (from memory); ours is thicker by
// common practice.
TEST(Iec60364, BondOfStructuralMetal) { EXPECT_GE(rule(library(), "bond_min_mm2").value, 4.0); }

// Common practice: a lithium iron phosphate block of 12 V.
TEST(Chemistry, OfLithiumIronPhosphate) {
    const Chemistry& lfp = *findById(library().chemistries, "lfp");
    EXPECT_EQ(lfp.absorption, volts(14.2));
    EXPECT_EQ(lfp.floating, volts(13.5));
    EXPECT_EQ(lfp.usable, 0.8);
    EXPECT_TRUE(std::ranges::is_sorted(lfp.restVolts));
    EXPECT_LT(lfp.resistanceLow, lfp.resistanceMid);
    EXPECT_LT(lfp.resistanceMid, lfp.resistanceHigh);
}

// The maximum power point lies below open circuit and short circuit, and gives the rated watts.
TEST(Panels, ArePhysical) {
    for (const PanelModel& p : library().panels) {
        EXPECT_LT(p.vmp, p.voc) << p.id;
        EXPECT_LT(p.imp, p.isc) << p.id;
        EXPECT_NEAR((p.vmp * p.imp).si(), p.power.si(), 0.01 * p.power.si()) << p.id;
    }
}

// ISO 8854 as remembered: an alternator never gives more than its rating and nothing below cut-in.
TEST(Alternator, CurveRisesFromNothingToItsRating) {
    const auto& points = library().alternator.points;
    EXPECT_EQ(points.front().share, 0.0);
    EXPECT_EQ(points.back().share, 1.0);
    for (std::size_t i = 1; i < points.size(); ++i) {
        EXPECT_GT(points[i].share, points[i - 1].share);
    }
}

}  // namespace
}  // namespace spirk
