// SPDX-License-Identifier: GPL-3.0-or-later
// Derivations of what flows through devices, and of what they are made of.

#include <algorithm>

#include "core/cables/figures.h"
#include "core/cables/sizing.h"
#include "core/circuit/kinds.h"
#include "core/circuit/made_of.h"

namespace spirk {

FigureId throughFigure(const DeviceId& id) { return FigureId("device." + id.value + ".through"); }
FigureId hardwareFigure(const DeviceId& id) { return FigureId("device." + id.value + ".hardware"); }

namespace {

Derivation through(const SizingTask& task, const Device& d, const Through& t) {
    const Text& moment = task.wiring.sizing[t.moment].name;
    return {.id = throughFigure(d.id),
            .title = {"{device}, largest current through it"_text, {{"device", d.name}}},
            .formula = kindRow(d.kind).studs == Studs::OneEach
                           ? "half the sum of the currents in its conductors"_text
                           : "current of its conductors"_text,
            .terms = {{"I"_text, moment, measure(t.current), FromSolver{moment}},
                      {"I_max"_text,
                       "it is rated for"_text,
                       measure(d.rating),
                       FromTable{"hardware", d.part, "common practice", "common practice"}}},
            .result = measure(t.current),
            .source = "network solved"_text,
            .note = {}};
}

SquareMetres thickestAt(const SizingTask& task, const SizingState& state, std::size_t device) {
    SquareMetres out;
    for (const EndOn& end : task.circuit().index->endsOn[device]) {
        const Port& port = task.circuit().devices[device].ports[end.port];
        if (!isClip(port) && isOurs(task.circuit().conductors[end.conductor])) {
            out = std::max(out, task.library.conductors[state.conductors[end.conductor].size].area);
        }
    }
    return out;
}

Derivation hardware(const SizingTask& task,
                    const SizingState& state,
                    std::size_t device,
                    Amps most) {
    const Device& d = task.circuit().devices[device];
    const HardwareModel& model = *task.index.hardware[device][state.hardware[device]];
    const FromTable row = fromTable(task.library, "hardware", model.name);
    Derivation out{
        .id = hardwareFigure(d.id),
        .title = {"{device}, choice of model"_text, {{"device", d.name}}},
        .formula =
            "the smallest of its kind with I_max ≥ I, S_max ≥ S, a lug for its studs, and enough ways"_text,
        .terms = {{"I"_text,
                   "largest current through it"_text,
                   measure(most),
                   FromFigure{throughFigure(d.id)}},
                  {"I_max"_text, "it is rated for"_text, measure(model.maxCurrent), row},
                  {"S"_text,
                   "largest cable connected to it"_text,
                   measure(thickestAt(task, state, device)),
                   FromSolver{"sizes of the conductors"_text}},
                  {"S_max"_text,
                   "largest cable its terminals take"_text,
                   measure(model.connection.maxArea),
                   row}},
        .result = Text(model.name),
        .source = "common practice"_text,
        .note = {}};
    if (model.ways > 0) {
        out.terms.push_back({"n"_text,
                             "ways in use"_text,
                             count(waysUsed(task.circuit(), device)),
                             FromSolver{"the circuit as wired"_text}});
        out.terms.push_back({"n_max"_text, "ways it has"_text, count(model.ways), row});
    }
    if (d.made->named) {
        out.note =
            "Chosen by you: it is not replaced by a larger one when more is connected to it."_text;
    }
    return out;
}

}  // namespace

Derivations explainHardware(const SizingTask& task, const SizingState& state) {
    Derivations out;
    const MomentCurrents currents = currentsOf(state);
    for (std::size_t i = 0; i < task.circuit().devices.size(); ++i) {
        const Device& d = task.circuit().devices[i];
        const auto most = mostThrough(task.circuit(), i, currents);
        if (most && d.rating.si() > 0.0) {
            out.add(through(task, d, *most));
        }
        if (d.made) {
            out.add(hardware(task, state, i, most ? most->current : Amps()));
        }
    }
    return out;
}

}  // namespace spirk
