// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/solar_parts.h"

#include "core/gear/solar.h"

namespace spirk {

namespace {

PanelCurve curveOf(const SunUnit& s) {
    const auto inSeries = static_cast<double>(s.series);
    return {{0, 1},
            s.panel->voc * inSeries,
            s.panel->vmp * inSeries,
            s.panel->imp * static_cast<double>(s.parallel),
            s.panel->isc * static_cast<double>(s.parallel)};
}

Transfer controlOf(const BankUnit& bank, const SunUnit& s) {
    const Volts set = bank.chemistry.absorption;
    Transfer out{.in = {0, 1},
                 .out = {2, 3},
                 .live = Live::InSun,
                 .set = set,
                 .most = s.controller->maxOutput,
                 .inFullSun = {},
                 .bestInput = s.panel->imp * static_cast<double>(s.parallel),
                 .low = {},
                 .efficiency = s.controller->efficiency,
                 .inside = {}};
    if (s.controller->tracking == Tracking::Pwm) {
        const Watts sun = takenPower(*s.controller, *s.panel, s.series, arrayPower(s), set);
        out.inFullSun = sun * s.controller->efficiency;
    }
    return out;
}

struct TextPair {
    Text positive, negative;
};

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
          parted_(sun.option("isolator") != "none"),
          panelsParted_(sun.option("array_isolator") != "none") {
        draft_.unit = sun.id;
    }

    [[nodiscard]] Piece take() {
        addArray();
        if (panelsParted_) {
            addArrayIsolator();
        }
        addController();
        if (parted_) {
            addIsolator();
        }
        addArrayLeads();
        addBatteryLeads();
        draft_.piece.steps = {covered(), uncovered()};
        draft_.piece.settings = chargeSettings(DeviceId(controller_), bank_.chemistry);
        return std::move(draft_.piece);
    }

private:
    void addArray() {
        const Connection plug{"clamp", squareMillimetres(10)};
        const int panels = sun_.series * sun_.parallel;
        Device& array = draft_.device(
            array_,
            DeviceKind::Array,
            {"{n} × {panel}"_text, {{"n", count(panels)}, {"panel", sun_.panel->name}}});
        array.part = sun_.panel->name;
        array.weightKg = sun_.panel->weightKg;
        array.price = sun_.panel->price;
        array.units = panels;
        array.place = draft_.placeOf(array.id, "roof");
        Draft::port(array, "+", plug, Pole::Positive);
        Draft::port(array, "-", plug, Pole::Negative);
        array.elements.emplace_back(curveOf(sun_));
    }

    void addArrayIsolator() {
        Device& isolator = draft_.hardware(array_ + ".isolator",
                                           DeviceKind::PvIsolator,
                                           HardwareKind::PvIsolator,
                                           "isolator of the panels, two pole"_text);
        for (const char* side : {"a", "b"}) {
            const std::string s(side);
            Draft::port(isolator, s + "+", Pole::Positive);
            Draft::port(isolator, s + "-", Pole::Negative);
        }
        isolator.elements.emplace_back(Contact{{{0, 2}, {1, 3}}, {}});
        isolator.leftOutBy = LeftOutBy{"array_isolator", "none"};
    }

    void addController() {
        const Connection own = sun_.controller->connection;
        Device& d = draft_.ware(controller_, DeviceKind::SolarController, *sun_.controller);
        d.rating = sun_.controller->maxOutput;
        Draft::port(d, "pv+", own, Pole::Positive);
        Draft::port(d, "pv-", own, Pole::Negative);
        Draft::port(d, "bat+", own, Pole::Positive);
        Draft::port(d, "bat-", own, Pole::Negative);
        d.elements.emplace_back(controlOf(bank_, sun_));
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

    // Panels limit themselves: a conductor of theirs carries their short-circuit current for good.
    void onPanelsSide(Conductor& c) const {
        const double sun = rule(draft_.library, "array_factor").value;
        c.side = Side::Panels;
        c.insulation = draft_.library.region.solarInsulation;
        c.rated = sun_.panel->isc * (sun * sun_.parallel);
        c.shortCircuit = sun_.panel->isc * static_cast<double>(sun_.parallel);
    }

    // Both poles, from and to these ports of these devices, by the sign of the pole.
    void addOnPanelsSide(const std::string& id,
                         const TextPair& names,
                         const std::string& from,
                         const std::string& fromPort,
                         const std::string& to,
                         const std::string& toPort,
                         Purpose purpose) {
        for (const Pole pole : {Pole::Positive, Pole::Negative}) {
            const bool positive = pole == Pole::Positive;
            const std::string p = positive ? "+" : "-";
            onPanelsSide(draft_.conductor(id + p,
                                          positive ? names.positive : names.negative,
                                          terminal(from, fromPort + p),
                                          terminal(to, toPort + p),
                                          pole,
                                          purpose));
        }
        draft_.pair(id + "+", id + "-");
    }

    void addArrayLeads() {
        const std::string isolator = array_ + ".isolator";
        if (panelsParted_) {
            addOnPanelsSide(
                array_ + ".lead",
                {"panels to isolator, positive"_text, "panels to isolator, negative"_text},
                array_,
                "",
                isolator,
                "a",
                Purpose::Lead);
            addOnPanelsSide(
                array_ + ".feed",
                {"isolator to controller, positive"_text, "isolator to controller, negative"_text},
                isolator,
                "b",
                controller_,
                "pv",
                Purpose::Feed);
        } else {
            addOnPanelsSide(
                array_ + ".lead",
                {"panels to controller, positive"_text, "panels to controller, negative"_text},
                array_,
                "",
                controller_,
                "pv",
                Purpose::Lead);
        }
        draft_.drop({.id = "drop." + array_,
                     .name = "panels to controller"_text,
                     .rule = "drop_critical",
                     .moment = "sizing.noon",
                     .base = sun_.panel->vmp * static_cast<double>(sun_.series)},
                    {terminal(array_, "+"), terminal(array_, "-")},
                    {terminal(controller_, "pv+"), terminal(controller_, "pv-")});
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

    [[nodiscard]] LiveStep covered() const {
        LiveStep s;
        s.id = array_ == "array" ? "dead.panels" : "dead." + array_;
        s.stage = Stage::MadeSafe;
        s.text = panelsParted_ ? "Panels covered, the array's isolator open."_text
                               : "Panels covered, or their plugs not yet joined."_text;
        s.caution =
            panelsParted_
                ? "Panels are live in daylight: the isolator does not make their side dead."_text
                : "Panels are live in daylight, and nothing but a cover makes them dead."_text;
        s.subjects = {subject(DeviceId(panelsParted_ ? array_ + ".isolator" : array_))};
        return s;
    }

    [[nodiscard]] LiveStep uncovered() const {
        const DeviceId id(controller_);
        LiveStep s;
        s.id = "on." + controller_;
        s.stage = Stage::Sun;
        s.text =
            then(parted_ ? "Controller's fuse in and its isolator closed: battery first. "
                           "Check its settings."_text
                         : "Controller's fuse in: battery first. Check its settings."_text,
                 panelsParted_ ? "Then uncover the panels and close the array's isolator."_text
                               : "Then join the covered panels' plugs, and uncover them."_text);
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
             "amps from the controller in full sun; in proportion on a dull day"_text}};
        s.looks = {battery, panels};
        return s;
    }

    Draft draft_;
    const SunUnit& sun_;
    const SunJoint& joint_;
    const BankUnit& bank_;
    const std::string controller_, array_;
    const bool parted_, panelsParted_;
};

}  // namespace

Piece solarParts(Draft draft, const SunUnit& sun, const SunJoint& joint) {
    return SolarParts(std::move(draft), sun, joint).take();
}

}  // namespace spirk
