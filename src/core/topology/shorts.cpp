// SPDX-License-Identifier: GPL-3.0-or-later
// T1: plus joined to minus without a load between, of batteries and of what makes a rail.

#include <algorithm>

#include "core/circuit/walk.h"
#include "core/topology/scene.h"

namespace spirk {

namespace {

struct Poles {
    std::size_t device = 0;
    PortPair ports;
};

// Of what gives whatever is asked: batteries, and what holds a rail.
std::vector<Poles> polesOf(const Circuit& circuit) {
    std::vector<Poles> out;
    for (const ElementAt& source : circuit.index->sources) {
        const Element& e = circuit.devices[source.device].elements[source.element];
        if (const auto* battery = std::get_if<Emf>(&e)) {
            out.push_back({source.device, battery->at});
        } else if (const auto* x = std::get_if<Transfer>(&e); x != nullptr && x->inside) {
            out.push_back({source.device, x->out});
        }
    }
    return out;
}

// The conductors on the shortest way of metal from one node to another, without some of them.
std::vector<std::size_t> wayBetween(const Circuit& circuit,
                                    int from,
                                    int to,
                                    const Without& without) {
    const Joins joins = joinsOf(circuit);
    std::vector<std::optional<Join>> back(joins.size());
    std::vector<int> next{from};
    for (std::size_t i = 0; i < next.size(); ++i) {
        for (const Join& join : joins[static_cast<std::size_t>(next[i])]) {
            auto& there = back[static_cast<std::size_t>(join.to)];
            const bool gone = join.conductor && without.conductors.contains(*join.conductor);
            if (!gone && !there && join.to != from) {
                there = Join{next[i], join.conductor};
                next.push_back(join.to);
            }
        }
    }
    std::vector<std::size_t> out;
    for (int node = to; node != from;) {
        const auto& step = back[static_cast<std::size_t>(node)];
        if (!step) {
            return {};
        }
        if (step->conductor) {
            out.push_back(*step->conductor);
        }
        node = step->to;
    }
    return out;
}

// The one that joins what must stay apart: a moved one whose ends are of different poles, else a
// moved one, else any.
std::size_t culprit(const Scene& scene, const std::vector<std::size_t>& way) {
    const auto rank = [&](std::size_t i) {
        const EndsAt& ends = scene.now.index->ends[i];
        const auto pole = [&](const EndAt& end) {
            return scene.now.devices[end.device].ports[end.port].pole;
        };
        const bool moved = scene.moved(i, End::From) || scene.moved(i, End::To);
        return 2 * int{moved} + int{pole(ends.from) != pole(ends.to)};
    };
    return *std::ranges::max_element(way, {}, rank);
}

Finding shorted(const Scene& scene, std::size_t conductor, std::size_t source, bool byRelay) {
    const Conductor& c = scene.now.conductors[conductor];
    Finding f = aboutConductor(scene, "T1", conductor);
    f.where.push_back(subject(scene.now.devices[source].id));
    f.what = {
        byRelay
            ? "{name} joins plus and minus of {source} as soon as the relay closes: it runs from {from} to {to}."_text
            : "{name} joins plus and minus of {source}: it runs from {from} to {to}."_text,
        {{"name", c.name},
         {"source", scene.now.devices[source].name},
         {"from", placeName(scene.now, c.from)},
         {"to", placeName(scene.now, c.to)}}};
    f.why =
        "A dead short: thousands of amperes flow at once, through cables, bars and fuses that are not made for it. No cable and no fuse is sized for that current; they keep the sizes that they have without the mistake."_text;
    f.remedy = {"Move it back to where it belongs before anything is connected."_text, {}};
    return f;
}

}  // namespace

std::vector<Finding> shorts(const Scene& scene) {
    const Circuit& circuit = scene.now;
    std::vector<Finding> out;
    const std::vector<Poles> poles = polesOf(circuit);
    Without without;
    for (bool found = true; found;) {
        found = false;
        const Nets open(circuit, Relays::Open, without);
        const Nets closed(circuit, Relays::Closed, without);
        for (const Poles& p : poles) {
            const auto joined = [&](const Nets& nets) {
                return nets.of(p.device, p.ports.pos) == nets.of(p.device, p.ports.neg);
            };
            if (!joined(closed)) {
                continue;
            }
            const int first = circuit.index->firstNode[p.device];
            const std::vector<std::size_t> way = wayBetween(circuit,
                                                            first + static_cast<int>(p.ports.pos),
                                                            first + static_cast<int>(p.ports.neg),
                                                            without);
            if (!way.empty()) {
                const std::size_t bad = culprit(scene, way);
                out.push_back(shorted(scene, bad, p.device, !joined(open)));
                without.conductors.insert(bad);
                found = true;
                break;
            }
        }
    }
    return out;
}

}  // namespace spirk
