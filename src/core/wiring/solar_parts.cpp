// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/solar_parts.h"

#include "core/gear/solar.h"
#include "core/wiring/array_parts.h"
#include "core/wiring/ready_lead.h"

namespace spirk {

namespace {

Transfer controlOf(const Draft& draft, const BankUnit& bank, const SunUnit& s) {
    const Volts set = bank.chemistry.absorption;
    const bool straight = s.chose("panel_negative", "bar");
    Transfer out{.in = {0, straight ? std::size_t{3} : std::size_t{1}},
                 .out = {2, 3},
                 .live = Live::InSun,
                 .set = set,
                 .most = s.controller->maxOutput,
                 .inFullSun = {},
                 .bestInput = bestInput(draft, s),
                 .low = {},
                 .efficiency = s.controller->efficiency,
                 .inside = {}};
    if (s.controller->tracking == Tracking::Pwm) {
        Watts sun;
        for (const SunUnit* p : draft.gear.panelsAt(s)) {
            sun += takenPower(*s.controller, *p->panel, p->series, arrayPower(*p), set);
        }
        out.inFullSun = sun * s.controller->efficiency;
    }
    return out;
}

// One array with its controller, from the panels to where it joins.
class SolarParts {
public:
    SolarParts(Draft draft, const SunUnit& sun, const SunJoint& joint)
        : draft_(std::move(draft)),
          sun_(sun),
          joint_(joint),
          bank_(draft_.gear.bankOf(sun.into)),
          controller_(sun.id.value),
          array_(partOf(sun.id, "array")),
          parted_(sun.option("isolator") != "none") {
        draft_.unit = sun.id;
    }

    [[nodiscard]] Piece take() {
        addArray(draft_, sun_);
        addController();
        if (parted_) {
            addIsolator();
        }
        addArrayLeads(draft_, sun_);
        addBatteryLeads();
        addBatterySensor(draft_, sun_, bank_);
        draft_.piece.steps = {coveredStep(sun_), uncovered()};
        draft_.piece.settings = chargeSettings(DeviceId(controller_), bank_.chemistry);
        return std::move(draft_.piece);
    }

private:
    void addController() {
        const Connection own = sun_.controller->connection;
        Device& d = draft_.ware(controller_, DeviceKind::SolarController, *sun_.controller);
        d.rating = sun_.controller->maxOutput;
        Draft::port(d, "pv+", own, Pole::Positive);
        Draft::port(d, "pv-", own, Pole::Negative);
        Draft::port(d, "bat+", own, Pole::Positive);
        if (sun_.controller->maxFuse.si() > 0.0) {
            d.ports.back().largestFuse = sun_.controller->maxFuse;
        }
        Draft::port(d, "bat-", own, Pole::Negative);
        d.elements.emplace_back(controlOf(draft_, bank_, sun_));
    }

    void addIsolator() {
        Device& out = draft_.hardware(controller_ + ".isolator",
                                      DeviceKind::Isolator,
                                      HardwareKind::Switch,
                                      "isolator of the controller"_text);
        Draft::port(out, "a", Pole::Positive);
        Draft::port(out, "b", Pole::Positive);
        out.elements.emplace_back(Contact{{{0, 1}}, {}});
        out.leftOutBy = LeftOutBy{"isolator", "none"};
    }

    [[nodiscard]] ConductorId feed() const { return ConductorId(controller_ + ".feed+"); }

    void addBatteryLeads() {
        draft_.conductor(
            feed().value,
            parted_ ? joint_.feed : joint_.withoutIsolator,
            joint_.pos,
            parted_ ? terminal(controller_ + ".isolator", "a") : terminal(controller_, "bat+"),
            Pole::Positive,
            Purpose::Feed);
        draft_.protect(feed(), guarding(holderFuse(draft_), "S7"));
        if (parted_) {
            draft_.conductor(controller_ + ".link+",
                             "isolator to controller"_text,
                             terminal(controller_ + ".isolator", "b"),
                             terminal(controller_, "bat+"),
                             Pole::Positive,
                             Purpose::Link);
        }
        draft_.conductor(controller_ + ".feed-",
                         "controller to negative bar"_text,
                         terminal(controller_, "bat-"),
                         joint_.neg,
                         Pole::Negative,
                         Purpose::Feed);
        draft_.pair(feed().value, controller_ + ".feed-");
        draft_.drop({.id = "drop." + controller_,
                     .name = "controller to bus bars"_text,
                     .rule = "drop_charge",
                     .moment = "sizing.noon",
                     .base = bank_.system},
                    {joint_.pos, joint_.neg},
                    {terminal(controller_, "bat+"), terminal(controller_, "bat-")});
    }

    [[nodiscard]] LiveStep uncovered() const {
        const DeviceId id(controller_);
        LiveStep s;
        s.id = "on." + controller_;
        s.stage = Stage::Sun;
        s.text = then(parted_ ? "Controller's fuse in and its isolator closed: battery first. "
                                "Check its settings."_text
                              : "Controller's fuse in: battery first. Check its settings."_text,
                      uncoverText(sun_));
        s.caution =
            then("Panels are live in daylight. Opening their plugs under load draws an arc."_text,
                 joint_.caution);
        s.subjects = {subject(id)};
        s.fuses = {feed()};
        Look battery;
        battery.readings = {{Reads::Across, TerminalId{id, "bat+"}, {}}};
        Look panels;
        panels.name = ".sun";
        panels.sun = 1.0;
        panels.readings = {
            {Reads::UpTo,
             TerminalId{id, ""},
             "current from the controller in full sun; in proportion on a dull day"_text}};
        s.looks = {battery, panels};
        return s;
    }

    Draft draft_;
    const SunUnit& sun_;
    const SunJoint& joint_;
    const BankUnit& bank_;
    const std::string controller_, array_;
    const bool parted_;
};

}  // namespace

Piece solarParts(Draft draft, const SunUnit& sun, const SunJoint& joint) {
    return SolarParts(std::move(draft), sun, joint).take();
}

}  // namespace spirk
