// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/on_bars.h"

namespace spirk {

void joinBars(Draft& draft, const OnBars& unit) {
    const std::string& id = unit.unit.value;
    const Post pos = railPost(unit.rail, Pole::Positive);
    const Post neg = railPost(unit.rail, Pole::Negative);
    const ConductorId feed(id + ".feed+");
    draft.conductor(feed.value,
                    {"positive bar to {unit}"_text, {{"unit", unit.name}}},
                    pos,
                    terminal(id, unit.pos),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, guarding(holderFuse(draft), unit.missing));
    draft.conductor(id + ".feed-",
                    {"{unit} to negative bar"_text, {{"unit", unit.name}}},
                    terminal(id, unit.neg),
                    neg,
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair(feed.value, id + ".feed-");
    draft.drop({.id = "drop." + id,
                .name = unit.path,
                .rule = unit.rule,
                .moment = unit.moment,
                .base = draft.gear.bankOf(unit.rail).system},
               {pos, neg},
               {terminal(id, unit.pos), terminal(id, unit.neg)});
}

}  // namespace spirk
