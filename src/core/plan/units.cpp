// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/units.h"

#include <algorithm>

#include "core/base/promise.h"

namespace spirk {

namespace {

// The first entry's alternative of this kind; `variant` says which member of an entry holds it.
template <class Kind, class List, class Member>
auto* firstOf(List& list, Member variant) {
    using Pointer = decltype(std::get_if<Kind>(&(list.front().*variant)));
    for (auto& entry : list) {
        if (auto* found = std::get_if<Kind>(&(entry.*variant))) {
            return found;
        }
    }
    return Pointer{nullptr};
}

template <class GearType>
auto& first(GearType& gear) {
    promise(!gear.banks.empty(), "a plan has a bank");
    return gear.banks.front();
}

template <class GearType>
auto& mainRail(GearType& gear) {
    const auto found = std::ranges::find_if(gear.rails, [](const RailChoice& rail) {
        return std::holds_alternative<FromBank>(rail.fedBy);
    });
    promise(found != gear.rails.end(), "a plan has a rail at its bank");
    return *found;
}

template <class Kind>
void put(Gear& gear, const char* unit, const char* way, Kind choice) {
    if (Kind* there = firstOf<Kind>(gear.sources, &SourceChoice::what)) {
        *there = std::move(choice);
        return;
    }
    gear.sources.push_back(
        {{UnitId(unit), WayId(way), {}}, mainRailOf(gear).id, std::move(choice)});
}

template <class Kind>
void takeOut(Gear& gear) {
    std::erase_if(gear.sources, [](const SourceChoice& source) {
        return std::holds_alternative<Kind>(source.what);
    });
}

}  // namespace

std::string pathOf(UnitList list, const UnitId& id) {
    const auto name = [&] {
        switch (list) {
            case UnitList::Banks:
                return "banks";
            case UnitList::Rails:
                return "rails";
            case UnitList::Sources:
                return "sources";
            case UnitList::Inverters:
                return "inverters";
            case UnitList::Circuits:
                return "circuits";
            case UnitList::Monitors:
                return "monitors";
            case UnitList::Modules:
                return "modules";
        }
        unreachable("pathOf(UnitList)");
    };
    return std::string("gear.") + name() + "." + id.value;
}

const BankChoice& bankOf(const Gear& gear) { return first(gear); }
BankChoice& bankOf(Gear& gear) { return first(gear); }
const RailChoice& mainRailOf(const Gear& gear) { return mainRail(gear); }
RailChoice& mainRailOf(Gear& gear) { return mainRail(gear); }

const SolarChoice* solarOf(const Gear& gear) {
    return firstOf<SolarChoice>(gear.sources, &SourceChoice::what);
}
SolarChoice* solarOf(Gear& gear) { return firstOf<SolarChoice>(gear.sources, &SourceChoice::what); }
const EngineChoice* engineOf(const Gear& gear) {
    return firstOf<EngineChoice>(gear.sources, &SourceChoice::what);
}
EngineChoice* engineOf(Gear& gear) {
    return firstOf<EngineChoice>(gear.sources, &SourceChoice::what);
}
const FromConverter* converterOf(const Gear& gear) {
    return firstOf<FromConverter>(gear.rails, &RailChoice::fedBy);
}
FromConverter* converterOf(Gear& gear) {
    return firstOf<FromConverter>(gear.rails, &RailChoice::fedBy);
}
const InverterChoice* inverterOf(const Gear& gear) {
    return gear.inverters.empty() ? nullptr : &gear.inverters.front();
}
InverterChoice* inverterOf(Gear& gear) {
    return gear.inverters.empty() ? nullptr : &gear.inverters.front();
}

Gear gearWith(const std::string& battery, int count, int series) {
    Gear out;
    const UnitId bank(kBankUnit);
    out.banks = {{{bank, WayId("equal_leads"), {}}, battery, count, series}};
    out.rails = {
        {{UnitId(kMainRail), WayId("switch_and_shunt"), {}}, FromBank{bank}, Distribution::Bars}};
    return out;
}

UnitChoice* unitOf(Gear& gear, const UnitId& id) {
    UnitChoice* out = nullptr;
    const auto search = [&](auto& list) {
        for (UnitChoice& unit : list) {
            out = unit.id == id ? &unit : out;
        }
    };
    search(gear.banks);
    search(gear.rails);
    search(gear.sources);
    search(gear.inverters);
    search(gear.monitors);
    return out;
}

void putBank(Gear& gear, const std::string& battery, int count, int series) {
    BankChoice& bank = bankOf(gear);
    bank.model = battery;
    bank.count = count;
    bank.series = series;
}
void putSolar(Gear& gear, SolarChoice choice) {
    put(gear, kSunUnit, "behind_switch", std::move(choice));
}
void putEngine(Gear& gear, EngineChoice choice) {
    put(gear, kEngineUnit, "dcdc_from_starter", std::move(choice));
}
void putInverter(Gear& gear, const std::string& model, Seconds onPerDay) {
    if (InverterChoice* there = inverterOf(gear)) {
        there->model = model;
        there->onPerDay = onPerDay;
        return;
    }
    gear.inverters.push_back({{UnitId(kInverterUnit), WayId("inverter_on_bars"), {}},
                              mainRailOf(gear).id,
                              model,
                              onPerDay});
}
void putConverter(Gear& gear, const std::string& model) {
    if (FromConverter* there = converterOf(gear)) {
        there->model = model;
        return;
    }
    gear.rails.push_back({{UnitId(kConverterRail), WayId("converter_on_bars"), {}},
                          FromConverter{mainRailOf(gear).id, model},
                          Distribution::Bars});
}

void takeOutSolar(Gear& gear) { takeOut<SolarChoice>(gear); }
void takeOutEngine(Gear& gear) { takeOut<EngineChoice>(gear); }
void takeOutInverter(Gear& gear) { gear.inverters.clear(); }
void takeOutConverter(Gear& gear) {
    std::erase_if(gear.rails, [](const RailChoice& rail) {
        return std::holds_alternative<FromConverter>(rail.fedBy);
    });
}

}  // namespace spirk
