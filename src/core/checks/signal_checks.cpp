// SPDX-License-Identifier: GPL-3.0-or-later
// E4: what tells chargers and the relays of circuits that the engine runs.

#include <algorithm>

#include "core/checks/families.h"
#include "core/circuit/walk.h"

namespace spirk {

namespace {

// What tells that the engine runs, and is joined with a terminal through whatever lies between.
enum class SignalFrom { EngineRunning, AlwaysLive, Nothing };

SignalFrom signalAt(const Circuit& circuit, int node) {
    const std::vector<int> reached = reachedFrom(joinsOf(circuit), node);
    SignalFrom out = SignalFrom::Nothing;
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        const Device& device = circuit.devices[d];
        const auto isReached = [&](std::size_t port) {
            const int at = circuit.index->firstNode[d] + static_cast<int>(port);
            return std::ranges::find(reached, at) != reached.end();
        };
        const bool live = std::ranges::any_of(device.elements, [&](const Element& e) {
            const auto* emf = std::get_if<Emf>(&e);
            return emf != nullptr && isReached(emf->at.pos);
        });
        if (live) {
            return SignalFrom::AlwaysLive;
        }
        if (device.kind == DeviceKind::Ignition && isReached(0)) {
            out = SignalFrom::EngineRunning;
        }
    }
    return out;
}

// What must be told: a charger by its enable, a relay by its coil.
struct Listener {
    const Device* device = nullptr;
    std::size_t node = 0;             // of the terminal
    const Conductor* lead = nullptr;  // that arrives there; null: none does
    bool charger = true;
};

std::optional<Listener> listenerOn(const CheckInput& in,
                                   const Circuit& circuit,
                                   std::size_t device) {
    const Device& d = circuit.devices[device];
    const bool charger = std::ranges::any_of(in.gear.engines, [&](const EngineUnit& engine) {
        return d.id.value == engine.id.value && engine.option("enable") != "voltage";
    });
    const auto port = std::ranges::find(d.ports, charger ? "enable" : "coil+", &Port::name);
    if (port == d.ports.end()) {
        return std::nullopt;
    }
    const auto at = static_cast<std::size_t>(port - d.ports.begin());
    Listener out{
        &d, static_cast<std::size_t>(circuit.index->firstNode[device]) + at, nullptr, charger};
    for (const EndOn& end : circuit.index->endsOn[device]) {
        if (end.port == at && end.end == End::To) {
            out.lead = &circuit.conductors[end.conductor];
        }
    }
    return out;
}

// What was moved of the leads that tell it.
void offerMovesBack(const CheckInput& in, const Circuit& circuit, const Listener& l, Finding& f) {
    for (const Amendment& a : in.plan.amendments) {
        const auto* move = std::get_if<MoveEnd>(&a);
        const Conductor* c = move == nullptr ? nullptr : findConductor(circuit, move->conductor);
        if (c != nullptr && c->purpose == Purpose::Signal && c->unit == l.device->unit) {
            f.mends.push_back(
                {"Move it back"_text, {TakeBack{MoveEnd{move->conductor, move->end, {}}}}});
        }
    }
}

bool isDriversSwitch(const CheckInput& in, const Device& device) {
    return std::ranges::any_of(in.gear.engines, [&](const EngineUnit& engine) {
        return engine.option("enable") == "switch" && device.unit == engine.id &&
               device.kind == DeviceKind::Isolator && !device.amended;
    });
}

Finding leftToTheDriver(const CheckInput& in, const Conductor& lead) {
    Finding f = findingOf(in, "E4", subject(lead.id));
    f.severity = Severity::Advice;
    f.what = "Only a switch at the driver's seat tells the DC-DC charger when to run."_text;
    f.why =
        "Left on, it charges with the engine stopped, down to the charger's stop voltage. In its favour: the driver can spare the alternator."_text;
    f.remedy =
        "Use a switch with a lamp, and check it when you park; or take the signal from a circuit that is live only while the engine runs."_text;
    return f;
}

Finding toldWrong(const CheckInput& in, const Circuit& circuit, const Listener& l, bool live) {
    Finding f =
        findingOf(in, "E4", l.lead == nullptr ? subject(l.device->id) : subject(l.lead->id));
    if (l.lead == nullptr) {
        f.what = {"Nothing tells {device} that the engine runs: its lead ends elsewhere."_text,
                  {{"device", l.device->name}}};
    } else {
        f.what = {
            live
                ? "What tells {device} that the engine runs comes from {from}, which is always live."_text
                : "What tells {device} that the engine runs comes from {from}, which is never live."_text,
            {{"device", l.device->name}, {"from", findDevice(circuit, l.lead->from.device)->name}}};
    }
    if (l.charger) {
        f.why = live
                    ? "It charges with the engine stopped, until the vehicle no longer starts."_text
                    : "The charger never starts."_text;
    } else {
        f.why = live ? "What hangs on it goes on drawing with the engine stopped."_text
                     : "It never closes, and what hangs on it never runs."_text;
    }
    f.remedy = "Take it from a circuit that is live only while the engine runs."_text;
    offerMovesBack(in, circuit, l, f);
    return f;
}

void checkTold(const CheckInput& in, const Circuit& circuit, const Listener& l, Checks& out) {
    const SignalFrom from = signalAt(circuit, static_cast<int>(l.node));
    if (from == SignalFrom::EngineRunning) {
        return;
    }
    const bool live = from == SignalFrom::AlwaysLive;
    const bool driver =
        live && l.lead != nullptr && isDriversSwitch(in, *findDevice(circuit, l.lead->from.device));
    out.findings.push_back(driver ? leftToTheDriver(in, *l.lead) : toldWrong(in, circuit, l, live));
}

// Without a lead the starter battery's voltage decides, and something else may lift it.
void checkVoltageSensing(const CheckInput& in, const EngineUnit& engine, Checks& out) {
    if (engine.option("enable") != "voltage") {
        return;
    }
    const bool lifted = !in.gear.relays.empty() || !in.gear.trickles.empty();
    Finding f = findingOf(in, "E4", unitSubject(engine.id));
    f.severity = lifted ? Severity::Fault : Severity::Advice;
    f.what =
        lifted
            ? "The DC-DC charger starts by the starter battery's voltage alone, which a relay or a trickle charger raises from the bank."_text
            : "The DC-DC charger starts by the starter battery's voltage alone."_text;
    f.why =
        "Anything else that charges the starter battery, such as a trickle charger on sun or shore power, looks like a running engine: the charger then drains it into the bank."_text;
    f.remedy =
        "Run an enable lead from a circuit that is live only while the engine runs, or make sure nothing else charges the starter battery."_text;
    f.mends.push_back({"Run an enable lead"_text, {UseOption{engine.id, "enable", "ignition"}}});
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks signalChecks(const CheckInput& input) {
    Checks out;
    // As the leads were meant, where a walk has found a mistake.
    const Circuit& circuit = sizedCircuit(input);
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        if (const auto listener = listenerOn(input, circuit, d)) {
            checkTold(input, circuit, *listener, out);
        }
    }
    for (const EngineUnit& engine : input.gear.engines) {
        checkVoltageSensing(input, engine, out);
    }
    return out;
}

}  // namespace spirk
