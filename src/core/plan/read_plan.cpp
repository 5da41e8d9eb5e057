// SPDX-License-Identifier: GPL-3.0-or-later
#include <array>
#include <map>
#include <nlohmann/json.hpp>
#include <set>

#include "core/base/shortened.h"
#include "core/files/read_file.h"
#include "core/library/appliance_names.h"
#include "core/library/gear_file.h"
#include "core/library/unit_names.h"
#include "core/plan/limits.h"
#include "core/plan/plan_file.h"
#include "core/plan/plan_names.h"
#include "core/plan/read_gear.h"
#include "core/reading/json_fields.h"
#include "core/reading/parse_json.h"

namespace spirk {

namespace {

// Large blade fuses had another id in older files.
std::string familyNow(std::string family) { return family == "maxi" ? "blade_large" : family; }

// In the order of the variant; the last one is how an isolator was put in before.
constexpr std::array<std::string_view, 11> kAmendmentNames{"set_size",
                                                           "set_fuse",
                                                           "set_length",
                                                           "put_in",
                                                           "leave_out_protection",
                                                           "move_end",
                                                           "set_fuse_distance",
                                                           "put_in_protection",
                                                           "set_insulation",
                                                           "set_hardware",
                                                           "insert_isolator"};
constexpr double kMostWatts = 100e3;
constexpr int kFirstWithUnits = 3;

Use readUse(JsonFields& row) {
    Use use;
    use.start = hours(row.number("start_h", 0, 24));
    use.span = hours(row.number("span_h", 0, 24));
    use.duty = row.number("duty", 0, 1);
    row.settleUnknownKeys();
    return use;
}

Appliance readAppliance(JsonFields& row) {
    Appliance out;
    out.id = ApplianceId(readPlainId(row));
    out.name = row.text("name");
    out.category = static_cast<Category>(row.oneOf("category", kCategoryNames));
    out.feed = static_cast<Feed>(row.oneOf("feed", kFeedNames));
    if (row.has("supplied")) {
        out.supplied = static_cast<Supplied>(row.oneOf("supplied", kSuppliedNames));
    }
    out.count = row.integer("count", 0, 100);
    out.rated = watts(row.number("rated_w", 0, kMostWatts));
    if (const auto measured = row.maybeNumber("measured_w", 0, kMostWatts)) {
        out.measured = watts(*measured);
    }
    for (JsonFields& use : row.objects("uses", limits::kUsesOfOne)) {
        out.uses.push_back(readUse(use));
    }
    Seconds on;
    for (const Use& use : out.uses) {
        on += use.span * use.duty;
    }
    constexpr double kDayWithRounding = 24.0 + 1e-9;
    if (inHours(on) > kDayWithRounding) {
        row.problem("uses",
                    {"It is on for {hours} a day."_text, {{"hours", measure(on)}}},
                    "A day has 24 hours: shorten its times, or raise its number."_text);
    }
    out.standby = watts(row.number("standby_w", 0, kMostWatts));
    out.surge = row.number("surge", 1, 20);
    out.behaviour = static_cast<Behaviour>(row.oneOf("behaves", kBehaviourNames));
    out.runs = static_cast<Runs>(row.oneOf("runs", kRunsNames));
    out.place = PlaceId(row.text("place"));
    if (row.has("planned")) {
        out.planned = static_cast<Planned>(row.oneOf("planned", kPlannedNames));
    }
    out.alwaysOn = row.has("always_on") && row.flag("always_on");
    if (row.has("switched")) {
        JsonFields fields = row.object("switched");
        out.switched = LoadSwitch{static_cast<SwitchKind>(fields.oneOf("kind", kSwitchNames)),
                                  PlaceId(fields.text("place")),
                                  PlaceId(fields.textOr("second", "")),
                                  fields.textOr("plate", "")};
        fields.settleUnknownKeys();
    }
    row.settleUnknownKeys();
    return out;
}

Units readUnits(JsonFields fields) {
    Units out;
    out.length = static_cast<LengthUnit>(fields.oneOf("length", kLengthUnitNames));
    out.temperature =
        static_cast<TemperatureUnit>(fields.oneOf("temperature", kTemperatureUnitNames));
    fields.settleUnknownKeys();
    return out;
}

Trip readTrip(JsonFields fields) {
    Trip trip;
    trip.climate = fields.text("climate");
    trip.firstMonth = fields.integer("first_month", 1, 12);
    trip.lastMonth = fields.integer("last_month", 1, 12);
    trip.daysWithoutSun = fields.number("days_without_sun", 0, 60);
    trip.drivingPerDay = hours(fields.number("driving_h_per_day", 0, 24));
    fields.settleUnknownKeys();
    return trip;
}

SupplyPoint readSupplyPoint(JsonFields& row) {
    SupplyPoint out;
    const std::size_t before = row.problemCount();
    out.id = UnitId(readPlainId(row));
    if (row.problemCount() == before && out.id.value.find('.') != std::string::npos) {
        row.problem(
            "id", "The id of a supply point has no dot."_text, "Use '_' or '-' instead."_text);
    }
    out.name = row.text("name");
    out.place = PlaceId(row.text("place"));
    if (row.has("at")) {
        out.at = static_cast<PointAt>(row.oneOf("at", kPointAtNames));
    }
    if (row.has("laid")) {
        out.laid = static_cast<PointLaid>(row.oneOf("laid", kPointLaidNames));
    }
    out.length = metres(row.number("length_m", 0, 100));
    if (row.has("area_mm2") || row.has("awg")) {
        out.area = readArea(row);
    }
    if (const auto fuse = row.maybeNumber("fuse_a", 0.5, 2000)) {
        out.fuse = amps(*fuse);
    }
    row.settleUnknownKeys();
    return out;
}

Vehicle readVehicle(JsonFields fields) {
    Vehicle out;
    out.alternator = amps(fields.number("alternator_a", 1, 1000));
    if (fields.has("regulation")) {
        out.regulation = static_cast<Regulation>(fields.oneOf("regulation", kRegulationNames));
    }
    if (fields.has("supply_points")) {
        for (JsonFields& row : fields.objects("supply_points", limits::kUnits)) {
            out.points.push_back(readSupplyPoint(row));
        }
    }
    fields.settleUnknownKeys();
    return out;
}

// `alternator` is its rating where the gear says it.
Van readVan(JsonFields fields, std::optional<Amps> alternator) {
    Van van;
    van.vehicle.alternator = alternator.value_or(van.vehicle.alternator);
    if (fields.has("vehicle")) {
        van.vehicle = readVehicle(fields.object("vehicle"));
    }
    for (JsonFields& row : fields.objects("places", limits::kPlaces)) {
        van.places.push_back({PlaceId(readPlainId(row)),
                              row.text("name"),
                              celsius(row.number("ambient_c", -40, 120))});
        row.settleUnknownKeys();
    }
    for (JsonFields& row : fields.objects("ways", limits::kWays)) {
        WireWay way{PlaceId(row.text("from")),
                    PlaceId(row.text("to")),
                    metres(row.number("length_m", 0, 100)),
                    Bundling::Loose};
        if (row.has("bundling")) {
            way.bundling = static_cast<Bundling>(row.oneOf("bundling", kBundlingNames));
        }
        van.ways.push_back(std::move(way));
        row.settleUnknownKeys();
    }
    JsonFields placed = fields.object("placed");
    for (const std::string& key : placed.keys(limits::kPlaced)) {
        van.placed[DeviceId(key)] = PlaceId(placed.text(key));
    }
    fields.settleUnknownKeys();
    return van;
}

End readEnd(JsonFields& row) { return static_cast<End>(row.oneOf("end", kEndNames)); }

TerminalId readTerminal(JsonFields& row) {
    const std::string whole = row.text("terminal");
    const std::size_t colon = whole.rfind(':');
    if (colon == std::string::npos) {
        row.problem("terminal",
                    "A terminal is written device:port."_text,
                    "Write it like 'bus.neg:bar'."_text);
        return {};
    }
    return {DeviceId(whole.substr(0, colon)), whole.substr(colon + 1)};
}

Amendment readOfConductor(JsonFields& row, std::size_t kind) {
    const ConductorId id(row.text("conductor"));
    switch (kind) {
        case 0:
            return SetSize{id, readArea(row)};
        case 1: {
            const End end = readEnd(row);
            return SetFuse{id,
                           end,
                           familyNow(row.textOr("family", "")),
                           amps(row.number("rating_a", 0.5, 2000))};
        }
        case 2:
            return SetLength{id, metres(row.number("length_m", 0, 100))};
        case 3:
            return PutIn{id, static_cast<InLine>(row.oneOf("what", kInLineNames))};
        case 4:
            return LeaveOutProtection{id, readEnd(row)};
        case 5: {
            const End end = readEnd(row);
            return MoveEnd{id, end, readTerminal(row)};
        }
        case 6: {
            const End end = readEnd(row);
            const Metres distance = metres(row.number("distance_m", 0, 20));
            return SetFuseDistance{id, end, distance, row.has("sheathed") && row.flag("sheathed")};
        }
        case 7: {
            const End end = readEnd(row);
            return PutInProtection{id, end, familyNow(row.textOr("family", ""))};
        }
        case 8:
            return SetInsulation{id, row.text("insulation")};
        default:
            return PutIn{id, InLine::Isolator};
    }
}

Amendment readAmendment(JsonFields& row) {
    constexpr std::size_t kSetHardware = 9;
    const std::size_t kind = row.oneOf("kind", kAmendmentNames);
    if (kind == kSetHardware) {
        const DeviceId device(row.text("device"));
        return SetHardware{device, row.text("model")};
    }
    return readOfConductor(row, kind);
}

// Each value once; `ours` names the list in the message.
template <class List, class IdOf>
void refuseTwins(const List& list, const IdOf& idOf, const std::string& ours, JsonFields& root) {
    std::set<std::string> seen;
    for (const auto& entry : list) {
        const std::string& id = idOf(entry);
        if (!id.empty() && !seen.insert(id).second) {
            root.problem(
                ours,
                {"The id '{id}' is used twice."_text, {{"id", shortened(id, kMostShownId)}}},
                "Give each entry an id of its own."_text);
        }
    }
}

// A label that stands on two conductors names neither.
void refuseSharedNumbers(const Plan& plan, JsonFields& root) {
    std::map<int, ConductorId> first;
    for (const auto& [id, number] : plan.numbers) {
        const auto [at, fresh] = first.try_emplace(number, id);
        if (!fresh) {
            root.problem("numbers",
                         {"The number {n} is on two conductors: '{first}' and '{second}'."_text,
                          {{"n", count(number)},
                           {"first", shortened(at->second.value, kMostShownId)},
                           {"second", shortened(id.value, kMostShownId)}}},
                         "Give one of them another number, and write it on its labels."_text);
        }
    }
}

Plan readBody(JsonFields& root, int version) {
    Plan plan;
    plan.name = root.text("name");
    plan.notes = root.textOr("notes", "", limits::kNotes);
    plan.region = root.text("region");
    if (root.has("units")) {
        plan.units = readUnits(root.object("units"));
    }
    plan.negative = root.textOr("negative", "");
    if (root.has("habits_off")) {
        for (std::string& id : root.texts("habits_off")) {
            plan.habitsOff.insert(std::move(id));
        }
    }
    plan.trip = readTrip(root.object("trip"));
    for (JsonFields& row : root.objects("appliances", limits::kAppliances)) {
        plan.appliances.push_back(readAppliance(row));
    }
    ReadGear gear = version < kFirstWithUnits ? readGearBefore3(root.object("gear"))
                                              : readGear(root.object("gear"));
    plan.gear = std::move(gear.gear);
    plan.van = readVan(root.object("van"), gear.alternator);
    for (JsonFields& row : root.objects("amendments", limits::kAmendments)) {
        plan.amendments.push_back(readAmendment(row));
        row.settleUnknownKeys();
    }
    JsonFields numbers = root.object("numbers");
    for (const std::string& key : numbers.keys(limits::kNumbers)) {
        plan.numbers[ConductorId(key)] = numbers.integer(key, 1, 1000000);
    }
    plan.highestNumber = root.integer("highest_number", 0, 1000000);
    for (const auto& [id, given] : plan.numbers) {
        plan.highestNumber = std::max(plan.highestNumber, given);
    }
    if (root.has("block_ways")) {
        JsonFields ways = root.object("block_ways");
        for (const std::string& key : ways.keys(limits::kNumbers)) {
            plan.ways[ConductorId(key)] = ways.integer(key, 1, 1000);
        }
    }
    if (root.has("own_gear")) {
        JsonFields own = root.object("own_gear");
        plan.own = readShelf(own);
        own.settleUnknownKeys();
    }
    if (root.has("owned_cables")) {
        for (JsonFields& row : root.objects("owned_cables", limits::kUnits)) {
            plan.cables.push_back({readArea(row), metres(row.number("length_m", 0, 1000))});
            row.settleUnknownKeys();
        }
    }
    if (root.has("accepted")) {
        for (JsonFields& row : root.objects("accepted", limits::kAccepted)) {
            plan.accepted.push_back({row.text("finding"), row.text("reason")});
            if (plan.accepted.back().reason.empty()) {
                row.problem(
                    "reason", "An accepted finding needs a reason."_text, "Write one."_text);
            }
            row.settleUnknownKeys();
        }
    }
    if (root.has("variants")) {
        for (JsonFields& row : root.objects("variants", limits::kVariants)) {
            plan.variants.push_back(
                {UnitId(readPlainId(row)), row.text("name"), readGear(row.object("gear")).gear});
            row.settleUnknownKeys();
        }
    }
    root.settleUnknownKeys();
    refuseTwins(
        plan.appliances,
        [](const Appliance& a) -> const std::string& { return a.id.value; },
        "appliances",
        root);
    refuseTwins(
        plan.van.places,
        [](const VanPlace& p) -> const std::string& { return p.id.value; },
        "van.places",
        root);
    refuseSharedNumbers(plan, root);
    return plan;
}

// The version gate comes before any field is looked at.
std::optional<Error> foreign(const nlohmann::json& parsed, const std::string& name) {
    if (!parsed.is_object() || !parsed.contains("spirk_format")) {
        return Error{"This is not a Spirk plan."_text, name, "Choose a .spirk file."_text};
    }
    const nlohmann::json& version = parsed["spirk_format"];
    if (!version.is_number_integer() || version.get<double>() < 1) {
        return Error{"The format version is not a whole number."_text,
                     name + ": spirk_format",
                     "Restore the file from a copy."_text};
    }
    if (version.get<double>() > kPlanFormatVersion) {
        return Error{"This plan was written by a newer version of Spirk."_text,
                     name + ": spirk_format",
                     "Open it with that version; the file was left as it is."_text};
    }
    return std::nullopt;
}

}  // namespace

PlanReading readPlan(const std::string& text, const std::string& name) {
    PlanReading reading;
    const auto parsed = parseJson(text, name);
    if (!parsed) {
        reading.problems.push_back(parsed.error());
        return reading;
    }
    if (const auto error = foreign(*parsed, name)) {
        reading.problems.push_back(*error);
        return reading;
    }
    std::vector<KeptField> kept;
    JsonFields root(*parsed, "", reading.problems, &kept);
    const int version = root.integer("spirk_format", 1, kPlanFormatVersion);
    Plan plan = readBody(root, version);
    plan.kept = version < kFirstWithUnits ? movedTo3(std::move(kept)) : std::move(kept);
    if (reading.problems.empty()) {
        reading.plan = std::move(plan);
    }
    return reading;
}

PlanReading loadPlan(const std::string& path) {
    const auto text = readFile(path);
    if (!text) {
        return {std::nullopt, {text.error()}};
    }
    return readPlan(*text, path);
}

}  // namespace spirk
