// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How cold a trip gets, and what that asks of a battery that is warmed.

#include "core/plan/plan.h"
#include "core/system/system.h"

namespace spirk {

// The coldest month of the trip, by its mean.
struct ColdMonth {
    int month = 1;
    Celsius mean;
};
[[nodiscard]] ColdMonth coldestMonth(const Plan& plan, const Climate& climate);
// Of that month.
[[nodiscard]] Celsius coldNight(const Plan& plan, const Climate& climate);

// Judgement: the bank lies as cold as the mean of the trip's coldest month, in a van that nobody
// heats; warmth above the rating's 25 degC is not counted on.
[[nodiscard]] Celsius bankInCold(const Plan& plan, const Climate& climate);
// A bank's heater: as entered, or what a heated battery has inside; nothing where it has none.
[[nodiscard]] std::optional<BatteryHeater> heaterOf(const BankUnit& bank);
// What heaters of the banks' batteries draw on a day of that month; nothing of a bank without one,
// or where the nights are warmer than it switches on at.
[[nodiscard]] Joules heatersDay(const Plan& plan, const System& gear);

}  // namespace spirk
