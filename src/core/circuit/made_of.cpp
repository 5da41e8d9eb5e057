// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/made_of.h"

#include <algorithm>

#include "core/base/promise.h"

namespace spirk {

namespace {

int fusesIn(const Circuit& circuit, std::size_t device) {
    const std::vector<EndOn>& ends = circuit.index->endsOn[device];
    return static_cast<int>(std::ranges::count_if(ends, [&](const EndOn& on) {
        const auto& [from, to] = circuit.index->protections[on.conductor];
        const auto& fuse = on.end == End::From ? from : to;
        return fuse && circuit.protections[*fuse].holds != Holds::Itself;
    }));
}

}  // namespace

bool isClip(const Port& port) { return port.connection.stud == "blade"; }

void makeOf(Device& device, const HardwareModel& model) {
    promise(device.made && device.made->kind == model.kind, "a device is made of its kind");
    device.made->model = model.id;
    device.part = model.name;
    device.weightKg = model.weightKg;
    device.price = model.price;
    device.rating = model.maxCurrent;
    for (Port& port : device.ports) {
        port.connection = isClip(port) ? port.connection : model.connection;
    }
    for (Element& element : device.elements) {
        if (auto* contact = std::get_if<Contact>(&element)) {
            contact->resistance = model.resistance;
        } else if (auto* metal = std::get_if<Resistance>(&element)) {
            metal->resistance = model.resistance;
        }
    }
}

int waysUsed(const Circuit& circuit, std::size_t device) {
    const auto& made = circuit.devices[device].made;
    promise(made.has_value(), "what is made of hardware has ways");
    switch (made->kind) {
        case HardwareKind::BusBar:
            return static_cast<int>(circuit.index->endsOn[device].size());
        case HardwareKind::Distributor:
        case HardwareKind::FuseBlock:
        case HardwareKind::BreakerPanel:
            return fusesIn(circuit, device);
        case HardwareKind::Switch:
        case HardwareKind::PvIsolator:
        case HardwareKind::Shunt:
        case HardwareKind::Strip:
        case HardwareKind::PanelInlet:
        case HardwareKind::Plug:
            return 0;
    }
    unreachable("waysUsed(HardwareKind)");
}

}  // namespace spirk
