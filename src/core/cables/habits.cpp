// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/habits.h"

#include <algorithm>
#include <map>
#include <set>

#include "core/cables/fittings.h"
#include "core/cables/fuse_curve.h"

namespace spirk {

namespace {

const Device& deviceAt(const SizingTask& task, const EndAt& end) {
    return task.circuit().devices[end.device];
}

// Half of the continuous limit of the battery that a conductor ends at.
Amps halfLimit(const SizingTask& task, std::size_t index) {
    const EndsAt& ends = task.circuit().index->ends[index];
    Amps limit;
    for (const EndAt& end : {ends.from, ends.to}) {
        const Device& d = deviceAt(task, end);
        limit = d.kind == DeviceKind::Battery ? std::max(limit, d.rating) : limit;
    }
    return limit * rule(task.library, "battery_fuse_part").value;
}

// The rating that would stand there: of any family, the next one up.
Amps fuseFor(const SizingTask& task, Amps needed) {
    std::optional<Amps> best;
    for (const FuseFamily& family : task.library.fuses) {
        const auto rating = ratingFor(family, needed);
        best = rating && (!best || *rating < *best) ? rating : best;
    }
    return best.value_or(needed);
}

bool isLoad(const Device& d) {
    return d.kind == DeviceKind::Load || d.kind == DeviceKind::LoadSwitch;
}

const Appliance* applianceOf(const SizingTask& task, const Device& d) {
    if (!d.appliance) {
        return nullptr;
    }
    const auto found = std::ranges::find(task.plan.appliances, *d.appliance, &Appliance::id);
    return found == task.plan.appliances.end() ? nullptr : &*found;
}

// A lead of one load alone: its tail, or a circuit that has no other.
bool ofOneLamp(const SizingTask& task, const Device& far) {
    const Appliance* a = applianceOf(task, far);
    return a != nullptr && a->category == Category::Lighting && a->count == 1;
}

// The conductor of a small circuit: what leads from a way of a block towards a load.
std::optional<const char*> circuitRule(const SizingTask& task, std::size_t index) {
    const Conductor& c = task.circuit().conductors[index];
    if (c.side != Side::House || c.purpose == Purpose::Signal || c.purpose == Purpose::Bond) {
        return std::nullopt;
    }
    const EndsAt& ends = task.circuit().index->ends[index];
    const Device& from = deviceAt(task, ends.from);
    const Device& to = deviceAt(task, ends.to);
    if (isLoad(from) || isLoad(to)) {
        return ofOneLamp(task, isLoad(to) ? to : from) ? "lamp_min_mm2" : "circuit_min_mm2";
    }
    const bool strip = from.kind == DeviceKind::Strip || to.kind == DeviceKind::Strip;
    return strip ? std::optional("circuit_min_mm2") : std::nullopt;
}

// Conductors by what they are bought as: signals come with what they belong to.
bool isBoughtBySize(const SizingTask& task, std::size_t index) {
    const Conductor& c = task.circuit().conductors[index];
    return isNew(c) && c.purpose != Purpose::Signal && c.ready.empty();
}

// Of each size, the length that is used of it.
std::map<std::size_t, Metres> usedLengths(const SizingTask& task, const SizingState& state) {
    std::map<std::size_t, Metres> out;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        if (isBoughtBySize(task, i)) {
            out[state.conductors[i].computed] += task.lengths.routes[i].length;
        }
    }
    return out;
}

// Judgement: a size three times as thick is no replacement.
constexpr double kNearBy = 3.0;

bool raiseAll(const SizingTask& task, SizingState& state, std::size_t from, std::size_t to) {
    std::vector<std::size_t> members;
    for (std::size_t i = 0; i < state.conductors.size(); ++i) {
        if (isBoughtBySize(task, i) && state.conductors[i].computed == from) {
            members.push_back(i);
        }
    }
    const bool all = std::ranges::all_of(members, [&](std::size_t i) {
        return fitsBoth(task, state, i, task.library.conductors[to].area);
    });
    if (!all) {
        return false;
    }
    for (const std::size_t i : members) {
        Working& w = state.conductors[i];
        w.computed = to;
        w.size = w.fixed ? w.size : to;
        w.decides = Decides::Habit;
        w.habit = habit::kFewSizes;
    }
    return true;
}

}  // namespace

std::vector<HabitSize> leastByHabit(const SizingTask& task, const SizingState&, std::size_t index) {
    std::vector<HabitSize> out;
    const Conductor& c = task.circuit().conductors[index];
    const auto least = [&](const char* id) {
        return sizeAtLeast(task, squareMillimetres(rule(task.library, id).value));
    };
    if (c.side == Side::Panels && c.pole != Pole::None && follows(task.plan, habit::kThickPanels)) {
        out.push_back({least("panel_min_mm2"), habit::kThickPanels});
    }
    const auto small = circuitRule(task, index);
    if (small && follows(task.plan, habit::kSmallCircuits)) {
        out.push_back({least(*small), habit::kSmallCircuits});
    }
    // A small load that is always on has a fuse of its own at the battery: no lead of the battery.
    const bool power = !small && c.purpose != Purpose::Signal && c.side == Side::House;
    if (const Amps half = halfLimit(task, index);
        power && half.si() > 0.0 && follows(task.plan, habit::kBatteryHalf)) {
        out.push_back({sizeForCurrent(task, index, fuseFor(task, half)), habit::kBatteryHalf});
    }
    return out;
}

bool raiseToFewSizes(const SizingTask& task, SizingState& state) {
    if (!follows(task.plan, habit::kFewSizes)) {
        return false;
    }
    const auto most = static_cast<std::size_t>(rule(task.library, "sizes_at_most").value);
    const Metres shortUse = metres(rule(task.library, "short_use_m").value);
    const std::map<std::size_t, Metres> used = usedLengths(task, state);
    std::set<std::size_t> candidates;
    for (const auto& [size, length] : used) {
        if (length < shortUse || used.size() > most) {
            candidates.insert(size);
        }
    }
    // The least used first; of two alike the thinner.
    std::vector<std::size_t> order(candidates.begin(), candidates.end());
    std::ranges::stable_sort(order, {}, [&](std::size_t size) { return used.at(size).si(); });
    for (const std::size_t size : order) {
        const auto next = used.upper_bound(size);
        const auto area = [&](std::size_t of) { return task.library.conductors[of].area; };
        const bool near = next != used.end() && area(next->first) / area(size) <= kNearBy;
        if (near && raiseAll(task, state, size, next->first)) {
            return true;
        }
    }
    return false;
}

}  // namespace spirk
