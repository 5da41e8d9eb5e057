// SPDX-License-Identifier: GPL-3.0-or-later
// W11, W13, W19, G4, V1, V2: what a device can carry and what it is made for.

#include <algorithm>
#include <array>
#include <map>

#include "core/base/promise.h"
#include "core/cables/device_currents.h"
#include "core/cables/figures.h"
#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/circuit/kinds.h"
#include "core/circuit/made_of.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

Finding overloaded(const CheckInput& in, const Device& d, const Through& t) {
    Finding f = findingOf(in, d.kind == DeviceKind::Shunt ? "G4" : "W13", subject(d.id));
    f.what = {"Up to {current} flow through {device}; it is rated {rating}."_text,
              {{"device", d.name}, {"current", measure(t.current)}, {"rating", measure(d.rating)}}};
    f.why = {d.kind == DeviceKind::Shunt ? "Above its rating a shunt reads wrong and gets hot."_text
             : d.kind == DeviceKind::Converter
                 ? "It limits its output or switches off, and everything behind it with it."_text
                 : "Its contacts overheat, oxidise and get hotter still."_text,
             {}};
    f.remedy = {"Use one with a higher rating, or split the load behind it."_text, {}};
    f.figures = {throughFigure(d.id)};
    if (d.kind == DeviceKind::Converter) {
        const auto* model = leastOnOffer(
            in.plan.own.converters,
            in.library.converters,
            [&](const ConverterModel& m) {
                return m.maxOutput >= t.current && m.inputSystem == in.gear.bankOf(d.unit).system;
            },
            [](const ConverterModel& m) { return m.maxOutput; });
        if (model != nullptr) {
            f.mends.push_back(useInstead(*model, d.unit, GearPart::Converter));
        }
    }
    return f;
}

void checkRatings(const CheckInput& in, Checks& out) {
    MomentCurrents currents;
    for (const CableRow& row : in.cables.rows) {
        currents.emplace_back(row.inMoment);
    }
    const Circuit& circuit = sizedCircuit(in);
    for (std::size_t i = 0; i < circuit.devices.size(); ++i) {
        const Device& d = circuit.devices[i];
        const auto through = mostThrough(circuit, i, currents);
        if (through && d.rating.si() > 0.0 && through->current > d.rating) {
            out.findings.push_back(overloaded(in, d, *through));
        }
    }
}

// Of what the device is made of; null where it is no hardware.
const HardwareModel* modelOf(const CheckInput& in, const Device& d) {
    return d.made ? findHardware(in.plan, in.library, d.made->model) : nullptr;
}

void checkWays(const CheckInput& in, Checks& out) {
    const Circuit& circuit = in.wiring.circuit;
    for (std::size_t i = 0; i < circuit.devices.size(); ++i) {
        const Device& d = circuit.devices[i];
        const HardwareModel* model = modelOf(in, d);
        const int used = model != nullptr && model->ways > 0 ? waysUsed(circuit, i) : 0;
        if (used == 0 || used <= model->ways) {
            continue;
        }
        Finding f = findingOf(in, "W13", subject(d.id));
        f.id = "W13 ways " + d.id.value;
        f.what = {"{used} conductors end at {device}, which has {ways} terminals."_text,
                  {{"used", count(used)}, {"device", d.name}, {"ways", count(model->ways)}}};
        f.why = "Without a terminal of its own a lug is stacked on another, and works loose."_text;
        f.remedy = "Use a larger one, or move some of them to a second one."_text;
        f.figures = {hardwareFigure(d.id)};
        out.findings.push_back(std::move(f));
    }
}

// Only single studs count: a bar or the block's negative has one for each conductor.
bool singleStud(const Device& d, const Port& port) {
    const std::string& stud = port.connection.stud;
    // A block's negative is a bar.
    const bool block = kindRow(d.kind).opens == Opens::ToLadder && port.pole == Pole::Negative;
    const bool ownStuds = kindRow(d.kind).studs == Studs::OneEach || block;
    return needsLug(stud) && !ownStuds;
}

void checkStuds(const CheckInput& in, Checks& out) {
    const double most = rule(in.library, "lugs_per_stud").value;
    std::map<TerminalId, int> lugs;
    for (const Conductor& c : in.wiring.circuit.conductors) {
        ++lugs[c.from];
        ++lugs[c.to];
    }
    for (const auto& [terminal, number] : lugs) {
        const Device* d = findDevice(in.wiring.circuit, terminal.device);
        const Port* port = findPort(in.wiring.circuit, terminal);
        if (number <= most || port == nullptr || !singleStud(*d, *port)) {
            continue;
        }
        Finding f = findingOf(in, "W11", subject(d->id));
        f.id = "W11 " + text(terminal);
        f.what = {
            "{number} lugs are on one stud of {device} ({terminal}); the limit is {most}."_text,
            {{"number", count(number)},
             {"device", d->name},
             {"terminal", placeName(in.wiring.circuit, terminal)},
             {"most", count(most)}}};
        f.why = {
            "A tall stack works loose, and the upper lugs carry their current through the lower ones."_text,
            {}};
        f.remedy = {"Move some of them to a bus bar."_text, {}};
        out.findings.push_back(std::move(f));
    }
}

void checkSpareWay(const CheckInput& in, Checks& out) {
    const Circuit& circuit = in.wiring.circuit;
    for (std::size_t i = 0; i < circuit.devices.size(); ++i) {
        const Device& d = circuit.devices[i];
        const HardwareModel* model = modelOf(in, d);
        const bool full = d.kind == DeviceKind::FuseBlock && model != nullptr &&
                          waysUsed(circuit, i) == model->ways;
        if (!full) {
            continue;
        }
        Finding f = findingOf(in, "W19", subject(d.id));
        f.what = {"All {ways} ways of {device} are taken."_text,
                  {{"ways", count(model->ways)}, {"device", d.name}}};
        f.why = {"The next appliance will end up tapped into another circuit."_text, {}};
        f.remedy = {"Plan a second block, or combine two small circuits."_text, {}};
        out.findings.push_back(std::move(f));
    }
}

// Gear made for another voltage than the bank's.
Finding wrongSystem(
    const CheckInput& in, Subject where, const Words& name, Volts made, Volts bank) {
    Finding f = findingOf(in, "V1", std::move(where));
    f.what = {"{name} is made for {made}; the bank is {bank}."_text,
              {{"name", name}, {"made", measure(made)}, {"bank", measure(bank)}}};
    f.why = {
        "Too high a voltage destroys it at once; with too low a voltage it does not start."_text,
        {}};
    f.remedy = {"Choose one for the bank's voltage, or another bank."_text, {}};
    return f;
}

void checkInverterVolts(const CheckInput& in, const InverterUnit& unit, Checks& out) {
    const Volts bank = in.gear.bankOf(unit.from).system;
    const InverterModel& inverter = *unit.model;
    if (inverter.system == bank) {
        return;
    }
    Finding f = wrongSystem(
        in, firstSubject(in, DeviceKind::Inverter, unit.id), inverter.name, inverter.system, bank);
    const auto* other = leastOnOffer(
        in.plan.own.inverters,
        in.library.inverters,
        [&](const InverterModel& m) { return m.system == bank && m.power >= inverter.power; },
        [](const InverterModel& m) { return m.power; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, unit.id, GearPart::Inverter));
    }
    out.findings.push_back(std::move(f));
}

void checkChargerVolts(const CheckInput& in, const EngineUnit& unit, Checks& out) {
    const Volts bank = in.gear.bankOf(unit.into).system;
    const DcdcModel& charger = *unit.charger;
    if (charger.outputSystem == bank) {
        return;
    }
    Finding f = wrongSystem(in, unitSubject(unit.id), charger.name, charger.outputSystem, bank);
    const Watts power = charger.outputSystem * charger.output;
    const auto* other = leastOnOffer(
        in.plan.own.dcdcs,
        in.library.dcdcs,
        [&](const DcdcModel& m) {
            return m.outputSystem == bank && m.outputSystem * m.output >= power * 0.7;
        },
        [](const DcdcModel& m) { return m.output; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, unit.id, GearPart::EngineCharger));
    }
    out.findings.push_back(std::move(f));
}

void checkConverterVolts(const CheckInput& in, const RailUnit& rail, Checks& out) {
    const Volts bank = in.gear.bankOf(rail.id).system;
    if (rail.converter == nullptr || rail.converter->inputSystem == bank) {
        return;
    }
    Finding f = wrongSystem(in,
                            {SubjectKind::Figure, "gear.rails"},
                            rail.converter->name,
                            rail.converter->inputSystem,
                            bank);
    f.id = "V1 " + rail.id.value;  // there is no such device on a bank of 12 V
    f.severity = Severity::Advice;
    f.why = {"A 12 V bank feeds its loads without a converter."_text, {}};
    f.remedy = {"Remove the converter in Supply."_text, {}};
    out.findings.push_back(std::move(f));
}

void checkShoreVolts(const CheckInput& in, const ShoreUnit& unit, Checks& out) {
    const Volts bank = in.gear.bankOf(unit.into).system;
    const ShoreChargerModel& charger = *unit.charger;
    if (charger.outputSystem == bank) {
        return;
    }
    Finding f = wrongSystem(in, unitSubject(unit.id), charger.name, charger.outputSystem, bank);
    const auto* other = leastOnOffer(
        in.plan.own.shoreChargers,
        in.library.shoreChargers,
        [&](const ShoreChargerModel& m) { return m.outputSystem == bank; },
        [](const ShoreChargerModel& m) { return m.output; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, unit.id, GearPart::ShoreCharger));
    }
    out.findings.push_back(std::move(f));
}

// A single 6 V unit, or five 12 V batteries in series: nothing is made for that.
void checkBankVolts(const CheckInput& in, const BankUnit& bank, Checks& out) {
    constexpr std::array kSystems{12.0, 24.0, 48.0};
    const bool usual =
        std::ranges::any_of(kSystems, [&](double v) { return bank.system == volts(v); });
    if (usual) {
        return;
    }
    Finding f = findingOf(in, "V1", unitSubject(bank.id));
    f.severity = Severity::Fault;
    f.what = {
        "The bank is {bank}; appliances, chargers and inverters are made for 12 V or 24 V."_text,
        {{"bank", measure(bank.system)}}};
    f.why = {"Nothing works on it, or is destroyed."_text, {}};
    f.remedy = {"Set how many are in series in Supply, or use another battery."_text, {}};
    out.findings.push_back(std::move(f));
}

void checkSystems(const CheckInput& in, Checks& out) {
    for (const BankUnit& bank : in.gear.banks) {
        checkBankVolts(in, bank, out);
    }
    for (const ShoreUnit& shore : in.gear.shores) {
        checkShoreVolts(in, shore, out);
    }
    for (const InverterUnit& inverter : in.gear.inverters) {
        checkInverterVolts(in, inverter, out);
    }
    for (const EngineUnit& engine : in.gear.engines) {
        checkChargerVolts(in, engine, out);
    }
    for (const RailUnit& rail : in.gear.rails) {
        checkConverterVolts(in, rail, out);
    }
}

// The least that feeds all 12 V loads at once from a bank of so many volts; null where none does.
const ConverterModel* leastConverter(const CheckInput& in, Volts bank) {
    Watts all;
    for (const Appliance& a : in.plan.appliances) {
        const bool twelve = a.feed == Feed::Dc && a.supplied == Supplied::Twelve;
        all += twelve ? a.rated * static_cast<double>(a.count) : Watts();
    }
    return leastOnOffer(
        in.plan.own.converters,
        in.library.converters,
        [&](const ConverterModel& m) {
            return m.inputSystem == bank && m.maxOutput * m.output >= all;
        },
        [](const ConverterModel& m) { return m.maxOutput; });
}

FigureId supplyFigure(const ApplianceId& id) { return FigureId("supplied." + id.value); }

// Loads on a supply that they are not made for.
void checkLoadVolts(const CheckInput& in, Checks& out) {
    for (const Appliance& a : in.plan.appliances) {
        if (a.feed != Feed::Dc || a.count == 0) {
            continue;
        }
        const RailUnit& rail = railOf(a, in.gear);
        const Volts bank = in.gear.bankOf(rail.id).system;
        const bool high = bank > volts(12.0);
        const Supplied wrong = high ? Supplied::Twelve : Supplied::TwentyFour;
        if (a.supplied != wrong || in.gear.converterBehind(rail.id) != nullptr) {
            continue;
        }
        Finding f = findingOf(in, "V2", subject(deviceOf(a.id)));
        f.severity = high ? f.severity : Severity::Fault;
        f.what = {"{name} is made for {made} and is connected to {bank}."_text,
                  {{"name", a.name},
                   {"made", measure(volts(high ? 12.0 : 24.0))},
                   {"bank", measure(bank)}}};
        f.why = {high ? "Twice its voltage destroys it."_text
                      : "It does not start on half its voltage."_text,
                 {}};
        f.remedy = {high ? "Plan a converter for 12 V loads in Supply, or buy the 24 V kind."_text
                         : "Buy the 12 V kind."_text,
                    {}};
        const auto* converter =
            high && in.gear.converter() == nullptr ? leastConverter(in, bank) : nullptr;
        if (converter != nullptr) {
            f.mends.push_back(useInstead(*converter, UnitId(), GearPart::Converter));
        }
        f.figures = {supplyFigure(a.id)};
        out.why.add({.id = supplyFigure(a.id),
                     .title = {"Voltage at {name}"_text, {{"name", a.name}}},
                     .formula = "the voltage of the bank that it hangs on"_text,
                     .terms = {{"U"_text,
                                in.gear.bankOf(rail.id).model->name,
                                measure(bank),
                                FromPlan{in.gear.bankOf(rail.id).path}},
                               {"U_n"_text,
                                "that it is made for"_text,
                                measure(volts(high ? 12.0 : 24.0)),
                                FromPlan{"appliances." + a.id.value + ".supplied"}}},
                     .result = measure(bank),
                     .source = "own arithmetic"_text,
                     .note = {}});
        out.findings.push_back(std::move(f));
    }
}

}  // namespace

Checks deviceChecks(const CheckInput& input) {
    Checks out;
    checkRatings(input, out);
    checkWays(input, out);
    checkStuds(input, out);
    checkSpareWay(input, out);
    checkSystems(input, out);
    checkLoadVolts(input, out);
    return out;
}

}  // namespace spirk
