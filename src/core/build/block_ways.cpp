// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/block_ways.h"

#include <algorithm>
#include <set>

namespace spirk {

namespace {

// Circuits that begin at a way of the block, in the circuit's order; at its intake begins what has
// a fuse of its own.
std::vector<ConductorId> circuitsOf(const Circuit& circuit, const Device& block) {
    std::vector<ConductorId> out;
    for (const Conductor& c : circuit.conductors) {
        if (c.from.device != block.id || c.pole != Pole::Positive) {
            continue;
        }
        if (portOf(block, c.from.port) > 0) {
            out.push_back(c.id);
        }
    }
    return out;
}

void number(const std::vector<ConductorId>& circuits,
            int most,
            const std::map<ConductorId, int>& given,
            std::map<ConductorId, int>& out) {
    std::set<int> taken;
    for (const ConductorId& id : circuits) {
        const auto kept = given.find(id);
        if (kept != given.end() && kept->second <= most && taken.insert(kept->second).second) {
            out[id] = kept->second;
        }
    }
    int next = 1;
    for (const ConductorId& id : circuits) {
        if (!out.contains(id)) {
            while (!taken.insert(next).second) {
                ++next;
            }
            out[id] = next;
        }
    }
}

}  // namespace

std::map<ConductorId, int> blockWays(const Circuit& circuit,
                                     const Library& library,
                                     const std::map<ConductorId, int>& given) {
    std::map<ConductorId, int> out;
    for (const Device& d : circuit.devices) {
        if (d.kind != DeviceKind::FuseBlock) {
            continue;
        }
        const std::vector<ConductorId> circuits = circuitsOf(circuit, d);
        const auto many = static_cast<int>(circuits.size());
        const HardwareModel* model = d.made ? findById(library.hardware, d.made->model) : nullptr;
        number(circuits, std::max(many, model == nullptr ? many : model->ways), given, out);
    }
    return out;
}

}  // namespace spirk
