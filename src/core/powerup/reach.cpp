// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/reach.h"

#include <algorithm>

#include "core/circuit/walk.h"

namespace spirk {

namespace {

// A main switch that is off; a contact that only a running engine closes.
bool isOpenAtRest(const Device& device) {
    return device.kind == DeviceKind::MainSwitch ||
           std::ranges::any_of(device.elements, [](const Element& element) {
               const auto* contact = std::get_if<Contact>(&element);
               return contact != nullptr && contact->closed != Live::Always;
           });
}

// Metal as it is joined with the main switch off and the engine stopped.
Joins atRest(const Circuit& circuit) {
    Joins joins = joinsOf(circuit);
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        if (!isOpenAtRest(circuit.devices[d])) {
            continue;
        }
        for (std::size_t port = 0; port < circuit.devices[d].ports.size(); ++port) {
            const int node = circuit.index->firstNode[d] + static_cast<int>(port);
            std::erase_if(joins[static_cast<std::size_t>(node)],
                          [](const Join& join) { return !join.conductor.has_value(); });
        }
    }
    return joins;
}

}  // namespace

Reach::Reach(const Circuit& circuit, const Cables& cables, const Library& library)
    : circuit_(circuit),
      cables_(cables),
      library_(library),
      battery_(reached(false)),
      vehicle_(reached(true)) {}

std::vector<bool> Reach::reached(bool starter) const {
    const Joins joins = atRest(circuit_);
    std::vector<bool> out(static_cast<std::size_t>(circuit_.index->nodes), false);
    for (const ElementAt& source : circuit_.index->sources) {
        const Device& d = circuit_.devices[source.device];
        const auto* emf = std::get_if<Emf>(&d.elements[source.element]);
        if (emf == nullptr || (d.kind == DeviceKind::Starter) != starter) {
            continue;
        }
        const int pos = circuit_.index->firstNode[source.device] + static_cast<int>(emf->at.pos);
        for (const int node : reachedFrom(joins, pos)) {
            out[static_cast<std::size_t>(node)] = true;
        }
    }
    return out;
}

std::optional<LiveFrom> Reach::boltedAt(const ConductorId& fuse) const {
    const std::size_t index = circuit_.index->conductors.at(fuse);
    const auto& fitted = cables_.rows[index].fuseFrom;
    if (!fitted || fitted->leftOut || fitted->holds == Holds::Block) {
        return std::nullopt;
    }
    const FuseFamily& family = familyOf(library_, fitted->family);
    // A cartridge whose holder has clamps for the cable is put in by closing the holder.
    if (family.mount == FuseMount::Block || !needsLug(studOf(family, fitted->rating))) {
        return std::nullopt;
    }
    const auto node = static_cast<std::size_t>(circuit_.index->ends[index].from.node);
    return battery_[node]   ? LiveFrom::BatteryItself
           : vehicle_[node] ? LiveFrom::Vehicle
                            : LiveFrom::Switched;
}

}  // namespace spirk
