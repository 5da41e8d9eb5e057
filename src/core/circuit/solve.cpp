// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/circuit/equations.h"
#include "core/circuit/prune.h"

namespace spirk {

namespace {

constexpr int kMostHalvings = 12;
constexpr int kMostLeaps = 20;
constexpr int kServableSteps = 24;

std::size_t at(int node) { return static_cast<std::size_t>(node); }

struct NewtonResult {
    bool converged = false;
    int iterations = 0;
    Vector v;
};

// One Newton step with halving until the residual shrinks; false when nothing helps.
bool step(Equations& eq, double scale, Vector& v, Vector& f) {
    if (!eq.factorise(v, scale)) {
        return false;
    }
    const Vector delta = eq.newtonStep(f);
    const double before = f.norm();
    for (int halving = 0; halving < kMostHalvings; ++halving) {
        const double part = std::ldexp(1.0, -halving);
        const Vector next = v - part * delta;
        Vector residual = eq.residual(next, scale);
        if (residual.allFinite() && residual.norm() < before * (1.0 - 1e-4 * part)) {
            v = next;
            f = std::move(residual);
            return true;
        }
    }
    return false;
}

// The whole step whatever comes of it: out of a corner of some limit, before which every step looks
// worse. False where there is none.
bool leap(Equations& eq, double scale, Vector& v, Vector& f) {
    if (!eq.factorise(v, scale)) {
        return false;
    }
    v -= eq.newtonStep(f);
    f = eq.residual(v, scale);
    return f.allFinite();
}

NewtonResult newton(Equations& eq, double scale, const Vector& start) {
    NewtonResult out;
    out.v = start;
    if (eq.size() == 0) {
        out.converged = true;
        return out;
    }
    Vector f = eq.residual(out.v, scale);
    int leaps = 0;
    for (; out.iterations < kMostIterations; ++out.iterations) {
        const double tolerance =
            std::max(kCurrentTolerance * eq.currentScale(out.v, scale), eq.rounding(out.v));
        if (f.lpNorm<Eigen::Infinity>() <= tolerance) {
            out.converged = true;
            return out;
        }
        if (step(eq, scale, out.v, f)) {
            continue;
        }
        // At the limit of rounding no step shrinks the residual further.
        out.converged = f.lpNorm<Eigen::Infinity>() <= 1e3 * tolerance;
        if (out.converged || leaps++ == kMostLeaps || !leap(eq, scale, out.v, f)) {
            return out;
        }
    }
    return out;
}

// Every constant-power load that takes something sits above its floor: no solution on the
// resistance that stands in below it.
bool aboveFloor(const Network& net, const Equations& eq, const Vector& v) {
    const bool loads = std::ranges::all_of(net.loads, [&](const NetLoad& load) {
        return load.behaviour != Behaviour::Power || load.power.si() == 0.0 ||
               !eq.active(load.pos, load.neg) ||
               eq.across(v, load.pos, load.neg) > eq.floorOf(load.pos);
    });
    const auto fed = [&](const auto& element) {
        const auto& in = element.input;
        return !in || !eq.active(in->pos, in->neg) ||
               eq.across(v, in->pos, in->neg) > eq.floorOf(in->pos);
    };
    return loads && std::ranges::all_of(net.chargers, fed) && std::ranges::all_of(net.sources, fed);
}

NewtonResult attempt(const Network& net, Equations& eq, double scale, const Vector& start) {
    NewtonResult out = newton(eq, scale, start);
    out.converged = out.converged && aboveFloor(net, eq, out.v);
    return out;
}

int weakest(const Network& net, const Equations& eq, const Vector& v) {
    int index = -1;
    double lowest = 0.0;
    for (std::size_t i = 0; i < net.loads.size(); ++i) {
        const NetLoad& load = net.loads[i];
        if (load.behaviour != Behaviour::Power || !eq.active(load.pos, load.neg)) {
            continue;
        }
        const double u = eq.across(v, load.pos, load.neg);
        if (index < 0 || u < lowest) {
            index = static_cast<int>(i);
            lowest = u;
        }
    }
    return index;
}

void fillCurrents(const Network& net, const Equations& eq, const Vector& v, Solution& out) {
    for (int node = 0; node < net.nodes; ++node) {
        out.node.push_back(volts(eq.voltage(v, node)));
        const int part = eq.parts().part[at(node)];
        out.part.push_back(eq.parts().hasSource[at(part)] ? part : -1);
    }
    for (const Resistor& r : net.resistors) {
        out.resistor.push_back(out.across(r.a, r.b) / r.resistance);
    }
    for (const VoltageSource& s : net.sources) {
        out.source.push_back((s.emf - out.across(s.pos, s.neg)) / s.resistance -
                             amps(eq.missingAt(s, v).current));
        out.sourceInput.push_back(s.input ? watts(eq.given(s, v) / s.input->efficiency) /
                                                out.across(s.input->pos, s.input->neg)
                                          : amps(0.0));
    }
    for (const NetLoad& load : net.loads) {
        const double u = eq.across(v, load.pos, load.neg);
        const bool on = eq.active(load.pos, load.neg);
        const Branch b = on ? loadBranch(load, u, out.servable, eq.floorOf(load.pos)) : Branch{};
        out.load.push_back(amps(b.current));
    }
    for (const Charger& c : net.chargers) {
        const auto through = eq.active(c.pos, c.neg) ? eq.passed(c, v) : Equations::Passed{};
        out.charger.push_back(amps(through.given.current));
        out.chargerInput.push_back(amps(through.drawn.current));
    }
}

Solution solveWhole(const Network& network) {
    Equations eq(network);
    const Vector start = eq.start();
    NewtonResult best = attempt(network, eq, 1.0, start);
    Solution out;
    out.iterations = best.iterations;
    if (!best.converged) {
        out.served = false;
        // The largest part that can be served, by bisection from an idle network upwards.
        double low = 0.0;
        double high = 1.0;
        best = attempt(network, eq, 0.0, start);
        for (int i = 0; i < kServableSteps; ++i) {
            const double middle = 0.5 * (low + high);
            NewtonResult next = attempt(network, eq, middle, best.v);
            out.iterations += next.iterations;
            if (next.converged) {
                low = middle;
                best = std::move(next);
            } else {
                high = middle;
            }
        }
        out.servable = low;
        out.weakestLoad = weakest(network, eq, best.v);
    }
    fillCurrents(network, eq, best.v, out);
    return out;
}

}  // namespace

Solution solve(const Network& network) {
    const Pruned rest = pruned(network);
    return expanded(network, rest, solveWhole(rest.network));
}

}  // namespace spirk
