// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/numbering.h"

namespace spirk {

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
    return out;
}

}  // namespace spirk
