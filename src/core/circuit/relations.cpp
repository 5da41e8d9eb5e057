// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/relations.h"

#include <algorithm>
#include <map>

#include "core/circuit/walk.h"

namespace spirk {

namespace {

// A terminal by the places of its device and port in their lists.
struct PortAt {
    std::size_t device = 0, port = 0;
};

class Relations {
public:
    explicit Relations(const Circuit& circuit)
        : circuit_(circuit), index_(*circuit.index), joins_(joinsOf(circuit)) {
        for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
            for (std::size_t p = 0; p < circuit.devices[d].ports.size(); ++p) {
                portOfNode_.push_back({d, p});
            }
        }
        conductorsAt_.resize(static_cast<std::size_t>(index_.nodes));
        for (std::size_t c = 0; c < index_.ends.size(); ++c) {
            conductorsAt_[static_cast<std::size_t>(index_.ends[c].from.node)].push_back(c);
            conductorsAt_[static_cast<std::size_t>(index_.ends[c].to.node)].push_back(c);
        }
    }

    // The negative of the device itself or of what it is mounted with; of one that has neither, of
    // the nearest towards what feeds it, which feeds a short too; else of the nearest.
    [[nodiscard]] std::optional<TerminalId> counterOf(const PortAt& at) const {
        if (circuit_.devices[at.device].ports[at.port].pole == Pole::Negative) {
            return std::nullopt;
        }
        if (const auto own = negativeOf(at)) {
            return idOf(*own);
        }
        for (const auto& nodes : {upstreamOf(nodeAt(at)), reachedFrom(joins_, nodeAt(at))}) {
            for (const int node : nodes) {
                if (const auto found = negativeOf(portOfNode_[static_cast<std::size_t>(node)])) {
                    return idOf(*found);
                }
            }
        }
        return std::nullopt;
    }

    // The conductor whose fuse covers this one: its own; of a return, that of its pair; else the
    // nearest towards what feeds it.
    [[nodiscard]] std::optional<std::size_t> coverOf(std::size_t conductor) const {
        std::vector<std::size_t> seen;
        return coverOf(conductor, seen);
    }

    // Conductors of ours on the way from one terminal to the other, or from the last battery that
    // lies on it: that one feeds what lies beyond. Nothing where no way leads there.
    [[nodiscard]] std::optional<std::vector<ConductorId>> way(const TerminalId& from,
                                                              const TerminalId& to) {
        const auto begin = nodeOf(circuit_, from);
        const auto end = nodeOf(circuit_, to);
        if (!begin || !end) {
            return std::nullopt;
        }
        const Tree& tree = treeFrom(*begin);
        std::vector<ConductorId> out;
        for (int node = *end; node != *begin && !atBattery(node);) {
            const auto& back = tree[static_cast<std::size_t>(node)];
            if (!back) {
                return std::nullopt;
            }
            if (back->conductor && isOurs(circuit_.conductors[*back->conductor])) {
                out.push_back(circuit_.conductors[*back->conductor].id);
            }
            node = back->to;
        }
        std::ranges::reverse(out);
        return out;
    }

private:
    // Of each node, the way back to where the walk began.
    using Tree = std::vector<std::optional<Join>>;

    [[nodiscard]] int nodeAt(const PortAt& at) const {
        return index_.firstNode[at.device] + static_cast<int>(at.port);
    }
    [[nodiscard]] TerminalId idOf(const PortAt& at) const {
        const Device& device = circuit_.devices[at.device];
        return {device.id, device.ports[at.port].name};
    }

    // Nodes on the way back to what feeds this one, the nearer before the farther.
    [[nodiscard]] std::vector<int> upstreamOf(int node) const {
        std::vector<int> out{node};
        const auto add = [&](int next) {
            if (std::ranges::find(out, next) == out.end()) {
                out.push_back(next);
            }
        };
        for (std::size_t i = 0; i < out.size(); ++i) {
            const PortAt here = portOfNode_[static_cast<std::size_t>(out[i])];
            for (const std::size_t port : joinedInside(circuit_.devices[here.device], here.port)) {
                add(nodeAt({here.device, port}));
            }
            for (const std::size_t c : conductorsAt(here)) {
                if (index_.ends[c].to.node == out[i]) {
                    add(index_.ends[c].from.node);
                }
            }
        }
        return out;
    }

    [[nodiscard]] std::optional<PortAt> negativeOf(const PortAt& at) const {
        const Device& device = circuit_.devices[at.device];
        if (const auto own = ownNegative(device, at.port)) {
            const PortAt negative{at.device, *own};
            return device.headsString ? stringEnd(negative, device.inSeries) : negative;
        }
        const Device* bar = otherPoleOf(circuit_, device);
        return bar == nullptr ? std::nullopt
                              : std::optional(PortAt{
                                    static_cast<std::size_t>(bar - circuit_.devices.data()), 0});
    }

    // Ports of one pair stand one behind the other; a common negative may stand before.
    [[nodiscard]] static std::optional<std::size_t> ownNegative(const Device& device,
                                                                std::size_t port) {
        const std::size_t n = device.ports.size();
        for (std::size_t k = 1; k < n; ++k) {
            const std::size_t i = (port + k) % n;
            if (device.ports[i].pole == Pole::Negative) {
                return i;
            }
        }
        return std::nullopt;
    }

    // From a battery's negative through those in series with it to the last one's.
    [[nodiscard]] PortAt stringEnd(PortAt negative, int inSeries) const {
        for (int i = 1; i < inSeries; ++i) {
            const auto next = nextInSeries(negative);
            if (!next) {
                return negative;
            }
            negative = *next;
        }
        return negative;
    }
    [[nodiscard]] std::optional<PortAt> nextInSeries(const PortAt& negative) const {
        for (const Join& join : joins_[static_cast<std::size_t>(nodeAt(negative))]) {
            const PortAt& there = portOfNode_[static_cast<std::size_t>(join.to)];
            const Device& device = circuit_.devices[there.device];
            if (!device.headsString && device.ports[there.port].pole == Pole::Positive) {
                const auto own = ownNegative(device, there.port);
                return own ? std::optional(PortAt{there.device, *own}) : std::nullopt;
            }
        }
        return std::nullopt;
    }

    [[nodiscard]] std::optional<std::size_t> coverOf(std::size_t i,
                                                     std::vector<std::size_t>& seen) const {
        const Conductor& c = circuit_.conductors[i];
        const ProtectionsAt& own = index_.protections[i];
        if (own.from || own.to) {
            return i;
        }
        const bool before = std::ranges::find(seen, i) != seen.end();
        if (before || !isOurs(c) || c.purpose == Purpose::Bond) {
            return std::nullopt;
        }
        seen.push_back(i);
        if (c.pole == Pole::Negative && index_.pair[i]) {
            return coverOf(*index_.pair[i], seen);
        }
        for (const std::size_t next : towardsSource(i)) {
            if (const auto found = coverOf(next, seen)) {
                return found;
            }
        }
        return std::nullopt;
    }

    // Conductors that end where this one begins, or at what a contact or metal joins with that; of
    // a link between batteries, the next of the same string.
    [[nodiscard]] std::vector<std::size_t> towardsSource(std::size_t i) const {
        std::vector<std::size_t> out;
        const EndAt& from = index_.ends[i].from;
        const Device& device = circuit_.devices[from.device];
        for (const std::size_t port : joinedInside(device, from.port)) {
            for (const std::size_t c : conductorsAt({from.device, port})) {
                if (index_.ends[c].to.node == nodeAt({from.device, port})) {
                    out.push_back(c);
                }
            }
        }
        const auto throughBattery = otherEndOf(device, from.port);
        if (circuit_.conductors[i].purpose == Purpose::Link && throughBattery) {
            for (const std::size_t beyond : conductorsAt({from.device, *throughBattery})) {
                if (circuit_.conductors[beyond].purpose != Purpose::Signal) {
                    out.push_back(beyond);
                }
            }
        }
        return out;
    }
    [[nodiscard]] static std::optional<std::size_t> otherEndOf(const Device& device,
                                                               std::size_t port) {
        for (const Element& e : device.elements) {
            const auto* emf = std::get_if<Emf>(&e);
            if (emf != nullptr && emf->at.neg == port) {
                return emf->at.pos;
            }
        }
        return std::nullopt;
    }
    [[nodiscard]] bool atBattery(int node) const {
        const PortAt& at = portOfNode_[static_cast<std::size_t>(node)];
        return std::ranges::any_of(circuit_.devices[at.device].elements, [&](const Element& e) {
            const auto* emf = std::get_if<Emf>(&e);
            return emf != nullptr && (emf->at.pos == at.port || emf->at.neg == at.port);
        });
    }
    [[nodiscard]] const std::vector<std::size_t>& conductorsAt(const PortAt& at) const {
        return conductorsAt_[static_cast<std::size_t>(nodeAt(at))];
    }

    const Tree& treeFrom(int node) {
        const auto [at, fresh] = trees_.try_emplace(node);
        if (fresh) {
            at->second = treeOf(node);
        }
        return at->second;
    }
    [[nodiscard]] Tree treeOf(int begin) const {
        Tree out(joins_.size());
        std::vector<int> next{begin};
        for (std::size_t i = 0; i < next.size(); ++i) {
            for (const Join& join : joins_[static_cast<std::size_t>(next[i])]) {
                auto& back = out[static_cast<std::size_t>(join.to)];
                if (!back && join.to != begin) {
                    back = Join{next[i], join.conductor};
                    next.push_back(join.to);
                }
            }
        }
        return out;
    }

    const Circuit& circuit_;
    const CircuitIndex& index_;
    const Joins joins_;
    std::vector<PortAt> portOfNode_;
    std::vector<std::vector<std::size_t>> conductorsAt_;  // of each node
    std::map<int, Tree> trees_;                           // of those that were asked for
};

// Out and back, as the current flows.
std::optional<std::vector<ConductorId>> conductorsOf(const TerminalPair& source,
                                                     const TerminalPair& far,
                                                     Relations& relations) {
    auto out = relations.way(source.pos, far.pos);
    const auto back = relations.way(source.neg, far.neg);
    if (!out || !back) {
        return std::nullopt;
    }
    out->insert(out->end(), back->rbegin(), back->rend());
    return out->empty() ? std::nullopt : out;
}

// Where an end was moved the path may pass by what the others take: then it shares nothing.
std::optional<SharedStretch> walkedStretch(const DropPath& path, Relations& relations) {
    if (!path.shared) {
        return std::nullopt;
    }
    auto conductors = conductorsOf(path.source, path.shared->to, relations);
    const auto onPath = [&](const ConductorId& id) {
        return std::ranges::find(path.conductors, id) != path.conductors.end();
    };
    if (!conductors || !std::ranges::all_of(*conductors, onPath)) {
        return std::nullopt;
    }
    SharedStretch out = *path.shared;
    out.conductors = std::move(*conductors);
    return out;
}

std::vector<DropPath> walkedPaths(const Circuit& circuit, Relations& relations) {
    std::vector<DropPath> out;
    for (DropPath path : circuit.paths) {
        if (auto conductors = conductorsOf(path.source, path.far, relations)) {
            path.conductors = std::move(*conductors);
            path.shared = walkedStretch(path, relations);
        }
        if (!path.conductors.empty()) {
            out.push_back(std::move(path));
        }
    }
    return out;
}

}  // namespace

Circuit related(Circuit circuit) {
    Relations relations(circuit);
    std::vector<std::vector<std::optional<TerminalId>>> counters(circuit.devices.size());
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        for (std::size_t p = 0; p < circuit.devices[d].ports.size(); ++p) {
            counters[d].push_back(relations.counterOf({d, p}));
        }
    }
    std::vector<std::optional<std::size_t>> covers;
    for (std::size_t i = 0; i < circuit.conductors.size(); ++i) {
        covers.push_back(relations.coverOf(i));
    }
    circuit.paths = walkedPaths(circuit, relations);
    for (std::size_t d = 0; d < counters.size(); ++d) {
        for (std::size_t p = 0; p < counters[d].size(); ++p) {
            circuit.devices[d].ports[p].counter = std::move(counters[d][p]);
        }
    }
    for (std::size_t i = 0; i < covers.size(); ++i) {
        circuit.conductors[i].protectedBy = covers[i] && covers[i] != i
                                                ? std::optional(circuit.conductors[*covers[i]].id)
                                                : std::nullopt;
    }
    return circuit;
}

}  // namespace spirk
