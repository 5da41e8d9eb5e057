// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What to buy, what to cut, what to write on the labels. Numbers of conductors are those of the
// plan; conductors without one yet get the next free ones, provisionally.

#include <map>
#include <string>
#include <vector>

#include "core/cables/cables.h"
#include "core/plan/plan.h"

namespace spirk {

enum class PartGroup { Devices, Fuses, Cable, Lugs };
// Stable: in lists and files.
inline constexpr std::array<std::string_view, 4> kPartGroupNames{
    "devices", "fuses", "cable", "lugs"};
[[nodiscard]] Phrase titleOf(PartGroup group);

struct Part {
    PartGroup group = PartGroup::Devices;
    Text name;
    Measure quantity;          // a count, or metres
    std::vector<Text> usedBy;  // device's name, number of a conductor, or of its piece
    double weightKg = 0.0;     // of all of it
    double price = 0.0;        // of all of it, order of magnitude in the region's currency
    bool operator==(const Part&) const = default;
};

// One piece of cable as cut. A conductor with a separate fuse holder has two: to the fuse and on.
struct CutPiece {
    int number = 0;     // of the conductor
    std::string piece;  // '12', or '12a' and '12b'
    ConductorId conductor;
    Text from, to;  // what each end is fixed to
    SquareMetres area;
    Text insulation;  // in words
    Text colour;
    Metres length;
    Text fromLug, toLug;
    double fromPrice = 0.0, toPrice = 0.0;  // of a lug, order of magnitude
    int shrunk = 0;                         // ends that get a piece of heat-shrink
    bool operator==(const CutPiece&) const = default;
};

struct LabelText {
    int number = 0;
    ConductorId conductor;
    Text first;   // number and name
    Text second;  // where to, size, fuse
    bool operator==(const LabelText&) const = default;
};

// On a device: what must be known before it is turned.
struct WarningLabel {
    DeviceId device;
    Text first, second;
    bool operator==(const WarningLabel&) const = default;
};

struct Build {
    std::vector<Part> parts;
    std::vector<CutPiece> cuts;
    std::vector<LabelText> labels;
    std::vector<WarningLabel> warnings;
    std::map<ConductorId, int> numbers;
    std::map<ConductorId, int> ways;  // of circuits that begin at a block, at it
    double weightKg = 0.0;            // of all parts
    double price = 0.0;               // of all parts
    std::string currency;
    Derivations why;  // 'build.weight', 'build.price'
};

[[nodiscard]] Build buildOf(const Plan& plan,
                            const Library& library,
                            const Wiring& wiring,
                            const Lengths& lengths,
                            const Cables& cables);

// Conductors that carry a number, in the circuit's order.
[[nodiscard]] std::vector<ConductorId> numberedConductors(const Circuit& circuit);

// Colour of a conductor in words, as the region asks.
[[nodiscard]] Text colourOf(const Region& region, CoreColour colour);

}  // namespace spirk
