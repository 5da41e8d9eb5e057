// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// From the circuit and a moment to a network of nodes, and back.

#include <memory>
#include <span>

#include "core/circuit/circuit.h"
#include "core/circuit/fault.h"
#include "core/circuit/moment.h"
#include "core/circuit/network.h"

namespace spirk {

// Resistances of one conductor. Each end has a joint (lug and contact) between its protective
// device, or its terminal where it has none, and the wire.
struct ConductorOhms {
    Ohms wire;
    Ohms jointFrom, jointTo;
    std::optional<Ohms> fuseFrom, fuseTo;

    // Wire and joints.
    [[nodiscard]] Ohms laid() const { return wire + (jointFrom + jointTo); }
    // From terminal to terminal.
    [[nodiscard]] Ohms whole() const {
        return laid() + fuseFrom.value_or(Ohms()) + fuseTo.value_or(Ohms());
    }
};

// What the circuit stands in: conductors, and which batteries to reckon with. The circuit is
// indexed.
struct CircuitState {
    const Circuit* circuit = nullptr;
    std::span<const ConductorOhms> ohms;  // one for each conductor of the circuit, in order
    Strength batteries = Strength::Weak;
};

// Where a conductor lies in the network: resistors, -1 where not there (pulled, no fuse at that
// end, or merged with the wire), and nodes on the way from terminal to terminal, those of the
// terminals where nothing lies between.
struct ConductorBranch {
    int wire = -1;
    int fuseFrom = -1, fuseTo = -1;
    int jointFrom = -1, jointTo = -1;
    int afterFrom = -1, beforeTo = -1;            // between fuse and joint
    int afterJointFrom = -1, beforeJointTo = -1;  // between joint and wire
};

// An element that gives or draws in the moment, and where it stands in the network.
enum class NetList { Sources, Loads, Chargers };
struct ElementBranch {
    std::size_t device = 0, element = 0;  // in the circuit's order, in the device's
    NetList list = NetList::Sources;
    std::size_t at = 0;
};

struct Assembly {
    Network network;
    std::vector<ConductorBranch> conductors;  // in the circuit's order
    std::vector<ElementBranch> elements;      // by device and element
};

// Which nodes along a conductor are nodes of the network. A short may lie between a fuse and its
// wire, and a meter be held across a joint; a steady state needs neither.
enum class Detail { Terminals, Fuses, Joints };
[[nodiscard]] Assembly assemble(const CircuitState& state, const Moment& moment, Detail detail);

// What an element gives or draws.
struct Flow {
    std::size_t device = 0, element = 0;
    Amps through;               // a source: out of its positive port; a draw: into it
    std::optional<Amps> input;  // where it draws what it gives: into that positive port
};

// A solved moment, by the circuit's numbers.
struct MomentSolution {
    std::string moment;
    Outcome outcome = Outcome::Solved;
    double servable = 1.0;
    std::optional<std::size_t> weakest;  // the device with the lowest voltage when not solved
    std::vector<Volts> potential;        // of each node, against one of its part
    std::vector<int> part;               // of nodes that are connected; -1: to no source
    std::vector<Amps> conductor;         // from 'from' to 'to', in the circuit's order
    std::vector<Flow> flows;             // by device and element

    [[nodiscard]] bool served() const { return outcome == Outcome::Solved; }
    // Volts between two terminals of the circuit that was solved; nothing where either is dead or
    // unknown, or nothing joins them.
    [[nodiscard]] std::optional<Volts> between(const Circuit& circuit,
                                               const TerminalId& pos,
                                               const TerminalId& neg) const;
    // The first element of a device that gives or draws; null where none does.
    [[nodiscard]] const Flow* flowOf(std::size_t device) const;
    [[nodiscard]] const Flow* flowOf(const Circuit& circuit, const DeviceId& device) const;
};

[[nodiscard]] MomentSolution solveMoment(const CircuitState& state, const Moment& moment);

}  // namespace spirk
