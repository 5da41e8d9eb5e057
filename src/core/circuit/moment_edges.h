// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a moment makes of the circuit's edges: which are open, and which joints are bad. Private to
// this room.

#include <map>
#include <set>

#include "core/circuit/assemble.h"

namespace spirk {

// A contact that the tables give as zero still needs a resistance above zero.
inline constexpr double kLeastOhms = 1e-6;

class MomentEdges {
public:
    // Borrows both.
    MomentEdges(const CircuitState& state, const Moment& moment);

    // Joins its nodes in this moment.
    [[nodiscard]] bool joins(const CircuitEdge& edge) const;
    // By its place in the circuit's list.
    [[nodiscard]] const ConductorOhms& conductor(std::size_t index) const;
    [[nodiscard]] Ohms resistance(const CircuitEdge& edge) const;

private:
    [[nodiscard]] Ohms inside(const CircuitEdge& edge) const;
    [[nodiscard]] bool closes(const CircuitEdge& edge) const;

    const CircuitState& state_;
    const Moment& moment_;
    const std::vector<bool>& pulled_;
    std::set<std::size_t> open_;                   // devices
    std::map<std::size_t, ConductorOhms> joints_;  // of conductors with a bad one
};

}  // namespace spirk
