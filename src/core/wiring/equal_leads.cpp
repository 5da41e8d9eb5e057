// SPDX-License-Identifier: GPL-3.0-or-later
// 1 to 4 batteries, or strings of them in series, in parallel with equal leads to collecting bars
// and a fuse at each string's positive. One string alone has no collecting bars: its fuse is the
// main fuse.

#include "core/wiring/bank_parts.h"
#include "core/wiring/in_line.h"

namespace spirk {

namespace {

BankEnds addCollectingBars(Draft& draft, const BankUnit& bank) {
    const std::string positive = bank.id.value + ".pos";
    const std::string negative = bank.id.value + ".neg";
    Device& pos = draft.hardware(positive,
                                 DeviceKind::CollectingBar,
                                 HardwareKind::BusBar,
                                 "collecting bar of the bank, positive"_text);
    Draft::port(pos, kBar, Pole::Positive);
    pos.ports.front().batteryEnd = true;
    Device& neg = draft.hardware(negative,
                                 DeviceKind::CollectingBar,
                                 HardwareKind::BusBar,
                                 "collecting bar of the bank, negative"_text);
    Draft::port(neg, kBar, Pole::Negative);
    return {terminal(positive, kBar), terminal(negative, kBar)};
}

void addLeads(Draft& draft, const BankUnit& bank, const BankEnds& ends) {
    for (int k = 1; k <= bank.count; ++k) {
        const std::string id = stringId(bank, k);
        const BankEnds string = endsOf(bank, k);
        Conductor& pos = draft.conductor(id + ".lead+",
                                         {"battery {n}, positive lead"_text, {{"n", count(k)}}},
                                         string.pos,
                                         ends.pos,
                                         Pole::Positive,
                                         Purpose::Lead);
        Protection fuse = holderFuse(draft);
        fuse.leftOut = bank.option("fuses") == "common";
        draft.protect(pos.id, std::move(fuse));
        draft.conductor(id + ".lead-",
                        {"battery {n}, negative lead"_text, {{"n", count(k)}}},
                        string.neg,
                        ends.neg,
                        Pole::Negative,
                        Purpose::Lead);
        draft.pair(id + ".lead+", id + ".lead-");
        if (bank.option("switches") != "none") {
            (void)addServiceIsolator(draft, ConductorId(id + ".lead+"), "switches");
        }
    }
}

}  // namespace

Piece equalLeads(Draft draft, const BankUnit& bank) {
    const bool several = bank.count > 1;
    draft.unit = bank.id;
    addStrings(draft, bank);
    const BankEnds ends = several ? addCollectingBars(draft, bank) : endsOf(bank, 1);
    if (several) {
        addLeads(draft, bank, ends);
    }
    draft.piece.offers = {{bankPost(bank.id, Pole::Positive), ends.pos, Holds::Itself},
                          {bankPost(bank.id, Pole::Negative), ends.neg, Holds::Itself},
                          {farBankPost(bank.id, Pole::Positive), ends.pos, Holds::Itself},
                          {farBankPost(bank.id, Pole::Negative), ends.neg, Holds::Itself}};
    std::vector<ConductorId> fuses;
    const bool each = bank.option("fuses") != "common";
    for (int k = 1; several && each && k <= bank.count; ++k) {
        fuses.emplace_back(stringId(bank, k) + ".lead+");
    }
    draft.piece.steps = asleep(bank);
    LiveStep first = firstVolts(draft.gear, bank, std::move(fuses));
    if (several && bank.option("switches") != "none") {
        for (int k = 1; k <= bank.count; ++k) {
            first.closed.push_back(
                inLineId(ConductorId(stringId(bank, k) + ".lead+"), kInLineIsolator));
        }
        first.text = then(std::move(first.text), "Then close each battery's switch."_text);
    }
    draft.piece.steps.push_back(std::move(first));
    return std::move(draft.piece);
}

}  // namespace spirk
