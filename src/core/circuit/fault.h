// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Prospective short-circuit currents: the network's batteries and resistors, no loads, no chargers
// (they limit themselves), and a dead short between two nodes. One factorisation serves all faults
// of a network: Ik = Voc / Rth, and every branch current follows by superposition.
// Law 1: adding a battery in parallel never lowers Ik. Law 2: adding resistance never raises it.

#include <memory>

#include "core/circuit/network.h"

namespace spirk {

class FaultStudy {
    struct State;

public:
    // A short while it lasts.
    class Fault {
    public:
        [[nodiscard]] Amps current() const { return current_; }
        // Through a resistor of the network, from a to b.
        [[nodiscard]] Amps through(const Resistor& resistor) const;

    private:
        friend class FaultStudy;
        std::shared_ptr<const State> state_;
        int pos_ = 0, neg_ = 0;
        Amps current_;
    };

    // Takes the network's resistors and sources; same requirements as solve().
    explicit FaultStudy(const Network& network);

    // A dead short between two nodes. Zero current where they are not in the same live part. Takes
    // the time of the few nodes between these two and the root of the elimination, not of all.
    [[nodiscard]] Fault between(int pos, int neg) const;

private:
    std::shared_ptr<const State> state_;
};

}  // namespace spirk
