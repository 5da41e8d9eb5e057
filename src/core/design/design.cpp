// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/design/design.h"

#include <utility>

#include "core/build/conductor_numbers.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

// Moves a stage's derivations into the design's index.
void gather(Derivations& into, Derivations& from) {
    into.merge(std::exchange(from, Derivations()));
}

// What was sized in the sound wiring, put into the one that there is: its devices are the same, but
// for what a walk over the circuit found.
void takeOver(const Circuit& sound, Circuit& circuit) {
    for (std::size_t d = 0; d < circuit.devices.size(); ++d) {
        Device made = sound.devices[d];
        for (std::size_t p = 0; p < made.ports.size(); ++p) {
            made.ports[p].counter = circuit.devices[d].ports[p].counter;
        }
        circuit.devices[d] = std::move(made);
    }
}

// A circuit that fails a walk has the sizes that it would have without the mistake.
void size(Design& d, const Library& library) {
    if (!d.topology.sound) {
        Sized sized = sizeCables(d.plan, library, d.gear, std::move(d.wiring), d.lengths);
        d.wiring = std::move(sized.wiring);
        d.cables = std::move(sized.cables);
        return;
    }
    Wiring& sound = *d.topology.sound;
    const Lengths lengths = lengthsOf(d.plan, library, sound.circuit);
    Sized sized = sizeCables(d.plan, library, d.gear, std::move(sound), lengths);
    sound = std::move(sized.wiring);
    d.cables = std::move(sized.cables);
    takeOver(sound.circuit, d.wiring.circuit);
}

std::vector<MomentSolution> solveMoments(const Design& d) {
    const CircuitState state = stateOf(d);
    std::vector<MomentSolution> out;
    for (const Moment& moment : d.wiring.moments) {
        out.push_back(solveMoment(state, moment));
    }
    return out;
}

// What a step is about is found by the number on its label.
void numberSteps(Design& d) {
    for (auto* steps : {&d.powerUp.deadTests, &d.powerUp.switchOn, &d.powerUp.shutDown}) {
        for (SwitchStep& step : *steps) {
            step.text =
                then(std::move(step.text), conductorNumbers(d.build.numbers, step.subjects));
        }
    }
}

}  // namespace

const Wiring& switchedOn(const Design& d) {
    return d.topology.sound ? *d.topology.sound : d.wiring;
}

CircuitState stateOf(const Design& d) { return {&d.wiring.circuit, d.cables.ohms, Strength::Weak}; }

Design design(const Plan& plan, const Library& library) {
    Design d;
    d.plan = plan;
    d.gear = systemOf(d.plan, library);
    d.needs = needsOf(plan);
    d.supply = supplyFor(plan, library, d.gear, d.needs);
    d.wiring = wire(plan, library, d.gear, d.needs);
    d.lengths = lengthsOf(plan, library, d.wiring.circuit);
    d.topology = judgeTopology(plan, library, d.gear, d.needs, d.wiring);
    size(d, library);
    d.moments = solveMoments(d);
    d.checks = runChecks({d.plan,
                          library,
                          d.gear,
                          d.needs,
                          d.supply,
                          d.wiring,
                          d.topology,
                          d.lengths,
                          d.cables,
                          d.moments});
    d.build = buildOf(plan, library, d.wiring, d.lengths, d.cables);
    const Region region = asChosen(library.region, plan);
    d.powerUp = powerUpFor({region, library, d.gear, d.needs, switchedOn(d), d.topology, d.cables});
    numberSteps(d);
    for (Derivations* why : {&d.needs.why,
                             &d.supply.why,
                             &d.lengths.why,
                             &d.cables.why,
                             &d.checks.why,
                             &d.build.why,
                             &d.powerUp.why}) {
        gather(d.why, *why);
    }
    return d;
}

Design withNumbers(Design d) {
    Plan plan = numbered(d.plan, numberedConductors(d.wiring.circuit));
    d.plan.numbers = std::move(plan.numbers);
    d.plan.highestNumber = plan.highestNumber;
    for (const auto& [circuit, way] : d.build.ways) {
        d.plan.ways[circuit] = way;
    }
    return d;
}

}  // namespace spirk
