// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/build.h"

#include <algorithm>

#include "core/build/cut_list.h"
#include "core/build/part_list.h"
#include "core/plan/edit.h"
#include "core/result/promise.h"

namespace spirk {

namespace {

std::string sizeAndFuse(const Library& library, const CableRow& row) {
    std::string out = format(row.area);
    if (row.fuseFrom && !row.fuseFrom->leftOut) {
        out += ", " + fuseText(library, *row.fuseFrom);
    }
    return out;
}

std::vector<LabelText> labelsOf(const Library& library,
                                const Circuit& circuit,
                                const Cables& cables,
                                const std::map<ConductorId, int>& numbers) {
    std::vector<LabelText> out;
    for (const Conductor& c : circuit.conductors) {
        if (!isOurs(c)) {
            continue;
        }
        const CableRow* row = findRow(cables, c.id);
        LabelText label;
        label.number = numbers.at(c.id);
        label.conductor = c.id;
        label.first = std::to_string(label.number) + "  " + c.name;
        label.second = text(c.from) + " → " + text(c.to) + ", " + sizeAndFuse(library, *row);
        out.push_back(std::move(label));
    }
    return out;
}

// Both totals, by group of the parts.
Derivation totalOf(const char* id,
                   const char* title,
                   const Library& library,
                   const std::vector<Part>& parts,
                   double Part::*each,
                   Unit unit) {
    Derivation out{.id = FigureId(id),
                   .title = title,
                   .formula = "sum over the parts list",
                   .terms = {},
                   .result = {},
                   .source = "library and your own gear; appliances are not in it",
                   .note = ""};
    double total = 0.0;
    for (const char* group : {"devices", "fuses", "cable", "lugs"}) {
        double sum = 0.0;
        for (const Part& part : parts) {
            sum += part.group == group ? part.*each : 0.0;
        }
        total += sum;
        out.terms.push_back({"Σ", group, Measure{sum, unit}, FromRule{"parts list"}});
    }
    out.result = Measure{total, unit};
    if (unit == Unit::None) {
        out.note = "Order of magnitude, in " + library.region.currency + " of " + library.pricesOf +
                   ". Shops differ by half, and copper moves.";
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
                        "Weight of what is built in",
                        library,
                        out.parts,
                        &Part::weightKg,
                        Unit::Kilogram));
    out.why.add(totalOf(
        "build.price", "Price of what is built in", library, out.parts, &Part::price, Unit::None));
}

}  // namespace

std::vector<ConductorId> numberedConductors(const Circuit& circuit) {
    std::vector<ConductorId> out;
    for (const Conductor& c : circuit.conductors) {
        if (isOurs(c)) {
            out.push_back(c.id);
        }
    }
    return out;
}

std::string colourOf(const Region& region, CoreColour colour) {
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
            return region.bond;
        case CoreColour::Vehicle:
            return "vehicle's own";
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
    out.cuts = cutList(library, wiring.circuit, lengths, cables, out.numbers);
    out.parts = partList(library, wiring.circuit, cables, out.cuts, out.numbers);
    addTotals(library, out);
    out.labels = labelsOf(library, wiring.circuit, cables, out.numbers);
    return out;
}

}  // namespace spirk
