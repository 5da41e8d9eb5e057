// SPDX-License-Identifier: GPL-3.0-or-later
// 1 to 4 batteries, or strings of them in series, in parallel with equal leads to collecting bars
// and a fuse at each string's positive. One string alone has no collecting bars: its fuse is the
// main fuse.

#include "core/gear/battery.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

struct BankEnds {
    TerminalId pos, neg;
};

// 'bank.2', and in a string of several 'bank.2.1' at its positive end, 'bank.2.2' ...
std::string batteryId(const Draft& draft, int string, int place) {
    const std::string id = "bank." + std::to_string(string);
    return draft.gear.bank().series == 1 ? id : id + "." + std::to_string(place);
}

void addBattery(Draft& draft, int string, int place) {
    const std::string id = batteryId(draft, string, place);
    const BatteryModel& model = *draft.gear.bank().model;
    Device& d = draft.ware(id, DeviceKind::Battery, model);
    d.rating = model.maxDischarge;
    d.headsString = place == 1;
    d.inSeries = draft.gear.bank().series;
    Draft::port(d, "+", model.connection, Pole::Positive);
    Draft::port(d, "-", model.connection, Pole::Negative);
    d.ports.front().batteryEnd = true;
    const BankUnit& bank = draft.gear.bank();
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

BankEnds endsOf(const Draft& draft, int string) {
    return {terminal(batteryId(draft, string, 1), "+"),
            terminal(batteryId(draft, string, draft.gear.bank().series), "-")};
}

// The string's current flows through its links; its fuse stands at the positive end.
void addString(Draft& draft, int string) {
    const std::string id = "bank." + std::to_string(string);
    for (int place = 1; place <= draft.gear.bank().series; ++place) {
        addBattery(draft, string, place);
    }
    for (int place = 1; place < draft.gear.bank().series; ++place) {
        draft.conductor(id + ".link." + std::to_string(place),
                        {"battery {n}, link in series"_text, {{"n", count(string)}}},
                        terminal(batteryId(draft, string, place), "-"),
                        terminal(batteryId(draft, string, place + 1), "+"),
                        Pole::Negative,
                        Purpose::Link);
    }
}

BankEnds addCollectingBars(Draft& draft) {
    Device& pos = draft.hardware("bank.pos",
                                 DeviceKind::CollectingBar,
                                 HardwareKind::BusBar,
                                 "collecting bar of the bank, positive"_text);
    Draft::port(pos, kBar, Pole::Positive);
    pos.ports.front().batteryEnd = true;
    Device& neg = draft.hardware("bank.neg",
                                 DeviceKind::CollectingBar,
                                 HardwareKind::BusBar,
                                 "collecting bar of the bank, negative"_text);
    Draft::port(neg, kBar, Pole::Negative);
    return {terminal("bank.pos", kBar), terminal("bank.neg", kBar)};
}

void addLeads(Draft& draft, const BankEnds& ends) {
    for (int k = 1; k <= draft.gear.bank().count; ++k) {
        const std::string id = "bank." + std::to_string(k);
        const BankEnds string = endsOf(draft, k);
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

LiveStep batteries(const Draft& draft, const UnitId& rail) {
    LiveStep s;
    s.id = "on.batteries";
    s.stage = Stage::Bank;
    s.text = draft.gear.bank().count > 1
                 ? "Volts of each battery by itself, before the leads are joined: they "
                   "should agree within 0.05 V. Then the battery fuses in, main switch "
                   "still off."_text
                 : "Volts of the battery. Then its fuse in, main switch still off."_text;
    s.caution = "From here on the bank is live: covers on, tools away from its posts."_text;
    Look look;
    for (int k = 1; k <= draft.gear.bank().count; ++k) {
        if (draft.gear.bank().count > 1) {
            s.fuses.emplace_back("bank." + std::to_string(k) + ".lead+");
        }
        const DeviceId head(batteryId(draft, k, 1));
        s.subjects.push_back(subject(head));
        look.readings.push_back({Reads::Across, TerminalId{head, "+"}, {}});
    }
    look.readings.push_back({Reads::Across, railPost(rail, Pole::Positive), {}});
    s.looks = {look};
    return s;
}

}  // namespace

Piece equalLeads(Draft draft, const BankUnit& bank) {
    // One string is protected by the main fuse of the rail that it feeds.
    const UnitId& rail = draft.gear.mainRail().id;
    const bool several = bank.count > 1;
    draft.unit = bank.id;
    for (int k = 1; k <= bank.count; ++k) {
        addString(draft, k);
    }
    const BankEnds ends = several ? addCollectingBars(draft) : endsOf(draft, 1);
    if (several) {
        addLeads(draft, ends);
    }
    draft.piece.offers = {{bankPost(bank.id, Pole::Positive), ends.pos, Holds::Itself},
                          {bankPost(bank.id, Pole::Negative), ends.neg, Holds::Itself}};
    draft.piece.steps = {batteries(draft, rail)};
    return std::move(draft.piece);
}

}  // namespace spirk
