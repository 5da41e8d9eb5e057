// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/parse.h"

#include <gtest/gtest.h>

#include <functional>
#include <limits>

#include "tests/support/near.h"

namespace spirk {
namespace {

struct Case {
    const char* text;
    std::function<Result<double>(const char*)> parse;
    double si;  // NaN: must be refused
};

const double kRefused = std::numeric_limits<double>::quiet_NaN();

template <class F>
std::function<Result<double>(const char*)> by(F parse) {
    return [parse](const char* text) -> Result<double> {
        const auto parsed = parse(text);
        if (!parsed) {
            return tl::unexpected(parsed.error());
        }
        return parsed->si();
    };
}

const auto parseMetricArea = [](const char* t) { return parseArea(t); };
const auto parseGaugeArea = [](const char* t) { return parseArea(t, CableSizes::Gauges); };

// What people type. Foot: 0.3048 m by definition; AWG 4: 21.15 mm2, ASTM B258.
const Case kCases[] = {
    {"10 ft", by([](const char* t) { return parseLength(t); }), 3.048},
    {"3m", by([](const char* t) { return parseLength(t); }), 3.0},
    {"150 cm", by([](const char* t) { return parseLength(t); }), 1.5},
    {"0,75", by([](const char* t) { return parseLength(t); }), 0.75},
    {"-1", by([](const char* t) { return parseLength(t); }), kRefused},
    {"3 furlongs", by([](const char* t) { return parseLength(t); }), kRefused},
    // Shown so, and once not understood.
    {"4.42 kA", by([](const char* t) { return parseCurrent(t); }), 4420.0},
    {"1 kV", by([](const char* t) { return parseVoltage(t); }), 1000.0},
    {"1.2 kAh", by([](const char* t) { return parseCharge(t); }), 1200.0 * 3600.0},
    {"101 m", by([](const char* t) { return parseLength(t); }), kRefused},
    {"", by([](const char* t) { return parseLength(t); }), kRefused},
    {"nan", by([](const char* t) { return parseLength(t); }), kRefused},
    {"inf", by([](const char* t) { return parseLength(t); }), kRefused},
    {"1e999", by([](const char* t) { return parseLength(t); }), kRefused},
    {"16 mm2", by(parseMetricArea), 16e-6},
    {"16 mm²", by(parseMetricArea), 16e-6},
    {"16", by(parseMetricArea), 16e-6},
    {"4 AWG", by(parseMetricArea), 21.15e-6},
    {"AWG 4", by(parseMetricArea), 21.15e-6},
    {"2/0 awg", by(parseMetricArea), 67.43e-6},
    {"5/0 AWG", by(parseMetricArea), kRefused},
    {"0", by(parseMetricArea), kRefused},
    // As people write them: common practice. Areas of gauges by ASTM B258.
    {"4/0", by(parseMetricArea), 107.2e-6},
    {"10 gauge", by(parseMetricArea), 5.261e-6},
    {"10 ga", by(parseMetricArea), 5.261e-6},
    {"#10", by(parseMetricArea), 5.261e-6},
    {"25 mm", by(parseMetricArea), 25e-6},
    {"25 sq", by(parseMetricArea), 25e-6},
    {"25 sq.mm", by(parseMetricArea), 25e-6},
    {"4", by(parseGaugeArea), 21.15e-6},
    {"2/0", by(parseGaugeArea), 67.43e-6},
    {"25 mm2", by(parseGaugeArea), 25e-6},
    {"1.5", by(parseGaugeArea), 1.5e-6},
    {"gauge", by(parseMetricArea), kRefused},
    {"1.2 kW", by(parsePower), 1200.0},
    {"60", by(parsePower), 60.0},
    {"60 W 3", by(parsePower), kRefused},
    {"90min", by(parseHours), 5400.0},
    {"1:30", by(parseHours), 5400.0},
    {"1.5 h", by(parseHours), 5400.0},
    {"0,75", by(parseHours), 2700.0},
    {"25 h", by(parseHours), kRefused},
    {"1:75", by(parseHours), kRefused},
    {"30 A", by(parseCurrent), 30.0},
    {"250 mA", by(parseCurrent), 0.25},
    {"12,8 V", by(parseVoltage), 12.8},
    {"250 mV", by(parseVoltage), 0.25},
    {"1.5 kA", by(parseCurrent), 1500.0},
    {"1 kAh", by(parseCharge), 3600e3},
    {"90 s", by(parseHours), 90.0},
    {"150 Ah", by(parseCharge), 150.0 * 3600.0},
};

TEST(Parse, UnderstandsWhatPeopleType) {
    for (const Case& c : kCases) {
        SCOPED_TRACE(c.text);
        const auto parsed = c.parse(c.text);
        if (std::isnan(c.si)) {
            ASSERT_FALSE(parsed.has_value());
            EXPECT_FALSE(parsed.error().what.empty());
            EXPECT_FALSE(parsed.error().remedy.empty());
        } else {
            ASSERT_TRUE(parsed.has_value());
            test::expectNear(*parsed, c.si, test::kPublished);
        }
    }
}

TEST(Parse, TemperatureTakesEitherScale) {
    EXPECT_DOUBLE_EQ(parseTemperature("25 °C")->degrees, 25.0);
    EXPECT_NEAR(parseTemperature("77 °F")->degrees, 25.0, 1e-9);
    EXPECT_FALSE(parseTemperature("500").has_value());
}

TEST(Parse, ErrorSaysWhatWasTypedAndShowsAGoodEntry) {
    const auto parsed = parsePower("much");
    ASSERT_FALSE(parsed.has_value());
    EXPECT_NE(english(parsed.error().what).find("'much'"), std::string::npos);
    EXPECT_NE(english(parsed.error().remedy).find("1.2 kW"), std::string::npos);
}

TEST(Parse, ANumberAloneTakesThePersonsUnit) {
    const Units american{LengthUnit::Foot, TemperatureUnit::Fahrenheit};
    EXPECT_NEAR(parseLength("10", american)->si(), 3.048, 1e-12);
    EXPECT_EQ(parseLength("3 m", american)->si(), 3.0);
    EXPECT_EQ(parseLength("10")->si(), 10.0);
    EXPECT_NEAR(parseTemperature("68", american)->degrees, 20.0, 1e-12);
    EXPECT_EQ(parseTemperature("20 C", american)->degrees, 20.0);
}

TEST(Parse, GaugesOfTables) {
    EXPECT_EQ(gaugeArea("2/0"), awgArea(-1));
    EXPECT_EQ(gaugeArea("16"), awgArea(16));
    EXPECT_FALSE(gaugeArea("6/0").has_value());
    EXPECT_FALSE(gaugeArea("thick").has_value());
}

}  // namespace
}  // namespace spirk
