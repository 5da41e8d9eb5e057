// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/cut_list.h"

#include <algorithm>
#include <array>

#include "core/base/promise.h"

namespace spirk {

namespace {

// A stud class that is shown as it is called.
constexpr Phrase kCrimp = "crimp"_text;
// A piece shorter than this cannot be crimped at both ends (judgement).
constexpr double kShortestPiece = 0.1;

Text nameOf(const Circuit& circuit, const TerminalId& t) {
    const Device* device = findDevice(circuit, t.device);
    promise(device != nullptr, "a conductor ends at a device");
    return {"{device} ({port})"_text, {{"device", device->name}, {"port", t.port}}};
}

// A fuse in a holder of its own splits the conductor; one on a stud or in a block does not.
bool inHolder(const Library& library, const std::optional<ChosenFuse>& fuse) {
    return fuse && !fuse->leftOut && fuse->holds == Holds::Itself &&
           familyOf(library, fuse->family).mount != FuseMount::Stud;
}

bool isTubular(SquareMetres area) {
    constexpr double kLargestRing = 6.0;
    return inMm2(area) > kLargestRing;
}

}  // namespace

bool inBox(const Circuit& circuit, const Conductor& c, bool Device::*flag) {
    // What comes from the vehicle belongs to its side, and ends at the unit all the same.
    const Device* starter = firstOf(circuit, DeviceKind::Starter);
    const bool fromVehicle = starter != nullptr && c.unit == starter->unit;
    return c.side == Side::House &&
           std::ranges::any_of(std::array{&c.from, &c.to}, [&](const TerminalId* end) {
               const Device* d = findDevice(circuit, end->device);
               return d->*flag && (d->unit == c.unit || fromVehicle);
           });
}

Text lugText(SquareMetres area, const std::string& stud) {
    if (stud == "clamp") {
        return {"ferrule {size}"_text, {{"size", measure(area)}}};
    }
    if (stud == "blade") {
        return {"blade terminal {size}"_text, {{"size", measure(area)}}};
    }
    if (stud == kCrimp.english) {
        return {"crimped contact {size}"_text, {{"size", measure(area)}}};
    }
    // Fine strands are wider than those that lugs are stamped for.
    return {isTubular(area) ? "tubular lug for flexible conductors, {size} {stud}"_text
                            : "ring terminal {size} {stud}"_text,
            {{"size", measure(area)}, {"stud", Words{stud}}}};
}

double lugPrice(const Library& library, SquareMetres area, const std::string& stud) {
    const double mm2 = inMm2(area);
    const char* id = stud == "clamp" ? "ferrule_price"
                     : mm2 <= 6.0    ? "lug_0_price"
                     : mm2 <= 16.0   ? "lug_6_price"
                     : mm2 <= 54.0   ? "lug_16_price"  // 1/0 AWG among them
                                     : "lug_50_price";
    return rule(library, id).value;
}

std::vector<CutPiece> cutList(const Library& library,
                              const Region& region,
                              const Circuit& circuit,
                              const Lengths& lengths,
                              const Cables& cables,
                              const std::map<ConductorId, int>& numbers) {
    std::vector<CutPiece> out;
    for (std::size_t i = 0; i < circuit.conductors.size(); ++i) {
        const Conductor& c = circuit.conductors[i];
        if (!isNew(c) || !c.ready.empty() || inBox(circuit, c, &Device::boxedLeads)) {
            continue;
        }
        const CableRow& row = cables.rows[i];
        CutPiece whole;
        whole.number = numbers.at(c.id);
        whole.piece = std::to_string(whole.number);
        whole.conductor = c.id;
        whole.from = nameOf(circuit, c.from);
        whole.to = nameOf(circuit, c.to);
        whole.area = row.area;
        whole.insulation = columnOf(library, c.insulation).name;
        whole.colour = colourOf(region, coreColour(c));
        whole.length = lengths.routes[i].length;
        whole.fromLug = lugText(row.area, studName(library, lugStud(library, row.from.stud)));
        whole.toLug = lugText(row.area, studName(library, lugStud(library, row.to.stud)));
        whole.fromPrice = lugPrice(library, row.area, row.from.stud);
        whole.toPrice = lugPrice(library, row.area, row.to.stud);
        const auto shrinks = [&](const std::string& end) {
            return isTubular(row.area) && needsLug(end) ? 1 : 0;
        };
        whole.shrunk = shrinks(row.from.stud) + shrinks(row.to.stud);
        if (!inHolder(library, row.fuseFrom)) {
            out.push_back(std::move(whole));
            continue;
        }
        const std::string& stud =
            studOf(familyOf(library, row.fuseFrom->family), row.fuseFrom->rating);
        CutPiece first = whole;
        first.piece += "a";
        first.to = "fuse holder"_text;
        first.toLug = lugText(row.area, studName(library, stud));
        first.toPrice = lugPrice(library, row.area, stud);
        first.shrunk = shrinks(row.from.stud) + shrinks(stud);
        first.length = std::max(metres(kShortestPiece), row.fuseFrom->distance);
        CutPiece second = whole;
        second.piece += "b";
        second.from = "fuse holder"_text;
        second.fromLug = lugText(row.area, studName(library, stud));
        second.fromPrice = first.toPrice;
        second.shrunk = shrinks(stud) + shrinks(row.to.stud);
        second.length = std::max(metres(kShortestPiece), whole.length - row.fuseFrom->distance);
        out.push_back(std::move(first));
        out.push_back(std::move(second));
    }
    return out;
}

}  // namespace spirk
