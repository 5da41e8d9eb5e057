// SPDX-License-Identifier: GPL-3.0-or-later
// What the sizing loop looks up over and over, found once.

#include <algorithm>
#include <map>
#include <numeric>

#include "core/base/promise.h"
#include "core/cables/sizing.h"
#include "core/circuit/kinds.h"
#include "core/circuit/walk.h"
#include "core/plan/good_practice.h"

namespace spirk {

namespace {

// The conductor that ends at this port; nothing where several do, or none.
std::optional<std::size_t> onlyAt(const CircuitIndex& index, std::size_t device, std::size_t port) {
    std::optional<std::size_t> found;
    for (std::size_t i = 0; i < index.ends.size(); ++i) {
        const auto& [from, to] = index.ends[i];
        const bool here = (from.device == device && from.port == port) ||
                          (to.device == device && to.port == port);
        if (here && found) {
            return std::nullopt;
        }
        found = here ? std::optional(i) : found;
    }
    return found;
}

// What a run passes through: a contact, or a shunt or joint in a leg.
std::vector<PortPair> passages(const Device& device) {
    std::vector<PortPair> out;
    for (const Element& e : device.elements) {
        if (const auto* contact = std::get_if<Contact>(&e)) {
            out.insert(out.end(), contact->poles.begin(), contact->poles.end());
        } else if (const auto* metal = std::get_if<Resistance>(&e);
                   metal != nullptr && kindRow(device.kind).stands == Stands::Leg) {
            out.push_back(metal->between);
        }
    }
    return out;
}

// Groups of more than one, by the number that each conductor's group has.
std::vector<std::vector<std::size_t>> grouped(const std::vector<std::size_t>& group) {
    std::map<std::size_t, std::vector<std::size_t>> groups;
    for (std::size_t i = 0; i < group.size(); ++i) {
        groups[group[i]].push_back(i);
    }
    std::vector<std::vector<std::size_t>> out;
    for (auto& [id, members] : groups) {
        if (members.size() > 1) {
            out.push_back(std::move(members));
        }
    }
    return out;
}

// Batteries share by the resistance between them: what joins the batteries of a bank is of one
// cable. So is a run on both sides of a switch, and out and back.
std::vector<std::vector<std::size_t>> alikeOf(const Plan& plan,
                                              const System& gear,
                                              const Circuit& circuit) {
    std::vector<std::size_t> group(circuit.conductors.size());
    std::iota(group.begin(), group.end(), std::size_t{0});
    const auto join = [&](std::size_t a, std::size_t b) {
        std::ranges::replace(group, group[b], std::size_t{group[a]});
    };
    for (const BankUnit& bank : gear.banks) {
        std::optional<std::size_t> first;
        for (std::size_t i = 0; i < group.size(); ++i) {
            if (circuit.conductors[i].unit == bank.id) {
                first = first.value_or(i);
                join(*first, i);
            }
        }
    }
    if (!follows(plan, habit::kOneCable)) {
        return grouped(group);
    }
    for (std::size_t i = 0; i < group.size(); ++i) {
        if (const auto pair = circuit.index->pair[i]) {
            join(i, *pair);
        }
    }
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        for (const PortPair& pair : passages(circuit.devices[d])) {
            const auto one = onlyAt(*circuit.index, d, pair.pos);
            const auto other = onlyAt(*circuit.index, d, pair.neg);
            if (one && other && isOurs(circuit.conductors[*one]) &&
                isOurs(circuit.conductors[*other])) {
                join(*one, *other);
            }
        }
    }
    return grouped(group);
}

// What belongs to a unit that passes on what it is given, within its rating.
bool limitsItself(const Circuit& circuit, const UnitId& unit) {
    return std::ranges::any_of(circuit.devices, [&](const Device& d) {
        return d.unit == unit && std::ranges::any_of(d.elements, [](const Element& e) {
                   const auto* x = std::get_if<Transfer>(&e);
                   return x != nullptr && !x->inside;
               });
    });
}

Volts nominalOf(const System& gear, const Conductor& c) {
    const BankUnit* bank = gear.bankBehind(c.unit);
    return bank == nullptr ? volts(12.0) : bank->system;
}

// Whether something works between two ports of a device: what is shorted at the one returns at the
// other.
bool worksBetween(const Device& device, std::size_t pos, std::size_t neg) {
    return std::ranges::any_of(device.elements, [&](const Element& e) {
        return std::ranges::any_of(workingPorts(e), [&](const PortPair& ports) {
            return ports.pos == pos && ports.neg == neg;
        });
    });
}

// A short behind a feed returns through the negative of what it feeds: of a charger between two
// batteries through one negative for both sides.
std::vector<std::size_t> returnsOf(const Circuit& circuit, std::size_t conductor) {
    const Conductor& c = circuit.conductors[conductor];
    const bool bond = c.purpose == Purpose::Bond;
    if (!bond && !isHousePole(c, Pole::Negative)) {
        return {};
    }
    std::vector<std::size_t> out;
    const EndAt& own = circuit.index->ends[conductor].from;
    for (std::size_t i = 0; i < circuit.conductors.size(); ++i) {
        const Conductor& feed = circuit.conductors[i];
        const EndAt& end = circuit.index->ends[i].to;
        const bool here = circuit.index->pair[conductor] == std::optional(i) ||
                          (end.device == own.device &&
                           worksBetween(circuit.devices[own.device], end.port, own.port));
        // Whatever touches the body returns through the bond, once for each fuse.
        const bool fused = circuit.index->protections[i].from.has_value();
        if (isHousePole(feed, Pole::Positive) && (bond ? fused : here)) {
            out.push_back(i);
        }
    }
    return out;
}

// The least of what the makers of what a fuse feeds allow, whether straight or behind a switch.
std::vector<std::optional<Amps>> makersFuses(const Circuit& circuit) {
    std::vector<std::optional<Amps>> out(circuit.conductors.size());
    for (std::size_t i = 0; i < circuit.conductors.size(); ++i) {
        const Conductor& c = circuit.conductors[i];
        const std::size_t owner = c.protectedBy ? indexOf(circuit, *c.protectedBy) : i;
        const auto& [from, to] = circuit.index->ends[i];
        for (const EndAt& end : {from, to}) {
            const auto& most = circuit.devices[end.device].ports[end.port].largestFuse;
            if (most && (!out[owner] || *most < *out[owner])) {
                out[owner] = most;
            }
        }
    }
    return out;
}

std::vector<std::size_t> indicesOf(const Circuit& circuit, const std::vector<ConductorId>& ids) {
    std::vector<std::size_t> out;
    for (const ConductorId& id : ids) {
        out.push_back(indexOf(circuit, id));
    }
    return out;
}

}  // namespace

SizingIndex indexFor(const Plan& plan,
                     const Library& library,
                     const System& gear,
                     const Wiring& wiring) {
    const Circuit& circuit = wiring.circuit;
    SizingIndex out;
    for (const Conductor& c : circuit.conductors) {
        const bool has = c.protectedBy.has_value();
        out.protectedBy.push_back(has ? std::optional(indexOf(circuit, *c.protectedBy))
                                      : std::nullopt);
        out.column.push_back(&columnOf(library, c.insulation));
        out.limited.push_back(limitsItself(circuit, c.unit));
        out.nominal.push_back(nominalOf(gear, c));
        out.returns.push_back(returnsOf(circuit, out.returns.size()));
    }
    for (const Device& device : circuit.devices) {
        out.hardware.push_back(hardwareFor(plan, library, device));
    }
    out.rated = ratedCurrents(circuit);
    out.makersFuse = makersFuses(circuit);
    out.alike = alikeOf(plan, gear, circuit);
    out.alikeOf.resize(circuit.conductors.size());
    for (std::size_t g = 0; g < out.alike.size(); ++g) {
        for (const std::size_t i : out.alike[g]) {
            out.alikeOf[i] = g;
        }
    }
    for (const DropPath& path : circuit.paths) {
        out.paths.push_back(indicesOf(circuit, path.conductors));
        out.shared.push_back(path.shared ? indicesOf(circuit, path.shared->conductors)
                                         : std::vector<std::size_t>());
        const auto moment = std::ranges::find(wiring.sizing, path.moment, &Moment::id);
        promise(moment != wiring.sizing.end(), "a drop path names a sizing moment");
        out.pathMoment.push_back(static_cast<std::size_t>(moment - wiring.sizing.begin()));
        out.pathLimit.push_back(rule(library, path.rule).value);
    }
    return out;
}

const std::vector<std::size_t>* alikeWith(const SizingTask& task, std::size_t index) {
    const auto group = task.index.alikeOf[index];
    return group ? &task.index.alike[*group] : nullptr;
}

std::size_t indexOf(const Circuit& circuit, const ConductorId& id) {
    const Conductor* found = findConductor(circuit, id);
    promise(found != nullptr, "a conductor is one of the circuit's");
    return static_cast<std::size_t>(found - circuit.conductors.data());
}

}  // namespace spirk
