// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/warning_labels.h"

#include <algorithm>

namespace spirk {

namespace {

bool endsAt(const Conductor& c, const DeviceId& device) {
    return c.from.device == device || c.to.device == device;
}

bool regulatesSun(const Device& d) {
    return d.kind == DeviceKind::SolarController || d.kind == DeviceKind::CombinedCharger;
}

// A lead on the battery's side of what regulates the sun.
bool feedsFromSun(const Circuit& circuit, const Conductor& c) {
    const bool atRegulator = regulatesSun(*findDevice(circuit, c.from.device)) ||
                             regulatesSun(*findDevice(circuit, c.to.device));
    const Device& one = *findDevice(circuit, c.from.device);
    const Device& other = *findDevice(circuit, c.to.device);
    const bool fromVehicle = one.kind == DeviceKind::Starter || other.kind == DeviceKind::Starter;
    return atRegulator && !fromVehicle && c.side == Side::House && c.pole == Pole::Positive;
}

class Labels {
public:
    explicit Labels(const Circuit& circuit) : circuit_(circuit) {}

    std::vector<WarningLabel> all() {
        for (const Device& d : circuit_.devices) {
            if (d.kind == DeviceKind::PvIsolator) {
                add(d, "Solar: open this FIRST"_text, "then the controller from its battery"_text);
            } else if (d.kind == DeviceKind::Isolator && partsController(d)) {
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
    [[nodiscard]] bool partsController(const Device& isolator) const {
        return std::ranges::any_of(circuit_.conductors, [&](const Conductor& c) {
            return endsAt(c, isolator.id) && feedsFromSun(circuit_, c);
        });
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
