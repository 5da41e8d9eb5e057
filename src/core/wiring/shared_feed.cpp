// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/shared_feed.h"

#include <algorithm>

#include "core/needs/day_profile.h"

namespace spirk {

namespace {

bool isOn(const Appliance& a, std::size_t slot) {
    return std::ranges::any_of(a.uses, [&](const Use& u) { return coverage(u, slot) > 0.0; });
}

Watts wattsIn(const LoadCircuit& c, std::size_t slot) {
    Watts out;
    for (const Appliance* a : c.appliances) {
        if (isOn(*a, slot)) {
            out += largestWatts(*a);
        }
    }
    return out;
}

}  // namespace

Amps offBesides(const LoadCircuit& own,
                const std::vector<const LoadCircuit*>& behindFeed,
                Volts lowest) {
    Amps others;
    for (const LoadCircuit* c : behindFeed) {
        others += c == &own ? Amps() : c->current;
    }
    Watts busiest;
    for (std::size_t slot = 0; slot < kDaySlots; ++slot) {
        Watts here;
        for (const LoadCircuit* c : behindFeed) {
            here += c == &own ? Watts() : wattsIn(*c, slot);
        }
        busiest = std::max(busiest, here);
    }
    return std::max(amps(0.0), others - busiest / lowest);
}

}  // namespace spirk
