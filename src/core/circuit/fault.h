// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Prospective short-circuit currents: the network's batteries and resistors, no loads, no chargers
// (they limit themselves), and a dead short between two nodes. One factorisation serves all faults
// of a network: Ik = Voc / Rth, and every branch current follows by superposition.
// Law 1: adding a battery in parallel never lowers Ik. Law 2: adding resistance never raises it.

#include <memory>
#include <vector>

#include "core/circuit/network.h"

namespace spirk {

struct Fault {
    Amps current;             // through the short
    std::vector<Volts> node;  // potentials while it lasts

    // Through a resistor of the network, from a to b.
    [[nodiscard]] Amps through(const Resistor& resistor) const;
};

class FaultStudy {
public:
    // Takes the network's resistors and sources; same requirements as solve().
    explicit FaultStudy(const Network& network);
    FaultStudy(FaultStudy&&) noexcept;
    FaultStudy& operator=(FaultStudy&&) noexcept;
    FaultStudy(const FaultStudy&) = delete;
    FaultStudy& operator=(const FaultStudy&) = delete;
    ~FaultStudy();

    // A dead short between two nodes. Zero current where they are not in the same live part.
    [[nodiscard]] Fault between(int pos, int neg) const;

private:
    struct State;
    std::unique_ptr<State> state_;
};

}  // namespace spirk
