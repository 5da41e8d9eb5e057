// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/needs/day_profile.h"

#include <algorithm>

namespace spirk {

namespace {

constexpr double kSlotSeconds = 86400.0 / kDaySlots;

double overlap(double a0, double a1, double b0, double b1) {
    return std::max(0.0, std::min(a1, b1) - std::max(a0, b0));
}

bool runsOnMains(const Appliance& a, std::size_t slot) {
    return a.feed == Feed::Mains && countNow(a) > 0 &&
           std::ranges::any_of(a.uses, [&](const Use& u) { return coverage(u, slot) > 0.0; });
}

std::vector<Running> runningIn(const Plan& plan, std::size_t slot) {
    std::vector<Running> together;
    std::optional<Running> alone;
    for (std::size_t i = 0; i < plan.appliances.size(); ++i) {
        const Appliance& a = plan.appliances[i];
        if (!runsOnMains(a, slot)) {
            continue;
        }
        if (a.runs == Runs::WithOthers) {
            together.push_back({i, wattsUsed(a) * static_cast<double>(countNow(a))});
        } else if (!alone || wattsUsed(a) > alone->watts) {
            alone = Running{i, wattsUsed(a)};
        }
    }
    if (alone) {
        together.push_back(*alone);
    }
    return together;
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
    const auto units = static_cast<double>(countNow(appliance));
    for (std::size_t slot = 0; slot < kDaySlots; ++slot) {
        double on = 0.0;
        for (const Use& use : appliance.uses) {
            on += coverage(use, slot) * use.duty;
        }
        profile[slot] += wattsUsed(appliance) * (on * units);
        profile[slot] += appliance.standby * (std::max(0.0, 1.0 - on) * units);
    }
}

BusiestQuarter busiestQuarter(const Plan& plan) {
    BusiestQuarter busiest;
    for (std::size_t slot = 0; slot < kDaySlots; ++slot) {
        std::vector<Running> running = runningIn(plan, slot);
        Watts sum;
        for (const Running& r : running) {
            sum += r.watts;
        }
        if (sum > busiest.peak) {
            busiest = {slot, sum, std::move(running)};
        }
    }
    return busiest;
}

}  // namespace spirk
