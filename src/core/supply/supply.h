// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What must be supplied and what the chosen gear supplies: bank, sun, engine, inverter, each as
// needed, chosen and the most that anything allows. Adds the inverter's conversion and idle to the
// needs. Sun is reckoned from monthly means; the hour-true year is another matter.

#include <array>
#include <optional>
#include <string>

#include "core/needs/needs.h"
#include "core/system/system.h"

namespace spirk {

// One rule with three marks. `limit` is what another part of the system allows at most.
struct Marks {
    Measure needed;
    Measure chosen;
    std::optional<Measure> limit;
    FigureId neededFigure, chosenFigure, limitFigure;
};

struct MonthSun {
    int month = 1;
    bool inTrip = false;
    Joules perDay;     // into the bank, from the chosen panels
    double cut = 0.0;  // part of a clear noon's power above the controller's limit
};

struct Supply {
    Joules inverterExtra;  // conversion and idle, a day
    Joules demand;         // from the bank, a day
    Joules usable;         // of the chosen bank
    double daysWithoutSun = 0.0;
    Marks bank;                     // usable energy
    std::optional<Marks> sun;       // watts of panels
    std::optional<Marks> engine;    // amperes into the bank
    std::optional<Marks> inverter;  // watts out
    std::array<MonthSun, 12> months{};
    int leanestMonth = 1;                 // of the trip
    std::optional<Seconds> engineRefill;  // driving time from empty to full
    Derivations why;
};

[[nodiscard]] Supply supplyFor(const Plan& plan,
                               const Library& library,
                               const System& gear,
                               const Needs& needs);

// 1: January. Requires 1 <= month <= 12.
[[nodiscard]] Phrase monthName(int month);
// Days without sun as a person reads them: rounded down, so that 1.999 is not shown as 2.
[[nodiscard]] Measure shownDays(double days);

}  // namespace spirk
