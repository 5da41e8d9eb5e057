// SPDX-License-Identifier: GPL-3.0-or-later
// The inverter on the bars with its own fuse. Its mains side is not planned here: a standing
// finding says so.

#include "core/gear/inverter.h"
#include "core/quantities/format.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

LiveStep idling(const ConductorId& feed, const InverterModel& model) {
    const DeviceId id("inverter");
    LiveStep s;
    s.id = "on.inverter";
    s.stage = Stage::Inverters;
    s.text =
        "Inverter switched off and its output unplugged. Charge its capacitors through "
        "a resistor, or as its maker says; fuse in; then switch it on with nothing "
        "plugged in."_text;
    s.caution =
        "The capacitors draw a large spark at a bare connection. Its output is mains and can "
        "kill: "
        "leave it unplugged until a licensed electrician has inspected and tested the mains "
        "side."_text;
    s.subjects = {subject(id)};
    s.fuses = {feed};
    Look look;
    look.drawn[id] = inverterInput(model, watts(0.0));
    look.readings = {{Reads::Across, TerminalId{id, "dc+"}, {}},
                     {Reads::Monitor, {}, "amps at the monitor, inverter idling"_text}};
    s.looks = {look};
    return s;
}

LiveStep leftOff() {
    LiveStep s;
    s.id = "on.end";
    s.stage = Stage::End;
    s.text =
        "Inverter off, its output still unplugged. The mains side is not planned here: "
        "leave it "
        "to a licensed electrician."_text;
    return s;
}

}  // namespace

Piece inverterOnBars(Draft draft, const InverterUnit& inverter) {
    const InverterModel* model = inverter.model;
    draft.unit = inverter.id;
    Device& d = draft.ware("inverter", DeviceKind::Inverter, *model);
    Draft::port(d, "dc+", model->connection, Pole::Positive);
    Draft::port(d, "dc-", model->connection, Pole::Negative);
    d.elements.emplace_back(Draw{.at = {0, 1},
                                 .by = DrawnBy::Moment,
                                 .behaviour = Behaviour::Power,
                                 .used = {},
                                 .largest = {},
                                 .nominal = draft.gear.bank().nominal,
                                 .lowest = draft.gear.bank().chemistry.inverterCutOff});
    const ConductorId feed("inverter.feed+");
    draft.conductor(feed.value,
                    "positive bar to inverter"_text,
                    railPost(inverter.from, Pole::Positive),
                    terminal("inverter", "dc+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, holderFuse(draft));
    draft.conductor("inverter.feed-",
                    "inverter to negative bar"_text,
                    terminal("inverter", "dc-"),
                    railPost(inverter.from, Pole::Negative),
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair("inverter.feed+", "inverter.feed-");
    draft.drop({.id = "drop.inverter",
                .name = "inverter to bus bars"_text,
                .rule = "drop_inverter",
                .moment = "sizing.full",
                .base = draft.base()},
               {railPost(inverter.from, Pole::Positive), railPost(inverter.from, Pole::Negative)},
               {terminal("inverter", "dc+"), terminal("inverter", "dc-")});
    draft.piece.steps = {idling(feed, *model), leftOff()};
    draft.piece.settings = {{d.id,
                             Sets::Output,
                             "low-voltage cut-off"_text,
                             measure(draft.gear.bank().chemistry.inverterCutOff)}};
    return std::move(draft.piece);
}

}  // namespace spirk
