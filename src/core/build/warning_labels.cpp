// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/warning_labels.h"

#include <algorithm>
#include <set>

namespace spirk {

namespace {

bool regulatesSun(const Device& d) {
    return d.kind == DeviceKind::SolarController || d.kind == DeviceKind::CombinedCharger;
}

const TerminalId* farEnd(const Conductor& c, const DeviceId& device) {
    return c.from.device == device ? &c.to : c.to.device == device ? &c.from : nullptr;
}

// The isolators between a regulator's output and what it charges.
void addParting(const Circuit& circuit, const Device& regulator, std::set<DeviceId>& to) {
    std::vector<TerminalId> open;
    for (const Element& e : regulator.elements) {
        if (const auto* x = std::get_if<Transfer>(&e)) {
            open.push_back({regulator.id, regulator.ports[x->out.pos].name});
        }
    }
    while (!open.empty()) {
        const TerminalId at = open.back();
        open.pop_back();
        for (const Conductor& c : circuit.conductors) {
            const bool here = c.from == at || c.to == at;
            const TerminalId* far = here ? farEnd(c, at.device) : nullptr;
            const Device* device = far == nullptr ? nullptr : findDevice(circuit, far->device);
            if (device == nullptr || device->kind != DeviceKind::Isolator ||
                !to.insert(device->id).second) {
                continue;
            }
            for (const Port& port : device->ports) {
                open.push_back({device->id, port.name});
            }
        }
    }
}

class Labels {
public:
    explicit Labels(const Circuit& circuit) : circuit_(circuit) {}

    std::vector<WarningLabel> all() {
        std::set<DeviceId> parting;
        for (const Device& d : circuit_.devices) {
            if (regulatesSun(d)) {
                addParting(circuit_, d, parting);
            }
        }
        for (const Device& d : circuit_.devices) {
            if (d.kind == DeviceKind::PvIsolator) {
                add(d, "Solar: open this FIRST"_text, "then the controller from its battery"_text);
            } else if (parting.contains(d.id)) {
                add(d,
                    "Solar controller: open this SECOND"_text,
                    "only with the panels' isolator open or the panels covered"_text);
            } else if (d.kind == DeviceKind::MainSwitch) {
                addLive(d);
            }
        }
        return std::move(out_);
    }

private:
    void add(const Device& device, Text first, Text second) {
        out_.push_back({device.id, std::move(first), std::move(second)});
    }
    // What is fed from where the switch's own feed begins.
    void addLive(const Device& master) {
        const auto feed = std::ranges::find_if(circuit_.conductors, [&](const Conductor& c) {
            return c.to.device == master.id && c.pole == Pole::Positive;
        });
        if (feed == circuit_.conductors.end()) {
            return;
        }
        std::vector<Text> live;
        for (const Conductor& c : circuit_.conductors) {
            const bool here = c.from == feed->from || c.to == feed->from;
            const bool ofTheBank = c.purpose == Purpose::Lead || c.purpose == Purpose::Link;
            if (here && !ofTheBank && c.id != feed->id) {
                live.push_back(c.name);
            }
        }
        if (!live.empty()) {
            add(master, "Live with this switch off:"_text, listed(live));
        }
    }

    const Circuit& circuit_;
    std::vector<WarningLabel> out_;
};

}  // namespace

std::vector<WarningLabel> warningLabels(const Circuit& circuit) { return Labels(circuit).all(); }

}  // namespace spirk
