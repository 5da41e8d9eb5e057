// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <string>

#include "core/design/design.h"
#include "core/diagram/geometry.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"
#include "tests/topology/mistakes.h"

namespace spirk {
namespace {

using test::circuitOf;
using test::library;

const PlacedWire* wireOf(const DiagramGeometry& g, const std::string& id) {
    const auto found = std::ranges::find(g.wires, ConductorId(id), &PlacedWire::id);
    return found == g.wires.end() ? nullptr : &*found;
}

bool overlap(const Rect& a, const Rect& b) {
    return a.x < b.x + b.w - 0.1 && b.x < a.x + a.w - 0.1 && a.y < b.y + b.h - 0.1 &&
           b.y < a.y + a.h - 0.1;
}

Plan aVanOfFortyLoads() {
    Plan plan = test::aFullVan();
    for (int i = 0; i < 40; ++i) {
        plan.appliances.push_back(test::aLoad(
            "load" + std::to_string(i), watts(20 + 3 * i), static_cast<Category>(i % 6)));
    }
    return plan;
}

TEST(Diagram, EveryConductorIsDrawnOnce) {
    for (const Plan& plan :
         {test::aSmallVan(), test::aFullVan(), test::theDemo(), aVanOfFortyLoads()}) {
        SCOPED_TRACE(plan.name);
        const Circuit circuit = circuitOf(plan);
        const DiagramGeometry g = layOut(circuit, {});
        EXPECT_EQ(g.wires.size(), circuit.conductors.size());
        for (const Conductor& c : circuit.conductors) {
            EXPECT_NE(wireOf(g, c.id.value), nullptr) << c.id.value;
        }
    }
}

TEST(Diagram, DevicesDoNotOverlapAndLieWithinTheBounds) {
    for (const Plan& plan : {test::aFullVan(), test::theDemo(), aVanOfFortyLoads()}) {
        const DiagramGeometry g = layOut(circuitOf(plan), {});
        for (std::size_t i = 0; i < g.devices.size(); ++i) {
            const Rect& r = g.devices[i].rect;
            EXPECT_GE(r.x, 0.0);
            EXPECT_LE(r.x + r.w, g.bounds.w);
            EXPECT_LE(r.y + r.h, g.bounds.h);
            for (std::size_t k = i + 1; k < g.devices.size(); ++k) {
                EXPECT_FALSE(overlap(r, g.devices[k].rect))
                    << g.devices[i].id.value << " " << g.devices[k].id.value;
            }
        }
    }
}

TEST(Diagram, RungsAreStraightVerticals) {
    const DiagramGeometry g = layOut(circuitOf(test::aFullVan()), {});
    for (const char* id : {"inverter.feed+",
                           "inverter.feed-",
                           "main.link+",
                           "bank.2.lead+",
                           "circuit.kitchen.feed+"}) {
        const PlacedWire* w = wireOf(g, id);
        ASSERT_NE(w, nullptr) << id;
        ASSERT_EQ(w->points.size(), 2u) << id;
        EXPECT_DOUBLE_EQ(w->points[0].x, w->points[1].x) << id;
        EXPECT_FALSE(w->stray) << id;
    }
}

TEST(Diagram, AFuseStandsAtTheEndWhereItMustBeFitted) {
    const DiagramGeometry g = layOut(circuitOf(test::aFullVan()), {});
    const PlacedWire* w = wireOf(g, "inverter.feed+");
    ASSERT_EQ(w->fuses.size(), 1u);
    const double toFrom = std::fabs(w->fuses[0].center.y - w->points.front().y);
    const double toEnd = std::fabs(w->fuses[0].center.y - w->points.back().y);
    EXPECT_LT(toFrom, toEnd);
}

TEST(Diagram, PositiveBarIsAboveNegativeAndBankStandsBetweenWaysInAndWaysOut) {
    const DiagramGeometry g = layOut(circuitOf(test::aFullVan()), {});
    const auto rail = [&](const char* id) {
        return *std::ranges::find(g.rails, DeviceId(id), &PlacedRail::device);
    };
    const auto device = [&](const char* id) {
        return std::ranges::find(g.devices, DeviceId(id), &PlacedDevice::id)->rect.x;
    };
    EXPECT_LT(rail("bus.pos").from.y, rail("bus.neg").from.y);
    EXPECT_LT(device("dcdc"), device("mppt"));
    EXPECT_LT(device("mppt"), device("bank.1"));
    EXPECT_LT(device("bank.3"), device("inverter"));
    EXPECT_LT(device("inverter"), device("load.fridge"));
}

TEST(Diagram, ASmallEditMovesLittle) {
    Plan plan = test::aFullVan();
    const DiagramGeometry before = layOut(circuitOf(plan), {});
    plan.appliances.push_back(test::aLoad("heater", watts(100), Category::Climate));
    const DiagramGeometry after = layOut(circuitOf(plan), {});
    for (const PlacedDevice& d : before.devices) {
        const auto same = std::ranges::find(after.devices, d.id, &PlacedDevice::id);
        ASSERT_NE(same, after.devices.end()) << d.id.value;
        EXPECT_DOUBLE_EQ(same->rect.y, d.rect.y) << d.id.value;
        EXPECT_LE(std::fabs(same->rect.x - d.rect.x), 140.0) << d.id.value;
    }
}

TEST(Diagram, AClosedBlockIsOneBox) {
    const Circuit circuit = circuitOf(test::aFullVan());
    const DiagramGeometry g = layOut(circuit, {DeviceId("fuseblock")});
    EXPECT_EQ(wireOf(g, "circuit.kitchen.feed+"), nullptr);
    EXPECT_NE(wireOf(g, "fuseblock.feed+"), nullptr);
    EXPECT_NE(std::ranges::find(g.devices, DeviceId("fuseblock"), &PlacedDevice::id),
              g.devices.end());
}

TEST(Diagram, AMovedEndIsStillDrawn) {
    Plan plan = test::aFullVan();
    plan.amendments = {
        MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("bank.neg"), "bar"}},
        MoveEnd{ConductorId("circuit.kitchen.feed+"), End::From, {DeviceId("bank.1"), "+"}}};
    const Circuit circuit = circuitOf(plan);
    const DiagramGeometry g = layOut(circuit, {});
    EXPECT_EQ(g.wires.size(), circuit.conductors.size());
    EXPECT_TRUE(wireOf(g, "inverter.feed-")->stray);
}

// Its fuse was drawn over the name of the switch it starts from.
TEST(Diagram, AFuseOfAMovedLeadStandsClearOfItsDevice) {
    Plan plan = test::aFullVan();
    plan.amendments = {
        MoveEnd{ConductorId("mppt.feed+"), End::From, {DeviceId("main.switch"), "a"}}};
    const DiagramGeometry g = layOut(circuitOf(plan), {});
    const PlacedWire* w = wireOf(g, "mppt.feed+");
    ASSERT_TRUE(w->stray);
    ASSERT_EQ(w->fuses.size(), 1u);
    EXPECT_FALSE(w->fuses[0].horizontal);
    EXPECT_GT(w->fuses[0].center.x, w->points.front().x + 20.0);
}

double off(const Point& p, const Point& a, const Point& b) {
    const double x = std::clamp(p.x, std::min(a.x, b.x), std::max(a.x, b.x));
    const double y = std::clamp(p.y, std::min(a.y, b.y), std::max(a.y, b.y));
    return std::fabs(p.x - x) + std::fabs(p.y - y);
}

TEST(Diagram, AFuseOfALeadWithCornersStandsOnTheLead) {
    int seen = 0;
    for (const test::Mistake& mistake : test::mistakes()) {
        SCOPED_TRACE(mistake.name);
        Plan plan = test::aFullVan();
        plan.amendments = mistake.moves;
        for (const PlacedWire& w : layOut(circuitOf(plan), {}).wires) {
            for (const PlacedFuse& fuse : w.fuses) {
                double nearest = 1e9;
                for (std::size_t i = 0; i + 1 < w.points.size(); ++i) {
                    nearest = std::min(nearest, off(fuse.center, w.points[i], w.points[i + 1]));
                }
                if (w.points.size() > 2) {
                    EXPECT_LT(nearest, 0.5) << w.id.value;
                    ++seen;
                }
            }
        }
    }
    EXPECT_GT(seen, 50);
}

// What the painter covers with a conductor's label: two lines from its corner on.
Rect painted(const PlacedWire& w) { return {w.label.x, w.label.y, 64.0, 23.5}; }

void expectClear(const Circuit& circuit, const DiagramGeometry& g, const PlacedWire& moved) {
    const Rect label = painted(moved);
    EXPECT_TRUE(label.x >= 0.0 && label.y >= 0.0 && label.x + label.w <= g.bounds.w &&
                label.y + label.h <= g.bounds.h);
    for (const PlacedWire& other : g.wires) {
        const bool labelled = isOurs(*findConductor(circuit, other.id)) && other.id != moved.id;
        EXPECT_FALSE(labelled && overlap(label, painted(other)))
            << moved.id.value << " on " << other.id.value;
    }
    for (const PlacedDevice& d : g.devices) {
        EXPECT_FALSE(overlap(label, d.rect)) << moved.id.value << " on " << d.id.value;
    }
}

// A line of text is ten high, a fuse 22 long: beside its terminal means within two fuses of it.
TEST(Diagram, FusesOfRungsStandBesideTheirTerminals) {
    int seen = 0;
    for (const Plan& plan : {test::aSmallVan(), test::aFullVan(), test::theDemo()}) {
        const DiagramGeometry g = layOut(circuitOf(plan), {});
        for (const PlacedWire& w : g.wires) {
            for (const PlacedFuse& fuse : w.fuses) {
                if (w.points.size() != 2) {
                    continue;
                }
                const Point& at = fuse.end == End::From ? w.points.front() : w.points.back();
                const double away =
                    std::fabs(fuse.center.x - at.x) + std::fabs(fuse.center.y - at.y);
                EXPECT_GT(away, 10.0) << w.id.value;
                EXPECT_LT(away, 40.0) << w.id.value;
                const Rect symbol{fuse.center.x - 5.0, fuse.center.y - 11.0, 10.0, 22.0};
                EXPECT_FALSE(overlap(symbol, painted(w))) << w.id.value;
                ++seen;
            }
        }
    }
    EXPECT_GT(seen, 20);
}

TEST(Diagram, LabelsOfMovedLeadsLieOnNothingAndWithinTheSheet) {
    for (const test::Mistake& mistake : test::mistakes()) {
        SCOPED_TRACE(mistake.name);
        Plan plan = test::aFullVan();
        plan.amendments = mistake.moves;
        const Circuit circuit = circuitOf(plan);
        const DiagramGeometry g = layOut(circuit, {});
        for (const PlacedWire& wire : g.wires) {
            if (wire.stray) {
                expectClear(circuit, g, wire);
            }
        }
    }
}

// A controller that hangs in the bank's own ladder, because a lead was moved to it, lost its array.
TEST(Diagram, AControllerInsideTheBanksLadderKeepsItsArray) {
    const MoveEnd move{ConductorId("bank.1.lead+"), End::From, {DeviceId("mppt"), "pv+"}};
    const Design d = design(amended(test::aFullVan(), move), library());
    const DiagramGeometry g = layOut(d.wiring.circuit, {});
    for (const char* id : {"array.lead+", "array.lead-", "array.feed+", "array.feed-"}) {
        SCOPED_TRACE(id);
        EXPECT_NE(std::ranges::find(g.wires, ConductorId(id), &PlacedWire::id), g.wires.end());
    }
}

TEST(Diagram, AnInsertedIsolatorStandsInItsLeg) {
    Plan plan = test::aFullVan();
    plan.amendments = {PutIn{ConductorId("inverter.feed+")}};
    const DiagramGeometry g = layOut(circuitOf(plan), {});
    EXPECT_NE(std::ranges::find(g.devices, DeviceId("inverter.feed+.isolator"), &PlacedDevice::id),
              g.devices.end());
    EXPECT_FALSE(wireOf(g, "inverter.feed+.after")->stray);
}

TEST(Diagram, TheMissingMainsSideHasItsPlace) {
    EXPECT_TRUE(layOut(circuitOf(test::aFullVan()), {}).mainsNote.has_value());
    EXPECT_FALSE(layOut(circuitOf(test::aSmallVan()), {}).mainsNote.has_value());
}

TEST(Diagram, SameCircuitGivesTheSameDrawing) {
    const Circuit circuit = circuitOf(test::theDemo());
    EXPECT_EQ(layOut(circuit, {}), layOut(circuit, {}));
}

// One plan in some ten thousand: the vehicle's own cable was drawn by its place and by its chain.
TEST(Diagram, AVehiclesCableWithAnEndMovedIsDrawnOnce) {
    Plan plan = test::aFullVan();
    plan.amendments = {
        MoveEnd{ConductorId("vehicle.charge+"), End::From, {DeviceId("main.switch"), "a"}},
        PutIn{ConductorId("vehicle.charge+")},
        PutIn{ConductorId("main.feed+")}};
    const Circuit circuit = circuitOf(plan);
    const DiagramGeometry g = layOut(circuit, {});
    EXPECT_EQ(std::ranges::count(g.wires, ConductorId("vehicle.charge+"), &PlacedWire::id), 1);
    EXPECT_EQ(g.wires.size(), circuit.conductors.size());
}

TEST(Diagram, AConverterStandsInItsRungWithItsNegativeBesideIt) {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "lfp_24_100", 1, 1);
    putConverter(plan.gear, "converter_20");
    plan.appliances[1].supplied = Supplied::Twelve;
    const Circuit circuit = circuitOf(plan);
    const DiagramGeometry g = layOut(circuit, {});
    EXPECT_EQ(g.wires.size(), circuit.conductors.size());
    const PlacedWire* side = wireOf(g, "converter.feed-");
    ASSERT_NE(side, nullptr);
    EXPECT_FALSE(side->stray);
    ASSERT_EQ(side->points.size(), 3u);
    for (const PlacedDevice& d : g.devices) {
        // Its vertical part passes no device.
        const bool crosses =
            side->points[1].x > d.rect.x && side->points[1].x < d.rect.x + d.rect.w;
        EXPECT_FALSE(crosses) << d.id.value;
    }
}

TEST(Diagram, BatteriesInSeriesHangInOneRung) {
    Plan plan = test::aSmallVan();
    putBank(plan.gear, "agm_110", 2, 2);
    const Circuit circuit = circuitOf(plan);
    const DiagramGeometry g = layOut(circuit, {});
    EXPECT_EQ(g.wires.size(), circuit.conductors.size());
    for (const PlacedWire& w : g.wires) {
        EXPECT_FALSE(w.stray) << w.id.value;
    }
}

// Linked batteries stand side by side: no conductor of theirs passes through a device.
TEST(Diagram, LinkedBatteriesStandSideBySide) {
    for (const char* way : {"at_one_battery", "diagonal"}) {
        for (const int series : {1, 2}) {
            SCOPED_TRACE(std::string(way) + std::to_string(series));
            Plan plan = test::aFullVan();
            putBank(plan.gear, "lfp_150", 3, series);
            bankOf(plan.gear).way = WayId(way);
            const Circuit circuit = circuitOf(plan);
            const DiagramGeometry g = layOut(circuit, {});
            EXPECT_EQ(g.wires.size(), circuit.conductors.size());
            for (const Conductor& c : circuit.conductors) {
                if (c.unit != UnitId("bank")) {
                    continue;
                }
                const PlacedWire& w = *wireOf(g, c.id.value);
                ASSERT_EQ(w.points.size(), 2u) << c.id.value;
                const auto [left, right] = std::minmax(w.points[0].x, w.points[1].x);
                const auto [upper, lower] = std::minmax(w.points[0].y, w.points[1].y);
                EXPECT_TRUE(left == right || upper == lower) << c.id.value;
                for (const PlacedDevice& d : g.devices) {
                    EXPECT_FALSE(overlap(d.rect, {left, upper, right - left, lower - upper}))
                        << c.id.value << " " << d.id.value;
                }
            }
        }
    }
}

// A bond that somebody brought to the bank's negative was drawn twice: on the way there and at the
// chassis.
TEST(Diagram, AMovedBondIsDrawnOnce) {
    Plan plan = test::aFullVan();
    plan.amendments = {MoveEnd{ConductorId("main.feed-"), End::From, {DeviceId("array"), "+"}},
                       MoveEnd{ConductorId("bond"), End::To, {DeviceId("bank.neg"), "bar"}}};
    const Circuit circuit = design(plan, library()).wiring.circuit;
    EXPECT_EQ(layOut(circuit, {}).wires.size(), circuit.conductors.size());
}

}  // namespace
}  // namespace spirk
