// SPDX-License-Identifier: GPL-3.0-or-later
// W3, W5: is there a device at every end that can feed a fault, and can it interrupt that fault.

#include "core/cables/figures.h"
#include "core/checks/families.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

Finding leftOut(const CheckInput& in, const Conductor& c, End end) {
    const TerminalId& at = end == End::From ? c.from : c.to;
    const Device* device = findDevice(in.wiring.circuit, at.device);
    const bool battery = device != nullptr && device->kind == DeviceKind::Battery;
    // Each battery of a bank is a source; with a main fuse behind it still a fault, not a danger.
    const bool common = battery && in.gear.bank.count > 1;
    Finding f = findingOf(in, "W3", subject(c.id));
    f.severity = common ? Severity::Fault : f.severity;
    f.where.push_back(subject(at.device));
    f.what = {"{name} has no fuse at {terminal}, where a fault can be fed.",
              {{"name", c.name}, {"terminal", text(at)}}};
    if (common) {
        f.why = {
            "The other batteries feed a fault in this one or its lead, and nothing stops them.",
            {}};
    } else {
        f.why = {"A short on this cable is stopped by nothing: it burns.", {}};
    }
    f.remedy = {"Fit a fuse within {distance} of that end.",
                {{"distance", measure(metres(rule(in.library, "fuse_distance_m").value))}}};
    f.mends = {
        {{"Put the fuse back", {}},
         {{end == End::From ? "conductor.protect" : "conductor.protect.to", c.id.value, 0.0}}}};
    return f;
}

Finding movedToBattery(const CheckInput& in, const Conductor& c, const TerminalId& at, End end) {
    Finding f = findingOf(in, "W3", subject(c.id));
    f.where.push_back(subject(at.device));
    f.what = {"{name} was moved to {terminal} and has no fuse there.",
              {{"name", c.name}, {"terminal", text(at)}}};
    f.why = {"The battery feeds a short on this cable and nothing stops it.", {}};
    f.remedy = {"Take it back to where a fuse stands.", {}};
    f.mends = {
        {{"Move it back", {}},
         {{end == End::From ? "conductor.unmove" : "conductor.unmove.to", c.id.value, 0.0}}}};
    return f;
}

void checkEnd(const CheckInput& in, const Conductor& c, End end, std::vector<Finding>& out) {
    const auto& slot = end == End::From ? c.atFrom : c.atTo;
    if (slot && slot->leftOut) {
        out.push_back(leftOut(in, c, end));
        return;
    }
    const TerminalId& at = end == End::From ? c.from : c.to;
    const Port* port = findPort(in.wiring.circuit, at);
    // Bank leads end at the collecting bar with their fuse at the battery: that is their way.
    const bool lead = c.id.value.starts_with("bank.");
    const bool positive = c.role == Role::Positive || c.role == Role::Control;
    if (!slot && positive && !lead && port != nullptr && port->batteryEnd) {
        out.push_back(movedToBattery(in, c, at, end));
    }
}

void checkInterrupting(const CheckInput& in,
                       const CableRow& row,
                       End end,
                       std::vector<Finding>& out) {
    const auto& fuse = end == End::From ? row.fuseFrom : row.fuseTo;
    if (!fuse || fuse->leftOut || fuse->backup) {
        return;
    }
    const FuseFamily& family = familyOf(in.library, fuse->family);
    if (fuse->prospective <= family.interrupting) {
        return;
    }
    Finding f = findingOf(in, "W5", subject(row.id));
    f.what = {"The {family} of {name} can interrupt {capacity}; a short there gives {fault}.",
              {{"family", family.name},
               {"name", conductorOf(in, row).name},
               {"capacity", measure(family.interrupting)},
               {"fault", measure(fuse->prospective)}}};
    f.why = {"It can burst and the arc goes on burning.", {}};
    if (fuse->inBlock) {
        f.remedy = {
            "Feed the block by a longer or thinner cable, so that less flows, or by a fuse small "
            "enough for this circuit's cable to bear what it lets through.",
            {}};
    } else {
        f.remedy = {"Fit a {family}, or a fuse with enough capacity before it.",
                    {{"family", familyOf(in.library, fuse->computedFamily).name}}};
    }
    f.source = family.interruptingSource + "; " + f.source;
    f.figures = {fuseFigure(row.id, end)};
    if (fuse->amended && fuse->computedFamily != fuse->family) {
        f.mends = {{{"Fit the computed fuse: {family}, {rating}",
                     {{"family", familyOf(in.library, fuse->computedFamily).name},
                      {"rating", measure(fuse->computedRating)}}},
                    {{"conductor.fuse.computed", row.id.value, 0.0}}}};
    }
    out.push_back(std::move(f));
}

}  // namespace

Checks protectionChecks(const CheckInput& input) {
    Checks out;
    for (const Conductor& c : input.wiring.circuit.conductors) {
        checkEnd(input, c, End::From, out.findings);
        checkEnd(input, c, End::To, out.findings);
    }
    for (const CableRow& row : input.cables.rows) {
        checkInterrupting(input, row, End::From, out.findings);
        checkInterrupting(input, row, End::To, out.findings);
    }
    return out;
}

}  // namespace spirk
