// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/circuit_parts.h"

#include <array>

namespace spirk {

namespace {

constexpr std::string_view kUsualPlace = "galley";

// A conductor of a circuit.
Conductor& addLead(Draft& draft,
                   const std::string& id,
                   const Text& name,
                   const Fixed& from,
                   const Fixed& to,
                   Pole pole,
                   Purpose purpose) {
    Conductor& out = draft.conductor(id, name, from, to, pole, purpose);
    out.insulation = draft.library.region.smallInsulation;
    return out;
}

void addLoadDevice(Draft& draft, const Hang& hang, const Appliance& a) {
    const DeviceId id = deviceOf(a.id);
    Device& d = draft.fixture(id.value, DeviceKind::Load, "load");
    d.name = a.count > 1 ? Text("{n} × {name}"_text, {{"n", count(a.count)}, {"name", a.name}})
                         : Text::given(a.name);
    d.place = draft.placeOf(id, a.place.value.empty() ? std::string(kUsualPlace) : a.place.value);
    d.appliance = a.id;
    d.elements.emplace_back(Draw{.at = {0, 1},
                                 .by = DrawnBy::Switch,
                                 .behaviour = a.behaviour,
                                 .used = wattsUsed(a) * static_cast<double>(a.count),
                                 .largest = largestWatts(a),
                                 .nominal = hang.nominal,
                                 .lowest = hang.lowest});
    d.fedBy = hang.converter;
    // Heavier cable needs a heavier terminal: an appliance comes with one for its own current.
    Connection own = draft.fixtureRow("load").connection;
    if (largestWatts(a) / hang.lowest > d.rating) {
        own = {"M6", squareMillimetres(35)};
    }
    Draft::port(d, "+", own, Pole::Positive);
    Draft::port(d, "-", own, Pole::Negative);
}

// --- switches on the way to a load

// In the order of the kinds.
constexpr std::array kSwitchRows{"lamp_switch", "two_way_switch", "dimmer"};

std::string addSwitch(
    Draft& draft, const Hang& hang, const Appliance& a, const char* prefix, const PlaceId& place) {
    const LoadSwitch& by = *a.switched;
    const char* row = kSwitchRows.at(static_cast<std::size_t>(by.kind));
    const Fixture& bought = draft.fixtureRow(row);
    const std::string id = std::string(prefix) + a.id.value;
    Device& d = draft.fixture(id, DeviceKind::LoadSwitch, row);
    d.name = {by.kind == SwitchKind::Dimmer ? "dimmer of {load}"_text : "switch of {load}"_text,
              {{"load", Text::given(a.name)}}};
    // The second of two two-way switches is at another place.
    if (!by.plate.empty() && place == by.place) {
        d.name = {"{switch}, on plate {plate}"_text,
                  {{"switch", d.name}, {"plate", Text::given(by.plate)}}};
    }
    d.place = draft.placeOf(d.id, place.value);
    d.fedBy = hang.converter;
    Draft::port(d, "a", bought.connection, Pole::Positive);
    Draft::port(d, "b", bought.connection, Pole::Positive);
    d.elements.emplace_back(Contact{{{0, 1}}, bought.resistance});
    return id;
}

void addTravellers(Draft& draft,
                   const Appliance& a,
                   const std::string& one,
                   const std::string& other) {
    const Connection own = draft.fixtureRow("two_way_switch").connection;
    for (const std::string& id : {one, other}) {
        Draft::port(draft.deviceAt(id), "c", own, Pole::Positive);
    }
    addLead(draft,
            one + ".travel+",
            {"{load}, between its switches"_text, {{"load", a.name}}},
            terminal(one, "b"),
            terminal(other, "a"),
            Pole::Positive,
            Purpose::Link);
    addLead(draft,
            one + ".travel2+",
            {"{load}, between its switches, second"_text, {{"load", a.name}}},
            terminal(one, "c"),
            terminal(other, "c"),
            Pole::Positive,
            Purpose::Link);
}

// What the positive of a load comes to: the load, or the first switch on its way, with all behind.
TerminalId entryOf(Draft& draft, const Hang& hang, const Appliance& a) {
    const TerminalId load{deviceOf(a.id), "+"};
    if (!a.switched) {
        return load;
    }
    const std::string first = addSwitch(draft, hang, a, "switch.", a.switched->place);
    std::string last = first;
    if (a.switched->kind == SwitchKind::TwoWay) {
        last = addSwitch(draft, hang, a, "switch2.", a.switched->second);
        addTravellers(draft, a, first, last);
    }
    addLead(draft,
            first + ".out+",
            {"{load}, behind its switch"_text, {{"load", a.name}}},
            terminal(last, "b"),
            load,
            Pole::Positive,
            Purpose::Link);
    return terminal(first, "a");
}

// --- the far end of a circuit: the load itself, or a strip with a tail to each load

struct FarEnd {
    TerminalId pos, neg;
};

void addTail(Draft& draft, const Hang& hang, const Appliance& a, const FarEnd& strip) {
    const DeviceId load = deviceOf(a.id);
    const TerminalId entry = entryOf(draft, hang, a);
    addLead(draft,
            load.value + ".tail+",
            {"{load}, tail"_text, {{"load", a.name}}},
            strip.pos,
            entry,
            Pole::Positive,
            Purpose::Link);
    addLead(draft,
            load.value + ".tail-",
            {"{load}, tail, negative"_text, {{"load", a.name}}},
            TerminalId{load, "-"},
            strip.neg,
            Pole::Negative,
            Purpose::Link);
    draft.pair(load.value + ".tail+", load.value + ".tail-");
}

FarEnd addStrip(Draft& draft, const Hang& hang, const LoadCircuit& c) {
    const PlaceId place = draft.deviceAt(deviceOf(c.appliances.front()->id).value).place;
    const std::string id = c.id + ".strip";
    Device& strip = draft.hardware(
        id, DeviceKind::Strip, HardwareKind::Strip, listed({"terminal strip"_text, c.title}));
    strip.place = draft.placeOf(strip.id, place.value);
    strip.fedBy = hang.converter;
    Draft::port(strip, "+", Pole::Positive);
    Draft::port(strip, "-", Pole::Negative);
    return {terminal(id, "+"), terminal(id, "-")};
}

// --- the way there and back

ConductorId coilLead(const LoadCircuit& c) { return ConductorId(c.id + ".relay.coil+"); }

// What closes the relay: the supply that is live with the engine, back by the circuit's negative.
void addCoil(Draft& draft, const LoadCircuit& c, const std::string& relay, const Fixed& back) {
    addSignal(draft,
              coilLead(c),
              {"{loads}, to its relay's coil"_text, {{"loads", c.title}}},
              liveSupplyPost(),
              terminal(relay, "coil+"),
              Pole::None,
              "W24");
    addSignal(draft,
              ConductorId(relay + ".coil-"),
              {"{loads}, back from its relay's coil"_text, {{"loads", c.title}}},
              terminal(relay, "coil-"),
              back,
              Pole::None);
    draft.pair(coilLead(c).value, relay + ".coil-");
}

// A contact that the running engine closes, between the fuse and the loads.
TerminalId addEngineRelay(Draft& draft,
                          const Hang& hang,
                          const LoadCircuit& c,
                          const TerminalId& to,
                          const NearEnd& near) {
    const Fixture& row = draft.fixtureRow("engine_relay");
    const std::string id = c.id + ".relay";
    Device& d = draft.fixture(id, DeviceKind::LoadSwitch, "engine_relay");
    d.fedBy = hang.converter;
    Draft::port(d, "a", row.connection, Pole::Positive);
    Draft::port(d, "b", row.connection, Pole::Positive);
    // No way back for what flows through its contact.
    Draft::port(d, "coil+", row.connection, Pole::None);
    Draft::port(d, "coil-", row.connection, Pole::None);
    d.elements.emplace_back(Contact{{{0, 1}}, row.resistance, Live::EngineRunning});
    addCoil(draft, c, id, c.back == Back::Body ? Fixed(chassisPost()) : near.neg);
    addLead(draft,
            c.id + ".link+",
            {"{loads}, behind its relay"_text, {{"loads", c.title}}},
            terminal(id, "b"),
            to,
            Pole::Positive,
            Purpose::Link);
    return terminal(id, "a");
}

// To the body beside the load, which brings it back to the chassis point.
void addBodyReturn(Draft& draft, const LoadCircuit& c, const TerminalId& from) {
    const Fixture& row = draft.fixtureRow("body_point");
    const std::string id = c.id + ".body";
    const PlaceId place = draft.deviceAt(from.device.value).place;
    Device& d = draft.fixture(id, DeviceKind::BodyPoint, "body_point");
    d.place = draft.placeOf(d.id, place.value);
    Draft::port(d, "a", row.connection, Pole::Negative);
    Draft::port(d, "b", row.connection, Pole::Negative);
    d.elements.emplace_back(Resistance{{0, 1}, row.resistance});
    addLead(draft,
            c.id + ".feed-",
            {"{loads}, to the body"_text, {{"loads", c.title}}},
            from,
            terminal(id, "a"),
            Pole::Negative,
            Purpose::Feed);
    draft
        .conductor(c.id + ".body-",
                   "through the body"_text,
                   terminal(id, "b"),
                   chassisPost(),
                   Pole::Negative,
                   Purpose::Feed)
        .laid = LaidBy::VehicleMaker;
}

// From the rail's own source: what feeds a block is on the way, too.
void addDropPaths(Draft& draft, const Hang& hang, const LoadCircuit& c) {
    for (const Appliance* a : c.appliances) {
        const DeviceId load = deviceOf(a->id);
        const bool critical = a->category == Category::Electronics;
        draft.drop(
            {.id = "drop." + load.value,
             .name = {hang.converter ? "converter to {load}"_text : "bus bars to {load}"_text,
                      {{"load", a->name}}},
             .rule = critical ? "drop_critical" : "drop_other",
             .moment = c.live == LiveWhen::Driving ? kDrivingLoads : "sizing.full",
             .base = hang.base},
            {hang.pos, hang.neg},
            {TerminalId{load, "+"}, TerminalId{load, "-"}});
    }
}

Text whenever(bool breakers) {
    return breakers ? "Switch the breaker of {name} on; then switch its loads on."_text
                    : "Insert the fuse of {name}; then switch its loads on."_text;
}
// Its contact closes with the engine: without it there is nothing to read.
Text whileDriving(bool breakers) {
    return breakers
               ? "Switch the breaker of {name} on, insert the small fuse of its relay's coil and start the engine; then switch its loads on: they stop with the engine."_text
               : "Insert the fuse of {name} and the small one of its relay's coil, and start the engine; then switch its loads on: they stop with the engine."_text;
}

LiveStep loadsOn(const Hang& hang, const LoadCircuit& c, const ConductorId& feed) {
    LiveStep s;
    s.id = "on." + feed.value;
    s.stage = Stage::Circuits;
    const bool breakers = hang.centre == HardwareKind::BreakerPanel && c.tap == Tap::Block;
    s.text = c.live == LiveWhen::Driving ? whileDriving(breakers) : whenever(breakers);
    s.subjects = {subject(feed)};
    s.fuses = {feed};
    if (c.live == LiveWhen::Driving) {
        s.fuses.push_back(coilLead(c));
    }
    Look look;
    look.driving = c.live == LiveWhen::Driving;
    for (const Appliance* a : c.appliances) {
        const DeviceId load = deviceOf(a->id);
        look.loads.insert(load);
        look.readings.push_back({Reads::Across, TerminalId{load, "+"}, {}});
    }
    look.readings.push_back(
        {Reads::Monitor, {}, "current out of the bank, loads of this circuit on"_text});
    s.looks = {look};
    return s;
}

}  // namespace

DeviceId deviceOf(const ApplianceId& id) { return DeviceId("load." + id.value); }

void addCircuit(Draft& draft, const Hang& hang, const LoadCircuit& c, const NearEnd& near) {
    draft.unit = UnitId(c.id);
    for (const Appliance* a : c.appliances) {
        addLoadDevice(draft, hang, *a);
    }
    const bool strip = c.appliances.size() > 1;
    const DeviceId first = deviceOf(c.appliances.front()->id);
    FarEnd far = strip ? addStrip(draft, hang, c) : FarEnd{{first, "+"}, {first, "-"}};
    TerminalId begin = strip ? far.pos : entryOf(draft, hang, *c.appliances.front());
    if (c.live == LiveWhen::Driving) {
        begin = addEngineRelay(draft, hang, c, begin, near);
    }
    const ConductorId feed = addLead(draft,
                                     c.id + ".feed+",
                                     {"circuit '{loads}'"_text, {{"loads", c.title}}},
                                     near.pos,
                                     begin,
                                     Pole::Positive,
                                     Purpose::Feed)
                                 .id;
    Protection fuse = holderFuse(draft);
    if (!near.fuses.empty()) {
        fuse.family = near.fuses;
        fuse.holds = Holds::Block;
        fuse.distance = metres(0.0);
    }
    draft.protect(feed, fuse);
    if (c.back == Back::Body) {
        addBodyReturn(draft, c, far.neg);
    } else {
        addLead(draft,
                c.id + ".feed-",
                {"circuit '{loads}', negative"_text, {{"loads", c.title}}},
                far.neg,
                near.neg,
                Pole::Negative,
                Purpose::Feed);
        draft.pair(feed.value, c.id + ".feed-");
    }
    if (strip) {
        for (const Appliance* a : c.appliances) {
            addTail(draft, hang, *a, far);
        }
    }
    addDropPaths(draft, hang, c);
    draft.piece.steps.push_back(loadsOn(hang, c, feed));
}

}  // namespace spirk
