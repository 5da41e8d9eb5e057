// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The units of a plan's gear: found, put in and taken out.

#include <algorithm>
#include <array>
#include <string_view>

#include "core/plan/plan.h"

namespace spirk {

// Stems of units that formats 1 and 2 had, and that a new plan begins with: their names stay.
inline constexpr const char* kBankUnit = "bank";
inline constexpr const char* kMainRail = "main";
inline constexpr const char* kConverterRail = "converter";
inline constexpr const char* kSunUnit = "mppt";
inline constexpr const char* kEngineUnit = "dcdc";
inline constexpr const char* kInverterUnit = "inverter";

// What Spirk itself calls devices and conductors by: no unit's id is one of these.
inline constexpr std::array<std::string_view, 16> kReservedStems{"alternator",
                                                                 "array",
                                                                 "bond",
                                                                 "bus",
                                                                 "chassis",
                                                                 "circuit",
                                                                 "engine",
                                                                 "fuseblock",
                                                                 "ignition",
                                                                 "load",
                                                                 "point",
                                                                 "shunt",
                                                                 "starter",
                                                                 "switch",
                                                                 "switch2",
                                                                 "vehicle"};

// What a circuit of the starter battery hangs on; no unit is called so.
inline constexpr const char* kOnVehicle = "vehicle";
// What the circuits that the program makes of what is always on are called, before their rail; no
// unit of a plan has a dot.
inline constexpr const char* kAlwaysOn = "always.";

// The lists of a plan's gear.
enum class UnitList { Banks, Rails, Sources, Inverters, Circuits, Monitors, Modules };
// Where a unit stands in the file, by its id: 'gear.banks.bank'.
[[nodiscard]] std::string pathOf(UnitList list, const UnitId& id);

// The first bank. Requires one.
[[nodiscard]] const BankChoice& bankOf(const Gear& gear);
[[nodiscard]] BankChoice& bankOf(Gear& gear);
// The rail that the bank feeds. Requires one.
[[nodiscard]] const RailChoice& mainRailOf(const Gear& gear);
[[nodiscard]] RailChoice& mainRailOf(Gear& gear);

// The first of their kind; null where there is none.
[[nodiscard]] const SolarChoice* solarOf(const Gear& gear);
[[nodiscard]] SolarChoice* solarOf(Gear& gear);
[[nodiscard]] const EngineChoice* engineOf(const Gear& gear);
[[nodiscard]] EngineChoice* engineOf(Gear& gear);
[[nodiscard]] const InverterChoice* inverterOf(const Gear& gear);
[[nodiscard]] InverterChoice* inverterOf(Gear& gear);
[[nodiscard]] const FromConverter* converterOf(const Gear& gear);
[[nodiscard]] FromConverter* converterOf(Gear& gear);

// By its stem, whichever list it is in; null where there is none.
[[nodiscard]] UnitChoice* unitOf(Gear& gear, const UnitId& id);

// The first source of a kind with its way; null where there is none.
template <class Kind, class GearType>
[[nodiscard]] auto* firstSourceOf(GearType& gear) {
    const auto found = std::ranges::find_if(gear.sources, [](const SourceChoice& source) {
        return std::holds_alternative<Kind>(source.what);
    });
    return found == gear.sources.end() ? nullptr : &*found;
}

// A bank of one battery on a main rail: the least gear that there is.
[[nodiscard]] Gear gearWith(const std::string& battery, int count, int series);

// The first bank, of these batteries.
void putBank(Gear& gear, const std::string& battery, int count = 1, int series = 1);
// In place of the first of its kind, by the usual way where there was none.
void putSolar(Gear& gear, SolarChoice choice);
void putEngine(Gear& gear, EngineChoice choice);
void putInverter(Gear& gear, const std::string& model, Seconds onPerDay);
void putConverter(Gear& gear, const std::string& model);
// All of the kind.
void takeOutSolar(Gear& gear);
void takeOutEngine(Gear& gear);
void takeOutInverter(Gear& gear);
void takeOutConverter(Gear& gear);

}  // namespace spirk
