// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/nodal.h"

#include <algorithm>

#include "core/circuit/node_index.h"
#include "core/circuit/ordering.h"

namespace spirk {

Nodal::Nodal(const Network& network) : parts(partsOf(network)) {
    unknown.assign(at(network.nodes), -1);
    for (const int node : network.order.empty() ? eliminationOrder(network) : network.order) {
        if (parts.reference[at(parts.part[at(node)])] != node) {
            unknown[at(node)] = size++;
        }
    }
    injected = Eigen::VectorXd::Zero(size);
    for (const Resistor& r : network.resistors) {
        stamp(entries, r.a, r.b, 1.0 / r.resistance.si());
    }
    for (const VoltageSource& s : network.sources) {
        const double g = 1.0 / s.resistance.si();
        stamp(entries, s.pos, s.neg, g);
        addTo(injected, s.pos, s.emf.si() * g);
        addTo(injected, s.neg, -s.emf.si() * g);
    }
}

double Nodal::value(const Eigen::VectorXd& v, int node) const {
    const int u = unknown[at(node)];
    return u < 0 ? 0.0 : v[u];
}

NodalMatrix Nodal::matrix(const Entries& with) const {
    NodalMatrix out(size, size);
    out.setFromTriplets(with.begin(), with.end());
    return out;
}

void Nodal::addTo(Eigen::VectorXd& f, int node, double current) const {
    const int u = unknown[at(node)];
    if (u >= 0) {
        f[u] += current;
    }
}

void Nodal::addTo(NodalMatrix& m, int a, int b, double conductance) const {
    if (a == b) {
        return;
    }
    const int i = unknown[at(a)];
    const int j = unknown[at(b)];
    if (i >= 0) {
        m.coeffRef(i, i) += conductance;
    }
    if (j >= 0) {
        m.coeffRef(j, j) += conductance;
    }
    if (i >= 0 && j >= 0) {
        m.coeffRef(std::min(i, j), std::max(i, j)) -= conductance;
    }
}

void Nodal::stamp(Entries& into, int a, int b, double conductance) const {
    if (a == b) {
        return;
    }
    const int i = unknown[at(a)];
    const int j = unknown[at(b)];
    if (i >= 0) {
        into.emplace_back(i, i, conductance);
    }
    if (j >= 0) {
        into.emplace_back(j, j, conductance);
    }
    if (i >= 0 && j >= 0) {
        into.emplace_back(std::min(i, j), std::max(i, j), -conductance);
    }
}

}  // namespace spirk
