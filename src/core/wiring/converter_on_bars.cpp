// SPDX-License-Identifier: GPL-3.0-or-later
// A converter at the bus bars makes a rail of its own for loads that bear no more than 12 V.

#include <algorithm>

#include "core/wiring/in_line.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

// Judgement: a converter's output falls by some 5 mV for each ampere.
constexpr double kConverterMohm = 5.0;

bool isNeeded(const Draft& draft, const RailUnit& rail) {
    const bool feedsBlock =
        std::ranges::find(draft.gear.rails, rail.id, &RailUnit::from) != draft.gear.rails.end();
    return feedsBlock || std::ranges::any_of(draft.plan.appliances, [&](const Appliance& a) {
               return a.feed == Feed::Dc && a.count > 0 && railOf(a, draft.gear).id == rail.id;
           });
}

// One load more, and a fuse for those of today opens.
std::optional<Volts> wiredAt(const Draft& draft, const RailUnit& rail) {
    return rail.option("wired_for") == "loads"
               ? std::nullopt
               : std::optional(draft.gear.bankOf(rail.id).chemistry.inverterCutOff);
}

}  // namespace

Piece converterOnBars(Draft draft, const RailUnit& rail) {
    if (!isNeeded(draft, rail)) {
        return {};
    }
    const ConverterModel& model = *rail.converter;
    const std::string& id = rail.id.value;
    draft.unit = rail.id;
    Device& d = draft.ware(id, DeviceKind::Converter, model);
    d.rating = model.maxOutput;
    Draft::port(d, "in+", model.connection, Pole::Positive);
    Draft::port(d, "out+", model.connection, Pole::Positive);
    Draft::port(d, "neg", model.connection, Pole::Negative);
    d.elements.emplace_back(Transfer{.in = {0, 2},
                                     .out = {1, 2},
                                     .live = Live::Always,
                                     .set = model.output,
                                     .most = model.maxOutput,
                                     .inFullSun = {},
                                     .bestInput = {},
                                     .low = {},
                                     .efficiency = model.efficiency,
                                     .inside = milliohms(kConverterMohm),
                                     .wholeAt = wiredAt(draft, rail)});
    const UnitId& main = rail.from;
    const ConductorId feed(id + ".feed+");
    draft.conductor(feed.value,
                    "positive bar to converter"_text,
                    railPost(main, Pole::Positive),
                    terminal(id, "in+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, holderFuse(draft));
    draft.conductor(id + ".feed-",
                    "converter to negative bar"_text,
                    terminal(id, "neg"),
                    railPost(main, Pole::Negative),
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair(id + ".feed+", id + ".feed-");
    draft.drop({.id = "drop." + id,
                .name = "bus bars to converter"_text,
                .rule = "drop_critical",
                .moment = "sizing.full",
                .base = draft.gear.bankOf(rail.id).system},
               {railPost(main, Pole::Positive), railPost(main, Pole::Negative)},
               {terminal(id, "in+"), terminal(id, "neg")});
    if (rail.option("isolator") != "none") {
        (void)addServiceIsolator(draft, feed, "isolator");
    }
    draft.piece.offers = {{railPost(rail.id, Pole::Positive), terminal(id, "out+"), Holds::Itself}};
    return std::move(draft.piece);
}

}  // namespace spirk
