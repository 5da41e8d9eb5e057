// SPDX-License-Identifier: GPL-3.0-or-later
// G1, G2, G3: the bond of the house negative to the chassis; nothing negative may pass the shunt
// by. E7: nor what charges from the engine.

#include <algorithm>
#include <set>
#include <variant>
#include <vector>

#include "core/cables/figures.h"
#include "core/checks/families.h"
#include "core/circuit/walk.h"

namespace spirk {

namespace {

// What is reached from the batteries' negatives without passing the shunt: collecting bars and
// isolators lead on, the shunt's battery side is where it should end, everything else is a bypass.
class BankSide {
public:
    struct Bypass {
        const Conductor* conductor = nullptr;
        End end = End::From;  // the one on the bank's side
    };

    explicit BankSide(const Circuit& circuit) : circuit_(circuit) {
        for (const Device& d : circuit.devices) {
            for (const Port& port : d.ports) {
                if (d.kind == DeviceKind::Battery && port.pole == Pole::Negative) {
                    visit({d.id, port.name});
                }
            }
        }
        while (!open_.empty()) {
            const TerminalId at = open_.back();
            open_.pop_back();
            for (const Conductor& c : circuit.conductors) {
                follow(c, at);
            }
        }
    }
    [[nodiscard]] const std::vector<Bypass>& bypasses() const { return bypasses_; }

private:
    void visit(const TerminalId& t) {
        if (seen_.insert(t).second) {
            open_.push_back(t);
        }
    }
    void follow(const Conductor& c, const TerminalId& at) {
        const bool negative = isHousePole(c, Pole::Negative) || c.purpose == Purpose::Bond;
        if (!negative || (c.from != at && c.to != at)) {
            return;
        }
        const TerminalId& far = c.from == at ? c.to : c.from;
        const Device& device = *findDevice(circuit_, far.device);
        if (device.kind == DeviceKind::Isolator || device.kind == DeviceKind::Joint) {
            for (const std::size_t port : joinedInside(device, portOf(device, far.port))) {
                visit({far.device, device.ports[port].name});
            }
        } else if (leadsOn(device, far)) {
            visit(far);
        } else {
            bypasses_.push_back({&c, c.from == at ? End::From : End::To});
        }
    }
    // Terminals that belong to the bank's side: its bars and poles, and the shunt's own battery
    // side, which is its first.
    static bool leadsOn(const Device& device, const TerminalId& at) {
        return device.kind == DeviceKind::CollectingBar || device.kind == DeviceKind::Battery ||
               (device.kind == DeviceKind::Shunt && at == firstTerminal(device));
    }

    const Circuit& circuit_;
    std::set<TerminalId> seen_;
    std::vector<TerminalId> open_;
    std::vector<Bypass> bypasses_;
};

bool moved(const Plan& plan, const ConductorId& id, End end) {
    return std::ranges::any_of(plan.amendments, [&](const Amendment& a) {
        const auto* move = std::get_if<MoveEnd>(&a);
        return move != nullptr && move->conductor == id && move->end == end;
    });
}

// A conductor that charging current of the engine returns through: a unit's own, or the bond.
bool bringsEngineBack(const System& gear, const Conductor& c) {
    const auto isOf = [&](const auto& units) {
        return std::ranges::any_of(units, [&](const auto& unit) { return unit.id == c.unit; });
    };
    return (c.purpose == Purpose::Bond && gear.usesEngine()) || isOf(gear.engines) ||
           isOf(gear.relays) || isOf(gear.combineds) || isOf(gear.alternators);
}

Finding bypassing(const CheckInput& in, const Conductor& c, End bankEnd) {
    const TerminalId& at = bankEnd == End::From ? c.from : c.to;
    const bool engine = bringsEngineBack(in.gear, c);
    Finding f = findingOf(in, engine ? "E7" : "G3", subject(c.id));
    f.where.push_back(firstSubject(in, DeviceKind::Shunt));
    f.what = {"{name} ends at {terminal}, on the battery side of the shunt."_text,
              {{"name", c.name}, {"terminal", placeName(in.wiring.circuit, at)}}};
    f.why =
        engine
            ? "What the engine charges is not counted: the monitor shows less than the bank has."_text
            : "Its current is not counted: the monitor's state of charge drifts day by day."_text;
    f.remedy = {"Move it to the negative bar, on the load side of the shunt."_text, {}};
    for (const End end : {End::From, End::To}) {
        if (moved(in.plan, c.id, end)) {
            f.mends.push_back({{"Move it back"_text, {}}, {TakeBack{MoveEnd{c.id, end, {}}}}});
        }
    }
    return f;
}

void checkBondPlace(const CheckInput& in, const Conductor& bond, Checks& out) {
    const TerminalId bar = firstTerminal(*barOf(in.wiring.circuit, Pole::Negative));
    const TerminalId point = firstTerminal(*firstOf(in.wiring.circuit, DeviceKind::Chassis));
    if ((bond.from == bar && bond.to == point) || isMistaken(in, bond.id)) {
        return;
    }
    Finding f = findingOf(in, "G1", subject(bond.id));
    f.what = {"The bond runs from {from} to {to}, not from the negative bar to the chassis."_text,
              {{"from", placeName(in.wiring.circuit, bond.from)},
               {"to", placeName(in.wiring.circuit, bond.to)}}};
    f.why = {"A fault to the chassis has no return path, or bypasses the shunt."_text, {}};
    f.remedy = {
        "Bond the negative bar to the chassis once, with bare metal and a short cable."_text, {}};
    for (const End end : {End::From, End::To}) {
        if (moved(in.plan, bond.id, end)) {
            f.mends.push_back({{"Move it back"_text, {}}, {TakeBack{MoveEnd{bond.id, end, {}}}}});
        }
    }
    out.findings.push_back(std::move(f));
}

void checkBondSize(const CheckInput& in, const CableRow& row, Checks& out) {
    if (row.area >= row.computedArea) {
        return;
    }
    Finding f = findingOf(in, "G2", subject(row.id));
    f.what = {"The bond to the chassis is {size}; {needed} is needed."_text,
              {{"size", measure(row.area)}, {"needed", measure(row.computedArea)}}};
    f.why = {
        "What touches the body returns through it until that circuit's fuse opens, and it must bear that."_text,
        {}};
    f.remedy = {"Use {size}."_text, {{"size", measure(row.computedArea)}}};
    f.figures = {cableFigure(row.id, "size")};
    f.mends = {{{"Use {size}"_text, {{"size", measure(row.computedArea)}}},
                {TakeBack{SetSize{row.id, {}}}}}};
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks groundChecks(const CheckInput& input) {
    Checks out;
    const auto& conductors = input.wiring.circuit.conductors;
    const auto bond = std::ranges::find(conductors, Purpose::Bond, &Conductor::purpose);
    if (bond != conductors.end()) {
        checkBondPlace(input, *bond, out);
        checkBondSize(input, *findRow(input.cables, bond->id), out);
    }
    const bool turned = std::ranges::find(input.topology.findings, "G6", &Finding::rule) !=
                        input.topology.findings.end();
    if (turned || firstOf(input.wiring.circuit, DeviceKind::Shunt) == nullptr) {
        return out;  // nothing counts as it should, so nothing can pass by
    }
    const BankSide side(input.wiring.circuit);
    for (const BankSide::Bypass& b : side.bypasses()) {
        if (!isMistaken(input, b.conductor->id)) {
            out.findings.push_back(bypassing(input, *b.conductor, b.end));
        }
    }
    return out;
}

}  // namespace spirk
