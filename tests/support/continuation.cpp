// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/support/continuation.h"

#include <algorithm>
#include <memory>

#include "core/circuit/equations.h"

namespace spirk::test {

namespace {

// What everything draws and gives, in part.
Network partOf(Network n, double part) {
    for (NetLoad& load : n.loads) {
        load.power = load.power * part;
        load.current = load.current * part;
        load.resistance = load.resistance / part;
    }
    for (Charger& c : n.chargers) {
        c.maxCurrent = c.maxCurrent * part;
    }
    return n;
}

double tolerance(const Equations& eq, const Vector& v) {
    return 1e2 * std::max(kCurrentTolerance * eq.currentScale(v, 1.0), eq.rounding(v));
}

// Newton's steps, halved while they make it worse.
bool byNewton(Equations& eq, Vector& v) {
    for (int i = 0; i < 60; ++i) {
        const Vector f = eq.residual(v, 1.0);
        if (f.lpNorm<Eigen::Infinity>() <= tolerance(eq, v)) {
            return true;
        }
        if (!eq.factorise(v, 1.0)) {
            return false;
        }
        const Vector delta = eq.newtonStep(f);
        double part = 1.0;
        while (part > 1e-3 && !(eq.residual(v - part * delta, 1.0).norm() < f.norm())) {
            part /= 2.0;
        }
        v -= part * delta;
    }
    return false;
}

// As if each node had a capacitor: it comes to rest nearby, past corners of limits too.
bool byResting(Equations& eq, Vector& v) {
    double damping = 10.0;
    Vector f = eq.residual(v, 1.0);
    for (int i = 0; i < 5000; ++i) {
        if (f.lpNorm<Eigen::Infinity>() <= tolerance(eq, v)) {
            return true;
        }
        if (!eq.factorise(v, 1.0, damping)) {
            return false;
        }
        v -= eq.newtonStep(f);
        const double before = f.norm();
        f = eq.residual(v, 1.0);
        if (!f.allFinite()) {
            return false;
        }
        damping *= std::clamp(f.norm() / before, 0.7, 2.0);
    }
    return false;
}

// From where the last step ended.
bool settle(Equations& eq, Vector& v) {
    if (eq.size() == 0) {
        return true;
    }
    Vector w = v;
    if (byNewton(eq, w) || (w = v, byResting(eq, w))) {
        v = w;
        return true;
    }
    // Past a corner where regulators side by side reach their limits: soft ones first.
    w = v;
    bool settled = false;
    for (const double slope : {0.05, 0.01, 2e-3, kRegulatorOhms}) {
        eq.regulate(slope);
        settled = byNewton(eq, w) || byResting(eq, w);
    }
    v = settled ? w : v;
    return settled;
}

}  // namespace

std::optional<std::vector<double>> followedFromNoLoad(const Network& network) {
    constexpr double kFirst = 1e-6;
    constexpr double kLeastStep = 1e-5;
    double part = kFirst;
    double step = 1.0 / 16;
    Network n = partOf(network, part);
    auto eq = std::make_unique<Equations>(n);
    Vector v = eq->start();
    if (!settle(*eq, v)) {
        return std::nullopt;
    }
    while (part < 1.0) {
        const double next = std::min(1.0, part + step);
        Network more = partOf(network, next);
        auto there = std::make_unique<Equations>(more);
        Vector w = v;
        // A step that leaps is halved: a branch has no corners as large as that.
        if (settle(*there, w) && (w - v).lpNorm<Eigen::Infinity>() < 1.0) {
            v = w;
            part = next;
            step = std::min(2.0 * step, 1.0 / 16);
        } else if ((step /= 2.0) < kLeastStep) {
            return std::nullopt;
        }
    }
    const Equations whole(network);
    std::vector<double> out;
    for (int node = 0; node < network.nodes; ++node) {
        out.push_back(whole.voltage(v, node));
    }
    return out;
}

std::optional<std::vector<double>> comesBackTo(const Network& network, const Solution& solved) {
    constexpr double kPart = 0.02;
    Equations eq(network);
    const Vector idle = eq.start();
    Vector v = eq.unknowns(solved.node);
    v += kPart * (idle - v);
    if (!settle(eq, v)) {
        return std::nullopt;
    }
    std::vector<double> out;
    for (int node = 0; node < network.nodes; ++node) {
        out.push_back(eq.voltage(v, node));
    }
    return out;
}

}  // namespace spirk::test
