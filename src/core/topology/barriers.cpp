// SPDX-License-Identifier: GPL-3.0-or-later
// T6: what must stand behind the main fuse and the main switch, and stands before them.

#include <algorithm>

#include "core/topology/scene.h"

namespace spirk {

namespace {

// What parts a bank from all that hangs on it.
enum class Barrier { Fuse, Switch };

// The main switches; or the fused leads of what hangs on a bank by itself.
Without without(Barrier barrier, const System& gear, const Circuit& circuit) {
    Without out;
    for (std::size_t d = 0; d < circuit.devices.size() && barrier == Barrier::Switch; ++d) {
        if (circuit.devices[d].kind == DeviceKind::MainSwitch) {
            out.devices.insert(d);
        }
    }
    for (std::size_t i = 0; i < circuit.conductors.size() && barrier == Barrier::Fuse; ++i) {
        const bool fused = circuit.index->protections[i].from || circuit.index->protections[i].to;
        const bool main = std::ranges::any_of(gear.rails, [&](const RailUnit& rail) {
            return rail.atBank() && rail.id == circuit.conductors[i].unit;
        });
        if (fused && main) {
            out.conductors.insert(i);
        }
    }
    return out;
}

enum class Drawn { Nothing, Loads, Inverter };

// What stands on the batteries' side of a barrier.
class Before {
public:
    Before(Barrier barrier, const System& gear, const Circuit& circuit)
        : circuit_(circuit), nets_(circuit, Relays::Open, without(barrier, gear, circuit)) {
        for (const ElementAt& at : circuit.index->sources) {
            const Device& device = circuit.devices[at.device];
            const auto* battery = std::get_if<Emf>(&device.elements[at.element]);
            if (battery != nullptr && device.kind == DeviceKind::Battery) {
                live_.insert(nets_.of(at.device, battery->at.pos));
            }
        }
    }

    // Whether a conductor's end lies there.
    [[nodiscard]] bool live(const EndAt& end) const { return live_.contains(nets_.of(end)); }
    // What a device draws there.
    [[nodiscard]] Drawn drawnBy(std::size_t device) const {
        Drawn out = Drawn::Nothing;
        for (const Element& e : circuit_.devices[device].elements) {
            if (const auto* draw = std::get_if<Draw>(&e);
                draw != nullptr && live(device, draw->at)) {
                out = std::max(out, draw->by == DrawnBy::Moment ? Drawn::Inverter : Drawn::Loads);
            }
            const auto* x = std::get_if<Transfer>(&e);
            if (x != nullptr && x->inside && live(device, x->in)) {
                out = std::max(out, Drawn::Loads);
            }
        }
        return out;
    }

private:
    [[nodiscard]] bool live(std::size_t device, const PortPair& ports) const {
        return live_.contains(nets_.of(device, ports.pos));
    }

    const Circuit& circuit_;
    const Nets nets_;
    std::set<int> live_;
};

// The device that a moved conductor brings there: at the end that was not moved.
std::optional<std::size_t> broughtThere(const Scene& scene,
                                        const Before& now,
                                        const Before& meant,
                                        std::size_t conductor) {
    const EndsAt& ends = scene.now.index->ends[conductor];
    const EndsAt& before = scene.meant.index->ends[conductor];
    if (scene.moved(conductor, End::From) && now.live(ends.from) && !meant.live(before.from)) {
        return ends.to.device;
    }
    if (scene.moved(conductor, End::To) && now.live(ends.to) && !meant.live(before.to)) {
        return ends.from.device;
    }
    return std::nullopt;
}

Finding before(const Scene& scene, Barrier barrier, std::size_t device, Drawn drawn) {
    const bool fuse = barrier == Barrier::Fuse;
    Finding f = aboutDevice(scene, "T6", device);
    f.severity = fuse && drawn == Drawn::Inverter ? f.severity : Severity::Fault;
    f.what = {fuse ? "{device} is connected before the main fuse."_text
                   : "{device} is connected before the main switch."_text,
              {{"device", scene.now.devices[device].name}}};
    f.why =
        fuse
            ? "The main fuse does not protect what leads to it, and the main switch does not make it dead."_text
            : "Switching off does not make it dead."_text;
    f.remedy = {"Connect it behind the main switch, at the bus bars."_text, {}};
    return f;
}

void addBefore(const Scene& scene,
               Barrier barrier,
               std::set<std::size_t>& said,
               std::vector<Finding>& out) {
    const Before now(barrier, scene.gear, scene.now);
    const Before meant(barrier, scene.gear, scene.meant);
    Drawn most = Drawn::Nothing;
    for (std::size_t d = 0; d < scene.now.devices.size(); ++d) {
        const Drawn here = now.drawnBy(d);
        most = meant.drawnBy(d) == Drawn::Nothing ? std::max(most, here) : most;
    }
    if (most == Drawn::Nothing) {
        return;
    }
    for (const std::size_t i : scene.allMoved()) {
        const auto device = broughtThere(scene, now, meant, i);
        if (device && said.insert(*device).second) {
            out.push_back(before(scene, barrier, *device, most));
        }
    }
}

}  // namespace

std::vector<Finding> beforeTheSwitch(const Scene& scene) {
    std::vector<Finding> out;
    std::set<std::size_t> said;
    for (const Barrier barrier : {Barrier::Fuse, Barrier::Switch}) {
        addBefore(scene, barrier, said, out);
    }
    return out;
}

}  // namespace spirk
