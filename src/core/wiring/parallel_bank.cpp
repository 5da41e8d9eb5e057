// SPDX-License-Identifier: GPL-3.0-or-later
// 1 to 4 batteries, or strings of them in series, in parallel with equal leads to collecting bars,
// a fuse at each string's positive, main fuse, main switch, shunt as the first thing on the
// negative, and the bars. One string alone has no collecting bars: its fuse is the main fuse.

#include "core/gear/battery.h"
#include "core/quantities/format.h"
#include "core/wiring/draft.h"

namespace spirk {

namespace {

constexpr const char* kBusPos = "bus.pos";
constexpr const char* kBusNeg = "bus.neg";
constexpr const char* kFeed = "main.feed+";

struct BankEnds {
    TerminalId pos, neg;
};

// 'bank.2', and in a string of several 'bank.2.1' at its positive end, 'bank.2.2' ...
std::string batteryId(const Draft& draft, int string, int place) {
    const std::string id = "bank." + std::to_string(string);
    return draft.gear.bank.series == 1 ? id : id + "." + std::to_string(place);
}

void addBattery(Draft& draft, int string, int place) {
    const std::string id = batteryId(draft, string, place);
    const BatteryModel& model = *draft.gear.bank.model;
    Device& d = draft.ware(id, DeviceKind::Battery, model);
    d.rating = model.maxDischarge;
    d.headsString = place == 1;
    d.inSeries = draft.gear.bank.series;
    draft.port(d, "+", model.connection, terminal(id, "-"));
    draft.port(d, "-", model.connection);
    d.ports.front().batteryEnd = true;
    const ChosenBank& bank = draft.gear.bank;
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
            fromTable(draft.library, "chemistries", bank.chemistry.name + ", at rest")});
}

BankEnds endsOf(const Draft& draft, int string) {
    return {terminal(batteryId(draft, string, 1), "+"),
            terminal(batteryId(draft, string, draft.gear.bank.series), "-")};
}

// The string's current flows through its links; its fuse stands at the positive end.
void addString(Draft& draft, int string, const ConductorId& protectedBy) {
    const std::string id = "bank." + std::to_string(string);
    for (int place = 1; place <= draft.gear.bank.series; ++place) {
        addBattery(draft, string, place);
    }
    for (int place = 1; place < draft.gear.bank.series; ++place) {
        draft
            .conductor(id + ".link." + std::to_string(place),
                       "battery " + std::to_string(string) + ", link in series",
                       terminal(batteryId(draft, string, place), "-"),
                       terminal(batteryId(draft, string, place + 1), "+"),
                       Pole::Negative,
                       Purpose::Link)
            .protectedBy = protectedBy;
    }
    // A short at the string's positive is against the string's negative.
    Device& head = draft.deviceAt(batteryId(draft, string, 1));
    head.ports.front().counter = endsOf(draft, string).neg;
}

BankEnds addCollectingBars(Draft& draft) {
    const Connection connection = draft.connectionOf("collecting_bar");
    Device& pos = draft.hardware("bank.pos", DeviceKind::CollectingBar, "collecting_bar");
    pos.name += ", positive";
    draft.port(pos, kBar, connection, terminal("bank.neg", kBar));
    pos.ports.front().batteryEnd = true;
    Device& neg = draft.hardware("bank.neg", DeviceKind::CollectingBar, "collecting_bar");
    neg.name += ", negative";
    draft.port(neg, kBar, connection);
    return {terminal("bank.pos", kBar), terminal("bank.neg", kBar)};
}

void addLeads(Draft& draft, const BankEnds& ends) {
    for (int k = 1; k <= draft.gear.bank.count; ++k) {
        const std::string id = "bank." + std::to_string(k);
        const BankEnds string = endsOf(draft, k);
        Conductor& pos = draft.conductor(id + ".lead+",
                                         "battery " + std::to_string(k) + ", positive lead",
                                         string.pos,
                                         ends.pos,
                                         Pole::Positive,
                                         Purpose::Lead);
        draft.protect(pos.id, holderFuse(draft));
        draft
            .conductor(id + ".lead-",
                       "battery " + std::to_string(k) + ", negative lead",
                       string.neg,
                       ends.neg,
                       Pole::Negative,
                       Purpose::Lead)
            .protectedBy = ConductorId(id + ".lead+");
        draft.pair(id + ".lead+", id + ".lead-");
    }
}

void addBars(Draft& draft) {
    const Connection connection = draft.connectionOf("bus_bar");
    const bool distributor = draft.plan.gear.distribution == Distribution::Distributor;
    Device& pos =
        draft.hardware(kBusPos, DeviceKind::BusBar, distributor ? "distributor" : "bus_bar");
    pos.name = distributor ? pos.name : "positive bus bar";
    draft.port(pos, kBar, connection, terminal(kBusNeg, kBar));
    Device& neg = draft.hardware(kBusNeg, DeviceKind::BusBar, "bus_bar");
    neg.name = "negative bus bar";
    draft.port(neg, kBar, connection);
    draft.piece.offers = {{mainPost(Pole::Positive),
                           terminal(kBusPos, kBar),
                           distributor ? Holds::Distributor : Holds::Itself},
                          {mainPost(Pole::Negative), terminal(kBusNeg, kBar), Holds::Itself}};
}

void addMainPath(Draft& draft, const BankEnds& ends) {
    Device& master = draft.hardware("main.switch", DeviceKind::MainSwitch, "main_switch");
    draft.port(master, "a", draft.connectionOf("main_switch"), ends.neg);
    draft.port(master, "b", draft.connectionOf("main_switch"), ends.neg);
    draft.contact(master, "main_switch", {{0, 1}});
    Device& shunt = draft.hardware("shunt", DeviceKind::Shunt, "shunt");
    draft.port(shunt, "a", draft.connectionOf("shunt"));  // battery side
    draft.port(shunt, "b", draft.connectionOf("shunt"));  // load side
    shunt.elements.emplace_back(Resistance{{0, 1}, draft.resistanceOf("shunt")});
    const ConductorId feed(kFeed);
    draft.conductor(feed.value,
                    "bank to main switch",
                    ends.pos,
                    terminal("main.switch", "a"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, holderFuse(draft));
    draft
        .conductor("main.link+",
                   "main switch to positive bar",
                   terminal("main.switch", "b"),
                   terminal(kBusPos, kBar),
                   Pole::Positive,
                   Purpose::Link)
        .protectedBy = feed;
    draft
        .conductor("main.feed-",
                   "bank to shunt",
                   ends.neg,
                   terminal("shunt", "a"),
                   Pole::Negative,
                   Purpose::Feed)
        .protectedBy = feed;
    draft
        .conductor("main.link-",
                   "shunt to negative bar",
                   terminal("shunt", "b"),
                   terminal(kBusNeg, kBar),
                   Pole::Negative,
                   Purpose::Link)
        .protectedBy = feed;
    draft.pair("main.feed+", "main.feed-");
    draft.pair("main.link+", "main.link-");
    draft.circuit().paths.push_back(
        {"drop.main",
         "bank to bus bars",
         "drop_critical",
         "sizing.full",
         draft.base(),
         {feed, ConductorId("main.link+"), ConductorId("main.link-"), ConductorId("main.feed-")}});
}

LiveStep batteries(const Draft& draft) {
    LiveStep s;
    s.id = "on.batteries";
    s.stage = Stage::Bank;
    s.text = draft.gear.bank.count > 1
                 ? "Volts of each battery by itself, before the leads are joined: they "
                   "should agree within 0.05 V. Then the battery fuses in, main switch "
                   "still off."
                 : "Volts of the battery. Then its fuse in, main switch still off.";
    s.caution = "From here on the bank is live: covers on, tools away from its posts.";
    Look look;
    for (int k = 1; k <= draft.gear.bank.count; ++k) {
        if (draft.gear.bank.count > 1) {
            s.fuses.emplace_back("bank." + std::to_string(k) + ".lead+");
        }
        const DeviceId head(batteryId(draft, k, 1));
        s.subjects.push_back(subject(head));
        look.readings.push_back({Reads::Across, {head, "+"}, ""});
    }
    look.readings.push_back({Reads::Across, terminal(kBusPos, kBar), ""});
    s.looks = {look};
    return s;
}

LiveStep mainSwitch() {
    LiveStep s;
    s.id = "on.main";
    s.stage = Stage::Main;
    s.text =
        "Main fuse in, main switch on. Nothing else is connected: the monitor "
        "shows no current.";
    s.subjects = {subject(DeviceId("main.switch"))};
    s.fuses = {ConductorId(kFeed)};
    s.closed = {DeviceId("main.switch")};
    Look look;
    look.readings = {{Reads::Across, terminal(kBusPos, kBar), ""},
                     {Reads::Monitor, {}, "amps at the monitor"}};
    s.looks = {look};
    return s;
}

std::vector<WantedSetting> monitorSettings(const ChosenBank& bank) {
    // Judgement: counted as full a little below absorption.
    constexpr double kBelowAbsorption = 0.2;
    const DeviceId shunt("shunt");
    // Common practice: full when the current has fallen to about 4 % of the capacity in A per Ah.
    return {{shunt, Sets::Monitor, "capacity", format(bankCapacity(bank))},
            {shunt,
             Sets::Monitor,
             "charged voltage",
             format(bank.chemistry.absorption - volts(kBelowAbsorption))},
            {shunt, Sets::Monitor, "tail current", "4 %"},
            {shunt, Sets::Monitor, "zero", "set with everything off"}};
}

}  // namespace

Piece parallelBank(Draft draft) {
    const bool several = draft.gear.bank.count > 1;
    draft.unit = UnitId("bank");
    for (int k = 1; k <= draft.gear.bank.count; ++k) {
        const std::string lead = "bank." + std::to_string(k) + ".lead+";
        addString(draft, k, ConductorId(several ? lead : kFeed));
    }
    const BankEnds ends = several ? addCollectingBars(draft) : endsOf(draft, 1);
    if (several) {
        addLeads(draft, ends);
    }
    draft.unit = UnitId("main");
    addBars(draft);
    addMainPath(draft, ends);
    draft.piece.steps = {batteries(draft), mainSwitch()};
    draft.piece.settings = monitorSettings(draft.gear.bank);
    return std::move(draft.piece);
}

}  // namespace spirk
