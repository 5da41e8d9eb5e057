// SPDX-License-Identifier: GPL-3.0-or-later
// A DC-DC charger with common negative from the starter battery to the bars, a fuse at each battery
// end, and its enable lead from a circuit that is live only while the engine runs. The charger's
// input current returns through the negative bar, the bond and the chassis.

#include "core/quantities/format.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

class DcdcFromStarter {
public:
    DcdcFromStarter(Draft draft, const EngineUnit& engine)
        : draft_(std::move(draft)),
          engine_(engine),
          model_(*engine.charger),
          bank_(draft_.gear.bankOf(engine.into)),
          id_(engine.id.value),
          in_(partOf(engine.id, "engine") + ".feed+"),
          out_(id_ + ".feed+") {
        draft_.unit = engine.id;
    }

    [[nodiscard]] Piece take() {
        addCharger();
        addInput();
        addOutput();
        addEnable();
        draft_.piece.steps = {started()};
        draft_.piece.settings = chargeSettings(DeviceId(id_), bank_.chemistry);
        return std::move(draft_.piece);
    }

private:
    void addCharger() {
        Device& d = draft_.ware(id_, DeviceKind::DcdcCharger, model_);
        d.rating = model_.output;
        Draft::port(d, "in+", model_.connection, Pole::Positive);
        Draft::port(d, "out+", model_.connection, Pole::Positive);
        Draft::port(d, "neg", model_.connection, Pole::Negative);
        Draft::port(d, "enable", {"clamp", squareMillimetres(2.5)}, Pole::None);
        d.elements.emplace_back(Transfer{.in = {0, 2},
                                         .out = {1, 2},
                                         .live = Live::EngineRunning,
                                         .set = bank_.chemistry.absorption,
                                         .most = model_.output,
                                         .inFullSun = {},
                                         .bestInput = {},
                                         .low = Undervoltage{model_.start, model_.stop},
                                         .efficiency = model_.efficiency,
                                         .inside = {}});
    }

    // Belongs to the vehicle's side, as its fuse does.
    void addInput() {
        draft_.unit = starterPost(Pole::Positive).unit;
        draft_.conductor(in_.value,
                         "starter battery to DC-DC charger"_text,
                         starterPost(Pole::Positive),
                         terminal(id_, "in+"),
                         Pole::Positive,
                         Purpose::Feed);
        draft_.unit = engine_.id;
        draft_.protect(in_, guarding(holderFuse(draft_), "E5"));
        draft_.drop({.id = "drop." + partOf(engine_.id, "engine"),
                     .name = "starter battery to DC-DC charger and back"_text,
                     .rule = "drop_dcdc_input",
                     .moment = "sizing.driving",
                     .base = volts(12.0)},  // the vehicle's own system
                    {starterPost(Pole::Positive), chassisPost()},
                    {terminal(id_, "in+"), terminal(id_, "neg")});
    }

    // Drawn from the bar, where its fuse stands: the bank can feed a fault there.
    void addOutput() {
        const Post pos = railPost(engine_.into, Pole::Positive);
        const Post neg = railPost(engine_.into, Pole::Negative);
        draft_.conductor(out_.value,
                         "positive bar to DC-DC charger"_text,
                         pos,
                         terminal(id_, "out+"),
                         Pole::Positive,
                         Purpose::Feed);
        draft_.protect(out_, guarding(holderFuse(draft_), "E5"));
        draft_.conductor(id_ + ".feed-",
                         "DC-DC charger to negative bar"_text,
                         terminal(id_, "neg"),
                         neg,
                         Pole::Negative,
                         Purpose::Feed);
        draft_.pair(out_.value, id_ + ".feed-");
        draft_.drop({.id = "drop." + id_,
                     .name = "DC-DC charger to bus bars"_text,
                     .rule = "drop_charge",
                     .moment = "sizing.driving",
                     .base = bank_.system},
                    {pos, neg},
                    {terminal(id_, "out+"), terminal(id_, "neg")});
    }

    // By the way that the person says the charger learns that the engine runs.
    void addEnable() {
        const std::string& by = engine_.option("enable");
        if (by == "voltage") {
            return;
        }
        if (by == "switch") {
            addDriverSwitch();
        }
        const std::string enable = id_ + ".enable";
        Conductor& lead = draft_.conductor(
            enable,
            "enable lead of the DC-DC charger"_text,
            by == "switch" ? Fixed(terminal(enable + ".switch", "b")) : Fixed(liveSupplyPost()),
            terminal(id_, "enable"),
            Pole::None,
            Purpose::Signal);
        lead.insulation = draft_.library.region.smallInsulation;
        if (by != "switch") {
            protectSignal(lead.id);
        }
    }

    // From the starter battery by a small fuse to a switch that the driver sees.
    void addDriverSwitch() {
        const Fixture& row = draft_.fixtureRow("driver_switch");
        const std::string id = id_ + ".enable.switch";
        Device& d = draft_.fixture(id, DeviceKind::Isolator, "driver_switch");
        d.name = "switch at the driver"_text;
        d.place = draft_.placeOf(d.id, "seat");
        Draft::port(d, "a", row.connection, Pole::Positive);
        Draft::port(d, "b", row.connection, Pole::Positive);
        d.elements.emplace_back(Contact{{{0, 1}}, row.resistance});
        Conductor& lead = draft_.conductor(id_ + ".enable.feed",
                                           "starter battery to the driver's switch"_text,
                                           starterPost(Pole::Positive),
                                           terminal(id, "a"),
                                           Pole::None,
                                           Purpose::Signal);
        lead.insulation = draft_.library.region.smallInsulation;
        protectSignal(lead.id);
    }

    void protectSignal(const ConductorId& lead) {
        Protection fuse = guarding(holderFuse(draft_), "W24");
        fuse.family = "blade";
        draft_.protect(lead, fuse);
    }

    // What the enable lead must read, and by what the charger starts.
    [[nodiscard]] Text signalText() const {
        const std::string& by = engine_.option("enable");
        if (by == "voltage") {
            return {
                "It has no enable lead: it starts when the starter battery is above {volts}. "
                "With the engine stopped it must not run, whatever charges the starter "
                "battery."_text,
                {{"volts", measure(model_.start)}}};
        }
        if (by == "switch") {
            return "Its enable lead must read 0 V with the driver's switch off, about 12 V on."_text;
        }
        if (by == "d_plus") {
            return "Its enable lead must read below 2 V with the key on and the engine stopped, "
                   "about "
                   "14 V running."_text;
        }
        return "Its enable lead must read 0 V with the engine stopped and the key on, about 14 V "
               "running."_text;
    }

    [[nodiscard]] LiveStep started() const {
        const DeviceId id(id_);
        LiveStep s;
        s.id = "on." + id_;
        s.stage = Stage::Engine;
        s.text = {
            "Both fuses of the DC-DC charger in. {signal} Start the engine; it waits {delay} or as "
            "its data sheet says."_text,
            {{"signal", signalText()}, {"delay", Measure{model_.delay.si(), Unit::Second}}}};
        s.caution =
            "Leads of alternator and starter battery are live with the engine off. Keep clear of "
            "belts and fans."_text;
        s.subjects = {subject(id)};
        s.fuses = {in_, out_};
        Look look;
        look.driving = true;
        look.readings = {
            {Reads::Given, TerminalId{id, ""}, "amps from the DC-DC charger"_text},
            {Reads::Taken, TerminalId{id, ""}, "amps into it from the starter battery"_text}};
        s.looks = {look};
        return s;
    }

    Draft draft_;
    const EngineUnit& engine_;
    const DcdcModel& model_;
    const BankUnit& bank_;
    const std::string id_;
    const ConductorId in_, out_;
};

}  // namespace

Piece dcdcFromStarter(Draft draft, const EngineUnit& engine) {
    return DcdcFromStarter(std::move(draft), engine).take();
}

}  // namespace spirk
