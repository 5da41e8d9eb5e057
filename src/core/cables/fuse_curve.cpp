// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/fuse_curve.h"

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"

namespace spirk {

namespace {

double logLog(double x, double x0, double y0, double x1, double y1) {
    const double part = std::log(x / x0) / std::log(x1 / x0);
    return y0 * std::pow(y1 / y0, part);
}

Seconds constantEnergy(const EnvelopePoint& last, Seconds bound, double multiple) {
    const double ratio = last.multiple / multiple;
    return bound * (ratio * ratio);
}

}  // namespace

OpeningTime openingTime(const FuseFamily& family, Amps rating, Amps current) {
    promise(rating.si() > 0.0 && !family.envelope.empty(), "a fuse has a rating and a curve");
    const double multiple = current / rating;
    const auto& points = family.envelope;
    if (multiple < points.front().multiple) {
        return {};
    }
    const EnvelopePoint& last = points.back();
    if (multiple >= last.multiple) {
        OpeningTime out{constantEnergy(last, last.shortest, multiple), {}};
        if (last.longest) {
            out.longest = constantEnergy(last, *last.longest, multiple);
        }
        return out;
    }
    const auto high =
        std::ranges::find_if(points, [&](const EnvelopePoint& p) { return p.multiple > multiple; });
    const auto low = high - 1;
    OpeningTime out;
    out.shortest = seconds(
        logLog(multiple, low->multiple, low->shortest.si(), high->multiple, high->shortest.si()));
    if (low->longest && high->longest) {
        out.longest = seconds(logLog(
            multiple, low->multiple, low->longest->si(), high->multiple, high->longest->si()));
    }
    return out;
}

std::optional<double> letThroughA2s(const FuseFamily& family, Amps rating, Amps current) {
    const OpeningTime t = openingTime(family, rating, current);
    if (!t.longest) {
        return std::nullopt;
    }
    return current.si() * current.si() * t.longest->si();
}

Ohms fuseResistance(const FuseFamily& family, Amps rating) { return family.dropAtRating / rating; }

}  // namespace spirk
