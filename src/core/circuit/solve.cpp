// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>
#include <limits>

#include "core/circuit/equations.h"
#include "core/circuit/node_index.h"
#include "core/circuit/prune.h"

namespace spirk {

namespace {

constexpr int kMostHalvings = 12;
constexpr int kMostLeaps = 20;
constexpr int kServableSteps = 24;

struct NewtonResult {
    bool converged = false;
    bool high = false;  // and on the branch of high volts
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

// As if each node had a capacitor that is charged from where the search began: slow, and it ends
// where the network would settle, on the branch that is stable, whatever corners limits have. The
// steps grow as it comes to rest.
constexpr int kMostSettling = 200;
constexpr double kFirstDamping = 100.0;  // S
NewtonResult settle(Equations& eq, double scale, const Vector& start) {
    NewtonResult out;
    out.v = start;
    Vector f = eq.residual(out.v, scale);
    double damping = kFirstDamping;
    for (; out.iterations < kMostSettling; ++out.iterations) {
        const double tolerance =
            std::max(kCurrentTolerance * eq.currentScale(out.v, scale), eq.rounding(out.v));
        if (f.lpNorm<Eigen::Infinity>() <= tolerance) {
            out.converged = true;
            return out;
        }
        if (!eq.factorise(out.v, scale, damping)) {
            return out;
        }
        out.v -= eq.newtonStep(f);
        const double before = f.norm();
        f = eq.residual(out.v, scale);
        if (!f.allFinite()) {
            return out;
        }
        damping *= std::clamp(f.norm() / before, 0.5, 2.0);
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

// Whether an input eases off because its supply is low: what would be drawn at higher volts is
// more, so that a solution there may exist as well.
bool starved(const Network& net, const Equations& eq, const Vector& v) {
    return std::ranges::any_of(net.chargers, [&](const Charger& c) {
        const auto& in = c.input;
        return in && in->fold && eq.active(c.pos, c.neg) && eq.active(in->pos, in->neg) &&
               eq.across(v, in->pos, in->neg) < in->fold->full.si();
    });
}

bool isHigh(const Network& net, Equations& eq, double scale, const NewtonResult& found) {
    return found.converged && aboveFloor(net, eq, found.v) &&
           (eq.size() == 0 || eq.stable(found.v, scale));
}

// A stiff regulator that has a limit is the sharpest corner there is. With soft ones the network
// finds to its place, and keeps it while they get stiff.
NewtonResult softly(const Network& net, Equations& eq, double scale, const Vector& start) {
    NewtonResult soft{false, false, 0, start};
    for (const double slope : {0.1, 0.02, 4e-3, 8e-4, kRegulatorOhms}) {
        eq.regulate(slope);
        NewtonResult next = settle(eq, scale, soft.v);
        if (!next.converged) {
            next = newton(eq, scale, soft.v);
        }
        next.iterations += soft.iterations;
        soft = std::move(next);
    }
    eq.regulate(kRegulatorOhms);
    soft.high = isHigh(net, eq, scale, soft);
    return soft;
}

// From no charger giving anything to all of them, in steps that never leap: the longest way, and
// the one that does not leave its branch.
NewtonResult ledUp(const Network& net, Equations& eq, double scale, const Vector& start) {
    constexpr double kStep = 1.0 / 16;
    constexpr double kLeastStep = 1.0 / 4096;
    constexpr double kLeap = 1.0;  // V
    constexpr double kFirst = 1e-6;
    NewtonResult led{false, false, 0, start};
    double part = 0.0;
    double step = kFirst;
    constexpr int kMost = 600;
    while (part < 1.0 && led.iterations < kMost) {
        const double next = std::min(1.0, part + step);
        eq.allow(next);
        NewtonResult found = newton(eq, scale, led.v);
        if (!found.converged) {
            found = softly(net, eq, scale, led.v);
        }
        const bool first = part <= 0.0;
        const bool leaps = (found.v - led.v).lpNorm<Eigen::Infinity>() > kLeap;
        led.iterations += found.iterations;
        if (found.converged && (first || !leaps)) {
            found.iterations = led.iterations;
            led = std::move(found);
            part = next;
            step = first ? kStep : std::min(2.0 * step, kStep);
        } else if (first || (step /= 2.0) < kLeastStep) {
            break;
        }
    }
    eq.allow(1.0);
    led.high = part >= 1.0 && isHigh(net, eq, scale, led);
    return led;
}

// How far to go for a solution: while the most that can be served is searched, each part is tried
// from the last, which is near.
enum class Search { Near, Far };

NewtonResult attempt(
    const Network& net, Equations& eq, double scale, const Vector& start, Search search) {
    NewtonResult out = newton(eq, scale, start);
    out.high = isHigh(net, eq, scale, out);
    if (search == Search::Near) {
        return out;
    }
    const bool doubtful = !out.high || starved(net, eq, out.v);
    if (!doubtful || eq.size() == 0) {
        return out;
    }
    // Slower, and down from above: it comes to the highest first.
    const auto better = [&](const NewtonResult& found) {
        return found.high && (!out.high || !starved(net, eq, found.v));
    };
    for (const auto slowly : {softly, ledUp}) {
        NewtonResult found = slowly(net, eq, scale, start);
        if (better(found)) {
            return found;
        }
    }
    return out;
}

// How fast the volts move with the loads.
double sensitivity(Equations& eq, double scale, const Vector& v) {
    if (!eq.factorise(v, scale)) {
        return std::numeric_limits<double>::infinity();
    }
    // What the loads draw grows evenly with their scale.
    const Vector more = eq.residual(v, 1.0) - eq.residual(v, 0.0);
    return eq.newtonStep(more).norm();
}

// At the most that can be served two solutions meet, and the volts move without bound: some way
// before that a thousand times faster than on the whole way there. Where they do not, it was only
// this method that found nothing beyond.
constexpr double kAtTheLimit = 20.0;

Outcome outcomeAt(Equations& eq, const NewtonResult& idle, const NewtonResult& last, double scale) {
    if (!idle.converged) {
        return Outcome::NotConverged;
    }
    if (!idle.high || eq.size() == 0) {
        return Outcome::CannotBeServed;  // no volts where something would draw, whatever is drawn
    }
    if (scale <= 0.0) {
        return Outcome::NotConverged;
    }
    const double onTheWay = (last.v - idle.v).norm() / scale;
    return sensitivity(eq, scale, last.v) > kAtTheLimit * onTheWay ? Outcome::CannotBeServed
                                                                   : Outcome::NotConverged;
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
    NewtonResult best = attempt(network, eq, 1.0, start, Search::Far);
    Solution out;
    out.iterations = best.iterations;
    if (!best.high) {
        // The largest part that can be served, by bisection from an idle network upwards.
        double low = 0.0;
        double high = 1.0;
        const NewtonResult idle = attempt(network, eq, 0.0, start, Search::Far);
        best = idle;
        for (int i = 0; i < kServableSteps; ++i) {
            const double middle = 0.5 * (low + high);
            NewtonResult next = attempt(network, eq, middle, best.v, Search::Near);
            out.iterations += next.iterations;
            if (next.high) {
                low = middle;
                best = std::move(next);
            } else {
                high = middle;
            }
        }
        out.servable = low;
        out.outcome = outcomeAt(eq, idle, best, low);
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
