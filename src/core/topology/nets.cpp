// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/topology/nets.h"

#include <numeric>

#include "core/quantities/curve.h"

namespace spirk {

namespace {

std::size_t at(int number) { return static_cast<std::size_t>(number); }

// What makes volts between two nets.
struct Maker {
    int pos = 0, neg = 0;
    double volts = 0.0;
};

constexpr double kHalfFull = 0.5;

std::vector<Maker> makersOf(const Circuit& circuit,
                            const Nets& nets,
                            const std::set<std::size_t>& dead) {
    std::vector<Maker> out;
    for (const ElementAt& source : circuit.index->sources) {
        if (dead.contains(source.device)) {
            continue;
        }
        const auto add = [&](const PortPair& ports, Volts v) {
            out.push_back(
                {nets.of(source.device, ports.pos), nets.of(source.device, ports.neg), v.si()});
        };
        const Element& element = circuit.devices[source.device].elements[source.element];
        if (const auto* battery = std::get_if<Emf>(&element)) {
            add(battery->at, along(battery->atRest, battery->atRest.size() == 1 ? 0.0 : kHalfFull));
        } else if (const auto* x = std::get_if<Transfer>(&element); x != nullptr && x->inside) {
            add(x->out, x->set);
        }
    }
    return out;
}

}  // namespace

Nets::Nets(const Circuit& circuit, Relays relays, const Without& without)
    : circuit_(circuit), net_(at(circuit.index->nodes)) {
    std::iota(net_.begin(), net_.end(), 0);
    const CircuitIndex& index = *circuit.index;
    for (std::size_t i = 0; i < index.ends.size(); ++i) {
        if (!without.conductors.contains(i)) {
            join(index.ends[i].from.node, index.ends[i].to.node);
        }
    }
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        if (without.devices.contains(d)) {
            continue;
        }
        const auto joined = [&](const PortPair& ports) {
            const int first = index.firstNode[d];
            join(first + static_cast<int>(ports.pos), first + static_cast<int>(ports.neg));
        };
        for (const Element& e : circuit.devices[d].elements) {
            if (const auto* metal = std::get_if<Resistance>(&e)) {
                joined(metal->between);
            } else if (const auto* contact = std::get_if<Contact>(&e);
                       contact != nullptr &&
                       (contact->closed == Live::Always || relays == Relays::Closed)) {
                for (const PortPair& pole : contact->poles) {
                    joined(pole);
                }
            }
        }
    }
    for (std::size_t i = 0; i < net_.size(); ++i) {
        net_[i] = root(static_cast<int>(i));
    }
}

int Nets::root(int node) {
    while (net_[at(node)] != node) {
        net_[at(node)] = net_[at(net_[at(node)])];
        node = net_[at(node)];
    }
    return node;
}

void Nets::join(int a, int b) { net_[at(root(a))] = root(b); }

int Nets::of(std::size_t device, std::size_t port) const {
    return of(circuit_.index->firstNode[device] + static_cast<int>(port));
}

Levels::Levels(const Circuit& circuit, const Nets& nets, const std::set<std::size_t>& dead)
    : nets_(nets), level_(at(circuit.index->nodes)) {
    const std::vector<Maker> makers = makersOf(circuit, nets, dead);
    // A part's first negative is its zero; what it reaches follows before the next part begins.
    for (const Maker& first : makers) {
        if (level_[at(first.neg)] || level_[at(first.pos)]) {
            continue;
        }
        level_[at(first.neg)] = Level{first.neg, 0.0};
        for (bool grew = true; grew;) {
            grew = false;
            for (const Maker& m : makers) {
                auto& pos = level_[at(m.pos)];
                auto& neg = level_[at(m.neg)];
                if (neg && !pos) {
                    pos = Level{neg->part, neg->volts + m.volts};
                    grew = true;
                } else if (pos && !neg) {
                    neg = Level{pos->part, pos->volts - m.volts};
                    grew = true;
                }
            }
        }
    }
}

std::optional<Volts> Levels::across(std::size_t device, const PortPair& ports) const {
    const auto& pos = level_[at(nets_.of(device, ports.pos))];
    const auto& neg = level_[at(nets_.of(device, ports.neg))];
    const bool together = pos && neg && pos->part == neg->part;
    return together ? std::optional(volts(pos->volts - neg->volts)) : std::nullopt;
}

}  // namespace spirk
