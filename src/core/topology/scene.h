// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The circuit as it is beside the one that was meant, and what the walks ask of both. Private to
// this room.

#include <string>
#include <vector>

#include "core/topology/nets.h"
#include "core/topology/topology.h"

namespace spirk {

// Devices and conductors of both circuits stand at the same places of their lists: a moved end adds
// and removes nothing. Borrows all that it is made of.
struct Scene {
    Scene(const Plan& plan,
          const Library& library,
          const System& gear,
          const Circuit& now,
          const Circuit& meant);

    const Plan& plan;
    const Library& library;
    const System& gear;
    const Circuit& now;
    const Circuit& meant;
    // With relays closed.
    Nets nets, meantNets;

    [[nodiscard]] bool moved(std::size_t conductor, End end) const;
    // Conductors with a moved end that end, or were meant to end, at this device.
    [[nodiscard]] std::vector<std::size_t> movedAt(std::size_t device) const;
    // Those, or all where the device itself has none: it is parted from what it needs farther off.
    [[nodiscard]] std::vector<std::size_t> movedFor(std::size_t device) const;
    // All with a moved end.
    [[nodiscard]] std::vector<std::size_t> allMoved() const;
};

// A finding about a device; the moved conductors that bring it about are named with it, and what
// moved them is offered back in one step: those at the device, else all.
[[nodiscard]] Finding aboutDevice(const Scene& scene, const std::string& rule, std::size_t device);
[[nodiscard]] Finding aboutConductor(const Scene& scene,
                                     const std::string& rule,
                                     std::size_t conductor);
// Names these conductors too, and offers to move them back.
void blame(const Scene& scene, const std::vector<std::size_t>& conductors, Finding& f);

// The walks, each a file. The first two stand for themselves: where plus is joined to minus or a
// battery is the wrong way round, nothing else that a walk sees means anything.
[[nodiscard]] std::vector<Finding> reversedBatteries(const Scene& scene);
[[nodiscard]] std::vector<Finding> shorts(const Scene& scene);
[[nodiscard]] std::vector<Finding> reversals(const Scene& scene);
[[nodiscard]] std::vector<Finding> unlimitedSources(const Scene& scene);
[[nodiscard]] std::vector<Finding> unfed(const Scene& scene);
// Of what only closes a contact, or is live with the engine: whether its current can return.
[[nodiscard]] std::vector<Finding> withoutEngineReturn(const Scene& scene);
[[nodiscard]] std::vector<Finding> beforeTheSwitch(const Scene& scene);
[[nodiscard]] std::vector<Finding> shuntReversed(const Scene& scene);
[[nodiscard]] std::vector<Finding> chassisLoops(const Scene& scene);
[[nodiscard]] std::vector<Finding> bondsOnPlus(const Scene& scene);
[[nodiscard]] std::vector<Finding> leadingNowhere(const Scene& scene);
// Of the system, whatever was moved.
[[nodiscard]] std::vector<Finding> nothingCharges(const Scene& scene);

}  // namespace spirk
