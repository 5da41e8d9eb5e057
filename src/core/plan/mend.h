// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a mend changes of the plan: typed values, which plan/edit.h applies.

#include <string>
#include <variant>
#include <vector>

#include "core/plan/plan.h"
#include "core/text/text.h"

namespace spirk {

// Makes the amendment, in place of one of the same kind at the same conductor and end.
struct Amend {
    Amendment amendment;
    bool operator==(const Amend&) const = default;
};
// Takes back the amendment of this kind at its conductor and end, whatever it sets.
struct TakeBack {
    Amendment slot;
    bool operator==(const TakeBack&) const = default;
};

enum class GearPart {
    Battery,
    Converter,
    Panel,
    SolarController,
    EngineCharger,
    Relay,
    ShoreCharger,
    Inverter,
};
// Another model in the part's place. Requires that the plan has that unit, with that part, but for
// a converter of no unit, which is put in.
struct UseModel {
    UnitId unit;
    GearPart part = GearPart::Battery;
    std::string model;
    bool operator==(const UseModel&) const = default;
};

enum class GearCount { BankStrings, BankSeries, PanelStrings, PanelSeries };
struct UseCount {
    UnitId unit;
    GearCount of = GearCount::BankStrings;
    int count = 1;
    bool operator==(const UseCount&) const = default;
};

// Another way of joining a unit. Requires that the plan has it.
struct UseWay {
    UnitId unit;
    WayId way;
    bool operator==(const UseWay&) const = default;
};

// Another choice of what its way leaves open. Requires that the plan has it.
struct UseOption {
    UnitId unit;
    std::string option, choice;
    bool operator==(const UseOption&) const = default;
};

// Another make of a rail's positive side. Requires that the plan has it.
struct UseDistribution {
    UnitId rail;
    Distribution kind = Distribution::Bars;
    bool operator==(const UseDistribution&) const = default;
};

using Change =
    std::variant<Amend, TakeBack, UseModel, UseCount, UseWay, UseOption, UseDistribution>;

// One undo step.
struct Mend {
    Text label;  // 'Fit 30 A'
    std::vector<Change> changes;
    bool operator==(const Mend&) const = default;
};

}  // namespace spirk
