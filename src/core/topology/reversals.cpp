// SPDX-License-Identifier: GPL-3.0-or-later
// T2: a battery, panel, charger, inverter or load the wrong way round.

#include <algorithm>

#include "core/circuit/walk.h"
#include "core/topology/scene.h"

namespace spirk {

namespace {

using Ends = std::vector<EndOn>;

Ends endsAt(const Circuit& circuit, std::size_t device, std::size_t port) {
    Ends out;
    std::ranges::copy_if(circuit.index->endsOn[device],
                         std::back_inserter(out),
                         [&](const EndOn& end) { return end.port == port; });
    return out;
}

const EndAt& endOf(const Circuit& circuit, std::size_t conductor, End end) {
    const EndsAt& ends = circuit.index->ends[conductor];
    return end == End::From ? ends.from : ends.to;
}
End other(End end) { return end == End::From ? End::To : End::From; }

// Whether all that was meant to end at one port ends at another.
bool wentTo(const Scene& scene, const Ends& meant, std::size_t device, std::size_t port) {
    return !meant.empty() && std::ranges::all_of(meant, [&](const EndOn& end) {
        const EndAt& now = endOf(scene.now, end.conductor, end.end);
        return now.device == device && now.port == port;
    });
}

// Whether the far end of what was meant to end at one port lies where that of the other was meant
// to, and nothing of its own does.
bool farWentTo(const Scene& scene, const Ends& from, const Ends& to) {
    return !from.empty() && !to.empty() && std::ranges::all_of(from, [&](const EndOn& end) {
        const int now = scene.nets.of(endOf(scene.now, end.conductor, other(end.end)));
        const int own = scene.nets.of(endOf(scene.meant, end.conductor, other(end.end)));
        return now != own && std::ranges::all_of(to, [&](const EndOn& there) {
                   return scene.nets.of(endOf(scene.meant, there.conductor, other(there.end))) ==
                          now;
               });
    });
}

bool swapped(const Scene& scene, std::size_t device, const PortPair& ports) {
    const Ends pos = endsAt(scene.meant, device, ports.pos);
    const Ends neg = endsAt(scene.meant, device, ports.neg);
    return (wentTo(scene, pos, device, ports.neg) && wentTo(scene, neg, device, ports.pos)) ||
           (farWentTo(scene, pos, neg) && farWentTo(scene, neg, pos));
}

const Emf* batteryOf(const Device& device) {
    for (const Element& e : device.elements) {
        if (const auto* battery = std::get_if<Emf>(&e)) {
            return battery;
        }
    }
    return nullptr;
}

Finding reversed(const Scene& scene, std::size_t device, const Text& why) {
    Finding f = aboutDevice(scene, "T2", device);
    f.what = {"The wrong way round: {device}. Plus is where minus belongs."_text,
              {{"device", scene.now.devices[device].name}}};
    f.why = why;
    f.remedy =
        "Swap its two leads back before anything is connected. Before the first connection hold a meter to the leads: plus must read positive."_text;
    return f;
}

constexpr Phrase kBatteryWhy =
    "Beside others it drives twice their voltage around a loop of bare cable; alone it turns the polarity of the whole system. Either destroys what is connected, and the cables burn."_text;

// What the wrong polarity does to what an element is.
Text harmOf(const Element& element) {
    if (const auto* draw = std::get_if<Draw>(&element)) {
        return draw->by == DrawnBy::Moment
                   ? "Its input stage is destroyed at once; at best its fuse opens first."_text
                   : "Most electronics are destroyed by the wrong polarity; motors run backwards."_text;
    }
    if (std::holds_alternative<PanelCurve>(element)) {
        return "The controller's input is destroyed, or takes all that the panels give as a short circuit."_text;
    }
    return "Its output and the battery drive each other: it is destroyed at once, and its fuse opens at best."_text;
}

// Panels have no volts by themselves: they must come to a controller's input with the same poles.
bool againstItsController(const Scene& scene, std::size_t device, const PortPair& panels) {
    const int pos = scene.nets.of(device, panels.pos);
    const int neg = scene.nets.of(device, panels.neg);
    for (std::size_t d = 0; d < scene.now.devices.size(); ++d) {
        for (const Element& e : scene.now.devices[d].elements) {
            const auto* x = std::get_if<Transfer>(&e);
            const bool takes = x != nullptr && x->live == Live::InSun;
            if (takes && pos != neg && scene.nets.of(d, x->in.pos) == neg &&
                scene.nets.of(d, x->in.neg) == pos) {
                return true;
            }
        }
    }
    return false;
}

}  // namespace

std::vector<Finding> reversedBatteries(const Scene& scene) {
    std::vector<Finding> out;
    for (std::size_t d = 0; d < scene.now.devices.size(); ++d) {
        const Emf* battery = batteryOf(scene.now.devices[d]);
        if (battery != nullptr && swapped(scene, d, battery->at)) {
            out.push_back(reversed(scene, d, kBatteryWhy));
        }
    }
    return out;
}

std::vector<Finding> reversals(const Scene& scene) {
    std::vector<Finding> out;
    const Levels levels(scene.now, scene.nets);
    const Levels meant(scene.meant, scene.meantNets);
    for (std::size_t d = 0; d < scene.now.devices.size(); ++d) {
        for (const Element& e : scene.now.devices[d].elements) {
            const bool wrong = std::ranges::any_of(workingPorts(e), [&](const PortPair& ports) {
                const auto across = levels.across(d, ports);
                const bool panels = std::holds_alternative<PanelCurve>(e);
                const auto before = meant.across(d, ports);
                const bool turned = across && across->si() < 0.0 && !(before && before->si() < 0.0);
                return turned || (panels && againstItsController(scene, d, ports));
            });
            if (wrong) {
                out.push_back(reversed(scene, d, harmOf(e)));
                break;
            }
        }
    }
    return out;
}

}  // namespace spirk
