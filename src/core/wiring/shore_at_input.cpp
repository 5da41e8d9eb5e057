// SPDX-License-Identifier: GPL-3.0-or-later
// A charger or converter on shore power that gives to the input of an engine charger, which charges
// the bank by its own stages: one curve for both, and a cheap converter in front. The engine's feed
// joins there too; a fuse at that input keeps either from feeding a fault in the other's lead.

#include "core/wiring/draft.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

// Judgement: what a plain converter holds; an engine charger starts above it as on the road.
constexpr double kConverterVolts = 13.8;

LiveStep pluggedIn(const DeviceId& id, const UnitId& through, const ConductorId& feed) {
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Shore;
    s.text =
        "Fuse of the shore charger in. Plug shore power in only once a licensed electrician has "
        "inspected and tested the mains side. The engine charger behind it starts as if the engine "
        "ran."_text;
    s.caution = "Shore power is mains and can kill."_text;
    s.subjects = {subject(id)};
    s.fuses = {feed};
    Look look;
    look.onShore = true;
    look.readings = {{Reads::Given,
                      TerminalId{DeviceId(through.value), ""},
                      "current from the charger behind it"_text}};
    s.looks = {look};
    return s;
}

}  // namespace

Piece shoreAtInput(Draft draft, const ShoreUnit& shore) {
    const ShoreChargerModel& model = *shore.charger;
    const std::string& id = shore.id.value;
    const std::string& to = shore.through.value;
    const Volts holds = volts(kConverterVolts);
    draft.unit = shore.id;
    Device& d = draft.ware(id, DeviceKind::ShoreCharger, model);
    d.rating = model.output;
    Draft::port(d, "+", model.connection, Pole::Positive);
    Draft::port(d, "-", model.connection, Pole::Negative);
    d.elements.emplace_back(Limited{{0, 1}, Live::OnShore, holds, holds, model.output});
    const auto engine = std::ranges::find(draft.gear.engines, shore.through, &EngineUnit::id);
    const char* negative = engine->charger->isolated ? "in-" : "neg";
    const ConductorId feed(id + ".feed+");
    draft.conductor(feed.value,
                    "charger's input to shore charger"_text,
                    terminal(to, "in+"),
                    terminal(id, "+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, holderFuse(draft));
    draft.conductor(id + ".feed-",
                    "shore charger to charger's negative"_text,
                    terminal(id, "-"),
                    terminal(to, negative),
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair(feed.value, id + ".feed-");
    draft.drop({.id = "drop." + id,
                .name = "shore charger to the charger behind it"_text,
                .rule = "drop_charge",
                .moment = "sizing.shore",
                .base = volts(12.0)},
               {terminal(id, "+"), terminal(id, "-")},
               {terminal(to, "in+"), terminal(to, negative)});
    draft.piece.steps = {pluggedIn(DeviceId(id), shore.through, feed)};
    draft.piece.settings = {{DeviceId(id), Sets::Charging, "output"_text, measure(holds)}};
    return std::move(draft.piece);
}

}  // namespace spirk
