// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A fuse family's time-current envelope, interpolated log-log between its points. Right of the last
// point both bounds go on with that point's I^2 t (judgement, up to the interrupting capacity).

#include <optional>

#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

struct OpeningTime {
    std::optional<Seconds> shortest;  // nothing: below the first point, where no bound is published
    std::optional<Seconds> longest;   // nothing: it need not open at all
};

// Requires rating > 0. Law: neither bound rises with the current.
[[nodiscard]] OpeningTime openingTime(const FuseFamily& family, Amps rating, Amps current);

// Largest I^2 t that passes before it opens; nothing where it need not open.
[[nodiscard]] std::optional<double> letThroughA2s(const FuseFamily& family,
                                                  Amps rating,
                                                  Amps current);

// Fuse and holder as a resistance: drop at rating over rating.
[[nodiscard]] Ohms fuseResistance(const FuseFamily& family, Amps rating);

}  // namespace spirk
