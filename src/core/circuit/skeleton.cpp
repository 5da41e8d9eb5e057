// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/skeleton.h"

#include "core/circuit/node_index.h"

namespace spirk {

namespace {

std::vector<CircuitEdge> edgesOf(const Circuit& circuit, const CircuitIndex& index) {
    std::vector<CircuitEdge> out;
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        const std::vector<Element>& elements = circuit.devices[d].elements;
        const auto inside = [&](const PortPair& pair, std::size_t element, bool contact) {
            const int first = index.firstNode[d];
            out.push_back({first + static_cast<int>(pair.pos),
                           first + static_cast<int>(pair.neg),
                           d,
                           element,
                           contact,
                           {}});
        };
        for (std::size_t e = 0; e < elements.size(); ++e) {
            if (const auto* contact = std::get_if<Contact>(&elements[e])) {
                for (const PortPair& pole : contact->poles) {
                    inside(pole, e, true);
                }
            } else if (const auto* metal = std::get_if<Resistance>(&elements[e])) {
                inside(metal->between, e, false);
            }
        }
    }
    for (std::size_t c = 0; c < index.ends.size(); ++c) {
        out.push_back({index.ends[c].from.node, index.ends[c].to.node, 0, 0, false, c});
    }
    return out;
}

// Takes away one loose end after another until there is none.
class Shortening {
public:
    Shortening(std::vector<CircuitEdge> edges, int nodes)
        : degree_(at(nodes), 0), left_(at(nodes), 0), taken_(edges.size(), false) {
        out_.inward.resize(at(nodes));
        for (std::size_t i = 0; i < edges.size(); ++i) {
            // An edge that ends where it begins is a ring of its own.
            const int ends = edges[i].a == edges[i].b ? 2 : 1;
            for (const int node : {edges[i].a, edges[i].b}) {
                degree_[at(node)] += ends;
                left_[at(node)] ^= i;
            }
        }
        out_.edges = std::move(edges);
    }

    [[nodiscard]] Skeleton run() {
        for (std::size_t node = 0; node < degree_.size(); ++node) {
            for (int end = static_cast<int>(node); degree_[at(end)] == 1;) {
                end = takeAway(end);
            }
        }
        for (std::size_t i = 0; i < taken_.size(); ++i) {
            if (!taken_[i]) {
                out_.rings.push_back(i);
            }
        }
        return std::move(out_);
    }

private:
    // Gives the node at the other end.
    int takeAway(int node) {
        const std::size_t i = left_[at(node)];
        const CircuitEdge& edge = out_.edges[i];
        const int other = edge.a == node ? edge.b : edge.a;
        taken_[i] = true;
        out_.inward[at(node)] = i;
        out_.hanging.push_back(node);
        --degree_[at(node)];
        --degree_[at(other)];
        left_[at(other)] ^= i;
        return other;
    }

    std::vector<int> degree_;  // ends of edges still there at each node
    // All edges still there at each node, taken together by exclusive or: where there is one, it is
    // that one.
    std::vector<std::size_t> left_;
    std::vector<bool> taken_;
    Skeleton out_;
};

}  // namespace

Skeleton skeletonOf(const Circuit& circuit, const CircuitIndex& index) {
    return Shortening(edgesOf(circuit, index), index.nodes).run();
}

}  // namespace spirk
