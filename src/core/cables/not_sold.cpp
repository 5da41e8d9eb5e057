// SPDX-License-Identifier: GPL-3.0-or-later
// W26: what somebody set and the region does not sell. A size counts as the next smaller one, a
// rating as it was set.

#include <algorithm>

#include "core/cables/sizing.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

Finding findingOf(const SizingTask& task, const ConductorId& conductor, const std::string& id) {
    Finding f;
    f.id = id;
    f.rule = "W26";
    f.severity = basis(task.library, "W26").severity;
    f.standing = basis(task.library, "W26").standing;
    f.source = basis(task.library, "W26").source;
    f.where = {subject(conductor)};
    return f;
}

Mend setting(const Amendment& amendment, const Value& shown) {
    return {{"Use {what}"_text, {{"what", shown}}}, {Amend{amendment}}};
}

std::optional<Finding> size(const SizingTask& task, const SetSize& set) {
    const auto& sold = task.library.conductors;
    const std::size_t row = sizeAtMost(task, set.area);
    const SquareMetres used = sold[row].area;
    if (used == set.area) {
        return std::nullopt;
    }
    Finding f = findingOf(task, set.conductor, "SIZE " + set.conductor.value);
    f.what = {"{size}, as set for {conductor}, is not sold in {region}: reckoned as {used}."_text,
              {{"size", measure(set.area)},
               {"conductor", findConductor(task.circuit(), set.conductor)->name},
               {"region", task.library.region.name},
               {"used", measure(used)}}};
    f.why =
        "Sizes by gauge and by mm² are different cables, with their own ratings. What is there is "
        "taken for the next smaller one, never for more than it is."_text;
    f.remedy = "Set a size that is sold there, or leave the size to the computation."_text;
    f.mends = {setting(SetSize{set.conductor, used}, measure(used))};
    if (used < set.area && row + 1 < sold.size()) {
        const SquareMetres next = sold[row + 1].area;
        f.mends.push_back(setting(SetSize{set.conductor, next}, measure(next)));
    }
    return f;
}

std::optional<Finding> rating(const SizingTask& task, const Cables& cables, const SetFuse& set) {
    const CableRow* row = findRow(cables, set.conductor);
    const auto& fuse = set.end == End::From ? row->fuseFrom : row->fuseTo;
    if (!fuse || fuse->leftOut) {
        return std::nullopt;
    }
    const FuseFamily& family = familyOf(task.library, fuse->family);
    const auto next = std::ranges::lower_bound(family.ratings, set.rating);
    if (next != family.ratings.end() && *next == set.rating) {
        return std::nullopt;
    }
    Finding f = findingOf(task, set.conductor, "W26 " + set.conductor.value);
    f.what = {"{rating}, as set for {conductor}, is not made as {family}."_text,
              {{"rating", measure(set.rating)},
               {"conductor", findConductor(task.circuit(), set.conductor)->name},
               {"family", family.name}}};
    f.why = "Nobody can buy it: what is fitted in its place is another fuse than was judged."_text;
    f.remedy = "Set a rating that is made, or leave the fuse to the computation."_text;
    const auto offer = [&](Amps made) {
        f.mends.push_back(
            setting(SetFuse{set.conductor, set.end, set.family, made}, measure(made)));
    };
    if (next != family.ratings.begin()) {
        offer(*(next - 1));
    }
    if (next != family.ratings.end()) {
        offer(*next);
    }
    return f;
}

}  // namespace

std::vector<Finding> notSold(const SizingTask& task, const Cables& cables) {
    std::vector<Finding> out;
    const std::vector<bool> earlier = overruled(task.plan.amendments);
    for (std::size_t i = 0; i < task.plan.amendments.size(); ++i) {
        const Amendment& amendment = task.plan.amendments[i];
        if (earlier[i] || findConductor(task.circuit(), conductorOf(amendment)) == nullptr) {
            continue;
        }
        std::optional<Finding> found;
        if (const auto* set = std::get_if<SetSize>(&amendment)) {
            found = size(task, *set);
        } else if (const auto* fuse = std::get_if<SetFuse>(&amendment)) {
            found = rating(task, cables, *fuse);
        }
        if (found) {
            out.push_back(std::move(*found));
        }
    }
    return out;
}

}  // namespace spirk
