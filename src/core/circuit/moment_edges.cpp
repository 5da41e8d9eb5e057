// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/moment_edges.h"

#include "core/base/promise.h"

namespace spirk {

MomentEdges::MomentEdges(const CircuitState& state, const Moment& moment)
    : state_(state), moment_(moment), pulled_(moment.pulled) {
    const CircuitIndex& index = *state.circuit->index;
    promise(state.ohms.size() == index.ends.size(), "each conductor has ohms");
    promise(pulled_.empty() || pulled_.size() == index.ends.size(),
            "of each conductor a moment says whether it is pulled");
    for (const DeviceId& id : moment.open) {
        if (const auto at = index.devices.find(id); at != index.devices.end()) {
            open_.insert(at->second);
        }
    }
    for (const auto& [end, resistance] : moment.joints) {
        if (const auto at = index.conductors.find(end.conductor); at != index.conductors.end()) {
            ConductorOhms& o =
                joints_.try_emplace(at->second, state.ohms[at->second]).first->second;
            (end.end == End::From ? o.jointFrom : o.jointTo) = resistance;
        }
    }
}

bool MomentEdges::joins(const CircuitEdge& edge) const {
    if (edge.conductor) {
        return pulled_.empty() || !pulled_[*edge.conductor];
    }
    return !edge.contact || (!open_.contains(edge.device) && closes(edge));
}

const ConductorOhms& MomentEdges::conductor(std::size_t index) const {
    const auto bad = joints_.empty() ? joints_.end() : joints_.find(index);
    return bad == joints_.end() ? state_.ohms[index] : bad->second;
}

bool MomentEdges::closes(const CircuitEdge& edge) const {
    const Element& element = state_.circuit->devices[edge.device].elements[edge.element];
    return lives(std::get<Contact>(element).closed, moment_);
}

Ohms MomentEdges::inside(const CircuitEdge& edge) const {
    const Element& element = state_.circuit->devices[edge.device].elements[edge.element];
    if (const auto* contact = std::get_if<Contact>(&element)) {
        return contact->resistance;
    }
    return std::get<Resistance>(element).resistance;
}

Ohms MomentEdges::resistance(const CircuitEdge& edge) const {
    const Ohms whole = edge.conductor ? conductor(*edge.conductor).whole() : inside(edge);
    return std::max(whole, ohms(kLeastOhms));
}

}  // namespace spirk
