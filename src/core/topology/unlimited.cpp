// SPDX-License-Identifier: GPL-3.0-or-later
// T3: a source that reaches a battery without what limits or regulates it.

#include <algorithm>
#include <set>

#include "core/topology/scene.h"

namespace spirk {

namespace {

// Devices that make volts, whose positive lies in a net.
using Sources = std::set<std::size_t>;

class SourcesOf {
public:
    SourcesOf(const Circuit& circuit, const Nets& nets) : circuit_(circuit), nets_(nets) {}

    template <class Kind>
    [[nodiscard]] Sources of(int net) const {
        Sources out;
        for (const ElementAt& at : circuit_.index->sources) {
            const Element& e = circuit_.devices[at.device].elements[at.element];
            const auto* source = std::get_if<Kind>(&e);
            if (source != nullptr && nets_.of(at.device, source->at.pos) == net) {
                out.insert(at.device);
            }
        }
        return out;
    }
    [[nodiscard]] Sources batteries(std::size_t device, std::size_t port) const {
        return of<Emf>(nets_.of(device, port));
    }
    [[nodiscard]] Sources all(std::size_t device, std::size_t port) const {
        Sources out = batteries(device, port);
        out.merge(of<PanelCurve>(nets_.of(device, port)));
        return out;
    }

private:
    const Circuit& circuit_;
    const Nets& nets_;
};

Finding panelsOnBattery(const Scene& scene, std::size_t panels, std::size_t battery) {
    Finding f = aboutDevice(scene, "T3", panels);
    f.what = {
        "Between {panels} and {battery} there is no controller."_text,
        {{"panels", scene.now.devices[panels].name}, {"battery", scene.now.devices[battery].name}}};
    f.why =
        "Nothing ends the charge: full batteries are overcharged, lead gases, and a BMS switches off while the panels then raise everything else to their own voltage."_text;
    f.remedy = {"Connect the panels to the controller's panel side (PV) only."_text, {}};
    return f;
}

Finding batteriesJoined(const Scene& scene, std::size_t a, std::size_t b) {
    const Circuit& circuit = scene.now;
    Finding f = ruled(scene.library, "T3", subject(circuit.devices[a].id));
    f.id += " " + circuit.devices[b].id.value;
    blame(scene, scene.allMoved(), f);
    f.what = {"{a} and {b} are joined for good: nothing between them limits what flows."_text,
              {{"a", circuit.devices[a].name}, {"b", circuit.devices[b].name}}};
    f.why =
        "The fuller one drives all it can into the other, the alternator is taken without limit, and loads of the house drain the battery that must start the engine."_text;
    f.remedy =
        "Let a charger that limits the current, or a relay where both are lead-acid, stand between them."_text;
    return f;
}

Finding swappedSides(const Scene& scene, std::size_t charger) {
    Finding f = aboutDevice(scene, "T3", charger);
    f.what = {"Input and output of {device} are swapped."_text,
              {{"device", scene.now.devices[charger].name}}};
    f.why =
        "It is built for the other direction: it is destroyed, or drains the battery that it should charge and overcharges the other."_text;
    f.remedy = {"Swap its two plus leads back before anything is connected."_text, {}};
    return f;
}

void addPanels(const Scene& scene, const SourcesOf& now, std::vector<Finding>& out) {
    for (const ElementAt& at : scene.now.index->sources) {
        const Element& e = scene.now.devices[at.device].elements[at.element];
        const auto* panels = std::get_if<PanelCurve>(&e);
        if (panels == nullptr) {
            continue;
        }
        const Sources batteries = now.batteries(at.device, panels->at.pos);
        if (!batteries.empty()) {
            out.push_back(panelsOnBattery(scene, at.device, *batteries.begin()));
        }
    }
}

// Batteries of one unit are joined by its way; those of two only by a mistake.
void addBatteries(const Scene& scene, std::vector<Finding>& out) {
    const Nets open(scene.now, Relays::Open);
    const Nets meantOpen(scene.meant, Relays::Open);
    const SourcesOf now(scene.now, open);
    const SourcesOf meant(scene.meant, meantOpen);
    std::set<std::pair<UnitId, UnitId>> said;
    for (const ElementAt& at : scene.now.index->sources) {
        const Device& a = scene.now.devices[at.device];
        const auto* battery = std::get_if<Emf>(&a.elements[at.element]);
        if (battery == nullptr) {
            continue;
        }
        const Sources before = meant.batteries(at.device, battery->at.pos);
        for (const std::size_t b : now.batteries(at.device, battery->at.pos)) {
            const UnitId& other = scene.now.devices[b].unit;
            const bool fresh = b > at.device && !before.contains(b) && other != a.unit;
            if (fresh && said.insert({a.unit, other}).second) {
                out.push_back(batteriesJoined(scene, at.device, b));
            }
        }
    }
}

void addSwapped(const Scene& scene, const SourcesOf& now, std::vector<Finding>& out) {
    const SourcesOf meant(scene.meant, scene.meantNets);
    for (const ElementAt& at : scene.now.index->sources) {
        const auto* x = std::get_if<Transfer>(&scene.now.devices[at.device].elements[at.element]);
        if (x == nullptr) {
            continue;
        }
        const Sources in = meant.all(at.device, x->in.pos);
        const Sources given = meant.all(at.device, x->out.pos);
        const bool turned = in != given && !in.empty() && !given.empty() &&
                            now.all(at.device, x->in.pos) == given &&
                            now.all(at.device, x->out.pos) == in;
        if (turned) {
            out.push_back(swappedSides(scene, at.device));
        }
    }
}

}  // namespace

std::vector<Finding> unlimitedSources(const Scene& scene) {
    std::vector<Finding> out;
    const SourcesOf now(scene.now, scene.nets);
    addSwapped(scene, now, out);
    addPanels(scene, now, out);
    addBatteries(scene, out);
    return out;
}

}  // namespace spirk
