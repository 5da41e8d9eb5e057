// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/walk.h"

#include <algorithm>

#include "core/base/match.h"

namespace spirk {

namespace {

// Calls `visit` with each pair of ports that a device joins by metal or by a contact.
template <class Visit>
void forInside(const Device& device, const Visit& visit) {
    for (const Element& e : device.elements) {
        if (const auto* contact = std::get_if<Contact>(&e)) {
            for (const PortPair& pole : contact->poles) {
                visit(pole);
            }
        } else if (const auto* metal = std::get_if<Resistance>(&e)) {
            visit(metal->between);
        }
    }
}

}  // namespace

Joins joinsOf(const Circuit& circuit) {
    const CircuitIndex& index = *circuit.index;
    Joins out(static_cast<std::size_t>(index.nodes));
    const auto join = [&](int a, int b, std::optional<std::size_t> conductor) {
        out[static_cast<std::size_t>(a)].push_back({b, conductor});
        out[static_cast<std::size_t>(b)].push_back({a, conductor});
    };
    for (std::size_t i = 0; i < index.ends.size(); ++i) {
        join(index.ends[i].from.node, index.ends[i].to.node, i);
    }
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        forInside(circuit.devices[d], [&](const PortPair& pair) {
            join(index.firstNode[d] + static_cast<int>(pair.pos),
                 index.firstNode[d] + static_cast<int>(pair.neg),
                 std::nullopt);
        });
    }
    return out;
}

std::vector<int> reachedFrom(const Joins& joins, int node) {
    std::vector<bool> seen(joins.size(), false);
    std::vector<int> out{node};
    seen[static_cast<std::size_t>(node)] = true;
    for (std::size_t next = 0; next < out.size(); ++next) {
        for (const Join& join : joins[static_cast<std::size_t>(out[next])]) {
            if (!seen[static_cast<std::size_t>(join.to)]) {
                seen[static_cast<std::size_t>(join.to)] = true;
                out.push_back(join.to);
            }
        }
    }
    return out;
}

std::vector<std::size_t> joinedInside(const Device& device, std::size_t port) {
    std::vector<bool> in(device.ports.size(), false);
    in[port] = true;
    for (bool grew = true; grew;) {
        grew = false;
        forInside(device, [&](const PortPair& pair) {
            if (in[pair.pos] != in[pair.neg]) {
                in[pair.pos] = in[pair.neg] = true;
                grew = true;
            }
        });
    }
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < in.size(); ++i) {
        if (in[i]) {
            out.push_back(i);
        }
    }
    return out;
}

std::vector<PortPair> workingPorts(const Element& element) {
    return match(
        element,
        [](const Emf& x) { return std::vector{x.at}; },
        [](const PanelCurve& x) { return std::vector{x.at}; },
        [](const Limited& x) { return std::vector{x.at}; },
        [](const Transfer& x) {
            return std::vector{x.in, x.out};
        },
        [](const Draw& x) { return std::vector{x.at}; },
        [](const Contact&) { return std::vector<PortPair>{}; },
        [](const Resistance&) { return std::vector<PortPair>{}; });
}

}  // namespace spirk
