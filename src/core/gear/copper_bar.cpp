// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/gear/copper_bar.h"

#include <cmath>

#include "core/base/promise.h"

namespace spirk {

namespace {

constexpr double kPerMetre = 1000.0;  // mm
constexpr double kFactor = 7.73, kByArea = 0.5, kByPerimeter = 0.39, kByRise = 0.61;
constexpr double kRise = 30.0, kRiseOfFactor = 50.0;
// Judgement: a box takes 20 to 30 %.
constexpr double kInBox = 0.75;

}  // namespace

Amps copperBarAmpacity(Metres width, Metres thickness) {
    promise(width.si() > 0.0 && thickness.si() > 0.0, "a bar has width and thickness");
    const double w = width.si() * kPerMetre;
    const double t = thickness.si() * kPerMetre;
    return amps(kInBox * kFactor * std::pow(w * t, kByArea) *
                std::pow(2.0 * (w + t), kByPerimeter) * std::pow(kRise / kRiseOfFactor, kByRise));
}

}  // namespace spirk
