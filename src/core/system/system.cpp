// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/system/system.h"

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"
#include "core/plan/units.h"
#include "core/quantities/format.h"

namespace spirk {

const CircuitChoice* circuitWith(const System& system, const ApplianceId& load) {
    const auto found = std::ranges::find_if(system.circuits, [&](const CircuitChoice& c) {
        return std::ranges::find(c.loads, load) != c.loads.end();
    });
    return found == system.circuits.end() ? nullptr : &*found;
}

const ModuleChoice* moduleWith(const System& system, const ApplianceId& load) {
    const auto has = [&](const ModuleChoice& module) {
        return std::ranges::find(module.units, UnitId(load.value)) != module.units.end();
    };
    const auto found = std::ranges::find_if(system.modules, has);
    return found == system.modules.end() ? nullptr : &*found;
}

bool isDriven(const CircuitChoice& circuit) {
    return circuit.live == LiveWhen::Driving && !circuit.loads.empty();
}

bool System::usesVehicle() const {
    const auto onIt = [](const CircuitChoice& c) {
        return (c.on.value == kOnVehicle && !c.loads.empty()) || isDriven(c);
    };
    return takesFromVehicle() || !trickles.empty() || std::ranges::any_of(circuits, onIt);
}

bool System::usesShore() const {
    return !shores.empty() || std::ranges::any_of(inverters, [](const InverterUnit& inverter) {
        return inverter.model->charge.si() > 0.0;
    });
}

const RailUnit& System::rail(const UnitId& id) const {
    const auto found = std::ranges::find(rails, id, &RailUnit::id);
    promise(found != rails.end(), "a rail that something hangs on is there");
    return *found;
}

const RailUnit* System::converterBehind(const UnitId& rail) const {
    const RailUnit* at = &this->rail(rail);
    while (at->converter == nullptr && !at->atBank()) {
        at = &this->rail(at->from);
    }
    return at->converter == nullptr ? nullptr : at;
}

const BankUnit& System::bankOf(const UnitId& rail) const {
    const auto found = std::ranges::find(banks, this->rail(rail).bank, &BankUnit::id);
    promise(found != banks.end(), "a rail's bank is there");
    return *found;
}

const BankUnit* System::bankBehind(const UnitId& unit) const {
    const auto own = std::ranges::find(banks, unit, &BankUnit::id);
    if (own != banks.end()) {
        return &*own;
    }
    const BankUnit* out = nullptr;
    const auto look = [&](const SystemUnit& each, const UnitId& on) {
        out = out == nullptr && each.id == unit ? &bankOf(on) : out;
    };
    for (const RailUnit& each : rails) {
        look(each, each.id);
    }
    eachOnRail(look);
    return out;
}

const RailUnit& System::mainRail() const {
    const auto found = std::ranges::find(rails, nullptr, &RailUnit::converter);
    promise(found != rails.end(), "a system has a rail at its bank");
    return *found;
}

const RailUnit* System::converterRail() const {
    const auto found =
        std::ranges::find_if(rails, [](const RailUnit& rail) { return rail.converter != nullptr; });
    return found == rails.end() ? nullptr : &*found;
}

const ConverterModel* System::converter() const {
    const RailUnit* rail = converterRail();
    return rail == nullptr ? nullptr : rail->converter;
}

double blocksOf(Volts nominal) {
    // 12 V lead and 12.8 V lithium are both one; their middle tells them from 6 V and 24 V.
    constexpr double kBlockVolts = 12.4;
    return std::max(0.5, std::round(2.0 * nominal.si() / kBlockVolts) / 2.0);
}

Chemistry scaled(const Chemistry& block, double blocks) {
    Chemistry out = block;
    if (blocks == 1.0) {
        return out;
    }
    out.name = {"{chemistry} ({n} blocks of 12 V in series)"_text,
                {{"chemistry", block.name}, {"n", number(blocks)}}};
    for (Volts* v : {&out.absorption,
                     &out.absorptionLow,
                     &out.absorptionHigh,
                     &out.floating,
                     &out.cutOff,
                     &out.inverterCutOff}) {
        *v = *v * blocks;
    }
    for (double* r : {&out.resistanceLow, &out.resistanceMid, &out.resistanceHigh}) {
        *r *= blocks;
    }
    out.millivoltsPerK *= blocks;
    for (Volts& v : out.restVolts) {
        v = v * blocks;
    }
    return out;
}

const RailUnit& railOf(const Appliance& a, const System& gear) {
    const CircuitChoice* given = circuitWith(gear, a.id);
    if (given != nullptr && given->on.value != kOnVehicle) {
        return gear.rail(given->on);
    }
    const RailUnit& main = gear.mainRail();
    const bool asksForLess =
        a.supplied == Supplied::Twelve && gear.bankOf(main.id).system > volts(12.0);
    const auto converter = std::ranges::find_if(gear.rails, [&](const RailUnit& rail) {
        return rail.converter != nullptr && rail.bank == main.bank;
    });
    return asksForLess && converter != gear.rails.end() ? *converter : main;
}

bool onVehicle(const Appliance& a, const System& gear) {
    const CircuitChoice* given = circuitWith(gear, a.id);
    return given != nullptr && given->on.value == kOnVehicle;
}

bool onConverter(const Appliance& a, const System& gear) {
    return a.feed == Feed::Dc && gear.converterBehind(railOf(a, gear).id) != nullptr;
}

std::vector<const SunUnit*> System::panelsAt(const SunUnit& sun) const {
    std::vector<const SunUnit*> out{&sun};
    for (const SunUnit& other : besides) {
        if (other.beside == sun.id) {
            out.push_back(&other);
        }
    }
    return out;
}

Watts arrayPower(const SunUnit& solar) {
    return solar.panel->power * static_cast<double>(solar.series * solar.parallel);
}

Watts powerAt(const System& gear, const SunUnit& sun) {
    Watts out;
    for (const SunUnit* panels : gear.panelsAt(sun)) {
        out += arrayPower(*panels);
    }
    return out;
}

Coulombs bankCapacity(const BankUnit& bank) {
    Coulombs out;
    for (const StringUnit& string : bank.strings) {
        out += string.model->capacity * string.left;
    }
    return out;
}

bool isAlike(const BankUnit& bank) {
    return std::ranges::all_of(bank.strings, [&](const StringUnit& string) {
        return string.model == bank.model && string.left == 1.0;
    });
}

namespace {

Amps sumOf(const BankUnit& bank, Amps BatteryModel::*limit) {
    Amps out;
    for (const StringUnit& string : bank.strings) {
        out += string.model->*limit;
    }
    return out;
}

}  // namespace

Amps mostIn(const BankUnit& bank) { return sumOf(bank, &BatteryModel::maxCharge); }
Amps mostOut(const BankUnit& bank) { return sumOf(bank, &BatteryModel::maxDischarge); }

}  // namespace spirk
