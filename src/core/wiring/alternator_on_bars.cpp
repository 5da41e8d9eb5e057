// SPDX-License-Identifier: GPL-3.0-or-later
// A second alternator with a regulator of its own, at the bus bars: it charges the bank alone, out
// and back by cables of its own.

#include "core/wiring/engine_parts.h"

namespace spirk {

namespace {

LiveStep started(const DeviceId& id, const ConductorId& feed) {
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Engine;
    s.text =
        "Fuse of the second alternator in, engine stopped; its regulator set for the bank. Start "
        "the engine."_text;
    s.caution = then(beltsAndFans(),
                     "While it runs it must never lose the bank: main switch and fuse stay closed, "
                     "or the surge destroys its diodes and what hangs on the bars."_text);
    s.subjects = {subject(id)};
    s.fuses = {feed};
    Look look;
    look.driving = true;
    look.readings = {{Reads::Given, TerminalId{id, ""}, "amps from the second alternator"_text}};
    s.looks = {look};
    return s;
}

}  // namespace

Piece alternatorOnBars(Draft draft, const AlternatorUnit& second) {
    const AlternatorModel& model = *second.model;
    const BankUnit& bank = draft.gear.bankOf(second.into);
    const std::string& id = second.id.value;
    draft.unit = second.id;
    Device& d = draft.ware(id, DeviceKind::SecondAlternator, model);
    d.rating = model.output;
    d.place = draft.placeOf(d.id, "engine");
    Draft::port(d, "+", model.connection, Pole::Positive);
    Draft::port(d, "-", model.connection, Pole::Negative);
    const Volts set = bank.chemistry.absorption;
    d.elements.emplace_back(Limited{{0, 1}, Live::EngineRunning, set, set, model.output});
    const Post pos = railPost(second.into, Pole::Positive);
    const Post neg = railPost(second.into, Pole::Negative);
    const ConductorId feed = bankFeed(second.id);
    draft.conductor(feed.value,
                    "positive bar to second alternator"_text,
                    pos,
                    terminal(id, "+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, guarding(holderFuse(draft), "E5"));
    draft.conductor(id + ".feed-",
                    "second alternator to negative bar"_text,
                    terminal(id, "-"),
                    neg,
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair(feed.value, id + ".feed-");
    draft.drop({.id = "drop." + id,
                .name = "second alternator to bus bars"_text,
                .rule = "drop_relay",
                .moment = "sizing.driving",
                .base = bank.system},
               {pos, neg},
               {terminal(id, "+"), terminal(id, "-")});
    draft.piece.steps = {started(DeviceId(id), feed)};
    draft.piece.settings = chargeSettings(DeviceId(id), bank.chemistry);
    return std::move(draft.piece);
}

}  // namespace spirk
