// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The library's entries behind a plan's choices. A choice that the library does not know becomes a
// finding and counts as not there, so that a design is always complete.

#include <optional>
#include <vector>

#include "core/explain/finding.h"
#include "core/plan/plan.h"

namespace spirk {

struct ChosenBank {
    const BatteryModel* model = nullptr;
    const Chemistry* chemistry = nullptr;
    int count = 0;
};
struct ChosenSolar {
    const PanelModel* panel = nullptr;
    const ControllerModel* controller = nullptr;
    int series = 1;
    int parallel = 1;
};
struct ChosenEngine {
    const DcdcModel* charger = nullptr;
    Amps alternator;
};

// Borrows from the library. The bank is always there: an unknown one falls back to the library's
// first battery, with a finding.
struct ChosenGear {
    ChosenBank bank;
    std::optional<ChosenSolar> solar;
    std::optional<ChosenEngine> engine;
    const InverterModel* inverter = nullptr;  // null: none
    const Climate* climate = nullptr;
    std::vector<Finding> findings;
};

[[nodiscard]] ChosenGear chosenGear(const Plan& plan, const Library& library);

[[nodiscard]] Watts arrayPower(const ChosenSolar& solar);
// Rated capacity of the whole bank.
[[nodiscard]] Coulombs bankCapacity(const ChosenBank& bank);

}  // namespace spirk
