// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/diagram/placed_device.h"

#include <algorithm>
#include <cstddef>

#include "core/circuit/kinds.h"
#include "core/diagram/measures.h"

namespace spirk {

namespace {

using namespace measures;  // NOLINT(google-build-using-namespace): constants of this room

// Beside what only parts a conductor, at the right of its symbol; no further than a page may end.
Rect besideASymbol(const Rect& r) {
    constexpr double kFromCentre = 14.0;
    constexpr double kWidth = kColumn / 2.0 + kNameBeyond - kFromCentre - 1.0;
    return {r.center().x + kFromCentre, r.y + 2.0, kWidth, r.h - 4.0};
}

// At the left of one that more than one conductor leaves at the right.
Rect beforeASymbol(const Rect& r) {
    constexpr double kFromCentre = 10.0;
    constexpr double kWidth = kColumn / 2.0 - kFromCentre - kNameBeyond - 1.0;
    return {r.center().x - kFromCentre - kWidth, r.y + 2.0, kWidth, r.h - 4.0};
}

// Of a switch that leads one of two ways.
bool leadsTwoWays(const Device& device) {
    constexpr std::ptrdiff_t kStraight = 2;
    return std::ranges::count(device.ports, Pole::Positive, &Port::pole) > kStraight;
}

// Under what parts both poles, below its conductors' labels.
Rect underASymbol(const Rect& r) {
    constexpr double kOver = 30.0;
    return {r.x - kOver, r.y + r.h + 14.0, r.w + 2.0 * kOver, 13.0};
}

// In its box, at the right of its symbol.
Rect inTheBox(const Rect& r) { return {r.x + 31.0, r.y + 3.0, r.w - 35.0, r.h - 6.0}; }

}  // namespace

PlacedDevice placedDevice(const Device& device, const Rect& rect) {
    const Stands stands = kindRow(device.kind).stands;
    if (stands == Stands::Leg && device.kind != DeviceKind::Converter) {
        return {device.id,
                rect,
                leadsTwoWays(device) ? beforeASymbol(rect) : besideASymbol(rect),
                Drawn::AsSymbol};
    }
    if (stands == Stands::BeforeController && device.kind != DeviceKind::Array) {
        return {device.id, rect, underASymbol(rect), Drawn::AsTwoPoles};
    }
    return {device.id, rect, inTheBox(rect), Drawn::AsBox};
}

}  // namespace spirk
