// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/needs/day_profile.h"

#include <algorithm>

namespace spirk {

namespace {

constexpr double kSlotSeconds = 86400.0 / kDaySlots;

double overlap(double a0, double a1, double b0, double b1) {
    return std::max(0.0, std::min(a1, b1) - std::max(a0, b0));
}

}  // namespace

double coverage(const Use& use, std::size_t slot) {
    const double begin = static_cast<double>(slot) * kSlotSeconds;
    const double end = begin + kSlotSeconds;
    const double start = use.start.si();
    const double stop = start + use.span.si();
    const double day = kSlotSeconds * static_cast<double>(kDaySlots);
    return (overlap(begin, end, start, stop) + overlap(begin + day, end + day, start, stop)) /
           kSlotSeconds;
}

void addToProfile(const Appliance& appliance, DayProfile& profile) {
    const double units = static_cast<double>(appliance.count);
    for (std::size_t slot = 0; slot < kDaySlots; ++slot) {
        double on = 0.0;
        for (const Use& use : appliance.uses) {
            on += coverage(use, slot) * use.duty;
        }
        profile[slot] += wattsUsed(appliance) * (on * units);
        profile[slot] += appliance.standby * (std::max(0.0, 1.0 - on) * units);
    }
}

Watts scheduledPeak(const Plan& plan) {
    Watts peak;
    for (std::size_t slot = 0; slot < kDaySlots; ++slot) {
        Watts together;
        Watts alone;
        for (const Appliance& a : plan.appliances) {
            const bool runs = std::ranges::any_of(
                a.uses, [&](const Use& use) { return coverage(use, slot) > 0.0; });
            if (a.feed != Feed::Mains || !runs || a.count == 0) {
                continue;
            }
            if (a.runs == Runs::Alone) {
                alone = std::max(alone, wattsUsed(a));
            } else {
                together += wattsUsed(a) * static_cast<double>(a.count);
            }
        }
        peak = std::max(peak, together + alone);
    }
    return peak;
}

}  // namespace spirk
