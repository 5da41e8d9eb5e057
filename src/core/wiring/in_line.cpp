// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/in_line.h"

#include <algorithm>

namespace spirk {

namespace {

// What the second part ends at may still be asked for.
void moveFarEnd(Draft& draft, const ConductorId& first, const ConductorId& second) {
    const ConductorEnd far{first, End::To};
    for (Ask& ask : draft.piece.asks) {
        auto* end = std::get_if<ConductorEnd>(&ask.of);
        if (end != nullptr && *end == far) {
            end->conductor = second;
        }
    }
    if (Protection* fuse = draft.protectionAt(far)) {
        std::ranges::find(fuse->poles, far)->conductor = second;
    }
}

// 'id.after'; of one that is parted already, with what parts it again between.
ConductorId behindOf(const Draft& draft, const ConductorId& id, const InLineDevice& by) {
    const ConductorId usual(id.value + ".after");
    return findConductor(draft.circuit(), usual) == nullptr
               ? usual
               : ConductorId(inLineId(id, by).value + ".after");
}

}  // namespace

DeviceId inLineId(const ConductorId& conductor, const InLineDevice& by) {
    return DeviceId(conductor.value + std::string(by.suffix));
}

Device& partConductor(Draft& draft, const ConductorId& id, const InLineDevice& by) {
    const std::string device = inLineId(id, by).value;
    Conductor second = draft.conductorAt(id);
    draft.unit = second.unit;
    second.id = behindOf(draft, id, by);
    second.name = {by.behind, {{"conductor", second.name}}};
    second.from = terminal(device, "b");
    second.pair.reset();  // the other pole goes on with the first part
    if (second.purpose == Purpose::Lead || second.purpose == Purpose::Feed) {
        second.purpose = Purpose::Link;  // it no longer comes from where the first part does
    }
    moveFarEnd(draft, id, second.id);
    draft.conductorAt(id).to = terminal(device, "a");
    const Pole pole = second.pole;
    draft.circuit().conductors.push_back(std::move(second));
    Device& d = draft.hardware(device, by.kind, by.of, by.name);
    Draft::port(d, "a", pole);
    Draft::port(d, "b", pole);
    if (by.of == HardwareKind::Switch) {
        d.elements.emplace_back(Contact{{{0, 1}}, {}});
    } else {
        d.elements.emplace_back(Resistance{{0, 1}, {}});
    }
    return d;
}

DeviceId addServiceIsolator(Draft& draft, const ConductorId& lead, const std::string& option) {
    const Text name = draft.conductorAt(lead).name;
    Device& d = partConductor(draft, lead, kInLineIsolator);
    d.name = {"isolator, {lead}"_text, {{"lead", name}}};
    d.leftOutBy = LeftOutBy{option, "none"};
    return d.id;
}

}  // namespace spirk
