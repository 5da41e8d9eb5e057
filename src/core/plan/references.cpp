// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/references.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/shortened.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

constexpr std::size_t kMostShownId = 60;

bool isFamily(const Libraries& libraries, const std::string& family) {
    return std::ranges::any_of(libraries.regions, [&](const Library& library) {
        return findById(library.fuses, family) != nullptr;
    });
}

std::string familiesOf(const Library& library) {
    std::string out;
    for (const FuseFamily& family : library.fuses) {
        out += (out.empty() ? "'" : ", '") + family.id + "'";
    }
    return out;
}

void addUnknownFamilies(const Plan& plan, const Libraries& libraries, std::vector<Error>& out) {
    for (std::size_t i = 0; i < plan.amendments.size(); ++i) {
        const auto* fuse = std::get_if<SetFuse>(&plan.amendments[i]);
        if (fuse != nullptr && !fuse->family.empty() && !isFamily(libraries, fuse->family)) {
            out.push_back(
                {{"The fuse family '{id}' is not known."_text,
                  {{"id", shortened(fuse->family, kMostShownId)}}},
                 fmt::format("amendments[{}].family", i),
                 {"Use one of {all}."_text, {{"all", familiesOf(libraries.regions.front())}}}});
        }
    }
}

}  // namespace

std::vector<Error> badReferences(const Plan& plan, const Libraries& libraries) {
    std::vector<Error> out;
    addUnknownFamilies(plan, libraries, out);
    forEachKind(plan.own, [&](const auto& kind, const auto& list) {
        for (std::size_t i = 0; i < list.size(); ++i) {
            if (isLibraryGear(list[i], libraries)) {
                out.push_back({{"The library has gear of the id '{id}' already."_text,
                                {{"id", shortened(list[i].id, kMostShownId)}}},
                               fmt::format("own_gear.{}[{}].id", kind.list, i),
                               "Give your own another id, there and where it is chosen."_text});
            }
        }
    });
    return out;
}

PlanReading known(PlanReading reading, const Libraries& libraries) {
    if (reading.plan) {
        reading.problems = badReferences(*reading.plan, libraries);
        if (!reading.problems.empty()) {
            reading.plan.reset();
        }
    }
    return reading;
}

PlanReading openPlan(const std::string& path, const Libraries& libraries) {
    return known(loadPlan(path), libraries);
}

}  // namespace spirk
