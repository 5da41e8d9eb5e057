// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Small plans to change one thing of, and shared checks.

#include <optional>
#include <string>

#include "core/design/design.h"

namespace spirk::test {

// The tables of data/, read once. Plans are European unless a test says otherwise.
[[nodiscard]] const Libraries& libraries();
[[nodiscard]] const Library& library();
[[nodiscard]] const Library& americanLibrary();

// One 100 Ah battery, a fridge and a lamp; no sun, no engine, no inverter.
[[nodiscard]] Plan aSmallVan();
// Every length on the board entered as it is assumed.
void measureBoard(Plan& plan);

// The same with one panel, and with the warmth of every place and the lengths on the board
// measured. Clean by all rules.
[[nodiscard]] Plan aMeasuredVan();
// Three batteries, sun, engine and an inverter: every kind of device that the wiring knows.
[[nodiscard]] Plan aFullVan();
[[nodiscard]] Plan theDemo();

[[nodiscard]] Appliance aLoad(const std::string& id, Watts watts, Category category);

[[nodiscard]] const Finding* findingOf(const Design& design, const std::string& rule);
[[nodiscard]] const CableRow& rowOf(const Design& design, const std::string& conductor);

// Whether a device or a conductor of that id is in the design.
[[nodiscard]] bool has(const Design& design, const std::string& id);
// A shown moment, solved. Requires that there is one of that id; so of the conductor below.
[[nodiscard]] const MomentSolution& momentOf(const Design& design, const std::string& moment);
// Amperes through a conductor in a shown moment, along it.
[[nodiscard]] double along(const Design& design,
                           const std::string& moment,
                           const std::string& conductor);
// Of a plan that is designed with the European tables.
[[nodiscard]] Circuit circuitOf(const Plan& plan);

// What a device gives or draws in a solved moment, and takes at its input; nothing where it does
// not.
[[nodiscard]] std::optional<Amps> currentOf(const Circuit& circuit,
                                            const MomentSolution& solved,
                                            const std::string& device);
[[nodiscard]] std::optional<Amps> inputOf(const Circuit& circuit,
                                          const MomentSolution& solved,
                                          const std::string& device);

// A path in a folder of its own that is gone when the process ends.
[[nodiscard]] std::string temporaryPath(const std::string& name);

}  // namespace spirk::test
