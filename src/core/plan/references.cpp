// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/references.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/shortened.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

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

Error unknownFamily(const std::string& id, std::string where, const Libraries& libraries) {
    return {{"The fuse family '{id}' is not known."_text, {{"id", shortened(id, kMostShownId)}}},
            std::move(where),
            {"Use one of {all}."_text, {{"all", familiesOf(libraries.regions.front())}}}};
}

void addUnknownFamilies(const Plan& plan, const Libraries& libraries, std::vector<Error>& out) {
    const auto hold = [&](const std::string& id, std::string where) {
        if (!id.empty() && !isFamily(libraries, id)) {
            out.push_back(unknownFamily(id, std::move(where), libraries));
        }
    };
    for (std::size_t i = 0; i < plan.amendments.size(); ++i) {
        if (const auto* fuse = std::get_if<SetFuse>(&plan.amendments[i])) {
            hold(fuse->family, fmt::format("amendments[{}].family", i));
        } else if (const auto* put = std::get_if<PutInProtection>(&plan.amendments[i])) {
            hold(put->family, fmt::format("amendments[{}].family", i));
        }
    }
    for (std::size_t i = 0; i < plan.own.hardware.size(); ++i) {
        hold(plan.own.hardware[i].fuses, fmt::format("own_gear.hardware[{}].fuses", i));
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
