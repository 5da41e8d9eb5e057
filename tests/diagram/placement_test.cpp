// SPDX-License-Identifier: GPL-3.0-or-later
// Where things stand on the sheet: laws of a drawing that somebody reads and builds by, on plans of
// many kinds, by hand and by chance.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <string>

#include "core/design/design.h"
#include "core/diagram/geometry.h"
#include "core/diagram/measures.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"
#include "tests/support/systems.h"
#include "tests/topology/mistakes.h"

namespace spirk {
namespace {

using namespace measures;  // NOLINT(google-build-using-namespace): what is held to them
using test::library;

struct Drawn {
    std::string name;
    Circuit circuit;
    DiagramGeometry geometry;
};

Drawn drawn(const std::string& name, const Plan& plan) {
    Circuit circuit = test::circuitOf(plan);
    DiagramGeometry geometry = layOut(circuit, {});
    return {name, std::move(circuit), std::move(geometry)};
}

Plan linked(const char* way) {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "lfp_150", 3, 1);
    bankOf(plan.gear).way = WayId(way);
    return plan;
}

const std::vector<Drawn>& allDrawn() {
    static const std::vector<Drawn> all = [] {
        std::vector<Drawn> out = {drawn("small", test::aSmallVan()),
                                  drawn("full", test::aFullVan()),
                                  drawn("demo", test::theDemo()),
                                  drawn("linked", linked("at_one_battery")),
                                  drawn("diagonal", linked("diagonal"))};
        for (const test::Mistake& mistake : test::mistakes()) {
            Plan plan = test::aFullVan();
            plan.amendments = mistake.moves;
            out.push_back(drawn(mistake.name, plan));
        }
        for (unsigned seed = 0; seed < 40; ++seed) {
            out.push_back(
                drawn("system " + std::to_string(seed), test::systemAtRandom(seed, library())));
        }
        return out;
    }();
    return all;
}

// Asks every conductor of every drawing that joins two devices; says how many there were.
std::size_t eachWire(const std::function<void(const Drawn&, const PlacedWire&)>& ask) {
    std::size_t seen = 0;
    for (const Drawn& d : allDrawn()) {
        SCOPED_TRACE(d.name);
        for (const PlacedWire& w : d.geometry.wires) {
            const Conductor& c = *findConductor(d.circuit, w.id);
            if (c.from.device == c.to.device) {
                continue;
            }
            SCOPED_TRACE(w.id.value);
            ask(d, w);
            ++seen;
        }
    }
    return seen;
}

Rect stretchOf(const Point& a, const Point& b) {
    return {std::min(a.x, b.x), std::min(a.y, b.y), std::fabs(a.x - b.x), std::fabs(a.y - b.y)};
}

// The shortest way over and down from one to the other; nothing where they touch.
double apart(const Rect& a, const Rect& b) {
    const double dx = std::max({0.0, a.x - (b.x + b.w), b.x - (a.x + a.w)});
    const double dy = std::max({0.0, a.y - (b.y + b.h), b.y - (a.y + a.h)});
    return dx + dy;
}

bool inside(const Point& p, const Rect& r, double by) {
    return p.x > r.x + by && p.x < r.x + r.w - by && p.y > r.y + by && p.y < r.y + r.h - by;
}

// What the painter covers with a label.
Rect covered(const PlacedWire& w) { return {w.label.x, w.label.y, kLabelWidth, kLabelHeight}; }

TEST(Placement, TheSheetBeginsAtItsCornerAndHoldsEverything) {
    for (const Drawn& d : allDrawn()) {
        SCOPED_TRACE(d.name);
        const Rect& sheet = d.geometry.bounds;
        EXPECT_EQ(sheet.x, 0.0);
        EXPECT_EQ(sheet.y, 0.0);
        for (const PlacedWire& w : d.geometry.wires) {
            for (const Point& p : w.points) {
                EXPECT_TRUE(inside(p, sheet, 0.0)) << w.id.value;
            }
        }
    }
}

// A label that stands farther than its pad from its conductor is read as another's.
TEST(Placement, ALabelStandsBesideItsConductor) {
    const std::size_t seen = eachWire([](const Drawn&, const PlacedWire& w) {
        double nearest = 1e9;
        for (std::size_t i = 0; i + 1 < w.points.size(); ++i) {
            nearest = std::min(nearest, apart(covered(w), stretchOf(w.points[i], w.points[i + 1])));
        }
        EXPECT_LE(nearest, kLabelPad) << w.label.x << " " << w.label.y;
    });
    EXPECT_GT(seen, 2000u);
}

// A level conductor's label begins on it and ends before it does.
TEST(Placement, ALabelOfALevelConductorStandsUnderIt) {
    std::size_t seen = 0;
    eachWire([&](const Drawn&, const PlacedWire& w) {
        const Rect own = stretchOf(w.points.front(), w.points.back());
        if (w.points.size() == 2 && own.h < 0.5) {
            EXPECT_GE(w.label.x, own.x);
            EXPECT_LE(w.label.x + w.label.w, own.x + own.w);
            ++seen;
        }
    });
    EXPECT_GT(seen, 100u);
}

// A fuse that lies over a corner, beside its lead or past its end is drawn on nothing.
TEST(Placement, AFuseStandsOnOneStretchOfItsConductor) {
    constexpr double kSymbol = 22.0;
    std::size_t seen = 0;
    eachWire([&](const Drawn&, const PlacedWire& w) {
        for (const PlacedFuse& fuse : w.fuses) {
            const double along = kSymbol / 2.0;
            const Rect symbol = fuse.horizontal
                                    ? Rect{fuse.center.x - along, fuse.center.y, kSymbol, 0}
                                    : Rect{fuse.center.x, fuse.center.y - along, 0, kSymbol};
            bool on = false;
            for (std::size_t i = 0; i + 1 < w.points.size(); ++i) {
                const Rect s = stretchOf(w.points[i], w.points[i + 1]);
                on = on || (symbol.x >= s.x - 0.5 && symbol.x + symbol.w <= s.x + s.w + 0.5 &&
                            symbol.y >= s.y - 0.5 && symbol.y + symbol.h <= s.y + s.h + 0.5);
            }
            EXPECT_TRUE(on) << fuse.center.x << " " << fuse.center.y;
            ++seen;
        }
    });
    EXPECT_GT(seen, 500u);
}

// A lead that is brought round things leaves its own devices first; one that turned inside them
// would seem to end there.
TEST(Placement, AStrayTurnsClearOfItsOwnDevices) {
    std::size_t seen = 0;
    eachWire([&](const Drawn& d, const PlacedWire& w) {
        const Conductor& c = *findConductor(d.circuit, w.id);
        for (const PlacedDevice& device : d.geometry.devices) {
            const bool own = device.id == c.from.device || device.id == c.to.device;
            for (std::size_t i = 1; w.stray && own && i + 1 < w.points.size(); ++i) {
                EXPECT_FALSE(inside(w.points[i], device.rect, 1.0)) << device.id.value;
                ++seen;
            }
        }
    });
    EXPECT_GT(seen, 50u);
}

// A page ends at a break: a switch's name that lies across it would be cut.
TEST(Placement, NoNameOfASwitchLiesAcrossAPagesEnd) {
    std::size_t seen = 0;
    for (const Drawn& d : allDrawn()) {
        SCOPED_TRACE(d.name);
        for (const PlacedDevice& device : d.geometry.devices) {
            for (const double end : d.geometry.breaks) {
                const bool across = end > device.name.x && end < device.name.x + device.name.w;
                const bool symbol = device.drawn == spirk::Drawn::AsSymbol;
                EXPECT_FALSE(symbol && across) << device.id.value << " " << end;
                seen += symbol ? 1 : 0;
            }
        }
    }
    EXPECT_GT(seen, 500u);
}

// The upper rail's name stands over it, the lower one's under it.
TEST(Placement, LabelsOfMovedLeadsLieOnNoNameOfARail) {
    std::size_t seen = 0;
    for (const Drawn& d : allDrawn()) {
        SCOPED_TRACE(d.name);
        for (const PlacedWire& w : d.geometry.wires) {
            for (const PlacedRail& rail : d.geometry.rails) {
                const double top = rail.from.y - (rail.positive ? kRailName : 0.0);
                const Rect name{rail.from.x, top, rail.to.x - rail.from.x, kRailName};
                if (w.stray) {
                    EXPECT_GT(apart(covered(w), name), 0.0)
                        << w.id.value << " " << rail.device.value;
                    ++seen;
                }
            }
        }
    }
    EXPECT_GT(seen, 20u);
}

}  // namespace
}  // namespace spirk
