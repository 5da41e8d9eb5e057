// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What else meets a conductor at one of its ends: the conductors on the same metal, seen through
// switches, shunts and bars, and the current of the device itself. Private to this room.

#include <vector>

#include "core/circuit/assemble.h"

namespace spirk {

// A conductor at the joint; sign: +1 where its counted direction arrives there, -1 where it leaves.
struct Arrival {
    std::size_t conductor = 0;  // in the circuit's order
    double sign = 1.0;
};

struct JoinedPorts {
    std::size_t device = 0;          // in the circuit's order
    std::vector<std::size_t> ports;  // of the device, joined inside it
    std::vector<Arrival> others;     // all but the conductor asked for
    double sign = 1.0;               // of the conductor asked for
};

// The joint at the end that tells most: a source's, charger's or draw's own, else its 'to'.
[[nodiscard]] JoinedPorts joinedPorts(const Circuit& circuit, std::size_t conductor);

enum class OwnFigure { Device, Input };
// Current that the device itself takes in at the joint.
struct Own {
    OwnFigure figure = OwnFigure::Device;
    Amps into;
};
[[nodiscard]] std::vector<Own> ownCurrents(const Circuit& circuit,
                                           const MomentSolution& solved,
                                           const JoinedPorts& joint);

}  // namespace spirk
