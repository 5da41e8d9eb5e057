// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/support/networks.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace spirk::test {

Network randomNetwork(unsigned seed, int nodes) {
    std::mt19937 random(seed);  // NOLINT(cert-msc51-cpp): the same seed must give the same network
    const auto real = [&](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random);
    };
    const auto pick = [&](int low, int high) {
        return std::uniform_int_distribution<int>(low, high)(random);
    };
    Network n;
    n.nodes = nodes;
    const int batteries = pick(1, std::min(4, nodes - 1));
    for (int k = 1; k <= batteries; ++k) {
        n.sources.push_back({k, 0, volts(real(12.9, 13.4)), milliohms(real(1, 8))});
    }
    // A tree that connects all, then meshes.
    for (int node = 2; node < nodes; ++node) {
        n.resistors.push_back({pick(1, node - 1), node, milliohms(real(0.2, 20))});
    }
    for (int extra = 0; extra < nodes / 3; ++extra) {
        const int a = pick(1, nodes - 1);
        const int b = pick(1, nodes - 1);
        if (a != b) {
            n.resistors.push_back({a, b, milliohms(real(0.5, 30))});
        }
    }
    for (int node = 1; node < nodes; ++node) {
        switch (pick(0, 3)) {
            case 0:
                n.loads.push_back({node, 0, Behaviour::Power, watts(real(5, 120)), {}, {}});
                break;
            case 1:
                n.loads.push_back({node, 0, Behaviour::Current, {}, amps(real(0.5, 10)), {}});
                break;
            case 2:
                n.loads.push_back({node, 0, Behaviour::Resistance, {}, {}, ohms(real(1, 20))});
                break;
            default:
                break;
        }
    }
    n.loads.push_back({nodes - 1, 0, Behaviour::Power, watts(real(50, 300)), {}, {}});
    return n;
}

std::vector<double> kirchhoff(const Network& n, const Solution& s) {
    std::vector<double> sums(static_cast<std::size_t>(n.nodes));
    const auto leave = [&](int from, int to, double current) {
        sums[static_cast<std::size_t>(from)] += current;
        sums[static_cast<std::size_t>(to)] -= current;
    };
    for (std::size_t i = 0; i < n.resistors.size(); ++i) {
        leave(n.resistors[i].a, n.resistors[i].b, s.resistor[i].si());
    }
    for (std::size_t i = 0; i < n.loads.size(); ++i) {
        leave(n.loads[i].pos, n.loads[i].neg, s.load[i].si());
    }
    for (std::size_t i = 0; i < n.sources.size(); ++i) {
        leave(n.sources[i].neg, n.sources[i].pos, s.source[i].si());
    }
    return sums;
}

double largestCurrent(const Solution& s) {
    double largest = 0.0;
    for (const auto* all : {&s.resistor, &s.source, &s.load}) {
        for (const Amps i : *all) {
            largest = std::max(largest, std::fabs(i.si()));
        }
    }
    return largest;
}

}  // namespace spirk::test
