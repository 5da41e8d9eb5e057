// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/powerup.h"

#include <algorithm>

#include "core/base/promise.h"
#include "core/powerup/dead_tests.h"
#include "core/powerup/reach.h"
#include "core/powerup/readings.h"
#include "core/powerup/shut_down.h"

namespace spirk {

namespace {

class Sequence {
public:
    explicit Sequence(const PowerUpInput& in)
        : in_(in), reach_(in.wiring.circuit, in.cables, in.library), readings_(in) {
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
        const Moment& moment = out_.moments.back();
        const std::size_t before = s.readings.size();
        for (const WantedReading& reading : look.readings) {
            if (readings_.tells(reading, look, m)) {
                add(s, readings_.expected(reading, moment, m));
            }
        }
        // What draws too little for a clamp is known by its volts.
        for (const DeviceId& load : look.loads) {
            if (s.readings.size() == before) {
                const Device& d = *findDevice(circuit(), load);
                add(s, readings_.voltsAt(TerminalId{load, d.ports.front().name}, moment, m));
            }
        }
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
                "Bolted fuses before the main switch are in already, fitted before the batteries' last leads were joined: where this step says to insert one, see that it sits."_text,
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

    void add(SwitchStep& s, std::optional<Reading> reading) {
        if (!reading) {
            return;
        }
        const FigureId figure("reading." + s.id + "." + std::to_string(s.readings.size() + 1));
        reading->why.id = figure;
        reading->why.title = {"Expected {reading}"_text, {{"reading", reading->where}}};
        reading->why.result = reading->value;
        out_.why.add(std::move(reading->why));
        s.readings.push_back(
            {std::move(reading->where), reading->value, reading->low, reading->high, figure});
    }

    // What ties potentials carries nothing in use: it is tested with a lamp's current through it,
    // in millivolts. In ohms a hand meter shows its own leads.
    void bond() {
        const auto& conductors = circuit().conductors;
        const auto own = std::ranges::find(conductors, Purpose::Bond, &Conductor::purpose);
        if (own == conductors.end()) {
            return;
        }
        SwitchStep& s = step(
            "on.bond",
            {"A lamp of {watts} ({volts}) from a fused plus to bare metal of the body, a metre from the bond: it lights brightly. Measure millivolts between the negative bar and that metal while it is lit; with the lamp off they are gone."_text,
             {{"watts", measure(Readings::lamp())}, {"volts", measure(in_.gear.bank().system)}}});
        s.subjects = {subject(own->id)};
        add(s, readings_.bond(*own));
    }
    void joints() {
        SwitchStep& s = step(
            "on.heat",
            "Run the largest loads for half an hour, then check every joint with an infrared thermometer. A joint warmer than its cable is loose or badly crimped: switch off, prove dead, remake it."_text);
        s.caution = "Do not touch live joints."_text;
    }

    const PowerUpInput& in_;
    Reach reach_;
    Readings readings_;
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
