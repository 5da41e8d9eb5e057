// SPDX-License-Identifier: GPL-3.0-or-later
// S1, S2, S8: the array against its controller, and where the controller joins the bank.

#include <algorithm>
#include <set>
#include <vector>

#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/circuit/walk.h"
#include "core/gear/solar.h"
#include "core/supply/sun_months.h"

namespace spirk {

namespace {

Finding coldTooHigh(const CheckInput& in, const SunUnit& s, Volts cold) {
    // Panels beside others are at another's controller.
    const UnitId& controller = s.beside.value.empty() ? s.id : s.beside;
    Finding f = findingOf(in, "S1", unitSubject(controller));
    f.id = "S1 " + s.id.value;
    f.where.push_back(firstSubject(in, DeviceKind::Array, s.id));
    f.what = {
        "On a morning at {cold} a string of {n} has {voc} open-circuit; the controller takes {limit}."_text,
        {{"cold", measure(in.gear.climate->coldest)},
         {"n", count(s.series)},
         {"voc", measure(cold)},
         {"limit", measure(s.controller->maxVoc)}}};
    f.why = {
        "Above its limit the controller is destroyed, and can short the array into the bank."_text,
        {}};
    f.remedy = s.series > 1
                   ? "Put fewer panels in series, or use a controller for a higher voltage."_text
                   : "Use a controller for a higher voltage, or panels of a lower one."_text;
    f.figures = {unitFigure(s.id, "voc.cold")};
    if (s.series % 2 == 0) {
        f.mends.push_back({{"Wire {s} in series, {p} in parallel"_text,
                            {{"s", count(s.series / 2.0)}, {"p", count(s.parallel * 2)}}},
                           {UseCount{s.id, GearCount::PanelSeries, s.series / 2},
                            UseCount{s.id, GearCount::PanelStrings, s.parallel * 2}}});
    }
    const auto* other = leastOnOffer(
        in.plan.own.controllers,
        in.library.controllers,
        [&](const ControllerModel& m) {
            return m.maxVoc > cold && m.maxOutput >= s.controller->maxOutput;
        },
        [](const ControllerModel& m) { return m.maxOutput; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, controller, GearPart::SolarController));
    }
    return f;
}

const MonthSun* bestMonth(const CheckInput& in) {
    const MonthSun* best = nullptr;
    for (const MonthSun& m : in.supply.months) {
        if (m.inTrip && (best == nullptr || m.perDay > best->perDay)) {
            best = &m;
        }
    }
    return best;
}

// Part of a clear noon's power in that month above this controller's limit.
double cutOf(const CheckInput& in, const SunUnit& s, int month) {
    return clippedPart(month, in.gear, s, rule(in.library, "roof_factor").value);
}

Finding clips(const CheckInput& in, const SunUnit& s, const MonthSun& best) {
    Finding f = findingOf(in, "S2", unitSubject(s.id));
    f.what = {
        "The controller ({limit}) cannot use {cut} of the best month's yield from {array} of panels."_text,
        {{"limit", measure(s.controller->maxOutput)},
         {"cut", percent(cutOf(in, s, best.month))},
         {"array", measure(powerAt(in.gear, s))}}};
    f.why = {"The surplus is lost in the bright hours."_text, {}};
    f.remedy = {"Use a larger controller, or accept it: panels help more on dull days."_text, {}};
    f.figures = {FigureId("supply.sun.month." + std::to_string(best.month)),
                 FigureId("supply.sun.limit")};
    const auto* other = leastOnOffer(
        in.plan.own.controllers,
        in.library.controllers,
        [&](const ControllerModel& m) {
            const Watts passes =
                m.maxOutput * in.gear.bankOf(s.into).chemistry.absorption / m.efficiency;
            return passes >= powerAt(in.gear, s) && m.maxVoc >= s.controller->maxVoc;
        },
        [](const ControllerModel& m) { return m.maxOutput; });
    if (other != nullptr) {
        f.mends.push_back(useInstead(*other, s.id, GearPart::SolarController));
    }
    return f;
}

// Whether a battery is reached from the controller over wires, bars and isolators, but through no
// main switch.
bool joinsBeforeMainSwitch(const Circuit& circuit, const TerminalId& controller) {
    std::set<TerminalId> seen;
    std::vector<TerminalId> open{controller};
    const auto visit = [&](const TerminalId& t) {
        if (seen.insert(t).second) {
            open.push_back(t);
        }
    };
    while (!open.empty()) {
        const TerminalId at = open.back();
        open.pop_back();
        const Device* device = findDevice(circuit, at.device);
        if (device->kind == DeviceKind::Battery) {
            return true;
        }
        for (const std::size_t port : joinedInside(*device, portOf(*device, at.port))) {
            if (device->kind == DeviceKind::Isolator || device->kind == DeviceKind::Joint) {
                visit({device->id, device->ports[port].name});
            }
        }
        for (const Conductor& c : circuit.conductors) {
            if (c.from == at) {
                visit(c.to);
            } else if (c.to == at) {
                visit(c.from);
            }
        }
    }
    return false;
}

Finding losesTheBank(const CheckInput& in, const SunUnit& s) {
    Finding f = findingOf(in, "S8", unitSubject(s.id));
    f.where.push_back(firstSubject(in, DeviceKind::MainSwitch));
    f.what = {"The solar controller is connected behind the main switch."_text, {}};
    f.why = {
        "Opening the switch in daylight takes the battery away from a working controller: its output voltage can rise and damage what is still connected. In its favour: one switch makes everything dead."_text,
        {}};
    f.remedy = {
        "Open the panels' isolator before the main switch, and put a label there; or connect the controller before the switch: it then also charges while the van is switched off."_text,
        {}};
    const auto before = std::ranges::find_if(in.library.ways, [](const WayRow& way) {
        return way.of == WayKind::Sun && way.pastSwitch;
    });
    if (before != in.library.ways.end() && !s.combined && s.way.value != before->id) {
        f.mends = {{{"Connect the controller before the main switch"_text, {}},
                    {UseWay{s.id, WayId(before->id)}}}};
    }
    return f;
}

void checkCold(const CheckInput& in, const SunUnit& s, Checks& out) {
    const Volts cold = stringVoc(*s.panel, s.series, in.gear.climate->coldest);
    out.why.add(stringVocFigure(in,
                                s,
                                {"voc.cold",
                                 "Open-circuit voltage of a string on the coldest morning"_text,
                                 {"T_min"_text,
                                  "coldest to plan for"_text,
                                  measure(in.gear.climate->coldest),
                                  fromTable(in.library, "climates", in.gear.climate->name)},
                                 "Nominal voltage does not count here; frost does."_text},
                                cold));
    if (cold > s.controller->maxVoc) {
        out.findings.push_back(coldTooHigh(in, s, cold));
    }
}

void checkJoint(const CheckInput& in, const SunUnit& s, Checks& out) {
    const Circuit& circuit = in.wiring.circuit;
    const Device& controller = *findDevice(circuit, DeviceId(s.id.value));
    const std::size_t output = std::get<Transfer>(controller.elements.front()).out.pos;
    const bool fed = feedOf(circuit, s.id, Pole::Positive) != nullptr;
    const bool parted = firstOf(circuit, DeviceKind::MainSwitch) != nullptr;
    if (fed && parted &&
        !joinsBeforeMainSwitch(circuit, {controller.id, controller.ports[output].name})) {
        out.findings.push_back(losesTheBank(in, s));
    }
}

}  // namespace

Checks solarChecks(const CheckInput& input) {
    Checks out;
    const MonthSun* best = bestMonth(input);
    for (const SunUnit& s : input.gear.suns) {
        for (const SunUnit* panels : input.gear.panelsAt(s)) {
            checkCold(input, *panels, out);
        }
        checkJoint(input, s, out);
        if (best != nullptr &&
            cutOf(input, s, best->month) > rule(input.library, "clipping_limit").value) {
            out.findings.push_back(clips(input, s, *best));
        }
    }
    return out;
}

}  // namespace spirk
