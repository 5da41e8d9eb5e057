// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/engine_parts.h"

#include "core/quantities/format.h"
#include "core/wiring/in_line.h"
#include "core/wiring/on_bars.h"

namespace spirk {

Transfer engineTransfer(const EngineUnit& engine, const BankUnit& bank) {
    const DcdcModel& model = *engine.charger;
    return {.in = {0, 2},
            .out = {1, 2},
            .live = engine.shoreToo ? Live::EngineOrShore : Live::EngineRunning,
            .set = bank.chemistry.absorption,
            .most = model.output,
            .withOthers = engine.withSun,
            .inFullSun = {},
            .bestInput = {},
            .low = Undervoltage{model.start, model.stop},
            .efficiency = model.efficiency,
            .inside = {}};
}

ConductorId engineFeed(const UnitId& unit) {
    return ConductorId(partOf(unit, "engine") + ".feed+");
}
ConductorId bankFeed(const UnitId& unit) { return ConductorId(unit.value + ".feed+"); }

namespace {

constexpr const char* kSeparation = "separation";
bool isSeparated(const SystemUnit& unit) { return unit.option(kSeparation) != "none"; }

}  // namespace

std::vector<DeviceId> separationOf(const SystemUnit& unit) {
    if (!isSeparated(unit)) {
        return {};
    }
    return {inLineId(engineFeed(unit.id), kInLineIsolator)};
}

void addSeparation(Draft& draft, const SystemUnit& unit) {
    if (!isSeparated(unit)) {
        return;
    }
    const DeviceId id = addServiceIsolator(draft, engineFeed(unit.id), kSeparation);
    Device& d = draft.deviceAt(id.value);
    d.name = "hand switch in the engine's feed"_text;
    d.place = draft.placeOf(id, "seat");
    draft.unit = unit.id;
}

Text withSeparation(const SystemUnit& unit, Text text) {
    return isSeparated(unit)
               ? then(std::move(text),
                      "Close its hand switch once the engine runs; open it before it is started "
                      "again."_text)
               : text;
}

Text beltsAndFans() {
    return "The leads of alternator and starter battery are live with the engine off. Keep clear of belts and fans."_text;
}

// Belongs to the vehicle's side, as its fuse does.
void addEngineInput(Draft& draft, const EngineUnit& engine, const EngineNames& names) {
    const ConductorId in = engineFeed(engine.id);
    const std::string& id = engine.id.value;
    const Post source = vehiclePost(engine.from);
    draft.unit = starterPost(Pole::Positive).unit;
    draft.conductor(
        in.value,
        {"{source} to {unit}"_text, {{"source", vehicleName(engine.from)}, {"unit", names.unit}}},
        source,
        terminal(id, "in+"),
        Pole::Positive,
        Purpose::Feed);
    draft.unit = engine.id;
    draft.protect(in, guarding(holderFuse(draft), "E5"));
    draft.drop({.id = "drop." + partOf(engine.id, "engine"),
                .name = {"starter battery to {unit}"_text, {{"unit", names.unit}}},
                .rule = "drop_dcdc_input",
                .moment = "sizing.driving",
                .base = volts(12.0)},  // the vehicle's own system
               {starterPost(Pole::Positive), chassisPost()},
               {terminal(id, "in+"), terminal(id, names.inputNegative)});
    addSeparation(draft, engine);
}

// Drawn from the bar, where its fuse stands: the bank can feed a fault there.
void addBankSide(Draft& draft, const EngineUnit& engine, const EngineNames& names) {
    joinBars(draft,
             {.unit = engine.id,
              .rail = engine.into,
              .name = names.unit,
              .pos = "out+",
              .neg = "neg",
              .path = {"{unit} to bus bars"_text, {{"unit", names.unit}}},
              .rule = "drop_charge",
              .moment = "sizing.driving",
              .missing = "E5"});
}

namespace {

constexpr const char* kEnableGuard = "W24";

// From the starter battery by a small fuse to a switch that the driver sees.
void addDriverSwitch(Draft& draft, const std::string& unit) {
    const Fixture& row = draft.fixtureRow("driver_switch");
    const std::string id = unit + ".enable.switch";
    Device& d = draft.fixture(id, DeviceKind::Isolator, "driver_switch");
    d.name = "driver's switch"_text;
    d.place = draft.placeOf(d.id, "seat");
    Draft::port(d, "a", row.connection, Pole::Positive);
    Draft::port(d, "b", row.connection, Pole::Positive);
    d.elements.emplace_back(Contact{{{0, 1}}, row.resistance});
    addSignal(draft,
              ConductorId(unit + ".enable.feed"),
              "starter battery to the driver's switch"_text,
              starterPost(Pole::Positive),
              terminal(id, "a"),
              Pole::None,
              kEnableGuard);
}

}  // namespace

void addEnable(Draft& draft, const EngineUnit& engine, const EngineNames& names) {
    const std::string& by = engine.option("enable");
    if (by == "voltage") {
        return;
    }
    if (by == "switch") {
        addDriverSwitch(draft, engine.id.value);
    }
    const std::string enable = engine.id.value + ".enable";
    const bool switched = by == "switch";
    addSignal(draft,
              ConductorId(enable),
              {"enable lead of the {unit}"_text, {{"unit", names.unit}}},
              switched ? Fixed(terminal(enable + ".switch", "b")) : Fixed(liveSupplyPost()),
              terminal(engine.id.value, "enable"),
              Pole::None,
              switched ? "" : kEnableGuard);
}

std::vector<ConductorId> withEnable(const EngineUnit& engine, std::vector<ConductorId> fuses) {
    const std::string& by = engine.option("enable");
    if (by != "voltage") {
        fuses.emplace_back(engine.id.value + (by == "switch" ? ".enable.feed" : ".enable"));
    }
    return fuses;
}

Text signalText(const EngineUnit& engine) {
    const std::string& by = engine.option("enable");
    if (by == "voltage") {
        return {
            "It has no enable lead: it starts when the starter battery is above {volts}. With the engine stopped it must not run, whatever else charges the starter battery."_text,
            {{"volts", measure(engine.charger->start)}}};
    }
    if (by == "switch") {
        return "Its enable lead, its small fuse in, must read 0 V with the driver's switch off, about 12 V on."_text;
    }
    if (by == "d_plus") {
        return "Its enable lead, its small fuse in, must read below 2 V with the key on and the "
               "engine stopped, "
               "about 14 V running."_text;
    }
    return "Its enable lead, its small fuse in, must read 0 V with the engine stopped and the key "
           "on, about 14 V "
           "running."_text;
}

}  // namespace spirk
