// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Routes the conductors that stand in no rung: those before the chargers, the vehicle's own, and
// ends moved by amendments. Private to this room.

#include <map>
#include <set>

#include "core/diagram/geometry.h"

namespace spirk {

class StrayRouter {
public:
    // Borrows all; adds wires to `geometry`.
    StrayRouter(const Circuit& circuit,
                DiagramGeometry& geometry,
                const std::map<TerminalId, Point>& terminals,
                const std::set<ConductorId>& used)
        : circuit_(circuit), geometry_(geometry), terminals_(terminals), used_(used) {}

    void route();

private:
    [[nodiscard]] bool drawn(const ConductorId& id) const;
    [[nodiscard]] std::optional<Point> pointOf(const TerminalId& terminal,
                                               const Point* other) const;
    [[nodiscard]] bool crossesDevice(const Conductor& c, const std::vector<Point>& points) const;
    void routeOne(const Conductor& c, Point a, Point b);
    [[nodiscard]] double besideOf(const DeviceId& id, const Point& terminal) const;
    [[nodiscard]] std::vector<Point> roundTheOutside(const Conductor& c, Point a, Point b);
    [[nodiscard]] std::vector<Point> besideTheTarget(const Conductor& c, Point a, Point b);
    [[nodiscard]] static std::vector<Point> alongTheTarget(Point a, Point b);
    [[nodiscard]] const PlacedDevice* placed(const DeviceId& id) const;
    [[nodiscard]] double laneBeside(const Rect& leg, double y, double other) const;
    [[nodiscard]] std::vector<Point> downToTheRail(const Rect& leg, const PlacedRail& rail) const;
    [[nodiscard]] std::vector<Point> besideTheLadder(const Conductor& c,
                                                     Point a,
                                                     const Rect& target) const;
    struct Route {
        std::vector<Point> points;
        bool stray = false;
    };
    [[nodiscard]] Route routeOf(const Conductor& c, Point a, Point b);

    const Circuit& circuit_;
    DiagramGeometry& geometry_;
    const std::map<TerminalId, Point>& terminals_;
    const std::set<ConductorId>& used_;
    int lane_ = 0;
    std::map<TerminalId, int> leaving_;  // how many have left each
};

}  // namespace spirk
