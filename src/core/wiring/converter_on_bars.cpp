// SPDX-License-Identifier: GPL-3.0-or-later
// A converter at the bus bars makes a rail of its own for loads that bear no more than 12 V.

#include <algorithm>

#include "core/wiring/ways.h"

namespace spirk {

namespace {

// Judgement: a converter's output falls by some 5 mV for each ampere.
constexpr double kConverterMohm = 5.0;

bool isNeeded(const Draft& draft) {
    return std::ranges::any_of(draft.plan.appliances, [&](const Appliance& a) {
        return a.feed == Feed::Dc && a.count > 0 && onConverter(a, draft.gear);
    });
}

}  // namespace

Piece converterOnBars(Draft draft, const RailUnit& rail) {
    if (!isNeeded(draft)) {
        return {};
    }
    const ConverterModel& model = *rail.converter;
    const std::string& id = rail.id.value;
    draft.unit = rail.id;
    Device& d = draft.ware(id, DeviceKind::Converter, model);
    d.rating = model.maxOutput;
    draft.port(d, "in+", model.connection, terminal(id, "neg"));
    draft.port(d, "out+", model.connection, terminal(id, "neg"));
    draft.port(d, "neg", model.connection);
    d.elements.emplace_back(Transfer{.in = {0, 2},
                                     .out = {1, 2},
                                     .live = Live::Always,
                                     .set = model.output,
                                     .most = model.maxOutput,
                                     .inFullSun = {},
                                     .efficiency = model.efficiency,
                                     .inside = milliohms(kConverterMohm)});
    const UnitId& main = draft.gear.mainRail().id;
    const ConductorId feed(id + ".feed+");
    draft.conductor(feed.value,
                    "positive bar to converter"_text,
                    railPost(main, Pole::Positive),
                    terminal(id, "in+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, holderFuse(draft));
    draft
        .conductor(id + ".feed-",
                   "converter to negative bar"_text,
                   terminal(id, "neg"),
                   railPost(main, Pole::Negative),
                   Pole::Negative,
                   Purpose::Feed)
        .protectedBy = feed;
    draft.pair(id + ".feed+", id + ".feed-");
    draft.circuit().paths.push_back({"drop.converter",
                                     "bus bars to converter"_text,
                                     "drop_critical",
                                     "sizing.full",
                                     draft.base(),
                                     {feed, ConductorId(id + ".feed-")}});
    draft.piece.offers = {{railPost(rail.id, Pole::Positive), terminal(id, "out+"), Holds::Itself}};
    return std::move(draft.piece);
}

}  // namespace spirk
