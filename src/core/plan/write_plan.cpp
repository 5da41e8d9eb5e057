// SPDX-License-Identifier: GPL-3.0-or-later
#include <nlohmann/json.hpp>

#include "core/base/match.h"
#include "core/files/save_text.h"
#include "core/library/appliance_names.h"
#include "core/library/gear_file.h"
#include "core/library/unit_names.h"
#include "core/plan/plan_file.h"
#include "core/plan/plan_names.h"
#include "core/quantities/tidy.h"

namespace spirk {

namespace {

using Json = nlohmann::ordered_json;

template <class Names, class Enum>
std::string nameOf(const Names& names, Enum value) {
    return std::string(names[static_cast<std::size_t>(value)]);
}

Json write(const Appliance& a) {
    Json uses = Json::array();
    for (const Use& use : a.uses) {
        uses.push_back({{"start_h", tidy(inHours(use.start))},
                        {"span_h", tidy(inHours(use.span))},
                        {"duty", tidy(use.duty)}});
    }
    Json out{{"id", a.id.value},
             {"name", a.name},
             {"category", nameOf(kCategoryNames, a.category)},
             {"feed", nameOf(kFeedNames, a.feed)},
             {"supplied", nameOf(kSuppliedNames, a.supplied)},
             {"count", a.count},
             {"rated_w", tidy(a.rated.si())}};
    if (a.measured) {
        out["measured_w"] = tidy(a.measured->si());
    }
    out["uses"] = uses;
    out["standby_w"] = tidy(a.standby.si());
    out["surge"] = tidy(a.surge);
    out["behaves"] = nameOf(kBehaviourNames, a.behaviour);
    out["runs"] = nameOf(kRunsNames, a.runs);
    out["place"] = a.place.value;
    out["planned"] = nameOf(kPlannedNames, a.planned);
    if (a.alwaysOn) {
        out["always_on"] = true;
    }
    if (a.switched) {
        out["switched"] = {{"kind", nameOf(kSwitchNames, a.switched->kind)},
                           {"place", a.switched->place.value}};
        if (!a.switched->second.value.empty()) {
            out["switched"]["second"] = a.switched->second.value;
        }
        if (!a.switched->plate.empty()) {
            out["switched"]["plate"] = a.switched->plate;
        }
    }
    return out;
}

Json unit(const UnitChoice& u) {
    Json out{{"id", u.id.value}, {"way", u.way.value}};
    for (const auto& [option, value] : u.options) {
        out["options"][option] = value;
    }
    return out;
}

Json write(const BankChoice& bank) {
    Json out = unit(bank);
    out.update({{"model", bank.model},
                {"count", bank.count},
                {"series", bank.series},
                {"venting", nameOf(kVentingNames, bank.venting)}});
    for (const UnlikeString& string : bank.unlike) {
        Json row{{"string", string.string}, {"capacity_left", tidy(string.left)}};
        if (!string.model.empty()) {
            row["model"] = string.model;
        }
        out["unlike"].push_back(std::move(row));
    }
    if (bank.opening) {
        out["opening_cm2"] = tidy(inMm2(*bank.opening) / 100.0);
    }
    if (bank.heater) {
        out["heater"] = {{"watts", tidy(bank.heater->power.si())},
                         {"below_c", tidy(bank.heater->below.degrees)}};
    }
    return out;
}

Json write(const RailChoice& rail) {
    Json out = unit(rail);
    match(
        rail.fedBy,
        [&](const FromBank& from) { out["from_bank"] = from.bank.value; },
        [&](const FromConverter& from) {
            out["from_rail"] = from.rail.value;
            out["converter"] = from.model;
        },
        [&](const FromRail& from) { out["from_rail"] = from.rail.value; });
    out["kind"] = nameOf(kDistributionNames, rail.kind);
    return out;
}

void writeFrom(const FromVehicle& from, Json& out) {
    if (!from.point.value.empty()) {
        out["from_point"] = from.point.value;
    }
}

void writeArray(const ArrayChoice& array, Json& out) {
    out.update({{"panel", array.panel}, {"series", array.series}, {"parallel", array.parallel}});
}

Json write(const SourceChoice& source) {
    Json out = unit(source);
    out["into"] = source.into.value;
    out["kind"] = kSourceNames[source.what.index()];
    match(
        source.what,
        [&](const SolarChoice& solar) {
            writeArray(solar, out);
            out["controller"] = solar.controller;
        },
        [&](const EngineChoice& engine) {
            out["charger"] = engine.charger;
            writeFrom(engine.from, out);
        },
        [&](const RelayChoice& relay) {
            out["relay"] = relay.relay;
            writeFrom(relay.from, out);
        },
        [&](const ShoreChoice& shore) {
            out.update({{"charger", shore.charger}, {"h_per_day", tidy(inHours(shore.perDay))}});
        },
        [&](const CombinedChoice& combined) {
            writeArray(combined, out);
            out["unit"] = combined.unit;
            writeFrom(combined.from, out);
        },
        [&](const AlternatorChoice& second) { out["alternator"] = second.alternator; },
        [&](const TrickleChoice& trickle) { out["charger"] = trickle.charger; },
        [&](const PanelsChoice& panels) { writeArray(panels, out); });
    return out;
}

Json write(const InverterChoice& inverter) {
    Json out = unit(inverter);
    out.update({{"from", inverter.from.value},
                {"model", inverter.model},
                {"on_h_per_day", tidy(inHours(inverter.onPerDay))}});
    if (inverter.shorePerDay.si() > 0.0) {
        out["shore_h_per_day"] = tidy(inHours(inverter.shorePerDay));
    }
    if (inverter.usedUpTo) {
        out["used_up_to_w"] = tidy(inverter.usedUpTo->si());
    }
    return out;
}

Json write(const CircuitChoice& circuit) {
    Json loads = Json::array();
    for (const ApplianceId& load : circuit.loads) {
        loads.push_back(load.value);
    }
    Json out{{"id", circuit.id.value}, {"on", circuit.on.value}, {"loads", loads}};
    out["tap"] = nameOf(kTapNames, circuit.tap);
    out["live"] = nameOf(kLiveNames, circuit.live);
    out["back"] = nameOf(kBackNames, circuit.back);
    return out;
}

Json write(const MonitorChoice& monitor) {
    Json sensors = Json::array();
    for (const SensorChoice& s : monitor.sensors) {
        sensors.push_back({{"id", s.id.value},
                           {"senses", nameOf(kSensesNames, s.senses)},
                           {"name", s.name},
                           {"place", s.place.value}});
    }
    Json out = unit(monitor);
    out.update({{"on", monitor.on.value}, {"model", monitor.model}, {"sensors", sensors}});
    return out;
}

Json write(const ModuleChoice& module) {
    Json units = Json::array();
    for (const UnitId& unit : module.units) {
        units.push_back(unit.value);
    }
    return {{"id", module.id.value},
            {"name", module.name},
            {"place", module.place.value},
            {"units", units}};
}

Json write(const Variant& variant);

template <class Entry>
Json writeList(const std::vector<Entry>& entries) {
    Json out = Json::array();
    for (const Entry& entry : entries) {
        out.push_back(write(entry));
    }
    return out;
}

Json write(const Gear& gear) {
    return {{"banks", writeList(gear.banks)},
            {"rails", writeList(gear.rails)},
            {"sources", writeList(gear.sources)},
            {"inverters", writeList(gear.inverters)},
            {"circuits", writeList(gear.circuits)},
            {"monitors", writeList(gear.monitors)},
            {"modules", writeList(gear.modules)}};
}

Json write(const Variant& variant) {
    return {{"id", variant.id.value}, {"name", variant.name}, {"gear", write(variant.gear)}};
}

// By its gauge, where it is one.
void writeArea(SquareMetres area, Json& out) {
    if (const auto gauge = gaugeName(area)) {
        out["awg"] = *gauge;
    } else {
        out["area_mm2"] = tidy(inMm2(area));
    }
}

Json write(const Vehicle& vehicle) {
    Json points = Json::array();
    for (const SupplyPoint& p : vehicle.points) {
        Json out{{"id", p.id.value},
                 {"name", p.name},
                 {"place", p.place.value},
                 {"at", nameOf(kPointAtNames, p.at)},
                 {"laid", nameOf(kPointLaidNames, p.laid)},
                 {"length_m", tidy(p.length.si())}};
        if (p.area) {
            writeArea(*p.area, out);
        }
        if (p.fuse) {
            out["fuse_a"] = tidy(p.fuse->si());
        }
        points.push_back(out);
    }
    return {{"alternator_a", tidy(vehicle.alternator.si())},
            {"regulation", nameOf(kRegulationNames, vehicle.regulation)},
            {"supply_points", points}};
}

Json write(const Van& van) {
    Json places = Json::array();
    for (const VanPlace& p : van.places) {
        places.push_back(
            {{"id", p.id.value}, {"name", p.name}, {"ambient_c", tidy(p.ambient.degrees)}});
    }
    Json ways = Json::array();
    for (const WireWay& w : van.ways) {
        ways.push_back({{"from", w.from.value},
                        {"to", w.to.value},
                        {"length_m", tidy(w.length.si())},
                        {"bundling", nameOf(kBundlingNames, w.bundling)}});
    }
    Json placed = Json::object();
    for (const auto& [device, place] : van.placed) {
        placed[device.value] = place.value;
    }
    return {
        {"places", places}, {"ways", ways}, {"placed", placed}, {"vehicle", write(van.vehicle)}};
}

Json write(const Amendment& amendment) {
    const std::string id = targetOf(amendment).id;
    return match(
        amendment,
        [&](const SetSize& a) {
            Json out{{"kind", "set_size"}, {"conductor", id}};
            writeArea(a.area, out);
            return out;
        },
        [&](const SetFuse& a) {
            Json out{{"kind", "set_fuse"}, {"conductor", id}, {"end", nameOf(kEndNames, a.end)}};
            if (!a.family.empty()) {
                out["family"] = a.family;
            }
            out["rating_a"] = tidy(a.rating.si());
            return out;
        },
        [&](const SetLength& a) {
            return Json{
                {"kind", "set_length"}, {"conductor", id}, {"length_m", tidy(a.length.si())}};
        },
        [&](const PutIn& a) {
            return Json{
                {"kind", "put_in"}, {"conductor", id}, {"what", nameOf(kInLineNames, a.what)}};
        },
        [&](const PutInProtection& a) {
            Json out{{"kind", "put_in_protection"},
                     {"conductor", id},
                     {"end", nameOf(kEndNames, a.end)}};
            if (!a.family.empty()) {
                out["family"] = a.family;
            }
            return out;
        },
        [&](const SetInsulation& a) {
            return Json{
                {"kind", "set_insulation"}, {"conductor", id}, {"insulation", a.insulation}};
        },
        [&](const SetHardware& a) {
            return Json{{"kind", "set_hardware"}, {"device", id}, {"model", a.model}};
        },
        [&](const LeaveOutProtection& a) {
            return Json{{"kind", "leave_out_protection"},
                        {"conductor", id},
                        {"end", nameOf(kEndNames, a.end)}};
        },
        [&](const MoveEnd& a) {
            return Json{{"kind", "move_end"},
                        {"conductor", id},
                        {"end", nameOf(kEndNames, a.end)},
                        {"terminal", text(a.terminal)}};
        },
        [&](const SetFuseDistance& a) {
            Json out{{"kind", "set_fuse_distance"},
                     {"conductor", id},
                     {"end", nameOf(kEndNames, a.end)},
                     {"distance_m", tidy(a.distance.si())}};
            if (a.sheathed) {
                out["sheathed"] = true;
            }
            return out;
        });
}

}  // namespace

std::string writePlan(const Plan& plan) {
    Json out{{"spirk_format", kPlanFormatVersion},
             {"name", plan.name},
             {"notes", plan.notes},
             {"region", plan.region},
             {"units",
              {{"length", nameOf(kLengthUnitNames, plan.units.length)},
               {"temperature", nameOf(kTemperatureUnitNames, plan.units.temperature)}}},
             {"negative", plan.negative},
             {"habits_off", plan.habitsOff},
             {"trip",
              {{"climate", plan.trip.climate},
               {"first_month", plan.trip.firstMonth},
               {"last_month", plan.trip.lastMonth},
               {"days_without_sun", tidy(plan.trip.daysWithoutSun)},
               {"driving_h_per_day", tidy(inHours(plan.trip.drivingPerDay))}}}};
    out["appliances"] = Json::array();
    for (const Appliance& a : plan.appliances) {
        out["appliances"].push_back(write(a));
    }
    out["gear"] = write(plan.gear);
    out["van"] = write(plan.van);
    out["amendments"] = Json::array();
    for (const Amendment& a : plan.amendments) {
        out["amendments"].push_back(write(a));
    }
    out["numbers"] = Json::object();
    for (const auto& [id, given] : plan.numbers) {
        out["numbers"][id.value] = given;
    }
    out["highest_number"] = plan.highestNumber;
    out["owned_cables"] = Json::array();
    for (const OwnedCable& cable : plan.cables) {
        Json row{{"length_m", tidy(cable.length.si())}};
        writeArea(cable.area, row);
        out["owned_cables"].push_back(row);
    }
    out["block_ways"] = Json::object();
    for (const auto& [id, way] : plan.ways) {
        out["block_ways"][id.value] = way;
    }
    if (!empty(plan.own)) {
        out["own_gear"] = writeShelf(plan.own);
    }
    out["accepted"] = Json::array();
    for (const Accepted& a : plan.accepted) {
        out["accepted"].push_back({{"finding", a.finding}, {"reason", a.reason}});
    }
    out["variants"] = writeList(plan.variants);
    restore(plan.kept, out);
    return out.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

Result<std::string> savePlan(const Plan& plan, const std::string& path) {
    return saveText(writePlan(plan), path);
}

}  // namespace spirk
