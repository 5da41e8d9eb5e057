// SPDX-License-Identifier: GPL-3.0-or-later
// The vehicle's own battery and alternator, once for all that hangs on them, and a supply that is
// live only while the engine runs.

#include <algorithm>

#include "core/wiring/ways.h"

namespace spirk {

namespace {

const std::string kPoint = "point.";

// Judgement: rest voltage of a charged lead-acid starter battery, and what a plain alternator
// holds.
constexpr double kStarterVolts = 12.7;
constexpr double kAlternatorVolts = 14.2;
// Judgement: what a charged starter battery looks like while the engine runs: some 15 A at 14.2 V.
constexpr double kStarterChargingOhms = 0.1;

Emf starterBattery(const Fixture& row) {
    const Volts rest = volts(kStarterVolts);
    return {{0, 1},
            {rest},
            row.resistance,
            row.resistance,
            row.shortCircuit ? rest / *row.shortCircuit : row.resistance,
            ohms(kStarterChargingOhms),
            FromRule{"judgement: a charged lead-acid starter battery"_text}};
}

// At sizing the input of what it feeds is as low as that works: there it draws most. What a relay
// joins takes most where the alternator holds its voltage.
Volts lowestThatIsFed(const System& system) {
    Volts lowest = volts(kAlternatorVolts);
    if (!system.relays.empty()) {
        return lowest;
    }
    for (const EngineUnit& engine : system.engines) {
        lowest = std::min(lowest, engine.charger->stop);
    }
    return lowest;
}

void addDevices(Draft& draft) {
    const Fixture& row = draft.fixtureRow("starter");
    Device& starter = draft.fixture("starter", DeviceKind::Starter, "starter");
    starter.place = draft.placeOf(starter.id, "engine");
    Draft::port(starter, "+", row.connection, Pole::Positive);
    Draft::port(starter, "-", row.connection, Pole::Negative);
    starter.ports.front().batteryEnd = true;
    starter.elements.emplace_back(starterBattery(row));
    const Amps rating = draft.plan.van.vehicle.alternator;
    Device& alternator = draft.device("alternator", DeviceKind::Alternator, "alternator"_text);
    alternator.place = draft.placeOf(alternator.id, "engine");
    alternator.rating = rating;
    Draft::port(alternator, "+", row.connection, Pole::Positive);
    Draft::port(alternator, "-", row.connection, Pole::Negative);
    alternator.elements.emplace_back(Limited{
        {0, 1}, Live::EngineRunning, volts(kAlternatorVolts), lowestThatIsFed(draft.gear), rating});
}

Fixed takenFrom(const SupplyPoint& point) {
    return point.at == PointAt::Alternator ? Fixed(terminal("alternator", "+"))
                                           : Fixed(starterPost(Pole::Positive));
}

Text leadName(const SupplyPoint& point) {
    return {point.at == PointAt::Alternator ? "alternator to {point}"_text
                                            : "starter battery to {point}"_text,
            {{"point", Text::given(point.name)}}};
}

// Before the chargers that hang on it, whose own fuses are still out.
LiveStep splitLive(const SupplyPoint& point, const DeviceId& bar, const ConductorId& fuse) {
    LiveStep s;
    s.id = "on." + bar.value;
    s.stage = Stage::Engine;
    s.text = {
        "Engine stopped, the fuses of everything fed from it still out: insert the fuse of {point}."_text,
        {{"point", Text::given(point.name)}}};
    s.caution = "It is live from now on, also with the engine off."_text;
    s.subjects = {subject(bar)};
    s.fuses = {fuse};
    Look look;
    look.readings = {{Reads::Across, TerminalId{bar, kBar}, {}}};
    s.looks = {look};
    return s;
}

// One feed that splits to several: a bar of its own, its cable sized for all that hangs on it.
void addSplit(Draft& draft, const SupplyPoint& point) {
    const std::string id = kPoint + point.id.value;
    Device& d =
        draft.hardware(id, DeviceKind::FeedSplit, HardwareKind::BusBar, Text::given(point.name));
    d.place = point.place;
    Draft::port(d, kBar, Pole::Positive);
    draft.piece.offers.push_back({vehiclePost(&point), terminal(id, kBar), Holds::Itself});
    const Conductor& lead = draft.conductor(supplyLead(point.id).value,
                                            leadName(point),
                                            takenFrom(point),
                                            terminal(id, kBar),
                                            Pole::Positive,
                                            Purpose::Feed);
    draft.protect(lead.id, guarding(holderFuse(draft), "E5"));
    draft.piece.steps.push_back(splitLive(point, d.id, supplyLead(point.id)));
}

// What its maker lets others take from, with the cable and the fuse that are there.
void addPoint(Draft& draft, const SupplyPoint& point) {
    if (point.laid == PointLaid::New) {
        addSplit(draft, point);
        return;
    }
    const Fixture& row = draft.fixtureRow("supply_point");
    const std::string id = kPoint + point.id.value;
    Device& d = draft.fixture(id, DeviceKind::SupplyPoint, "supply_point");
    d.name = Text::given(point.name);
    d.place = point.place;
    Draft::port(d, "in", row.connection, Pole::Positive);
    Draft::port(d, "+", row.connection, Pole::Positive);
    d.elements.emplace_back(Resistance{{0, 1}, row.resistance});
    draft.piece.offers.push_back({vehiclePost(&point), terminal(id, "+"), Holds::Itself});
    Conductor& lead = draft.conductor(supplyLead(point.id).value,
                                      leadName(point),
                                      takenFrom(point),
                                      terminal(id, "in"),
                                      Pole::Positive,
                                      Purpose::Feed);
    lead.laid = LaidBy::SomebodyBefore;
    lead.found = Found{point.area, point.length};
    // A maker's fuse nobody has looked at yet is there all the same.
    Protection fuse = guarding(holderFuse(draft), "E5");
    fuse.found = FoundFuse{point.fuse};
    draft.protect(lead.id, std::move(fuse));
}

// Whether something of a circuit is wired.
bool isThere(const Plan& plan, const CircuitChoice& circuit) {
    return std::ranges::any_of(plan.appliances, [&](const Appliance& a) {
        return a.count > 0 && std::ranges::find(circuit.loads, a.id) != circuit.loads.end();
    });
}

bool wantsLiveSupply(const Draft& draft) {
    return std::ranges::any_of(
               draft.gear.engines,
               [](const EngineUnit& engine) { return engine.option("enable") != "voltage"; }) ||
           std::ranges::any_of(draft.gear.circuits, [&](const CircuitChoice& circuit) {
               return isDriven(circuit) && isThere(draft.plan, circuit);
           });
}

// What enable leads and relays of circuits come from.
void addLiveSupply(Draft& draft) {
    Device& live =
        draft.device("ignition", DeviceKind::Ignition, "supply live with engine running"_text);
    live.place = draft.placeOf(live.id, "seat");
    Draft::port(live, "live", {"blade", squareMillimetres(2.5)}, Pole::Positive);
    draft.piece.offers.push_back({liveSupplyPost(), terminal("ignition", "live"), Holds::Itself});
}

void addConductors(Draft& draft) {
    const auto own =
        [&](const char* id, const Text& name, const Fixed& from, const Fixed& to, Pole pole) {
            draft.conductor(id, name, from, to, pole, Purpose::Feed).laid = LaidBy::VehicleMaker;
        };
    own("vehicle.charge+",
        "alternator to starter battery"_text,
        terminal("alternator", "+"),
        terminal("starter", "+"),
        Pole::Positive);
    own("vehicle.starter-",
        "starter battery to chassis"_text,
        terminal("starter", "-"),
        chassisPost(),
        Pole::Negative);
    own("vehicle.alternator-",
        "alternator's case to chassis"_text,
        terminal("alternator", "-"),
        chassisPost(),
        Pole::Negative);
}

}  // namespace

ConductorId supplyLead(const UnitId& point) { return ConductorId(kPoint + point.value + ".lead+"); }

Piece vehicle(Draft draft) {
    draft.unit = starterPost(Pole::Positive).unit;
    addDevices(draft);
    addConductors(draft);
    draft.piece.offers = {{starterPost(Pole::Positive), terminal("starter", "+"), Holds::Itself},
                          {starterPost(Pole::Negative), terminal("starter", "-"), Holds::Itself}};
    for (const SupplyPoint& point : draft.plan.van.vehicle.points) {
        addPoint(draft, point);
    }
    if (wantsLiveSupply(draft)) {
        addLiveSupply(draft);
    }
    return std::move(draft.piece);
}

}  // namespace spirk
