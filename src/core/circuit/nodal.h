// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The linear part of a network's nodal equations, shared by the steady-state and the fault solver:
// conductance matrix and injected currents over all nodes but each part's reference, in the
// network's order of elimination. Matrices are symmetric and hold their upper half only. Private
// to this room: nothing outside circuit includes it.

#include <Eigen/Sparse>
#include <Eigen/SparseCholesky>
#include <vector>

#include "core/circuit/network.h"
#include "core/circuit/parts.h"

namespace spirk {

using NodalMatrix = Eigen::SparseMatrix<double>;
// The unknowns stand in order of elimination already.
using NodalFactor = Eigen::SimplicialLDLT<NodalMatrix, Eigen::Upper, Eigen::NaturalOrdering<int>>;

struct Nodal {
    using Entries = std::vector<Eigen::Triplet<double>>;

    Parts parts;
    std::vector<int> unknown;  // row of each node; -1 for a reference
    int size = 0;
    Entries entries;
    Eigen::VectorXd injected;

    explicit Nodal(const Network& network);

    [[nodiscard]] double value(const Eigen::VectorXd& v, int node) const;
    [[nodiscard]] NodalMatrix matrix(const Entries& with) const;
    void addTo(Eigen::VectorXd& f, int node, double current) const;
    // An element with both ends on one node adds nothing.
    void addTo(NodalMatrix& m, int a, int b, double conductance) const;
    void stamp(Entries& into, int a, int b, double conductance) const;
};

}  // namespace spirk
