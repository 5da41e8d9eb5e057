// SPDX-License-Identifier: GPL-3.0-or-later
// From names to nodes and back: each kind of device does what it should in a moment.
#include "core/circuit/assemble.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/gear/inverter.h"
#include "core/gear/solar.h"
#include "tests/support/builders.h"
#include "tests/support/near.h"

namespace spirk {
namespace {

using test::expectNear;
using test::library;

// The full van, with all conductors of one milliohm and all fuses of a tenth of one.
class Assembled : public ::testing::Test {
protected:
    Assembled() : design_(design(test::aFullVan(), library())) {
        for (const Conductor& c : circuit().conductors) {
            ConductorOhms o{milliohms(0.8), milliohms(0.1), milliohms(0.1), {}, {}};
            if (protectionAt(circuit(), c, End::From) != nullptr) {
                o.fuseFrom = milliohms(0.1);
            }
            ohms_.push_back(o);
        }
        moment_.id = "test";
        moment_.stateOfCharge = 0.5;
    }
    [[nodiscard]] const Circuit& circuit() const { return design_.wiring.circuit; }
    [[nodiscard]] CircuitState state() const { return {&circuit(), ohms_, Strength::Weak}; }
    [[nodiscard]] MomentSolution solved() const { return solveMoment(state(), moment_); }
    [[nodiscard]] Amps through(const MomentSolution& m, const char* id) const {
        const auto found = std::ranges::find(circuit().conductors, ConductorId(id), &Conductor::id);
        return m.conductor[static_cast<std::size_t>(found - circuit().conductors.begin())];
    }
    [[nodiscard]] Amps currentOf(const MomentSolution& m, const char* id) const {
        return test::currentOf(circuit(), m, id).value();
    }
    void give(Watts output) {
        moment_.drawn[DeviceId("inverter")] = inverterInput(*design_.gear.inverter(), output);
    }
    static TerminalId at(const char* device, const char* port) { return {DeviceId(device), port}; }

    Design design_;
    std::vector<ConductorOhms> ohms_;
    Moment moment_;
};

TEST_F(Assembled, AtRestEverythingHasTheBanksVoltageAndNothingFlows) {
    const MomentSolution m = solved();
    EXPECT_NEAR(
        m.between(circuit(), at("bus.pos", "bar"), at("bus.neg", "bar"))->si(), 13.20, 1e-9);
    EXPECT_NEAR(
        m.between(circuit(), at("inverter", "dc+"), at("inverter", "dc-"))->si(), 13.20, 1e-9);
    EXPECT_NEAR(through(m, "main.feed+").si(), 0.0, 1e-9);
}

TEST_F(Assembled, AnOpenMainSwitchLeavesTheBarsDead) {
    moment_.open = {DeviceId("main.switch")};
    const MomentSolution m = solved();
    EXPECT_FALSE(m.between(circuit(), at("bus.pos", "bar"), at("bus.neg", "bar")).has_value());
    EXPECT_TRUE(m.between(circuit(), at("bank.1", "+"), at("bank.1", "-")).has_value());
}

TEST_F(Assembled, APulledFuseLeavesItsBranchDead) {
    const auto& index = *circuit().index;
    moment_.pulled.assign(index.ends.size(), false);
    moment_.pulled[index.conductors.at(ConductorId("inverter.feed+"))] = true;
    const MomentSolution m = solved();
    EXPECT_FALSE(m.between(circuit(), at("inverter", "dc+"), at("inverter", "dc-")).has_value());
    EXPECT_EQ(through(m, "inverter.feed+"), amps(0));
}

// Two live parts that nothing joins float against each other: a meter between them shows nothing.
TEST_F(Assembled, BetweenTwoLivePartsThereAreNoVolts) {
    moment_.sun = 1.0;
    const auto& index = *circuit().index;
    moment_.pulled.assign(index.ends.size(), false);
    for (const Conductor& c : circuit().conductors) {
        moment_.pulled[index.conductors.at(c.id)] = c.side == Side::Panels;
    }
    const MomentSolution m = solved();
    EXPECT_TRUE(m.between(circuit(), at("array", "+"), at("array", "-")).has_value());
    EXPECT_TRUE(m.between(circuit(), at("bank.1", "+"), at("bank.1", "-")).has_value());
    EXPECT_FALSE(m.between(circuit(), at("array", "+"), at("bank.1", "-")).has_value());
}

TEST_F(Assembled, TheInverterDrawsItsPowerAndItsLoss) {
    give(watts(800));
    const MomentSolution m = solved();
    const Volts v = *m.between(circuit(), at("inverter", "dc+"), at("inverter", "dc-"));
    const Watts input = inverterInput(*design_.gear.inverter(), watts(800));
    expectNear(currentOf(m, "inverter").si() * v.si(), input.si(), 1e-9);
    expectNear(through(m, "inverter.feed+").si(), through(m, "inverter.feed-").si(), 1e-9);
}

TEST_F(Assembled, AnInverterThatIsOffDrawsNothing) {
    EXPECT_FALSE(test::currentOf(circuit(), solved(), "inverter").has_value());
}

TEST_F(Assembled, OnlyTheNamedLoadsRun) {
    moment_.only = {DeviceId("load.fridge")};
    const MomentSolution m = solved();
    EXPECT_TRUE(test::currentOf(circuit(), m, "load.fridge").has_value());
    EXPECT_FALSE(test::currentOf(circuit(), m, "load.lamp").has_value());
    expectNear(through(m, "circuit.kitchen.feed+").si(), currentOf(m, "load.fridge").si(), 1e-9);
    EXPECT_NEAR(through(m, "circuit.lighting.feed+").si(), 0.0, 1e-9);
}

TEST_F(Assembled, SizingTakesTheLargestPowerAtTheLowestVoltage) {
    moment_.loads = LoadsOn::All;
    moment_.reckoning = Reckoning::AtLowVoltage;
    const MomentSolution m = solved();
    expectNear(currentOf(m, "load.fridge").si(), 45.0 / 12.0, 1e-9);
}

TEST_F(Assembled, ResistiveLoadsFollowTheVoltage) {
    Plan plan = test::aSmallVan();
    plan.appliances[0].behaviour = Behaviour::Resistance;
    const Design d = design(plan, library());
    const MomentSolution& m = d.moments[0];
    const Volts v = *m.between(d.wiring.circuit, at("load.fridge", "+"), at("load.fridge", "-"));
    // 45 W at the nominal 12.8 V.
    expectNear(test::currentOf(d.wiring.circuit, m, "load.fridge")->si(),
               v.si() * 45.0 / (12.8 * 12.8),
               1e-9);
}

TEST_F(Assembled, FullSunChargesTheBankThroughTheController) {
    moment_.sun = 1.0;
    const MomentSolution m = solved();
    const Amps out = currentOf(m, "mppt");
    const Volts v = *m.between(circuit(), at("mppt", "bat+"), at("mppt", "bat-"));
    const ControllerModel& c = *design_.gear.sun()->controller;
    // P eta / V, bounded by its rating: own arithmetic.
    const Amps could = arrayPower(*design_.gear.sun()) * c.efficiency / v;
    expectNear(out.si(), std::min(c.maxOutput, could).si(), 1e-6);
    EXPECT_LT(through(m, "main.feed+"), amps(0));  // into the bank
    // What goes into the controller is what comes out over its efficiency.
    const Volts pv = *m.between(circuit(), at("mppt", "pv+"), at("mppt", "pv-"));
    expectNear(test::inputOf(circuit(), m, "mppt")->si() * pv.si(),
               out.si() * v.si() / c.efficiency,
               1e-6);
}

TEST_F(Assembled, WithoutSunTheArrayIsNotASource) {
    EXPECT_FALSE(test::currentOf(circuit(), solved(), "array").has_value());
}

TEST_F(Assembled, DrivingChargesTheBankAndReturnsThroughTheBond) {
    moment_.driving = true;
    const MomentSolution m = solved();
    expectNear(currentOf(m, "dcdc").si(), 30.0, 1e-9);
    const Amps input = *test::inputOf(circuit(), m, "dcdc");
    expectNear(through(m, "engine.feed+").si(), input.si(), 1e-6);
    expectNear(through(m, "bond").si(), input.si(), 1e-6);
    // A common negative carries the difference of both sides.
    expectNear(std::fabs(through(m, "dcdc.feed-").si()), std::fabs(30.0 - input.si()), 1e-5);
}

TEST_F(Assembled, TheThreeBatteriesShareEqually) {
    give(watts(1600));
    const MomentSolution m = solved();
    for (const char* id : {"bank.2", "bank.3"}) {
        expectNear(currentOf(m, id).si(), currentOf(m, "bank.1").si(), 1e-9);
    }
}

TEST_F(Assembled, FusesHaveANodeBehindThem) {
    const Assembly a = assemble(state(), moment_, Detail::Fuses);
    for (std::size_t i = 0; i < circuit().conductors.size(); ++i) {
        const ConductorBranch& b = a.conductors[i];
        const bool fused = protectionAt(circuit(), circuit().conductors[i], End::From) != nullptr;
        EXPECT_EQ(b.fuseFrom >= 0, fused);
        EXPECT_GE(b.wire, 0);
        EXPECT_EQ(b.afterFrom == circuit().index->ends[i].from.node, !fused);
    }
}

// Own arithmetic: the inverter's 80 A or so through 50 mOhm where 0.1 should be.
TEST_F(Assembled, ABadJointLosesItsVoltsThere) {
    give(watts(1000));
    const auto atInverter = [&](const MomentSolution& m) {
        return *m.between(circuit(), at("inverter", "dc+"), at("inverter", "dc-"));
    };
    const MomentSolution good = solved();
    const ConductorEnd joint{ConductorId("inverter.feed+"), End::To};
    moment_.joints[joint] = milliohms(50);
    const MomentSolution bad = solved();
    // The bad joint carries more, since a constant power draws more at fewer volts.
    const Amps more = through(bad, "inverter.feed+") - through(good, "inverter.feed+");
    EXPECT_GT(more, amps(10));
    const Ohms before = (atInverter(good) - atInverter(bad)) / through(bad, "inverter.feed+");
    EXPECT_GT(before, milliohms(49.9));
    EXPECT_LT(before, milliohms(52));  // and what the other leads lose of it

    const Assembly a = assemble(state(), moment_, Detail::Joints);
    const Solution s = solve(a.network);
    const auto& c = circuit().conductors;
    const auto i = static_cast<std::size_t>(findConductor(circuit(), joint.conductor) - c.data());
    const ConductorBranch& b = a.conductors[i];
    const Volts lost = s.across(b.beforeJointTo, b.beforeTo);
    expectNear(lost.si(), through(bad, "inverter.feed+").si() * 0.05, 1e-6);
}

// A short just behind the main fuse is fed by all three batteries through it; one behind a
// battery's fuse by that battery through it, and by the others from the bar. Own arithmetic on 1
// and 0.1 mOhm.
TEST_F(Assembled, AFaultBehindABatterysFuse) {
    const CircuitState s{&circuit(), ohms_, Strength::Typical};
    Moment still;
    still.stateOfCharge = 1.0;
    const Assembly a = assemble(s, still, Detail::Fuses);
    const auto lead =
        std::ranges::find(circuit().conductors, ConductorId("bank.1.lead+"), &Conductor::id);
    const ConductorBranch& b =
        a.conductors[static_cast<std::size_t>(lead - circuit().conductors.begin())];
    const int negative = *nodeOf(circuit(), at("bank.1", "-"));
    const FaultStudy::Fault f = FaultStudy(a.network).between(b.afterFrom, negative);
    const double r = 400.0 / 150.0 * 1e-3;  // chemistry's middle, 150 Ah
    expectNear(std::fabs(f.through(a.network.resistors[static_cast<std::size_t>(b.fuseFrom)]).si()),
               13.6 / (r + 0.1e-3),
               1e-9);
    // Each of the others: its own fuse and two leads, then the shared lead of this battery on both
    // poles.
    const double other = (r + 0.1e-3 + 2e-3) / 2.0 + 2e-3;
    expectNear(std::fabs(f.through(a.network.resistors[static_cast<std::size_t>(b.wire)]).si()),
               13.6 / other,
               1e-2);
}

}  // namespace
}  // namespace spirk
