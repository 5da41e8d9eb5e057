// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/supply/frost.h"

#include <algorithm>

#include "core/supply/sun_months.h"

namespace spirk {

namespace {

// A heater of 60 W to 100 Ah runs this part of a day in frost: 7 to 8 W on average (common
// practice).
constexpr double kHeaterDuty = 0.125;
// What a heated battery's own takes, for each ampere-hour of 12 V (common practice).
constexpr double kHeaterWattsPerAh = 0.6;

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
    const Celsius coldest = *std::ranges::min_element(climate.mean);
    const double half = 0.5 * (coldest - climate.coldest).kelvins;
    return coldestMonth(plan, climate).mean + kelvins(-half);
}

Celsius bankInCold(const Plan& plan, const Climate& climate) {
    return std::min(celsius(25.0), coldestMonth(plan, climate).mean);
}

std::optional<BatteryHeater> heaterOf(const BankUnit& bank) {
    if (bank.heater || !bank.model->heated) {
        return bank.heater;
    }
    return BatteryHeater{
        watts(kHeaterWattsPerAh * inAmpHours(bank.model->capacity) * blocksOf(bank.model->nominal)),
        celsius(0.0)};
}

Joules heatersDay(const Plan& plan, const System& gear) {
    const Celsius night = coldNight(plan, *gear.climate);
    Joules out;
    for (const BankUnit& bank : gear.banks) {
        const auto heater = heaterOf(bank);
        if (heater && night < heater->below) {
            const auto batteries = static_cast<double>(bank.count * bank.series);
            out += heater->power * batteries * kHeaterDuty * hours(24.0);
        }
    }
    return out;
}

}  // namespace spirk
