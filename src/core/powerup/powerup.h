// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The sheet for the first switch-on: dead tests, the settings of each device, the order of
// switching on with the volts and amps to expect at each step, from the solved network. Ends with
// the inverter's output unplugged: its mains side is not planned here.

#include <optional>
#include <string>
#include <vector>

#include "core/cables/cables.h"
#include "core/system/system.h"
#include "core/topology/topology.h"
#include "core/wiring/wiring.h"

namespace spirk {

// What a meter should show.
struct Expected {
    Text where;  // 'voltage at inverter, dc+ to dc-'
    Measure value;
    Measure low, high;  // between these all is well
    FigureId figure;    // says how value and range came about
    bool operator==(const Expected&) const = default;
};

struct SwitchStep {
    std::string id;  // stable: 'dead.polarity', 'on.fuseblock'
    Text text;
    Text caution;  // where the work is dangerous; else empty
    std::vector<Expected> readings;
    std::vector<Subject> subjects;
    bool operator==(const SwitchStep&) const = default;
};

struct DeviceSetting {
    DeviceId device;
    Text name;
    Text setting;
    Value value;
    bool operator==(const DeviceSetting&) const = default;
};

struct PowerUp {
    std::vector<SwitchStep> deadTests;
    std::vector<DeviceSetting> settings;
    std::vector<SwitchStep> switchOn;
    std::vector<SwitchStep> shutDown;  // for work on it, and for storage
    std::vector<Moment> moments;       // of the steps, as they were solved
    Derivations why;
};

struct PowerUpInput {
    const Region& region;  // with the colours that the person chose
    const Library& library;
    const System& gear;
    const Needs& needs;
    const Wiring& wiring;  // the sound one, where the plan's has mistakes of connection
    const Topology& topology;
    const Cables& cables;
};

[[nodiscard]] PowerUp powerUpFor(const PowerUpInput& input);

// Said at the foot of every printed page.
[[nodiscard]] Text footCaution();

}  // namespace spirk
