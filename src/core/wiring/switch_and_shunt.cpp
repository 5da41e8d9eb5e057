// SPDX-License-Identifier: GPL-3.0-or-later
// Main fuse, main switch, shunt as the first thing on the negative, and the bars.

#include "core/quantities/format.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

constexpr const char* kBusPos = "bus.pos";
constexpr const char* kBusNeg = "bus.neg";
constexpr const char* kFeed = "main.feed+";

void addBars(Draft& draft, const RailUnit& rail) {
    const bool distributor = rail.kind == Distribution::Distributor;
    Device& pos =
        draft.hardware(kBusPos,
                       DeviceKind::BusBar,
                       distributor ? HardwareKind::Distributor : HardwareKind::BusBar,
                       distributor ? "fused bus distributor"_text : "positive bus bar"_text);
    Draft::port(pos, kBar, Pole::Positive);
    Device& neg =
        draft.hardware(kBusNeg, DeviceKind::BusBar, HardwareKind::BusBar, "negative bus bar"_text);
    Draft::port(neg, kBar, Pole::Negative);
    draft.piece.offers = {
        {railPost(rail.id, Pole::Positive),
         terminal(kBusPos, kBar),
         distributor ? Holds::Distributor : Holds::Itself},
        {railPost(rail.id, Pole::Negative), terminal(kBusNeg, kBar), Holds::Itself}};
}

void addMainPath(Draft& draft, const RailUnit& rail) {
    const Post pos = bankPost(rail.bank, Pole::Positive);
    const Post neg = bankPost(rail.bank, Pole::Negative);
    Device& master = draft.hardware(
        "main.switch", DeviceKind::MainSwitch, HardwareKind::Switch, "main switch"_text);
    Draft::port(master, "a", Pole::Positive);
    Draft::port(master, "b", Pole::Positive);
    master.elements.emplace_back(Contact{{{0, 1}}, {}});
    Device& shunt = draft.hardware("shunt", DeviceKind::Shunt, HardwareKind::Shunt, "shunt"_text);
    Draft::port(shunt, "a", Pole::Negative);  // battery side
    Draft::port(shunt, "b", Pole::Negative);  // load side
    shunt.elements.emplace_back(Resistance{{0, 1}, {}});
    const ConductorId feed(kFeed);
    draft.conductor(feed.value,
                    "bank to main switch"_text,
                    pos,
                    terminal("main.switch", "a"),
                    Pole::Positive,
                    Purpose::Feed);
    draft.protect(feed, holderFuse(draft));
    draft.conductor("main.link+",
                    "main switch to positive bar"_text,
                    terminal("main.switch", "b"),
                    terminal(kBusPos, kBar),
                    Pole::Positive,
                    Purpose::Link);
    draft.conductor("main.feed-",
                    "bank to shunt"_text,
                    neg,
                    terminal("shunt", "a"),
                    Pole::Negative,
                    Purpose::Feed);
    draft.conductor("main.link-",
                    "shunt to negative bar"_text,
                    terminal("shunt", "b"),
                    terminal(kBusNeg, kBar),
                    Pole::Negative,
                    Purpose::Link);
    draft.pair("main.feed+", "main.feed-");
    draft.pair("main.link+", "main.link-");
    draft.drop({.id = "drop.main",
                .name = "bank to bus bars"_text,
                .rule = "drop_critical",
                .moment = "sizing.full",
                .base = draft.base()},
               {pos, neg},
               {terminal(kBusPos, kBar), terminal(kBusNeg, kBar)});
}

LiveStep mainSwitch() {
    LiveStep s;
    s.id = "on.main";
    s.stage = Stage::Main;
    s.text =
        "Main fuse in, main switch on. Nothing else is connected: the monitor "
        "shows no current."_text;
    s.subjects = {subject(DeviceId("main.switch"))};
    s.fuses = {ConductorId(kFeed)};
    s.closed = {DeviceId("main.switch")};
    Look look;
    look.readings = {{Reads::Across, terminal(kBusPos, kBar), {}},
                     {Reads::Monitor, {}, "amps at the monitor"_text}};
    s.looks = {look};
    return s;
}

std::vector<WantedSetting> monitorSettings(const BankUnit& bank) {
    // Judgement: counted as full a little below absorption.
    constexpr double kBelowAbsorption = 0.2;
    const DeviceId shunt("shunt");
    // Common practice: full when the current has fallen to about 4 % of the capacity in A per Ah.
    return {{shunt, Sets::Monitor, "capacity"_text, measure(bankCapacity(bank))},
            {shunt,
             Sets::Monitor,
             "charged voltage"_text,
             measure(bank.chemistry.absorption - volts(kBelowAbsorption))},
            {shunt, Sets::Monitor, "tail current"_text, percent(0.04)},
            {shunt, Sets::Monitor, "zero"_text, Text("set with everything off"_text)}};
}

}  // namespace

Piece switchAndShunt(Draft draft, const RailUnit& rail) {
    draft.unit = rail.id;
    addBars(draft, rail);
    addMainPath(draft, rail);
    draft.piece.steps = {mainSwitch()};
    draft.piece.settings = monitorSettings(draft.gear.bank());
    return std::move(draft.piece);
}

}  // namespace spirk
