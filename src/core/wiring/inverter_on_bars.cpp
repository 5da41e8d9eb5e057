// SPDX-License-Identifier: GPL-3.0-or-later
// The inverter on the bars with its own fuse. Its mains side is not planned here: a standing
// finding says so.

#include "core/wiring/draft.h"

namespace spirk {

void addInverterOnBars(Draft& draft) {
    const InverterModel* model = draft.gear.inverter;
    if (model == nullptr) {
        return;
    }
    draft.unit = UnitId("inverter");
    Device& d = draft.ware("inverter", DeviceKind::Inverter, *model);
    draft.port(d, "dc+", model->connection, terminal("inverter", "dc-"));
    draft.port(d, "dc-", model->connection);
    d.elements.emplace_back(Draw{.at = {0, 1},
                                 .by = DrawnBy::Moment,
                                 .behaviour = Behaviour::Power,
                                 .used = {},
                                 .largest = {},
                                 .nominal = draft.gear.bank.nominal,
                                 .lowest = draft.gear.bank.chemistry.inverterCutOff});
    const ConductorId feed("inverter.feed+");
    draft.conductor(feed.value,
                    "positive bar to inverter",
                    terminal(kBusPos, kBar),
                    terminal("inverter", "dc+"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, barFuse(draft));
    draft
        .conductor("inverter.feed-",
                   "inverter to negative bar",
                   terminal("inverter", "dc-"),
                   terminal(kBusNeg, kBar),
                   Pole::Negative,
                   Purpose::Feed)
        .protectedBy = feed;
    draft.pair("inverter.feed+", "inverter.feed-");
    draft.circuit.paths.push_back({"drop.inverter",
                                   "inverter to bus bars",
                                   "drop_inverter",
                                   "sizing.full",
                                   draft.base(),
                                   {feed, ConductorId("inverter.feed-")}});
}

}  // namespace spirk
