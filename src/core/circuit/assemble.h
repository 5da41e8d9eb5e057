// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// From the circuit by name and a moment to a network of nodes, and back.

#include <map>
#include <memory>
#include <span>

#include "core/circuit/circuit.h"
#include "core/circuit/fault.h"
#include "core/circuit/moment.h"
#include "core/circuit/network.h"
#include "core/circuit/numbering.h"
#include "core/gear/battery.h"
#include "core/gear/chosen.h"

namespace spirk {

// Resistances of one conductor. Joints are within `wire`.
struct ConductorOhms {
    Ohms wire;
    std::optional<Ohms> fuseFrom, fuseTo;
};

// What the circuit stands in: gear, conductors, and which batteries to reckon with.
struct CircuitState {
    const Circuit* circuit = nullptr;
    std::shared_ptr<const Numbering> numbering;  // of the circuit
    const ChosenGear* gear = nullptr;
    std::span<const ConductorOhms> ohms;  // one for each conductor of the circuit, in order
    ResistanceCase batteries = ResistanceCase::High;
};

// Where a conductor lies in the network. -1: not there (pulled, no fuse at that end, or merged with
// the wire).
struct ConductorBranch {
    int wire = -1;
    int fuseFrom = -1, fuseTo = -1;  // resistor indices
    int afterFrom = -1,
        beforeTo = -1;  // nodes inside the fuses; the terminals' where there is none
};

struct Assembly {
    Network network;
    std::vector<ConductorBranch> conductors;        // in the circuit's order
    std::map<DeviceId, int> source, load, charger;  // indices in the network
};

// A short may lie between a fuse and its wire, so faults need a node there; a steady state does
// not.
enum class FuseNodes { Merged, Own };
[[nodiscard]] Assembly assemble(const CircuitState& state, const Moment& moment, FuseNodes nodes);

// A solved moment, by name.
struct MomentSolution {
    std::string moment;
    bool served = true;
    double servable = 1.0;
    std::optional<DeviceId> weakest;  // the load with the lowest voltage when not served
    std::shared_ptr<const Numbering> numbering;
    std::vector<Volts> potential;     // of each node, against its part's first one
    std::vector<bool> live;           // of each node
    std::vector<Amps> conductor;      // from 'from' to 'to', in the circuit's order
    std::map<DeviceId, Amps> device;  // battery: out; load: in; charger: out
    std::map<DeviceId, Amps> input;   // of chargers

    // Volts between two terminals; nothing where either is dead or unknown.
    [[nodiscard]] std::optional<Volts> between(const TerminalId& pos, const TerminalId& neg) const;
};

[[nodiscard]] MomentSolution solveMoment(const CircuitState& state, const Moment& moment);

}  // namespace spirk
