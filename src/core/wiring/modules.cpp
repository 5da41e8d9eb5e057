// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/modules.h"

#include <algorithm>

#include "core/circuit/kinds.h"
#include "core/wiring/in_line.h"

namespace spirk {

namespace {

constexpr InLineDevice kPlugBetween{DeviceKind::Plug,
                                    HardwareKind::Plug,
                                    ".plug",
                                    "plug"_text,
                                    "{conductor}, behind the plug"_text};

// A rail's blocks are units of their own in the circuit.
bool belongs(const Device& d, const UnitId& unit) {
    const std::string block = blockOf(unit).value;
    return d.unit == unit || d.unit.value == block || d.unit.value.starts_with(block + ".");
}

// Panels lie on the roof, and what is at the driver, at a lamp or at the bed stays there.
bool standsElsewhere(const Draft& draft, const Device& d) {
    return kindRow(d.kind).stands == Stands::BeforeController ||
           d.place != PlaceId(Draft::kUsualPlace) || draft.plan.van.placed.contains(d.id);
}

using Membership = std::map<DeviceId, const ModuleChoice*>;

const ModuleChoice* moduleOf(const Draft& draft, const Device& d) {
    if (d.appliance) {
        return moduleWith(draft.gear, *d.appliance);
    }
    for (const ModuleChoice& module : draft.gear.modules) {
        const bool in =
            std::ranges::any_of(module.units, [&](const UnitId& unit) { return belongs(d, unit); });
        if (in && !standsElsewhere(draft, d)) {
            return &module;
        }
    }
    return nullptr;
}

// A strip whose loads are all in one module is in it too: one plug for the circuit, not one for
// each load.
const ModuleChoice* moduleOfStrip(const Draft& draft, const Membership& in, const Device& strip) {
    const ModuleChoice* of = nullptr;
    for (const Conductor& c : draft.circuit().conductors) {
        if (c.from.device != strip.id && c.to.device != strip.id) {
            continue;
        }
        const DeviceId& other = c.from.device == strip.id ? c.to.device : c.from.device;
        const Device* load = findDevice(draft.circuit(), other);
        if (load == nullptr || !load->appliance) {
            continue;
        }
        if (in.at(other) == nullptr || (of != nullptr && of != in.at(other))) {
            return nullptr;
        }
        of = in.at(other);
    }
    return of;
}

std::vector<ConductorId> leaving(const Draft& draft, const Membership& in) {
    std::vector<ConductorId> out;
    for (const Conductor& c : draft.circuit().conductors) {
        const bool ours = isNew(c) && c.pole != Pole::None && c.purpose != Purpose::Bond;
        if (ours && in.at(c.from.device) != in.at(c.to.device)) {
            out.push_back(c.id);
        }
    }
    return out;
}

// What goes on behind the plug.
ConductorId plugIn(Draft& draft, const ConductorId& id, const PlaceId& place) {
    const Text name = draft.conductorAt(id).name;
    Device& d = partConductor(draft, id, kPlugBetween);
    d.name = {"plug, {lead}"_text, {{"lead", name}}};
    d.place = draft.placeOf(d.id, place.value);
    return draft.circuit().conductors.back().id;
}

// Out and back are one run behind their plugs, too.
void pairBehind(Draft& draft, const std::map<ConductorId, ConductorId>& behind) {
    for (const auto& [id, after] : behind) {
        const auto other = draft.conductorAt(id).pair;
        const auto at = other ? behind.find(*other) : behind.end();
        if (at != behind.end()) {
            draft.conductorAt(after).pair = at->second;
        }
    }
}

}  // namespace

void partModules(Draft& draft) {
    if (draft.gear.modules.empty()) {
        return;
    }
    Membership in;
    for (const Device& d : draft.circuit().devices) {
        in[d.id] = moduleOf(draft, d);
    }
    for (const Device& d : draft.circuit().devices) {
        if (d.kind == DeviceKind::Strip) {
            in[d.id] = moduleOfStrip(draft, in, d);
        }
    }
    for (Device& d : draft.circuit().devices) {
        if (const ModuleChoice* module = in[d.id]) {
            d.place = module->place;
        }
    }
    std::map<ConductorId, ConductorId> behind;
    for (const ConductorId& id : leaving(draft, in)) {
        const Conductor& c = draft.conductorAt(id);
        const ModuleChoice* module =
            in[c.from.device] != nullptr ? in[c.from.device] : in[c.to.device];
        behind.emplace(id, plugIn(draft, id, module->place));
    }
    pairBehind(draft, behind);
}

}  // namespace spirk
