// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/explain_moment.h"

#include <algorithm>

#include "core/circuit/joined_ports.h"
#include "core/result/promise.h"

namespace spirk {

namespace {

constexpr const char* kUnserved =
    "The network cannot serve its loads in this moment: this is where the search for a state "
    "ended.";

std::string prefix(const Moment& moment) { return "moment." + moment.id; }

FromSolver solver(const MomentStory& s) { return {s.moment.name}; }

// Where the open voltage of a source comes from.
Origin originOf(const MomentStory& s, const Device& d) {
    if (d.kind == DeviceKind::Battery) {
        return fromTable(s.library, "chemistries", s.state.gear->bank.chemistry.name + ", at rest");
    }
    if (d.kind == DeviceKind::Array) {
        return FromRule{"a line through the panels' open circuit and their largest power"};
    }
    if (d.kind == DeviceKind::Converter) {
        return FromRule{"the voltage that its maker sets"};
    }
    return FromRule{"judgement: a charged lead-acid starter battery"};
}

Derivation ofSource(const MomentStory& s, const Device& d, const VoltageSource& source, Volts v) {
    return {.id = deviceFigure(s.moment, d.id),
            .title = d.name + ", current given: " + s.moment.name,
            .formula = "I = (E - V) / R",
            .terms = {{"E", "its voltage at rest", measure(source.emf), originOf(s, d)},
                      {"V", "volts at its terminals", measure(v), solver(s)},
                      {"R",
                       "its inner resistance",
                       measure(source.resistance),
                       FromRule{"as the circuit is solved with"}}},
            .result = measure((source.emf - v) / source.resistance),
            .source = "Ohm's law; volts from the solved network",
            .note = ""};
}

Derivation ofLoad(const MomentStory& s, const Device& d, const NetLoad& load, Volts v, Amps i) {
    Derivation out{.id = deviceFigure(s.moment, d.id),
                   .title = d.name + ", current drawn: " + s.moment.name,
                   .formula = "",
                   .terms = {},
                   .result = measure(i),
                   .source = "own arithmetic; volts from the solved network",
                   .note = s.solved.served ? "" : kUnserved};
    const Term volts{"V", "volts at its terminals", measure(v), solver(s)};
    switch (load.behaviour) {
        case Behaviour::Power:
            out.formula = "I = P · k / V";
            out.terms = {{"P", "power drawn", measure(load.power), FromRule{"the device's watts"}},
                         {"k",
                          "part of it that the network can serve",
                          number(s.solved.servable),
                          solver(s)},
                         volts};
            break;
        case Behaviour::Current:
            out.formula = "I, whatever the volts";
            out.terms = {{"I",
                          "power over the system's volts",
                          measure(load.current),
                          FromRule{"the device's watts"}}};
            break;
        case Behaviour::Resistance:
            out.formula = "I = V / R";
            out.terms = {volts,
                         {"R",
                          "volts squared over power",
                          measure(load.resistance),
                          FromRule{"the device's watts"}}};
            break;
    }
    return out;
}

Derivation ofCharger(const MomentStory& s, const Device& d, const Charger& c, Volts v, Amps i) {
    const bool solar = d.kind == DeviceKind::SolarController;
    Derivation out{.id = deviceFigure(s.moment, d.id),
                   .title = d.name + ", current given: " + s.moment.name,
                   .formula = std::string("I = the smallest of (V_set − V) / R_r, I_max") +
                              (solar ? " and P / V" : "") + "; never below zero",
                   .terms = {{"V_set", "what it holds", measure(c.set), FromRule{"its setting"}},
                             {"V", "volts at its terminals", measure(v), solver(s)},
                             {"R_r",
                              "how firmly it holds them",
                              measure(ohms(kRegulatorOhms)),
                              FromRule{"judgement: nearly ideal"}},
                             {"I_max",
                              "its largest current",
                              measure(c.maxCurrent),
                              FromRule{"its data sheet"}}},
                   .result = measure(i),
                   .source = "own arithmetic; volts from the solved network",
                   .note = i < c.maxCurrent * 0.999 && !solar
                               ? "The set voltage is reached: the current falls by itself."
                               : ""};
    if (solar) {
        out.terms.push_back({"P",
                             "sun on the array, after its own losses",
                             measure(c.maxPower),
                             FromRule{"array's watts, share of full sun, efficiency"}});
    }
    return out;
}

// A device's place in the assembled network, by kind of element.
struct Element {
    const VoltageSource* source = nullptr;
    const NetLoad* load = nullptr;
    const Charger* charger = nullptr;
};

template <class T>
const T* elementIn(const std::map<DeviceId, int>& index,
                   const std::vector<T>& all,
                   const DeviceId& id) {
    const auto found = index.find(id);
    return found == index.end() ? nullptr : &all[static_cast<std::size_t>(found->second)];
}

Element elementOf(const Assembly& a, const DeviceId& id) {
    return {elementIn(a.source, a.network.sources, id),
            elementIn(a.load, a.network.loads, id),
            elementIn(a.charger, a.network.chargers, id)};
}

Volts acrossNodes(const MomentStory& s, int pos, int neg) {
    return s.solved.potential[static_cast<std::size_t>(pos)] -
           s.solved.potential[static_cast<std::size_t>(neg)];
}

// The source that a terminal's volts are told from: the array before the controller, the starter
// battery before the DC-DC charger, a converter on its own rail, else a battery of the bank. Null
// where the plan's amendments have taken it away.
const Device* sourceBehind(const Circuit& circuit, const TerminalId& t) {
    const Device* device = findDevice(circuit, t.device);
    if (device != nullptr && device->fedBy) {
        return findDevice(circuit, *device->fedBy);
    }
    const bool converter = device != nullptr && device->kind == DeviceKind::Converter;
    if (converter && t.port == "out+") {
        return device;
    }
    const bool array = t.device.value.starts_with("array") || t.port.starts_with("pv");
    const bool vehicle = t.device.value == "starter" || t.device.value == "alternator" ||
                         (t.port == "in+" && !converter);
    if (array || vehicle) {
        return findDevice(circuit, DeviceId(array ? "array" : "starter"));
    }
    const auto battery = std::ranges::find(circuit.devices, DeviceKind::Battery, &Device::kind);
    return battery == circuit.devices.end() ? nullptr : &*battery;
}

// What an element gives and where it draws that; nothing where it has no input.
struct Passing {
    int pos = 0, neg = 0;
    PowerInput input;
};
std::optional<Passing> passingOf(const Element& e) {
    if (e.charger != nullptr && e.charger->input) {
        return Passing{e.charger->pos, e.charger->neg, *e.charger->input};
    }
    if (e.source != nullptr && e.source->input) {
        return Passing{e.source->pos, e.source->neg, *e.source->input};
    }
    return std::nullopt;
}

}  // namespace

FigureId currentFigure(const Moment& moment, const ConductorId& conductor) {
    return FigureId(prefix(moment) + ".current." + conductor.value);
}
FigureId deviceFigure(const Moment& moment, const DeviceId& device) {
    return FigureId(prefix(moment) + ".device." + device.value);
}
FigureId voltsFigure(const Moment& moment, const TerminalId& terminal) {
    return FigureId(prefix(moment) + ".volts." + text(terminal));
}

FigureId bankFigure(const Moment& moment) { return FigureId(prefix(moment) + ".bank"); }
FigureId inputFigure(const Moment& moment, const DeviceId& charger) {
    return FigureId(deviceFigure(moment, charger).value + ".input");
}

Amps bankCurrent(const Circuit& circuit, const MomentSolution& solved) {
    Amps total;
    for (const Device& d : circuit.devices) {
        const bool counts = d.kind == DeviceKind::Battery && d.headsString;
        total += counts ? solved.device.at(d.id) : Amps();
    }
    return total;
}

Derivation explainBank(const MomentStory& s) {
    Derivation out{.id = bankFigure(s.moment),
                   .title = "Current out of the bank: " + s.moment.name,
                   .formula = "sum over its batteries",
                   .terms = {},
                   .result = measure(bankCurrent(*s.state.circuit, s.solved)),
                   .source = "the network solved",
                   .note = ""};
    for (const Device& d : s.state.circuit->devices) {
        if (d.kind == DeviceKind::Battery && d.headsString) {
            out.terms.push_back({"I",
                                 d.name,
                                 measure(s.solved.device.at(d.id)),
                                 FromFigure{deviceFigure(s.moment, d.id)}});
        }
    }
    return out;
}

std::optional<Derivation> explainDevice(const MomentStory& s, const DeviceId& id) {
    const Device* d = findDevice(*s.state.circuit, id);
    const auto current = s.solved.device.find(id);
    if (d == nullptr || current == s.solved.device.end()) {
        return std::nullopt;
    }
    const Assembly assembly = assemble(s.state, s.moment, FuseNodes::Merged);
    const Element e = elementOf(assembly, id);
    if (e.source != nullptr) {
        return ofSource(s, *d, *e.source, acrossNodes(s, e.source->pos, e.source->neg));
    }
    if (e.load != nullptr) {
        return ofLoad(s, *d, *e.load, acrossNodes(s, e.load->pos, e.load->neg), current->second);
    }
    promise(e.charger != nullptr, "a device with a current is a source, a load or a charger");
    return ofCharger(
        s, *d, *e.charger, acrossNodes(s, e.charger->pos, e.charger->neg), current->second);
}

std::optional<Derivation> explainInput(const MomentStory& s, const DeviceId& id) {
    const Device* d = findDevice(*s.state.circuit, id);
    const auto input = s.solved.input.find(id);
    const auto output = s.solved.device.find(id);
    if (d == nullptr || input == s.solved.input.end()) {
        return std::nullopt;
    }
    const Assembly assembly = assemble(s.state, s.moment, FuseNodes::Merged);
    const auto c = passingOf(elementOf(assembly, id));
    if (!c) {
        return std::nullopt;
    }
    return Derivation{
        .id = inputFigure(s.moment, id),
        .title = d->name + ", current drawn at its input: " + s.moment.name,
        .formula = "I_in = I_out · V_out / (η · V_in)",
        .terms =
            {{"I_out",
              "current given",
              measure(output->second),
              FromFigure{deviceFigure(s.moment, id)}},
             {"V_out", "volts at its output", measure(acrossNodes(s, c->pos, c->neg)), solver(s)},
             {"η", "efficiency", percent(c->input.efficiency), FromRule{"its data sheet"}},
             {"V_in",
              "volts at its input",
              measure(acrossNodes(s, c->input.pos, c->input.neg)),
              solver(s)}},
        .result = measure(input->second),
        .source = "own arithmetic; volts from the solved network",
        .note = ""};
}

std::optional<Derivation> explainCurrent(const MomentStory& s, const ConductorId& id) {
    const Circuit& circuit = *s.state.circuit;
    const Conductor* c = findConductor(circuit, id);
    if (c == nullptr) {
        return std::nullopt;
    }
    const auto index = static_cast<std::size_t>(c - circuit.conductors.data());
    Derivation out{.id = currentFigure(s.moment, id),
                   .title = c->name + ", current: " + s.moment.name,
                   .formula = "what arrives through it leaves: sum of all else at its end",
                   .terms = {},
                   .result = measure(s.solved.conductor[index]),
                   .source = "Kirchhoff's current law on the solved network",
                   .note = "Counted from '" + text(c->from) + "' to '" + text(c->to) +
                           "'; below zero it flows the other way." +
                           (s.solved.served ? "" : " " + std::string(kUnserved))};
    const JoinedPorts joined = joinedPorts(circuit, *c);
    for (const Own& own : ownCurrents(s.solved, joined)) {
        const bool input = own.figure == OwnFigure::Input;
        out.terms.push_back({"I",
                             joined.device->name + (input ? ", input" : ""),
                             measure(own.into * joined.sign),
                             FromFigure{input ? inputFigure(s.moment, joined.device->id)
                                              : deviceFigure(s.moment, joined.device->id)}});
    }
    for (const Arrival& a : joined.others) {
        const Conductor& other = circuit.conductors[a.conductor];
        out.terms.push_back({"I",
                             other.name,
                             measure(s.solved.conductor[a.conductor] * (-a.sign * joined.sign)),
                             FromFigure{currentFigure(s.moment, other.id)}});
    }
    return out;
}

std::optional<Derivation> explainVolts(const MomentStory& s, const TerminalId& terminal) {
    const Port* port = findPort(*s.state.circuit, terminal);
    const Device* device = findDevice(*s.state.circuit, terminal.device);
    const auto v = port != nullptr && port->counter ? s.solved.between(terminal, *port->counter)
                                                    : std::nullopt;
    const Device* from = sourceBehind(*s.state.circuit, terminal);
    const Assembly assembly = assemble(s.state, s.moment, FuseNodes::Merged);
    const VoltageSource* source = from == nullptr ? nullptr : elementOf(assembly, from->id).source;
    if (!v || source == nullptr) {
        return std::nullopt;
    }
    const bool string = from->kind == DeviceKind::Battery && terminal.device != from->id &&
                        s.state.gear->bank.series > 1;
    const double inSeries = string ? s.state.gear->bank.series : 1;
    const Volts open = source->emf * inSeries;
    return Derivation{
        .id = voltsFigure(s.moment, terminal),
        .title = device->name + ", volts " + terminal.port + " to " + port->counter->port + ": " +
                 s.moment.name,
        .formula = string ? "V = n · E - ΔV" : "V = E - ΔV",
        .terms =
            {{"n", "batteries in series", count(inSeries), FromPlan{"gear.bank.series"}},
             {"E", from->name + " at rest", measure(source->emf), originOf(s, *from)},
             {"ΔV",
              "lost in the source, cables, fuses and contacts; below zero: raised by a charger",
              measure(open - *v),
              solver(s)}},
        .result = measure(*v),
        .source = "the network solved",
        .note = ""};
}

}  // namespace spirk
