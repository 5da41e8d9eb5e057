// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/wiring.h"

#include <algorithm>
#include <map>
#include <variant>

#include "core/circuit/relations.h"
#include "core/wiring/modules.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

// Of two that are called alike the second is called 'name (2)': a person must tell them apart on a
// label and on a sheet. Loads have the names that the person gave them.
template <class Entry>
void tellApart(std::vector<Entry>& entries) {
    std::map<std::string, int> seen;
    for (Entry& entry : entries) {
        const int n = ++seen[english(entry.name)];
        if constexpr (requires { entry.appliance; }) {
            if (entry.appliance) {
                continue;
            }
        }
        if (n > 1) {
            entry.name = {"{name} ({n})"_text, {{"name", entry.name}, {"n", count(n)}}};
        }
    }
}

// Steps that read alike begin with what they are about.
void tellApart(std::vector<LiveStep>& steps, const Circuit& circuit) {
    const auto alike = [&](const LiveStep& step) {
        return std::ranges::count(steps, step.text, &LiveStep::text) > 1;
    };
    std::vector<bool> named;
    for (const LiveStep& step : steps) {
        named.push_back(alike(step) && !step.subjects.empty());
    }
    for (std::size_t i = 0; i < steps.size(); ++i) {
        const Device* device =
            named[i] ? findDevice(circuit, DeviceId(steps[i].subjects.front().id)) : nullptr;
        if (device != nullptr) {
            steps[i].text = {"{device}: {step}"_text,
                             {{"device", device->name}, {"step", steps[i].text}}};
        }
    }
}

bool hasSeveralOfAKind(const System& gear) {
    const bool blocks = std::ranges::any_of(gear.rails,
                                            [](const RailUnit& rail) {
                                                return !rail.atBank() && rail.converter == nullptr;
                                            }) ||
                        std::ranges::any_of(gear.circuits, [](const CircuitChoice& circuit) {
                            return circuit.live == LiveWhen::Always && circuit.tap == Tap::Block;
                        });
    return blocks || !gear.besides.empty() || !gear.modules.empty() || gear.monitors.size() > 1 ||
           gear.banks.size() > 1 || gear.rails.size() > 2 || gear.suns.size() > 1 ||
           gear.engines.size() > 1 || gear.relays.size() > 1 || gear.shores.size() > 1 ||
           gear.alternators.size() > 1 || gear.trickles.size() > 1 || gear.inverters.size() > 1;
}

}  // namespace

Wiring wire(const Plan& plan, const Library& library, const System& gear, const Needs& needs) {
    const Draft blank{plan, library, gear, needs, {}, {}};
    Draft draft{plan, library, gear, needs, joined(piecesOf(blank)), {}};
    Wiring out;
    // A lead that is moved away must not take the limit of drop with it: what its path was before
    // stays with the path.
    if (std::ranges::any_of(plan.amendments, [](const Amendment& a) {
            return std::holds_alternative<MoveEnd>(a);
        })) {
        draft.piece.circuit = related(indexed(std::move(draft.piece.circuit)));
        draft.piece.circuit.index.reset();
    }
    partModules(draft);
    out.findings = amendStructure(draft);
    makeHardware(draft);
    if (hasSeveralOfAKind(gear)) {
        tellApart(draft.piece.circuit.devices);
        tellApart(draft.piece.circuit.conductors);
    }
    draft.piece.circuit = related(indexed(std::move(draft.piece.circuit)));
    out.sizing = sizingMoments(draft);
    out.moments = shownMoments(draft);
    tellApart(draft.piece.steps, draft.piece.circuit);
    out.circuit = std::move(draft.piece.circuit);
    out.steps = std::move(draft.piece.steps);
    out.settings = std::move(draft.piece.settings);
    return out;
}

}  // namespace spirk
