// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/diagram/free_label.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/diagram/measures.h"

namespace spirk {

namespace {

using namespace measures;  // NOLINT(google-build-using-namespace): constants of this room

constexpr double kStep = 8.0;
// What lies under a label: text is not read then; a line is.
constexpr double kOnText = 10.0;
constexpr double kOnLine = 1.0;
// Labels stand below and on the right, as those of rungs do.
constexpr double kOnTheOtherSide = 0.5;

bool overlap(const Rect& a, const Rect& b) {
    return a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h;
}

// What a conductor's label covers, wherever it begins.
Rect painted(const Rect& label) { return {label.x, label.y, kLabelWidth, kLabelHeight}; }

// What a fuse and its rating cover.
Rect painted(const PlacedFuse& fuse) {
    const Point& c = fuse.center;
    return fuse.horizontal ? Rect{c.x - 30.0, c.y - 30.0, 60.0, 38.0}
                           : Rect{c.x - 8.0, c.y - 12.0, 72.0, 24.0};
}

// With a hair's breadth round it.
Rect nameOf(const PlacedRail& rail) {
    constexpr double kHair = 1.0;
    return {rail.from.x,
            rail.from.y - (rail.positive ? kRailName + kHair : 0.0),
            rail.to.x - rail.from.x,
            kRailName + kHair};
}

Rect stretch(const Point& a, const Point& b) {
    return {std::min(a.x, b.x), std::min(a.y, b.y), std::fabs(a.x - b.x), std::fabs(a.y - b.y)};
}

double crossings(const std::vector<Point>& points, const Rect& label) {
    double out = 0.0;
    for (std::size_t i = 0; i + 1 < points.size(); ++i) {
        out += overlap(stretch(points[i], points[i + 1]), label) ? kOnLine : 0.0;
    }
    return out;
}

double covered(const DiagramGeometry& there, const PlacedWire& own, const Rect& label) {
    const auto onText = [&](const Rect& other) { return overlap(other, label) ? kOnText : 0.0; };
    double out = label.x < 0.0 || label.y < 0.0 ? kOnText : 0.0;
    for (const PlacedDevice& d : there.devices) {
        out += onText(d.rect) + (d.drawn == Drawn::AsBox ? 0.0 : onText(d.name));
    }
    for (const PlacedRail& r : there.rails) {
        out += onText(nameOf(r));
    }
    const auto onWire = [&](const PlacedWire& w) {
        out += crossings(w.points, label);
        for (const PlacedFuse& fuse : w.fuses) {
            out += onText(painted(fuse));
        }
    };
    for (const PlacedWire& w : there.wires) {
        out += onText(painted(w.label));
        onWire(w);
    }
    onWire(own);
    return out;
}

// Below and above a level stretch, on the right and the left of an upright one, in turn.
std::vector<Rect> alongside(const Point& a, const Point& b) {
    const Rect s = stretch(a, b);
    std::vector<Rect> out;
    if (s.h < 0.5) {
        for (double x = s.x + 4.0; x + kLabelWidth <= s.x + s.w; x += kStep) {
            out.push_back({x, s.y + 3.0, kLabelWidth, kLabelHeight});
            out.push_back({x, s.y - kLabelHeight - 3.0, kLabelWidth, kLabelHeight});
        }
        return out;
    }
    for (double y = s.y + 4.0; y + kLabelHeight <= s.y + s.h; y += kStep) {
        out.push_back({s.x + kLabelPad, y, kLabelWidth, kLabelHeight});
        out.push_back({s.x - kLabelPad - kLabelWidth, y, kLabelWidth, kLabelHeight});
    }
    return out;
}

}  // namespace

PlacedFuse clearFuse(const DiagramGeometry& there, const PlacedFuse& fuse, const Point& next) {
    const auto lies = [&](const PlacedFuse& f) {
        return std::ranges::any_of(
            there.devices, [&](const PlacedDevice& d) { return overlap(d.rect, painted(f)); });
    };
    const double left = fuse.horizontal ? next.x - fuse.center.x : next.y - fuse.center.y;
    for (double on = 0.0; on + kFuse < std::fabs(left); on += kStep) {
        PlacedFuse moved = fuse;
        (fuse.horizontal ? moved.center.x : moved.center.y) += left > 0.0 ? on : -on;
        if (!lies(moved)) {
            return moved;
        }
    }
    return fuse;
}

double clearLevel(const DiagramGeometry& there, double from, double to, double y) {
    constexpr int kTries = 24;
    const auto lies = [&](double at) {
        const Rect line{std::min(from, to), at - 1.0, std::fabs(to - from), 2.0};
        return std::ranges::any_of(there.wires,
                                   [&](const PlacedWire& w) {
                                       return overlap(line, painted(w.label)) ||
                                              std::ranges::any_of(
                                                  w.fuses, [&](const PlacedFuse& f) {
                                                      return overlap(line, painted(f));
                                                  });
                                   }) ||
               std::ranges::any_of(there.devices,
                                   [&](const PlacedDevice& d) {
                                       return overlap(line, d.rect) || overlap(line, d.name);
                                   }) ||
               std::ranges::any_of(there.rails,
                                   [&](const PlacedRail& r) { return overlap(line, nameOf(r)); });
    };
    for (int i = 0; i < kTries; ++i) {
        const double here = y - i * kStep;
        if (!lies(here)) {
            return here;
        }
    }
    return y;
}

Rect freeLabel(const DiagramGeometry& there, const PlacedWire& wire) {
    Rect best = wire.label;
    double least = covered(there, wire, painted(wire.label));
    for (std::size_t i = 0; i + 1 < wire.points.size() && least >= kOnText; ++i) {
        const std::vector<Rect> places = alongside(wire.points[i], wire.points[i + 1]);
        for (std::size_t k = 0; k < places.size(); ++k) {
            const double here =
                covered(there, wire, places[k]) + (k % 2 == 0 ? 0.0 : kOnTheOtherSide);
            if (here < least) {
                best = places[k];
                least = here;
            }
        }
    }
    return best;
}

}  // namespace spirk
