// SPDX-License-Identifier: GPL-3.0-or-later
// Main fuse, main switch, shunt as the first thing on the negative, and the bars.

#include <algorithm>

#include "core/quantities/format.h"
#include "core/wiring/in_line.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

class SwitchAndShunt {
public:
    SwitchAndShunt(Draft draft, const RailUnit& rail)
        : draft_(std::move(draft)),
          rail_(rail),
          bank_(draft_.gear.bankOf(rail.id)),
          id_(rail.id.value),
          busPos_(partOf(rail.id, "bus.pos")),
          busNeg_(partOf(rail.id, "bus.neg")),
          switch_(id_ + ".switch"),
          shunt_(partOf(rail.id, "shunt")),
          feed_(id_ + ".feed+"),
          parted_(rail.option("switch") != "none"),
          bothPoles_(rail.option("switch") == "each_pole"),
          counted_(rail.option("shunt") != "none") {
        draft_.unit = rail.id;
    }

    [[nodiscard]] Piece take() {
        addBars();
        if (parted_) {
            addSwitch();
        }
        if (counted_) {
            addShunt();
            addShuntLead();
            draft_.piece.settings = monitorSettings();
        }
        addPositive();
        addNegative();
        addDrop();
        addCommonNegative();
        if (bothPoles_) {
            addNegativeSwitch();
        }
        if (counted_ && ownLead()) {
            draft_.piece.steps.push_back(shuntSupplied());
        }
        draft_.piece.steps.push_back(switchedOn());
        return std::move(draft_.piece);
    }

private:
    void addBars() {
        const bool distributor = rail_.kind == Distribution::Distributor;
        Device& pos =
            draft_.hardware(busPos_,
                            DeviceKind::BusBar,
                            distributor ? HardwareKind::Distributor : HardwareKind::BusBar,
                            distributor ? "fused bus distributor"_text : "positive bus bar"_text);
        Draft::port(pos, kBar, Pole::Positive);
        Device& neg = draft_.hardware(
            busNeg_, DeviceKind::BusBar, HardwareKind::BusBar, "negative bus bar"_text);
        Draft::port(neg, kBar, Pole::Negative);
        draft_.piece.offers = {
            {railPost(rail_.id, Pole::Positive),
             terminal(busPos_, kBar),
             distributor ? Holds::Distributor : Holds::Itself},
            {railPost(rail_.id, Pole::Negative), terminal(busNeg_, kBar), Holds::Itself}};
    }

    void addSwitch() {
        Device& master = draft_.hardware(
            switch_, DeviceKind::MainSwitch, HardwareKind::Switch, "main switch"_text);
        Draft::port(master, "a", Pole::Positive);
        Draft::port(master, "b", Pole::Positive);
        master.elements.emplace_back(Contact{{{0, 1}}, {}});
        master.leftOutBy = LeftOutBy{"switch", "none"};
    }

    void addShunt() {
        Device& shunt =
            draft_.hardware(shunt_, DeviceKind::Shunt, HardwareKind::Shunt, "shunt"_text);
        Draft::port(shunt, "a", Pole::Negative);  // battery side
        Draft::port(shunt, "b", Pole::Negative);  // load side
        shunt.elements.emplace_back(Resistance{{0, 1}, {}});
        shunt.leftOutBy = LeftOutBy{"shunt", "none"};
        if (isRead()) {
            Draft::port(shunt, "data", {"blade", squareMillimetres(1)}, Pole::None);
            draft_.piece.offers.push_back(
                {shuntPost(rail_.id), terminal(shunt_, "data"), Holds::Itself});
        }
    }

    [[nodiscard]] bool ownLead() const { return rail_.option("shunt_lead") == "own"; }
    // Thin, before the main switch, with a small fuse in line.
    void addShuntLead() {
        if (!ownLead()) {
            return;
        }
        Draft::port(
            draft_.deviceAt(shunt_), "supply", {"blade", squareMillimetres(2.5)}, Pole::None);
        addSignal(draft_,
                  ConductorId(shunt_ + ".supply"),
                  "supply lead of the shunt"_text,
                  tap(Pole::Positive),
                  terminal(shunt_, "supply"),
                  Pole::None,
                  "G5");
    }

    // Whether a display reads it.
    [[nodiscard]] bool isRead() const {
        return std::ranges::any_of(draft_.gear.monitors, [&](const MonitorUnit& monitor) {
            return monitor.on == rail_.id && monitor.model->shunts > 0;
        });
    }

    // The bank's negative is parted as the positive is, at the bank: before the shunt.
    void addNegativeSwitch() {
        partConductor(draft_,
                      ConductorId(id_ + ".feed-"),
                      {DeviceKind::MainSwitch,
                       HardwareKind::Switch,
                       ".switch",
                       "main switch, negative"_text,
                       "{conductor}, behind its switch"_text});
    }

    // Of two rails of a linked bank one may hang on its far end: charge in at one, loads out of the
    // other.
    [[nodiscard]] Post tap(Pole pole) const {
        return rail_.option("tap") == "far_end" ? farBankPost(bank_.id, pole)
                                                : bankPost(bank_.id, pole);
    }

    void addPositive() {
        draft_.conductor(feed_.value,
                         parted_ ? "bank to main switch"_text : "bank to positive bar"_text,
                         tap(Pole::Positive),
                         parted_ ? terminal(switch_, "a") : terminal(busPos_, kBar),
                         Pole::Positive,
                         Purpose::Feed);
        draft_.protect(feed_, holderFuse(draft_));
        if (!parted_) {
            return;
        }
        draft_.conductor(id_ + ".link+",
                         "main switch to positive bar"_text,
                         terminal(switch_, "b"),
                         terminal(busPos_, kBar),
                         Pole::Positive,
                         Purpose::Link);
    }

    void addNegative() {
        draft_.conductor(id_ + ".feed-",
                         counted_ ? "bank to shunt"_text : "bank to negative bar"_text,
                         tap(Pole::Negative),
                         counted_ ? terminal(shunt_, "a") : terminal(busNeg_, kBar),
                         Pole::Negative,
                         Purpose::Feed);
        draft_.pair(feed_.value, id_ + ".feed-");
        if (!counted_) {
            return;
        }
        draft_.conductor(id_ + ".link-",
                         "shunt to negative bar"_text,
                         terminal(shunt_, "b"),
                         terminal(busNeg_, kBar),
                         Pole::Negative,
                         Purpose::Link);
        if (parted_) {
            draft_.pair(id_ + ".link+", id_ + ".link-");
        }
    }

    void addDrop() {
        draft_.drop({.id = "drop." + id_,
                     .name = "bank to bus bars"_text,
                     .rule = "drop_critical",
                     .moment = "sizing.full",
                     .base = bank_.system},
                    {tap(Pole::Positive), tap(Pole::Negative)},
                    {terminal(busPos_, kBar), terminal(busNeg_, kBar)});
    }

    // Of a second bank: what charges it from the first returns here, and one bond serves both.
    void addCommonNegative() {
        const RailUnit& main = draft_.gear.mainRail();
        if (main.bank == bank_.id) {
            return;
        }
        draft_.conductor(id_ + ".common",
                         "common negative of both banks"_text,
                         terminal(busNeg_, kBar),
                         railPost(main.id, Pole::Negative),
                         Pole::Negative,
                         Purpose::Link);
    }

    // Before anything is to be counted.
    [[nodiscard]] LiveStep shuntSupplied() const {
        const ConductorId lead(shunt_ + ".supply");
        LiveStep s;
        s.id = "on." + lead.value;
        s.stage = Stage::Main;
        s.text =
            "Insert the fuse of the shunt's supply lead: its display or its lamp lights up, with the main switch still off."_text;
        s.subjects = {subject(lead)};
        s.fuses = {lead};
        return s;
    }

    [[nodiscard]] LiveStep switchedOn() const {
        LiveStep s;
        s.id = "on." + id_;
        s.stage = Stage::Main;
        s.text = parted_ ? "Main fuse in, main switch on. Nothing else is connected: no current "
                           "flows."_text
                         : "Main fuse in. Nothing else is connected: no current flows."_text;
        s.subjects = {subject(DeviceId(parted_ ? switch_ : busPos_))};
        s.fuses = {feed_};
        if (parted_) {
            s.closed = {DeviceId(switch_)};
        }
        if (bothPoles_) {
            s.closed.emplace_back(id_ + ".feed-.switch");
        }
        Look look;
        look.readings = {{Reads::Across, terminal(busPos_, kBar), {}},
                         {Reads::Monitor, {}, "current out of the bank"_text}};
        s.looks = {look};
        return s;
    }

    [[nodiscard]] std::vector<WantedSetting> monitorSettings() const {
        // Judgement: counted as full a little below absorption.
        constexpr double kBelowAbsorption = 0.2;
        const DeviceId shunt(shunt_);
        // Common practice: full when the current has fallen to about 4 % of the capacity in A per
        // Ah.
        return {{shunt, Sets::Monitor, "capacity"_text, measure(bankCapacity(bank_))},
                {shunt,
                 Sets::Monitor,
                 "charged voltage"_text,
                 measure(bank_.chemistry.absorption -
                         volts(kBelowAbsorption) * blocksOf(bank_.nominal))},
                {shunt, Sets::Monitor, "tail current"_text, percent(0.04)},
                {shunt, Sets::Monitor, "Peukert's exponent"_text, number(bank_.chemistry.peukert)},
                {shunt,
                 Sets::Monitor,
                 "charge efficiency"_text,
                 percent(bank_.chemistry.chargeEfficiencyAh)},
                {shunt, Sets::Monitor, "zero"_text, Text("set with everything off"_text)}};
    }

    Draft draft_;
    const RailUnit& rail_;
    const BankUnit& bank_;
    const std::string id_, busPos_, busNeg_, switch_, shunt_;
    const ConductorId feed_;
    const bool parted_, bothPoles_, counted_;
};

}  // namespace

Piece switchAndShunt(Draft draft, const RailUnit& rail) {
    return SwitchAndShunt(std::move(draft), rail).take();
}

}  // namespace spirk
