// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The panels' side of a unit that charges from the sun: the array, its two-pole isolator (opened
// first) and the leads to the unit's ports 'pv+' and 'pv-'.

#include "core/wiring/ways.h"

namespace spirk {

void addArray(Draft& draft, const SunUnit& sun);
// Once the unit itself is there.
void addArrayLeads(Draft& draft, const SunUnit& sun);
// What is done to them once their controller has its battery.
[[nodiscard]] Text uncoverText(const SunUnit& sun);
// Of all panels at a controller, where they give most.
[[nodiscard]] Amps bestInput(const Draft& draft, const SunUnit& sun);
// Before any test: the panels make nothing.
[[nodiscard]] LiveStep coveredStep(const SunUnit& sun);

}  // namespace spirk
