// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/joined_ports.h"

#include <algorithm>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/circuit/walk.h"

namespace spirk {

namespace {

// Gives or draws by itself, in some moment.
bool isActive(const Device& device) {
    return std::ranges::any_of(device.elements, [](const Element& e) {
        return !std::holds_alternative<Contact>(e) && !std::holds_alternative<Resistance>(e);
    });
}

bool has(const std::vector<std::size_t>& ports, std::size_t port) {
    return std::ranges::binary_search(ports, port);
}

std::vector<Arrival> arrivals(const Circuit& circuit, const JoinedPorts& joint) {
    std::vector<Arrival> out;
    const auto here = [&](const EndAt& end) {
        return end.device == joint.device && has(joint.ports, end.port);
    };
    for (std::size_t i = 0; i < circuit.index->ends.size(); ++i) {
        const EndsAt& ends = circuit.index->ends[i];
        if (here(ends.to)) {
            out.push_back({i, 1.0});
        }
        if (here(ends.from)) {
            out.push_back({i, -1.0});
        }
    }
    return out;
}

}  // namespace

JoinedPorts joinedPorts(const Circuit& circuit, std::size_t conductor) {
    const EndsAt& ends = circuit.index->ends[conductor];
    const bool atTo =
        isActive(circuit.devices[ends.to.device]) || !isActive(circuit.devices[ends.from.device]);
    const EndAt& end = atTo ? ends.to : ends.from;
    JoinedPorts out;
    out.device = end.device;
    out.sign = atTo ? 1.0 : -1.0;
    out.ports = joinedInside(circuit.devices[end.device], end.port);
    out.others = arrivals(circuit, out);
    const auto self = std::ranges::find_if(out.others, [&](const Arrival& a) {
        return a.conductor == conductor && a.sign == out.sign;
    });
    promise(self != out.others.end(), "a conductor meets its own end");
    out.others.erase(self);
    return out;
}

std::vector<Own> ownCurrents(const Circuit& circuit,
                             const MomentSolution& solved,
                             const JoinedPorts& joint) {
    std::vector<Own> out;
    const auto add = [&](std::size_t port, OwnFigure figure, Amps into) {
        if (has(joint.ports, port)) {
            out.push_back({figure, into});
        }
    };
    // Out of the positive port, into the negative one.
    const auto gives = [&](const PortPair& at, Amps current) {
        add(at.pos, OwnFigure::Device, -current);
        add(at.neg, OwnFigure::Device, current);
    };
    for (const Flow& flow : solved.flows) {
        if (flow.device != joint.device) {
            continue;
        }
        match(
            circuit.devices[flow.device].elements[flow.element],
            [&](const Emf& x) { gives(x.at, flow.through); },
            [&](const PanelCurve& x) { gives(x.at, flow.through); },
            [&](const Limited& x) { gives(x.at, flow.through); },
            [&](const Draw& x) { gives(x.at, -flow.through); },
            [&](const Transfer& x) {
                gives(x.out, flow.through);
                add(x.in.pos, OwnFigure::Input, flow.input.value_or(Amps()));
                add(x.in.neg, OwnFigure::Input, -flow.input.value_or(Amps()));
            },
            [](const Contact&) {},
            [](const Resistance&) {});
    }
    return out;
}

}  // namespace spirk
