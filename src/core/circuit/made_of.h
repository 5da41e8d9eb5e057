// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a piece of hardware makes of the device that it becomes, and what that device asks of it.

#include "core/circuit/circuit.h"

namespace spirk {

// A way of a block: its cable ends in a clip, not on the block's stud.
[[nodiscard]] bool isClip(const Port& port);

// Its rating, studs, resistance, weight, price and what is bought. Ways of a block keep their
// clips. Requires a device made of that kind.
void makeOf(Device& device, const HardwareModel& model);

// Fuses that sit in a block or a distributor, conductors at a bar; zero for what has no ways.
// Requires an indexed circuit.
[[nodiscard]] int waysUsed(const Circuit& circuit, std::size_t device);

}  // namespace spirk
