// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/gear/engine.h"

#include <algorithm>

#include "core/base/promise.h"

namespace spirk {

double alternatorShare(const AlternatorCurve& curve, double speedPerMinute) {
    promise(!curve.points.empty(), "an alternator curve has points");
    if (speedPerMinute <= curve.points.front().speedPerMinute) {
        return curve.points.front().share;
    }
    for (std::size_t i = 1; i < curve.points.size(); ++i) {
        const auto& low = curve.points[i - 1];
        const auto& high = curve.points[i];
        if (speedPerMinute <= high.speedPerMinute) {
            const double part =
                (speedPerMinute - low.speedPerMinute) / (high.speedPerMinute - low.speedPerMinute);
            return low.share + part * (high.share - low.share);
        }
    }
    return curve.points.back().share;
}

Amps spareAtIdle(const AlternatorCurve& curve, Amps rating, Amps ownUse) {
    const double share = alternatorShare(curve, curve.idleSpeed) * curve.hotFactor;
    return std::max(amps(0.0), rating * share - ownUse);
}

Amps dcdcInput(const DcdcModel& charger, Volts output, Amps current, Volts input) {
    promise(input.si() > 0.0, "a charger has an input voltage");
    return output * current / (charger.efficiency * input);
}

}  // namespace spirk
