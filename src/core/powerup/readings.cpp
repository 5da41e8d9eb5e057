// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/readings.h"

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"
#include "core/circuit/explain_moment.h"
#include "core/gear/battery.h"

namespace spirk {

namespace {

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

double spreadOf(Amps value) { return std::max(kLeastAmps, std::fabs(value.si()) * kCurrentSpread); }

Derivation solvedHere(Phrase formula, Terms terms, Phrase note) {
    return {.id = {},
            .title = {},
            .formula = formula,
            .terms = std::move(terms),
            .result = {},
            .source = "network solved at this step"_text,
            .note = note};
}

Term leastOfClamp() {
    return {"d"_text,
            "least that a clamp meter resolves"_text,
            measure(amps(kLeastAmps)),
            FromRule{"judgement"_text}};
}

Reading ampsAt(const Text& where, Amps value, const FigureId& figure) {
    const double spread = spreadOf(value);
    return {where,
            measure(value),
            measure(value - amps(spread)),
            measure(value + amps(spread)),
            solvedHere("I ± the larger of d and p · I"_text,
                       {{"I"_text, "current at this step"_text, measure(value), FromFigure{figure}},
                        leastOfClamp(),
                        {"p"_text,
                         "tolerance of clamp meter and rating plate"_text,
                         percent(kCurrentSpread),
                         FromRule{"judgement"_text}}},
                       {})};
}

// Anything from a dull day to full sun is right: more would be wrong, and nothing is no sun.
Reading upTo(const Text& where, Amps full, const FigureId& figure) {
    return {where,
            measure(full),
            measure(std::max(amps(kLeastAmps), full * kLeastSun)),
            measure(full * (1.0 + kCurrentSpread)),
            solvedHere("from the larger of d and q · I to I · (1 + p)"_text,
                       {{"I"_text, "current in full sun"_text, measure(full), FromFigure{figure}},
                        leastOfClamp(),
                        {"q"_text,
                         "share that comes on a dull day"_text,
                         percent(kLeastSun),
                         FromRule{"judgement"_text}},
                        {"p"_text,
                         "allowance for a bright, cold day"_text,
                         percent(kCurrentSpread),
                         FromRule{"judgement"_text}}},
                       {})};
}

Derivation heldByConverter(Volts value, const FigureId& figure) {
    return solvedHere("V ± d"_text,
                      {{"V"_text,
                        "what the converter holds at this step"_text,
                        measure(value),
                        FromFigure{figure}},
                       {"d"_text,
                        "tolerance of a converter's setting"_text,
                        measure(volts(kConverterSpread)),
                        FromRule{"judgement"_text}}},
                      {});
}

Reading nothingThere(const Text& where) {
    return {where,
            measure(volts(0.0)),
            measure(volts(0.0)),
            measure(volts(kDeadVolts)),
            solvedHere("no path from a source to this place yet"_text,
                       {},
                       "A meter may show a few hundredths of a volt."_text)};
}

}  // namespace

Delivered stateOf(const BankUnit& bank) {
    const bool full = bank.battery.family == Family::Lithium && bank.count > 1;
    return full ? kCharged : Delivered{bank.battery.deliveredLow, bank.battery.deliveredHigh};
}

// Rest volts of a bank as it is then, and of what is still well.
struct Readings::Rest {
    const Chemistry& chemistry;
    Delivered state;
    Volts low, middle, high;
    Volts meter;
};

bool Readings::tells(const WantedReading& reading,
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

std::optional<Reading> Readings::expected(const WantedReading& reading,
                                          const Moment& moment,
                                          const MomentSolution& m) const {
    const DeviceId device = reading.terminalOrNone().device;
    const Flow* flow = m.flowOf(circuit(), device);
    switch (reading.what) {
        case Reads::Across:
            return voltsAt(reading.terminal(), moment, m);
        case Reads::Monitor:
            return ampsAt(reading.where, bankCurrent(circuit(), m), bankFigure(moment));
        case Reads::Given:
            return ampsAt(reading.where, flow->through, deviceFigure(moment, device));
        case Reads::Taken:
            return ampsAt(reading.where, flow->input.value_or(Amps()), inputFigure(moment, device));
        case Reads::UpTo:
            return upTo(reading.where, flow->through, deviceFigure(moment, device));
    }
    unreachable("expected(Reads)");
}

std::optional<Reading> Readings::voltsAt(const TerminalId& pos,
                                         const Moment& moment,
                                         const MomentSolution& m) const {
    const Port* port = findPort(circuit(), pos);
    if (port == nullptr || !port->counter) {
        return std::nullopt;
    }
    const Device* device = findDevice(circuit(), pos.device);
    const Device* other = findDevice(circuit(), port->counter->device);
    const bool between = other != nullptr && other->id != device->id;
    const Text where =
        between ? Text{"voltage between {device} and {other}"_text,
                       {{"device", device->name}, {"other", other->name}}}
                : Text{"voltage at {device}, {from} to {to}"_text,
                       {{"device", device->name}, {"from", pos.port}, {"to", port->counter->port}}};
    const auto value = m.between(circuit(), pos, *port->counter);
    if (!value) {
        return nothingThere(where);
    }
    const FigureId figure = voltsFigure(moment, pos);
    if (device->fedBy) {
        return Reading{where,
                       measure(*value),
                       measure(*value - volts(kConverterSpread)),
                       measure(*value + volts(kConverterSpread)),
                       heldByConverter(*value, figure)};
    }
    const Rest rest = restOf(*device);
    return Reading{where,
                   measure(*value),
                   measure(*value - (rest.middle - rest.low) - rest.meter),
                   measure(*value + (rest.high - rest.middle) + rest.meter),
                   withinRest(rest, *value, figure)};
}

Readings::Rest Readings::restOf(const Device& device) const {
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

// The bank of the unit that a device belongs to; of a block or a strip, of what feeds it. The first
// where nothing of that leads to one.
const BankUnit& Readings::bankBehind(const Device& device) const {
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

Term Readings::atRest(const Rest& rest, Phrase symbol, double charge, Volts v) const {
    return {symbol,
            {"rest voltage of the bank at {charge} charge"_text, {{"charge", percent(charge)}}},
            measure(v),
            fromTable(in_.library, "chemistries", rest.chemistry.name)};
}

Derivation Readings::withinRest(const Rest& rest, Volts value, const FigureId& figure) const {
    return solvedHere(
        "from V − (E − E_low) − d to V + (E_high − E) + d"_text,
        {{"V"_text,
          "with the bank as it is delivered or charged before"_text,
          measure(value),
          FromFigure{figure}},
         atRest(rest, "E"_text, rest.state.middle(), rest.middle),
         atRest(rest, "E_low"_text, rest.state.low, rest.low),
         atRest(rest, "E_high"_text, rest.state.high, rest.high),
         {"d"_text,
          "meter, and surface charge"_text,
          measure(rest.meter),
          FromRule{"judgement"_text}}},
        "Lead comes nearly full, lithium about half; several lithium batteries are charged full before they are joined."_text);
}

Reading Readings::bond(const Conductor& own) const {
    const auto at = static_cast<std::size_t>(&own - circuit().conductors.data());
    const Amps lit = lamp() / in_.gear.bank().system;
    const Ohms way = in_.cables.rows[at].warm + bodyOf(own.to);
    const Volts expected = lit * way;
    return {
        "voltage, negative bar to the body, lamp lit"_text,
        millivolts(expected),
        millivolts(expected * kLeastOfBond),
        millivolts(std::max(volts(kMostOverBond), expected * 2.0)),
        {.id = {},
         .title = {},
         .formula = "U = I · R"_text,
         .terms = {{"I"_text,
                    "the lamp's current"_text,
                    measure(lit),
                    FromRule{"its power over the nominal voltage"_text}},
                   {"R"_text,
                    "the bond, warm, its joints and the body"_text,
                    measure(way),
                    FromRule{"the bond's row in Cables, and the body"_text}}},
         .result = {},
         .source = "own arithmetic"_text,
         .note =
             "Much more means a joint on paint; none at all that the lamp's current comes back another way, or is not lit."_text}};
}

Watts Readings::lamp() { return watts(kLampWatts); }

Ohms Readings::bodyOf(const TerminalId& point) const {
    const Device& d = *findDevice(circuit(), point.device);
    for (const Element& e : d.elements) {
        if (const auto* metal = std::get_if<Resistance>(&e)) {
            return metal->resistance;
        }
    }
    return {};
}

}  // namespace spirk
