// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/circuit.h"

#include <algorithm>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/circuit/ordering.h"
#include "core/circuit/skeleton.h"

namespace spirk {

namespace {

// By the index where it is the list's, else by walking.
template <class Id, class Entry>
const Entry* find(const std::map<Id, std::size_t>* index,
                  const std::vector<Entry>& entries,
                  const Id& id) {
    if (index != nullptr && index->size() == entries.size()) {
        const auto at = index->find(id);
        return at == index->end() ? nullptr : &entries[at->second];
    }
    const auto found = std::ranges::find(entries, id, &Entry::id);
    return found == entries.end() ? nullptr : &*found;
}

template <class Id, class Entry>
std::map<Id, std::size_t> positions(const std::vector<Entry>& entries) {
    std::map<Id, std::size_t> out;
    for (std::size_t i = 0; i < entries.size(); ++i) {
        promise(out.try_emplace(entries[i].id, i).second, "an id of a circuit stands once");
    }
    return out;
}

EndAt endAt(const Circuit& circuit, const CircuitIndex& index, const TerminalId& id) {
    const auto device = index.devices.find(id.device);
    promise(device != index.devices.end(), "a conductor ends at a device");
    const std::vector<Port>& ports = circuit.devices[device->second].ports;
    const auto port =
        static_cast<std::size_t>(std::ranges::find(ports, id.port, &Port::name) - ports.begin());
    promise(port < ports.size(), "a conductor ends at a port");
    return {device->second, port, index.firstNode[device->second] + static_cast<int>(port)};
}

// Whatever may join two terminals in some moment: conductors, and devices between their ports.
std::vector<std::pair<int, int>> couplings(const Circuit& circuit, const CircuitIndex& index) {
    std::vector<std::pair<int, int>> out;
    for (const EndsAt& ends : index.ends) {
        out.emplace_back(ends.from.node, ends.to.node);
    }
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        for (int i = 1; i < static_cast<int>(circuit.devices[d].ports.size()); ++i) {
            out.emplace_back(index.firstNode[d], index.firstNode[d] + i);
        }
    }
    return out;
}

std::vector<ProtectionsAt> protectionsOf(const Circuit& circuit, const CircuitIndex& index) {
    std::vector<ProtectionsAt> out(circuit.conductors.size());
    for (std::size_t i = 0; i < circuit.protections.size(); ++i) {
        for (const ConductorEnd& pole : circuit.protections[i].poles) {
            const auto at = index.conductors.find(pole.conductor);
            promise(at != index.conductors.end(), "a protective device stands at a conductor");
            (pole.end == End::From ? out[at->second].from : out[at->second].to) = i;
        }
    }
    return out;
}

std::vector<std::vector<EndOn>> endsOnDevices(const Circuit& circuit, const CircuitIndex& index) {
    std::vector<std::vector<EndOn>> out(circuit.devices.size());
    for (std::size_t c = 0; c < index.ends.size(); ++c) {
        const auto& [from, to] = index.ends[c];
        out[from.device].push_back({c, from.port, End::From});
        out[to.device].push_back({c, to.port, End::To});
    }
    return out;
}

bool gives(const Element& element) {
    return match(
        element,
        [](const Emf&) { return true; },
        [](const PanelCurve&) { return true; },
        [](const Limited&) { return true; },
        [](const Transfer&) { return true; },
        [](const Contact&) { return false; },
        [](const Draw&) { return false; },
        [](const Resistance&) { return false; });
}

void listElements(const Circuit& circuit, CircuitIndex& index) {
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        const std::vector<Element>& elements = circuit.devices[d].elements;
        for (std::size_t e = 0; e < elements.size(); ++e) {
            if (gives(elements[e])) {
                index.sources.push_back({d, e});
            } else if (std::holds_alternative<Draw>(elements[e])) {
                index.draws.push_back({d, e});
            }
        }
    }
}

}  // namespace

Circuit indexed(Circuit circuit) {
    CircuitIndex index;
    index.devices = positions<DeviceId>(circuit.devices);
    index.conductors = positions<ConductorId>(circuit.conductors);
    for (const Device& d : circuit.devices) {
        index.firstNode.push_back(index.nodes);
        index.nodes += static_cast<int>(d.ports.size());
    }
    for (const Conductor& c : circuit.conductors) {
        index.ends.push_back({endAt(circuit, index, c.from), endAt(circuit, index, c.to)});
    }
    for (const Conductor& c : circuit.conductors) {
        const auto at = c.pair ? index.conductors.find(*c.pair) : index.conductors.end();
        index.pair.push_back(at == index.conductors.end() ? std::nullopt
                                                          : std::optional(at->second));
    }
    index.endsOn = endsOnDevices(circuit, index);
    index.protections = protectionsOf(circuit, index);
    index.order = eliminationOrder(index.nodes, couplings(circuit, index));
    listElements(circuit, index);
    index.skeleton = skeletonOf(circuit, index);
    circuit.index = std::make_shared<const CircuitIndex>(std::move(index));
    return circuit;
}

CoreColour coreColour(const Conductor& c) {
    if (!isOurs(c)) {
        return CoreColour::Vehicle;
    }
    if (c.purpose == Purpose::Signal) {
        return CoreColour::Signal;
    }
    if (c.purpose == Purpose::Bond) {
        return CoreColour::Bond;
    }
    const bool positive = c.pole == Pole::Positive;
    if (c.side == Side::Panels) {
        return positive ? CoreColour::SolarPositive : CoreColour::SolarNegative;
    }
    return positive ? CoreColour::Positive : CoreColour::Negative;
}

const Device* findDevice(const Circuit& circuit, const DeviceId& id) {
    return find(circuit.index ? &circuit.index->devices : nullptr, circuit.devices, id);
}

const Device* firstOf(const Circuit& circuit, DeviceKind kind) {
    const auto at = std::ranges::find(circuit.devices, kind, &Device::kind);
    return at == circuit.devices.end() ? nullptr : &*at;
}

const Device* firstOf(const Circuit& circuit, DeviceKind kind, const UnitId& unit) {
    const auto at = std::ranges::find_if(
        circuit.devices, [&](const Device& d) { return d.kind == kind && d.unit == unit; });
    return at == circuit.devices.end() ? nullptr : &*at;
}

const Conductor* feedOf(const Circuit& circuit, const UnitId& unit, Pole pole) {
    const auto at = std::ranges::find_if(circuit.conductors, [&](const Conductor& c) {
        return c.unit == unit && c.purpose == Purpose::Feed && isHousePole(c, pole);
    });
    return at == circuit.conductors.end() ? nullptr : &*at;
}

TerminalId firstTerminal(const Device& device) { return {device.id, device.ports.front().name}; }

const Device* barOf(const Circuit& circuit, Pole pole) {
    const auto at = std::ranges::find_if(circuit.devices, [&](const Device& d) {
        return d.kind == DeviceKind::BusBar && d.ports.front().pole == pole;
    });
    return at == circuit.devices.end() ? nullptr : &*at;
}

const Device* otherPoleOf(const Circuit& circuit, const Device& bar) {
    const auto at = std::ranges::find_if(circuit.devices, [&](const Device& d) {
        return d.kind == bar.kind && d.unit == bar.unit && d.ports.size() == 1 &&
               d.ports.front().pole != bar.ports.front().pole;
    });
    return bar.ports.size() == 1 && at != circuit.devices.end() ? &*at : nullptr;
}

std::size_t portOf(const Device& device, std::string_view port) {
    const auto at = std::ranges::find(device.ports, port, &Port::name);
    promise(at != device.ports.end(), "a device has the port that it is asked for");
    return static_cast<std::size_t>(at - device.ports.begin());
}

const Conductor* findConductor(const Circuit& circuit, const ConductorId& id) {
    return find(circuit.index ? &circuit.index->conductors : nullptr, circuit.conductors, id);
}

const Port* findPort(const Circuit& circuit, const TerminalId& id) {
    const Device* device = findDevice(circuit, id.device);
    if (device == nullptr) {
        return nullptr;
    }
    const auto found = std::ranges::find(device->ports, id.port, &Port::name);
    return found == device->ports.end() ? nullptr : &*found;
}

Text placeName(const Circuit& circuit, const TerminalId& id) {
    const Device* device = findDevice(circuit, id.device);
    promise(device != nullptr, "a terminal belongs to a device of the circuit");
    // A way of a block is called by what hangs on it, which only files say so.
    const bool byName = id.port.find('.') == std::string::npos;
    if (device->ports.size() == 1 || !byName) {
        return device->name;
    }
    return {"{device} ({port})"_text, {{"device", device->name}, {"port", Text::given(id.port)}}};
}

const Protection* protectionAt(const Circuit& circuit, const Conductor& c, End end) {
    const auto i = static_cast<std::size_t>(&c - circuit.conductors.data());
    const ProtectionsAt& at = circuit.index->protections[i];
    const auto& found = end == End::From ? at.from : at.to;
    return found ? &circuit.protections[*found] : nullptr;
}

std::optional<int> nodeOf(const Circuit& circuit, const TerminalId& id) {
    const Device* device = findDevice(circuit, id.device);
    const Port* port = device == nullptr ? nullptr : findPort(circuit, id);
    if (port == nullptr) {
        return std::nullopt;
    }
    const auto d = static_cast<std::size_t>(device - circuit.devices.data());
    return circuit.index->firstNode[d] + static_cast<int>(port - device->ports.data());
}

}  // namespace spirk
