// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/ordering.h"

#include <Eigen/OrderingMethods>
#include <Eigen/Sparse>

namespace spirk {

std::vector<int> eliminationOrder(int nodes, const std::vector<std::pair<int, int>>& edges) {
    std::vector<Eigen::Triplet<double>> entries;
    for (int node = 0; node < nodes; ++node) {
        entries.emplace_back(node, node, 1.0);
    }
    for (const auto& [a, b] : edges) {
        entries.emplace_back(a, b, 1.0);
        entries.emplace_back(b, a, 1.0);
    }
    Eigen::SparseMatrix<double> graph(nodes, nodes);
    graph.setFromTriplets(entries.begin(), entries.end());
    Eigen::PermutationMatrix<Eigen::Dynamic, Eigen::Dynamic, int> order;
    Eigen::AMDOrdering<int>()(graph, order);
    return {order.indices().begin(), order.indices().end()};
}

std::vector<int> eliminationOrder(const Network& network) {
    std::vector<std::pair<int, int>> edges;
    for (const Resistor& r : network.resistors) {
        edges.emplace_back(r.a, r.b);
    }
    for (const VoltageSource& s : network.sources) {
        edges.emplace_back(s.pos, s.neg);
    }
    for (const NetLoad& load : network.loads) {
        edges.emplace_back(load.pos, load.neg);
    }
    for (const Charger& c : network.chargers) {
        edges.emplace_back(c.pos, c.neg);
        if (c.input) {
            edges.emplace_back(c.input->pos, c.input->neg);
        }
    }
    return eliminationOrder(network.nodes, edges);
}

}  // namespace spirk
