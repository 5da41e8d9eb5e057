// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/powerup.h"

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"
#include "core/circuit/explain_moment.h"
#include "core/gear/battery.h"
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
        out_.deadTests = deadTests(in);
        for (const Conductor& c : circuit().conductors) {
            now_.pulled.push_back(protectionAt(circuit(), c, End::From) != nullptr &&
                                  isHousePole(c, Pole::Positive));
        }
        now_.stateOfCharge = kDelivered;
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
        joints();
        take(Stage::End);
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
        SwitchStep& s = step(wanted.id, inWords(wanted));
        s.caution = wanted.caution;
        s.subjects = wanted.subjects;
        for (const Look& look : wanted.looks) {
            take(s, look);
        }
    }
    void take(SwitchStep& s, const Look& look) {
        const MomentSolution m = solved(s, look);
        for (const WantedReading& reading : look.readings) {
            expect(s, reading, m);
        }
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

    // Rest volts of a bank as delivered, and of what is still well.
    struct Rest {
        const Chemistry& chemistry;
        Volts low, middle, high;
    };
    [[nodiscard]] Rest restOf(const Device& device) const {
        const Chemistry& chemistry = bankBehind(device).chemistry;
        return {chemistry,
                restVoltage(chemistry, kLowCharge),
                restVoltage(chemistry, kDelivered),
                restVoltage(chemistry, kHighCharge)};
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
            measure(dead ? volts(0.0) : value - (rest.middle - rest.low)),
            measure(dead ? volts(kDeadVolts) : value + (rest.high - rest.middle)),
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
             .formula = "from V - (E_50 - E_20) to V + (E_95 - E_50)"_text,
             .terms = {{"V"_text,
                        "with the bank half charged"_text,
                        measure(value),
                        FromFigure{voltsFigure(out_.moments.back(), pos)}},
                       atRest(rest, "E_50"_text, kDelivered, rest.middle),
                       atRest(rest, "E_20"_text, kLowCharge, rest.low),
                       atRest(rest, "E_95"_text, kHighCharge, rest.high)},
             .result = {},
             .source = "network solved at this step"_text,
             .note =
                 "Batteries come about half charged; in the middle, rest voltage says little."_text});
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
        const double spread = std::max(kLeastAmps, std::fabs(value.si()) * kCurrentSpread);
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

    // Anything up to full sun is right: only more would be wrong.
    void expectUpTo(SwitchStep& s, const WantedReading& reading, Amps full) {
        add(s,
            {reading.where,
             measure(full),
             measure(amps(0.0)),
             measure(full * (1.0 + kCurrentSpread)),
             figureOf(s)},
            {.id = {},
             .title = {},
             .formula = "from zero to I · (1 + p)"_text,
             .terms = {{"I"_text,
                        "current in full sun"_text,
                        measure(full),
                        FromFigure{deviceFigure(out_.moments.back(), reading.terminal().device)}},
                       {"p"_text,
                        "allowance for a bright, cold day"_text,
                        percent(kCurrentSpread),
                        FromRule{"judgement"_text}}},
             .result = {},
             .source = "network solved at this step"_text,
             .note = {}});
    }

    void joints() {
        SwitchStep& s = step(
            "on.heat",
            "Run the largest loads for half an hour, then check every joint with an infrared thermometer. A joint warmer than its cable is loose or badly crimped: switch off, prove dead, remake it."_text);
        s.caution = "Do not touch live joints."_text;
    }

    const PowerUpInput& in_;
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
