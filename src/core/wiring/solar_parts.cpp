// SPDX-License-Identifier: GPL-3.0-or-later

#include "core/wiring/solar_parts.h"

#include "core/gear/solar.h"

namespace spirk {

namespace {

PanelCurve curveOf(const SunUnit& s) {
    const auto inSeries = static_cast<double>(s.series);
    return {{0, 1},
            s.panel->voc * inSeries,
            s.panel->vmp * inSeries,
            s.panel->imp * static_cast<double>(s.parallel),
            s.panel->isc * static_cast<double>(s.parallel)};
}

Transfer controlOf(const BankUnit& bank, const SunUnit& s) {
    const Volts set = bank.chemistry.absorption;
    Transfer out{.in = {0, 1},
                 .out = {2, 3},
                 .live = Live::InSun,
                 .set = set,
                 .most = s.controller->maxOutput,
                 .inFullSun = {},
                 .bestInput = s.panel->imp * static_cast<double>(s.parallel),
                 .low = {},
                 .efficiency = s.controller->efficiency,
                 .inside = {}};
    if (s.controller->tracking == Tracking::Pwm) {
        const Watts sun = takenPower(*s.controller, *s.panel, s.series, arrayPower(s), set);
        out.inFullSun = sun * s.controller->efficiency;
    }
    return out;
}

void addDevices(Draft& draft, const SunUnit& solar) {
    const Connection plug{"clamp", squareMillimetres(10)};
    Device& array =
        draft.device("array",
                     DeviceKind::Array,
                     {"{n} × {panel}"_text,
                      {{"n", count(solar.series * solar.parallel)}, {"panel", solar.panel->name}}});
    array.part = solar.panel->name;
    array.weightKg = solar.panel->weightKg;
    array.price = solar.panel->price;
    array.units = solar.series * solar.parallel;
    array.place = draft.placeOf(array.id, "roof");
    Draft::port(array, "+", plug, Pole::Positive);
    Draft::port(array, "-", plug, Pole::Negative);
    array.elements.emplace_back(curveOf(solar));
    Device& isolator = draft.hardware("array.isolator",
                                      DeviceKind::PvIsolator,
                                      HardwareKind::PvIsolator,
                                      "isolator of the panels, two pole"_text);
    for (const char* side : {"a", "b"}) {
        const std::string s(side);
        Draft::port(isolator, s + "+", Pole::Positive);
        Draft::port(isolator, s + "-", Pole::Negative);
    }
    isolator.elements.emplace_back(Contact{{{0, 2}, {1, 3}}, {}});
    const Connection own = solar.controller->connection;
    Device& mppt = draft.ware("mppt", DeviceKind::SolarController, *solar.controller);
    mppt.rating = solar.controller->maxOutput;
    Draft::port(mppt, "pv+", own, Pole::Positive);
    Draft::port(mppt, "pv-", own, Pole::Negative);
    Draft::port(mppt, "bat+", own, Pole::Positive);
    Draft::port(mppt, "bat-", own, Pole::Negative);
    mppt.elements.emplace_back(controlOf(draft.gear.bank(), solar));
    Device& out = draft.hardware("mppt.isolator",
                                 DeviceKind::Isolator,
                                 HardwareKind::Switch,
                                 "isolator of the controller"_text);
    Draft::port(out, "a", Pole::Positive);
    Draft::port(out, "b", Pole::Positive);
    out.elements.emplace_back(Contact{{{0, 1}}, {}});
}

// Panels limit themselves: a conductor of theirs carries their short-circuit current for good.
void onPanelsSide(const Draft& draft, const SunUnit& solar, Conductor& c) {
    const double sun = rule(draft.library, "array_factor").value;
    c.side = Side::Panels;
    c.insulation = draft.library.region.solarInsulation;
    c.rated = solar.panel->isc * (sun * solar.parallel);
    c.shortCircuit = solar.panel->isc * static_cast<double>(solar.parallel);
}

void addArrayLeads(Draft& draft, const SunUnit& solar) {
    for (const Pole pole : {Pole::Positive, Pole::Negative}) {
        const bool positive = pole == Pole::Positive;
        const std::string p = positive ? "+" : "-";
        Conductor& lead = draft.conductor(
            "array.lead" + p,
            positive ? "panels to isolator, positive"_text : "panels to isolator, negative"_text,
            terminal("array", p),
            terminal("array.isolator", "a" + p),
            pole,
            Purpose::Lead);
        onPanelsSide(draft, solar, lead);
        Conductor& feed = draft.conductor("array.feed" + p,
                                          positive ? "isolator to controller, positive"_text
                                                   : "isolator to controller, negative"_text,
                                          terminal("array.isolator", "b" + p),
                                          terminal("mppt", "pv" + p),
                                          pole,
                                          Purpose::Feed);
        onPanelsSide(draft, solar, feed);
    }
    draft.pair("array.lead+", "array.lead-");
    draft.pair("array.feed+", "array.feed-");
    draft.drop({.id = "drop.array",
                .name = "panels to controller"_text,
                .rule = "drop_critical",
                .moment = "sizing.noon",
                .base = solar.panel->vmp * static_cast<double>(solar.series)},
               {terminal("array", "+"), terminal("array", "-")},
               {terminal("mppt", "pv+"), terminal("mppt", "pv-")});
}

void addBatteryLeads(Draft& draft, const SunJoint& joint) {
    const ConductorId feed("mppt.feed+");
    Conductor& pos = draft.conductor(feed.value,
                                     joint.feed,
                                     joint.pos,
                                     terminal("mppt.isolator", "a"),
                                     Pole::Positive,
                                     Purpose::Feed);
    draft.protect(pos.id, guarding(holderFuse(draft), "S7"));
    draft.conductor("mppt.link+",
                    "isolator to controller"_text,
                    terminal("mppt.isolator", "b"),
                    terminal("mppt", "bat+"),
                    Pole::Positive,
                    Purpose::Link);
    draft.conductor("mppt.feed-",
                    "controller to negative bar"_text,
                    terminal("mppt", "bat-"),
                    joint.neg,
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair("mppt.feed+", "mppt.feed-");
    draft.drop({.id = "drop.mppt",
                .name = "controller to bus bars"_text,
                .rule = "drop_charge",
                .moment = "sizing.noon",
                .base = draft.base()},
               {joint.pos, joint.neg},
               {terminal("mppt", "bat+"), terminal("mppt", "bat-")});
}

LiveStep covered() {
    LiveStep s;
    s.id = "dead.panels";
    s.stage = Stage::MadeSafe;
    s.text = "Panels covered, the array's isolator open."_text;
    s.caution = "Panels are live in daylight: the isolator does not make their side dead."_text;
    s.subjects = {subject(DeviceId("array.isolator"))};
    return s;
}

LiveStep uncovered(const SunJoint& joint) {
    const DeviceId id("mppt");
    LiveStep s;
    s.id = "on.mppt";
    s.stage = Stage::Sun;
    s.text =
        "Controller's fuse in and its isolator closed: battery first. Check its "
        "settings. Then uncover the panels and close the array's isolator."_text;
    s.caution =
        then("Panels are live in daylight. Opening their plugs under load draws an arc."_text,
             joint.caution);
    s.subjects = {subject(id)};
    s.fuses = {ConductorId("mppt.feed+")};
    Look battery;
    battery.readings = {{Reads::Across, TerminalId{id, "bat+"}, {}}};
    Look panels;
    panels.name = ".sun";
    panels.sun = 1.0;
    panels.readings = {{Reads::UpTo,
                        TerminalId{id, ""},
                        "amps from the controller in full sun; in proportion on a dull day"_text}};
    s.looks = {battery, panels};
    return s;
}

}  // namespace

Piece solarParts(Draft draft, const SunUnit& sun, const SunJoint& joint) {
    draft.unit = sun.id;
    addDevices(draft, sun);
    addArrayLeads(draft, sun);
    addBatteryLeads(draft, joint);
    draft.piece.steps = {covered(), uncovered(joint)};
    draft.piece.settings = chargeSettings(DeviceId("mppt"), draft.gear.bank().chemistry);
    return std::move(draft.piece);
}

}  // namespace spirk
