// SPDX-License-Identifier: GPL-3.0-or-later
// E3: the charger's share of the alternator, on the road and at idle.

#include "core/checks/families.h"
#include "core/gear/engine.h"

namespace spirk {

namespace {

struct EngineShare {
    Amps input;  // of the charger at its start voltage: the most it draws
    Amps road;   // what the alternator should give at most on the road
    Amps idle;   // what it has left when idling, hot
};

EngineShare shareOf(const CheckInput& in) {
    const ChosenEngine& e = *in.gear.engine;
    const Volts out = in.gear.bank.chemistry.absorption;
    return {dcdcInput(*e.charger, out, e.charger->output, e.charger->start),
            e.alternator * in.library.alternator.roadShareLimit,
            spareAtIdle(
                in.library.alternator, e.alternator, amps(rule(in.library, "own_use_a").value))};
}

Derivation shareDerivation(const CheckInput& in, const EngineShare& share) {
    const ChosenEngine& e = *in.gear.engine;
    return {.id = FigureId("engine.input"),
            .title = "Most that the DC-DC charger draws from the vehicle",
            .formula = "I_in = V_out · I_out / (η · V_in)",
            .terms = {{"V_out",
                       "absorption voltage",
                       measure(in.gear.bank.chemistry.absorption),
                       fromTable(in.library, "chemistries", in.gear.bank.chemistry.name)},
                      {"I_out",
                       e.charger->name,
                       measure(e.charger->output),
                       fromTable(in.library, "dcdc_chargers", e.charger->name)},
                      {"η",
                       "efficiency",
                       percent(e.charger->efficiency),
                       fromTable(in.library, "dcdc_chargers", e.charger->name)},
                      {"V_in",
                       "start voltage at its input",
                       measure(e.charger->start),
                       fromTable(in.library, "dcdc_chargers", e.charger->name)},
                      {"road",
                       "half of the alternator's rating",
                       measure(share.road),
                       fromTable(in.library, "alternator", "road_share_limit")},
                      {"idle",
                       "left at idle, hot, after the vehicle's own use",
                       measure(share.idle),
                       fromTable(in.library, "alternator", "idle speed and hot factor")}},
            .result = measure(share.input),
            .source = "energy balance of the charger",
            .note = ""};
}

void offerSmaller(const CheckInput& in, Amps limit, Finding& f) {
    const ChosenEngine& e = *in.gear.engine;
    const DcdcModel* best = nullptr;
    for (const DcdcModel& model : in.library.dcdcs) {
        const Amps input =
            dcdcInput(model, in.gear.bank.chemistry.absorption, model.output, model.start);
        if (input <= limit && model.output < e.charger->output) {
            best = &model;
        }
    }
    if (best != nullptr) {
        f.mends.push_back(
            {{"Use a {model}", {{"model", best->name}}}, {{"gear.engine.charger", "", best->id}}});
    }
}

Finding tooMuch(const CheckInput& in, const EngineShare& share, bool road) {
    Finding f = findingOf(in, "E3", {SubjectKind::Device, "dcdc"});
    f.severity = road ? Severity::Fault : f.severity;
    f.id = road ? "E3 road" : "E3 idle";
    const MessageValue draws{"input", measure(share.input)};
    if (road) {
        f.what = {"The DC-DC charger draws up to {input}; half of the alternator is {limit}.",
                  {draws, {"limit", measure(share.road)}}};
        f.why = {"A small machine run hard for hours gets hot and wears out.", {}};
        f.remedy = {"Use a smaller charger, or limit its current.", {}};
    } else {
        f.what = {
            "With the engine idling the alternator has {limit} left; the DC-DC charger draws up to "
            "{input}.",
            {draws, {"limit", measure(share.idle)}}};
        f.why = {"The starter battery pays the rest; the charger drops out and comes back.", {}};
        f.remedy = {"Do not charge at idle for long, or use a smaller charger.", {}};
    }
    f.figures = {FigureId("engine.input")};
    offerSmaller(in, road ? share.road : share.idle, f);
    return f;
}

}  // namespace

Checks engineChecks(const CheckInput& input) {
    Checks out;
    if (!input.gear.engine) {
        return out;
    }
    const EngineShare share = shareOf(input);
    out.why.add(shareDerivation(input, share));
    if (share.input > share.road) {
        out.findings.push_back(tooMuch(input, share, true));
    }
    if (share.input > share.idle) {
        out.findings.push_back(tooMuch(input, share, false));
    }
    return out;
}

}  // namespace spirk
