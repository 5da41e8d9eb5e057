// SPDX-License-Identifier: GPL-3.0-or-later
// A DC-DC charger from the starter battery, or a supply point, to the bars. With a common negative
// its input current returns through the negative bar, the bond and the chassis; an isolated one has
// a lead of its own for it.

#include <algorithm>
#include <iterator>

#include "core/wiring/engine_parts.h"

namespace spirk {

namespace {

EngineNames namesOf(const DcdcModel& model) {
    return {"DC-DC charger"_text, model.isolated ? "in-" : "neg"};
}

void addCharger(Draft& draft, const EngineUnit& engine) {
    const DcdcModel& model = *engine.charger;
    Device& d = draft.ware(engine.id.value, DeviceKind::DcdcCharger, model);
    d.rating = model.output;
    Draft::port(d, "in+", model.connection, Pole::Positive);
    d.ports.back().largestFuse = model.maxInputFuse;
    Draft::port(d, "out+", model.connection, Pole::Positive);
    Draft::port(d, "neg", model.connection, Pole::Negative);
    Draft::port(d, "enable", {"clamp", squareMillimetres(2.5)}, Pole::None);
    Transfer transfer = engineTransfer(engine, draft.gear.bankOf(engine.into));
    if (model.isolated) {
        transfer.in.neg = d.ports.size();
        Draft::port(d, "in-", model.connection, Pole::Negative);
    }
    d.elements.emplace_back(std::move(transfer));
}

// As long as the feed that it belongs to: nobody parts out and back.
void addOwnReturn(Draft& draft, const EngineUnit& engine) {
    const std::string id = partOf(engine.id, "engine") + ".feed-";
    draft.unit = starterPost(Pole::Positive).unit;
    draft.conductor(id,
                    "DC-DC charger's input to starter battery, negative"_text,
                    terminal(engine.id.value, "in-"),
                    starterPost(Pole::Negative),
                    Pole::Negative,
                    Purpose::Feed);
    draft.unit = engine.id;
    draft.pair(engineFeed(engine.id).value, id);
}

LiveStep started(const EngineUnit& engine) {
    const DeviceId id(engine.id.value);
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Engine;
    s.text = {
        "Both fuses of the DC-DC charger in. {signal} Start the engine; it waits {delay} or as "
        "its data sheet says."_text,
        {{"signal", signalText(engine)},
         {"delay", Measure{engine.charger->delay.si(), Unit::Second}}}};
    s.text = withSeparation(engine, std::move(s.text));
    s.caution = beltsAndFans();
    s.subjects = {subject(id)};
    s.closed = separationOf(engine);
    s.fuses = withEnable(engine, {engineFeed(engine.id), bankFeed(engine.id)});
    Look look;
    look.driving = true;
    look.readings = {
        {Reads::Given, TerminalId{id, ""}, "current from the DC-DC charger"_text},
        {Reads::Taken, TerminalId{id, ""}, "current into it from the starter battery"_text}};
    s.looks = {look};
    return s;
}

}  // namespace

Piece dcdcFromStarter(Draft draft, const EngineUnit& engine) {
    const EngineNames names = namesOf(*engine.charger);
    draft.unit = engine.id;
    addCharger(draft, engine);
    addEngineInput(draft, engine, names);
    if (engine.charger->isolated) {
        addOwnReturn(draft, engine);
    }
    addBankSide(draft, engine, names);
    addEnable(draft, engine, names);
    draft.piece.steps = {started(engine)};
    draft.piece.settings =
        chargeSettings(DeviceId(engine.id.value), draft.gear.bankOf(engine.into).chemistry);
    std::ranges::move(
        inputSettings(DeviceId(engine.id.value), engine.charger->start, engine.charger->stop),
        std::back_inserter(draft.piece.settings));
    return std::move(draft.piece);
}

}  // namespace spirk
