// SPDX-License-Identifier: GPL-3.0-or-later
// T4: what should be fed or charged, and is not; no way to charge at all. E7: of what charges from
// the engine, where only its way back is missing.

#include <algorithm>

#include "core/circuit/walk.h"
#include "core/topology/scene.h"

namespace spirk {

namespace {

// Less than this is no supply: rounding of volts that cancel.
constexpr double kNoVolts = 0.5;

class Fed {
public:
    Fed(const Circuit& circuit, const Nets& nets)
        : circuit_(circuit), nets_(nets), levels_(circuit, nets) {}

    // Whether an element has at its ports what it needs: a supply, or something to give to.
    [[nodiscard]] bool is(std::size_t device, const Element& e) const {
        if (std::holds_alternative<Draw>(e)) {
            return supplied(device, std::get<Draw>(e).at);
        }
        if (const auto* x = std::get_if<Transfer>(&e)) {
            const bool gives = x->inside || supplied(device, x->out);
            return gives && (supplied(device, x->in) || inSun(device, x->in));
        }
        if (const auto* panels = std::get_if<PanelCurve>(&e)) {
            return taken(device, panels->at);
        }
        if (const auto* battery = std::get_if<Emf>(&e)) {
            return hasCompany(device, battery->at.pos) && hasCompany(device, battery->at.neg);
        }
        return true;
    }

    [[nodiscard]] bool supplied(std::size_t device, const PortPair& ports) const {
        const auto across = levels_.across(device, ports);
        return across && across->si() > kNoVolts;
    }

private:
    template <class Kind, class Ports>
    [[nodiscard]] bool meets(std::size_t device, const PortPair& ports, const Ports& of) const {
        for (std::size_t d = 0; d < circuit_.devices.size(); ++d) {
            for (const Element& e : circuit_.devices[d].elements) {
                const auto* there = std::get_if<Kind>(&e);
                if (there != nullptr && d != device &&
                    nets_.of(d, of(*there).pos) == nets_.of(device, ports.pos) &&
                    nets_.of(d, of(*there).neg) == nets_.of(device, ports.neg)) {
                    return true;
                }
            }
        }
        return false;
    }
    [[nodiscard]] bool inSun(std::size_t device, const PortPair& input) const {
        return meets<PanelCurve>(device, input, [](const PanelCurve& p) { return p.at; });
    }
    [[nodiscard]] bool taken(std::size_t device, const PortPair& panels) const {
        return meets<Transfer>(device, panels, [](const Transfer& x) { return x.in; });
    }
    // Something that gives or draws lies in the net of a battery's pole.
    [[nodiscard]] bool hasCompany(std::size_t device, std::size_t port) const {
        const int net = nets_.of(device, port);
        for (std::size_t d = 0; d < circuit_.devices.size(); ++d) {
            for (const Element& e : circuit_.devices[d].elements) {
                const bool here = std::ranges::any_of(workingPorts(e), [&](const PortPair& ports) {
                    return nets_.of(d, ports.pos) == net || nets_.of(d, ports.neg) == net;
                });
                if (d != device && here) {
                    return true;
                }
            }
        }
        return false;
    }

    const Circuit& circuit_;
    const Nets& nets_;
    Levels levels_;
};

// The supply of a shunt's display, which draws next to nothing; nothing where it has no lead for
// one.
std::optional<PortPair> displayOf(const Device& device) {
    const auto supply = std::ranges::find(device.ports, Pole::None, &Port::pole);
    return device.kind != DeviceKind::Shunt || supply == device.ports.end()
               ? std::nullopt
               : std::optional(
                     PortPair{static_cast<std::size_t>(supply - device.ports.begin()), 0});
}

// What it lacks, by what it is.
Text lackOf(const Element& element) {
    if (std::holds_alternative<Draw>(element)) {
        return "No current can reach {device} and return."_text;
    }
    if (std::holds_alternative<Emf>(element)) {
        return "There is nothing that {device} could supply."_text;
    }
    return "Nothing is charged by {device}: its source or what it should charge is not connected."_text;
}

bool takesFromEngine(const Element& element) {
    const auto* x = std::get_if<Transfer>(&element);
    return x != nullptr && (x->live == Live::EngineRunning || x->live == Live::EngineOrShore);
}

bool isReturn(const Conductor& c) { return c.pole == Pole::Negative || c.purpose == Purpose::Bond; }

// What was moved that this device needs is negative: its current gets there, and not back.
bool lacksReturn(const Scene& scene, std::size_t device) {
    const std::vector<std::size_t> moved = scene.movedFor(device);
    return !moved.empty() && std::ranges::all_of(moved, [&](std::size_t i) {
        return isReturn(scene.now.conductors[i]);
    });
}

Finding withoutReturn(const Scene& scene, std::size_t device) {
    Finding f = aboutDevice(scene, "E7", device);
    f.what = {"{device} charges nothing: its current cannot return to the vehicle's battery."_text,
              {{"device", scene.now.devices[device].name}}};
    f.why =
        "The engine's charging current returns through the house negative, its bond and the body; without that way back nothing flows."_text;
    f.remedy =
        "Follow its negative to the negative bar, and the bond from there to the chassis; move back what ends elsewhere."_text;
    return f;
}

Finding lacking(const Scene& scene, std::size_t device, const Element& element) {
    if (takesFromEngine(element) && lacksReturn(scene, device)) {
        return withoutReturn(scene, device);
    }
    Finding f = aboutDevice(scene, "T4", device);
    f.what = with(lackOf(element), {"device", scene.now.devices[device].name});
    f.why = {"It does nothing, and nobody notices before it is needed."_text, {}};
    f.remedy = {"Follow both of its leads to where they end, and move them back."_text, {}};
    return f;
}

}  // namespace

std::vector<Finding> unfed(const Scene& scene) {
    std::vector<Finding> out;
    const Fed now(scene.now, scene.nets);
    const Fed meant(scene.meant, scene.meantNets);
    for (std::size_t d = 0; d < scene.now.devices.size(); ++d) {
        for (const Element& e : scene.now.devices[d].elements) {
            if (meant.is(d, e) && !now.is(d, e)) {
                out.push_back(lacking(scene, d, e));
                break;
            }
        }
        const auto display = displayOf(scene.now.devices[d]);
        if (display && meant.supplied(d, *display) && !now.supplied(d, *display)) {
            out.push_back(lacking(scene, d, Draw{}));
        }
    }
    return out;
}

std::vector<Finding> withoutEngineReturn(const Scene& scene) {
    const Device* bar = barOf(scene.now, Pole::Negative);
    const Device* chassis = firstOf(scene.now, DeviceKind::Chassis);
    if (bar == nullptr || chassis == nullptr) {
        return {};
    }
    const auto meet = [&](const Nets& nets) {
        const auto netOf = [&](const Device* d) {
            return nets.of(static_cast<std::size_t>(d - scene.now.devices.data()), 0);
        };
        return netOf(bar) == netOf(chassis);
    };
    std::vector<Finding> out;
    if (meet(scene.nets) || !meet(scene.meantNets)) {
        return out;
    }
    for (std::size_t d = 0; d < scene.now.devices.size(); ++d) {
        const DeviceKind kind = scene.now.devices[d].kind;
        if (kind == DeviceKind::Relay || kind == DeviceKind::SecondAlternator) {
            out.push_back(withoutReturn(scene, d));
        }
    }
    return out;
}

std::vector<Finding> nothingCharges(const Scene& scene) {
    std::vector<Finding> out;
    const System& gear = scene.gear;
    if (scene.plan.appliances.empty()) {
        return out;  // a plan that has just been begun
    }
    for (const BankUnit& bank : gear.banks) {
        bool charged = false;
        gear.eachOnRail([&](const auto& unit, const UnitId& rail) {
            using Hung = std::decay_t<decltype(unit)>;
            constexpr bool kCharges =
                !std::is_same_v<Hung, TrickleUnit> && !std::is_same_v<Hung, MonitorUnit>;
            bool gives = kCharges;
            if constexpr (std::is_same_v<Hung, InverterUnit>) {
                gives = unit.model->charge.si() > 0.0;
            }
            charged = charged || (gives && gear.rail(rail).bank == bank.id);
        });
        if (charged) {
            continue;
        }
        const Device* battery = firstOf(scene.now, DeviceKind::Battery, bank.id);
        Finding f = ruled(scene.library, "T4", subject(battery->id));
        f.id = "T4 " + bank.id.value;
        f.what = {"Nothing charges the bank: no sun, no engine, no shore power."_text, {}};
        f.why = {"When it is empty it stays empty; lead left empty is spoilt within weeks."_text,
                 {}};
        f.remedy = {"Add a way to charge it in Supply."_text, {}};
        out.push_back(std::move(f));
    }
    return out;
}

}  // namespace spirk
