// SPDX-License-Identifier: GPL-3.0-or-later
#include <Eigen/LU>
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
constexpr int kMostLeaps = 20;
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

// A charger that has `power` at most.
Branch chargerBranch(const Charger& charger, double v, double power) {
    const double regulated = (charger.set.si() - v) / kRegulatorOhms;
    if (regulated <= 0.0) {
        return {0.0, 0.0};
    }
    const double byPower = v > 1.0 ? power / v : power;
    const double limit = std::min(charger.maxCurrent.si(), byPower);
    if (regulated < limit) {
        return {regulated, -1.0 / kRegulatorOhms};
    }
    const bool powerLimits = byPower < charger.maxCurrent.si();
    return {limit, powerLimits && v > 1.0 ? -byPower / v : 0.0};
}
Branch chargerBranch(const Charger& charger, double v) {
    return chargerBranch(charger, v, charger.maxPower.si());
}

// What panels give less than the line of their emf and resistance, below its end.
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

// All that an input at `v` brings, how it grows with that, and the current that it then draws.
struct Brought {
    double power = 0.0;
    double perVolt = 0.0;
    Branch drawn;
};
// Nothing: as much as is asked of it.
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

    // What a charger that is connected gives at `v` and draws at its input, and how each grows with
    // the volts at the other.
    struct Passed {
        Branch given, drawn;
        double givenByInput = 0.0, drawnByOutput = 0.0;
    };
    [[nodiscard]] Passed passed(const Charger& c, const Vector& v) const {
        const double u = across(v, c.pos, c.neg);
        const Branch asked = chargerBranch(c, u);
        if (!c.input) {
            return {asked, {}};
        }
        if (!active(c.input->pos, c.input->neg)) {
            return {};
        }
        const double w = across(v, c.input->pos, c.input->neg);
        const double wanted = asked.current * u / c.input->efficiency;
        const auto all = brought(*c.input, w);
        if (all && all->power < wanted) {
            return {chargerBranch(c, u, all->power * c.input->efficiency),
                    all->drawn,
                    all->perVolt * c.input->efficiency / std::max(u, 1.0),
                    0.0};
        }
        const double more = (asked.slope * u + asked.current) / c.input->efficiency;
        return {asked, drawing(*c.input, wanted, w), 0.0, more * perWatt(*c.input, w)};
    }

    // Out of panels' positive, less than by their line.
    [[nodiscard]] Branch missingAt(const VoltageSource& panels, const Vector& v) const {
        return panels.knee ? missing(panels, across(v, panels.pos, panels.neg)) : Branch{};
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
        if (factor_.info() != Eigen::Success) {
            return false;
        }
        couple(v);
        return true;
    }
    // By Sherman, Morrison and Woodbury: what passes power on couples two pairs of nodes in one
    // direction only, a few of them, so that the symmetric rest is factorised and these are put in
    // afterwards.
    [[nodiscard]] Vector newtonStep(const Vector& f) const {
        const Vector alone = factor_.solve(f);
        if (couplings_.empty()) {
            return alone;
        }
        const auto n = static_cast<Eigen::Index>(couplings_.size());
        Eigen::VectorXd right(n);
        for (Eigen::Index i = 0; i < n; ++i) {
            right[i] = acrossOf(alone, couplings_[static_cast<std::size_t>(i)].by);
        }
        return alone - spread_ * small_.partialPivLu().solve(right);
    }

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

    // Start: the network with its constant currents only, and all that is fed from outside holding
    // its volts. Every other load draws more, so that this lies above the solution sought, on the
    // high-voltage branch.
    [[nodiscard]] Vector start() {
        if (size() == 0) {
            return {};
        }
        jacobian_ = linear_;
        Vector injected = nodal_.injected;
        for (const Charger& c : net_.chargers) {
            if (!c.input && active(c.pos, c.neg)) {
                const double g = 1.0 / kRegulatorOhms;
                nodal_.addTo(jacobian_, c.pos, c.neg, g);
                nodal_.addTo(injected, c.pos, c.set.si() * g);
                nodal_.addTo(injected, c.neg, -c.set.si() * g);
            }
        }
        factor_.factorize(jacobian_);
        promise(factor_.info() == Eigen::Success, "a connected network factorises");
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
            const Passed through = passed(c, v);
            visit(c.pos, c.neg, Branch{-through.given.current, -through.given.slope});
            if (c.input) {
                visit(c.input->pos, c.input->neg, through.drawn);
            }
        }
        for (const VoltageSource& s : net_.sources) {
            if (s.knee) {
                visit(s.pos, s.neg, missingAt(s, v));
            }
            if (s.input && active(s.input->pos, s.input->neg)) {
                const double w = across(v, s.input->pos, s.input->neg);
                visit(s.input->pos,
                      s.input->neg,
                      drawing(*s.input, given(s, v) / s.input->efficiency, w));
            }
        }
    }

    // A current into one pair of nodes that grows with the volts across another.
    struct Pair {
        int pos = 0, neg = 0;
    };
    struct Coupling {
        Pair into, by;
        double slope = 0.0;  // of the current that leaves the network at `into`
    };
    [[nodiscard]] double acrossOf(const Vector& v, const Pair& pair) const {
        return nodal_.value(v, pair.pos) - nodal_.value(v, pair.neg);
    }
    [[nodiscard]] std::vector<Coupling> couplingsAt(const Vector& v) const {
        std::vector<Coupling> out;
        const auto add = [&](const Pair& into, const Pair& by, double slope) {
            if (slope != 0.0) {
                out.push_back({into, by, slope});
            }
        };
        for (const Charger& c : net_.chargers) {
            if (c.input && active(c.pos, c.neg)) {
                const Passed through = passed(c, v);
                const Pair output{c.pos, c.neg};
                const Pair input{c.input->pos, c.input->neg};
                add(output, input, -through.givenByInput);
                add(input, output, through.drawnByOutput);
            }
        }
        for (const VoltageSource& s : net_.sources) {
            if (s.input && active(s.input->pos, s.input->neg) && given(s, v) > 0.0) {
                const double u = across(v, s.pos, s.neg);
                const double w = across(v, s.input->pos, s.input->neg);
                const double more = (s.emf.si() - 2.0 * u) / s.resistance.si();
                add({s.input->pos, s.input->neg},
                    {s.pos, s.neg},
                    more / s.input->efficiency * perWatt(*s.input, w));
            }
        }
        return out;
    }
    // What the couplings put in the factorised rest's place.
    void couple(const Vector& v) {
        couplings_ = couplingsAt(v);
        const auto n = static_cast<Eigen::Index>(couplings_.size());
        spread_.resize(size(), n);
        small_.resize(n, n);
        for (Eigen::Index k = 0; k < n; ++k) {
            const Coupling& c = couplings_[static_cast<std::size_t>(k)];
            Vector unit = Vector::Zero(size());
            nodal_.addTo(unit, c.into.pos, c.slope);
            nodal_.addTo(unit, c.into.neg, -c.slope);
            spread_.col(k) = factor_.solve(unit);
        }
        for (Eigen::Index i = 0; i < n; ++i) {
            for (Eigen::Index k = 0; k < n; ++k) {
                const double here =
                    acrossOf(spread_.col(k), couplings_[static_cast<std::size_t>(i)].by);
                small_(i, k) = here + (i == k ? 1.0 : 0.0);
            }
        }
    }

    // How the current of an input at `w` volts grows with the power that it draws.
    [[nodiscard]] double perWatt(const PowerInput& in, double w) const {
        const double floor = floorOf(in.pos);
        return w > floor ? 1.0 / w : w / (floor * floor);
    }
    // An input that draws `power` at `w` volts.
    [[nodiscard]] Branch drawing(const PowerInput& in, double power, double w) const {
        const NetLoad input{in.pos, in.neg, Behaviour::Power, watts(power), {}, {}};
        return loadBranch(input, w, 1.0, floorOf(in.pos));
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
    std::vector<Coupling> couplings_;
    Eigen::MatrixXd spread_;  // of each coupling, the volts that its current makes
    Eigen::MatrixXd small_;
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
