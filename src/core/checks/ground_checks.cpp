// SPDX-License-Identifier: GPL-3.0-or-later
// G3: nothing negative may pass the shunt by.

#include "core/checks/families.h"

namespace spirk {

namespace {

// The bank's own side of the shunt: battery negatives and their collecting bar.
bool bankSide(const CheckInput& in, const TerminalId& t) {
    const Device* d = findDevice(in.wiring.circuit, t.device);
    if (d == nullptr) {
        return false;
    }
    const bool batteryNegative = d->kind == DeviceKind::Battery && t.port == "-";
    const bool collecting = d->kind == DeviceKind::CollectingBar && d->id.value == "bank.neg";
    const bool shuntSide = d->kind == DeviceKind::Shunt && t.port == "a";
    return batteryNegative || collecting || shuntSide;
}

bool bypasses(const CheckInput& in, const Conductor& c) {
    const bool negative = c.role == Role::Negative || c.role == Role::Bond;
    return negative && bankSide(in, c.from) != bankSide(in, c.to);
}

Finding bypassing(const Conductor& c, const TerminalId& at, End end) {
    Finding f = findingOf("G3", Severity::Fault, subject(c.id));
    f.where.push_back({SubjectKind::Device, "shunt"});
    f.standing = Standing::CommonPractice;
    f.what = {"{name} ends at {terminal}, on the bank's side of the shunt.",
              {{"name", c.name}, {"terminal", text(at)}}};
    f.why = {
        "What flows through it is not counted: the monitor's state of charge drifts from the "
        "truth day by day.",
        {}};
    f.remedy = {"Bring it to the negative bar, behind the shunt.", {}};
    f.source = "common practice: a shunt counts only what passes through it";
    f.mends = {
        {{"Move it back", {}},
         {{end == End::From ? "conductor.unmove" : "conductor.unmove.to", c.id.value, 0.0}}}};
    return f;
}

}  // namespace

Checks groundChecks(const CheckInput& input) {
    Checks out;
    for (const Conductor& c : input.wiring.circuit.conductors) {
        if (!bypasses(input, c)) {
            continue;
        }
        const End end = bankSide(input, c.from) ? End::From : End::To;
        out.findings.push_back(bypassing(c, end == End::From ? c.from : c.to, end));
    }
    return out;
}

}  // namespace spirk
