// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/assemble.h"

#include <algorithm>

#include "core/circuit/parts.h"
#include "core/quantities/curve.h"
#include "core/result/match.h"
#include "core/result/promise.h"

namespace spirk {

namespace {

// A contact that the tables give as zero still needs a resistance above zero.
constexpr double kLeastOhms = 1e-6;
// Large enough never to limit: what is limited by current only.
constexpr double kNoPowerLimit = 1e6;

class Builder {
public:
    Builder(const CircuitState& state, const Moment& moment, Detail detail)
        : state_(state),
          moment_(moment),
          detail_(detail),
          index_(*state.circuit->index),
          nodes_(index_.nodes) {
        promise(state.ohms.size() == circuit().conductors.size(), "each conductor has ohms");
        for (std::size_t d = 0; d < circuit().devices.size(); ++d) {
            addDevice(d);
        }
        addConductors();
        addRails();
        finish();
    }
    [[nodiscard]] Assembly take() { return std::move(out_); }

private:
    [[nodiscard]] const Circuit& circuit() const { return *state_.circuit; }

    // An element while it is added: whose it is, and where its ports are.
    struct Place {
        std::size_t device, element;
        int firstNode;
        [[nodiscard]] int node(std::size_t port) const {
            return firstNode + static_cast<int>(port);
        }
    };

    void addDevice(std::size_t d) {
        const Device& device = circuit().devices[d];
        for (std::size_t e = 0; e < device.elements.size(); ++e) {
            const Place place{d, e, index_.firstNode[d]};
            match(
                device.elements[e],
                [&](const Emf& x) { addEmf(place, x); },
                [&](const PanelCurve& x) { addPanels(place, x); },
                [&](const Limited& x) { addLimited(place, x); },
                [&](const Transfer& x) { addTransfer(place, x); },
                [&](const Contact& x) { addContact(place, x); },
                [&](const Draw& x) { addDraw(place, x); },
                [&](const Resistance& x) {
                    resistor(place.node(x.between.pos), place.node(x.between.neg), x.resistance);
                });
        }
    }

    int resistor(int a, int b, Ohms resistance) {
        out_.network.resistors.push_back({a, b, std::max(resistance, ohms(kLeastOhms))});
        return static_cast<int>(out_.network.resistors.size()) - 1;
    }
    template <class Entry>
    void add(const Place& place, NetList list, std::vector<Entry>& to, Entry entry) {
        out_.elements.push_back({place.device, place.element, list, to.size()});
        to.push_back(std::move(entry));
    }
    void addSource(const Place& place, VoltageSource source) {
        add(place, NetList::Sources, out_.network.sources, source);
    }
    void addCharger(const Place& place, const Charger& charger) {
        add(place, NetList::Chargers, out_.network.chargers, charger);
    }

    [[nodiscard]] bool lives(Live live) const {
        switch (live) {
            case Live::Always:
                return true;
            case Live::EngineRunning:
                return moment_.driving;
            case Live::InSun:
                return moment_.sun > 0.0;
        }
        unreachable("lives(Live)");
    }
    [[nodiscard]] Ohms inside(const Emf& x) const {
        if (moment_.driving && x.onCharge) {
            return *x.onCharge;
        }
        switch (state_.batteries) {
            case Strength::Weak:
                return x.weak;
            case Strength::Typical:
                return x.typical;
            case Strength::Strong:
                return x.strong;
        }
        unreachable("inside(Strength)");
    }

    void addEmf(const Place& p, const Emf& x) {
        addSource(p,
                  {p.node(x.at.pos),
                   p.node(x.at.neg),
                   along(x.atRest, x.atRest.size() == 1 ? 0.0 : moment_.stateOfCharge),
                   inside(x)});
    }
    void addPanels(const Place& p, const PanelCurve& x) {
        if (moment_.sun > 0.0) {
            const Ohms slope = (x.open - x.best) / (x.bestCurrent * moment_.sun);
            addSource(p, {p.node(x.at.pos), p.node(x.at.neg), x.open, slope});
        }
    }
    void addLimited(const Place& p, const Limited& x) {
        if (lives(x.live)) {
            const Volts set = moment_.reckoning == Reckoning::AtLowVoltage ? x.lowest : x.set;
            addCharger(p,
                       {p.node(x.at.pos), p.node(x.at.neg), set, x.most, watts(kNoPowerLimit), {}});
        }
    }
    [[nodiscard]] static PowerInput inputOf(const Place& p, const Transfer& x) {
        return {p.node(x.in.pos), p.node(x.in.neg), x.efficiency};
    }
    void addTransfer(const Place& p, const Transfer& x) {
        if (x.inside || !lives(x.live)) {
            return;  // a rail comes last, when it is known what feeds it
        }
        const Watts most = x.inFullSun ? *x.inFullSun * moment_.sun : watts(kNoPowerLimit);
        addCharger(p, {p.node(x.out.pos), p.node(x.out.neg), x.set, x.most, most, inputOf(p, x)});
    }
    void addContact(const Place& p, const Contact& x) {
        if (moment_.open.contains(circuit().devices[p.device].id)) {
            return;
        }
        for (const PortPair& pole : x.poles) {
            resistor(p.node(pole.pos), p.node(pole.neg), x.resistance);
        }
    }

    // What a draw takes in this moment; nothing where it is off.
    [[nodiscard]] std::optional<Watts> drawnBy(const Draw& x, const DeviceId& id) const {
        if (x.by == DrawnBy::Moment) {
            const auto at = moment_.drawn.find(id);
            return at == moment_.drawn.end() ? std::nullopt : std::optional(at->second);
        }
        const bool on = moment_.loads == LoadsOn::All || moment_.only.contains(id);
        const bool sizing = moment_.reckoning == Reckoning::AtLowVoltage;
        return on ? std::optional(sizing ? x.largest : x.used) : std::nullopt;
    }
    void addDraw(const Place& p, const Draw& x) {
        const auto power = drawnBy(x, circuit().devices[p.device].id);
        if (!power) {
            return;
        }
        NetLoad load{p.node(x.at.pos), p.node(x.at.neg), Behaviour::Power, *power, {}, ohms(1.0)};
        if (moment_.reckoning == Reckoning::AtLowVoltage) {
            load.behaviour = Behaviour::Current;
            load.current = *power / x.lowest;
        } else if (x.behaviour == Behaviour::Current) {
            load.behaviour = Behaviour::Current;
            load.current = *power / x.nominal;
        } else if (x.behaviour == Behaviour::Resistance && power->si() > 0.0) {
            load.behaviour = Behaviour::Resistance;
            load.resistance = x.nominal * x.nominal / *power;
        }
        add(p, NetList::Loads, out_.network.loads, load);
    }

    [[nodiscard]] std::optional<std::size_t> placeOf(const ConductorId& id) const {
        const Conductor* c = findConductor(circuit(), id);
        return c == nullptr
                   ? std::nullopt
                   : std::optional(static_cast<std::size_t>(c - circuit().conductors.data()));
    }

    void addConductors() {
        // Few are pulled or badly joined and many are there: looked up once, not for each.
        std::vector<bool> pulled(circuit().conductors.size(), false);
        for (const ConductorId& id : moment_.pulled) {
            if (const auto at = placeOf(id)) {
                pulled[*at] = true;
            }
        }
        std::map<std::size_t, ConductorOhms> bad;
        for (const auto& [end, resistance] : moment_.joints) {
            if (const auto at = placeOf(end.conductor)) {
                ConductorOhms& o = bad.try_emplace(*at, state_.ohms[*at]).first->second;
                (end.end == End::From ? o.jointFrom : o.jointTo) = resistance;
            }
        }
        for (std::size_t i = 0; i < pulled.size(); ++i) {
            const auto own = bad.empty() ? bad.end() : bad.find(i);
            out_.conductors.push_back(
                pulled[i] ? ConductorBranch{}
                          : addConductor(i, own == bad.end() ? state_.ohms[i] : own->second));
        }
    }
    // One resistor of a conductor's chain, from `at` to a new node, which `at` becomes.
    int inChain(int& at, Ohms resistance) {
        const int next = nodes_++;
        const int out = resistor(at, next, resistance);
        at = next;
        return out;
    }
    [[nodiscard]] ConductorBranch addConductor(std::size_t index, const ConductorOhms& o) {
        const EndsAt& ends = index_.ends[index];
        ConductorBranch b;
        b.afterFrom = ends.from.node;
        b.beforeTo = ends.to.node;
        if (detail_ == Detail::Terminals) {
            b.wire = resistor(ends.from.node, ends.to.node, o.whole());
        } else {
            if (o.fuseFrom) {
                b.fuseFrom = inChain(b.afterFrom, *o.fuseFrom);
            }
            if (o.fuseTo) {
                b.fuseTo = inChain(b.beforeTo, *o.fuseTo);
            }
        }
        b.afterJointFrom = b.afterFrom;
        b.beforeJointTo = b.beforeTo;
        if (detail_ == Detail::Fuses) {
            b.wire = resistor(b.afterFrom, b.beforeTo, o.laid());
        } else if (detail_ == Detail::Joints) {
            b.jointFrom = inChain(b.afterJointFrom, o.jointFrom);
            b.jointTo = inChain(b.beforeJointTo, o.jointTo);
            b.wire = resistor(b.afterJointFrom, b.beforeJointTo, o.wire);
        }
        return b;
    }

    // What makes a rail makes it only while something feeds it.
    void addRails() {
        std::vector<Place> rails;
        for (std::size_t d = 0; d < circuit().devices.size(); ++d) {
            const auto& elements = circuit().devices[d].elements;
            for (std::size_t e = 0; e < elements.size(); ++e) {
                const auto* x = std::get_if<Transfer>(&elements[e]);
                if (x != nullptr && x->inside && lives(x->live)) {
                    rails.push_back({d, e, index_.firstNode[d]});
                }
            }
        }
        if (rails.empty()) {
            return;
        }
        out_.network.nodes = nodes_;
        const Parts parts = partsOf(out_.network);
        for (const Place& p : rails) {
            const auto& x = std::get<Transfer>(circuit().devices[p.device].elements[p.element]);
            if (!connected(parts, p.node(x.in.pos), p.node(x.in.neg))) {
                continue;
            }
            // Into a short it gives no more than its rating: it limits itself.
            const Ohms inside = detail_ != Detail::Terminals ? x.set / x.most : *x.inside;
            addSource(p, {p.node(x.out.pos), p.node(x.out.neg), x.set, inside, inputOf(p, x)});
        }
        std::ranges::sort(out_.elements, [](const ElementBranch& a, const ElementBranch& b) {
            return std::pair(a.device, a.element) < std::pair(b.device, b.element);
        });
    }

    // Nodes along conductors lie between two others: they go first.
    void finish() {
        Network& network = out_.network;
        network.nodes = nodes_;
        for (int node = index_.nodes; node < nodes_; ++node) {
            network.order.push_back(node);
        }
        network.order.insert(network.order.end(), index_.order.begin(), index_.order.end());
    }

    const CircuitState& state_;
    const Moment& moment_;
    const Detail detail_;
    const CircuitIndex& index_;
    Assembly out_;
    int nodes_;
};

Flow flowOf(const ElementBranch& e, const Network& network, const Solution& s) {
    Flow out{e.device, e.element, {}, {}};
    switch (e.list) {
        case NetList::Sources:
            out.through = s.source[e.at];
            if (network.sources[e.at].input) {
                out.input = s.sourceInput[e.at];
            }
            return out;
        case NetList::Loads:
            out.through = s.load[e.at];
            return out;
        case NetList::Chargers:
            out.through = s.charger[e.at];
            if (network.chargers[e.at].input) {
                out.input = s.chargerInput[e.at];
            }
            return out;
    }
    unreachable("flowOf(NetList)");
}

}  // namespace

Assembly assemble(const CircuitState& state, const Moment& moment, Detail detail) {
    return Builder(state, moment, detail).take();
}

std::optional<Volts> MomentSolution::between(const Circuit& circuit,
                                             const TerminalId& pos,
                                             const TerminalId& neg) const {
    const auto a = nodeOf(circuit, pos);
    const auto b = nodeOf(circuit, neg);
    if (!a || !b) {
        return std::nullopt;
    }
    const auto i = static_cast<std::size_t>(*a);
    const auto j = static_cast<std::size_t>(*b);
    return live[i] && live[j] ? std::optional(potential[i] - potential[j]) : std::nullopt;
}

const Flow* MomentSolution::flowOf(std::size_t device) const {
    const auto at = std::ranges::lower_bound(flows, device, {}, &Flow::device);
    return at == flows.end() || at->device != device ? nullptr : &*at;
}

const Flow* MomentSolution::flowOf(const Circuit& circuit, const DeviceId& device) const {
    const Device* d = findDevice(circuit, device);
    return d == nullptr ? nullptr : flowOf(static_cast<std::size_t>(d - circuit.devices.data()));
}

MomentSolution solveMoment(const CircuitState& state, const Moment& moment) {
    const Assembly assembly = assemble(state, moment, Detail::Terminals);
    Solution s = solve(assembly.network);
    MomentSolution out;
    out.moment = moment.id;
    out.served = s.served;
    out.servable = s.servable;
    for (const ConductorBranch& branch : assembly.conductors) {
        out.conductor.push_back(
            branch.wire < 0 ? amps(0.0) : s.resistor[static_cast<std::size_t>(branch.wire)]);
    }
    for (const ElementBranch& e : assembly.elements) {
        out.flows.push_back(flowOf(e, assembly.network, s));
        if (e.list == NetList::Loads && static_cast<int>(e.at) == s.weakestLoad) {
            out.weakest = e.device;
        }
    }
    out.potential = std::move(s.node);
    out.live = std::move(s.live);
    return out;
}

}  // namespace spirk
