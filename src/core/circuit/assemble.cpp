// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/assemble.h"

#include <algorithm>

#include "core/circuit/moment_edges.h"
#include "core/circuit/moment_elements.h"

namespace spirk {

namespace {

class Builder {
public:
    Builder(const CircuitState& state, const Moment& moment, Detail detail)
        : state_(state), edges_(state, moment), detail_(detail), nodes_(index().nodes) {
        MomentElements elements = elementsOf(state, moment);
        out_.network.sources = std::move(elements.sources);
        out_.network.loads = std::move(elements.loads);
        out_.network.chargers = std::move(elements.chargers);
        out_.elements = std::move(elements.branches);
        addEdges();
        out_.network.nodes = nodes_;
        out_ = withRails(std::move(out_), state, elements.rails, detail);
        addOrder();
    }
    [[nodiscard]] Assembly take() { return std::move(out_); }

private:
    [[nodiscard]] const CircuitIndex& index() const { return *state_.circuit->index; }

    int resistor(int a, int b, Ohms resistance) {
        out_.network.resistors.push_back({a, b, std::max(resistance, ohms(kLeastOhms))});
        return static_cast<int>(out_.network.resistors.size()) - 1;
    }
    void addEdges() {
        out_.conductors.resize(index().ends.size());
        for (const CircuitEdge& edge : index().skeleton.edges) {
            if (!edges_.joins(edge)) {
                continue;
            }
            if (edge.conductor) {
                out_.conductors[*edge.conductor] =
                    addConductor(*edge.conductor, edges_.conductor(*edge.conductor));
            } else {
                resistor(edge.a, edge.b, edges_.resistance(edge));
            }
        }
    }
    // One resistor of a conductor's chain, from `at` to a new node, which `at` becomes.
    int inChain(int& at, Ohms resistance) {
        const int next = nodes_++;
        const int out = resistor(at, next, resistance);
        at = next;
        return out;
    }
    [[nodiscard]] ConductorBranch addConductor(std::size_t place, const ConductorOhms& o) {
        const EndsAt& ends = index().ends[place];
        ConductorBranch b;
        b.afterFrom = ends.from.node;
        b.beforeTo = ends.to.node;
        if (detail_ == Detail::Terminals) {
            b.wire = resistor(ends.from.node, ends.to.node, o.whole());
        } else {
            if (o.fuseFrom) {
                b.fuseFrom = inChain(b.afterFrom, *o.fuseFrom);
            }
            if (o.fuseTo) {
                b.fuseTo = inChain(b.beforeTo, *o.fuseTo);
            }
        }
        b.afterJointFrom = b.afterFrom;
        b.beforeJointTo = b.beforeTo;
        if (detail_ == Detail::Fuses) {
            b.wire = resistor(b.afterFrom, b.beforeTo, o.laid());
        } else if (detail_ == Detail::Joints) {
            b.jointFrom = inChain(b.afterJointFrom, o.jointFrom);
            b.jointTo = inChain(b.beforeJointTo, o.jointTo);
            b.wire = resistor(b.afterJointFrom, b.beforeJointTo, o.wire);
        }
        return b;
    }

    // Nodes along conductors lie between two others: they go first.
    void addOrder() {
        std::vector<int>& order = out_.network.order;
        for (int node = index().nodes; node < nodes_; ++node) {
            order.push_back(node);
        }
        order.insert(order.end(), index().order.begin(), index().order.end());
    }

    const CircuitState& state_;
    const MomentEdges edges_;
    const Detail detail_;
    Assembly out_;
    int nodes_;
};

}  // namespace

Assembly assemble(const CircuitState& state, const Moment& moment, Detail detail) {
    return Builder(state, moment, detail).take();
}

}  // namespace spirk
