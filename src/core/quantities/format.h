// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How a figure reads: value with unit, in the digits that mean something. Locale-free; the window
// may swap the decimal sign.

#include <concepts>
#include <optional>
#include <string>

#include "core/quantities/units.h"

namespace spirk {

// What a plain SI number means when it is shown.
enum class Unit {
    None,
    Percent,  // stored as a fraction
    Volt,
    Millivolt,  // stored in volts
    Ampere,
    Ohm,
    Watt,
    WattHour,    // stored in joules
    AmpereHour,  // stored in coulombs
    Metre,
    Millimetre,        // stored in metres
    SquareMillimetre,  // stored in m2
    Celsius,           // stored in degrees Celsius
    Second,
    Hour,           // stored in seconds
    JouleIntegral,  // A2s
    WattHourPerM2,  // stored in Wh/m2 (a table's own unit)
    Kilogram,
    NewtonMetre,
    Count,
};

// The units that a person thinks in. Foot: weights in pounds, torques in pound-inches, diameters in
// inches too. A conductor reads as it is sold, in mm² or AWG, whatever these are: no cable is both.
enum class LengthUnit { Metre, Foot };
enum class TemperatureUnit { Celsius, Fahrenheit };
struct Units {
    LengthUnit length = LengthUnit::Metre;
    TemperatureUnit temperature = TemperatureUnit::Celsius;
    bool operator==(const Units&) const = default;
};

// A number in SI with the unit in which people read it.
struct Measure {
    double si = 0.0;
    Unit unit = Unit::None;
    bool operator==(const Measure&) const = default;
};

[[nodiscard]] inline Measure measure(Volts v) { return {v.si(), Unit::Volt}; }
[[nodiscard]] inline Measure millivolts(Volts v) { return {v.si(), Unit::Millivolt}; }
[[nodiscard]] inline Measure measure(Amps v) { return {v.si(), Unit::Ampere}; }
[[nodiscard]] inline Measure measure(Ohms v) { return {v.si(), Unit::Ohm}; }
[[nodiscard]] inline Measure measure(Watts v) { return {v.si(), Unit::Watt}; }
[[nodiscard]] inline Measure measure(Joules v) { return {v.si(), Unit::WattHour}; }
[[nodiscard]] inline Measure measure(Coulombs v) { return {v.si(), Unit::AmpereHour}; }
[[nodiscard]] inline Measure measure(Metres v) { return {v.si(), Unit::Metre}; }
[[nodiscard]] inline Measure measure(SquareMetres v) { return {v.si(), Unit::SquareMillimetre}; }
[[nodiscard]] inline Measure measure(Celsius v) { return {v.degrees, Unit::Celsius}; }
[[nodiscard]] inline Measure measure(Seconds v) { return {v.si(), Unit::Hour}; }
[[nodiscard]] inline Measure percent(double fraction) { return {fraction, Unit::Percent}; }
[[nodiscard]] inline Measure kilograms(double value) { return {value, Unit::Kilogram}; }
[[nodiscard]] inline Measure number(double value) { return {value, Unit::None}; }
[[nodiscard]] inline Measure count(double value) { return {value, Unit::Count}; }
[[nodiscard]] Measure count(std::integral auto n) { return count(static_cast<double>(n)); }

// The figure with its unit: '12.80 V', '1.30 kWh', '35 mm²', '2 AWG', '2.1 mΩ', '5.0 ft'.
[[nodiscard]] std::string format(Measure m, const Units& units = {});

template <int M, int Kg, int S, int A>
[[nodiscard]] std::string format(Quantity<M, Kg, S, A> q, const Units& units = {}) {
    return format(measure(q), units);
}
[[nodiscard]] inline std::string format(Celsius t, const Units& units = {}) {
    return format(measure(t), units);
}

// The gauge of an area that is one to rounding, as tables write it: '4', '1/0'.
[[nodiscard]] std::optional<std::string> gaugeName(SquareMetres area);

// How long a cable is cut: to the millimetre, or up to the next quarter inch. '590 mm' or
// '19 3/4 in'.
[[nodiscard]] std::string formatCut(Metres length, const Units& units);

// A price without cents: '1240 EUR'.
[[nodiscard]] std::string formatPrice(double price, const std::string& currency);

// The number alone with up to `digits` significant digits and no trailing zeros: '0.75', '35'.
[[nodiscard]] std::string formatNumber(double value, int digits);

// A time of day from seconds after midnight: '07:30'. Requires 0 <= t <= 24 h.
[[nodiscard]] std::string formatClock(Seconds t);

}  // namespace spirk
