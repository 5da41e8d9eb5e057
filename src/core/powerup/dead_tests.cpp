// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/dead_tests.h"

#include <algorithm>

namespace spirk {

namespace {

// Judgement, for a hand meter: a load circuit with its load off above this has no short.
constexpr double kNoShortOhms = 100.0;

SwitchStep step(const char* id, Text text) {
    SwitchStep out;
    out.id = id;
    out.text = std::move(text);
    return out;
}

Derivation judged(const FigureId& id, Text title, Ohms limit, Text reason) {
    return {.id = id,
            .title = std::move(title),
            .formula = "a limit for a hand meter"_text,
            .terms = {},
            .result = measure(limit),
            .source = {"Judgement: {reason}"_text, {{"reason", std::move(reason)}}},
            .note = {}};
}

const FigureId kShortsFigure{"reading.dead.shorts.1"};

SwitchStep shortTest(const PowerUpInput& in) {
    SwitchStep out = step(
        "dead.shorts",
        "Resistance from plus to minus behind each fuse, loads switched off. A reading that climbs is a capacitor charging; one that stays near zero is a short circuit: find it before any fuse goes in."_text);
    for (const Conductor& c : in.wiring.circuit.conductors) {
        if (protectionAt(in.wiring.circuit, c, End::From) != nullptr &&
            isHousePole(c, Pole::Positive)) {
            out.subjects.push_back(subject(c.id));
        }
    }
    out.readings = {{"resistance behind each fuse"_text,
                     measure(ohms(kNoShortOhms)),
                     measure(ohms(kNoShortOhms)),
                     measure(ohms(1e7)),
                     kShortsFigure}};
    return out;
}

// The sheet is that of the plan without them: nobody switches a mistake on.
SwitchStep mistakesFirst(const Topology& topology) {
    SwitchStep out = step(
        "dead.mistakes",
        "Stop here: mistakes of connection stand in the plan, see Checks. Mend each of them first; all steps and readings below are those of the system without them."_text);
    out.caution = "Switched on as it is, this system is destroyed or does not work."_text;
    for (const Finding& f : topology.findings) {
        out.subjects.push_back(f.where.front());
    }
    return out;
}

// Studs of all our terminals, each once, in the order of the table.
std::vector<const Stud*> studsIn(const PowerUpInput& in) {
    std::vector<const Stud*> out;
    for (const Stud& stud : in.library.studs) {
        const bool used = std::ranges::any_of(in.cables.rows, [&](const CableRow& row) {
            return row.from.stud == stud.id || row.to.stud == stud.id;
        });
        if (used) {
            out.push_back(&stud);
        }
    }
    return out;
}

SwitchStep torqueStep(const PowerUpInput& in) {
    std::vector<Text> torques;
    for (const Stud* stud : studsIn(in)) {
        torques.push_back(
            {"{stud}: {torque}"_text, {{"stud", stud->name}, {"torque", torqueText(*stud)}}});
    }
    const Text all =
        "Every nut tightened to its maker's torque and marked; covers on live terminals."_text;
    return step("dead.torque",
                torques.empty()
                    ? all
                    : then(all,
                           {"Where the maker gives none, for dry brass: {torques}."_text,
                            {{"torques", listed(torques)}}}));
}

}  // namespace

Derivations deadTestFigures() {
    Derivations out;
    out.add(
        judged(kShortsFigure,
               "Resistance behind a fuse, least"_text,
               ohms(kNoShortOhms),
               "loads that are switched off read far above this, a short circuit far below."_text));
    return out;
}

std::vector<SwitchStep> deadTests(const PowerUpInput& in) {
    std::vector<SwitchStep> out;
    if (in.topology.sound) {
        out.push_back(mistakesFirst(in.topology));
    }
    out.push_back(step(
        "dead.off",
        "All fuses out, main switch off, every isolator open, inverter and loads off, engine stopped."_text));
    out.back().caution =
        "Rings and watch off, insulated tools, one cover off at a time, a second person near. A "
        "spanner across a battery welds and burns."_text;
    for (const LiveStep& wanted : in.wiring.steps) {
        if (wanted.stage == Stage::MadeSafe) {
            out.push_back(step(wanted.id.c_str(), wanted.text));
            out.back().caution = wanted.caution;
            out.back().subjects = wanted.subjects;
        }
    }
    out.push_back(step(
        "dead.polarity",
        {"Polarity at each device: follow each lead by its label from end to end; {positive} to plus, {negative} to minus. The shunt's battery side faces the bank."_text,
         {{"positive", in.region.positive}, {"negative", in.region.negative}}}));
    out.push_back(shortTest(in));
    SwitchStep bond = step(
        "dead.bond",
        "The bond by eye: bare metal, a star washer, one place, tight. It is measured later, under load."_text);
    const auto& conductors = in.wiring.circuit.conductors;
    const auto own = std::ranges::find(conductors, Purpose::Bond, &Conductor::purpose);
    if (own != conductors.end()) {
        bond.subjects = {subject(own->id)};
    }
    out.push_back(std::move(bond));
    out.push_back(torqueStep(in));
    return out;
}

std::vector<DeviceSetting> deviceSettings(const PowerUpInput& in) {
    std::vector<DeviceSetting> out;
    for (const Sets sets : {Sets::Charging, Sets::Output, Sets::Monitor}) {
        for (const WantedSetting& s : in.wiring.settings) {
            if (s.sets == sets) {
                const Device* d = findDevice(in.wiring.circuit, s.device);
                out.push_back({s.device, d->name, s.setting, s.value});
            }
        }
    }
    return out;
}

}  // namespace spirk
