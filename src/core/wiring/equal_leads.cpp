// SPDX-License-Identifier: GPL-3.0-or-later
// 1 to 4 batteries, or strings of them in series, in parallel with equal leads to collecting bars
// and a fuse at each string's positive. One string alone has no collecting bars: its fuse is the
// main fuse.

#include <algorithm>

#include "core/base/promise.h"
#include "core/gear/battery.h"
#include "core/plan/units.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

struct BankEnds {
    TerminalId pos, neg;
};

// 'bank.2', and in a string of several 'bank.2.1' at its positive end, 'bank.2.2' ...
std::string stringId(const BankUnit& bank, int string) {
    return bank.id.value + "." + std::to_string(string);
}
std::string batteryId(const BankUnit& bank, int string, int place) {
    const std::string id = stringId(bank, string);
    return bank.series == 1 ? id : id + "." + std::to_string(place);
}

void addBattery(Draft& draft, const BankUnit& bank, int string, int place) {
    const std::string id = batteryId(bank, string, place);
    const BatteryModel& model = *bank.model;
    Device& d = draft.ware(id, DeviceKind::Battery, model);
    d.rating = model.maxDischarge;
    d.headsString = place == 1;
    d.inSeries = bank.series;
    Draft::port(d, "+", model.connection, Pole::Positive);
    Draft::port(d, "-", model.connection, Pole::Negative);
    d.ports.front().batteryEnd = true;
    const auto inside = [&](ResistanceCase which) {
        return batteryResistance(model, bank.battery, which);
    };
    d.elements.emplace_back(
        Emf{{0, 1},
            bank.battery.restVolts,
            inside(ResistanceCase::High),
            inside(ResistanceCase::Mid),
            inside(ResistanceCase::Low),
            {},
            fromTable(draft.library,
                      "chemistries",
                      {"{chemistry}, at rest"_text, {{"chemistry", bank.chemistry.name}}})});
}

BankEnds endsOf(const BankUnit& bank, int string) {
    return {terminal(batteryId(bank, string, 1), "+"),
            terminal(batteryId(bank, string, bank.series), "-")};
}

// The string's current flows through its links; its fuse stands at the positive end.
void addString(Draft& draft, const BankUnit& bank, int string) {
    const std::string id = stringId(bank, string);
    for (int place = 1; place <= bank.series; ++place) {
        addBattery(draft, bank, string, place);
    }
    for (int place = 1; place < bank.series; ++place) {
        draft.conductor(id + ".link." + std::to_string(place),
                        {"battery {n}, link in series"_text, {{"n", count(string)}}},
                        terminal(batteryId(bank, string, place), "-"),
                        terminal(batteryId(bank, string, place + 1), "+"),
                        Pole::Negative,
                        Purpose::Link);
    }
}

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
        draft.protect(pos.id, holderFuse(draft));
        draft.conductor(id + ".lead-",
                        {"battery {n}, negative lead"_text, {{"n", count(k)}}},
                        string.neg,
                        ends.neg,
                        Pole::Negative,
                        Purpose::Lead);
        draft.pair(id + ".lead+", id + ".lead-");
    }
}

LiveStep batteries(const BankUnit& bank, const UnitId& rail) {
    LiveStep s;
    s.id = bank.id.value == kBankUnit ? "on.batteries" : "on.batteries." + bank.id.value;
    s.stage = Stage::Bank;
    s.text = bank.count > 1 ? "Volts of each battery by itself, before the leads are joined: they "
                              "should agree within 0.05 V. Then the battery fuses in, main switch "
                              "still off."_text
                            : "Volts of the battery. Then its fuse in, main switch still off."_text;
    s.caution = "From here on the bank is live: covers on, tools away from its posts."_text;
    Look look;
    for (int k = 1; k <= bank.count; ++k) {
        if (bank.count > 1) {
            s.fuses.emplace_back(stringId(bank, k) + ".lead+");
        }
        const DeviceId head(batteryId(bank, k, 1));
        s.subjects.push_back(subject(head));
        look.readings.push_back({Reads::Across, TerminalId{head, "+"}, {}});
    }
    look.readings.push_back({Reads::Across, railPost(rail, Pole::Positive), {}});
    s.looks = {look};
    return s;
}

// The rail that it feeds: its fuse is that of a bank of one string.
const RailUnit& railFed(const System& system, const BankUnit& bank) {
    const auto found = std::ranges::find_if(system.rails, [&](const RailUnit& rail) {
        return rail.converter == nullptr && rail.bank == bank.id;
    });
    promise(found != system.rails.end(), "a bank feeds a rail");
    return *found;
}

}  // namespace

Piece equalLeads(Draft draft, const BankUnit& bank) {
    const bool several = bank.count > 1;
    draft.unit = bank.id;
    for (int k = 1; k <= bank.count; ++k) {
        addString(draft, bank, k);
    }
    const BankEnds ends = several ? addCollectingBars(draft, bank) : endsOf(bank, 1);
    if (several) {
        addLeads(draft, bank, ends);
    }
    draft.piece.offers = {{bankPost(bank.id, Pole::Positive), ends.pos, Holds::Itself},
                          {bankPost(bank.id, Pole::Negative), ends.neg, Holds::Itself}};
    draft.piece.steps = {batteries(bank, railFed(draft.gear, bank).id)};
    return std::move(draft.piece);
}

}  // namespace spirk
