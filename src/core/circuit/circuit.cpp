// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/circuit.h"

#include <algorithm>

namespace spirk {

const Device* findDevice(const Circuit& circuit, const DeviceId& id) {
    const auto found = std::ranges::find(circuit.devices, id, &Device::id);
    return found == circuit.devices.end() ? nullptr : &*found;
}

const Conductor* findConductor(const Circuit& circuit, const ConductorId& id) {
    const auto found = std::ranges::find(circuit.conductors, id, &Conductor::id);
    return found == circuit.conductors.end() ? nullptr : &*found;
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
