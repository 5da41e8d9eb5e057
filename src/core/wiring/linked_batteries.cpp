// SPDX-License-Identifier: GPL-3.0-or-later
// Batteries in parallel, linked from one to the next. Both leads of the bank may hang on the first
// battery, which then works hardest, or on the two ends, which shares two evenly and more fairly.

#include "core/wiring/bank_parts.h"

namespace spirk {

namespace {

enum class Leads { AtOneBattery, Diagonal };
enum class Links { Fused, Bare };

// Each battery can feed a fault in a link: a fuse belongs at either end.
void protectLink(Draft& draft, const ConductorId& link, Links links) {
    for (const End end : {End::From, End::To}) {
        Protection fuse = holderFuse(draft);
        fuse.leftOut = links == Links::Bare;
        draft.protect(link, std::move(fuse), end);
    }
}

ConductorId positiveLink(const BankUnit& bank, int from) {
    return ConductorId(stringId(bank, from) + ".link+");
}

// From a battery to the one before it, nearer to where the bank is tapped.
void addLinks(Draft& draft, const BankUnit& bank, Links links) {
    for (int k = 2; k <= bank.count; ++k) {
        const BankEnds from = endsOf(bank, k);
        const BankEnds to = endsOf(bank, k - 1);
        const ConductorId positive = positiveLink(bank, k);
        const std::string negative = stringId(bank, k) + ".link-";
        const auto named = [&](Phrase text) -> Text {
            return {text, {{"n", count(k)}, {"next", count(k - 1)}}};
        };
        draft.conductor(positive.value,
                        named("battery {n} to battery {next}, positive"_text),
                        from.pos,
                        to.pos,
                        Pole::Positive,
                        Purpose::Link);
        draft.conductor(negative,
                        named("battery {n} to battery {next}, negative"_text),
                        from.neg,
                        to.neg,
                        Pole::Negative,
                        Purpose::Link);
        draft.pair(positive.value, negative);
        protectLink(draft, positive, links);
    }
}

Piece linked(Draft draft, const BankUnit& bank, Leads leads) {
    const bool fused = bank.option("fuses") != "none";
    draft.unit = bank.id;
    addStrings(draft, bank);
    addLinks(draft, bank, fused ? Links::Fused : Links::Bare);
    const BankEnds first = endsOf(bank, 1);
    const BankEnds last = endsOf(bank, bank.count);
    const TerminalId negative = leads == Leads::Diagonal ? last.neg : first.neg;
    draft.piece.offers = {{bankPost(bank.id, Pole::Positive), first.pos, Holds::Itself},
                          {bankPost(bank.id, Pole::Negative), negative, Holds::Itself},
                          {farBankPost(bank.id, Pole::Positive), last.pos, Holds::Itself},
                          {farBankPost(bank.id, Pole::Negative),
                           leads == Leads::Diagonal ? first.neg : last.neg,
                           Holds::Itself}};
    std::vector<ConductorId> fuses;
    for (int k = 2; fused && k <= bank.count; ++k) {
        fuses.push_back(positiveLink(bank, k));
    }
    draft.piece.steps = asleep(bank);
    draft.piece.steps.push_back(firstVolts(draft.gear, bank, std::move(fuses)));
    return std::move(draft.piece);
}

}  // namespace

Piece atOneBattery(Draft draft, const BankUnit& bank) {
    return linked(std::move(draft), bank, Leads::AtOneBattery);
}

Piece diagonal(Draft draft, const BankUnit& bank) {
    return linked(std::move(draft), bank, Leads::Diagonal);
}

}  // namespace spirk
