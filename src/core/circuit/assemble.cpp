// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/assemble.h"

#include <algorithm>

#include "core/circuit/parts.h"
#include "core/gear/inverter.h"
#include "core/gear/solar.h"
#include "core/result/promise.h"

namespace spirk {

namespace {

// Judgement: rest voltage of a charged lead-acid starter battery, and what a plain alternator
// holds.
constexpr double kStarterVolts = 12.7;
constexpr double kAlternatorVolts = 14.2;
// Judgement: what a charged starter battery looks like while the engine runs: some 15 A at 14.2 V.
constexpr double kStarterChargingOhms = 0.1;
// A contact that the tables give as zero still needs a resistance above zero.
constexpr double kLeastOhms = 1e-6;
// Judgement: a converter's output falls by some 5 mV for each ampere.
constexpr double kConverterMohm = 5.0;
// Large enough never to limit: a charger limited by current only.
constexpr double kNoPowerLimit = 1e6;

class Builder {
public:
    Builder(const CircuitState& state, const Moment& moment, FuseNodes fuses)
        : state_(state), moment_(moment), fuses_(fuses), nodes_(state.numbering->count) {
        promise(state.ohms.size() == state.circuit->conductors.size(), "each conductor has ohms");
        for (const Device& device : state.circuit->devices) {
            addDevice(device);
        }
        // Few are pulled and many are there: looked up once, not for each.
        pulled_.assign(state.circuit->conductors.size(), false);
        for (const ConductorId& id : moment.pulled) {
            if (const Conductor* c = findConductor(*state.circuit, id)) {
                pulled_[static_cast<std::size_t>(c - state.circuit->conductors.data())] = true;
            }
        }
        for (std::size_t i = 0; i < state.circuit->conductors.size(); ++i) {
            addConductor(i, state.numbering->conductors[i], state.ohms[i]);
        }
        addConverters();
        finish();
    }
    [[nodiscard]] Assembly take() { return std::move(out_); }

private:
    int nodeOf(const Device& d, const char* port) const {
        const auto at = std::ranges::find(d.ports, port, &Port::name);
        promise(at != d.ports.end(), "a device has the port that its kind asks for");
        return nodesOf(d)[static_cast<std::size_t>(at - d.ports.begin())];
    }
    [[nodiscard]] const std::vector<int>& nodesOf(const Device& d) const {
        return state_.numbering
            ->devices[static_cast<std::size_t>(&d - state_.circuit->devices.data())];
    }

    int resistor(int a, int b, Ohms resistance) {
        out_.network.resistors.push_back({a, b, std::max(resistance, ohms(kLeastOhms))});
        return static_cast<int>(out_.network.resistors.size()) - 1;
    }

    void addDevice(const Device& d) {
        switch (d.kind) {
            case DeviceKind::Battery:
                return addBattery(d);
            case DeviceKind::MainSwitch:
            case DeviceKind::Isolator:
            case DeviceKind::Shunt:
                return addContact(d, "a", "b");
            case DeviceKind::PvIsolator:
                addContact(d, "a+", "b+");
                return addContact(d, "a-", "b-");
            case DeviceKind::FuseBlock:
                return addBlock(d);
            case DeviceKind::Starter:
                return addSource(d, volts(kStarterVolts), starterResistance(d));
            case DeviceKind::Alternator:
                return addAlternator(d);
            case DeviceKind::Array:
                return addArray(d);
            case DeviceKind::SolarController:
                return addController(d);
            case DeviceKind::DcdcCharger:
                return addDcdc(d);
            case DeviceKind::Converter:
                return;  // last, when it is known what feeds it
            case DeviceKind::Inverter:
                return addInverter(d);
            case DeviceKind::Load:
                return addLoad(d);
            case DeviceKind::CollectingBar:
            case DeviceKind::BusBar:
            case DeviceKind::Strip:
            case DeviceKind::Chassis:
            case DeviceKind::Ignition:
                return;
        }
        unreachable("addDevice");
    }

    void addSource(const Device& d, Volts emf, Ohms resistance) {
        out_.source[d.id] = static_cast<int>(out_.network.sources.size());
        out_.network.sources.push_back({nodeOf(d, "+"), nodeOf(d, "-"), emf, resistance});
    }

    // A charged battery takes only a few amperes from the alternator: it looks far stiffer to a
    // short than to a charge.
    [[nodiscard]] Ohms starterResistance(const Device& d) const {
        return moment_.driving ? ohms(kStarterChargingOhms) : d.resistance;
    }

    void addBattery(const Device& d) {
        const ChosenBank& bank = state_.gear->bank;
        addSource(d,
                  restVoltage(bank.battery, moment_.stateOfCharge),
                  batteryResistance(*bank.model, bank.battery, state_.batteries));
    }

    void addContact(const Device& d, const char* a, const char* b) {
        if (!moment_.open.contains(d.id)) {
            resistor(nodeOf(d, a), nodeOf(d, b), d.resistance);
        }
    }

    void addBlock(const Device& d) {
        for (std::size_t i = 0; i < d.ports.size(); ++i) {
            if (d.ports[i].name.starts_with("way.")) {
                resistor(nodeOf(d, "in"), nodesOf(d)[i], d.resistance);
            }
        }
    }

    void addCharger(const Device& d, const Charger& charger) {
        out_.charger[d.id] = static_cast<int>(out_.network.chargers.size());
        out_.network.chargers.push_back(charger);
    }

    void addAlternator(const Device& d) {
        if (!moment_.driving) {
            return;
        }
        // At sizing the DC-DC charger's input is as low as it works: that is its largest current.
        const bool low = moment_.reckoning == Reckoning::AtLowVoltage && state_.gear->engine;
        const Volts set = low ? state_.gear->engine->charger->start : volts(kAlternatorVolts);
        const Amps most = state_.gear->engine ? state_.gear->engine->alternator : d.rating;
        addCharger(d, {nodeOf(d, "+"), nodeOf(d, "-"), set, most, watts(kNoPowerLimit), {}});
    }

    void addArray(const Device& d) {
        if (moment_.sun <= 0.0 || !state_.gear->solar) {
            return;
        }
        // A straight line through open circuit and the point of largest power: exact at both.
        const ChosenSolar& s = *state_.gear->solar;
        const Volts voc = s.panel->voc * static_cast<double>(s.series);
        const Volts vmp = s.panel->vmp * static_cast<double>(s.series);
        const Amps imp = s.panel->imp * (static_cast<double>(s.parallel) * moment_.sun);
        addSource(d, voc, (voc - vmp) / imp);
    }

    void addController(const Device& d) {
        if (moment_.sun <= 0.0 || !state_.gear->solar) {
            return;
        }
        const ChosenSolar& s = *state_.gear->solar;
        const Watts sun = takenPower(*s.controller,
                                     *s.panel,
                                     s.series,
                                     arrayPower(s) * moment_.sun,
                                     state_.gear->bank.chemistry.absorption);
        const Watts power = sun * s.controller->efficiency;
        addCharger(d,
                   {nodeOf(d, "bat+"),
                    nodeOf(d, "bat-"),
                    state_.gear->bank.chemistry.absorption,
                    s.controller->maxOutput,
                    power,
                    PowerInput{nodeOf(d, "pv+"), nodeOf(d, "pv-"), s.controller->efficiency}});
    }

    void addDcdc(const Device& d) {
        if (!moment_.driving || !state_.gear->engine) {
            return;
        }
        const DcdcModel& model = *state_.gear->engine->charger;
        addCharger(d,
                   {nodeOf(d, "out+"),
                    nodeOf(d, "neg"),
                    state_.gear->bank.chemistry.absorption,
                    model.output,
                    watts(kNoPowerLimit),
                    PowerInput{nodeOf(d, "in+"), nodeOf(d, "neg"), model.efficiency}});
    }

    // A converter makes its rail only while something feeds it.
    void addConverters() {
        const bool any = std::ranges::any_of(state_.circuit->devices, [](const Device& d) {
            return d.kind == DeviceKind::Converter;
        });
        if (!any || state_.gear->converter == nullptr) {
            return;
        }
        out_.network.nodes = nodes_;
        const Parts parts = partsOf(out_.network);
        const ConverterModel& model = *state_.gear->converter;
        for (const Device& d : state_.circuit->devices) {
            if (d.kind != DeviceKind::Converter ||
                !connected(parts, nodeOf(d, "in+"), nodeOf(d, "neg"))) {
                continue;
            }
            // Into a short it gives no more than its rating: it limits itself.
            const bool fault = fuses_ == FuseNodes::Own;
            const Ohms inside = fault ? model.output / model.maxOutput : milliohms(kConverterMohm);
            out_.source[d.id] = static_cast<int>(out_.network.sources.size());
            out_.network.sources.push_back(
                {nodeOf(d, "out+"),
                 nodeOf(d, "neg"),
                 model.output,
                 inside,
                 PowerInput{nodeOf(d, "in+"), nodeOf(d, "neg"), model.efficiency}});
        }
    }

    void pushLoad(const Device& d, int pos, int neg, Behaviour how, Watts power) {
        NetLoad load{pos, neg, how, power, {}, ohms(1.0)};
        const ConverterModel* converter = d.fedBy ? state_.gear->converter : nullptr;
        const bool held = converter != nullptr;
        const Volts low = held ? converter->output : state_.gear->bank.chemistry.cutOff;
        const Volts nominal = held ? converter->output : state_.gear->bank.nominal;
        if (moment_.reckoning == Reckoning::AtLowVoltage) {
            load.behaviour = Behaviour::Current;
            load.current = power / low;
        } else if (how == Behaviour::Current) {
            load.current = power / nominal;
        } else if (how == Behaviour::Resistance && power.si() > 0.0) {
            load.resistance = nominal * nominal / power;
        } else {
            load.behaviour = Behaviour::Power;
        }
        out_.load[d.id] = static_cast<int>(out_.network.loads.size());
        out_.network.loads.push_back(load);
    }

    void addInverter(const Device& d) {
        if (!moment_.inverter || state_.gear->inverter == nullptr) {
            return;
        }
        const Watts input = inverterInput(*state_.gear->inverter, *moment_.inverter);
        pushLoad(d, nodeOf(d, "dc+"), nodeOf(d, "dc-"), Behaviour::Power, input);
        if (moment_.reckoning == Reckoning::AtLowVoltage) {
            out_.network.loads.back().current = input / state_.gear->bank.chemistry.inverterCutOff;
        }
    }

    void addLoad(const Device& d) {
        const bool on = moment_.loads == LoadsOn::All || moment_.only.contains(d.id);
        if (!on || !d.load) {
            return;
        }
        const bool sizing = moment_.reckoning == Reckoning::AtLowVoltage;
        pushLoad(d,
                 nodeOf(d, "+"),
                 nodeOf(d, "-"),
                 d.load->behaviour,
                 sizing ? d.load->largest : d.load->used);
    }

    void addConductor(std::size_t index, const Numbering::Ends& ends, const ConductorOhms& o) {
        ConductorBranch branch;
        if (pulled_[index]) {
            out_.conductors.push_back(branch);
            return;
        }
        branch.afterFrom = ends.from;
        branch.beforeTo = ends.to;
        if (fuses_ == FuseNodes::Merged) {
            const Ohms whole = o.wire + o.fuseFrom.value_or(Ohms()) + o.fuseTo.value_or(Ohms());
            branch.wire = resistor(ends.from, ends.to, whole);
            out_.conductors.push_back(branch);
            return;
        }
        if (o.fuseFrom) {
            const int inner = nodes_++;
            branch.fuseFrom = resistor(branch.afterFrom, inner, *o.fuseFrom);
            branch.afterFrom = inner;
        }
        if (o.fuseTo) {
            const int inner = nodes_++;
            branch.fuseTo = resistor(inner, branch.beforeTo, *o.fuseTo);
            branch.beforeTo = inner;
        }
        branch.wire = resistor(branch.afterFrom, branch.beforeTo, o.wire);
        out_.conductors.push_back(branch);
    }

    // Nodes inside fuses lie between two others: they go first.
    void finish() {
        Network& network = out_.network;
        network.nodes = nodes_;
        for (int node = state_.numbering->count; node < nodes_; ++node) {
            network.order.push_back(node);
        }
        network.order.insert(
            network.order.end(), state_.numbering->order.begin(), state_.numbering->order.end());
    }

    const CircuitState& state_;
    const Moment& moment_;
    const FuseNodes fuses_;
    Assembly out_;
    std::vector<bool> pulled_;  // of each conductor
    int nodes_;
};

}  // namespace

Assembly assemble(const CircuitState& state, const Moment& moment, FuseNodes nodes) {
    return Builder(state, moment, nodes).take();
}

std::optional<Volts> MomentSolution::between(const TerminalId& pos, const TerminalId& neg) const {
    const auto a = numbering->node.find(pos);
    const auto b = numbering->node.find(neg);
    if (a == numbering->node.end() || b == numbering->node.end()) {
        return std::nullopt;
    }
    const auto i = static_cast<std::size_t>(a->second);
    const auto j = static_cast<std::size_t>(b->second);
    return live[i] && live[j] ? std::optional(potential[i] - potential[j]) : std::nullopt;
}

MomentSolution solveMoment(const CircuitState& state, const Moment& moment) {
    const Assembly assembly = assemble(state, moment, FuseNodes::Merged);
    Solution s = solve(assembly.network);
    MomentSolution out;
    out.moment = moment.id;
    out.served = s.served;
    out.servable = s.servable;
    out.numbering = state.numbering;
    out.potential = std::move(s.node);
    out.live = std::move(s.live);
    for (const ConductorBranch& branch : assembly.conductors) {
        out.conductor.push_back(
            branch.wire < 0 ? amps(0.0) : s.resistor[static_cast<std::size_t>(branch.wire)]);
    }
    for (const auto& [id, index] : assembly.source) {
        out.device[id] = s.source[static_cast<std::size_t>(index)];
        if (assembly.network.sources[static_cast<std::size_t>(index)].input) {
            out.input[id] = s.sourceInput[static_cast<std::size_t>(index)];
        }
    }
    for (const auto& [id, index] : assembly.load) {
        out.device[id] = s.load[static_cast<std::size_t>(index)];
        if (index == s.weakestLoad) {
            out.weakest = id;
        }
    }
    for (const auto& [id, index] : assembly.charger) {
        out.device[id] = s.charger[static_cast<std::size_t>(index)];
        out.input[id] = s.chargerInput[static_cast<std::size_t>(index)];
    }
    return out;
}

}  // namespace spirk
