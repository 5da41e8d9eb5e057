// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/read_gear.h"

#include <algorithm>
#include <array>
#include <set>

#include "core/base/shortened.h"
#include "core/plan/limits.h"
#include "core/plan/plan_names.h"
#include "core/plan/units.h"

namespace spirk {

namespace {

// A unit's id is a stem: what is made of it is called 'stem.part'.
void readUnit(JsonFields& row, UnitChoice& out) {
    const std::size_t before = row.problemCount();
    out.id = UnitId(readPlainId(row));
    if (row.problemCount() == before && out.id.value.find('.') != std::string::npos) {
        row.problem("id", "The id of a unit has no dot."_text, "Use '_' or '-' instead."_text);
    }
    if (std::ranges::find(kReservedStems, out.id.value) != kReservedStems.end()) {
        row.problem("id",
                    {"Spirk itself calls something '{id}'."_text, {{"id", out.id.value}}},
                    "Give the unit another id, there and where it is named."_text);
    }
    out.way = WayId(row.text("way"));
    if (row.has("options")) {
        JsonFields options = row.object("options");
        for (const std::string& key : options.keys(limits::kOptions)) {
            out.options[key] = options.text(key);
        }
    }
}

template <class Choice, class Read>
void readUnits(JsonFields& fields, const char* list, std::vector<Choice>& into, const Read& read) {
    if (!fields.has(list)) {
        return;
    }
    for (JsonFields& row : fields.objects(list, limits::kUnits)) {
        Choice out;
        readUnit(row, out);
        read(row, out);
        into.push_back(std::move(out));
        row.settleUnknownKeys();
    }
}

void readFedBy(JsonFields& row, RailChoice& out) {
    if (row.has("converter")) {
        out.fedBy = FromConverter{UnitId(row.text("from_rail")), row.text("converter")};
    } else if (row.has("from_rail")) {
        out.fedBy = FromRail{UnitId(row.text("from_rail"))};
    } else {
        out.fedBy = FromBank{UnitId(row.text("from_bank"))};
    }
    if (row.has("kind")) {
        out.kind = static_cast<Distribution>(row.oneOf("kind", kDistributionNames));
    }
}

FromVehicle readFrom(JsonFields& row) { return {UnitId(row.textOr("from_point", ""))}; }

RelayChoice readRelay(JsonFields& row) { return {row.text("relay"), readFrom(row)}; }
ShoreChoice readShore(JsonFields& row) {
    return {row.text("charger"), hours(row.number("h_per_day", 0, 24))};
}
CombinedChoice readCombined(JsonFields& row) {
    CombinedChoice out;
    readArray(row, out);
    out.unit = row.text("unit");
    out.from = readFrom(row);
    return out;
}
AlternatorChoice readAlternatorUnit(JsonFields& row) { return {row.text("alternator")}; }
PanelsChoice readPanelsBeside(JsonFields& row) {
    PanelsChoice out;
    readArray(row, out);
    return out;
}
TrickleChoice readTrickle(JsonFields& row) { return {row.text("charger")}; }

// In the order of their names.
template <auto Read>
void readAs(JsonFields& row, SourceChoice& out) {
    out.what = Read(row);
}
constexpr std::array<void (*)(JsonFields&, SourceChoice&), kSourceNames.size()> kSourceReaders{
    readAs<readSolar>,
    readAs<readEngine>,
    readAs<readRelay>,
    readAs<readShore>,
    readAs<readCombined>,
    readAs<readAlternatorUnit>,
    readAs<readTrickle>,
    readAs<readPanelsBeside>};

void readWhat(JsonFields& row, SourceChoice& out) {
    out.into = UnitId(row.text("into"));
    kSourceReaders.at(row.oneOf("kind", kSourceNames))(row, out);
}

void readUnlike(JsonFields& row, BankChoice& out) {
    if (!row.has("unlike")) {
        return;
    }
    for (JsonFields& fields : row.objects("unlike", limits::kUnits)) {
        UnlikeString string;
        string.string = fields.integer("string", 1, 4);
        string.model = fields.textOr("model", "");
        string.left = fields.maybeNumber("capacity_left", 0.05, 1).value_or(1.0);
        out.unlike.push_back(std::move(string));
        fields.settleUnknownKeys();
    }
}

void readCare(JsonFields& row, BankChoice& out) {
    if (row.has("venting")) {
        out.venting = static_cast<Venting>(row.oneOf("venting", kVentingNames));
    }
    if (const auto opening = row.maybeNumber("opening_cm2", 0.1, 10e3)) {
        out.opening = squareMillimetres(*opening * 100.0);
    }
    if (row.has("heater")) {
        JsonFields heater = row.object("heater");
        out.heater = BatteryHeater{watts(heater.number("watts", 0.1, 1000)),
                                   celsius(heater.number("below_c", -30, 40))};
        heater.settleUnknownKeys();
    }
}

// The usual where the file does not say it.
template <class Names, class Enum>
Enum readOr(JsonFields& row, const char* key, const Names& names, Enum usual) {
    return row.has(key) ? static_cast<Enum>(row.oneOf(key, names)) : usual;
}

void readCircuits(JsonFields& fields, Gear& gear) {
    if (!fields.has("circuits")) {
        return;
    }
    for (JsonFields& row : fields.objects("circuits", limits::kAppliances)) {
        CircuitChoice out;
        out.id = UnitId(readPlainId(row));
        out.on = UnitId(row.text("on"));
        out.tap = readOr(row, "tap", kTapNames, Tap::Block);
        out.live = readOr(row, "live", kLiveNames, LiveWhen::Switched);
        out.back = readOr(row, "back", kBackNames, Back::Cable);
        for (const std::string& load : row.texts("loads")) {
            out.loads.emplace_back(load);
        }
        gear.circuits.push_back(std::move(out));
        row.settleUnknownKeys();
    }
}

void readMonitor(JsonFields& row, MonitorChoice& out) {
    out.on = UnitId(row.text("on"));
    out.model = row.text("model");
    for (JsonFields& fields : row.objects("sensors", limits::kUnits)) {
        SensorChoice sensor;
        sensor.id = UnitId(readPlainId(fields));
        sensor.senses = static_cast<Senses>(fields.oneOf("senses", kSensesNames));
        sensor.name = fields.text("name");
        sensor.place = PlaceId(fields.text("place"));
        const bool twice =
            std::ranges::find(out.sensors, sensor.id, &SensorChoice::id) != out.sensors.end();
        if (twice) {
            fields.problem("id",
                           {"The id '{id}' is used twice."_text, {{"id", sensor.id.value}}},
                           "Give each sensor of a monitor an id of its own."_text);
        }
        out.sensors.push_back(std::move(sensor));
        fields.settleUnknownKeys();
    }
}

void readModules(JsonFields& fields, Gear& gear) {
    if (!fields.has("modules")) {
        return;
    }
    for (JsonFields& row : fields.objects("modules", limits::kUnits)) {
        ModuleChoice out;
        out.id = UnitId(readPlainId(row));
        out.name = row.text("name");
        out.place = PlaceId(row.text("place"));
        for (const std::string& unit : row.texts("units")) {
            out.units.emplace_back(unit);
        }
        gear.modules.push_back(std::move(out));
        row.settleUnknownKeys();
    }
}

// A stem names one unit, whatever it is.
void refuseTwins(const Gear& gear, JsonFields& fields) {
    std::set<std::string> seen;
    const auto hold = [&](const auto& list, const char* name) {
        for (const auto& unit : list) {
            if (!unit.id.value.empty() && !seen.insert(unit.id.value).second) {
                fields.problem(name,
                               {"The id '{id}' is used twice."_text,
                                {{"id", shortened(unit.id.value, kMostShownId)}}},
                               "Give each unit an id of its own, whichever list it is in."_text);
            }
        }
    };
    hold(gear.banks, "banks");
    hold(gear.rails, "rails");
    hold(gear.sources, "sources");
    hold(gear.inverters, "inverters");
    hold(gear.monitors, "monitors");
    hold(gear.modules, "modules");
    seen.clear();  // a circuit's name stands behind 'circuit.given.'
    hold(gear.circuits, "circuits");
}

void needBankAndRail(const Gear& gear, JsonFields& fields) {
    if (gear.banks.empty()) {
        fields.problem("banks", "A plan has a bank."_text, "Add one."_text);
    }
    const bool rail = std::ranges::any_of(
        gear.rails, [](const RailChoice& r) { return std::holds_alternative<FromBank>(r.fedBy); });
    if (!rail) {
        fields.problem("rails", "A plan has a rail that its bank feeds."_text, "Add one."_text);
    }
}

}  // namespace

std::string readPlainId(JsonFields& row) {
    const std::size_t before = row.problemCount();
    std::string id = row.text("id");
    if (row.problemCount() == before && !isPlainId(id)) {
        row.problem("id",
                    {"The id '{id}' can't be used."_text, {{"id", shortened(id, kMostShownId)}}},
                    "Use letters, digits, '.', '_' and '-', at most 100 bytes."_text);
    }
    return id;
}

void readStrings(JsonFields& fields, BankChoice& bank) {
    bank.model = fields.text("model");
    bank.count = fields.integer("count", 1, 4);
    bank.series = fields.has("series") ? fields.integer("series", 1, 4) : 1;
}

void readArray(JsonFields& fields, ArrayChoice& array) {
    array.panel = fields.text("panel");
    array.series = fields.integer("series", 1, 8);
    array.parallel = fields.integer("parallel", 1, 8);
}

SolarChoice readSolar(JsonFields& fields) {
    SolarChoice out;
    readArray(fields, out);
    out.controller = fields.text("controller");
    return out;
}

EngineChoice readEngine(JsonFields& fields) { return {fields.text("charger"), readFrom(fields)}; }

std::optional<Amps> readAlternator(JsonFields& fields) {
    const auto rating = fields.maybeNumber("alternator_a", 1, 1000);
    return rating ? std::optional(amps(*rating)) : std::nullopt;
}

void readModel(JsonFields& fields, InverterChoice& inverter) {
    inverter.model = fields.text("model");
    inverter.onPerDay = hours(fields.number("on_h_per_day", 0, 24));
}

ReadGear readGear(JsonFields fields) {
    ReadGear out;
    Gear& gear = out.gear;
    const std::size_t before = fields.problemCount();
    readUnits(fields, "banks", gear.banks, [](JsonFields& row, BankChoice& bank) {
        readStrings(row, bank);
        readUnlike(row, bank);
        readCare(row, bank);
    });
    readUnits(fields, "rails", gear.rails, readFedBy);
    readUnits(fields, "sources", gear.sources, [&](JsonFields& row, SourceChoice& source) {
        readWhat(row, source);
        if (std::holds_alternative<EngineChoice>(source.what) && !out.alternator) {
            out.alternator = readAlternator(row);
        }
    });
    readUnits(fields, "inverters", gear.inverters, [](JsonFields& row, InverterChoice& inverter) {
        inverter.from = UnitId(row.text("from"));
        readModel(row, inverter);
        if (const auto shore = row.maybeNumber("shore_h_per_day", 0, 24)) {
            inverter.shorePerDay = hours(*shore);
        }
        if (const auto most = row.maybeNumber("used_up_to_w", 1, 20e3)) {
            inverter.usedUpTo = watts(*most);
        }
    });
    readCircuits(fields, gear);
    readUnits(fields, "monitors", gear.monitors, readMonitor);
    readModules(fields, gear);
    fields.settleUnknownKeys();
    if (fields.problemCount() == before) {
        needBankAndRail(gear, fields);
        refuseTwins(gear, fields);
    }
    return out;
}

}  // namespace spirk
