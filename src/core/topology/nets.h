// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What metal joins, and at which volts it lies by what makes volts: the ground that all walks of
// this room stand on. Private to this room.

#include <optional>
#include <set>
#include <vector>

#include "core/circuit/circuit.h"

namespace spirk {

// Contacts that close by themselves, such as a relay's; all others are closed.
enum class Relays { Open, Closed };

// What is taken for not there: conductors, and what joins inside devices, by their places.
struct Without {
    std::set<std::size_t> conductors, devices;
};

// Terminals that conductors, closed contacts and metal join are one net.
class Nets {
public:
    Nets(const Circuit& circuit, Relays relays, const Without& without = {});

    [[nodiscard]] int of(int node) const { return net_[static_cast<std::size_t>(node)]; }
    [[nodiscard]] int of(const EndAt& end) const { return of(end.node); }
    [[nodiscard]] int of(std::size_t device, std::size_t port) const;

private:
    void join(int a, int b);
    [[nodiscard]] int root(int node);

    const Circuit& circuit_;
    std::vector<int> net_;
};

// Volts of each net against the first of its part, by batteries and by what makes rails, as far as
// they agree; nothing for a net that none of them reaches. `dead` are devices that make none.
class Levels {
public:
    Levels(const Circuit& circuit, const Nets& nets, const std::set<std::size_t>& dead = {});

    // From one port of a device to another; nothing where either lies at no volts, or nothing joins
    // what they lie at.
    [[nodiscard]] std::optional<Volts> across(std::size_t device, const PortPair& ports) const;

private:
    const Nets& nets_;
    struct Level {
        int part = 0;
        double volts = 0.0;
    };
    std::vector<std::optional<Level>> level_;  // of each net
};

}  // namespace spirk
