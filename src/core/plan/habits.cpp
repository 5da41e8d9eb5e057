// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/habits.h"

#include <algorithm>
#include <cmath>

#include "core/result/promise.h"

namespace spirk {

namespace {
constexpr double kDay = 86400.0;
}

Appliance withOnTime(Appliance appliance, Seconds total) {
    promise(total.si() >= 0.0 && total.si() <= kDay, "an appliance is on for 0 to 24 hours a day");
    Seconds now;
    for (const Use& use : appliance.uses) {
        now += use.span * use.duty;
    }
    if (appliance.uses.empty() || now.si() <= 0.0) {
        appliance.uses = {{hours(19), total, 1.0}};
        return appliance;
    }
    const double factor = total / now;
    for (Use& use : appliance.uses) {
        const double duty = use.duty * factor;
        if (use.duty < 1.0 && duty <= 1.0) {
            use.duty = duty;
            continue;
        }
        // Beyond full duty the span grows instead.
        const double grown = use.span.si() * (use.duty < 1.0 ? duty : factor);
        use.span = seconds(std::min(kDay, grown));
        use.duty = use.duty < 1.0 ? 1.0 : use.duty;
    }
    return appliance;
}

Appliance withStart(Appliance appliance, Seconds start) {
    if (appliance.uses.empty()) {
        return appliance;
    }
    const double shift = (start - appliance.uses.front().start).si();
    for (Use& use : appliance.uses) {
        const double moved = std::fmod(use.start.si() + shift + kDay, kDay);
        use.start = seconds(moved);
    }
    return appliance;
}

}  // namespace spirk
