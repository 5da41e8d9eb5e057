// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "core/base/promise.h"
#include "core/circuit/assemble.h"
#include "core/circuit/moment_edges.h"
#include "core/circuit/moment_elements.h"
#include "core/circuit/node_index.h"

namespace spirk {

namespace {

// Solves a moment over what may carry something in it: the circuit's rings, and from each node
// where something gives or draws the way to them.
class MomentSolver {
public:
    MomentSolver(const CircuitState& state, const Moment& moment)
        : state_(state),
          edges_(state, moment),
          elements_(elementsOf(state, moment)),
          reached_(at(index().nodes), false) {
        markReached();
        addEdges();
        addElements();
    }

    [[nodiscard]] MomentSolution run(const Moment& moment) {
        Solution s = solve(assembly_.network);
        MomentSolution out;
        out.moment = moment.id;
        out.outcome = s.outcome;
        out.servable = s.servable;
        out.conductor.assign(index().ends.size(), amps(0.0));
        for (std::size_t i = 0; i < conductors_.size(); ++i) {
            if (conductors_[i]) {
                out.conductor[*conductors_[i]] = s.resistor[i];
            }
        }
        addFlows(s, out);
        spread(s);
        out.potential = std::move(s.node);
        out.part = std::move(s.part);
        return out;
    }

private:
    [[nodiscard]] const CircuitIndex& index() const { return *state_.circuit->index; }
    [[nodiscard]] const Skeleton& skeleton() const { return index().skeleton; }
    [[nodiscard]] static int otherEnd(const CircuitEdge& edge, int node) {
        return edge.a == node ? edge.b : edge.a;
    }

    void reach(int node) {
        while (!reached_[at(node)]) {
            reached_[at(node)] = true;
            const auto edge = skeleton().inward[at(node)];
            if (!edge) {
                return;
            }
            kept_.push_back(*edge);
            node = otherEnd(skeleton().edges[*edge], node);
        }
    }
    void reachBoth(int pos, int neg) {
        reach(pos);
        reach(neg);
    }
    void markReached() {
        kept_ = skeleton().rings;
        for (const std::size_t i : kept_) {
            reachBoth(skeleton().edges[i].a, skeleton().edges[i].b);
        }
        for (const VoltageSource& s : elements_.sources) {
            reachBoth(s.pos, s.neg);
        }
        for (const NetLoad& load : elements_.loads) {
            reachBoth(load.pos, load.neg);
        }
        for (const Charger& c : elements_.chargers) {
            reachBoth(c.pos, c.neg);
            if (c.input) {
                reachBoth(c.input->pos, c.input->neg);
            }
        }
        for (const ElementAt& rail : elements_.rails) {
            const int first = index().firstNode[rail.device];
            const auto& x =
                std::get<Transfer>(state_.circuit->devices[rail.device].elements[rail.element]);
            for (const PortPair& ports : {x.in, x.out}) {
                reachBoth(first + static_cast<int>(ports.pos), first + static_cast<int>(ports.neg));
            }
        }
        std::ranges::sort(kept_);
    }

    void addEdges() {
        for (const std::size_t i : kept_) {
            const CircuitEdge& edge = skeleton().edges[i];
            if (edges_.joins(edge)) {
                assembly_.network.resistors.push_back({edge.a, edge.b, edges_.resistance(edge)});
                conductors_.push_back(edge.conductor);
            }
        }
    }
    void addElements() {
        Network& network = assembly_.network;
        network.nodes = index().nodes;
        network.order = index().order;
        network.sources = std::move(elements_.sources);
        network.loads = std::move(elements_.loads);
        network.chargers = std::move(elements_.chargers);
        assembly_.elements = std::move(elements_.branches);
        assembly_ = withRails(std::move(assembly_), state_, elements_.rails, Detail::Terminals);
    }

    void addFlows(const Solution& s, MomentSolution& out) const {
        for (const ElementBranch& e : assembly_.elements) {
            out.flows.push_back(flowOf(e, assembly_.network, s));
            if (e.list == NetList::Loads && static_cast<int>(e.at) == s.weakestLoad) {
                out.weakest = e.device;
            }
        }
    }
    // What was left out has the volts of what it hangs on.
    void spread(Solution& s) const {
        for (std::size_t i = skeleton().hanging.size(); i-- > 0;) {
            const int node = skeleton().hanging[i];
            const CircuitEdge& edge = skeleton().edges[*skeleton().inward[at(node)]];
            if (!reached_[at(node)] && edges_.joins(edge)) {
                const int from = otherEnd(edge, node);
                s.node[at(node)] = s.node[at(from)];
                s.part[at(node)] = s.part[at(from)];
            }
        }
    }

    [[nodiscard]] static Flow flowOf(const ElementBranch& e,
                                     const Network& network,
                                     const Solution& s) {
        Flow out{e.device, e.element, {}, {}};
        switch (e.list) {
            case NetList::Sources:
                out.through = s.source[e.at];
                if (network.sources[e.at].input) {
                    out.input = s.sourceInput[e.at];
                }
                return out;
            case NetList::Loads:
                out.through = s.load[e.at];
                return out;
            case NetList::Chargers:
                out.through = s.charger[e.at];
                if (network.chargers[e.at].input) {
                    out.input = s.chargerInput[e.at];
                }
                return out;
        }
        unreachable("flowOf(NetList)");
    }

    const CircuitState& state_;
    const MomentEdges edges_;
    MomentElements elements_;
    std::vector<bool> reached_;                           // nodes of the network
    std::vector<std::size_t> kept_;                       // edges of the skeleton
    Assembly assembly_;                                   // without conductors
    std::vector<std::optional<std::size_t>> conductors_;  // that each resistor is
};

}  // namespace

std::optional<Volts> MomentSolution::between(const Circuit& circuit,
                                             const TerminalId& pos,
                                             const TerminalId& neg) const {
    const auto a = nodeOf(circuit, pos);
    const auto b = nodeOf(circuit, neg);
    if (!a || !b) {
        return std::nullopt;
    }
    const auto i = static_cast<std::size_t>(*a);
    const auto j = static_cast<std::size_t>(*b);
    const bool told = part[i] >= 0 && part[i] == part[j];
    return told ? std::optional(potential[i] - potential[j]) : std::nullopt;
}

const Flow* MomentSolution::flowOf(std::size_t device) const {
    const auto at = std::ranges::lower_bound(flows, device, {}, &Flow::device);
    return at == flows.end() || at->device != device ? nullptr : &*at;
}

const Flow* MomentSolution::flowOf(const Circuit& circuit, const DeviceId& device) const {
    const Device* d = findDevice(circuit, device);
    return d == nullptr ? nullptr : flowOf(static_cast<std::size_t>(d - circuit.devices.data()));
}

MomentSolution solveMoment(const CircuitState& state, const Moment& moment) {
    return MomentSolver(state, moment).run(moment);
}

}  // namespace spirk
