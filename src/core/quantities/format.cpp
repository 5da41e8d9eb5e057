// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantities/format.h"

#include <fmt/format.h>

#include <cmath>

#include "core/base/promise.h"

namespace spirk {

namespace {

// Three significant digits are what cable tables and meters give; volts want a centivolt.
constexpr int kDigits = 3;

// Below a thousandth of its unit a figure is rounding, not a reading.
constexpr double kNothing = 5e-4;

std::string scaled(double value, const char* unit, const char* kiloUnit) {
    if (std::fabs(value) < kNothing) {
        return std::string("0 ") + unit;
    }
    if (kiloUnit != nullptr && std::fabs(value) >= 999.5) {
        return formatNumber(value / 1000.0, kDigits) + " " + kiloUnit;
    }
    return formatNumber(value, kDigits) + " " + unit;
}

std::string formatOhms(double ohms) {
    return std::fabs(ohms) < 1.0 ? formatNumber(ohms * 1e3, kDigits) + " mΩ"
                                 : formatNumber(ohms, kDigits) + " Ω";
}

std::string formatHours(double seconds) {
    if (std::fabs(seconds) < 3599.5) {
        return formatNumber(seconds / 60.0, 2) + " min";
    }
    return formatNumber(seconds / 3600.0, kDigits) + " h";
}

std::string formatSeconds(double seconds) {
    return std::fabs(seconds) < 0.9995 ? formatNumber(seconds * 1e3, kDigits) + " ms"
                                       : formatNumber(seconds, kDigits) + " s";
}

std::string formatLength(double metres, LengthUnit unit) {
    if (unit == LengthUnit::Metre) {
        return fmt::format("{:.2f} m", metres);
    }
    const double feet = metres / kMetresPerFoot;
    return std::fabs(feet) < 1.0 ? fmt::format("{:.1f} in", feet * 12.0)
                                 : fmt::format("{:.1f} ft", feet);
}

std::string formatTemperature(double celsius, TemperatureUnit unit) {
    // No '-0'.
    const auto whole = [](double degrees) { return std::round(degrees) + 0.0; };
    return unit == TemperatureUnit::Celsius ? fmt::format("{:.0f} °C", whole(celsius))
                                            : fmt::format("{:.0f} °F", whole(celsius * 1.8 + 32.0));
}

std::string formatArea(double m2) {
    const auto gauge = gaugeName(SquareMetres::fromSi(m2));
    return gauge ? *gauge + " AWG" : formatNumber(m2 * 1e6, kDigits) + " mm²";
}

}  // namespace

// Metric sizes are far from any gauge.
std::optional<std::string> gaugeName(SquareMetres area) {
    constexpr int kThinnest = 40, kThickest = -3;
    constexpr double kRounding = 1e-9;
    if (area.si() <= 0.0) {
        return std::nullopt;
    }
    const double exact = gaugeOf(area);
    const int gauge = static_cast<int>(std::lround(exact));
    if (std::fabs(exact - gauge) > kRounding || gauge > kThinnest || gauge < kThickest) {
        return std::nullopt;
    }
    return gauge > 0 ? fmt::format("{}", gauge) : fmt::format("{}/0", 1 - gauge);
}

std::string formatCut(Metres length, const Units& units) {
    if (units.length == LengthUnit::Metre) {
        return fmt::format("{:.0f} mm", inMillimetres(length));
    }
    constexpr const char* kQuarters[] = {"", " 1/4", " 1/2", " 3/4"};
    // A length that is a quarter to rounding is not made longer.
    constexpr double kRounding = 1e-6;
    const double quarters = std::ceil(inFeet(length) * 12.0 * 4.0 - kRounding);
    const auto n = static_cast<long>(quarters);
    return fmt::format("{}{} in", n / 4, kQuarters[n % 4]);
}

std::string formatPrice(double price, const std::string& currency) {
    return fmt::format("{:.0f} {}", price, currency);
}

std::string formatNumber(double value, int digits) {
    if (value == 0.0 || !std::isfinite(value)) {
        return std::isfinite(value) ? "0" : "–";
    }
    const int magnitude = static_cast<int>(std::floor(std::log10(std::fabs(value)))) + 1;
    const int decimals = std::max(0, digits - magnitude);
    std::string text = fmt::format("{:.{}f}", value, decimals);
    if (text.find('.') != std::string::npos) {
        text.erase(text.find_last_not_of('0') + 1);
        if (text.back() == '.') {
            text.pop_back();
        }
    }
    return text == "-0" ? "0" : text;
}

std::string format(Measure m, const Units& units) {
    switch (m.unit) {
        case Unit::None:
            return formatNumber(m.si, 4);
        case Unit::Count:
            return fmt::format("{:.0f}", m.si);
        case Unit::Percent:
            return scaled(m.si * 100.0, "%", nullptr);
        case Unit::Volt:
            return fmt::format("{:.2f} V", m.si);
        case Unit::Millivolt:
            return formatNumber(m.si * 1e3, 2) + " mV";
        case Unit::Ampere:
            return scaled(m.si, "A", "kA");
        case Unit::Ohm:
            return formatOhms(m.si);
        case Unit::Watt:
            return scaled(m.si, "W", "kW");
        case Unit::WattHour:
            return scaled(m.si / 3600.0, "Wh", "kWh");
        case Unit::AmpereHour:
            return scaled(m.si / 3600.0, "Ah", nullptr);
        case Unit::Metre:
            return formatLength(m.si, units.length);
        case Unit::Millimetre:
            return units.length == LengthUnit::Foot
                       ? formatNumber(m.si / kMetresPerFoot * 12.0, 2) + " in"
                       : formatNumber(m.si * 1e3, kDigits) + " mm";
        case Unit::SquareMillimetre:
            return formatArea(m.si);
        case Unit::Celsius:
            return formatTemperature(m.si, units.temperature);
        case Unit::Second:
            return formatSeconds(m.si);
        case Unit::Hour:
            return formatHours(m.si);
        case Unit::JouleIntegral:
            return scaled(m.si, "A²s", "kA²s");
        case Unit::WattHourPerM2:
            return scaled(m.si, "Wh/m²", "kWh/m²");
        case Unit::Kilogram:
            return units.length == LengthUnit::Foot
                       ? formatNumber(m.si / kKilogramsPerPound, 3) + " lb"
                       : formatNumber(m.si, kDigits) + " kg";
        case Unit::NewtonMetre:
            return units.length == LengthUnit::Foot
                       ? formatNumber(m.si / kNewtonMetresPerPoundInch, 2) + " lb·in"
                       : formatNumber(m.si, 2) + " Nm";
    }
    unreachable("format(Measure)");
}

std::string formatClock(Seconds t) {
    const int minutes = static_cast<int>(std::lround(t.si() / 60.0));
    return fmt::format("{:02d}:{:02d}", minutes / 60, minutes % 60);
}

}  // namespace spirk
