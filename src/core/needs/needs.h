// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What the appliances ask for: energy a day, DC and mains each apart, the day in quarter hours, the
// worst case on the inverter, and the load that decides the bank. Inverter losses are not here
// (supply adds them): these are watts at each appliance's own supply.

#include <array>
#include <optional>

#include "core/plan/plan.h"

namespace spirk {

inline constexpr std::size_t kDaySlots = 96;  // quarter hours
using DayProfile = std::array<Watts, kDaySlots>;

struct ApplianceNeed {
    ApplianceId id;
    Watts running;       // of all its units while on: measured where given, else rated
    Joules perDay;       // duty and standby included
    double share = 0.0;  // of the whole day's energy
};

struct Needs {
    std::vector<ApplianceNeed> appliances;  // in the plan's order
    Joules dcPerDay;
    Joules mainsPerDay;
    DayProfile dc{};     // mean watts in each quarter hour
    DayProfile mains{};  // mean watts in each quarter hour
    // Mains watts at once if everything that may run together does, plus the largest of those that
    // run alone: people do not keep to schedules.
    Watts worstMains;
    Watts worstSurge;                     // the same, with the hardest starter just starting
    Watts scheduledMains;                 // most at once if the day goes as drawn
    std::optional<ApplianceId> deciding;  // the largest energy a day
    Derivations why;
};

[[nodiscard]] Needs needsOf(const Plan& plan);

// Watts of one unit that the plan counts with: measured where given, else rated.
[[nodiscard]] Watts wattsUsed(const Appliance& appliance);

// Time a day that it is really on, duty included.
[[nodiscard]] Seconds onTime(const Appliance& appliance);

// Figure ids of this room.
[[nodiscard]] FigureId energyFigure(const ApplianceId& id);

}  // namespace spirk
