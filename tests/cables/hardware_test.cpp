// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "core/cables/figures.h"
#include "core/design/design.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

const Device& deviceOf(const Design& d, const char* id) {
    const Device* found = findDevice(d.wiring.circuit, DeviceId(id));
    EXPECT_NE(found, nullptr) << id;
    return *found;
}
const std::string& modelOf(const Design& d, const char* id) { return deviceOf(d, id).made->model; }

Plan withInverter(const std::string& model) {
    Plan plan = test::aFullVan();
    inverterOf(plan.gear)->model = model;
    return plan;
}

// Own arithmetic: 1600 W through the inverter and two small loads draw some 155 A from a low bank,
// 3000 W some 290 A.
TEST(Hardware, IsTheLeastThatCarriesTheCurrent) {
    EXPECT_EQ(modelOf(design(withInverter("inverter_1600"), library()), "main.switch"),
              "switch_200");
    EXPECT_EQ(modelOf(design(withInverter("inverter_3000"), library()), "main.switch"),
              "switch_350");
    Plan small = test::aFullVan();
    takeOutInverter(small.gear);
    EXPECT_EQ(modelOf(design(small, library()), "main.switch"), "switch_100");
}

TEST(Hardware, NothingOfTheProgramsChoiceIsTooSmall) {
    for (const char* inverter : {"inverter_1600", "inverter_2000", "inverter_3000"}) {
        SCOPED_TRACE(inverter);
        const Design d = design(withInverter(inverter), library());
        EXPECT_EQ(test::findingOf(d, "W13"), nullptr);
        EXPECT_EQ(test::findingOf(d, "G4"), nullptr);
        EXPECT_EQ(test::findingOf(d, "W10"), nullptr);
    }
}

TEST(Hardware, ABarHasAStudForEachLugAndTakesTheThickestCable) {
    Plan plan = test::aSmallVan();
    EXPECT_EQ(modelOf(design(plan, library()), "bus.pos"), "bus_bar_150_4");
    // No lug of 50 mm2 has a hole for M6 (DIN 46235).
    plan.amendments = {SetSize{ConductorId("main.link+"), squareMillimetres(50)}};
    const Design d = design(plan, library());
    EXPECT_EQ(modelOf(d, "bus.pos"), "bus_bar_250_4");
    EXPECT_EQ(deviceOf(d, "bus.pos").ports.front().connection.stud, "M8");
}

TEST(Hardware, ABlockKeepsAWayFree) {
    Plan plan = test::aSmallVan();
    const auto addLoads = [&](int to) {
        for (int i = static_cast<int>(plan.appliances.size()); i < to; ++i) {
            plan.appliances.push_back(
                test::aLoad("own" + std::to_string(i), watts(80), Category::Work));
        }
    };
    addLoads(5);
    EXPECT_EQ(modelOf(design(plan, library()), "fuseblock"), "fuse_block_6");
    addLoads(6);
    EXPECT_EQ(modelOf(design(plan, library()), "fuseblock"), "fuse_block_12");
    addLoads(12);
    const Design full = design(plan, library());
    EXPECT_EQ(findDevice(full.wiring.circuit, DeviceId("fuseblock.2")), nullptr);
    EXPECT_NE(test::findingOf(full, "W19"), nullptr);
}

TEST(Hardware, ADistributorHasTheWaysAndTheOneFamilyThatItsFusesNeed) {
    // Three lithium batteries put more than 2.5 kA into a short: strip fuses do not interrupt it.
    Plan plan = test::aFullVan();
    mainRailOf(plan.gear).kind = Distribution::Distributor;
    EXPECT_EQ(modelOf(design(plan, library()), "bus.pos"), "distributor_4_anl");
    const auto heavy = [&](const char* id) {
        plan.appliances.push_back(test::aLoad(id, watts(600), Category::Work));
    };
    heavy("press");
    heavy("kiln");
    EXPECT_EQ(modelOf(design(plan, library()), "bus.pos"), "distributor_6_anl");
    heavy("lathe");
    EXPECT_EQ(modelOf(design(plan, library()), "bus.pos"), "distributor_8_anl");
    heavy("forge");
    heavy("mill");
    const Design d = design(plan, library());
    const Finding* f = test::findingOf(d, "W13");
    ASSERT_NE(f, nullptr);  // nine fuses, and the largest has eight ways
    EXPECT_EQ(f->id, "W13 ways bus.pos");
    std::set<std::string> families;
    for (const CableRow& row : d.cables.rows) {
        if (row.fuseFrom && row.fuseFrom->holds == Holds::Distributor) {
            families.insert(row.fuseFrom->family);
        }
    }
    EXPECT_EQ(families, std::set<std::string>{"anl"});
}

TEST(Hardware, TheIsolatorOfThePanelsStandsWhatTheyCanGive) {
    // Own arithmetic: three strings of 180 W panels, 1.25 times their short circuit, pass 32 A.
    Plan plan = test::aFullVan();
    solarOf(plan.gear)->series = 1;
    solarOf(plan.gear)->parallel = 3;
    EXPECT_EQ(modelOf(design(plan, library()), "array.isolator"), "pv_isolator_63");
}

TEST(Hardware, WhatThePersonNamesNeverGrowsAndIsJudged) {
    Plan plan = withInverter("inverter_3000");
    plan.own.hardware = {*findById(library().hardware, "switch_100")};
    plan.own.hardware.front().id = "own.old-switch";
    plan.own.hardware.front().maxCurrent = amps(150);
    plan.amendments = {SetHardware{DeviceId("main.switch"), "own.old-switch"}};
    const Design d = design(plan, library());
    EXPECT_EQ(modelOf(d, "main.switch"), "own.old-switch");
    EXPECT_EQ(deviceOf(d, "main.switch").rating, amps(150));
    const Finding* f = test::findingOf(d, "W13");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->id, "W13 main.switch");
}

TEST(Hardware, ABlockOfOnesOwnIsFilledByItsWays) {
    Plan plan = test::aSmallVan();
    plan.own.hardware = {*findById(library().hardware, "fuse_block_6")};
    plan.own.hardware.front().id = "own.block";
    plan.own.hardware.front().ways = 2;
    plan.amendments = {SetHardware{DeviceId("fuseblock"), "own.block"}};
    plan.appliances.push_back(test::aLoad("pump", watts(60), Category::Water));
    const Design d = design(plan, library());
    EXPECT_NE(findDevice(d.wiring.circuit, DeviceId("fuseblock.2")), nullptr);
}

TEST(Hardware, OfAnotherKindOrUnknownIsToldAndChangesNothing) {
    Plan plan = test::aFullVan();
    const std::string before = modelOf(design(plan, library()), "main.switch");
    for (const char* model : {"shunt_500", "no.such"}) {
        SCOPED_TRACE(model);
        plan.amendments = {SetHardware{DeviceId("main.switch"), model}};
        const Design d = design(plan, library());
        EXPECT_NE(test::findingOf(d, "AMEND"), nullptr);
        EXPECT_EQ(modelOf(d, "main.switch"), before);
    }
}

TEST(Hardware, EveryPieceOfItAnswersWhy) {
    const Design d = design(test::theDemo(), library());
    for (const Device& device : d.wiring.circuit.devices) {
        if (!device.made) {
            continue;
        }
        SCOPED_TRACE(device.id.value);
        const Derivation* why = d.why.find(hardwareFigure(device.id));
        ASSERT_NE(why, nullptr);
        EXPECT_EQ(english(std::get<Text>(why->result)), english(device.part));
        for (const Term& term : why->terms) {
            if (const auto* from = std::get_if<FromFigure>(&term.origin)) {
                EXPECT_NE(d.why.find(from->figure), nullptr) << from->figure.value;
            }
        }
    }
}

TEST(PutIn, AJointAndAShuntPartAConductorAsAnIsolatorDoes) {
    for (const auto& [what, id, kind] :
         {std::tuple(InLine::Isolator, "inverter.feed+.isolator", DeviceKind::Isolator),
          std::tuple(InLine::Strip, "inverter.feed+.strip", DeviceKind::Joint),
          std::tuple(InLine::Shunt, "inverter.feed+.shunt", DeviceKind::Shunt)}) {
        SCOPED_TRACE(id);
        Plan plan = test::aFullVan();
        plan.amendments = {PutIn{ConductorId("inverter.feed+"), what}};
        const Design d = design(plan, library());
        EXPECT_EQ(deviceOf(d, id).kind, kind);
        EXPECT_NE(findConductor(d.wiring.circuit, ConductorId("inverter.feed+.after")), nullptr);
    }
}

TEST(PutIn, AFuseAtAnEndThatHasNoneProtectsThere) {
    Plan plan = test::aFullVan();
    plan.amendments = {PutInProtection{ConductorId("mppt.link+"), End::From, "thermal"}};
    const Design d = design(plan, library());
    const CableRow& row = *findRow(d.cables, ConductorId("mppt.link+"));
    ASSERT_TRUE(row.fuseFrom.has_value());
    EXPECT_EQ(row.fuseFrom->family, "thermal");
    EXPECT_EQ(row.protectedBy, row.id);
    EXPECT_EQ(test::findingOf(d, "AMEND"), nullptr);
    plan.amendments = {PutInProtection{ConductorId("inverter.feed+"), End::From, ""}};
    EXPECT_NE(test::findingOf(design(plan, library()), "AMEND"), nullptr);
}

TEST(Insulation, OfOnesChoiceDecidesWhatAConductorMayCarry) {
    Plan plan = test::aFullVan();
    const auto ampacity = [&] {
        return findRow(design(plan, library()).cables, ConductorId("bank.1.lead+"))->ampacity;
    };
    const Amps before = ampacity();
    plan.amendments = {SetInsulation{ConductorId("bank.1.lead+"), "pvc70"}};
    EXPECT_NE(ampacity(), before);
    plan.amendments = {SetInsulation{ConductorId("bank.1.lead+"), "trade"}};
    EXPECT_NE(test::findingOf(design(plan, library()), "AMEND"), nullptr);  // for comparison only
}

}  // namespace
}  // namespace spirk
