// SPDX-License-Identifier: GPL-3.0-or-later
// A charger at the bus bars that shore power feeds, and nothing else. Its mains side is not planned
// here: a standing finding says so.

#include "core/wiring/on_bars.h"
#include "core/wiring/ready_lead.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

LiveStep pluggedIn(const DeviceId& id, const ConductorId& feed) {
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Shore;
    s.text =
        "Fuse of the shore charger in. Plug shore power in only once a licensed electrician has "
        "inspected and tested the mains side."_text;
    s.caution = "Shore power is mains and can kill."_text;
    s.subjects = {subject(id)};
    s.fuses = {feed};
    Look look;
    look.onShore = true;
    look.readings = {{Reads::Given, TerminalId{id, ""}, "current from the shore charger"_text}};
    s.looks = {look};
    return s;
}

}  // namespace

Piece shoreOnBars(Draft draft, const ShoreUnit& shore) {
    const ShoreChargerModel& model = *shore.charger;
    const BankUnit& bank = draft.gear.bankOf(shore.into);
    const std::string& id = shore.id.value;
    draft.unit = shore.id;
    Device& d = draft.ware(id, DeviceKind::ShoreCharger, model);
    d.rating = model.output;
    Draft::port(d, "+", model.connection, Pole::Positive);
    Draft::port(d, "-", model.connection, Pole::Negative);
    d.elements.emplace_back(Limited{
        {0, 1}, Live::OnShore, bank.chemistry.absorption, bank.chemistry.absorption, model.output});
    joinBars(draft,
             {.unit = shore.id,
              .rail = shore.into,
              .name = "shore charger"_text,
              .pos = "+",
              .neg = "-",
              .path = "shore charger to bus bars"_text,
              .rule = "drop_charge",
              .moment = "sizing.shore"});
    addRemote(draft, shore);
    addBatterySensor(draft, shore, bank);
    draft.piece.steps = {pluggedIn(DeviceId(id), ConductorId(id + ".feed+"))};
    draft.piece.settings = chargeSettings(DeviceId(id), bank.chemistry);
    return std::move(draft.piece);
}

}  // namespace spirk
