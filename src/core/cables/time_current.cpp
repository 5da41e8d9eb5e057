// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/time_current.h"

#include <cmath>

#include "core/cables/conductor_physics.h"
#include "core/cables/fuse_curve.h"

namespace spirk {

namespace {

constexpr int kPointsPerDecade = 24;
constexpr double kLeastSeconds = 1e-3;
constexpr double kMostSeconds = 1e4;

const ChosenFuse* protecting(const Cables& cables, const CableRow& row) {
    const CableRow* owner = row.protectedBy ? findRow(cables, *row.protectedBy) : nullptr;
    return owner != nullptr && owner->fuseFrom ? &*owner->fuseFrom : nullptr;
}

// Bounds of the opening time from the first point of the family's envelope on.
void addFuse(const Library& library, const ChosenFuse& fuse, TimeCurrent& out) {
    const FuseFamily& family = familyOf(library, fuse.family);
    out.fuse = fuseText(library, fuse);
    const double first = family.envelope.front().multiple;
    const double last = fuse.interrupts / fuse.rating;
    for (double m = first; m < last; m *= std::pow(10.0, 1.0 / kPointsPerDecade)) {
        const Amps current = fuse.rating * m;
        const OpeningTime t = openingTime(family, fuse.rating, current);
        if (t.shortest) {
            out.shortest.push_back({current, *t.shortest});
        }
        if (t.longest) {
            out.longest.push_back({current, *t.longest});
        }
    }
}

void addCable(const AmpacityColumn& column, const CableRow& row, TimeCurrent& out) {
    const double energy = withstandA2s(column, row.area);
    for (double t = kLeastSeconds; t <= kMostSeconds; t *= std::pow(10.0, 2.0 / kPointsPerDecade)) {
        const Amps current = amps(std::sqrt(energy / t));
        if (current <= row.ampacity) {
            break;
        }
        out.cable.push_back({current, seconds(t)});
    }
    out.cable.push_back({row.ampacity, seconds(kMostSeconds)});
}

}  // namespace

std::optional<TimeCurrent> timeCurrentOf(const Library& library,
                                         const Circuit& circuit,
                                         const Cables& cables,
                                         const ConductorId& id) {
    const CableRow* row = findRow(cables, id);
    const Conductor* c = findConductor(circuit, id);
    if (row == nullptr || c == nullptr || !isOurs(*c) || row->ampacity.si() <= 0.0) {
        return std::nullopt;
    }
    const AmpacityColumn& column = columnOf(library, c->insulation);
    TimeCurrent out;
    out.load = row->load;
    out.ampacity = row->ampacity;
    out.faultNear = row->faultNear;
    out.faultFar = row->faultFar;
    addCable(column, *row, out);
    const ChosenFuse* fuse = protecting(cables, *row);
    if (fuse == nullptr || fuse->rating.si() <= 0.0) {
        return out;
    }
    out.fuseAt = *row->protectedBy;
    addFuse(library, *fuse, out);
    if (row->faultFar.si() > 0.0) {
        out.opensWithin =
            openingTime(familyOf(library, fuse->family), fuse->rating, row->faultFar).longest;
        const double current = row->faultFar.si();
        out.bears = seconds(withstandA2s(column, row->area) / (current * current));
    }
    return out;
}

}  // namespace spirk
