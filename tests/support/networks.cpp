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

Network withSunAndEngine(Network n, unsigned seed) {
    std::mt19937 random(seed);  // NOLINT(cert-msc51-cpp): the same seed must give the same network
    const auto real = [&](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random);
    };
    const int panel = n.nodes, controller = n.nodes + 1, starter = n.nodes + 2;
    const int charger = n.nodes + 3;
    n.nodes += 4;
    const double best = real(17, 40), current = real(2, 12);
    n.sources.push_back({.pos = panel,
                         .neg = 0,
                         .emf = volts(best * 1.2),
                         .resistance = ohms(0.2 * best / current),
                         .knee = Knee{volts(best), amps(current), amps(current * 1.07)}});
    n.resistors.push_back({panel, controller, milliohms(real(5, 300))});
    PowerInput sun{controller, 0, real(0.9, 0.98)};
    sun.most = amps(current);
    n.chargers.push_back(
        {1, 0, volts(real(13.5, 14.6)), amps(real(10, 50)), watts(kNoPowerLimit), sun});
    n.sources.push_back({starter, 0, volts(12.7), ohms(0.1)});
    n.resistors.push_back({starter, charger, milliohms(real(1, 10))});
    const double most = real(20, 60);
    PowerInput engine{charger, 0, 0.9};
    engine.fold = Fold{volts(13.3), volts(12.7), watts(14.4 * most / 0.9)};
    n.chargers.push_back({starter, 0, volts(14.2), amps(real(30, 140)), watts(kNoPowerLimit), {}});
    n.chargers.push_back({1, 0, volts(14.4), amps(most), watts(kNoPowerLimit), engine});
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
        if (const auto& in = n.sources[i].input) {
            leave(in->pos, in->neg, s.sourceInput[i].si());
        }
    }
    for (std::size_t i = 0; i < n.chargers.size(); ++i) {
        leave(n.chargers[i].neg, n.chargers[i].pos, s.charger[i].si());
        if (const auto& in = n.chargers[i].input) {
            leave(in->pos, in->neg, s.chargerInput[i].si());
        }
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
