// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a plan names out of the libraries. An unknown model of gear is a finding of the design, for
// it may have been sold elsewhere; here stands what would have to be guessed.

#include <vector>

#include "core/plan/plan_file.h"

namespace spirk {

// Families of fuses that no region knows, and own gear with the id of gear of a library.
[[nodiscard]] std::vector<Error> badReferences(const Plan& plan, const Libraries& libraries);

// The reading, refused where anything in it is a bad reference.
[[nodiscard]] PlanReading known(PlanReading reading, const Libraries& libraries);

}  // namespace spirk
