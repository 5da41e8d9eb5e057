// SPDX-License-Identifier: GPL-3.0-or-later
// N1, N2, W27: ports of a monitor, lengths of leads that are bought ready, bars made by hand.

#include <algorithm>
#include <array>

#include "core/checks/families.h"
#include "core/gear/copper_bar.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

struct PortKind {
    Senses senses;
    int MonitorModel::*ports;
    Phrase name;
};
constexpr std::array kPortKinds{
    PortKind{Senses::Tank, &MonitorModel::tanks, "tanks"_text},
    PortKind{Senses::Temperature, &MonitorModel::temperatures, "temperatures"_text},
    PortKind{Senses::Voltage, &MonitorModel::voltages, "voltages"_text}};

void checkPorts(const CheckInput& in, const MonitorUnit& monitor, Checks& out) {
    for (const PortKind& kind : kPortKinds) {
        const auto asked = std::ranges::count(monitor.sensors, kind.senses, &SensorChoice::senses);
        const int there = monitor.model->*kind.ports;
        if (asked <= there) {
            continue;
        }
        Finding f = findingOf(in, "N1", unitSubject(monitor.id));
        f.id += " " + english(kind.name);
        f.what = {"{monitor} has {there} ports for {kind}; {asked} are planned."_text,
                  {{"monitor", monitor.model->name},
                   {"there", count(there)},
                   {"kind", kind.name},
                   {"asked", count(static_cast<double>(asked))}}};
        f.why =
            "The others cannot be connected, and you find out when the panel is already cut."_text;
        f.remedy = "Choose a monitor with more ports, or leave a sensor out."_text;
        out.findings.push_back(std::move(f));
    }
}

void checkReadyLead(const CheckInput& in, std::size_t index, Checks& out) {
    const Conductor& c = in.wiring.circuit.conductors[index];
    const ReadyLead* lead = findById(in.library.readyLeads, c.ready);
    if (lead == nullptr || in.lengths.routes[index].length <= lead->lengths.back()) {
        return;
    }
    Finding f = findingOf(in, "N2", subject(c.id));
    f.what = {"{lead} needs {length}; the longest one sold is {longest}."_text,
              {{"lead", c.name},
               {"length", measure(in.lengths.routes[index].length)},
               {"longest", measure(lead->lengths.back())}}};
    f.why = "These leads come with their plugs fitted, and spliced ones give wrong readings."_text;
    f.remedy = "Move the ends closer together, or ask the maker for an extension."_text;
    out.findings.push_back(std::move(f));
}

void checkHomeMadeBar(const CheckInput& in, const Device& d, Checks& out) {
    const HardwareModel* model =
        d.made ? findHardware(in.plan, in.library, d.made->model) : nullptr;
    if (model == nullptr || !model->width || !model->thickness) {
        return;
    }
    const Amps bears = copperBarAmpacity(*model->width, *model->thickness);
    const bool tooMuch = model->maxCurrent > bears;
    Finding f = findingOf(in, "W27", subject(d.id));
    f.severity = tooMuch ? f.severity : Severity::Advice;
    f.what =
        tooMuch
            ? Text(
                  "{bar} is entered with {rated}; its copper carries {bears} in an enclosure."_text,
                  {{"bar", d.name},
                   {"rated", measure(model->maxCurrent)},
                   {"bears", measure(bears)}})
            : Text("{bar} is home-made: bare copper, live on all sides."_text, {{"bar", d.name}});
    f.why = tooMuch ? "It gets hotter than the cables bolted to it withstand."_text
                    : "A tool that falls on it draws an arc that no downstream fuse can stop."_text;
    f.remedy =
        tooMuch ? "Use a wider or thicker bar, or enter what its copper carries."_text
                : "Mount it on insulators, cover it, deburr the holes and torque its bolts."_text;
    out.findings.push_back(std::move(f));
}

// Judgement: what two lugs, or two ferrules, and a bend between them need.
constexpr double kShortestLead = 0.1;

void checkLength(const CheckInput& in, const CableRow& row, Checks& out) {
    const Conductor& c = conductorOf(in, row);
    const Metres length = routeOf(in, row).length;
    if (!isNew(c) || !c.ready.empty() || length >= metres(kShortestLead)) {
        return;
    }
    Finding f = findingOf(in, "N3", subject(row.id));
    f.what = {
        "{name} is {length} long; {least} is the least that can be crimped at both ends."_text,
        {{"name", c.name}, {"length", measure(length)}, {"least", measure(metres(kShortestLead))}}};
    f.why =
        "What joins two terminals is never without length: its resistance and its drop are counted as nothing."_text;
    f.remedy =
        "Enter the length as cut; or move the end to the terminal itself, where a link or a bar joins both."_text;
    f.mends = {{"Use the computed length"_text, {TakeBack{SetLength{row.id, {}}}}}};
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks thinLeadChecks(const CheckInput& input) {
    Checks out;
    for (const MonitorUnit& monitor : input.gear.monitors) {
        checkPorts(input, monitor, out);
    }
    for (std::size_t i = 0; i < input.wiring.circuit.conductors.size(); ++i) {
        checkReadyLead(input, i, out);
    }
    for (const CableRow& row : input.cables.rows) {
        checkLength(input, row, out);
    }
    for (const Device& d : input.wiring.circuit.devices) {
        checkHomeMadeBar(input, d, out);
    }
    return out;
}

}  // namespace spirk
