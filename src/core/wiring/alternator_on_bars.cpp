// SPDX-License-Identifier: GPL-3.0-or-later
// A second alternator with a regulator of its own, at the bus bars: it charges the bank alone, out
// and back by cables of its own.

#include "core/wiring/engine_parts.h"
#include "core/wiring/on_bars.h"

namespace spirk {

namespace {

LiveStep started(const DeviceId& id, const ConductorId& feed) {
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Engine;
    s.text =
        "Fuse of the second alternator in, engine stopped; its regulator set for the bank. Start "
        "the engine."_text;
    s.caution = then(
        beltsAndFans(),
        "While it runs it must never lose the bank: main switch and fuse stay closed, or the surge destroys its diodes and whatever is on the bus bars."_text);
    s.subjects = {subject(id)};
    s.fuses = {feed};
    Look look;
    look.driving = true;
    look.readings = {{Reads::Given, TerminalId{id, ""}, "current from the second alternator"_text}};
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
    joinBars(draft,
             {.unit = second.id,
              .rail = second.into,
              .name = "second alternator"_text,
              .pos = "+",
              .neg = "-",
              .path = "second alternator to bus bars"_text,
              .rule = "drop_relay",
              .moment = "sizing.driving",
              .missing = "E5"});
    draft.piece.steps = {started(DeviceId(id), bankFeed(second.id))};
    draft.piece.settings = chargeSettings(DeviceId(id), bank.chemistry);
    return std::move(draft.piece);
}

}  // namespace spirk
