// SPDX-License-Identifier: GPL-3.0-or-later
// Twelve systems of quite different kinds, each a mixture, and a table of what can be said: each
// line names the systems that say it, and is held to them. Each system is designed, drawn, printed,
// exported, explained, and read again.
#include "tests/design/clauses.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/why.h"
#include "core/diagram/geometry.h"
#include "core/exchange/csv.h"
#include "core/exchange/report.h"
#include "core/plan/plan_file.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::Clause;
using test::clauses;
using test::systems;

TEST(Clauses, AreSaidByTheSystemsThatTheTableNames) {
    for (const Clause& clause : clauses()) {
        std::set<std::string> found;
        for (const auto& [name, told] : systems()) {
            if (clause.holds(told)) {
                found.insert(name);
            }
        }
        EXPECT_EQ(found, clause.by) << clause.what;
        EXPECT_FALSE(clause.by.empty()) << clause.what;
    }
}

TEST(Clauses, AreMixedInEverySystem) {
    EXPECT_GE(systems().size(), 12u);
    for (const auto& [name, told] : systems()) {
        const auto all = clauses();
        const auto said = std::ranges::count_if(
            all, [&key = name](const Clause& clause) { return clause.by.contains(key); });
        EXPECT_GE(said, 4) << name;
    }
}

TEST(Clauses, AreDrawnOnceInEverySystem) {
    for (const auto& [name, told] : systems()) {
        SCOPED_TRACE(name);
        const DiagramGeometry drawn = layOut(told.design.wiring.circuit, {});
        EXPECT_EQ(drawn.wires.size(), told.design.wiring.circuit.conductors.size());
        std::set<DeviceId> shown;
        for (const PlacedDevice& device : drawn.devices) {
            EXPECT_TRUE(shown.insert(device.id).second) << device.id.value;
        }
        for (const PlacedRail& rail : drawn.rails) {
            shown.insert(rail.device);
        }
        EXPECT_EQ(shown.size(), told.design.wiring.circuit.devices.size());
    }
}

// No device lies on another.
TEST(Clauses, LieApartOnTheDiagram) {
    for (const auto& [name, told] : systems()) {
        SCOPED_TRACE(name);
        const DiagramGeometry drawn = layOut(told.design.wiring.circuit, {});
        for (std::size_t i = 0; i < drawn.devices.size(); ++i) {
            for (std::size_t k = i + 1; k < drawn.devices.size(); ++k) {
                const Rect& a = drawn.devices[i].rect;
                const Rect& b = drawn.devices[k].rect;
                const bool over = a.x < b.x + b.w - 0.5 && b.x < a.x + a.w - 0.5 &&
                                  a.y < b.y + b.h - 0.5 && b.y < a.y + a.h - 0.5;
                EXPECT_FALSE(over)
                    << drawn.devices[i].id.value << " on " << drawn.devices[k].id.value;
            }
        }
    }
}

TEST(Clauses, AreExportedAndExplained) {
    for (const auto& [name, told] : systems()) {
        SCOPED_TRACE(name);
        const std::string report = reportText(told.design, *told.library);
        EXPECT_NE(report.find(told.plan.name), std::string::npos);
        EXPECT_FALSE(partsCsv(told.design).empty());
        EXPECT_FALSE(cablesCsv(told.design, *told.library).empty());
        for (const Conductor& c : told.design.wiring.circuit.conductors) {
            if (isOurs(c)) {
                EXPECT_TRUE(why(told.design, FigureId("cable." + c.id.value + ".size")))
                    << c.id.value;
            }
        }
    }
}

TEST(Clauses, AreSavedAndReadAgain) {
    for (const auto& [name, told] : systems()) {
        SCOPED_TRACE(name);
        const PlanReading again = readPlan(writePlan(told.plan), name);
        ASSERT_TRUE(again.plan.has_value());
        EXPECT_EQ(*again.plan, told.plan);
        EXPECT_EQ(design(*again.plan, *told.library).why, told.design.why);
    }
}

// A fuse that no step puts in, or a switch that none closes, would be found at the end.
TEST(Clauses, AreSwitchedOnWhole) {
    for (const auto& [name, told] : systems()) {
        SCOPED_TRACE(name);
        const Wiring& w = told.design.wiring;
        std::map<ConductorId, int> fuses;
        std::map<DeviceId, int> closed;
        for (const LiveStep& step : w.steps) {
            for (const ConductorId& fuse : step.fuses) {
                ++fuses[fuse];
            }
            for (const DeviceId& id : step.closed) {
                ++closed[id];
            }
        }
        for (const Conductor& c : w.circuit.conductors) {
            const Protection* fuse = protectionAt(w.circuit, c, End::From);
            const bool ours = fuse != nullptr && !fuse->leftOut && isNew(c) && !c.amended &&
                              c.purpose != Purpose::Link && isHousePole(c, Pole::Positive);
            EXPECT_TRUE(!ours || fuses[c.id] == 1) << c.id.value << " " << fuses[c.id];
        }
        for (const Device& d : w.circuit.devices) {
            const bool option = d.leftOutBy && !d.amended && d.kind == DeviceKind::Isolator &&
                                d.leftOutBy->option != "isolator";
            EXPECT_TRUE(!option || closed[d.id] == 1) << d.id.value;
        }
    }
}

// What stood on a label stays there: a way of a block is its circuit's, whatever else changes.
TEST(Clauses, WaysOfABlockStayTheirCircuits) {
    for (const auto& [name, told] : systems()) {
        SCOPED_TRACE(name);
        const Design given = withNumbers(design(told.plan, *told.library));
        Plan plan = given.plan;
        ASSERT_FALSE(plan.appliances.empty());
        plan.appliances.insert(plan.appliances.begin(),
                               test::aLoad("newcomer", watts(70), Category::Work));
        const Design after = design(plan, *told.library);
        for (const auto& [circuit, way] : given.build.ways) {
            const auto now = after.build.ways.find(circuit);
            if (now != after.build.ways.end()) {
                EXPECT_EQ(now->second, way) << circuit.value;
            }
        }
    }
}

}  // namespace
}  // namespace spirk
