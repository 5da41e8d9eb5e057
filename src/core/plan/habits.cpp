// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/habits.h"

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"

namespace spirk {

namespace {

constexpr double kDay = 86400.0;
constexpr double kLeastSpan = 300.0;
// Times of the day that differ by less are the same.
constexpr double kSameTime = 1e-6;

// Seconds from `from` on to `to`, round the clock.
double onwards(double from, double to) {
    const double ahead = std::fmod(to - from + 2.0 * kDay, kDay);
    return ahead > kDay - kSameTime ? 0.0 : ahead;
}

// The nearer way round: below zero it is back.
double nearest(double from, double to) {
    const double ahead = onwards(from, to);
    return ahead > kDay / 2.0 ? ahead - kDay : ahead;
}

double clock(double seconds) { return std::fmod(seconds + kDay, kDay); }

// What is free before and behind a use: up to the end of the one before, and from its own end to
// the beginning of the next. All of the rest of the day where it is alone.
struct Room {
    double before = 0.0;
    double behind = 0.0;
    std::size_t next = 0;  // the use that begins next; itself where it is alone
};

Room roomOf(const std::vector<Use>& uses, std::size_t index) {
    const Use& use = uses[index];
    const double rest = kDay - use.span.si();
    Room room{rest, rest, index};
    for (std::size_t i = 0; i < uses.size(); ++i) {
        if (i == index) {
            continue;
        }
        const double end = uses[i].start.si() + uses[i].span.si();
        const double begins = onwards(use.start.si(), uses[i].start.si());
        // One that overlaps leaves no room on that side.
        const double behind = std::max(0.0, begins - use.span.si());
        room.before = std::min(room.before, onwards(end, use.start.si()));
        if (behind < room.behind) {
            room.behind = behind;
            room.next = i;
        }
    }
    return room;
}

Use& useOf(Appliance& appliance, std::size_t index) {
    promise(index < appliance.uses.size(), "the use exists");
    return appliance.uses[index];
}

}  // namespace

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

Appliance withUseMoved(Appliance appliance, std::size_t index, Seconds start) {
    Use& use = useOf(appliance, index);
    if (appliance.uses.size() == 1) {
        use.start = seconds(clock(start.si()));
        return appliance;
    }
    const Room room = roomOf(appliance.uses, index);
    const double shift = std::clamp(nearest(use.start.si(), start.si()), -room.before, room.behind);
    use.start = seconds(clock(use.start.si() + shift));
    return appliance;
}

Appliance withUseStretched(Appliance appliance, std::size_t index, Edge edge, Seconds to) {
    Use& use = useOf(appliance, index);
    const Room room = roomOf(appliance.uses, index);
    const double most = use.span.si() - kLeastSpan;  // that it can shrink by
    if (edge == Edge::Start) {
        const double shift =
            std::clamp(nearest(use.start.si(), to.si()), -room.before, std::max(0.0, most));
        use.start = seconds(clock(use.start.si() + shift));
        use.span = use.span - seconds(shift);
    } else {
        const double end = use.start.si() + use.span.si();
        const double shift = std::clamp(nearest(end, to.si()), std::min(0.0, -most), room.behind);
        use.span = use.span + seconds(shift);
    }
    return appliance;
}

Appliance withUseSplit(Appliance appliance, std::size_t index, Seconds at) {
    Use& use = useOf(appliance, index);
    const double first = onwards(use.start.si(), at.si());
    const double second = use.span.si() - first;
    if (first < kLeastSpan || second < kLeastSpan) {
        return appliance;
    }
    const Use rest{seconds(clock(use.start.si() + first)), seconds(second), use.duty};
    use.span = seconds(first);
    appliance.uses.insert(appliance.uses.begin() + static_cast<std::ptrdiff_t>(index) + 1, rest);
    return appliance;
}

Appliance withUseJoined(Appliance appliance, std::size_t index) {
    Use& use = useOf(appliance, index);
    const std::size_t next = roomOf(appliance.uses, index).next;
    if (next == index) {
        return appliance;
    }
    const Use& other = appliance.uses[next];
    const double on = (use.span * use.duty + other.span * other.duty).si();
    const double span = std::min(kDay, onwards(use.start.si(), other.start.si()) + other.span.si());
    use.span = seconds(span);
    use.duty = std::min(1.0, on / span);
    appliance.uses.erase(appliance.uses.begin() + static_cast<std::ptrdiff_t>(next));
    return appliance;
}

}  // namespace spirk
