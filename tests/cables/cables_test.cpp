// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/cables.h"

#include <gtest/gtest.h>

#include <cmath>
#include <map>

#include "core/cables/conductor_physics.h"
#include "core/cables/figures.h"
#include "core/cables/fuse_curve.h"
#include "core/design/why.h"
#include "core/plan/edit.h"
#include "core/plan/plan_file.h"
#include "tests/support/builders.h"
#include "tests/support/near.h"

namespace spirk {
namespace {

using test::library;
using test::rowOf;

// Every plan that nobody has amended must come out sound.
TEST(Sizing, OfUnamendedPlansKeepsEveryLimit) {
    Plan demo = test::theDemo();
    demo.amendments.clear();
    for (const Plan& plan : {test::aSmallVan(), test::aFullVan(), demo}) {
        SCOPED_TRACE(plan.name);
        const Design d = design(plan, library());
        for (std::size_t i = 0; i < d.cables.rows.size(); ++i) {
            const CableRow& r = d.cables.rows[i];
            if (!isOurs(d.wiring.circuit.conductors[i])) {
                continue;
            }
            SCOPED_TRACE(r.id.value);
            EXPECT_GE(r.ampacity, r.load);
            EXPECT_LE(r.margins.current, 1.0);
            EXPECT_LE(r.margins.drop, 1.0);
            EXPECT_LE(r.margins.shortCircuit, 1.0);
            EXPECT_TRUE(r.from.lugSold && r.from.sizeFits && r.to.lugSold && r.to.sizeFits);
            if (r.fuseFrom) {
                // A charger that limits itself: 1.1 times (common practice); else NEC 215.3.
                EXPECT_TRUE(enough(r.fuseFrom->rating, r.load * 1.1));
                EXPECT_TRUE(enough(r.fuseFrom->rating, r.fuseFrom->needed));
                EXPECT_LE(r.fuseFrom->rating, r.ampacity);
                EXPECT_TRUE(r.fuseFrom->interrupts >= r.fuseFrom->strongest || r.fuseFrom->backup);
            }
        }
    }
}

// ISO 10133, annex A (from memory): no reduction up to three, then 0.7, 0.6 from seven on, 0.5
// from 25 on.
TEST(Bundles, LeaveLessFromTheFourthConductorOn) {
    const std::map<int, double> factors{
        {1, 1.0}, {3, 1.0}, {4, 0.7}, {6, 0.7}, {7, 0.6}, {24, 0.6}, {25, 0.5}, {60, 0.5}};
    for (const auto& [tied, factor] : factors) {
        EXPECT_EQ(bundleFactor(library(), tied).factor, factor) << tied;
    }
}

// --- the drop of a branch, by what the timetable has on

Appliance onFrom(Appliance a, double start, double span) {
    a.uses = {{hours(start), hours(span), 1.0}};
    return a;
}

// Three circuits of one block: 60 W by night, 36 W and 24 W at noon.
Plan byTheClock() {
    Plan p = test::aSmallVan();
    p.appliances = {onFrom(test::aLoad("heater", watts(60), Category::Climate), 1, 2),
                    onFrom(test::aLoad("pump", watts(36), Category::Water), 12, 1),
                    onFrom(test::aLoad("radio", watts(24), Category::Electronics), 12, 3)};
    return p;
}

const DropPath& pathTo(const Design& d, const std::string& load) {
    return *std::ranges::find(d.wiring.circuit.paths, "drop.load." + load, &DropPath::id);
}

const PathDrop& dropTo(const Design& d, const std::string& load) {
    return *std::ranges::find(d.cables.drops, "drop.load." + load, &PathDrop::id);
}

TEST(DropByTimetable, LeavesOutWhatIsOffInTheOthersBusiestHour) {
    const Design d = design(byTheClock(), library());
    const double lowest =
        12.0;  // at which loads of a lithium bank are sized; data/chemistries.json
    // Own arithmetic. The heater's others draw 60 W at noon; the pump's 60 W by night, the radio
    // off; the radio's 60 W by night, the pump off.
    test::expectNear(pathTo(d, "heater").shared->idle.si(), 0.0, 1e-9);
    test::expectNear(pathTo(d, "pump").shared->idle.si(), 24.0 / lowest, 1e-9);
    test::expectNear(pathTo(d, "radio").shared->idle.si(), 36.0 / lowest, 1e-9);
}

// Against the circuit solved with just those loads on (Kirchhoff).
TEST(DropByTimetable, IsWhatTheNetworkLosesWithThoseLoads) {
    const Design d = design(byTheClock(), library());
    Moment moment;
    moment.stateOfCharge = 0.2;
    moment.reckoning = Reckoning::AtLowVoltage;
    moment.only = {DeviceId("load.pump"), DeviceId("load.heater")};
    const Circuit& circuit = d.wiring.circuit;
    const MomentSolution solved =
        solveMoment(CircuitState{&circuit, d.cables.ohms, Strength::Weak}, moment);
    const DropPath& path = pathTo(d, "pump");
    const Volts near = *solved.between(circuit, path.source.pos, path.source.neg);
    const Volts far = *solved.between(circuit, path.far.pos, path.far.neg);
    test::expectNear(dropTo(d, "pump").drop.si(), (near - far).si(), 1e-6);
}

TEST(DropByTimetable, CountsEverythingWhereThePersonSaysSo) {
    Plan all = byTheClock();
    all.habitsOff = {"timetable_share"};
    const Design with = design(byTheClock(), library());
    const Design without = design(all, library());
    EXPECT_FALSE(pathTo(without, "pump").shared.has_value());
    EXPECT_GT(dropTo(without, "pump").drop, dropTo(with, "pump").drop);
    test::expectNear(
        dropTo(without, "heater").drop.si(), dropTo(with, "heater").drop.si(), test::kExact);
}

TEST(DropByTimetable, IsNamedInTheWhy) {
    const Design d = design(byTheClock(), library());
    const auto terms = why(d, FigureId("drop.load.pump"))->terms;
    const auto off = [](const Term& t) { return english(t.symbol) == "I_off"; };
    EXPECT_EQ(std::ranges::count_if(terms, off), 1);
}

TEST(Sizing, CurrentOfTheInverterIsItsPowerAtTheLowestVoltage) {
    const Design d = design(test::aFullVan(), library());
    // Own arithmetic: (1600 + loss) / 12.0 V with loss 1600 (0.007 + 0.03 + 0.09).
    test::expectNear(rowOf(d, "inverter.feed+").load.si(), 1600 * 1.13 / 12.0, 1e-9);
}

TEST(Sizing, MainCurrentIsTheInverterAndAllLoads) {
    const Design d = design(test::aFullVan(), library());
    const double loads = (45.0 + 10.0) / 12.0;
    test::expectNear(rowOf(d, "main.feed+").load.si(), 1600 * 1.13 / 12.0 + loads, 1e-9);
}

TEST(Sizing, BatteriesWithEqualLeadsShareEqually) {
    const Design d = design(test::aFullVan(), library());
    const double one = rowOf(d, "bank.1.lead+").inMoment.front().si();
    test::expectNear(rowOf(d, "bank.3.lead+").inMoment.front().si(), one, 1e-9);
    test::expectNear(rowOf(d, "main.feed+").load.si(), 3.0 * one, 1e-9);
    // With one of the three gone each of the others carries half.
    test::expectNear(rowOf(d, "bank.1.lead+").load.si(), 1.5 * one, 1e-9);
    EXPECT_TRUE(enough(rowOf(d, "bank.1.lead+").fuseFrom->rating, amps(1.5 * one * 1.25)));
    EXPECT_EQ(test::findingOf(d, "B2"), nullptr);
}

TEST(Sizing, WithoutTheHabitBatteryLeadsCarryTheirShareOnly) {
    Plan plan = test::aFullVan();
    plan.habitsOff = {"one_fewer"};
    const Design d = design(plan, library());
    test::expectNear(
        rowOf(d, "bank.1.lead+").load.si(), rowOf(d, "main.feed+").load.si() / 3.0, 1e-9);
}

// Half of a 100 A battery's limit: 4 mm² carry 42 A in the cupboard, 6 mm² 56 A.
TEST(Sizing, ABatterysLeadBearsHalfOfWhatItMayGive) {
    const Design d = design(test::aSmallVan(), library());
    const CableRow& lead = rowOf(d, "main.feed+");
    EXPECT_EQ(lead.habit, "battery_half");
    EXPECT_NEAR(lead.area.si(), 6e-6, 1e-12);
}

TEST(Sizing, AnUnequalLeadIsSolvedNotAssumed) {
    Plan plan = test::aFullVan();
    plan.amendments = {SetLength{ConductorId("bank.3.lead+"), metres(4)},
                       SetLength{ConductorId("bank.3.lead-"), metres(4)}};
    const Design d = design(plan, library());
    EXPECT_LT(rowOf(d, "bank.3.lead+").load, rowOf(d, "bank.1.lead+").load * 0.85);
}

TEST(Sizing, AMainFuseBelowAHeavyShortIsOfAKindThatInterruptsIt) {
    const Design d = design(test::theDemo(), library());
    const ChosenFuse& fuse = *rowOf(d, "main.feed+").fuseFrom;
    EXPECT_GT(fuse.prospective, amps(2000));
    EXPECT_GE(familyOf(library(), fuse.family).interrupting, fuse.prospective);
}

TEST(Sizing, AHotterPlaceAsksForAThickerCable) {
    Plan plan = test::aSmallVan();
    plan.appliances.push_back(test::aLoad("heater", watts(150), Category::Climate));
    const SquareMetres cool = rowOf(design(plan, library()), "circuit.heater.feed+").area;
    for (VanPlace& place : plan.van.places) {
        place.ambient = celsius(66);
    }
    EXPECT_GT(rowOf(design(plan, library()), "circuit.heater.feed+").area, cool);
}

TEST(Sizing, ALongerWayAsksForAThickerCable) {
    Plan plan = test::aSmallVan();
    const SquareMetres near = rowOf(design(plan, library()), "circuit.kitchen.feed+").area;
    plan.amendments = {SetLength{ConductorId("circuit.kitchen.feed+"), metres(30)},
                       SetLength{ConductorId("circuit.kitchen.feed-"), metres(30)}};
    EXPECT_GT(rowOf(design(plan, library()), "circuit.kitchen.feed+").area, near);
}

TEST(Sizing, AnAmendedSizeStandsAndTheComputedOneIsKeptBesideIt) {
    Plan plan = test::aFullVan();
    const SquareMetres computed = rowOf(design(plan, library()), "inverter.feed+").area;
    plan.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(16)}};
    const Design d = design(plan, library());
    EXPECT_EQ(rowOf(d, "inverter.feed+").area, squareMillimetres(16));
    EXPECT_TRUE(rowOf(d, "inverter.feed+").areaAmended);
    EXPECT_EQ(rowOf(d, "inverter.feed+").computedArea, computed);
}

TEST(Sizing, AnAmendedFuseNeverChangesACableInSilence) {
    Plan plan = test::aFullVan();
    const SquareMetres before = rowOf(design(plan, library()), "inverter.feed+").area;
    plan.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "", amps(600)}};
    EXPECT_EQ(rowOf(design(plan, library()), "inverter.feed+").area, before);
}

// Common practice: nobody buys two cables for one run because a switch stands in it. Sized each by
// its own drop, the demo's main leads came out at 120 and 95 mm².
TEST(Sizing, OneRunHasOneCableOnBothSidesOfItsSwitch) {
    const Design d = design(test::theDemo(), library());
    for (const auto& [near, far] : {std::pair("main.feed+", "main.link+"),
                                    std::pair("main.feed-", "main.link-"),
                                    std::pair("mppt.feed+", "mppt.link+"),
                                    std::pair("array.lead+", "array.feed+"),
                                    std::pair("array.lead-", "array.feed-")}) {
        EXPECT_EQ(rowOf(d, near).area, rowOf(d, far).area) << near;
    }
}

// The shunt's studs take no lug as thin as the paddler's positive would be: 6 mm² back, 2.5 out.
TEST(Sizing, OutAndBackAreOfOneCable) {
    const PlanReading paddler = loadPlan(SPIRK_DATA_DIR "/demo/paddler.spirk");
    const Design d = design(*paddler.plan, library());
    for (const Conductor& c : d.wiring.circuit.conductors) {
        if (c.pair) {
            EXPECT_EQ(rowOf(d, c.id.value).area, rowOf(d, c.pair->value).area) << c.id.value;
        }
    }
}

TEST(Sizing, EndsOnAnAbsurdPlan) {
    Plan plan = test::aFullVan();
    for (WireWay& way : plan.van.ways) {
        way.length = metres(100);
    }
    plan.appliances.push_back(test::aLoad("forge", watts(20000), Category::Work));
    const Design d = design(plan, library());
    EXPECT_NE(test::findingOf(d, "W7"), nullptr);
    EXPECT_LT(d.cables.passes, 40);
}

TEST(Explain, EveryFigureOfARowHasADerivation) {
    const Design d = design(test::theDemo(), library());
    for (const Conductor& c : d.wiring.circuit.conductors) {
        if (!isOurs(c)) {
            continue;
        }
        for (const char* figure : {"load", "ampacity", "size", "drop", "fault"}) {
            EXPECT_NE(d.why.find(cableFigure(c.id, figure)), nullptr)
                << c.id.value << " " << figure;
        }
        EXPECT_NE(d.why.find(lengthFigure(c.id)), nullptr) << c.id.value;
        EXPECT_EQ(d.why.find(cableFigure(c.id, "fuse")) != nullptr,
                  protectionAt(d.wiring.circuit, c, End::From) != nullptr)
            << c.id.value;
    }
}

TEST(Explain, EveryLinkedFigureExists) {
    const Design d = design(test::theDemo(), library());
    for (const auto& [id, derivation] : d.why.all()) {
        for (const Term& term : derivation.terms) {
            if (const auto* from = std::get_if<FromFigure>(&term.origin)) {
                EXPECT_TRUE(why(d, from->figure).has_value())
                    << id.value << " -> " << from->figure.value;
            }
        }
        EXPECT_FALSE(derivation.source.empty()) << id.value;
        EXPECT_FALSE(derivation.formula.empty()) << id.value;
    }
}

}  // namespace
}  // namespace spirk
