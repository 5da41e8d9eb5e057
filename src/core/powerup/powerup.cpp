// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/powerup.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/circuit/explain_moment.h"
#include "core/gear/battery.h"
#include "core/gear/inverter.h"
#include "core/powerup/dead_tests.h"

namespace spirk {

namespace {

// New batteries come about half charged.
constexpr double kDelivered = 0.5;
// On the flat part of the curve rest volts tell little: what 20 to 95 % charge may read counts as
// well.
constexpr double kLowCharge = 0.2;
constexpr double kHighCharge = 0.95;
// Judgement: a clamp meter and a plate together are off by this much.
constexpr double kCurrentSpread = 0.2;
// Below this a hand clamp shows nothing useful.
constexpr double kLeastAmps = 0.3;
// Judgement: converters for 12 V loads are set this far apart.
constexpr double kConverterSpread = 0.5;
// Judgement: what a meter shows between two dead places.
constexpr double kDeadVolts = 0.1;

class Sequence {
public:
    explicit Sequence(const PowerUpInput& in) : in_(in) {
        for (const Conductor& c : circuit().conductors) {
            now_.pulled.push_back(protectionAt(circuit(), c, End::From) != nullptr &&
                                  isHousePole(c, Pole::Positive) && !atBank(c));
        }
        now_.stateOfCharge = kDelivered;
        now_.open.insert(firstOf(circuit(), DeviceKind::MainSwitch)->id);
        const Chemistry& chemistry = in.gear.bank.chemistry;
        middle_ = restVoltage(chemistry, kDelivered);
        low_ = restVoltage(chemistry, kLowCharge);
        high_ = restVoltage(chemistry, kHighCharge);
    }

    PowerUp all() {
        batteries();
        mainSwitch();
        blocks();
        circuits();
        inverter();
        sun();
        engine();
        last();
        return std::move(out_);
    }

private:
    [[nodiscard]] const Circuit& circuit() const { return in_.wiring.circuit; }
    // Puts its fuse in.
    void putIn(const Conductor& c) {
        now_.pulled[static_cast<std::size_t>(&c - circuit().conductors.data())] = false;
    }
    // In the leads of batteries and on the way to the bars, where the main switch is.
    [[nodiscard]] bool atBank(const Conductor& c) const {
        return c.purpose == Purpose::Lead || c.unit == barOf(circuit(), Pole::Positive)->unit;
    }

    // Solves the circuit as it stands and keeps it under the step's name, so that its readings can
    // be asked.
    MomentSolution solved(const SwitchStep& s, const std::string& after = "") {
        Moment moment = now_;
        moment.id = s.id + after;
        moment.name = "at the step '" + s.id + "'";
        MomentSolution out = solveMoment({&circuit(), in_.cables.ohms, Strength::Weak}, moment);
        out_.moments.push_back(std::move(moment));
        return out;
    }

    SwitchStep& step(const std::string& id, const std::string& text) {
        SwitchStep s;
        s.id = id;
        s.text = text;
        out_.switchOn.push_back(std::move(s));
        return out_.switchOn.back();
    }

    static FigureId figureOf(const SwitchStep& s) {
        return FigureId("reading." + s.id + "." + std::to_string(s.readings.size() + 1));
    }
    void add(SwitchStep& s, Expected reading, Derivation why) {
        why.id = reading.figure;
        why.title = "Expected " + reading.where;
        why.result = reading.value;
        out_.why.add(std::move(why));
        s.readings.push_back(std::move(reading));
    }

    [[nodiscard]] Term atRest(const char* symbol, double charge, Volts v) const {
        return {symbol,
                "rest volts of the bank at " + format(percent(charge)) + " charge",
                measure(v),
                fromTable(in_.library, "chemistries", in_.gear.bank.chemistry.name)};
    }

    void expectVolts(SwitchStep& s, const MomentSolution& m, const TerminalId& pos) {
        const Port* port = findPort(circuit(), pos);
        const Device* device = findDevice(circuit(), pos.device);
        if (port == nullptr || !port->counter) {
            return;
        }
        const auto v = m.between(circuit(), pos, *port->counter);
        const Volts value = v.value_or(volts(0.0));
        const bool dead = !v.has_value();
        Expected reading{
            "volts at " + device->name + ", " + pos.port + " to " + port->counter->port,
            measure(value),
            measure(dead ? volts(0.0) : value - (middle_ - low_)),
            measure(dead ? volts(kDeadVolts) : value + (high_ - middle_)),
            figureOf(s)};
        if (dead) {
            add(s, std::move(reading), nothingThere());
            return;
        }
        if (device->fedBy) {
            reading.low = measure(value - volts(kConverterSpread));
            reading.high = measure(value + volts(kConverterSpread));
            add(s,
                std::move(reading),
                heldByConverter(value, voltsFigure(out_.moments.back(), pos)));
            return;
        }
        add(s,
            std::move(reading),
            {.id = {},
             .title = "",
             .formula = "from V - (E_50 - E_20) to V + (E_95 - E_50)",
             .terms = {{"V",
                        "with the bank half charged",
                        measure(value),
                        FromFigure{voltsFigure(out_.moments.back(), pos)}},
                       atRest("E_50", kDelivered, middle_),
                       atRest("E_20", kLowCharge, low_),
                       atRest("E_95", kHighCharge, high_)},
             .result = {},
             .source = "the network solved at this step",
             .note = "Batteries come about half charged; their rest volts say little in between."});
    }

    static Derivation heldByConverter(Volts value, const FigureId& figure) {
        return {.id = {},
                .title = "",
                .formula = "V, more or less d",
                .terms = {{"V",
                           "what the converter holds, at this step",
                           measure(value),
                           FromFigure{figure}},
                          {"d",
                           "what converters are set off by",
                           measure(volts(kConverterSpread)),
                           FromRule{"judgement"}}},
                .result = {},
                .source = "the network solved at this step",
                .note = ""};
    }

    static Derivation nothingThere() {
        return {.id = {},
                .title = "",
                .formula = "no way from a source to this place yet",
                .terms = {},
                .result = {},
                .source = "the network solved at this step",
                .note = "A meter may show a few hundredths of a volt."};
    }

    void expectAmps(SwitchStep& s, const std::string& where, Amps value, const FigureId& figure) {
        const double spread = std::max(kLeastAmps, std::fabs(value.si()) * kCurrentSpread);
        add(s,
            {where,
             measure(value),
             measure(value - amps(spread)),
             measure(value + amps(spread)),
             figureOf(s)},
            {.id = {},
             .title = "",
             .formula = "I, more or less the larger of d and p · I",
             .terms = {{"I", "current at this step", measure(value), FromFigure{figure}},
                       {"d",
                        "least that a hand clamp shows",
                        measure(amps(kLeastAmps)),
                        FromRule{"judgement"}},
                       {"p",
                        "what clamp and rating plate are off by",
                        percent(kCurrentSpread),
                        FromRule{"judgement"}}},
             .result = {},
             .source = "the network solved at this step",
             .note = ""});
    }

    void expectAtMonitor(SwitchStep& s, const std::string& where, const MomentSolution& m) {
        expectAmps(s, where, bankCurrent(m), bankFigure(out_.moments.back()));
    }

    // Current out of the bank, as the shunt shows it.
    [[nodiscard]] Amps bankCurrent(const MomentSolution& m) const {
        return spirk::bankCurrent(circuit(), m);
    }

    void batteries() {
        SwitchStep& s =
            step("on.batteries",
                 in_.gear.bank.count > 1
                     ? "Volts of each battery by itself, before the leads are joined: they "
                       "should agree within 0.05 V. Then the battery fuses in, main switch "
                       "still off."
                     : "Volts of the battery. Then its fuse in, main switch still off.");
        s.caution = "From here on the bank is live: covers on, tools away from its posts.";
        const MomentSolution m = solved(s);
        for (const Device& d : circuit().devices) {
            if (d.kind == DeviceKind::Battery && d.headsString) {
                expectVolts(s, m, {d.id, "+"});
                s.subjects.push_back(subject(d.id));
            }
        }
        expectVolts(s, m, firstTerminal(*barOf(circuit(), Pole::Positive)));
    }

    void mainSwitch() {
        SwitchStep& s = step("on.main",
                             "Main fuse in, main switch on. Nothing else is connected: the monitor "
                             "shows no current.");
        now_.open.clear();
        const MomentSolution m = solved(s);
        expectVolts(s, m, firstTerminal(*barOf(circuit(), Pole::Positive)));
        expectAtMonitor(s, "amps at the monitor", m);
        s.subjects = {subject(firstOf(circuit(), DeviceKind::MainSwitch)->id)};
    }

    // Whose fuse makes a block live: its own, or that of the converter it hangs on.
    [[nodiscard]] const UnitId& fedUnit(const Device& block) const {
        return block.fedBy ? findDevice(circuit(), *block.fedBy)->unit : block.unit;
    }

    void blocks() {
        for (const Device& d : circuit().devices) {
            const Conductor* feed = d.kind == DeviceKind::FuseBlock
                                        ? feedOf(circuit(), fedUnit(d), Pole::Positive)
                                        : nullptr;
            if (feed == nullptr) {
                continue;
            }
            const ConductorId& fuse = feed->id;
            putIn(*feed);
            SwitchStep& s = step("on." + d.id.value,
                                 d.fedBy ? "Fuse of the converter in, the ways of its block still "
                                           "empty."
                                         : "Fuse of the " + d.name + " in, its ways still empty.");
            expectVolts(s, solved(s), {d.id, "in"});
            s.subjects = {subject(fuse)};
        }
    }

    // Devices that each circuit feeds: its load, or those behind its strip.
    [[nodiscard]] std::map<ConductorId, std::vector<const Device*>> fedByCircuits() const {
        std::map<DeviceId, std::vector<const Conductor*>> into;
        for (const Conductor& c : circuit().conductors) {
            into[c.to.device].push_back(&c);
        }
        std::map<ConductorId, std::vector<const Device*>> out;
        for (const Device& d : circuit().devices) {
            if (d.kind != DeviceKind::Load) {
                continue;
            }
            const Conductor* tail = findConductor(circuit(), ConductorId(d.id.value + ".tail+"));
            if (tail != nullptr && tail->protectedBy) {
                out[*tail->protectedBy].push_back(&d);
            }
            for (const Conductor* c : into[d.id]) {
                const bool both = tail != nullptr && tail->protectedBy == c->id;
                if (!both) {
                    out[c->id].push_back(&d);
                }
            }
        }
        return out;
    }

    void circuits() {
        const auto fed = fedByCircuits();
        for (const Conductor& c : circuit().conductors) {
            const bool feed = c.id.value.starts_with("circuit.") && c.id.value.ends_with(".feed+");
            if (feed) {
                const auto loads = fed.find(c.id);
                oneCircuit(c, loads == fed.end() ? std::vector<const Device*>() : loads->second);
            }
        }
    }

    void oneCircuit(const Conductor& c, const std::vector<const Device*>& loads) {
        putIn(c);
        SwitchStep& s =
            step("on." + c.id.value, "Fuse of " + c.name + " in; then switch its loads on.");
        s.subjects = {subject(c.id)};
        for (const Device* d : loads) {
            now_.only.insert(d->id);
        }
        const MomentSolution m = solved(s);
        for (const Device* d : loads) {
            expectVolts(s, m, {d->id, "+"});
        }
        expectAtMonitor(s, "amps at the monitor, loads of this circuit on", m);
        now_.only.clear();
    }

    void inverter() {
        const Device* device = firstOf(circuit(), DeviceKind::Inverter);
        const Conductor* feed =
            device == nullptr ? nullptr : feedOf(circuit(), device->unit, Pole::Positive);
        if (feed == nullptr) {
            return;
        }
        SwitchStep& s =
            step("on.inverter",
                 "Inverter switched off and its output unplugged. Charge its capacitors through "
                 "a resistor, or as its maker says; fuse in; then switch it on with nothing "
                 "plugged in.");
        s.caution =
            "The capacitors draw a large spark at a bare connection. Its output is mains and can "
            "kill: "
            "leave it unplugged until a licensed electrician has inspected and tested the mains "
            "side.";
        s.subjects = {subject(device->id)};
        putIn(*feed);
        now_.drawn[device->id] = inverterInput(*in_.gear.inverter, watts(0.0));
        const MomentSolution m = solved(s);
        expectVolts(s, m, firstTerminal(*device));
        expectAtMonitor(s, "amps at the monitor, inverter idling", m);
        now_.drawn.clear();
    }

    void sun() {
        const Device* device = firstOf(circuit(), DeviceKind::SolarController);
        const Conductor* feed =
            device == nullptr ? nullptr : feedOf(circuit(), device->unit, Pole::Positive);
        if (feed == nullptr) {
            return;
        }
        putIn(*feed);
        SwitchStep& first =
            step("on.mppt",
                 "Controller's fuse in and its isolator closed: battery first. Check its "
                 "settings. Then uncover the panels and close the array's isolator.");
        first.caution = "Panels are live in daylight. Opening their plugs under load draws an arc.";
        first.subjects = {subject(device->id)};
        const std::size_t output = std::get<Transfer>(device->elements.front()).out.pos;
        expectVolts(first, solved(first), {device->id, device->ports[output].name});
        now_.sun = 1.0;
        expectFullSun(first, *device, solved(first, ".sun").flowOf(circuit(), device->id)->through);
        now_.sun = 0.0;
    }

    // Anything up to full sun is right: only more would be wrong.
    void expectFullSun(SwitchStep& s, const Device& controller, Amps full) {
        add(s,
            {"amps from the controller in full sun; in proportion on a dull day",
             measure(full),
             measure(amps(0.0)),
             measure(full * (1.0 + kCurrentSpread)),
             figureOf(s)},
            {.id = {},
             .title = "",
             .formula = "from nothing to I · (1 + p)",
             .terms = {{"I",
                        "current in full sun",
                        measure(full),
                        FromFigure{deviceFigure(out_.moments.back(), controller.id)}},
                       {"p", "a bright, cold day", percent(kCurrentSpread), FromRule{"judgement"}}},
             .result = {},
             .source = "the network solved at this step",
             .note = ""});
    }

    void engine() {
        const Device* starter = firstOf(circuit(), DeviceKind::Starter);
        const Device* charger = firstOf(circuit(), DeviceKind::DcdcCharger);
        if (starter == nullptr || charger == nullptr) {
            return;
        }
        for (const UnitId& unit : {starter->unit, charger->unit}) {
            if (const Conductor* feed = feedOf(circuit(), unit, Pole::Positive)) {
                putIn(*feed);
            }
        }
        SwitchStep& s =
            step("on.dcdc",
                 "Both fuses of the DC-DC charger in. Its enable lead must read 0 V with the "
                 "engine stopped and the key on, about 14 V running. Start the engine; it waits " +
                     format(Measure{in_.gear.engine->charger->delay.si(), Unit::Second}) +
                     " or as its data sheet says.");
        s.caution =
            "Leads of alternator and starter battery are live with the engine off. Keep clear of "
            "belts and fans.";
        s.subjects = {subject(charger->id)};
        now_.driving = true;
        const DeviceId& dcdc = charger->id;
        const MomentSolution m = solved(s);
        const Moment& moment = out_.moments.back();
        const Flow& flow = *m.flowOf(circuit(), dcdc);
        expectAmps(s, "amps from the DC-DC charger", flow.through, deviceFigure(moment, dcdc));
        expectAmps(s,
                   "amps into it from the starter battery",
                   flow.input.value_or(Amps()),
                   inputFigure(moment, dcdc));
        now_.driving = false;
    }

    void last() {
        SwitchStep& s =
            step("on.heat",
                 "Run the largest loads for half an hour, then look at every joint with an "
                 "infrared thermometer. A joint warmer than its cable is loose or badly "
                 "crimped: switch off, prove dead, mend it.");
        s.caution = "Do not touch live joints.";
        if (in_.gear.inverter != nullptr) {
            step("on.end",
                 "Inverter off, its output still unplugged. The mains side is not planned here: "
                 "leave it "
                 "to a licensed electrician.");
        }
    }

    const PowerUpInput& in_;
    Moment now_;
    Volts middle_, low_, high_;  // rest volts of a battery as delivered, and of what is still well
    PowerUp out_;
};

}  // namespace

PowerUp powerUpFor(const PowerUpInput& input) {
    PowerUp out = Sequence(input).all();
    out.deadTests = deadTests(input);
    out.settings = deviceSettings(input);
    out.why.merge(deadTestFigures());
    return out;
}

std::string footCaution() {
    return "Spirk plans and checks; it certifies nothing. Makers' manuals and local codes come "
           "first; mains "
           "work is for a licensed electrician.";
}

}  // namespace spirk
