// SPDX-License-Identifier: GPL-3.0-or-later
#include <array>

#include "core/plan/plan_names.h"
#include "core/plan/read_gear.h"
#include "core/plan/units.h"

namespace spirk {

std::vector<KeptField> movedTo3(std::vector<KeptField> kept) {
    struct Move {
        const char *before, *list, *unit;
    };
    constexpr std::array kMoves{Move{"bank", "banks", kBankUnit},
                                Move{"solar", "sources", kSunUnit},
                                Move{"engine", "sources", kEngineUnit},
                                Move{"inverter", "inverters", kInverterUnit}};
    for (KeptField& field : kept) {
        if (field.place.size() != 2 || field.place.front() != "gear") {
            continue;
        }
        for (const Move& move : kMoves) {
            if (field.place.back() == move.before) {
                field.place = {"gear", move.list, std::string("=") + move.unit};
                break;
            }
        }
    }
    return kept;
}

ReadGear readGearBefore3(JsonFields fields) {
    ReadGear out{gearWith("", 1, 1), {}};
    Gear& gear = out.gear;
    JsonFields bank = fields.object("bank");
    readStrings(bank, bankOf(gear));
    bank.settleUnknownKeys();
    if (fields.has("solar")) {
        JsonFields solar = fields.object("solar");
        putSolar(gear, readSolar(solar));
        solar.settleUnknownKeys();
    }
    if (fields.has("engine")) {
        JsonFields engine = fields.object("engine");
        putEngine(gear, readEngine(engine));
        out.alternator = readAlternator(engine);
        engine.settleUnknownKeys();
    }
    if (fields.has("inverter")) {
        JsonFields inverter = fields.object("inverter");
        InverterChoice choice;
        readModel(inverter, choice);
        putInverter(gear, choice.model, choice.onPerDay);
        inverter.settleUnknownKeys();
    }
    if (const std::string converter = fields.textOr("converter", ""); !converter.empty()) {
        putConverter(gear, converter);
    }
    if (fields.has("distribution")) {
        mainRailOf(gear).kind =
            static_cast<Distribution>(fields.oneOf("distribution", kDistributionNames));
    }
    fields.settleUnknownKeys();
    return out;
}

}  // namespace spirk
