// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The circuit read as ladders. Private to this room.

#include <memory>
#include <set>
#include <vector>

#include "core/circuit/circuit.h"

namespace spirk {

// A conductor and the device it passes through at its far end (an isolator, a switch, the shunt).
struct Link {
    const Conductor* conductor = nullptr;
    const Device* through = nullptr;  // null at the end of a chain
};

struct Ladder;

// From the upper rail down through a chain to a device, and on through a chain to the lower rail.
struct Rung {
    std::vector<Link> up;
    const Device* device = nullptr;
    std::unique_ptr<Ladder> inner;  // where the device is a ladder of its own
    std::vector<Link> down;
    const Conductor* side = nullptr;  // a converter's own negative, down beside the rung
    // Batteries that are linked to the device's, side by side: each string from the top, the
    // device's own first. Empty where the device stands alone.
    std::vector<std::vector<const Device*>> strings;
    std::vector<const Conductor*> links;  // between and within the strings, but for those in `down`
    std::size_t downFrom = 0;             // the string that goes on downwards
};

struct Ladder {
    const Device* top = nullptr;
    const Device* bottom = nullptr;  // the same device for a block or strip
    std::vector<Rung> rungs;
};

struct Reading {
    std::vector<Ladder> ladders;  // of each pair of bars, in the circuit's order; never empty
    std::set<ConductorId> used;
    std::set<DeviceId> placed;
    std::set<DeviceId> hidden;  // inside closed blocks
};

// The other side of a device that a chain passes through.
[[nodiscard]] TerminalId otherSide(const Circuit& circuit, const TerminalId& terminal);

// Reads the ladders between the bars. `closed` devices are not opened.
[[nodiscard]] Reading readLadders(const Circuit& circuit, const std::set<DeviceId>& closed);

}  // namespace spirk
