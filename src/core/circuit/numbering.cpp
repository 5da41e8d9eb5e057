// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/numbering.h"

#include "core/circuit/ordering.h"

namespace spirk {

namespace {

// Whatever may join two terminals in some moment: conductors, and devices between their ports.
std::vector<std::pair<int, int>> couplings(const Numbering& numbering) {
    std::vector<std::pair<int, int>> out;
    for (const Numbering::Ends& ends : numbering.conductors) {
        out.emplace_back(ends.from, ends.to);
    }
    for (const std::vector<int>& nodes : numbering.devices) {
        for (std::size_t i = 1; i < nodes.size(); ++i) {
            out.emplace_back(nodes.front(), nodes[i]);
        }
    }
    return out;
}

}  // namespace

Numbering numberTerminals(const Circuit& circuit) {
    Numbering out;
    const auto nodeOf = [&](const TerminalId& id) {
        const auto [found, fresh] = out.node.try_emplace(id, out.count);
        out.count += fresh ? 1 : 0;
        return found->second;
    };
    for (const Device& device : circuit.devices) {
        std::vector<int> nodes;
        for (const Port& port : device.ports) {
            nodes.push_back(nodeOf({device.id, port.name}));
        }
        out.devices.push_back(std::move(nodes));
    }
    for (const Conductor& c : circuit.conductors) {
        const int from = nodeOf(c.from);
        out.conductors.push_back({from, nodeOf(c.to)});
    }
    out.order = eliminationOrder(out.count, couplings(out));
    return out;
}

}  // namespace spirk
