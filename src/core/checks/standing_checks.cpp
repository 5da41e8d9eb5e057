// SPDX-License-Identifier: GPL-3.0-or-later
// What this version does not plan, said in every plan that needs it, and loads that the solver
// could not serve.

#include <algorithm>

#include "core/checks/families.h"

namespace spirk {

namespace {

Finding noMainsSide(const CheckInput& in, const InverterUnit& inverter) {
    Finding f = findingOf(in, "MAINS", firstSubject(in, DeviceKind::Inverter, inverter.id));
    f.what = {
        "The inverter's mains side is not planned here: RCD, breaker, sockets and neutral-earth bond are missing."_text,
        {}};
    f.why = {"An inverter's output is mains and can kill, also without shore power."_text, {}};
    f.remedy = {
        "Leave its output unplugged. Have the mains side planned, inspected and tested by a "
        "licensed electrician before first use."_text,
        {}};
    return f;
}

Finding noShoreSide(const CheckInput& in, const UnitId& unit, Phrase charger) {
    Finding f = findingOf(in, "MAINS", unitSubject(unit));
    f.what = {
        "The {charger}'s shore side is not planned here: inlet, RCD, breaker and earth are "
        "missing."_text,
        {{"charger", charger}}};
    f.why = "Shore power is mains and can kill."_text;
    f.remedy =
        "Do not plug it in. Have the mains side planned, inspected and tested by a licensed "
        "electrician before first use; never feed the charger from the inverter."_text;
    return f;
}

Finding mainsWithoutInverter(const CheckInput& in) {
    Finding f = findingOf(in, "MAINS", {SubjectKind::Figure, "needs.mains"});
    f.id = "MAINS none";
    f.severity = Severity::Fault;
    f.standing = Standing::CommonPractice;
    f.source = "own arithmetic"_text;
    f.what = {"The plan has mains appliances ({energy} per day) and no inverter."_text,
              {{"energy", measure(in.needs.mainsPerDay)}}};
    f.why = {"Nothing supplies them, and their energy is not counted."_text, {}};
    f.remedy = {"Choose an inverter in Supply, or remove the mains appliances."_text, {}};
    return f;
}

Finding notSolved(const CheckInput& in, const MomentSolution& solved, const Text& name) {
    Finding f = findingOf(in, "SERVE", firstSubject(in, DeviceKind::Battery));
    f.id = "SERVE " + solved.moment;
    f.standing = Standing::CommonPractice;
    f.what = {
        "Spirk could not solve the situation '{moment}'. This is a defect of Spirk, not of your plan."_text,
        {{"moment", name}}};
    f.why =
        "Currents and voltages of this situation are not known, and nothing is said of them."_text;
    f.remedy = "Please report it, with the plan's file."_text;
    return f;
}

Finding notServed(const CheckInput& in, const MomentSolution& solved, const Text& name) {
    const Device& weakest = solved.weakest ? in.wiring.circuit.devices[*solved.weakest]
                                           : *firstOf(in.wiring.circuit, DeviceKind::Battery);
    Finding f = findingOf(in, "SERVE", subject(weakest.id));
    f.id = "SERVE " + solved.moment;
    // Nearly all is not enough either; as a figure it would only puzzle.
    constexpr double kNearlyAll = 0.995;
    f.what = {
        solved.servable < kNearlyAll
            ? "In the situation '{moment}' the loads cannot be supplied: at most {part} of their power, weakest at {load}."_text
            : "In the situation '{moment}' the loads can only just not be supplied, weakest at {load}."_text,
        {{"moment", name}, {"part", percent(solved.servable)}, {"load", weakest.name}}};
    f.why = {
        "Cables and batteries cannot deliver that power at any voltage: the voltage collapses."_text,
        {}};
    f.remedy = {"Use thicker or shorter cables to that load, or a larger bank."_text, {}};
    f.figures = {FigureId("served." + solved.moment)};
    return f;
}

Derivation servedFigure(const MomentSolution& solved, const Text& name) {
    return {
        .id = FigureId("served." + solved.moment),
        .title = "Share of all loads' power that can be supplied"_text,
        .formula = "the largest share of every load's power at which voltages come to rest"_text,
        .terms = {{"p"_text,
                   "found by solving with less and less"_text,
                   percent(solved.servable),
                   FromSolver{name}}},
        .result = percent(solved.servable),
        .source = "network solved"_text,
        .note = {}};
}

}  // namespace

Checks standingChecks(const CheckInput& input) {
    Checks out;
    for (const InverterUnit& inverter : input.gear.inverters) {
        out.findings.push_back(noMainsSide(input, inverter));
    }
    for (const InverterUnit& inverter : input.gear.inverters) {
        if (inverter.model->charge.si() > 0.0) {
            Finding f = noShoreSide(input, inverter.id, "inverter/charger"_text);
            f.id += " shore";  // its other side is told too
            out.findings.push_back(std::move(f));
        }
    }
    for (const ShoreUnit& shore : input.gear.shores) {
        out.findings.push_back(noShoreSide(input, shore.id, "shore charger"_text));
    }
    if (input.gear.inverters.empty() && input.needs.mainsPerDay.si() > 0.0) {
        out.findings.push_back(mainsWithoutInverter(input));
    }
    for (const MomentSolution& solved : input.moments) {
        // Where the circuit has mistakes of connection, they are said, not what they bring about.
        if (!solved.served() && !input.topology.sound) {
            const auto moment = std::ranges::find(input.wiring.moments, solved.moment, &Moment::id);
            if (solved.outcome == Outcome::NotConverged) {
                out.findings.push_back(notSolved(input, solved, moment->name));
                continue;
            }
            out.findings.push_back(notServed(input, solved, moment->name));
            out.why.add(servedFigure(solved, moment->name));
        }
    }
    return out;
}

}  // namespace spirk
