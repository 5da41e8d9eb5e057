// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The library's entries behind a plan's choices. A choice that the library does not know becomes a
// finding and counts as not there, so that a design is always complete.

#include <optional>
#include <vector>

#include "core/plan/finding.h"
#include "core/plan/plan.h"

namespace spirk {

struct ChosenBank {
    const BatteryModel* model = nullptr;
    Chemistry battery;    // volts and resistance of one battery
    Chemistry chemistry;  // the same from pole to pole of the bank: `series` batteries
    int count = 0;        // strings in parallel
    int series = 1;
    Volts nominal;  // from pole to pole
    Volts system;   // 12, 24 ...: what gear is sold for
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

// Borrows from the library and from the plan's own gear. The bank is always there: an unknown one
// falls back to the library's first battery, with a finding.
struct ChosenGear {
    ChosenBank bank;
    std::optional<ChosenSolar> solar;
    std::optional<ChosenEngine> engine;
    const InverterModel* inverter = nullptr;    // null: none
    const ConverterModel* converter = nullptr;  // null: none
    const Climate* climate = nullptr;
    std::vector<Finding> findings;
};

// Own gear comes before the library's of the same id. Both must outlive the result.
[[nodiscard]] ChosenGear chosenGear(const Plan& plan, const Library& library);

// The entries that can be chosen: the person's own, then the library's.
template <class Model>
[[nodiscard]] std::vector<const Model*> onOffer(const std::vector<Model>& own,
                                                const std::vector<Model>& library) {
    std::vector<const Model*> out;
    for (const auto* list : {&own, &library}) {
        for (const Model& model : *list) {
            out.push_back(&model);
        }
    }
    return out;
}

// How many 12 V blocks a battery of this nominal voltage is, in halves: 12 V and 12.8 V are one,
// 6 V a half, 24 V and 25.6 V two.
[[nodiscard]] double blocksOf(Volts nominal);
// A 12 V block's chemistry, for `blocks` of them in series.
[[nodiscard]] Chemistry scaled(const Chemistry& block, double blocks);

// Whether an appliance hangs on the converter's 12 V rail, where there is one.
[[nodiscard]] bool onConverter(const Appliance& appliance, const ChosenGear& gear);

[[nodiscard]] Watts arrayPower(const ChosenSolar& solar);
// Rated capacity of the whole bank.
[[nodiscard]] Coulombs bankCapacity(const ChosenBank& bank);

}  // namespace spirk
