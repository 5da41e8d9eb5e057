// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The quantities of the job and their conversions, each in one place. Conversions by powers of ten
// and 3600 are exact to rounding; foot (0.3048 m) is exact by definition.

#include <cmath>

#include "core/quantities/quantity.h"

namespace spirk {

using Scalar = Quantity<0, 0, 0, 0>;
using Metres = Quantity<1, 0, 0, 0>;
using SquareMetres = Quantity<2, 0, 0, 0>;
using Seconds = Quantity<0, 0, 1, 0>;
using Amps = Quantity<0, 0, 0, 1>;
using Coulombs = Quantity<0, 0, 1, 1>;
using Watts = Quantity<2, 1, -3, 0>;
using Joules = Quantity<2, 1, -2, 0>;
using Volts = Quantity<2, 1, -3, -1>;
using Ohms = Quantity<2, 1, -3, -2>;

// A temperature on the Celsius scale. A difference of two is in Kelvins; the two do not mix.
struct Kelvins {
    double kelvins = 0.0;
    auto operator<=>(const Kelvins&) const = default;
};
struct Celsius {
    double degrees = 0.0;
    auto operator<=>(const Celsius&) const = default;
};
constexpr Kelvins operator-(Celsius a, Celsius b) { return {a.degrees - b.degrees}; }
constexpr Celsius operator+(Celsius a, Kelvins b) { return {a.degrees + b.kelvins}; }

constexpr Volts volts(double v) { return Volts::fromSi(v); }
constexpr Amps amps(double v) { return Amps::fromSi(v); }
constexpr Ohms ohms(double v) { return Ohms::fromSi(v); }
constexpr Ohms milliohms(double v) { return Ohms::fromSi(v * 1e-3); }
constexpr Watts watts(double v) { return Watts::fromSi(v); }
constexpr Metres metres(double v) { return Metres::fromSi(v); }
constexpr Metres feet(double v) { return Metres::fromSi(v * 0.3048); }
constexpr Metres millimetres(double v) { return Metres::fromSi(v * 1e-3); }
constexpr Seconds seconds(double v) { return Seconds::fromSi(v); }
constexpr Seconds hours(double v) { return Seconds::fromSi(v * 3600.0); }
constexpr Joules wattHours(double v) { return Joules::fromSi(v * 3600.0); }
constexpr Coulombs ampHours(double v) { return Coulombs::fromSi(v * 3600.0); }
constexpr SquareMetres squareMillimetres(double v) { return SquareMetres::fromSi(v * 1e-6); }
constexpr Celsius celsius(double v) { return {v}; }
constexpr Kelvins kelvins(double v) { return {v}; }

constexpr double inMm2(SquareMetres a) { return a.si() * 1e6; }
// Exact by definition: the international foot and pound.
inline constexpr double kMetresPerFoot = 0.3048;
inline constexpr double kKilogramsPerPound = 0.45359237;
// Pound-force times inch: 0.45359237 kg * 9.80665 m/s2 * 0.0254 m.
inline constexpr double kNewtonMetresPerPoundInch = 0.1129848290276167;
constexpr double inFeet(Metres l) { return l.si() / kMetresPerFoot; }
constexpr double inMillimetres(Metres l) { return l.si() * 1e3; }
constexpr double inHours(Seconds t) { return t.si() / 3600.0; }
constexpr double inWattHours(Joules e) { return e.si() / 3600.0; }
constexpr double inAmpHours(Coulombs q) { return q.si() / 3600.0; }
constexpr double inMilliohms(Ohms r) { return r.si() * 1e3; }

// Area of a solid round wire of American gauge n (1/0 is 0, 2/0 is -1 ...), ASTM B258:
// d = 0.005 in * 92^((36 - n) / 39).
[[nodiscard]] inline SquareMetres awgArea(int gauge) {
    const double inches = 0.005 * std::pow(92.0, (36.0 - gauge) / 39.0);
    const double radius = inches * 0.0254 / 2.0;
    return SquareMetres::fromSi(M_PI * radius * radius);
}
// Its inverse, for areas between gauges too. Requires area > 0.
[[nodiscard]] inline double gaugeOf(SquareMetres area) {
    const double inches = 2.0 * std::sqrt(area.si() / M_PI) / 0.0254;
    return 36.0 - 39.0 * std::log(inches / 0.005) / std::log(92.0);
}

}  // namespace spirk
