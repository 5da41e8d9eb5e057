// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/prune.h"

#include "core/circuit/node_index.h"

namespace spirk {

namespace {

// Nodes that something else than a resistor is connected to.
std::vector<bool> anchored(const Network& network) {
    std::vector<bool> out(at(network.nodes), false);
    const auto both = [&](const auto& element) {
        out[at(element.pos)] = true;
        out[at(element.neg)] = true;
    };
    const auto withInput = [&](const auto& element) {
        both(element);
        if (element.input) {
            both(*element.input);
        }
    };
    for (const VoltageSource& s : network.sources) {
        withInput(s);
    }
    for (const NetLoad& load : network.loads) {
        both(load);
    }
    for (const Charger& c : network.chargers) {
        withInput(c);
    }
    return out;
}

// Takes away one lead's end after another until there is none.
class Pruning {
public:
    explicit Pruning(const Network& network)
        : net_(network),
          keep_(anchored(network)),
          degree_(at(network.nodes), 0),
          gone_(network.resistors.size(), false),
          last_(at(network.nodes), 0) {
        for (std::size_t i = 0; i < net_.resistors.size(); ++i) {
            const Resistor& r = net_.resistors[i];
            if (r.a == r.b) {
                keep_[at(r.a)] = true;
                continue;
            }
            for (const int node : {r.a, r.b}) {
                ++degree_[at(node)];
                last_[at(node)] ^= i;
            }
        }
    }

    [[nodiscard]] Pruned run() {
        for (int node = 0; node < net_.nodes; ++node) {
            followFrom(node);
        }
        return rest();
    }

private:
    void followFrom(int node) {
        while (degree_[at(node)] == 1 && !keep_[at(node)]) {
            node = takeAway(node);
        }
    }
    // Gives the node at the other end.
    int takeAway(int node) {
        const std::size_t i = last_[at(node)];
        gone_[i] = true;
        const Resistor& r = net_.resistors[i];
        const int other = r.a == node ? r.b : r.a;
        --degree_[at(node)];
        --degree_[at(other)];
        last_[at(other)] ^= i;
        out_.leaves.push_back({node, other});
        return other;
    }

    [[nodiscard]] Pruned rest() {
        Network& rest = out_.network;
        out_.node.assign(at(net_.nodes), -1);
        for (int node = 0; node < net_.nodes; ++node) {
            if (degree_[at(node)] > 0 || keep_[at(node)]) {
                out_.node[at(node)] = rest.nodes++;
            }
        }
        for (std::size_t i = 0; i < net_.resistors.size(); ++i) {
            const Resistor& r = net_.resistors[i];
            out_.resistor.push_back(gone_[i] ? -1 : static_cast<int>(rest.resistors.size()));
            if (!gone_[i]) {
                rest.resistors.push_back({here(r.a), here(r.b), r.resistance});
            }
        }
        rest.sources = moved(net_.sources);
        rest.loads = moved(net_.loads);
        rest.chargers = moved(net_.chargers);
        for (const int node : net_.order) {
            if (here(node) >= 0) {
                rest.order.push_back(here(node));
            }
        }
        return std::move(out_);
    }
    [[nodiscard]] int here(int node) const { return out_.node[at(node)]; }
    template <class Element>
    [[nodiscard]] std::vector<Element> moved(std::vector<Element> elements) const {
        for (Element& e : elements) {
            e.pos = here(e.pos);
            e.neg = here(e.neg);
            if constexpr (requires { e.input->pos; }) {
                if (e.input) {
                    e.input->pos = here(e.input->pos);
                    e.input->neg = here(e.input->neg);
                }
            }
        }
        return elements;
    }

    const Network& net_;
    std::vector<bool> keep_;
    std::vector<int> degree_;  // resistors still there at each node
    std::vector<bool> gone_;   // of each resistor
    // All resistors still there at each node, taken together by exclusive or: where there is one,
    // it is that one.
    std::vector<std::size_t> last_;
    Pruned out_;
};

}  // namespace

Pruned pruned(const Network& network) { return Pruning(network).run(); }

Solution expanded(const Network& whole, const Pruned& rest, Solution solved) {
    const std::vector<Volts> node = std::move(solved.node);
    const std::vector<int> part = std::move(solved.part);
    const std::vector<Amps> resistor = std::move(solved.resistor);
    solved.node.assign(at(whole.nodes), volts(0.0));
    solved.part.assign(at(whole.nodes), -1);
    for (int n = 0; n < whole.nodes; ++n) {
        if (rest.node[at(n)] >= 0) {
            solved.node[at(n)] = node[at(rest.node[at(n)])];
            solved.part[at(n)] = part[at(rest.node[at(n)])];
        }
    }
    for (std::size_t i = rest.leaves.size(); i-- > 0;) {
        const Pruned::Leaf& leaf = rest.leaves[i];
        solved.node[at(leaf.node)] = solved.node[at(leaf.neighbour)];
        solved.part[at(leaf.node)] = solved.part[at(leaf.neighbour)];
    }
    solved.resistor.clear();
    for (const int kept : rest.resistor) {
        solved.resistor.push_back(kept < 0 ? amps(0.0) : resistor[at(kept)]);
    }
    return solved;
}

}  // namespace spirk
