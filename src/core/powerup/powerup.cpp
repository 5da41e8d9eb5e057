// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/powerup.h"

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"
#include "core/circuit/explain_moment.h"
#include "core/gear/battery.h"
#include "core/powerup/dead_tests.h"
#include "core/powerup/reach.h"
#include "core/powerup/shut_down.h"

namespace spirk {

namespace {

// How full a bank is when it is first switched on.
struct Delivered {
    double low = 0.0, high = 1.0;
    [[nodiscard]] double middle() const { return 0.5 * (low + high); }
};
// Lithium in parallel is charged full by itself before it is joined.
constexpr Delivered kCharged{0.9, 1.0};
// Judgement: what a hand meter and a surface charge are off by, for 12 V.
constexpr double kMeterVolts = 0.05;
// Judgement: a clamp meter and a plate together are off by this much.
constexpr double kCurrentSpread = 0.2;
// Below this a hand clamp shows nothing useful.
constexpr double kLeastAmps = 0.3;
// Currents of nothing, solved.
constexpr double kNothing = 1e-3;
// Judgement: even a dull day gives this part of full sun, and a clamp shows it.
constexpr double kLeastSun = 0.03;
// Judgement: converters for 12 V loads are set this far apart.
constexpr double kConverterSpread = 0.5;
// Judgement: a headlamp bulb, and what a good bond shows with it: from a third of what is reckoned
// to some tens of millivolts.
constexpr double kLampWatts = 55.0;
constexpr double kLeastOfBond = 0.33;
constexpr double kMostOverBond = 0.02;
// Judgement: what a meter shows between two dead places.
constexpr double kDeadVolts = 0.1;

Delivered stateOf(const BankUnit& bank) {
    const bool full = bank.battery.family == Family::Lithium && bank.count > 1;
    return full ? kCharged : Delivered{bank.battery.deliveredLow, bank.battery.deliveredHigh};
}

class Sequence {
public:
    explicit Sequence(const PowerUpInput& in)
        : in_(in), reach_(in.wiring.circuit, in.cables, in.library) {
        out_.deadTests = deadTests(in);
        for (const Conductor& c : circuit().conductors) {
            now_.pulled.push_back(protectionAt(circuit(), c, End::From) != nullptr &&
                                  isHousePole(c, Pole::Positive));
        }
        now_.stateOfCharge = stateOf(in.gear.bank()).middle();
        for (const BankUnit& bank : in.gear.banks) {
            now_.chargeOf[bank.id] = stateOf(bank).middle();
        }
        for (const LiveStep& s : in.wiring.steps) {
            now_.open.insert(s.closed.begin(), s.closed.end());
        }
    }

    PowerUp all() {
        for (const Stage stage : {Stage::Bank,
                                  Stage::Main,
                                  Stage::Blocks,
                                  Stage::Circuits,
                                  Stage::Inverters,
                                  Stage::Sun,
                                  Stage::Engine,
                                  Stage::Shore}) {
            take(stage);
        }
        bond();
        joints();
        take(Stage::End);
        out_.shutDown = shutDown(in_);
        return std::move(out_);
    }

private:
    [[nodiscard]] const Circuit& circuit() const { return in_.wiring.circuit; }
    void take(Stage stage) {
        for (const LiveStep& s : in_.wiring.steps) {
            if (s.stage == stage) {
                take(s);
            }
        }
    }
    void take(const LiveStep& wanted) {
        for (const ConductorId& fuse : wanted.fuses) {
            now_.pulled[circuit().index->conductors.at(fuse)] = false;
        }
        for (const DeviceId& id : wanted.closed) {
            now_.open.erase(id);
        }
        SwitchStep& s = step(wanted.id, boltedFirst(wanted, inWords(wanted)));
        s.caution = wanted.caution;
        s.subjects = wanted.subjects;
        for (const Look& look : wanted.looks) {
            take(s, look);
        }
    }
    void take(SwitchStep& s, const Look& look) {
        const MomentSolution m = solved(s, look);
        const std::size_t before = s.readings.size();
        for (const WantedReading& reading : look.readings) {
            if (tells(reading, look, m)) {
                expect(s, reading, m);
            }
        }
        // What draws too little for a clamp is known by its volts.
        for (const DeviceId& load : look.loads) {
            if (s.readings.size() == before) {
                const Device& d = *findDevice(circuit(), load);
                expectVolts(s, m, TerminalId{load, d.ports.front().name});
            }
        }
    }
    // A current that a dead branch could show as well is no test.
    [[nodiscard]] bool tells(const WantedReading& reading,
                             const Look& look,
                             const MomentSolution& m) const {
        const Flow* flow = m.flowOf(circuit(), reading.terminalOrNone().device);
        switch (reading.what) {
            case Reads::Across:
            case Reads::UpTo:
                return true;
            case Reads::Monitor: {
                // Where nothing runs, nothing must flow. What another battery feeds is not seen.
                const Amps current = abs(bankCurrent(circuit(), m));
                return current.si() > spreadOf(current) ||
                       (look.loads.empty() && current.si() < kNothing);
            }
            case Reads::Given:
                return flow->through.si() > spreadOf(flow->through);
            case Reads::Taken:
                return flow->input.value_or(flow->through).si() >
                       spreadOf(flow->input.value_or(flow->through));
        }
        unreachable("tells(Reads)");
    }
    static double spreadOf(Amps value) {
        return std::max(kLeastAmps, std::fabs(value.si()) * kCurrentSpread);
    }
    // A bolted fuse is fitted where nothing is live: a spanner slips.
    [[nodiscard]] Text boltedFirst(const LiveStep& wanted, Text text) const {
        bool battery = false, vehicle = false, switched = false;
        for (const ConductorId& fuse : wanted.fuses) {
            const auto live = reach_.boltedAt(fuse);
            battery = battery || live == LiveFrom::BatteryItself;
            vehicle = vehicle || live == LiveFrom::Vehicle;
            switched = switched || live == LiveFrom::Switched;
        }
        if (vehicle) {
            text = then(
                "With the starter battery's negative clamp off: bolt in the fuse that it keeps live, then put the clamp back."_text,
                std::move(text));
        }
        if (switched) {
            // An inverter's capacitors are charged before the switch closes onto them.
            const bool waits = wanted.stage == Stage::Inverters;
            text = then(
                waits
                    ? "Bolted fuses behind the main switch are fitted dead: main switch off, panels and chargers parted, the bar proved dead. Bolt them in; the main switch stays off for now."_text
                    : "Bolted fuses behind the main switch are fitted dead: main switch off, panels and chargers parted, the bar proved dead. Bolt them in, then switch the main switch on."_text,
                std::move(text));
        }
        if (wanted.stage == Stage::Bank) {
            text = then(
                std::move(text),
                "All bolted fuses before the main switch, the main fuse among them, are fitted now, while each battery's last lead is still off; then those leads are joined."_text);
        } else if (battery) {
            text = then(
                "Bolted fuses before the main switch are in already, fitted before the batteries' last leads were joined."_text,
                std::move(text));
        }
        return text;
    }
    // An amended conductor has another name than its way gave it.
    [[nodiscard]] Text inWords(const LiveStep& s) const {
        if (s.text.pattern().find("{name}") == std::string_view::npos) {
            return s.text;
        }
        const Conductor* c = findConductor(circuit(), ConductorId(s.subjects.front().id));
        promise(c != nullptr, "a step that names a conductor has it");
        return with(s.text, {"name", c->name});
    }

    // Solves the circuit as it stands and keeps it under the step's name, so that its readings can
    // be asked.
    MomentSolution solved(const SwitchStep& s, const Look& look) {
        Moment moment = now_;
        moment.id = s.id + look.name;
        // As they are numbered on the sheet: this one is the last so far.
        moment.name = {"at step {n} of switching on"_text,
                       {{"n", count(out_.deadTests.size() + out_.switchOn.size())}}};
        moment.only = look.loads;
        moment.drawn = look.drawn;
        moment.sun = look.sun;
        moment.driving = look.driving;
        moment.onShore = look.onShore;
        MomentSolution out = solveMoment({&circuit(), in_.cables.ohms, Strength::Weak}, moment);
        out_.moments.push_back(std::move(moment));
        return out;
    }

    SwitchStep& step(const std::string& id, const Text& text) {
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
        why.title = {"Expected {reading}"_text, {{"reading", reading.where}}};
        why.result = reading.value;
        out_.why.add(std::move(why));
        s.readings.push_back(std::move(reading));
    }

    // Rest volts of a bank as it is then, and of what is still well.
    struct Rest {
        const Chemistry& chemistry;
        Delivered state;
        Volts low, middle, high;
        Volts meter;
    };
    [[nodiscard]] Rest restOf(const Device& device) const {
        const BankUnit& bank = bankBehind(device);
        const Delivered state = stateOf(bank);
        return {bank.chemistry,
                state,
                restVoltage(bank.chemistry, state.low),
                // As the moments are solved.
                restVoltage(bank.chemistry, state.middle()),
                restVoltage(bank.chemistry, state.high),
                volts(kMeterVolts) * blocksOf(bank.nominal)};
    }
    // The bank of the unit that a device belongs to; of a block or a strip, of what feeds it. The
    // first where nothing of that leads to one.
    [[nodiscard]] const BankUnit& bankBehind(const Device& device) const {
        std::size_t at = static_cast<std::size_t>(&device - circuit().devices.data());
        for (std::size_t steps = 0; steps < circuit().devices.size(); ++steps) {
            if (const BankUnit* bank = in_.gear.bankBehind(circuit().devices[at].unit)) {
                return *bank;
            }
            const auto& ends = circuit().index->endsOn[at];
            const auto feed = std::ranges::find_if(ends, [&](const EndOn& on) {
                return on.end == End::To &&
                       isHousePole(circuit().conductors[on.conductor], Pole::Positive);
            });
            if (feed == ends.end()) {
                break;
            }
            at = circuit().index->ends[feed->conductor].from.device;
        }
        return in_.gear.bank();
    }
    [[nodiscard]] Term atRest(const Rest& rest, Phrase symbol, double charge, Volts v) const {
        return {symbol,
                {"rest voltage of the bank at {charge} charge"_text, {{"charge", percent(charge)}}},
                measure(v),
                fromTable(in_.library, "chemistries", rest.chemistry.name)};
    }

    void expectVolts(SwitchStep& s, const MomentSolution& m, const TerminalId& pos) {
        const Port* port = findPort(circuit(), pos);
        const Device* device = findDevice(circuit(), pos.device);
        if (port == nullptr || !port->counter) {
            return;
        }
        const Rest rest = restOf(*device);
        const auto v = m.between(circuit(), pos, *port->counter);
        const Volts value = v.value_or(volts(0.0));
        const bool dead = !v.has_value();
        const Device* other = findDevice(circuit(), port->counter->device);
        const bool between = other != nullptr && other->id != device->id;
        Expected reading{
            between
                ? Text{"voltage between {device} and {other}"_text,
                       {{"device", device->name}, {"other", other->name}}}
                : Text{"voltage at {device}, {from} to {to}"_text,
                       {{"device", device->name}, {"from", pos.port}, {"to", port->counter->port}}},
            measure(value),
            measure(dead ? volts(0.0) : value - (rest.middle - rest.low) - rest.meter),
            measure(dead ? volts(kDeadVolts) : value + (rest.high - rest.middle) + rest.meter),
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
             .title = {},
             .formula = "from V − (E − E_low) − d to V + (E_high − E) + d"_text,
             .terms = {{"V"_text,
                        "with the bank as it is delivered or charged before"_text,
                        measure(value),
                        FromFigure{voltsFigure(out_.moments.back(), pos)}},
                       atRest(rest, "E"_text, rest.state.middle(), rest.middle),
                       atRest(rest, "E_low"_text, rest.state.low, rest.low),
                       atRest(rest, "E_high"_text, rest.state.high, rest.high),
                       {"d"_text,
                        "meter, and surface charge"_text,
                        measure(rest.meter),
                        FromRule{"judgement"_text}}},
             .result = {},
             .source = "network solved at this step"_text,
             .note =
                 "Lead comes nearly full, lithium about half; several lithium batteries are charged full before they are joined."_text});
    }

    static Derivation heldByConverter(Volts value, const FigureId& figure) {
        return {.id = {},
                .title = {},
                .formula = "V ± d"_text,
                .terms = {{"V"_text,
                           "what the converter holds at this step"_text,
                           measure(value),
                           FromFigure{figure}},
                          {"d"_text,
                           "tolerance of a converter's setting"_text,
                           measure(volts(kConverterSpread)),
                           FromRule{"judgement"_text}}},
                .result = {},
                .source = "network solved at this step"_text,
                .note = {}};
    }

    static Derivation nothingThere() {
        return {.id = {},
                .title = {},
                .formula = "no path from a source to this place yet"_text,
                .terms = {},
                .result = {},
                .source = "network solved at this step"_text,
                .note = "A meter may show a few hundredths of a volt."_text};
    }

    void expectAmps(SwitchStep& s, const Text& where, Amps value, const FigureId& figure) {
        const double spread = spreadOf(value);
        add(s,
            {where,
             measure(value),
             measure(value - amps(spread)),
             measure(value + amps(spread)),
             figureOf(s)},
            {.id = {},
             .title = {},
             .formula = "I ± the larger of d and p · I"_text,
             .terms = {{"I"_text, "current at this step"_text, measure(value), FromFigure{figure}},
                       {"d"_text,
                        "least that a clamp meter resolves"_text,
                        measure(amps(kLeastAmps)),
                        FromRule{"judgement"_text}},
                       {"p"_text,
                        "tolerance of clamp meter and rating plate"_text,
                        percent(kCurrentSpread),
                        FromRule{"judgement"_text}}},
             .result = {},
             .source = "network solved at this step"_text,
             .note = {}});
    }

    void expect(SwitchStep& s, const WantedReading& reading, const MomentSolution& m) {
        const Moment& moment = out_.moments.back();
        const Flow* flow = m.flowOf(circuit(), reading.terminal().device);
        switch (reading.what) {
            case Reads::Across:
                return expectVolts(s, m, reading.terminal());
            case Reads::Monitor:
                return expectAmps(s, reading.where, bankCurrent(circuit(), m), bankFigure(moment));
            case Reads::Given:
                return expectAmps(s,
                                  reading.where,
                                  flow->through,
                                  deviceFigure(moment, reading.terminal().device));
            case Reads::Taken:
                return expectAmps(s,
                                  reading.where,
                                  flow->input.value_or(Amps()),
                                  inputFigure(moment, reading.terminal().device));
            case Reads::UpTo:
                return expectUpTo(s, reading, flow->through);
        }
        unreachable("expect(Reads)");
    }

    // Anything from a dull day to full sun is right: more would be wrong, and nothing is no sun.
    void expectUpTo(SwitchStep& s, const WantedReading& reading, Amps full) {
        add(s,
            {reading.where,
             measure(full),
             measure(std::max(amps(kLeastAmps), full * kLeastSun)),
             measure(full * (1.0 + kCurrentSpread)),
             figureOf(s)},
            {.id = {},
             .title = {},
             .formula = "from the larger of d and q · I to I · (1 + p)"_text,
             .terms = {{"I"_text,
                        "current in full sun"_text,
                        measure(full),
                        FromFigure{deviceFigure(out_.moments.back(), reading.terminal().device)}},
                       {"d"_text,
                        "least that a clamp meter resolves"_text,
                        measure(amps(kLeastAmps)),
                        FromRule{"judgement"_text}},
                       {"q"_text,
                        "share that comes on a dull day"_text,
                        percent(kLeastSun),
                        FromRule{"judgement"_text}},
                       {"p"_text,
                        "allowance for a bright, cold day"_text,
                        percent(kCurrentSpread),
                        FromRule{"judgement"_text}}},
             .result = {},
             .source = "network solved at this step"_text,
             .note = {}});
    }

    // What ties potentials carries nothing in use: it is tested with a lamp's current through it,
    // in millivolts. In ohms a hand meter shows its own leads.
    void bond() {
        const auto& conductors = circuit().conductors;
        const auto own = std::ranges::find(conductors, Purpose::Bond, &Conductor::purpose);
        if (own == conductors.end()) {
            return;
        }
        const auto at = static_cast<std::size_t>(own - conductors.begin());
        const Volts nominal = in_.gear.bank().system;
        const Amps lamp = watts(kLampWatts) / nominal;
        const Ohms way = in_.cables.rows[at].warm + bodyOf(own->to);
        SwitchStep& s = step(
            "on.bond",
            {"A lamp of {watts} ({volts}) from a fused plus to bare metal of the body, a metre from the bond: it lights brightly. Measure millivolts between the negative bar and that metal while it is lit; with the lamp off they are gone."_text,
             {{"watts", measure(watts(kLampWatts))}, {"volts", measure(nominal)}}});
        s.subjects = {subject(own->id)};
        const Volts expected = lamp * way;
        add(s,
            {"voltage, negative bar to the body, lamp lit"_text,
             millivolts(expected),
             millivolts(expected * kLeastOfBond),
             millivolts(std::max(volts(kMostOverBond), expected * 2.0)),
             figureOf(s)},
            {.id = {},
             .title = {},
             .formula = "U = I · R"_text,
             .terms = {{"I"_text,
                        "the lamp's current"_text,
                        measure(lamp),
                        FromRule{"its power over the nominal voltage"_text}},
                       {"R"_text,
                        "the bond, warm, its joints and the body"_text,
                        measure(way),
                        FromRule{"the bond's row in Cables, and the body"_text}}},
             .result = {},
             .source = "own arithmetic"_text,
             .note =
                 "Much more means a joint on paint; none at all that the lamp's current comes back another way, or is not lit."_text});
    }
    [[nodiscard]] Ohms bodyOf(const TerminalId& point) const {
        const Device& d = *findDevice(circuit(), point.device);
        for (const Element& e : d.elements) {
            if (const auto* metal = std::get_if<Resistance>(&e)) {
                return metal->resistance;
            }
        }
        return {};
    }

    void joints() {
        SwitchStep& s = step(
            "on.heat",
            "Run the largest loads for half an hour, then check every joint with an infrared thermometer. A joint warmer than its cable is loose or badly crimped: switch off, prove dead, remake it."_text);
        s.caution = "Do not touch live joints."_text;
    }

    const PowerUpInput& in_;
    Reach reach_;
    Moment now_;
    PowerUp out_;
};

}  // namespace

PowerUp powerUpFor(const PowerUpInput& input) {
    PowerUp out = Sequence(input).all();
    out.settings = deviceSettings(input);
    out.why.merge(deadTestFigures());
    return out;
}

Text footCaution() {
    return "Spirk plans and checks; it certifies nothing. Makers' manuals and local codes come "
           "first; mains "
           "work is for a licensed electrician."_text;
}

}  // namespace spirk
