// SPDX-License-Identifier: GPL-3.0-or-later
// One unit that charges from the starter battery, or a supply point, and from panels: with both
// there each gives a share.

#include <algorithm>
#include <iterator>

#include "core/wiring/array_parts.h"
#include "core/wiring/engine_parts.h"

namespace spirk {

namespace {

EngineNames names() { return {"charger for engine and sun"_text}; }

Transfer fromPanels(const Draft& draft, const CombinedUnit& unit, const BankUnit& bank) {
    const CombinedModel& model = *unit.model;
    return {.in = {4, 5},
            .out = {1, 2},
            .live = Live::InSun,
            .set = bank.chemistry.absorption,
            .most = model.output,
            .withOthers = model.eachOfBoth,
            .inFullSun = {},
            .bestInput = bestInput(draft, unit.sun),
            .low = {},
            .efficiency = model.efficiency,
            .inside = {}};
}

void addUnit(Draft& draft, const CombinedUnit& unit) {
    const CombinedModel& model = *unit.model;
    const BankUnit& bank = draft.gear.bankOf(unit.into);
    Device& d = draft.ware(unit.id.value, DeviceKind::CombinedCharger, model);
    d.rating = model.output;
    Draft::port(d, "in+", model.connection, Pole::Positive);
    d.ports.back().largestFuse = model.maxInputFuse;
    Draft::port(d, "out+", model.connection, Pole::Positive);
    Draft::port(d, "neg", model.connection, Pole::Negative);
    Draft::port(d, "enable", {"clamp", squareMillimetres(2.5)}, Pole::None);
    Draft::port(d, "pv+", model.connection, Pole::Positive);
    Draft::port(d, "pv-", model.connection, Pole::Negative);
    d.elements.emplace_back(engineTransfer(unit.engine, bank));
    d.elements.emplace_back(fromPanels(draft, unit, bank));
}

LiveStep inSun(const CombinedUnit& unit) {
    const DeviceId id(unit.id.value);
    LiveStep s;
    s.id = "on." + id.value + ".sun";
    s.stage = Stage::Sun;
    s.text = then(
        "Fuse between the bar and the charger for engine and sun in: battery first. "
        "Check its settings."_text,
        uncoverText(unit.sun));
    s.caution = "Panels are live in daylight. Opening their plugs under load draws an arc."_text;
    s.subjects = {subject(id)};
    s.fuses = {bankFeed(unit.id)};
    Look battery;
    battery.readings = {{Reads::Across, TerminalId{id, "out+"}, {}}};
    Look panels;
    panels.name = ".sun";
    panels.sun = 1.0;
    panels.readings = {{Reads::UpTo,
                        TerminalId{id, ""},
                        "current from the unit in full sun; in proportion on a dull day"_text}};
    s.looks = {battery, panels};
    return s;
}

LiveStep started(const CombinedUnit& unit) {
    const DeviceId id(unit.id.value);
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Engine;
    s.text = {
        "The panels' isolator open or the panels covered. Fuse at the starter battery in. {signal} "
        "Start the engine; it waits {delay} or as its data sheet says."_text,
        {{"signal", signalText(unit.engine)},
         {"delay", Measure{unit.model->delay.si(), Unit::Second}}}};
    s.text = withSeparation(unit, std::move(s.text));
    s.caution = beltsAndFans();
    s.subjects = {subject(id)};
    s.closed = separationOf(unit);
    s.fuses = withEnable(unit.engine, {engineFeed(unit.id)});
    Look look;
    look.driving = true;
    look.readings = {
        {Reads::Given, TerminalId{id, ""}, "current from the charger for engine and sun"_text},
        {Reads::Taken, TerminalId{id, ""}, "current into it from the starter battery"_text}};
    s.looks = {look};
    return s;
}

}  // namespace

Piece combinedFromStarter(Draft draft, const CombinedUnit& unit) {
    draft.unit = unit.id;
    addArray(draft, unit.sun);
    addUnit(draft, unit);
    addArrayLeads(draft, unit.sun);
    addEngineInput(draft, unit.engine, names());
    addBankSide(draft, unit.engine, names());
    addEnable(draft, unit.engine, names());
    draft.piece.steps = {coveredStep(unit.sun), inSun(unit), started(unit)};
    draft.piece.settings =
        chargeSettings(DeviceId(unit.id.value), draft.gear.bankOf(unit.into).chemistry);
    std::ranges::move(inputSettings(DeviceId(unit.id.value), unit.model->start, unit.model->stop),
                      std::back_inserter(draft.piece.settings));
    return std::move(draft.piece);
}

}  // namespace spirk
