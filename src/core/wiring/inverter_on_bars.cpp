// SPDX-License-Identifier: GPL-3.0-or-later
// The inverter on the bars with its own fuse. Its mains side is not planned here: a standing
// finding says so.

#include <algorithm>
#include <iterator>

#include "core/gear/inverter.h"
#include "core/plan/units.h"
#include "core/quantities/format.h"
#include "core/wiring/in_line.h"
#include "core/wiring/on_bars.h"
#include "core/wiring/ready_lead.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

LiveStep idling(const DeviceId& id,
                const ConductorId& feed,
                const InverterModel& model,
                std::vector<DeviceId> closed) {
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Inverters;
    s.text =
        "Inverter switched off and its output unplugged, its fuse in. Charge its capacitors "
        "through "
        "a resistor across the open main switch, or as its maker says; then close the main switch, "
        "and switch the inverter on with nothing plugged in."_text;
    s.caution =
        "The capacitors draw a large spark at a bare connection. Its output is mains voltage and can kill: leave it unplugged until a licensed electrician has inspected and tested the mains side."_text;
    if (!closed.empty()) {
        s.text = then(std::move(s.text),
                      "Its isolator stays open until the capacitors are charged."_text);
    }
    s.subjects = {subject(id)};
    s.fuses = {feed};
    s.closed = std::move(closed);
    Look look;
    look.drawn[id] = inverterInput(model, watts(0.0));
    look.readings = {{Reads::Across, TerminalId{id, "dc+"}, {}},
                     {Reads::Monitor, {}, "current out of the bank, inverter idling"_text}};
    s.looks = {look};
    return s;
}

// It is plugged in last, and only by who may.
LiveStep charging(const DeviceId& id) {
    LiveStep s;
    s.id = "on." + id.value + ".shore";
    s.stage = Stage::Shore;
    s.text =
        "Check its charge settings and its limit of shore current. Plug shore power in only once a "
        "licensed electrician has inspected and tested the mains side."_text;
    s.caution = "Shore power is mains and can kill."_text;
    s.subjects = {subject(id)};
    Look look;
    look.onShore = true;
    look.readings = {{Reads::Given, TerminalId{id, ""}, "current from the inverter/charger"_text}};
    s.looks = {look};
    return s;
}

LiveStep leftOff(const DeviceId& id) {
    LiveStep s;
    s.id = id.value == kInverterUnit ? "on.end" : "on.end." + id.value;
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
    const BankUnit& bank = draft.gear.bankOf(inverter.from);
    const std::string& id = inverter.id.value;
    draft.unit = inverter.id;
    Device& d = draft.ware(id, DeviceKind::Inverter, *model);
    Draft::port(d, "dc+", model->connection, Pole::Positive);
    if (model->makerFuse.si() > 0.0) {
        d.ports.back().largestFuse = model->makerFuse;
    }
    d.ports.back().leastArea = model->makerArea;
    Draft::port(d, "dc-", model->connection, Pole::Negative);
    d.elements.emplace_back(Draw{.at = {0, 1},
                                 .by = DrawnBy::Moment,
                                 .behaviour = Behaviour::Power,
                                 .used = {},
                                 .largest = {},
                                 .nominal = bank.nominal,
                                 .lowest = bank.chemistry.inverterCutOff});
    const bool charges = model->charge.si() > 0.0;
    if (charges) {
        const Volts set = bank.chemistry.absorption;
        d.elements.emplace_back(Limited{{0, 1}, Live::OnShore, set, set, model->charge});
    }
    const ConductorId feed(id + ".feed+");
    joinBars(draft,
             {.unit = inverter.id,
              .rail = inverter.from,
              .name = "inverter"_text,
              .pos = "dc+",
              .neg = "dc-",
              .path = "inverter to bus bars"_text,
              .rule = "drop_inverter",
              .moment = "sizing.full"});
    std::vector<DeviceId> closed;
    if (inverter.option("isolator") != "none") {
        closed = {addServiceIsolator(draft, feed, "isolator")};
    }
    addRemote(draft, inverter);
    draft.piece.steps = {idling(DeviceId(id), feed, *model, std::move(closed)),
                         leftOff(DeviceId(id))};
    draft.piece.settings = {{DeviceId(id),
                             Sets::Output,
                             "low-voltage cut-off"_text,
                             measure(bank.chemistry.inverterCutOff)}};
    if (charges) {
        draft.piece.steps.push_back(charging(DeviceId(id)));
        std::ranges::move(chargeSettings(DeviceId(id), bank.chemistry),
                          std::back_inserter(draft.piece.settings));
    }
    return std::move(draft.piece);
}

}  // namespace spirk
