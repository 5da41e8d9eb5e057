// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/parse.h"

#include <fmt/format.h>

#include <charconv>
#include <cmath>
#include <optional>
#include <span>
#include <string>

#include "core/quantities/format.h"

namespace spirk {

namespace {

struct UnitName {
    std::string_view text;  // lower case
    double factor;          // to the kind's SI unit
    double offset = 0.0;    // added before the factor (temperatures)
};

struct Kind {
    Phrase notOne;   // 'it is not a length', of {text}
    Phrase outside;  // 'it is out of range for a length', of {text}
    Text example;    // what a good entry looks like
    std::span<const UnitName> units;
    double low;   // in SI
    double high;  // in SI
};

std::string cleaned(std::string_view text) {
    std::string out;
    for (const char c : text) {
        if (c == ' ' || c == '\t') {
            continue;
        }
        const bool upper = c >= 'A' && c <= 'Z';
        out += c == ',' ? '.' : (upper ? static_cast<char>(c - 'A' + 'a') : c);
    }
    return out;
}

struct NumberAndRest {
    double value;
    std::string_view rest;
};

std::optional<NumberAndRest> leadingNumber(std::string_view text) {
    if (text.starts_with('+')) {
        text.remove_prefix(1);
    }
    double value = 0.0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || !std::isfinite(value)) {
        return std::nullopt;
    }
    return NumberAndRest{value, text.substr(static_cast<std::size_t>(end - text.data()))};
}

tl::unexpected<Error> notUnderstood(std::string_view text, const Kind& kind) {
    return failure({kind.notOne, {{"text", std::string(text)}}}, "", kind.example);
}

Result<double> inRange(double si, std::string_view text, const Kind& kind) {
    if (si < kind.low || si > kind.high) {
        return failure({kind.outside, {{"text", std::string(text)}}}, "", kind.example);
    }
    return si;
}

// `alone`: the unit of a number that has none.
Result<double> parseKind(std::string_view text, const Kind& kind, std::string_view alone = "") {
    const std::string clean = cleaned(text);
    const auto number = leadingNumber(clean);
    if (!number) {
        return notUnderstood(text, kind);
    }
    const std::string_view given = number->rest.empty() ? alone : number->rest;
    for (const UnitName& unit : kind.units) {
        if (given == unit.text) {
            return inRange((number->value + unit.offset) * unit.factor, text, kind);
        }
    }
    return notUnderstood(text, kind);
}

constexpr UnitName kLengthUnits[] = {{"", 1.0},
                                     {"m", 1.0},
                                     {"cm", 0.01},
                                     {"mm", 0.001},
                                     {"ft", 0.3048},
                                     {"'", 0.3048},
                                     {"in", 0.0254}};
// A dealer's 'mm' and 'sq' of a cable are square millimetres: common practice.
constexpr UnitName kAreaUnits[] = {{"", 1e-6},
                                   {"mm2", 1e-6},
                                   {"mm²", 1e-6},
                                   {"mm^2", 1e-6},
                                   {"mm", 1e-6},
                                   {"sq", 1e-6},
                                   {"sqmm", 1e-6},
                                   {"sq.mm", 1e-6}};
constexpr UnitName kPowerUnits[] = {{"", 1.0}, {"w", 1.0}, {"kw", 1000.0}};
constexpr UnitName kTimeUnits[] = {
    {"", 3600.0}, {"h", 3600.0}, {"min", 60.0}, {"m", 60.0}, {"s", 1.0}};
constexpr UnitName kCurrentUnits[] = {{"", 1.0}, {"a", 1.0}, {"ma", 0.001}, {"ka", 1000.0}};
constexpr UnitName kVoltageUnits[] = {{"", 1.0}, {"v", 1.0}, {"mv", 0.001}, {"kv", 1000.0}};
constexpr UnitName kChargeUnits[] = {{"", 3600.0}, {"ah", 3600.0}, {"kah", 3600e3}};
constexpr UnitName kTemperatureUnits[] = {
    {"", 1.0}, {"c", 1.0}, {"°c", 1.0}, {"f", 5.0 / 9.0, -32.0}, {"°f", 5.0 / 9.0, -32.0}};
constexpr UnitName kPlainUnits[] = {{"", 1.0}};

const Kind kLength{"'{text}' is not a length."_text,
                   "'{text}' is out of range for a length."_text,
                   "Write it like '1.5 m', '150 cm' or '5 ft'."_text,
                   kLengthUnits,
                   0.0,
                   100.0};
const Kind kArea{"'{text}' is not a cable size."_text,
                 "'{text}' is out of range for a cable size."_text,
                 "Write it like '16 mm2', '4 AWG' or '2/0'."_text,
                 kAreaUnits,
                 1e-9,
                 1e-3};
const Kind kPower{"'{text}' is not a power."_text,
                  "'{text}' is out of range for a power."_text,
                  "Write it like '60 W' or '1.2 kW'."_text,
                  kPowerUnits,
                  0.0,
                  100e3};
const Kind kTime{"'{text}' is not a time."_text,
                 "'{text}' is out of range for a time."_text,
                 "Write it like '1.5 h', '90 min' or '1:30', up to 24 h."_text,
                 kTimeUnits,
                 0.0,
                 86400.0};
const Kind kCurrent{"'{text}' is not a current."_text,
                    "'{text}' is out of range for a current."_text,
                    "Write it like '30 A'."_text,
                    kCurrentUnits,
                    0.0,
                    10e3};
const Kind kVoltage{"'{text}' is not a voltage."_text,
                    "'{text}' is out of range for a voltage."_text,
                    "Write it like '12.8 V'."_text,
                    kVoltageUnits,
                    0.0,
                    1000.0};
const Kind kCharge{"'{text}' is not a capacity."_text,
                   "'{text}' is out of range for a capacity."_text,
                   "Write it like '150 Ah'."_text,
                   kChargeUnits,
                   0.0,
                   10e3 * 3600.0};
const Kind kTemperature{"'{text}' is not a temperature."_text,
                        "'{text}' is out of range for a temperature."_text,
                        "Write it like '25 °C' or '77 °F'."_text,
                        kTemperatureUnits,
                        -60.0,
                        150.0};

// '4awg', 'awg4', '2/0', '10gauge' -> gauge number, where 1/0 is 0 and 2/0 is -1.
enum class Bare { Gauge, NoGauge };
std::optional<int> parseGauge(std::string_view clean, Bare bare) {
    bool marked = false;
    for (const std::string_view mark : {"awg", "gauge", "ga", "#"}) {
        if (!marked && clean.starts_with(mark)) {
            clean.remove_prefix(mark.size());
            marked = true;
        } else if (!marked && clean.ends_with(mark)) {
            clean.remove_suffix(mark.size());
            marked = true;
        }
    }
    if (!marked && bare == Bare::NoGauge && !clean.ends_with("/0")) {
        return std::nullopt;
    }
    const bool aught = clean.ends_with("/0");
    if (aught) {
        clean.remove_suffix(2);
    }
    int gauge = 0;
    const auto [end, error] = std::from_chars(clean.data(), clean.data() + clean.size(), gauge);
    if (error != std::errc() || end != clean.data() + clean.size()) {
        return std::nullopt;
    }
    const bool known = aught ? gauge >= 1 && gauge <= 4 : gauge >= 1 && gauge <= 40;
    return known ? std::optional(aught ? 1 - gauge : gauge) : std::nullopt;
}

// '1:30' -> seconds; nothing where the text is not of that form.
std::optional<double> parseClock(std::string_view clean) {
    const std::size_t colon = clean.find(':');
    if (colon == std::string_view::npos) {
        return std::nullopt;
    }
    const auto hour = leadingNumber(clean.substr(0, colon));
    const auto minute = leadingNumber(clean.substr(colon + 1));
    const bool whole = hour && minute && hour->rest.empty() && minute->rest.empty();
    if (!whole || minute->value < 0.0 || minute->value >= 60.0 || hour->value < 0.0) {
        return std::nullopt;
    }
    return hour->value * 3600.0 + minute->value * 60.0;
}

}  // namespace

Result<Metres> parseLength(std::string_view text, const Units& units) {
    const bool feet = units.length == LengthUnit::Foot;
    return parseKind(text, kLength, feet ? "ft" : "m").map([](double si) {
        return Metres::fromSi(si);
    });
}

Result<SquareMetres> parseArea(std::string_view text, CableSizes alone) {
    const Bare bare = alone == CableSizes::Gauges ? Bare::Gauge : Bare::NoGauge;
    if (const auto gauge = parseGauge(cleaned(text), bare)) {
        return awgArea(*gauge);
    }
    return parseKind(text, kArea).map([](double si) { return SquareMetres::fromSi(si); });
}

std::optional<SquareMetres> gaugeArea(std::string_view name) {
    const auto gauge = parseGauge(name, Bare::Gauge);
    return gauge ? std::optional(awgArea(*gauge)) : std::nullopt;
}

Result<Watts> parsePower(std::string_view text) {
    return parseKind(text, kPower).map([](double si) { return Watts::fromSi(si); });
}

Result<Seconds> parseHours(std::string_view text) {
    if (const auto clock = parseClock(cleaned(text))) {
        return inRange(*clock, text, kTime).map([](double si) { return Seconds::fromSi(si); });
    }
    return parseKind(text, kTime).map([](double si) { return Seconds::fromSi(si); });
}

Result<Amps> parseCurrent(std::string_view text) {
    return parseKind(text, kCurrent).map([](double si) { return Amps::fromSi(si); });
}

Result<Volts> parseVoltage(std::string_view text) {
    return parseKind(text, kVoltage).map([](double si) { return Volts::fromSi(si); });
}

Result<Coulombs> parseCharge(std::string_view text) {
    return parseKind(text, kCharge).map([](double si) { return Coulombs::fromSi(si); });
}

Result<Celsius> parseTemperature(std::string_view text, const Units& units) {
    const bool fahrenheit = units.temperature == TemperatureUnit::Fahrenheit;
    return parseKind(text, kTemperature, fahrenheit ? "f" : "c").map([](double si) {
        return Celsius{si};
    });
}

Result<double> parseNumber(std::string_view text, double low, double high) {
    const Kind kind{"'{text}' is not a number."_text,
                    "'{text}' is out of range here."_text,
                    {"Write a number from {low} to {high}."_text,
                     {{"low", Measure{low, Unit::None}}, {"high", Measure{high, Unit::None}}}},
                    kPlainUnits,
                    low,
                    high};
    return parseKind(text, kind);
}

}  // namespace spirk
