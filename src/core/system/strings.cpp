// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/system/strings.h"

#include <algorithm>

#include "core/base/promise.h"

namespace spirk {

namespace {

constexpr const char* kOption = "string_fuses";
// Sun that edges of clouds add (IEC 62548, NEC 690.8(A)).
constexpr double kBrightest = 1.25;

const SunUnit& ownOf(const System& gear, const SunUnit& panels) {
    if (panels.beside.value.empty()) {
        return panels;
    }
    const auto own = std::ranges::find(gear.suns, panels.beside, &SunUnit::id);
    promise(own != gear.suns.end(), "panels are beside others");
    return *own;
}

}  // namespace

const FuseFamily& stringFuseFamily(const Library& library) {
    const FuseFamily* family =
        findById(library.fuses, usualFuses(library, FuseUse::String).front());
    promise(family != nullptr, "the library has fuses for strings of panels");
    return *family;
}

ParallelStrings stringsAt(const Library& library, const System& gear, const SunUnit& panels) {
    ParallelStrings out;
    Amps all, largest;
    for (const SunUnit* p : gear.panelsAt(ownOf(gear, panels))) {
        out.number += p->parallel;
        all += p->panel->isc * static_cast<double>(p->parallel);
        largest = std::max(largest, p->panel->isc);
        const bool weaker =
            out.weakest == nullptr || p->panel->maxSeriesFuse < out.weakest->panel->maxSeriesFuse;
        out.weakest = weaker ? p : out.weakest;
    }
    out.others = (all - out.weakest->panel->isc) * kBrightest;
    out.bears = out.weakest->panel->maxSeriesFuse;
    out.least = largest * rule(library, "string_fuse_factor").value;
    const auto rating = ratingFor(stringFuseFamily(library), out.least);
    out.rating = rating && *rating <= out.bears ? rating : std::nullopt;
    return out;
}

std::optional<Amps> stringFuse(const Library& library, const System& gear, const SunUnit& panels) {
    const ParallelStrings strings = stringsAt(library, gear, panels);
    const bool without = panels.chose(kOption, "none");
    return strings.needsFuses() && !without ? strings.rating : std::nullopt;
}

}  // namespace spirk
