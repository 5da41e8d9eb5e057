// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The day's demand on the bank: needs plus what the inverter loses.

#include "core/supply/supply.h"

namespace spirk {

struct Demand {
    Joules inverterExtra;
    Joules total;
    Derivations why;
};

[[nodiscard]] Demand demandOf(const Plan& plan, const System& gear, const Needs& needs);

}  // namespace spirk
