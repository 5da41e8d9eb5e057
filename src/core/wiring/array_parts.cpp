// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/array_parts.h"

#include <algorithm>
#include <array>

#include "core/system/strings.h"

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
    Phrase positive, negative;
};
constexpr const char* kArrayOption = "array_isolator";

// What parts the panels from their controller: the isolator, or an inlet that they are plugged
// into.
struct ArrayPart {
    std::string_view choice;  // of the option
    std::string_view suffix;
    DeviceKind kind;
    HardwareKind of;
    Phrase name;
    TextPair leads, feeds;
};
constexpr std::array kArrayParts{
    ArrayPart{"one",
              ".isolator",
              DeviceKind::PvIsolator,
              HardwareKind::PvIsolator,
              "solar isolator, two pole"_text,
              {"panels to isolator, positive"_text, "panels to isolator, negative"_text},
              {"isolator to controller, positive"_text, "isolator to controller, negative"_text}},
    ArrayPart{
        "inlet",
        ".inlet",
        DeviceKind::PanelInlet,
        HardwareKind::PanelInlet,
        "outside inlet of the panels"_text,
        {"portable panels to inlet, positive"_text, "portable panels to inlet, negative"_text},
        {"inlet to controller, positive"_text, "inlet to controller, negative"_text}}};

// Null: nothing parts them.
const ArrayPart* partBetween(const SunUnit& sun) {
    const auto found = std::ranges::find(kArrayParts, sun.option(kArrayOption), &ArrayPart::choice);
    return found == kArrayParts.end() ? nullptr : &*found;
}

// Judgement: the lead that a portable panel is sold with.
constexpr double kPortableLead = 5.0;

class ArrayParts {
public:
    ArrayParts(Draft& draft, const SunUnit& sun)
        : draft_(draft),
          sun_(sun),
          controller_((sun.beside.value.empty() ? sun.id : sun.beside).value),
          array_(partOf(sun.id, "array")),
          part_(partBetween(sun)),
          portable_(part_ != nullptr && part_->kind == DeviceKind::PanelInlet) {}

    void addDevices() {
        addArray();
        if (part_ != nullptr) {
            addPart();
        }
    }

    void addLeads() {
        if (part_ != nullptr) {
            const std::string part = array_ + std::string(part_->suffix);
            addBoth(array_ + ".lead", part_->leads, {array_, ""}, {part, "a"}, Purpose::Lead);
            addBoth(
                array_ + ".feed", part_->feeds, {part, "b"}, {controller_, "pv"}, Purpose::Feed);
        } else {
            addBoth(array_ + ".lead",
                    {"panels to controller, positive"_text, "panels to controller, negative"_text},
                    {array_, ""},
                    {controller_, "pv"},
                    Purpose::Lead);
        }
        draft_.drop({.id = "drop." + array_,
                     .name = "panels to controller"_text,
                     .rule = "drop_critical",
                     .moment = "sizing.noon",
                     .base = sun_.panel->vmp * static_cast<double>(sun_.series)},
                    {terminal(array_, "+"), terminal(array_, "-")},
                    {terminal(controller_, "pv+"), negativeEnd()});
    }

private:
    // Ports of a device are called by the pole's sign behind this.
    struct Ports {
        std::string device, port;
    };

    // Where the panels' negative comes back: at the controller, or straight at the bar.
    [[nodiscard]] Fixed negativeEnd() const {
        return sun_.chose("panel_negative", "bar") ? Fixed(railPost(sun_.into, Pole::Negative))
                                                   : Fixed(terminal(controller_, "pv-"));
    }

    void addArray() {
        const Connection plug{"crimp", squareMillimetres(10)};
        const int panels = sun_.series * sun_.parallel;
        Device& array = draft_.device(
            array_,
            DeviceKind::Array,
            {"{n} × {panel}"_text, {{"n", count(panels)}, {"panel", sun_.panel->name}}});
        array.part = sun_.panel->name;
        array.weightKg = sun_.panel->weightKg;
        array.price = sun_.panel->price;
        array.units = panels;
        array.place = draft_.placeOf(array.id, portable_ ? "seat" : "roof");
        Draft::port(array, "+", plug, Pole::Positive);
        Draft::port(array, "-", plug, Pole::Negative);
        array.elements.emplace_back(curveOf(sun_));
        addFuses(array);
        addPlugs(array);
    }

    // A pair of plugs where the panels' leads end, branches where strings meet, a way through the
    // roof.
    void addPlugs(Device& array) const {
        const auto along = [&](Phrase part, int units, const char* price) {
            array.along.push_back({part, units, 0.0, rule(draft_.library, price).value});
        };
        along("panel connectors, pair"_text, 2, "panel_plug_price");
        if (sun_.parallel > 1) {
            along("branch connector of two strings, one pole"_text,
                  2 * (sun_.parallel - 1),
                  "branch_plug_price");
        }
        if (!portable_) {
            along("roof gland for two cables"_text, 1, "roof_gland_price");
        }
    }

    // In-line holders in the plugs of each string.
    void addFuses(Device& array) const {
        if (const auto rating = stringFuse(draft_.library, draft_.gear, sun_)) {
            const FuseFamily& family = stringFuseFamily(draft_.library);
            array.along.push_back({{"{family}, {rating}, in line in each string"_text,
                                    {{"family", family.name}, {"rating", measure(*rating)}}},
                                   sun_.parallel,
                                   family.weightKg,
                                   family.price});
        }
    }

    void addPart() {
        Device& d = draft_.hardware(
            array_ + std::string(part_->suffix), part_->kind, part_->of, part_->name);
        if (portable_) {
            d.place = draft_.placeOf(d.id, "seat");
        }
        for (const char* side : {"a", "b"}) {
            const std::string s(side);
            Draft::port(d, s + "+", Pole::Positive);
            Draft::port(d, s + "-", Pole::Negative);
        }
        d.elements.emplace_back(Contact{{{0, 2}, {1, 3}}, {}});
        d.leftOutBy = LeftOutBy{kArrayOption, "none"};
    }

    // Panels limit themselves: a conductor of theirs carries their short-circuit current for good.
    void onPanelsSide(Conductor& c) const {
        const double sun = rule(draft_.library, "array_factor").value;
        c.side = Side::Panels;
        c.insulation = draft_.library.region.solarInsulation;
        c.rated = sun_.panel->isc * (sun * sun_.parallel);
        c.shortCircuit = sun_.panel->isc * static_cast<double>(sun_.parallel);
    }

    void addBoth(const std::string& id,
                 const TextPair& names,
                 const Ports& from,
                 const Ports& to,
                 Purpose purpose) {
        const bool arrives = to.device == controller_;
        const Fixed back = arrives ? negativeEnd() : Fixed(terminal(to.device, to.port + "-"));
        addOne(id + "+",
               names.positive,
               terminal(from.device, from.port + "+"),
               terminal(to.device, to.port + "+"),
               {Pole::Positive, purpose});
        addOne(id + "-",
               names.negative,
               terminal(from.device, from.port + "-"),
               back,
               {Pole::Negative, purpose});
        draft_.pair(id + "+", id + "-");
    }
    struct As {
        Pole pole;
        Purpose purpose;
    };
    void addOne(const std::string& id,
                const Phrase& name,
                const TerminalId& from,
                const Fixed& to,
                const As& as) {
        Conductor& c = draft_.conductor(id, name, from, to, as.pole, as.purpose);
        onPanelsSide(c);
        if (portable_ && as.purpose == Purpose::Lead) {
            c.usualLength = metres(kPortableLead);
        }
    }

    Draft& draft_;
    const SunUnit& sun_;
    const std::string controller_, array_;
    const ArrayPart* part_;
    const bool portable_;
};

}  // namespace

void addArray(Draft& draft, const SunUnit& sun) { ArrayParts(draft, sun).addDevices(); }
void addArrayLeads(Draft& draft, const SunUnit& sun) { ArrayParts(draft, sun).addLeads(); }

LiveStep coveredStep(const SunUnit& sun) {
    const std::string array = partOf(sun.id, "array");
    const ArrayPart* part = partBetween(sun);
    const bool isolator = part != nullptr && part->kind == DeviceKind::PvIsolator;
    LiveStep s;
    s.id = array == "array" ? "dead.panels" : "dead." + array;
    s.stage = Stage::MadeSafe;
    if (isolator) {
        s.text = "Panels covered, solar isolator open."_text;
        s.caution =
            "Panels are live in daylight: opening the isolator does not make their side dead."_text;
    } else {
        s.text = part != nullptr ? "Portable panels unplugged, the cap on their inlet."_text
                                 : "Panels covered, or their plugs not yet joined."_text;
        s.caution = "Panels are live in daylight, and only covering them makes them dead."_text;
    }
    const std::string about = part == nullptr ? array : array + std::string(part->suffix);
    s.subjects = {subject(DeviceId(about))};
    return s;
}

Text uncoverText(const SunUnit& sun) {
    const ArrayPart* part = partBetween(sun);
    if (part == nullptr) {
        return "Then join the covered panels' plugs, and uncover them."_text;
    }
    return part->kind == DeviceKind::PvIsolator
               ? "Then uncover the panels and close the solar isolator."_text
               : "Then plug the covered panels in, and uncover them."_text;
}

Amps bestInput(const Draft& draft, const SunUnit& sun) {
    Amps out;
    for (const SunUnit* panels : draft.gear.panelsAt(sun)) {
        out += panels->panel->imp * static_cast<double>(panels->parallel);
    }
    return out;
}

Piece panelsBeside(Draft draft, const SunUnit& panels) {
    draft.unit = panels.id;
    addArray(draft, panels);
    addArrayLeads(draft, panels);
    LiveStep s;
    s.id = "on." + panels.id.value;
    s.stage = Stage::Sun;
    s.text = {"{panels}, at the controller that is running: plus to plus. {uncover}"_text,
              {{"panels", panels.panel->name}, {"uncover", uncoverText(panels)}}};
    s.caution = "Panels are live in daylight. Opening their plugs under load draws an arc."_text;
    s.subjects = {subject(DeviceId(partOf(panels.id, "array")))};
    Look look;
    look.sun = 1.0;
    look.readings = {{Reads::UpTo,
                      TerminalId{DeviceId(panels.beside.value), ""},
                      "current from the controller in full sun; in proportion on a dull day"_text}};
    s.looks = {look};
    draft.piece.steps = {coveredStep(panels), s};
    return std::move(draft.piece);
}

}  // namespace spirk
