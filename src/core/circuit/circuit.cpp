// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/circuit.h"

#include <algorithm>

#include "core/result/promise.h"

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

}  // namespace

Circuit indexed(Circuit circuit) {
    CircuitIndex index{positions<DeviceId>(circuit.devices),
                       positions<ConductorId>(circuit.conductors)};
    circuit.index = std::make_shared<const CircuitIndex>(std::move(index));
    return circuit;
}

const Device* findDevice(const Circuit& circuit, const DeviceId& id) {
    return find(circuit.index ? &circuit.index->devices : nullptr, circuit.devices, id);
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

}  // namespace spirk
