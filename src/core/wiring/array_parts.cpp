// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/array_parts.h"

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

struct TextPair {
    Text positive, negative;
};

bool isParted(const SunUnit& sun) { return sun.option("array_isolator") != "none"; }

class ArrayParts {
public:
    ArrayParts(Draft& draft, const SunUnit& sun)
        : draft_(draft),
          sun_(sun),
          controller_(sun.id.value),
          array_(partOf(sun.id, "array")),
          panelsParted_(isParted(sun)) {}

    void addDevices() {
        addArray();
        if (panelsParted_) {
            addArrayIsolator();
        }
    }

    void addLeads() {
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

    Draft& draft_;
    const SunUnit& sun_;
    const std::string controller_, array_;
    const bool panelsParted_;
};

}  // namespace

void addArray(Draft& draft, const SunUnit& sun) { ArrayParts(draft, sun).addDevices(); }
void addArrayLeads(Draft& draft, const SunUnit& sun) { ArrayParts(draft, sun).addLeads(); }

LiveStep coveredStep(const SunUnit& sun) {
    const std::string array = partOf(sun.id, "array");
    const bool parted = isParted(sun);
    LiveStep s;
    s.id = array == "array" ? "dead.panels" : "dead." + array;
    s.stage = Stage::MadeSafe;
    s.text = parted ? "Panels covered, the array's isolator open."_text
                    : "Panels covered, or their plugs not yet joined."_text;
    s.caution =
        parted ? "Panels are live in daylight: the isolator does not make their side dead."_text
               : "Panels are live in daylight, and nothing but a cover makes them dead."_text;
    s.subjects = {subject(DeviceId(parted ? array + ".isolator" : array))};
    return s;
}

}  // namespace spirk
