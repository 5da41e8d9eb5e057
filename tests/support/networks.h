// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Random networks for the solver's laws and its judge.

#include <vector>

#include "core/circuit/network.h"

namespace spirk::test {

// A connected, meshed network of `nodes` nodes round node 0 with up to four batteries and loads of
// every kind that it can serve. The same seed gives the same network.
[[nodiscard]] Network randomNetwork(unsigned seed, int nodes);

// The network with panels and a tracker, an alternator and a charger behind it, both into node 1.
// The last node is the charger's input.
[[nodiscard]] Network withSunAndEngine(Network network, unsigned seed);

// Sum of currents leaving each node; zero by Kirchhoff's current law.
[[nodiscard]] std::vector<double> kirchhoff(const Network& network, const Solution& solution);
[[nodiscard]] double largestCurrent(const Solution& solution);

}  // namespace spirk::test
