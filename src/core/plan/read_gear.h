// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The gear of a plan's file, as format 3 says it and as formats 1 and 2 did. Private to this room.

#include "core/plan/plan.h"
#include "core/reading/json_fields.h"

namespace spirk {

[[nodiscard]] std::string readPlainId(JsonFields& row);

// Gear, and the alternator's rating where the gear says it, as it did before the van did.
struct ReadGear {
    Gear gear;
    std::optional<Amps> alternator;
};
[[nodiscard]] ReadGear readGear(JsonFields fields);
// One bank, array, engine charger and inverter: units with the stems that they have kept.
[[nodiscard]] ReadGear readGearBefore3(JsonFields fields);

// Where their unknown fields stand in format 3.
[[nodiscard]] std::vector<KeptField> movedTo3(std::vector<KeptField> kept);

// What both say of one unit, without its id and way.
void readStrings(JsonFields& fields, BankChoice& bank);
void readArray(JsonFields& fields, ArrayChoice& array);
[[nodiscard]] SolarChoice readSolar(JsonFields& fields);
[[nodiscard]] EngineChoice readEngine(JsonFields& fields);
[[nodiscard]] std::optional<Amps> readAlternator(JsonFields& fields);
void readModel(JsonFields& fields, InverterChoice& inverter);

}  // namespace spirk
