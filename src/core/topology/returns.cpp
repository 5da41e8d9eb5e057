// SPDX-License-Identifier: GPL-3.0-or-later
// The way back: the shunt reversed (T7, listed as G6), a loop through the chassis (T8, listed as
// G1), and conductors that lead nowhere (T10).

#include <algorithm>

#include "core/topology/scene.h"

namespace spirk {

namespace {

// Whether a battery's negative lies in the net of a port.
bool bankAt(const Circuit& circuit, const Nets& nets, std::size_t device, std::size_t port) {
    return std::ranges::any_of(circuit.index->sources, [&](const ElementAt& at) {
        const Device& source = circuit.devices[at.device];
        const auto* battery = std::get_if<Emf>(&source.elements[at.element]);
        return battery != nullptr && source.kind == DeviceKind::Battery &&
               nets.of(at.device, battery->at.neg) == nets.of(device, port);
    });
}

// Whether anything else lies in the net of a port.
bool leadsOn(const Circuit& circuit, const Nets& nets, std::size_t device, std::size_t port) {
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        for (std::size_t p = 0; p < circuit.devices[d].ports.size(); ++p) {
            if (d != device && nets.of(d, p) == nets.of(device, port)) {
                return true;
            }
        }
    }
    return false;
}

// The bank on its load side, and what draws on its battery side, which is its first. Where nothing
// is there, it is passed by.
bool turned(const Circuit& circuit, std::size_t shunt) {
    const Nets nets(circuit, Relays::Open, {{}, {shunt}});
    return bankAt(circuit, nets, shunt, 1) && !bankAt(circuit, nets, shunt, 0) &&
           leadsOn(circuit, nets, shunt, 0);
}

bool loops(const Circuit& circuit) {
    const Device* bar = barOf(circuit, Pole::Negative);
    const Device* chassis = firstOf(circuit, DeviceKind::Chassis);
    if (bar == nullptr || chassis == nullptr) {
        return false;
    }
    Without bonds;
    for (std::size_t i = 0; i < circuit.conductors.size(); ++i) {
        if (circuit.conductors[i].purpose == Purpose::Bond) {
            bonds.conductors.insert(i);
        }
    }
    const Nets nets(circuit, Relays::Closed, bonds);
    const auto netOf = [&](const Device& d) {
        return nets.of(static_cast<std::size_t>(&d - circuit.devices.data()), 0);
    };
    return netOf(*bar) == netOf(*chassis);
}

}  // namespace

std::vector<Finding> shuntReversed(const Scene& scene) {
    std::vector<Finding> out;
    for (std::size_t d = 0; d < scene.now.devices.size(); ++d) {
        if (scene.now.devices[d].kind != DeviceKind::Shunt || !turned(scene.now, d) ||
            turned(scene.meant, d)) {
            continue;
        }
        Finding f = aboutDevice(scene, "G6", d);
        f.what = {"{device} is connected the wrong way round: the bank is on its load side."_text,
                  {{"device", scene.now.devices[d].name}}};
        f.why =
            "It counts charging as discharging: the state of charge that it shows falls while the bank fills."_text;
        f.remedy = {
            "Swap its two leads: the bank's negative on its battery side, all else on its load side."_text,
            {}};
        out.push_back(std::move(f));
    }
    return out;
}

std::vector<Finding> chassisLoops(const Scene& scene) {
    if (!loops(scene.now) || loops(scene.meant)) {
        return {};
    }
    const Device& bar = *barOf(scene.now, Pole::Negative);
    Finding f = ruled(scene.library, "G1", subject(bar.id));
    f.id += " loop";
    blame(scene, scene.allMoved(), f);
    f.what = {"The negative reaches the chassis by a second way, beside the bond."_text, {}};
    f.why =
        "Working current returns through the body as well: it is not counted, heats joints that nobody looks at, and corrodes them."_text;
    f.remedy = {
        "Leave one bond to the chassis; bring every other negative back to the negative bar."_text,
        {}};
    return {f};
}

std::vector<Finding> bondsOnPlus(const Scene& scene) {
    std::vector<Finding> out;
    for (const std::size_t i : scene.allMoved()) {
        const Conductor& c = scene.now.conductors[i];
        const auto onPlus = [&](const EndAt& end) {
            const Pole pole = scene.now.devices[end.device].ports[end.port].pole;
            return pole == Pole::Positive;
        };
        const EndsAt& ends = scene.now.index->ends[i];
        if (c.purpose != Purpose::Bond || !(onPlus(ends.from) || onPlus(ends.to))) {
            continue;
        }
        Finding f = aboutConductor(scene, "G1", i);
        f.severity = Severity::Danger;
        f.what = {"The bond joins plus and the body: it runs from {from} to {to}."_text,
                  {{"from", placeName(scene.now, c.from)}, {"to", placeName(scene.now, c.to)}}};
        f.why =
            "The body is the vehicle's minus: whatever else touches it is a short circuit, and the bond has no fuse."_text;
        f.remedy = {
            "Bond the negative bar to the chassis once, with bare metal and a short cable."_text,
            {}};
        out.push_back(std::move(f));
    }
    return out;
}

std::vector<Finding> leadingNowhere(const Scene& scene) {
    std::vector<Finding> out;
    for (const std::size_t i : scene.allMoved()) {
        const Conductor& c = scene.now.conductors[i];
        if (c.from != c.to) {
            continue;
        }
        Finding f = aboutConductor(scene, "T10", i);
        f.what = {"{name} has both ends on {terminal}: it leads nowhere."_text,
                  {{"name", c.name}, {"terminal", placeName(scene.now, c.from)}}};
        f.why = {"What it should supply or return is not connected."_text, {}};
        f.remedy = {"Move one of its ends back."_text, {}};
        out.push_back(std::move(f));
    }
    return out;
}

}  // namespace spirk
