// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/equations.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/promise.h"
#include "core/circuit/node_index.h"

namespace spirk {

namespace {

// Below this part of the highest emf a constant-power load has left the branch that exists.
constexpr double kCollapse = 0.05;
// Judgement: so many terms meet at a node of a van, each rounded.
constexpr double kRoundings = 16.0;

}  // namespace

Equations::Equations(const Network& network)
    : net_(network), nodal_(network), linear_(nodal_.matrix(patternEntries())) {
    factor_.analyzePattern(linear_);
    jacobian_ = linear_;
}

double Equations::floorOf(int node) const {
    return kCollapse * parts().highest[at(parts().part[at(node)])].si();
}

Branch Equations::missingAt(const VoltageSource& panels, const Vector& v) const {
    return panels.knee ? missing(panels, across(v, panels.pos, panels.neg)) : Branch{};
}

double Equations::given(const VoltageSource& s, const Vector& v) const {
    const double u = across(v, s.pos, s.neg);
    return std::max(0.0, (s.emf.si() - u) / s.resistance.si() * u);
}

template <class Visit>
void Equations::forBranches(const Vector& v, double scale, Visit visit) const {
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

Equations::Passed Equations::passed(const Charger& c, const Vector& v) const {
    const double u = across(v, c.pos, c.neg);
    const Branch asked = branchOf(c, u, c.maxPower.si());
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
        return {branchOf(c, u, all->power * c.input->efficiency),
                all->drawn,
                all->perVolt * c.input->efficiency / std::max(u, 1.0),
                0.0};
    }
    const double more = (asked.slope * u + asked.current) / c.input->efficiency;
    return {asked, drawing(*c.input, wanted, w), 0.0, more * perWatt(*c.input, w)};
}

Vector Equations::unknowns(const std::vector<Volts>& node) const {
    Vector out = Vector::Zero(size());
    for (std::size_t i = 0; i < node.size(); ++i) {
        const int reference = parts().reference[at(parts().part[i])];
        if (nodal_.unknown[i] >= 0) {
            out[nodal_.unknown[i]] = (node[i] - node[at(reference)]).si();
        }
    }
    return out;
}

Vector Equations::residual(const Vector& v, double scale) const {
    Vector f = linear_.selfadjointView<Eigen::Upper>() * v - nodal_.injected;
    forBranches(v, scale, [&](int pos, int neg, Branch b) {
        nodal_.addTo(f, pos, b.current);
        nodal_.addTo(f, neg, -b.current);
    });
    return f;
}

bool Equations::factorise(const Vector& v, double scale, double damping) {
    jacobian_ = linear_;
    if (damping > 0.0) {
        jacobian_.diagonal().array() += damping;
    }
    forBranches(
        v, scale, [&](int pos, int neg, Branch b) { nodal_.addTo(jacobian_, pos, neg, b.slope); });
    factor_.factorize(jacobian_);
    if (factor_.info() != Eigen::Success) {
        return false;
    }
    couple(v);
    return true;
}

Vector Equations::newtonStep(const Vector& f) const {
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

bool Equations::stable(const Vector& v, double scale) {
    if (!factorise(v, scale) || factor_.vectorD().minCoeff() <= 0.0) {
        return false;
    }
    return couplings_.empty() || small_.determinant() > 0.0;
}

double Equations::currentScale(const Vector& v, double scale) const {
    double largest = 1e-3;
    for (const Resistor& r : net_.resistors) {
        largest = std::max(largest, std::fabs(across(v, r.a, r.b) / r.resistance.si()));
    }
    forBranches(
        v, scale, [&](int, int, Branch b) { largest = std::max(largest, std::fabs(b.current)); });
    return largest;
}

double Equations::rounding(const Vector& v) const {
    const double stiffest = linear_.diagonal().lpNorm<Eigen::Infinity>();
    return kRoundings * std::numeric_limits<double>::epsilon() * stiffest *
           v.lpNorm<Eigen::Infinity>();
}

Vector Equations::start() {
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

std::vector<Equations::Coupling> Equations::couplingsAt(const Vector& v) const {
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

void Equations::couple(const Vector& v) {
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

double Equations::perWatt(const PowerInput& in, double w) const {
    const double floor = floorOf(in.pos);
    return w > floor ? 1.0 / w : w / (floor * floor);
}

Branch Equations::drawing(const PowerInput& in, double power, double w) const {
    const NetLoad input{in.pos, in.neg, Behaviour::Power, watts(power), {}, {}};
    return loadBranch(input, w, 1.0, floorOf(in.pos));
}

Nodal::Entries Equations::patternEntries() const {
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

}  // namespace spirk
