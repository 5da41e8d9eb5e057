// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Where everything stands on the wiring diagram: two rails with rungs between them. No painting and
// no text sizes: labels get a place of fixed width. Units are those of a drawing in which a line of
// label text is about ten high.
//
// What hangs between a positive and a negative bar is a ladder; a fuse block, a terminal strip or a
// bank is a ladder of its own inside a rung. Rungs follow the circuit's order, so a new one stands
// beside its kin and a small edit moves little. Conductors that fit no rung (ends moved by an
// amendment) are routed round the outside.

#include <optional>
#include <set>
#include <string>
#include <vector>

#include "core/circuit/circuit.h"
#include "core/plan/plan.h"

namespace spirk {

struct Point {
    double x = 0.0, y = 0.0;
    bool operator==(const Point&) const = default;
};
struct Rect {
    double x = 0.0, y = 0.0, w = 0.0, h = 0.0;
    [[nodiscard]] Point center() const { return {x + w / 2.0, y + h / 2.0}; }
    bool operator==(const Rect&) const = default;
};

enum class Drawn { AsBox, AsSymbol, AsTwoPoles };
struct PlacedDevice {
    DeviceId id;
    Rect rect;
    Rect name;  // where it stands: in the box, else beside or under it
    Drawn drawn = Drawn::AsBox;
    bool operator==(const PlacedDevice&) const = default;
};
// A bar drawn as a thick line.
struct PlacedRail {
    DeviceId device;
    Point from, to;
    bool positive = false;
    bool operator==(const PlacedRail&) const = default;
};
struct PlacedFuse {
    End end = End::From;
    Point center;
    bool horizontal = false;
    bool operator==(const PlacedFuse&) const = default;
};
struct PlacedWire {
    ConductorId id;
    std::vector<Point> points;  // from 'from' to 'to'
    Rect label;
    std::vector<PlacedFuse> fuses;
    bool stray = false;  // fits no rung
    bool operator==(const PlacedWire&) const = default;
};

struct DiagramGeometry {
    std::vector<PlacedDevice> devices;
    std::vector<PlacedRail> rails;
    std::vector<PlacedWire> wires;
    std::vector<double> breaks;     // where a page may end: only rails cross these
    std::optional<Rect> mainsNote;  // where the missing mains side is said
    Rect bounds;
    bool operator==(const DiagramGeometry&) const = default;
};

// `closed`: fuse blocks and strips drawn as one box; their circuits are then not drawn.
[[nodiscard]] DiagramGeometry layOut(const Circuit& circuit, const std::set<DeviceId>& closed);

}  // namespace spirk
