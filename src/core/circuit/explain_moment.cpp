// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/explain_moment.h"

#include <algorithm>

#include "core/base/promise.h"
#include "core/circuit/branches.h"
#include "core/circuit/joined_ports.h"
#include "core/circuit/walk.h"

namespace spirk {

namespace {

constexpr Phrase kUnserved =
    "The network cannot supply its loads in this situation: these are the last values of the search."_text;

// What is asked, in the moment.
Text inMoment(const MomentStory& s, Phrase title, TextValue of) {
    return {title, {std::move(of), {"moment", s.moment.name}}};
}

std::string prefix(const Moment& moment) { return "moment." + moment.id; }

FromSolver solver(const MomentStory& s) { return {s.moment.name}; }

Volts acrossNodes(const MomentStory& s, int pos, int neg) {
    return s.solved.potential[static_cast<std::size_t>(pos)] -
           s.solved.potential[static_cast<std::size_t>(neg)];
}

// Where the open voltage of a source comes from.
Origin originOf(const Element& element) {
    if (const auto* emf = std::get_if<Emf>(&element)) {
        return emf->origin;
    }
    return std::holds_alternative<PanelCurve>(element)
               ? FromRule{"a line through the panels' open-circuit and maximum-power points"_text}
               : FromRule{"the voltage set by its maker"_text};
}

// Panels that are drawn on harder than at their largest power.
Derivation beyondKnee(const MomentStory& s, const Device& d, const Knee& knee, Volts v, Amps i) {
    const FromRule sheet{"its data sheet, times the sun"_text};
    return {.id = deviceFigure(s.moment, d.id),
            .title = inMoment(s, "{device}, output current: {moment}"_text, {"device", d.name}),
            .formula = "I = I_mp + (I_sc - I_mp) (V_mp - V) / V_mp"_text,
            .terms = {{"I_mp"_text, "current at maximum power"_text, measure(knee.current), sheet},
                      {"I_sc"_text, "short-circuit current"_text, measure(knee.shorted), sheet},
                      {"V_mp"_text, "voltage at maximum power"_text, measure(knee.at), sheet},
                      {"V"_text, "voltage at its terminals"_text, measure(v), solver(s)}},
            .result = measure(i),
            .source = "a line through the panels' maximum-power and short-circuit points"_text,
            .note = {}};
}

Derivation ofSource(const MomentStory& s,
                    const Device& d,
                    const Element& element,
                    const VoltageSource& source,
                    Volts v,
                    Amps i) {
    // At their best they stand on the corner of both lines, but for rounding.
    constexpr double kRounding = 1e-9;
    if (source.knee && v < source.knee->at * (1.0 - kRounding)) {
        return beyondKnee(s, d, *source.knee, v, i);
    }
    return {.id = deviceFigure(s.moment, d.id),
            .title = inMoment(s, "{device}, output current: {moment}"_text, {"device", d.name}),
            .formula = "I = (E - V) / R"_text,
            .terms = {{"E"_text, "its rest voltage"_text, measure(source.emf), originOf(element)},
                      {"V"_text, "voltage at its terminals"_text, measure(v), solver(s)},
                      {"R"_text,
                       "its internal resistance"_text,
                       measure(source.resistance),
                       FromRule{"as used in solving the circuit"_text}}},
            .result = measure(i),
            .source = "Ohm's law; voltages from the solved network"_text,
            .note = {}};
}

Derivation ofLoad(const MomentStory& s, const Device& d, const NetLoad& load, Volts v, Amps i) {
    Derivation out{
        .id = deviceFigure(s.moment, d.id),
        .title = inMoment(s, "{device}, current drawn: {moment}"_text, {"device", d.name}),
        .formula = {},
        .terms = {},
        .result = measure(i),
        .source = "own arithmetic; voltages from the solved network"_text,
        .note = s.solved.served() ? Text() : kUnserved};
    const Term volts{"V"_text, "voltage at its terminals"_text, measure(v), solver(s)};
    switch (load.behaviour) {
        case Behaviour::Power:
            out.formula = "I = P · k / V"_text;
            out.terms = {{"P"_text,
                          "power drawn"_text,
                          measure(load.power),
                          FromRule{"the device's watts"_text}},
                         {"k"_text,
                          "share of it that the network can supply"_text,
                          number(s.solved.servable),
                          solver(s)},
                         volts};
            break;
        case Behaviour::Current:
            out.formula = "I, whatever the voltage"_text;
            out.terms = {{"I"_text,
                          "power over the system voltage"_text,
                          measure(load.current),
                          FromRule{"the device's watts"_text}}};
            break;
        case Behaviour::Resistance:
            out.formula = "I = V / R"_text;
            out.terms = {volts,
                         {"R"_text,
                          "voltage squared over power"_text,
                          measure(load.resistance),
                          FromRule{"the device's watts"_text}}};
            break;
    }
    return out;
}

// Nothing live is joined to an input: its volts are nobody's.
bool isDead(const MomentStory& s, const PowerInput& in) {
    const int pos = s.solved.part[static_cast<std::size_t>(in.pos)];
    return pos < 0 || pos != s.solved.part[static_cast<std::size_t>(in.neg)];
}

// Power that a charger's input and its panels leave it; nothing where they leave it all it wants.
std::optional<Watts> powerLeft(const MomentStory& s, const Charger& c) {
    const bool bounded = c.maxPower < watts(kNoPowerLimit);
    const auto sun = bounded ? std::optional(c.maxPower) : std::nullopt;
    if (!c.input) {
        return sun;
    }
    if (isDead(s, *c.input)) {
        return watts(0.0);
    }
    const auto all = brought(*c.input, acrossNodes(s, c.input->pos, c.input->neg).si());
    if (!all) {
        return sun;
    }
    const Watts out = watts(all->power * c.input->efficiency);
    return sun ? std::min(*sun, out) : out;
}

// Formula and terms of that power. Requires that there is one.
void fillPower(const MomentStory& s, const Charger& c, Derivation& out) {
    const FromRule sheet{"its data sheet"_text};
    const FromRule panels{"its panels' data sheet, times the sun"_text};
    const Term sun{"P_sun"_text,
                   "what its panels and the bank's voltage allow"_text,
                   measure(c.maxPower),
                   panels};
    const bool bySun = c.maxPower < watts(kNoPowerLimit);
    if (c.input && isDead(s, *c.input)) {
        out.formula = "P = 0: nothing live is connected to its input"_text;
        return;
    }
    if (!c.input || (!c.input->most && !c.input->fold)) {
        out.formula = "P = P_sun"_text;
        out.terms = {sun};
        return;
    }
    out.terms = {{"η"_text, "efficiency"_text, number(c.input->efficiency), sheet},
                 {"V_in"_text,
                  "voltage at its input"_text,
                  measure(acrossNodes(s, c.input->pos, c.input->neg)),
                  solver(s)}};
    if (c.input->most) {
        out.terms.push_back({"I_mp"_text,
                             "current at which its panels give most; it draws no more"_text,
                             measure(*c.input->most),
                             panels});
        out.formula = bySun ? "P = the smaller of η · I_mp · V_in and P_sun"_text
                            : "P = η · I_mp · V_in"_text;
        if (bySun) {
            out.terms.push_back(sun);
        }
        return;
    }
    const Fold& fold = *c.input->fold;
    out.formula = "P = η · P_in · (V_in - V_stop) / (V_start - V_stop), never below zero"_text;
    out.terms.push_back({"P_in"_text, "most that it draws"_text, measure(fold.power), sheet});
    out.terms.push_back({"V_start"_text, "full output above this"_text, measure(fold.full), sheet});
    out.terms.push_back({"V_stop"_text, "no output below this"_text, measure(fold.none), sheet});
}

Derivation ofCharger(const MomentStory& s, const Device& d, const Charger& c, Volts v, Amps i) {
    const auto bounded = powerLeft(s, c);
    Derivation out{
        .id = deviceFigure(s.moment, d.id),
        .title = inMoment(s, "{device}, output current: {moment}"_text, {"device", d.name}),
        .formula = bounded ? "I = the smallest of (V_set − V) / R_r, I_max and P / V; never "
                             "below zero"_text
                           : "I = the smallest of (V_set − V) / R_r, I_max; never below "
                             "zero"_text,
        .terms =
            {{"V_set"_text, "voltage it holds"_text, measure(c.set), FromRule{"its setting"_text}},
             {"V"_text, "voltage at its terminals"_text, measure(v), solver(s)},
             {"R_r"_text,
              "stiffness of its voltage regulation"_text,
              measure(ohms(kRegulatorOhms)),
              FromRule{"judgement: nearly ideal"_text}},
             {"I_max"_text,
              "its largest current"_text,
              measure(c.maxCurrent),
              FromRule{"its data sheet"_text}}},
        .result = measure(i),
        .source = "own arithmetic; voltages from the solved network"_text,
        .note = i < c.maxCurrent * 0.999 && !bounded
                    ? "The set voltage is reached: the current tapers."_text
                    : Text()};
    if (bounded) {
        out.terms.push_back({"P"_text,
                             "power available from its input"_text,
                             measure(*bounded),
                             FromFigure{powerFigure(s.moment, d.id)}});
    }
    return out;
}

// Where the first element of a device that gives or draws stands in the assembled network.
struct InNetwork {
    const Element* element = nullptr;
    const VoltageSource* source = nullptr;
    const NetLoad* load = nullptr;
    const Charger* charger = nullptr;
};

InNetwork elementOf(const Circuit& circuit, const Assembly& a, std::size_t device) {
    const auto at = std::ranges::find(a.elements, device, &ElementBranch::device);
    if (at == a.elements.end()) {
        return {};
    }
    InNetwork out;
    out.element = &circuit.devices[device].elements[at->element];
    switch (at->list) {
        case NetList::Sources:
            out.source = &a.network.sources[at->at];
            return out;
        case NetList::Loads:
            out.load = &a.network.loads[at->at];
            return out;
        case NetList::Chargers:
            out.charger = &a.network.chargers[at->at];
            return out;
    }
    unreachable("elementOf(NetList)");
}

std::size_t placeOf(const Circuit& circuit, const Device& device) {
    return static_cast<std::size_t>(&device - circuit.devices.data());
}

// The positive port of what has a voltage of its own.
std::optional<std::size_t> positiveOf(const Element& element) {
    if (const auto* emf = std::get_if<Emf>(&element)) {
        return emf->at.pos;
    }
    if (const auto* panels = std::get_if<PanelCurve>(&element)) {
        return panels->at.pos;
    }
    const auto* rail = std::get_if<Transfer>(&element);
    return rail != nullptr && rail->inside ? std::optional(rail->out.pos) : std::nullopt;
}

// The source that a terminal's volts are told from: the nearest one whose positive port metal joins
// with it, of equally near ones the first. Null where there is none.
const Device* sourceBehind(const Circuit& circuit, int node) {
    std::vector<int> rank(static_cast<std::size_t>(circuit.index->nodes), -1);
    const std::vector<int> reached = reachedFrom(joinsOf(circuit), node);
    for (std::size_t i = 0; i < reached.size(); ++i) {
        rank[static_cast<std::size_t>(reached[i])] = static_cast<int>(i);
    }
    const Device* nearest = nullptr;
    int best = -1;
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        for (const Element& e : circuit.devices[d].elements) {
            const auto port = positiveOf(e);
            const int at =
                !port ? -1 : rank[static_cast<std::size_t>(circuit.index->firstNode[d]) + *port];
            if (at >= 0 && (nearest == nullptr || at < best)) {
                nearest = &circuit.devices[d];
                best = at;
            }
        }
    }
    return nearest;
}

// What an element gives and where it draws that; nothing where it has no input.
struct Passing {
    int pos = 0, neg = 0;
    PowerInput input;
};
std::optional<Passing> passingOf(const InNetwork& e) {
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
FigureId powerFigure(const Moment& moment, const DeviceId& charger) {
    return FigureId(deviceFigure(moment, charger).value + ".power");
}
FigureId inputFigure(const Moment& moment, const DeviceId& charger) {
    return FigureId(deviceFigure(moment, charger).value + ".input");
}

namespace {

// Calls `visit` with each device that heads a string of the bank, and what it gives.
template <class Visit>
void forStrings(const Circuit& circuit, const MomentSolution& solved, const Visit& visit) {
    for (const Flow& flow : solved.flows) {
        const Device& d = circuit.devices[flow.device];
        if (d.kind == DeviceKind::Battery && d.headsString) {
            visit(d, flow.through);
        }
    }
}

}  // namespace

Amps bankCurrent(const Circuit& circuit, const MomentSolution& solved) {
    Amps total;
    forStrings(circuit, solved, [&](const Device&, Amps given) { total += given; });
    return total;
}

Derivation explainBank(const MomentStory& s) {
    Derivation out{.id = bankFigure(s.moment),
                   .title = {"Current out of the bank: {moment}"_text, {{"moment", s.moment.name}}},
                   .formula = "sum over its batteries"_text,
                   .terms = {},
                   .result = measure(bankCurrent(*s.state.circuit, s.solved)),
                   .source = "network solved"_text,
                   .note = {}};
    forStrings(*s.state.circuit, s.solved, [&](const Device& d, Amps given) {
        out.terms.push_back(
            {"I"_text, d.name, measure(given), FromFigure{deviceFigure(s.moment, d.id)}});
    });
    return out;
}

std::optional<Derivation> explainDevice(const MomentStory& s, const DeviceId& id) {
    const Circuit& circuit = *s.state.circuit;
    const Device* d = findDevice(circuit, id);
    const Flow* flow = s.solved.flowOf(circuit, id);
    if (d == nullptr || flow == nullptr) {
        return std::nullopt;
    }
    const Assembly assembly = assemble(s.state, s.moment, Detail::Terminals);
    const InNetwork e = elementOf(circuit, assembly, placeOf(circuit, *d));
    if (e.source != nullptr) {
        return ofSource(s,
                        *d,
                        *e.element,
                        *e.source,
                        acrossNodes(s, e.source->pos, e.source->neg),
                        flow->through);
    }
    if (e.load != nullptr) {
        return ofLoad(s, *d, *e.load, acrossNodes(s, e.load->pos, e.load->neg), flow->through);
    }
    promise(e.charger != nullptr, "a device with a current is a source, a load or a charger");
    return ofCharger(
        s, *d, *e.charger, acrossNodes(s, e.charger->pos, e.charger->neg), flow->through);
}

std::optional<Derivation> explainPower(const MomentStory& s, const DeviceId& id) {
    const Circuit& circuit = *s.state.circuit;
    const Device* d = findDevice(circuit, id);
    const Flow* flow = s.solved.flowOf(circuit, id);
    if (d == nullptr || flow == nullptr) {
        return std::nullopt;
    }
    const Assembly assembly = assemble(s.state, s.moment, Detail::Terminals);
    const InNetwork e = elementOf(circuit, assembly, placeOf(circuit, *d));
    const auto power = e.charger == nullptr ? std::nullopt : powerLeft(s, *e.charger);
    if (!power) {
        return std::nullopt;
    }
    Derivation out{
        .id = powerFigure(s.moment, id),
        .title = inMoment(
            s, "{device}, power available from its input: {moment}"_text, {"device", d->name}),
        .formula = {},
        .terms = {},
        .result = measure(*power),
        .source = "own arithmetic; voltages from the solved network"_text,
        .note = {}};
    fillPower(s, *e.charger, out);
    return out;
}

std::optional<Derivation> explainInput(const MomentStory& s, const DeviceId& id) {
    const Circuit& circuit = *s.state.circuit;
    const Device* d = findDevice(circuit, id);
    const Flow* flow = s.solved.flowOf(circuit, id);
    if (d == nullptr || flow == nullptr || !flow->input) {
        return std::nullopt;
    }
    const Assembly assembly = assemble(s.state, s.moment, Detail::Terminals);
    const auto c = passingOf(elementOf(circuit, assembly, placeOf(circuit, *d)));
    if (!c) {
        return std::nullopt;
    }
    return Derivation{
        .id = inputFigure(s.moment, id),
        .title = inMoment(s, "{device}, input current: {moment}"_text, {"device", d->name}),
        .formula = "I_in = I_out · V_out / (η · V_in)"_text,
        .terms = {{"I_out"_text,
                   "output current"_text,
                   measure(flow->through),
                   FromFigure{deviceFigure(s.moment, id)}},
                  {"V_out"_text,
                   "voltage at its output"_text,
                   measure(acrossNodes(s, c->pos, c->neg)),
                   solver(s)},
                  {"η"_text,
                   "efficiency"_text,
                   percent(c->input.efficiency),
                   FromRule{"its data sheet"_text}},
                  {"V_in"_text,
                   "voltage at its input"_text,
                   measure(acrossNodes(s, c->input.pos, c->input.neg)),
                   solver(s)}},
        .result = measure(*flow->input),
        .source = "own arithmetic; voltages from the solved network"_text,
        .note = {}};
}

std::optional<Derivation> explainCurrent(const MomentStory& s, const ConductorId& id) {
    const Circuit& circuit = *s.state.circuit;
    const Conductor* c = findConductor(circuit, id);
    if (c == nullptr) {
        return std::nullopt;
    }
    const auto index = static_cast<std::size_t>(c - circuit.conductors.data());
    Derivation out{
        .id = currentFigure(s.moment, id),
        .title = inMoment(s, "{conductor}, current: {moment}"_text, {"conductor", c->name}),
        .formula = "what enters through it leaves again: sum of all other currents at its end"_text,
        .terms = {},
        .result = measure(s.solved.conductor[index]),
        .source = "Kirchhoff's current law on the solved network"_text,
        .note =
            then({"Counted from '{from}' to '{to}'; negative means it flows the other way."_text,
                  {{"from", text(c->from)}, {"to", text(c->to)}}},
                 s.solved.served() ? Text() : kUnserved)};
    const JoinedPorts joined = joinedPorts(circuit, index);
    const Device& device = circuit.devices[joined.device];
    for (const Own& own : ownCurrents(circuit, s.solved, joined)) {
        const bool input = own.figure == OwnFigure::Input;
        out.terms.push_back(
            {"I"_text,
             input ? Text("{device}, input"_text, {{"device", device.name}}) : device.name,
             measure(own.into * joined.sign),
             FromFigure{input ? inputFigure(s.moment, device.id)
                              : deviceFigure(s.moment, device.id)}});
    }
    for (const Arrival& a : joined.others) {
        const Conductor& other = circuit.conductors[a.conductor];
        out.terms.push_back({"I"_text,
                             other.name,
                             measure(s.solved.conductor[a.conductor] * (-a.sign * joined.sign)),
                             FromFigure{currentFigure(s.moment, other.id)}});
    }
    return out;
}

// A bar's voltage is against another bar.
Text titleOfVolts(const MomentStory& s,
                  const Device& device,
                  const std::string& from,
                  const TerminalId& to) {
    const Device* other = findDevice(*s.state.circuit, to.device);
    if (other != nullptr && other->id != device.id) {
        return {"voltage between {device} and {other}: {moment}"_text,
                {{"device", device.name}, {"other", other->name}, {"moment", s.moment.name}}};
    }
    return {"{device}, voltage {from} to {to}: {moment}"_text,
            {{"device", device.name}, {"from", from}, {"to", to.port}, {"moment", s.moment.name}}};
}

std::optional<Derivation> explainVolts(const MomentStory& s, const TerminalId& terminal) {
    const Port* port = findPort(*s.state.circuit, terminal);
    const Device* device = findDevice(*s.state.circuit, terminal.device);
    const auto v = port != nullptr && port->counter
                       ? s.solved.between(*s.state.circuit, terminal, *port->counter)
                       : std::nullopt;
    if (!v) {
        return std::nullopt;
    }
    const Device* from = sourceBehind(*s.state.circuit, *nodeOf(*s.state.circuit, terminal));
    const Assembly assembly = assemble(s.state, s.moment, Detail::Terminals);
    const InNetwork behind =
        from == nullptr ? InNetwork{}
                        : elementOf(*s.state.circuit, assembly, placeOf(*s.state.circuit, *from));
    const VoltageSource* source = behind.source;
    if (source == nullptr) {
        return std::nullopt;
    }
    const bool string = from->inSeries > 1 && port->counter->device != from->id;
    const double inSeries = string ? from->inSeries : 1;
    const Volts open = source->emf * inSeries;
    return Derivation{
        .id = voltsFigure(s.moment, terminal),
        .title = titleOfVolts(s, *device, terminal.port, *port->counter),
        .formula = string ? "V = n · E - ΔV"_text : "V = E - ΔV"_text,
        .terms =
            {{"n"_text,
              "batteries in series"_text,
              count(inSeries),
              FromPlan{"gear.banks." + from->unit.value + ".series"}},
             {"E"_text,
              {"{device} at rest"_text, {{"device", from->name}}},
              measure(source->emf),
              originOf(*behind.element)},
             {"ΔV"_text,
              "lost in the source, cables, fuses and contacts; negative: raised by a charger"_text,
              measure(open - *v),
              solver(s)}},
        .result = measure(*v),
        .source = "network solved"_text,
        .note = {}};
}

}  // namespace spirk
