// SPDX-License-Identifier: GPL-3.0-or-later
// W26: what somebody set and nobody sells there. A size counts as the next smaller one, a rating as
// it was set.

#include <algorithm>

#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

Finding notSold(const CheckInput& in, const CableRow& row, const char* id) {
    Finding f = findingOf(in, "W26", subject(row.id));
    f.id = id + (" " + row.id.value);
    return f;
}

void checkSize(const CheckInput& in, const SetSize& set, const CableRow& row, Checks& out) {
    if (row.area == set.area) {
        return;
    }
    Finding f = notSold(in, row, "SIZE");  // as plans have accepted it before
    f.what = {"{size}, as set for {conductor}, is not sold in {region}: treated as {used}."_text,
              {{"size", measure(set.area)},
               {"conductor", conductorOf(in, row).name},
               {"region", in.library.region.name},
               {"used", measure(row.area)}}};
    f.why =
        "Sizes in AWG and in mm² are different cables with ratings of their own. A size that is not sold is treated as the next smaller one, never as a larger one."_text;
    f.remedy = "Set a size that is sold there, or leave it to the computation."_text;
    f.mends = {setSize(row.id, row.area)};
    const auto larger =
        std::ranges::upper_bound(in.library.conductors, row.area, {}, &ConductorRow::area);
    if (row.area < set.area && larger != in.library.conductors.end()) {
        f.mends.push_back(setSize(row.id, larger->area));
    }
    out.findings.push_back(std::move(f));
}

// All that this conductor's fuse covers may carry so much.
bool cablesBear(const CheckInput& in, const CableRow& owner, Amps rating) {
    return std::ranges::all_of(in.cables.rows, [&](const CableRow& row) {
        return row.protectedBy != owner.id || row.ampacity >= rating;
    });
}

void checkRating(const CheckInput& in, const SetFuse& set, const CableRow& row, Checks& out) {
    const auto& fuse = set.end == End::From ? row.fuseFrom : row.fuseTo;
    if (!fuse || fuse->leftOut) {
        return;
    }
    const FuseFamily& family = familyOf(in.library, fuse->family);
    const auto next = std::ranges::lower_bound(family.ratings, set.rating);
    if (next != family.ratings.end() && *next == set.rating) {
        return;
    }
    Finding f = notSold(in, row, "W26");
    f.what = {"{rating}, as set for {conductor}, is not made as {family}."_text,
              {{"rating", measure(set.rating)},
               {"conductor", conductorOf(in, row).name},
               {"family", family.name}}};
    f.why = "It cannot be bought: what is fitted instead is not the fuse that was checked."_text;
    f.remedy = "Set a rating that exists, or leave it to the computation."_text;
    f.mends = {fitComputed(row.id, set.end)};
    // Neighbours where they serve: not below the load, not above a cable.
    if (next != family.ratings.begin() && *(next - 1) >= fuse->needed) {
        f.mends.push_back(setFuse(row.id, set.end, set.family, *(next - 1)));
    }
    if (next != family.ratings.end() && cablesBear(in, row, *next)) {
        f.mends.push_back(setFuse(row.id, set.end, set.family, *next));
    }
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks soldChecks(const CheckInput& in) {
    Checks out;
    const auto later = overruledBy(in.plan.amendments);
    for (std::size_t i = 0; i < in.plan.amendments.size(); ++i) {
        const Amendment& amendment = in.plan.amendments[i];
        const ConductorId* conductor = spirk::conductorOf(amendment);
        const CableRow* row = conductor == nullptr ? nullptr : findRow(in.cables, *conductor);
        if (later[i] || row == nullptr) {
            continue;
        }
        if (const auto* size = std::get_if<SetSize>(&amendment)) {
            checkSize(in, *size, *row, out);
        } else if (const auto* fuse = std::get_if<SetFuse>(&amendment)) {
            checkRating(in, *fuse, *row, out);
        }
    }
    return out;
}

}  // namespace spirk
