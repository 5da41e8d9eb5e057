// SPDX-License-Identifier: GPL-3.0-or-later
// What charges from the vehicle besides a plain DC-DC charger, what is fed from a point that its
// maker laid, and what gives back to the starter battery.
#include <gtest/gtest.h>

#include "core/design/design.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "core/powerup/powerup.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::along;
using test::library;
using test::momentOf;

template <class What>
Plan with(Plan plan, const char* id, const char* way, What what) {
    plan.gear.sources.push_back({{UnitId(id), WayId(way), {}}, UnitId(kMainRail), std::move(what)});
    return plan;
}

Plan aVan() {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "lfp_150", 2);
    plan.van.vehicle.alternator = amps(220);
    return plan;
}

Plan aCombinedVan() {
    return with(aVan(),
                "duo",
                "combined_from_starter",
                CombinedChoice{{"panel_180", 1, 3}, "combined_50", {}});
}

// The maker's rule: with sun and engine each gives half of the rating, either alone gives all that
// it has; the panels of 540 W have no more than that.
TEST(Combined, SharesItsRatingWhileSunAndEngineAreThere) {
    const Design d = design(aCombinedVan(), library());
    EXPECT_NEAR(-along(d, "driving", "duo.feed+"), 50.0, 1e-3);
    EXPECT_NEAR(-along(d, "driving_in_sun", "duo.feed+"), 50.0, 1e-3);
    const double taken = along(d, "driving_in_sun", "duo.engine.feed+");
    EXPECT_LT(taken, 0.6 * along(d, "driving", "duo.engine.feed+"));
    const double sun = -along(d, "noon", "duo.feed+");
    EXPECT_GT(sun, 25.0);
    EXPECT_LT(sun * 13.0, 540.0);
}

TEST(Combined, IsOneDeviceThatIsBoughtOnceAndStartedTwice) {
    const Design d = design(aCombinedVan(), library());
    EXPECT_EQ(
        std::ranges::count_if(
            d.build.parts,
            [](const Part& p) { return english(p.name) == "charger for engine and sun, 50 A"; }),
        1);
    for (const char* step : {"on.duo.sun", "on.duo"}) {
        EXPECT_NE(std::ranges::find(d.powerUp.switchOn, std::string(step), &SwitchStep::id),
                  d.powerUp.switchOn.end())
            << step;
    }
    EXPECT_EQ(test::findingOf(d, "W3"), nullptr);
    EXPECT_EQ(test::findingOf(d, "E5"), nullptr);
}

// 1 x 3 panels of 180 W have about 23 V open: two in series are above its 50 V in frost.
TEST(Combined, HasALimitOfPanelVoltageOfItsOwn) {
    EXPECT_EQ(test::findingOf(design(aCombinedVan(), library()), "S1"), nullptr);
    Plan plan = aCombinedVan();
    std::get<CombinedChoice>(plan.gear.sources.back().what).series = 2;
    std::get<CombinedChoice>(plan.gear.sources.back().what).parallel = 1;
    const Design d = design(plan, library());
    const Finding* cold = test::findingOf(d, "S1");
    ASSERT_NE(cold, nullptr);
    EXPECT_EQ(cold->where.front().id, "duo");
    // Another controller is no way out: it is one piece.
    for (const Mend& mend : cold->mends) {
        for (const Change& change : mend.changes) {
            EXPECT_FALSE(std::holds_alternative<UseModel>(change)) << english(mend.label);
        }
    }
}

// It gives 50 A, not the 100 A of two chargers of its rating.
TEST(Combined, CountsOnceAgainstWhatTheBankTakes) {
    const Design d = design(aCombinedVan(), library());
    const Derivation* charge = d.why.find(FigureId("bank.charge"));
    ASSERT_NE(charge, nullptr);
    EXPECT_DOUBLE_EQ(std::get<Measure>(charge->result).si, 50.0);
}

TEST(Isolated, BringsItsInputCurrentBackByItsOwnLead) {
    const Design own = design(
        with(aVan(), "dcdc", "dcdc_from_starter", EngineChoice{"dcdc_isolated_30", {}}), library());
    EXPECT_NEAR(along(own, "driving", "engine.feed-"), along(own, "driving", "engine.feed+"), 1e-6);
    EXPECT_NEAR(along(own, "driving", "bond"), 0.0, 1e-6);
    const Design common =
        design(with(aVan(), "dcdc", "dcdc_from_starter", EngineChoice{"dcdc_30", {}}), library());
    EXPECT_GT(std::abs(along(common, "driving", "bond")), 25.0);
    EXPECT_EQ(findConductor(common.wiring.circuit, ConductorId("engine.feed-")), nullptr);
}

TEST(SecondAlternator, ChargesTheBankAlone) {
    const Design d =
        design(with(aVan(), "second", "alternator_on_bars", AlternatorChoice{"alternator_100"}),
               library());
    // Into a weak bank it holds its volts; into a strong one it gives all it can, and that decides.
    EXPECT_GT(-along(d, "driving", "second.feed+"), 30.0);
    EXPECT_NEAR(test::rowOf(d, "second.feed+").load.si(), 100.0, 1e-3);
    EXPECT_EQ(findDevice(d.wiring.circuit, DeviceId("starter")), nullptr);
    EXPECT_TRUE(test::rowOf(d, "second.feed+").fuseFrom.has_value());
    EXPECT_GT(test::rowOf(d, "main.feed+").load.si(), 50.0);
}

TEST(Trickle, GivesWhileTheHouseIsChargedAndNothingWhileItIsNot) {
    Plan plan = with(aVan(), "trickle", "trickle_to_starter", TrickleChoice{"trickle_4"});
    putSolar(plan.gear, SolarChoice{{"panel_180", 2, 2}, "mppt_100_50"});
    const Design d = design(plan, library());
    EXPECT_NEAR(along(d, "rest", "trickle.feed+"), 0.0, 1e-9);
    EXPECT_NEAR(along(d, "night", "trickle.feed+"), 0.0, 1e-9);
    EXPECT_GT(along(d, "noon", "trickle.feed+"), 0.1);
    EXPECT_LT(along(d, "noon", "trickle.engine.feed+"), -0.1);
    for (const char* feed : {"trickle.feed+", "trickle.engine.feed+"}) {
        EXPECT_TRUE(test::rowOf(d, feed).fuseFrom.has_value()) << feed;
    }
}

// A charger that only watches the starter battery's volts is fooled by it.
TEST(Trickle, FoolsAChargerThatWatchesVolts) {
    Plan plan = with(aVan(), "trickle", "trickle_to_starter", TrickleChoice{"trickle_4"});
    putEngine(plan.gear, EngineChoice{"dcdc_30", {}});
    plan.gear.sources.back().options["enable"] = "voltage";
    EXPECT_EQ(test::findingOf(design(plan, library()), "E4")->severity, Severity::Fault);
}

Plan aPointVan(std::optional<SquareMetres> area, std::optional<Amps> fuse) {
    Plan plan =
        with(aVan(), "dcdc", "dcdc_from_starter", EngineChoice{"dcdc_30", {UnitId("seatbox")}});
    plan.van.vehicle.points = {{UnitId("seatbox"),
                                "seat box terminal",
                                PlaceId("seat"),
                                PointAt::Starter,
                                PointLaid::Found,
                                metres(2),
                                area,
                                fuse}};
    return plan;
}

TEST(SupplyPoint, IsWhatItIsAndIsNotBought) {
    const Design d = design(aPointVan(squareMillimetres(16), amps(80)), library());
    const CableRow& lead = test::rowOf(d, "point.seatbox.lead+");
    EXPECT_DOUBLE_EQ(inMm2(lead.area), 16.0);
    EXPECT_DOUBLE_EQ(lead.fuseFrom->rating.si(), 80.0);
    EXPECT_EQ(test::findingOf(d, "E11"), nullptr);
    EXPECT_EQ(findConductor(d.wiring.circuit, ConductorId("engine.feed+"))->from.device.value,
              "point.seatbox");
    EXPECT_EQ(
        std::ranges::count(d.build.cuts, ConductorId("point.seatbox.lead+"), &CutPiece::conductor),
        0);
    EXPECT_GT(lead.load.si(), 25.0);
}

// 30 A at 14.4 V out of 13.3 V at 90 % are 36 A; behind 40 A, good for 32 A for hours, that is too
// much. (Own arithmetic.)
TEST(SupplyPoint, BoundsWhatMayHangOnIt) {
    const Design d = design(aPointVan(squareMillimetres(6), amps(40)), library());
    const Finding* f = test::findingOf(d, "E11");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->severity, Severity::Fault);
    EXPECT_EQ(f->where.front().id, "point.seatbox.lead+");
}

TEST(SupplyPoint, ThatNobodyHasLookedAtIsJudgedAsTheLeast) {
    const Design unknown = design(aPointVan({}, amps(60)), library());
    EXPECT_GE(test::rowOf(unknown, "point.seatbox.lead+").ampacity, amps(60));
    const Finding* advice = test::findingOf(unknown, "E11");
    ASSERT_NE(advice, nullptr);
    EXPECT_EQ(advice->severity, Severity::Advice);
    const Design nothing = design(aPointVan({}, {}), library());
    EXPECT_DOUBLE_EQ(inMm2(test::rowOf(nothing, "point.seatbox.lead+").area), 4.0);
}

TEST(SupplyPoint, ThatIsNotThereIsToldAndTheStarterBatteryTaken) {
    Plan plan = aPointVan({}, {});
    plan.van.vehicle.points.clear();
    const Design d = design(plan, library());
    ASSERT_NE(test::findingOf(d, "T4"), nullptr);
    EXPECT_EQ(findConductor(d.wiring.circuit, ConductorId("engine.feed+"))->from.device.value,
              "starter");
}

TEST(InverterCharger, ChargesOnShoreByItsRating) {
    Plan plan = aVan();
    putInverter(plan.gear, "multi_1200", hours(2));
    const Design d = design(plan, library());
    EXPECT_NEAR(-along(d, "shore", "inverter.feed+"), 50.0, 1e-3);
    EXPECT_NE(std::ranges::find(d.checks.findings, "MAINS inverter shore", &Finding::id),
              d.checks.findings.end());
}

TEST(VehicleUnits, SurviveTheFile) {
    Plan plan = aPointVan(squareMillimetres(16), amps(80));
    plan = with(std::move(plan),
                "duo",
                "combined_from_starter",
                CombinedChoice{{"panel_180", 1, 3}, "combined_50", {UnitId("seatbox")}});
    plan =
        with(std::move(plan), "second", "alternator_on_bars", AlternatorChoice{"alternator_100"});
    plan = with(std::move(plan), "trickle", "trickle_to_starter", TrickleChoice{"trickle_4"});
    plan.van.vehicle.points.push_back({UnitId("hitch"),
                                       "hitch socket",
                                       PlaceId("engine"),
                                       PointAt::Starter,
                                       PointLaid::Found,
                                       metres(5),
                                       {},
                                       {}});
    plan.gear.banks.front().venting = Venting::Box;
    plan.gear.banks.front().opening = squareMillimetres(3000);
    plan.gear.banks.front().heater = BatteryHeater{watts(60), celsius(-3)};
    putInverter(plan.gear, "multi_1200", hours(2));
    plan.gear.inverters.front().shorePerDay = hours(5);
    const PlanReading again = readPlan(writePlan(plan), "plan");
    ASSERT_TRUE(again.plan.has_value());
    EXPECT_EQ(*again.plan, plan);
}

}  // namespace
}  // namespace spirk
