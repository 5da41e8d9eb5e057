// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/joined_ports.h"

#include <algorithm>

#include "core/result/promise.h"

namespace spirk {

namespace {

bool active(DeviceKind kind) {
    switch (kind) {
        case DeviceKind::Battery:
        case DeviceKind::Starter:
        case DeviceKind::Alternator:
        case DeviceKind::Array:
        case DeviceKind::SolarController:
        case DeviceKind::DcdcCharger:
        case DeviceKind::Converter:
        case DeviceKind::Inverter:
        case DeviceKind::Load:
            return true;
        case DeviceKind::CollectingBar:
        case DeviceKind::BusBar:
        case DeviceKind::MainSwitch:
        case DeviceKind::Isolator:
        case DeviceKind::PvIsolator:
        case DeviceKind::Shunt:
        case DeviceKind::FuseBlock:
        case DeviceKind::Strip:
        case DeviceKind::Chassis:
        case DeviceKind::Ignition:
            return false;
    }
    unreachable("active");
}

// Ports that are one piece of metal, or joined by a contact, with `port`.
bool joined(const Device& d, const std::string& port, const std::string& other) {
    switch (d.kind) {
        case DeviceKind::MainSwitch:
        case DeviceKind::Isolator:
        case DeviceKind::Shunt:
            return true;
        case DeviceKind::PvIsolator:
            return port.back() == other.back();
        case DeviceKind::FuseBlock:
            return (port == "neg") == (other == "neg");
        default:
            return port == other;
    }
}

bool has(const std::vector<std::string>& ports, const std::string& port) {
    return std::ranges::find(ports, port) != ports.end();
}

std::vector<Arrival> arrivals(const Circuit& circuit, const JoinedPorts& joint) {
    std::vector<Arrival> out;
    for (std::size_t i = 0; i < circuit.conductors.size(); ++i) {
        const Conductor& c = circuit.conductors[i];
        const auto here = [&](const TerminalId& t) {
            return t.device == joint.device->id && has(joint.ports, t.port);
        };
        if (here(c.to)) {
            out.push_back({i, 1.0});
        }
        if (here(c.from)) {
            out.push_back({i, -1.0});
        }
    }
    return out;
}

}  // namespace

JoinedPorts joinedPorts(const Circuit& circuit, const Conductor& c) {
    const Device* from = findDevice(circuit, c.from.device);
    const Device* to = findDevice(circuit, c.to.device);
    promise(from != nullptr && to != nullptr, "a conductor ends at devices");
    const bool atTo = active(to->kind) || !active(from->kind);
    JoinedPorts out;
    out.device = atTo ? to : from;
    out.sign = atTo ? 1.0 : -1.0;
    const std::string& own = atTo ? c.to.port : c.from.port;
    for (const Port& port : out.device->ports) {
        if (joined(*out.device, own, port.name)) {
            out.ports.push_back(port.name);
        }
    }
    const auto index = static_cast<std::size_t>(&c - circuit.conductors.data());
    out.others = arrivals(circuit, out);
    const auto self = std::ranges::find_if(
        out.others, [&](const Arrival& a) { return a.conductor == index && a.sign == out.sign; });
    promise(self != out.others.end(), "a conductor meets its own end");
    out.others.erase(self);
    return out;
}

std::vector<Own> ownCurrents(const MomentSolution& solved, const JoinedPorts& joint) {
    std::vector<Own> out;
    const auto current = solved.device.find(joint.device->id);
    if (current == solved.device.end()) {
        return out;
    }
    const auto input = solved.input.find(joint.device->id);
    const Amps given = current->second;
    const Amps taken = input == solved.input.end() ? amps(0.0) : input->second;
    const DeviceKind kind = joint.device->kind;
    const bool load = kind == DeviceKind::Load || kind == DeviceKind::Inverter;
    const auto add = [&](const char* port, OwnFigure figure, Amps into) {
        if (has(joint.ports, port)) {
            out.push_back({figure, into});
        }
    };
    if (load) {
        const bool inverter = kind == DeviceKind::Inverter;
        add(inverter ? "dc+" : "+", OwnFigure::Device, given);
        add(inverter ? "dc-" : "-", OwnFigure::Device, given * -1.0);
    } else if (kind == DeviceKind::SolarController) {
        add("bat+", OwnFigure::Device, given * -1.0);
        add("bat-", OwnFigure::Device, given);
        add("pv+", OwnFigure::Input, taken);
        add("pv-", OwnFigure::Input, taken * -1.0);
    } else if (kind == DeviceKind::DcdcCharger || kind == DeviceKind::Converter) {
        add("out+", OwnFigure::Device, given * -1.0);
        add("in+", OwnFigure::Input, taken);
        add("neg", OwnFigure::Device, given);
        add("neg", OwnFigure::Input, taken * -1.0);
    } else {
        add("+", OwnFigure::Device, given * -1.0);
        add("-", OwnFigure::Device, given);
    }
    return out;
}

}  // namespace spirk
