// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Text that a person types, to a quantity: '10 ft', '3m', '16 mm2', '4 AWG', '1.2 kW', '90min',
// '0,75'. A number alone takes the field's usual unit. Refused with a reason: empty text, unknown
// units, more than one number, anything not finite, and values outside a quantity's sane range.

#include <optional>
#include <string_view>

#include "core/quantities/format.h"
#include "core/result/result.h"

namespace spirk {

// Alone: metres, or feet where the person thinks in them. Units m, cm, mm, ft, ' , in. 0 to 100 m.
[[nodiscard]] Result<Metres> parseLength(std::string_view text, const Units& units = {});
// What a bare number of a cable means, as cables are sold there.
enum class CableSizes { Metric, Gauges };
// Alone: mm2, or the gauge where cables go by it; '4/0' is a gauge anywhere. Units mm2, mm², mm^2,
// mm, sq, sqmm; AWG, ga, gauge, # ('4 AWG', 'AWG 4', '10 gauge', '#10'). Above 0 to 1000 mm2.
[[nodiscard]] Result<SquareMetres> parseArea(std::string_view text,
                                             CableSizes alone = CableSizes::Metric);
// Alone: watts. Units W, kW. 0 to 100 kW.
[[nodiscard]] Result<Watts> parsePower(std::string_view text);
// Alone: hours. Units h, min, s, and '1:30'. 0 to 24 h: a time of day or a duration within one.
[[nodiscard]] Result<Seconds> parseHours(std::string_view text);
// Alone: amperes. Units A, mA, kA. 0 to 10 kA.
[[nodiscard]] Result<Amps> parseCurrent(std::string_view text);
// Alone: volts. Units V, mV, kV. 0 to 1000 V.
[[nodiscard]] Result<Volts> parseVoltage(std::string_view text);
// Alone: ampere-hours. Units Ah, kAh. 0 to 10 kAh.
[[nodiscard]] Result<Coulombs> parseCharge(std::string_view text);
// Alone: the person's scale, degrees Celsius as a rule. Units °C, C, °F, F. -60 to 150 degC.
[[nodiscard]] Result<Celsius> parseTemperature(std::string_view text, const Units& units = {});
// A gauge as tables write it: '4', '1/0'. Nothing where it is none.
[[nodiscard]] std::optional<SquareMetres> gaugeArea(std::string_view name);
// A plain number within [low, high]; decimal point or comma.
[[nodiscard]] Result<double> parseNumber(std::string_view text, double low, double high);

}  // namespace spirk
