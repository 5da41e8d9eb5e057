// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Habits of good practice beyond the rules, by their ids in data/habits.json: on unless the plan
// does without.

#include "core/plan/plan.h"

namespace spirk {

namespace habit {
inline constexpr const char* kOneCable = "one_cable";
inline constexpr const char* kFewSizes = "few_sizes";
inline constexpr const char* kOneFewer = "one_fewer";
inline constexpr const char* kBatteryHalf = "battery_half";
inline constexpr const char* kThickPanels = "thick_panels";
inline constexpr const char* kChargerFuse = "charger_fuse";
inline constexpr const char* kSmallCircuits = "small_circuits";
inline constexpr const char* kAlwaysApart = "always_apart";
inline constexpr const char* kTimetableShare = "timetable_share";
}  // namespace habit

[[nodiscard]] inline bool follows(const Plan& plan, const char* habit) {
    return !plan.habitsOff.contains(habit);
}

}  // namespace spirk
