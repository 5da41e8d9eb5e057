// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/checks/source_walk.h"

#include <algorithm>
#include <functional>
#include <optional>

#include "core/circuit/walk.h"

namespace spirk {

namespace {

// A walk from the batteries' plus through metal and along wires. At each end of a wire it may be
// stopped.
class SourceWalk {
public:
    // `passes(conductor, end)`: whether a fault is fed through that end.
    using Passes = std::function<bool(std::size_t, End)>;
    // `goesOn(conductor)`: whether the walk goes on beyond a wire that it reached.
    using GoesOn = std::function<bool(std::size_t)>;

    SourceWalk(const Circuit& circuit, const Passes& passes, const GoesOn& goesOn)
        : circuit_(circuit),
          seen_(static_cast<std::size_t>(circuit.index->nodes), false),
          reached_(circuit.conductors.size(), false) {
        for (const ElementAt& at : circuit.index->sources) {
            const auto* battery =
                std::get_if<Emf>(&circuit.devices[at.device].elements[at.element]);
            if (battery != nullptr) {
                visit(circuit.index->firstNode[at.device] + static_cast<int>(battery->at.pos));
            }
        }
        for (std::size_t i = 0; i < nodes_.size(); ++i) {
            inside(nodes_[i]);
            for (std::size_t c = 0; c < circuit.conductors.size(); ++c) {
                along(nodes_[i], c, passes, goesOn);
            }
        }
    }

    [[nodiscard]] bool reached(std::size_t conductor) const { return reached_[conductor]; }

private:
    void visit(int node) {
        if (!seen_[static_cast<std::size_t>(node)]) {
            seen_[static_cast<std::size_t>(node)] = true;
            nodes_.push_back(node);
        }
    }
    void inside(int node) {
        const auto& first = circuit_.index->firstNode;
        const auto after = std::upper_bound(first.begin(), first.end(), node);
        const auto device = static_cast<std::size_t>(after - first.begin()) - 1;
        const auto port = static_cast<std::size_t>(node - first[device]);
        for (const std::size_t other : joinedInside(circuit_.devices[device], port)) {
            visit(first[device] + static_cast<int>(other));
        }
    }
    void along(int node, std::size_t c, const Passes& passes, const GoesOn& goesOn) {
        const EndsAt& ends = circuit_.index->ends[c];
        const Conductor& conductor = circuit_.conductors[c];
        if (conductor.pole == Pole::Negative || conductor.purpose == Purpose::Bond) {
            return;
        }
        for (const End end : {End::From, End::To}) {
            const EndAt& here = end == End::From ? ends.from : ends.to;
            const EndAt& there = end == End::From ? ends.to : ends.from;
            if (here.node != node || !passes(c, end)) {
                continue;
            }
            reached_[c] = true;
            if (passes(c, end == End::From ? End::To : End::From) && goesOn(c)) {
                visit(there.node);
            }
        }
    }

    const Circuit& circuit_;
    std::vector<bool> seen_;
    std::vector<int> nodes_;
    std::vector<bool> reached_;
};

// The rating of the fuse that stands at an end; nothing where none does.
std::optional<Amps> ratingAt(const CheckInput& in, std::size_t conductor, End end) {
    const CableRow& row = in.cables.rows[conductor];
    const auto& fuse = end == End::From ? row.fuseFrom : row.fuseTo;
    return fuse && !fuse->leftOut ? std::optional(fuse->rating) : std::nullopt;
}

}  // namespace

namespace {

// What is joined with a conductor through no fuse, and the fuses that bound it.
class Behind {
public:
    Behind(const CheckInput& in, std::size_t conductor)
        : in_(in),
          circuit_(in.wiring.circuit),
          inside_(static_cast<std::size_t>(circuit_.index->nodes), false),
          wires_(circuit_.conductors.size(), false) {
        addWire(conductor);
        for (std::size_t i = 0; i < nodes_.size(); ++i) {
            for (std::size_t c = 0; c < wires_.size(); ++c) {
                const bool bare =
                    (nodeAt(c, End::From) == nodes_[i] && !ratingAt(in, c, End::From)) ||
                    (nodeAt(c, End::To) == nodes_[i] && !ratingAt(in, c, End::To));
                if (bare && counts(c) && !wires_[c]) {
                    addWire(c);
                }
            }
        }
    }

    // All that its fuses let through for good, of those that a battery stands behind; nothing where
    // one stands inside.
    [[nodiscard]] std::optional<Amps> letThrough() const {
        if (holdsABattery()) {
            return std::nullopt;
        }
        // Up to its border, whatever the fuses on the way.
        const SourceWalk upTo(
            circuit_,
            [&](std::size_t c, End end) { return !within(nodeAt(c, end)); },
            [](std::size_t) { return true; });
        Amps out;
        for (std::size_t c = 0; c < wires_.size(); ++c) {
            const bool borders = within(nodeAt(c, End::From)) || within(nodeAt(c, End::To));
            if (borders && counts(c) && upTo.reached(c)) {
                out += std::min(ratingAt(in_, c, End::From).value_or(kNone),
                                ratingAt(in_, c, End::To).value_or(kNone));
            }
        }
        return out;
    }

private:
    static constexpr Amps kNone = amps(1e9);

    [[nodiscard]] int nodeAt(std::size_t c, End end) const {
        const EndsAt& ends = circuit_.index->ends[c];
        return (end == End::From ? ends.from : ends.to).node;
    }
    [[nodiscard]] bool within(int node) const { return inside_[static_cast<std::size_t>(node)]; }
    [[nodiscard]] bool counts(std::size_t c) const {
        const Conductor& conductor = circuit_.conductors[c];
        return conductor.pole != Pole::Negative && conductor.purpose != Purpose::Bond;
    }
    void addWire(std::size_t c) {
        wires_[c] = true;
        for (const End end : {End::From, End::To}) {
            if (!ratingAt(in_, c, end)) {
                addNode(nodeAt(c, end));
            }
        }
    }
    void addNode(int node) {
        if (within(node)) {
            return;
        }
        inside_[static_cast<std::size_t>(node)] = true;
        nodes_.push_back(node);
        const auto& first = circuit_.index->firstNode;
        const auto after = std::upper_bound(first.begin(), first.end(), node);
        const auto device = static_cast<std::size_t>(after - first.begin()) - 1;
        const auto port = static_cast<std::size_t>(node - first[device]);
        for (const std::size_t other : joinedInside(circuit_.devices[device], port)) {
            addNode(first[device] + static_cast<int>(other));
        }
    }
    [[nodiscard]] bool holdsABattery() const {
        return std::ranges::any_of(circuit_.index->sources, [&](const ElementAt& at) {
            const auto* battery =
                std::get_if<Emf>(&circuit_.devices[at.device].elements[at.element]);
            return battery != nullptr &&
                   within(circuit_.index->firstNode[at.device] + static_cast<int>(battery->at.pos));
        });
    }

    const CheckInput& in_;
    const Circuit& circuit_;
    std::vector<bool> inside_, wires_;
    std::vector<int> nodes_;
};

}  // namespace

bool isFedUnprotected(const CheckInput& in, std::size_t conductor, Amps bears) {
    const auto through = Behind(in, conductor).letThrough();
    return !through || *through > bears;
}

std::vector<std::size_t> reachedWithoutFuse(const CheckInput& in) {
    const Circuit& circuit = in.wiring.circuit;
    const Metres allowed = metres(rule(in.library, "fuse_distance_m").value);
    const auto hasPlace = [&](std::size_t c) {
        const ProtectionsAt& own = circuit.index->protections[c];
        return own.from || own.to;
    };
    const auto atFault = [&](std::size_t c) {
        const Conductor& conductor = circuit.conductors[c];
        return isHousePole(conductor, Pole::Positive) && !conductor.found && !hasPlace(c) &&
               in.lengths.routes[c].length > allowed;
    };
    // Beyond a fuse that was left out its own finding speaks for all.
    const SourceWalk walk(
        circuit,
        [&](std::size_t c, End end) { return !ratingAt(in, c, end); },
        [&](std::size_t c) { return !atFault(c) && !hasPlace(c); });
    std::vector<std::size_t> out;
    for (std::size_t c = 0; c < circuit.conductors.size(); ++c) {
        if (walk.reached(c) && atFault(c)) {
            out.push_back(c);
        }
    }
    return out;
}

}  // namespace spirk
