// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/build.h"

#include <algorithm>

#include "core/base/promise.h"
#include "core/build/block_ways.h"
#include "core/build/cut_list.h"
#include "core/build/part_list.h"
#include "core/build/warning_labels.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

Text sizeAndFuse(const Library& library, const CableRow& row) {
    const TextValue size{"size", measure(row.area)};
    return row.fuseFrom && !row.fuseFrom->leftOut
               ? Text("{size}, {fuse}"_text, {size, {"fuse", fuseText(library, *row.fuseFrom)}})
               : Text("{size}"_text, {size});
}

std::vector<LabelText> labelsOf(const Library& library,
                                const Circuit& circuit,
                                const Cables& cables,
                                const Build& build) {
    std::vector<LabelText> out;
    for (const Conductor& c : circuit.conductors) {
        if (!isOurs(c)) {
            continue;
        }
        const CableRow* row = findRow(cables, c.id);
        LabelText label;
        label.number = build.numbers.at(c.id);
        label.conductor = c.id;
        label.first = {"{number}  {conductor}"_text,
                       {{"number", count(label.number)}, {"conductor", c.name}}};
        Text from = placeName(circuit, c.from);
        if (const auto way = build.ways.find(c.id); way != build.ways.end()) {
            from = {"{block}, way {way}"_text,
                    {{"block", std::move(from)}, {"way", count(way->second)}}};
        }
        label.second = {"{from} → {to}, {cable}"_text,
                        {{"from", std::move(from)},
                         {"to", placeName(circuit, c.to)},
                         {"cable", sizeAndFuse(library, *row)}}};
        out.push_back(std::move(label));
    }
    return out;
}

// Both totals, by group of the parts.
Derivation totalOf(const char* id,
                   Phrase title,
                   const Library& library,
                   const std::vector<Part>& parts,
                   double Part::*each,
                   Unit unit) {
    Derivation out{.id = FigureId(id),
                   .title = title,
                   .formula = "sum over the parts list"_text,
                   .terms = {},
                   .result = {},
                   .source = "library and your own gear; appliances are not in it"_text,
                   .note = {}};
    double total = 0.0;
    for (const PartGroup group :
         {PartGroup::Devices, PartGroup::Fuses, PartGroup::Cable, PartGroup::Lugs}) {
        double sum = 0.0;
        for (const Part& part : parts) {
            sum += part.group == group ? part.*each : 0.0;
        }
        total += sum;
        out.terms.push_back(
            {"Σ"_text, titleOf(group), Measure{sum, unit}, FromRule{"parts list"_text}});
    }
    out.result = Measure{total, unit};
    if (unit == Unit::None) {
        out.note = {
            "Order of magnitude, in {currency} of {date}. Shops differ by half, and copper "
            "moves."_text,
            {{"currency", library.region.currency}, {"date", library.pricesOf}}};
    }
    return out;
}

void addTotals(const Library& library, Build& out) {
    for (const Part& part : out.parts) {
        out.weightKg += part.weightKg;
        out.price += part.price;
    }
    out.currency = library.region.currency;
    out.why.add(totalOf("build.weight",
                        "Weight of what is built in"_text,
                        library,
                        out.parts,
                        &Part::weightKg,
                        Unit::Kilogram));
    out.why.add(totalOf("build.price",
                        "Price of what is built in"_text,
                        library,
                        out.parts,
                        &Part::price,
                        Unit::None));
}

}  // namespace

Phrase titleOf(PartGroup group) {
    switch (group) {
        case PartGroup::Devices:
            return "devices"_text;
        case PartGroup::Fuses:
            return "fuses"_text;
        case PartGroup::Cable:
            return "cable"_text;
        case PartGroup::Lugs:
            return "lugs"_text;
    }
    unreachable("titleOf(PartGroup)");
}

std::vector<ConductorId> numberedConductors(const Circuit& circuit) {
    std::vector<ConductorId> out;
    for (const Conductor& c : circuit.conductors) {
        if (isOurs(c)) {
            out.push_back(c.id);
        }
    }
    return out;
}

Text colourOf(const Region& region, CoreColour colour) {
    switch (colour) {
        case CoreColour::Positive:
            return region.positive;
        case CoreColour::Negative:
            return region.negative;
        case CoreColour::SolarPositive:
            return region.arrayPositive;
        case CoreColour::SolarNegative:
            return region.arrayNegative;
        case CoreColour::Signal:
            return region.control;
        case CoreColour::Bond:
            return region.negative;
        case CoreColour::Vehicle:
            return "vehicle's own"_text;
    }
    unreachable("colourOf");
}

Build buildOf(const Plan& plan,
              const Library& library,
              const Wiring& wiring,
              const Lengths& lengths,
              const Cables& cables) {
    Build out;
    out.numbers = numbered(plan, numberedConductors(wiring.circuit)).numbers;
    out.ways = blockWays(wiring.circuit, library, plan.ways);
    out.cuts = cutList(
        library, asChosen(library.region, plan), wiring.circuit, lengths, cables, out.numbers);
    out.parts = partList(library, plan, wiring.circuit, lengths, cables, out.cuts, out.numbers);
    addTotals(library, out);
    out.labels = labelsOf(library, wiring.circuit, cables, out);
    out.warnings = warningLabels(wiring.circuit);
    return out;
}

}  // namespace spirk
