// SPDX-License-Identifier: GPL-3.0-or-later
// A DC-DC charger with common negative from the starter battery to the bars, a fuse at each battery
// end, and its enable lead from a circuit that is live only while the engine runs. The charger's
// input current returns through the negative bar, the bond and the chassis.

#include "core/quantities/format.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

// Judgement: rest voltage of a charged lead-acid starter battery, and what a plain alternator
// holds.
constexpr double kStarterVolts = 12.7;
constexpr double kAlternatorVolts = 14.2;
// Judgement: what a charged starter battery looks like while the engine runs: some 15 A at 14.2 V.
constexpr double kStarterChargingOhms = 0.1;

Emf starterBattery(Ohms inside) {
    return {{0, 1},
            {volts(kStarterVolts)},
            inside,
            inside,
            inside,
            ohms(kStarterChargingOhms),
            FromRule{"judgement: a charged lead-acid starter battery"_text}};
}

void addVehicle(Draft& draft, const EngineUnit& engine) {
    const Connection post = draft.fixtureRow("starter").connection;
    Device& starter = draft.fixture("starter", DeviceKind::Starter, "starter");
    starter.place = draft.placeOf(starter.id, "engine");
    Draft::port(starter, "+", post, Pole::Positive);
    Draft::port(starter, "-", post, Pole::Negative);
    starter.ports.front().batteryEnd = true;
    starter.elements.emplace_back(starterBattery(draft.fixtureRow("starter").resistance));
    Device& alternator = draft.device("alternator", DeviceKind::Alternator, "alternator"_text);
    alternator.place = draft.placeOf(alternator.id, "engine");
    alternator.rating = engine.alternator;
    Draft::port(alternator, "+", post, Pole::Positive);
    Draft::port(alternator, "-", post, Pole::Negative);
    // At sizing the charger's input is as low as it works: that is its largest current.
    alternator.elements.emplace_back(Limited{{0, 1},
                                             Live::EngineRunning,
                                             volts(kAlternatorVolts),
                                             engine.charger->start,
                                             engine.alternator});
    draft
        .conductor("vehicle.charge+",
                   "alternator to starter battery"_text,
                   terminal("alternator", "+"),
                   terminal("starter", "+"),
                   Pole::Positive,
                   Purpose::Feed)
        .laid = LaidBy::VehicleMaker;
    draft
        .conductor("vehicle.starter-",
                   "starter battery to chassis"_text,
                   terminal("starter", "-"),
                   chassisPost(),
                   Pole::Negative,
                   Purpose::Feed)
        .laid = LaidBy::VehicleMaker;
    draft
        .conductor("vehicle.alternator-",
                   "alternator's case to chassis"_text,
                   terminal("alternator", "-"),
                   chassisPost(),
                   Pole::Negative,
                   Purpose::Feed)
        .laid = LaidBy::VehicleMaker;
}

void addLiveSupply(Draft& draft) {
    Device& live =
        draft.device("ignition", DeviceKind::Ignition, "supply live with engine running"_text);
    live.place = draft.placeOf(live.id, "seat");
    Draft::port(live, "live", {"blade", squareMillimetres(2.5)}, Pole::Positive);
}

void addCharger(Draft& draft, const DcdcModel& model) {
    Device& d = draft.ware("dcdc", DeviceKind::DcdcCharger, model);
    d.rating = model.output;
    for (const char* port : {"in+", "out+"}) {
        Draft::port(d, port, model.connection, Pole::Positive);
    }
    Draft::port(d, "neg", model.connection, Pole::Negative);
    Draft::port(d, "enable", {"clamp", squareMillimetres(2.5)}, Pole::None);
    d.elements.emplace_back(Transfer{.in = {0, 2},
                                     .out = {1, 2},
                                     .live = Live::EngineRunning,
                                     .set = draft.gear.bank().chemistry.absorption,
                                     .most = model.output,
                                     .inFullSun = {},
                                     .bestInput = {},
                                     .low = Undervoltage{model.start, model.stop},
                                     .efficiency = model.efficiency,
                                     .inside = {}});
}

constexpr const char* kFeed = "engine.feed+";

void addFeed(Draft& draft) {
    const ConductorId feed(kFeed);
    draft.conductor(feed.value,
                    "starter battery to DC-DC charger"_text,
                    terminal("starter", "+"),
                    terminal("dcdc", "in+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, guarding(holderFuse(draft), "E5"));
}

void addConductors(Draft& draft, const UnitId& rail) {
    const ConductorId out("dcdc.feed+");
    // Drawn from the bar, where its fuse stands: the bank can feed a fault there.
    draft.conductor(out.value,
                    "positive bar to DC-DC charger"_text,
                    railPost(rail, Pole::Positive),
                    terminal("dcdc", "out+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(out, guarding(holderFuse(draft), "E5"));
    draft.conductor("dcdc.feed-",
                    "DC-DC charger to negative bar"_text,
                    terminal("dcdc", "neg"),
                    railPost(rail, Pole::Negative),
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair("dcdc.feed+", "dcdc.feed-");
    Conductor& enable = draft.conductor("dcdc.enable",
                                        "enable lead of the DC-DC charger"_text,
                                        terminal("ignition", "live"),
                                        terminal("dcdc", "enable"),
                                        Pole::None,
                                        Purpose::Signal);
    enable.insulation = draft.library.region.smallInsulation;
    Protection fuse = guarding(holderFuse(draft), "W24");
    fuse.family = "blade";
    draft.protect(enable.id, fuse);
    draft.drop({.id = "drop.engine",
                .name = "starter battery to DC-DC charger and back"_text,
                .rule = "drop_dcdc_input",
                .moment = "sizing.driving",
                .base = volts(12.0)},  // the vehicle's own system
               {terminal("starter", "+"), chassisPost()},
               {terminal("dcdc", "in+"), terminal("dcdc", "neg")});
    draft.drop({.id = "drop.dcdc",
                .name = "DC-DC charger to bus bars"_text,
                .rule = "drop_charge",
                .moment = "sizing.driving",
                .base = draft.base()},
               {railPost(rail, Pole::Positive), railPost(rail, Pole::Negative)},
               {terminal("dcdc", "out+"), terminal("dcdc", "neg")});
}

LiveStep started(const DcdcModel& model) {
    const DeviceId id("dcdc");
    LiveStep s;
    s.id = "on.dcdc";
    s.stage = Stage::Engine;
    s.text = {
        "Both fuses of the DC-DC charger in. Its enable lead must read 0 V with the "
        "engine stopped and the key on, about 14 V running. Start the engine; it waits "
        "{delay} or as its data sheet says."_text,
        {{"delay", Measure{model.delay.si(), Unit::Second}}}};
    s.caution =
        "Leads of alternator and starter battery are live with the engine off. Keep clear of "
        "belts and fans."_text;
    s.subjects = {subject(id)};
    s.fuses = {ConductorId(kFeed), ConductorId("dcdc.feed+")};
    Look look;
    look.driving = true;
    look.readings = {
        {Reads::Given, TerminalId{id, ""}, "amps from the DC-DC charger"_text},
        {Reads::Taken, TerminalId{id, ""}, "amps into it from the starter battery"_text}};
    s.looks = {look};
    return s;
}

}  // namespace

Piece dcdcFromStarter(Draft draft, const EngineUnit& unit) {
    const UnitId vehicle("engine");
    const UnitId& charger = unit.id;
    draft.unit = vehicle;
    addVehicle(draft, unit);
    draft.unit = charger;
    addCharger(draft, *unit.charger);
    draft.unit = vehicle;
    addLiveSupply(draft);
    addFeed(draft);
    draft.unit = charger;
    addConductors(draft, unit.into);
    draft.piece.steps = {started(*unit.charger)};
    draft.piece.settings = chargeSettings(DeviceId("dcdc"), draft.gear.bank().chemistry);
    return std::move(draft.piece);
}

}  // namespace spirk
