// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How the currents and volts of a solved moment came about, one at a time and only when asked: a
// moment has as many as the circuit has conductors.
// Law: the terms of a conductor's current sum to it (Kirchhoff's current law at one of its ends).

#include "core/circuit/assemble.h"
#include "core/explain/derivation.h"

namespace spirk {

// A moment, its solution, and what it was solved on; borrowed for the call.
struct MomentStory {
    const CircuitState& state;
    const Moment& moment;
    const MomentSolution& solved;
};

// Figures of a moment: 'moment.noon.current.inverter.feed+', 'moment.noon.device.inverter',
// 'moment.noon.volts.inverter:dc+'.
[[nodiscard]] FigureId currentFigure(const Moment& moment, const ConductorId& conductor);
[[nodiscard]] FigureId deviceFigure(const Moment& moment, const DeviceId& device);
[[nodiscard]] FigureId voltsFigure(const Moment& moment, const TerminalId& terminal);

// 'moment.on.main.bank': current out of all batteries together, as a shunt shows it.
[[nodiscard]] FigureId bankFigure(const Moment& moment);
[[nodiscard]] FigureId inputFigure(const Moment& moment, const DeviceId& charger);
[[nodiscard]] FigureId powerFigure(const Moment& moment, const DeviceId& charger);

[[nodiscard]] Amps bankCurrent(const Circuit& circuit, const MomentSolution& solved);
[[nodiscard]] Derivation explainBank(const MomentStory& story);
// What a source, a charger or a load gives or takes. Nothing where the device is none of these, or
// is switched off in this moment.
[[nodiscard]] std::optional<Derivation> explainDevice(const MomentStory& story,
                                                      const DeviceId& device);
// Power that a charger's input and its panels leave it; nothing where they leave it all it wants.
[[nodiscard]] std::optional<Derivation> explainPower(const MomentStory& story,
                                                     const DeviceId& charger);
// The input of a charger.
[[nodiscard]] std::optional<Derivation> explainInput(const MomentStory& story,
                                                     const DeviceId& charger);
[[nodiscard]] std::optional<Derivation> explainCurrent(const MomentStory& story,
                                                       const ConductorId& conductor);
// Volts between a terminal and its counter: a source's own, less what is lost on the way. Nothing
// where the terminal is dead.
[[nodiscard]] std::optional<Derivation> explainVolts(const MomentStory& story,
                                                     const TerminalId& terminal);

}  // namespace spirk
