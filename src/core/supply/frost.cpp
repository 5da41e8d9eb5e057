// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/frost.h"

#include "core/supply/sun_months.h"

namespace spirk {

namespace {

// Judgement: nights are this far below the month's mean (coasts 3.5 K, inland 6 K).
constexpr double kNightBelowMean = 5.0;
// A heater of 60 W to 100 Ah runs this part of a day in frost: 7 to 8 W on average (common
// practice).
constexpr double kHeaterDuty = 0.125;

}  // namespace

ColdMonth coldestMonth(const Plan& plan, const Climate& climate) {
    ColdMonth out;
    bool first = true;
    for (int month = 1; month <= 12; ++month) {
        const Celsius mean = climate.mean[static_cast<std::size_t>(month - 1)];
        const bool counts = inSeason(month, plan.trip.firstMonth, plan.trip.lastMonth);
        if (counts && (first || mean < out.mean)) {
            out = {month, mean};
            first = false;
        }
    }
    return out;
}

Celsius coldNight(const Plan& plan, const Climate& climate) {
    return coldestMonth(plan, climate).mean + kelvins(-kNightBelowMean);
}

Joules heatersDay(const Plan& plan, const System& gear) {
    const Celsius night = coldNight(plan, *gear.climate);
    Joules out;
    for (const BankUnit& bank : gear.banks) {
        if (bank.heater && night < bank.heater->below) {
            const auto batteries = static_cast<double>(bank.count * bank.series);
            out += bank.heater->power * batteries * kHeaterDuty * hours(24.0);
        }
    }
    return out;
}

}  // namespace spirk
