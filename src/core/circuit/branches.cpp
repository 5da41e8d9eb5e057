// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/branches.h"

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"

namespace spirk {

Branch loadBranch(const NetLoad& load, double v, double scale, double floor) {
    switch (load.behaviour) {
        case Behaviour::Power: {
            // Below the floor the curve goes on as a resistance, so that Newton can find its way
            // back; a solution there does not count as served.
            const double p = load.power.si() * scale;
            return v > floor ? Branch{p / v, -p / (v * v)}
                             : Branch{p * v / (floor * floor), p / (floor * floor)};
        }
        case Behaviour::Current:
            return {load.current.si(), 0.0};
        case Behaviour::Resistance:
            return {v / load.resistance.si(), 1.0 / load.resistance.si()};
    }
    unreachable("loadBranch");
}

Branch chargerBranch(
    const Charger& charger, double v, double power, double current, double regulator) {
    const double regulated = (charger.set.si() - v) / regulator;
    if (regulated <= 0.0) {
        return {0.0, 0.0};
    }
    const double byPower = v > 1.0 ? power / v : power;
    const double limit = std::min(current, byPower);
    if (regulated < limit) {
        return {regulated, -1.0 / regulator};
    }
    const bool powerLimits = byPower < current;
    return {limit, powerLimits && v > 1.0 ? -byPower / v : 0.0};
}

Branch missing(const VoltageSource& panels, double v) {
    const Knee& knee = *panels.knee;
    if (v >= knee.at.si()) {
        return {};
    }
    const double flat = (knee.shorted - knee.current).si() / knee.at.si();
    const double line = (panels.emf.si() - v) / panels.resistance.si();
    return {line - (knee.current.si() + flat * (knee.at.si() - v)),
            flat - 1.0 / panels.resistance.si()};
}

std::optional<Brought> brought(const PowerInput& in, double v) {
    if (in.most) {
        return Brought{in.most->si() * std::max(v, 0.0), in.most->si(), {in.most->si(), 0.0}};
    }
    if (!in.fold || v >= in.fold->full.si()) {
        return std::nullopt;
    }
    const double none = in.fold->none.si();
    if (v < none) {
        return Brought{};
    }
    const double perVolt = in.fold->power.si() / (in.fold->full.si() - none);
    return Brought{
        perVolt * (v - none), perVolt, {perVolt * (v - none) / v, perVolt * none / (v * v)}};
}

}  // namespace spirk
