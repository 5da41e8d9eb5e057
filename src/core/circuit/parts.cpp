// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/parts.h"

#include <algorithm>
#include <numeric>

#include "core/base/promise.h"
#include "core/circuit/node_index.h"

namespace spirk {

namespace {

int rootOf(std::vector<int>& parent, int node) {
    while (parent[at(node)] != node) {
        parent[at(node)] = parent[at(parent[at(node)])];
        node = parent[at(node)];
    }
    return node;
}

void join(std::vector<int>& parent, int a, int b) {
    const int ra = rootOf(parent, a);
    const int rb = rootOf(parent, b);
    parent[at(std::max(ra, rb))] = std::min(ra, rb);
}

}  // namespace

Parts partsOf(const Network& network) {
    std::vector<int> parent(at(network.nodes));
    std::iota(parent.begin(), parent.end(), 0);
    for (const Resistor& r : network.resistors) {
        promise(r.resistance.si() > 0.0, "a resistor has a resistance above zero");
        join(parent, r.a, r.b);
    }
    for (const VoltageSource& s : network.sources) {
        promise(s.resistance.si() > 0.0, "a source has a resistance above zero");
        join(parent, s.pos, s.neg);
    }
    Parts out;
    out.part.assign(at(network.nodes), -1);
    for (int node = 0; node < network.nodes; ++node) {
        const int root = rootOf(parent, node);
        if (root == node) {
            out.part[at(node)] = static_cast<int>(out.reference.size());
            out.reference.push_back(node);
        } else {
            out.part[at(node)] = out.part[at(root)];
        }
    }
    out.hasSource.assign(out.reference.size(), false);
    out.highest.assign(out.reference.size(), volts(0.0));
    for (const VoltageSource& s : network.sources) {
        const std::size_t part = at(out.part[at(s.pos)]);
        out.hasSource[part] = true;
        out.highest[part] = std::max(out.highest[part], s.emf);
    }
    return out;
}

bool connected(const Parts& parts, int pos, int neg) {
    const int part = parts.part[at(pos)];
    return part == parts.part[at(neg)] && parts.hasSource[at(part)];
}

}  // namespace spirk
