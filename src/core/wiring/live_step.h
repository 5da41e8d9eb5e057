// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a way adds to the first switch-on and to the settings: its own steps, in its own words.
// powerup puts them in order, solves each and says what a meter should show.

#include <map>
#include <set>
#include <string>
#include <vector>

#include "core/explain/id.h"
#include "core/quantities/units.h"
#include "core/text/text.h"
#include "core/wiring/post.h"

namespace spirk {

// When a step comes; those of one stage in the plan's order.
enum class Stage {
    MadeSafe,   // with everything off, before anything is tested
    Bank,       // its volts and fuses
    Main,       // the bars
    Blocks,     // fuse blocks, their ways still empty
    Circuits,   // one after another
    Inverters,  // idling
    Sun,        // battery first, then the panels
    Engine,     // started
    Shore,      // plugged in
    End,        // after all runs
};

enum class Reads {
    Across,   // volts, from a terminal to its counter-terminal
    Monitor,  // amperes out of the bank
    Given,    // amperes out of a device
    Taken,    // amperes into a device that gives what it takes
    UpTo,     // amperes out of a device at most, in proportion to the sun
};
struct WantedReading {
    Reads what = Reads::Across;
    Fixed at;    // of Across; of the others but Monitor only its device counts
    Text where;  // 'amps into it from the starter battery'; of volts empty

    // Requires that its post was found.
    [[nodiscard]] const TerminalId& terminal() const { return std::get<TerminalId>(at); }
    // That of none where it is about the whole bank.
    [[nodiscard]] TerminalId terminalOrNone() const {
        const auto* found = std::get_if<TerminalId>(&at);
        return found == nullptr ? TerminalId{} : *found;
    }
};

// What the van does while something is read; afterwards it does it no more.
struct Look {
    std::string name;  // sets a second look of a step apart: '.sun'
    std::set<DeviceId> loads;
    std::map<DeviceId, Watts> drawn;
    double sun = 0.0;
    bool driving = false;
    bool onShore = false;
    std::vector<WantedReading> readings;
};

struct LiveStep {
    std::string id;  // stable: 'on.main'
    Stage stage = Stage::End;
    Text text;     // '{name}' stands for the name of its first subject
    Text caution;  // where the work is dangerous; else empty
    std::vector<Subject> subjects;
    std::vector<ConductorId> fuses;  // that are put in
    std::vector<DeviceId> closed;    // switches that are closed
    std::vector<Look> looks;
};

// What a setting is for; they are listed in this order.
enum class Sets { Charging, Output, Monitor };
struct WantedSetting {
    DeviceId device;
    Sets sets = Sets::Charging;
    Text setting;
    Value value;
};

}  // namespace spirk
