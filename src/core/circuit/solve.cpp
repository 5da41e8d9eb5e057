// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/promise.h"
#include "core/circuit/network.h"
#include "core/circuit/nodal.h"
#include "core/circuit/prune.h"

namespace spirk {

namespace {

// Below this part of the highest emf a constant-power load has left the branch that exists.
constexpr double kCollapse = 0.2;
constexpr int kMostHalvings = 12;
constexpr int kServableSteps = 24;
// Judgement: so many terms meet at a node of a van, each rounded.
constexpr double kRoundings = 16.0;

std::size_t at(int node) { return static_cast<std::size_t>(node); }

using Vector = Eigen::VectorXd;

// Current of an element as a function of its voltage, and the slope.
struct Branch {
    double current = 0.0;
    double slope = 0.0;  // dI/dV
};

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

Branch chargerBranch(const Charger& charger, double v) {
    const double regulated = (charger.set.si() - v) / kRegulatorOhms;
    if (regulated <= 0.0) {
        return {0.0, 0.0};
    }
    const double byPower = v > 1.0 ? charger.maxPower.si() / v : charger.maxPower.si();
    const double limit = std::min(charger.maxCurrent.si(), byPower);
    if (regulated < limit) {
        return {regulated, -1.0 / kRegulatorOhms};
    }
    const bool power = byPower < charger.maxCurrent.si();
    return {limit, power && v > 1.0 ? -byPower / v : 0.0};
}

// The equations of one network: unknowns are the voltages of all nodes but the parts' references.
class Equations {
public:
    explicit Equations(const Network& network)
        : net_(network), nodal_(network), linear_(nodal_.matrix(patternEntries())) {
        factor_.analyzePattern(linear_);
        jacobian_ = linear_;
    }

    [[nodiscard]] const Parts& parts() const { return nodal_.parts; }
    [[nodiscard]] int size() const { return nodal_.size; }
    [[nodiscard]] bool active(int pos, int neg) const { return connected(nodal_.parts, pos, neg); }
    [[nodiscard]] double voltage(const Vector& v, int node) const { return nodal_.value(v, node); }
    [[nodiscard]] double across(const Vector& v, int pos, int neg) const {
        return voltage(v, pos) - voltage(v, neg);
    }
    [[nodiscard]] double floorOf(int node) const {
        return kCollapse * parts().highest[at(parts().part[at(node)])].si();
    }

    // Power drawn at each charger's input when its output is as at `v`.
    [[nodiscard]] std::vector<double> inputPowers(const Vector& v) const {
        std::vector<double> out;
        for (const Charger& c : net_.chargers) {
            const double u = across(v, c.pos, c.neg);
            const bool draws = c.input && active(c.pos, c.neg);
            out.push_back(draws ? chargerBranch(c, u).current * u / c.input->efficiency : 0.0);
        }
        return out;
    }

    // What a converter gives at `v`: never less than nothing.
    [[nodiscard]] double given(const VoltageSource& s, const Vector& v) const {
        const double u = across(v, s.pos, s.neg);
        return std::max(0.0, (s.emf.si() - u) / s.resistance.si() * u);
    }

    // Sum of currents leaving each unknown node.
    [[nodiscard]] Vector residual(const Vector& v, double scale) const {
        Vector f = linear_.selfadjointView<Eigen::Upper>() * v - nodal_.injected;
        forBranches(v, scale, [&](int pos, int neg, Branch b) {
            nodal_.addTo(f, pos, b.current);
            nodal_.addTo(f, neg, -b.current);
        });
        return f;
    }

    // Factorises the Jacobian at `v`; false where it is singular.
    [[nodiscard]] bool factorise(const Vector& v, double scale) {
        jacobian_ = linear_;
        forBranches(v, scale, [&](int pos, int neg, Branch b) {
            nodal_.addTo(jacobian_, pos, neg, b.slope);
        });
        factor_.factorize(jacobian_);
        return factor_.info() == Eigen::Success;
    }
    [[nodiscard]] Vector newtonStep(const Vector& f) const { return factor_.solve(f); }

    // Largest current anywhere, to measure residuals by.
    [[nodiscard]] double currentScale(const Vector& v, double scale) const {
        double largest = 1e-3;
        for (const Resistor& r : net_.resistors) {
            largest = std::max(largest, std::fabs(across(v, r.a, r.b) / r.resistance.si()));
        }
        forBranches(v, scale, [&](int, int, Branch b) {
            largest = std::max(largest, std::fabs(b.current));
        });
        return largest;
    }

    // What sums of currents cannot be told from zero at `v`: rounding of the largest of their
    // terms.
    [[nodiscard]] double rounding(const Vector& v) const {
        const double stiffest = linear_.diagonal().lpNorm<Eigen::Infinity>();
        return kRoundings * std::numeric_limits<double>::epsilon() * stiffest *
               v.lpNorm<Eigen::Infinity>();
    }

    // Start: the network with its constant currents only. Every other load draws more, so that this
    // lies above the solution sought, on the high-voltage branch.
    [[nodiscard]] Vector start() {
        if (size() == 0) {
            return {};
        }
        factor_.factorize(linear_);
        promise(factor_.info() == Eigen::Success, "a connected network factorises");
        Vector injected = nodal_.injected;
        for (const NetLoad& load : net_.loads) {
            if (load.behaviour == Behaviour::Current && active(load.pos, load.neg)) {
                nodal_.addTo(injected, load.pos, -load.current.si());
                nodal_.addTo(injected, load.neg, load.current.si());
            }
        }
        return factor_.solve(injected);
    }

private:
    template <class Visit>
    void forBranches(const Vector& v, double scale, Visit visit) const {
        for (const NetLoad& load : net_.loads) {
            if (active(load.pos, load.neg)) {
                const double u = across(v, load.pos, load.neg);
                visit(load.pos, load.neg, loadBranch(load, u, scale, floorOf(load.pos)));
            }
        }
        for (const Charger& c : net_.chargers) {
            if (!active(c.pos, c.neg)) {
                continue;
            }
            const double u = across(v, c.pos, c.neg);
            const Branch out = chargerBranch(c, u);
            visit(c.pos, c.neg, Branch{-out.current, -out.slope});
            if (c.input) {
                visitInput(v, *c.input, out.current * u, visit);
            }
        }
        for (const VoltageSource& s : net_.sources) {
            if (s.input) {
                visitInput(v, *s.input, given(s, v), visit);
            }
        }
    }

    // An input draws what is given elsewhere. That it hangs on the voltages there is left out of
    // the slope: Newton's steps are then not the best, but their residual is exact.
    template <class Visit>
    void visitInput(const Vector& v, const PowerInput& in, double given, Visit visit) const {
        if (!active(in.pos, in.neg)) {
            return;
        }
        const NetLoad input{in.pos, in.neg, Behaviour::Power, watts(given / in.efficiency), {}, {}};
        const double w = across(v, input.pos, input.neg);
        visit(input.pos, input.neg, loadBranch(input, w, 1.0, floorOf(input.pos)));
    }

    // The linear part with a place for every slope that a load or charger may add, so that one
    // ordering serves all factorisations.
    [[nodiscard]] Nodal::Entries patternEntries() const {
        Nodal::Entries entries = nodal_.entries;
        for (const NetLoad& load : net_.loads) {
            nodal_.stamp(entries, load.pos, load.neg, 0.0);
        }
        for (const Charger& c : net_.chargers) {
            nodal_.stamp(entries, c.pos, c.neg, 0.0);
            if (c.input) {
                nodal_.stamp(entries, c.input->pos, c.input->neg, 0.0);
            }
        }
        for (const VoltageSource& s : net_.sources) {
            if (s.input) {
                nodal_.stamp(entries, s.input->pos, s.input->neg, 0.0);
            }
        }
        return entries;
    }

    const Network& net_;
    Nodal nodal_;
    NodalMatrix linear_;
    NodalMatrix jacobian_;
    NodalFactor factor_;
};

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

NewtonResult newton(Equations& eq, double scale, const Vector& start) {
    NewtonResult out;
    out.v = start;
    if (eq.size() == 0) {
        out.converged = true;
        return out;
    }
    Vector f = eq.residual(out.v, scale);
    for (; out.iterations < kMostIterations; ++out.iterations) {
        const double tolerance =
            std::max(kCurrentTolerance * eq.currentScale(out.v, scale), eq.rounding(out.v));
        if (f.lpNorm<Eigen::Infinity>() <= tolerance) {
            out.converged = true;
            return out;
        }
        if (!step(eq, scale, out.v, f)) {
            // At the limit of rounding no step shrinks the residual further.
            out.converged = f.lpNorm<Eigen::Infinity>() <= 1e3 * tolerance;
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
        out.source.push_back((s.emf - out.across(s.pos, s.neg)) / s.resistance);
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
    const std::vector<double> inputs = eq.inputPowers(v);
    for (std::size_t i = 0; i < net.chargers.size(); ++i) {
        const Charger& c = net.chargers[i];
        const bool on = eq.active(c.pos, c.neg);
        out.charger.push_back(
            amps(on ? chargerBranch(c, eq.across(v, c.pos, c.neg)).current : 0.0));
        const bool draws = on && c.input && eq.active(c.input->pos, c.input->neg);
        out.chargerInput.push_back(
            draws ? watts(inputs[i]) / volts(eq.across(v, c.input->pos, c.input->neg)) : amps(0.0));
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
