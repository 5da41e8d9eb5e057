// SPDX-License-Identifier: GPL-3.0-or-later
// A trickle charger from the bars to the starter battery, a fuse at each battery end: it gives
// while the house is being charged.

#include "core/wiring/engine_parts.h"
#include "core/wiring/on_bars.h"

namespace spirk {

namespace {

// Judgement: float of a lead-acid starter battery.
constexpr double kFloatVolts = 13.6;

LiveStep joined(const TrickleUnit& trickle) {
    const DeviceId id(trickle.id.value);
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::End;
    s.text = {
        "Both fuses of the trickle charger in. It gives nothing while the bank is below {none}: check again once the bank is above {full}; the starter battery's voltage then rises."_text,
        {{"full", measure(trickle.charger->full)}, {"none", measure(trickle.charger->none)}}};
    s.caution = "The starter battery's terminals are live: cover its positive."_text;
    s.subjects = {subject(id)};
    s.fuses = {bankFeed(trickle.id), engineFeed(trickle.id)};
    return s;
}

}  // namespace

Piece trickleToStarter(Draft draft, const TrickleUnit& trickle) {
    const TrickleModel& model = *trickle.charger;
    const std::string& id = trickle.id.value;
    draft.unit = trickle.id;
    Device& d = draft.ware(id, DeviceKind::TrickleCharger, model);
    d.rating = model.output;
    Draft::port(d, "starter+", model.connection, Pole::Positive);
    Draft::port(d, "house+", model.connection, Pole::Positive);
    Draft::port(d, "neg", model.connection, Pole::Negative);
    d.elements.emplace_back(Transfer{.in = {1, 2},
                                     .out = {0, 2},
                                     .live = Live::Always,
                                     .set = volts(kFloatVolts),
                                     .most = model.output,
                                     .inFullSun = {},
                                     .bestInput = {},
                                     .low = Undervoltage{model.full, model.none},
                                     .efficiency = model.efficiency,
                                     .inside = {}});
    const ConductorId in = bankFeed(trickle.id);
    joinBars(draft,
             {.unit = trickle.id,
              .rail = trickle.from,
              .name = "trickle charger"_text,
              .pos = "house+",
              .neg = "neg",
              .path = "bus bars to trickle charger"_text,
              .rule = "drop_charge",
              .moment = "sizing.full"});
    const ConductorId out = engineFeed(trickle.id);
    draft.unit = starterPost(Pole::Positive).unit;
    draft.conductor(out.value,
                    "starter battery to trickle charger"_text,
                    starterPost(Pole::Positive),
                    terminal(id, "starter+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.unit = trickle.id;
    draft.protect(out, guarding(holderFuse(draft), "E5"));
    for (const std::string& lead : {in.value, id + ".feed-", out.value}) {
        draft.conductorAt(ConductorId(lead)).insulation = draft.library.region.smallInsulation;
    }
    draft.piece.steps = {joined(trickle)};
    return std::move(draft.piece);
}

}  // namespace spirk
