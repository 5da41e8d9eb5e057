// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/part_list.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/base/promise.h"
#include "core/build/cut_list.h"
#include "core/circuit/kinds.h"
#include "core/wiring/wiring.h"

namespace spirk {

namespace {

// What one of a part weighs and costs; for cable, one metre.
struct Each {
    double weightKg = 0.0;
    double price = 0.0;
};

class PartCounter {
public:
    void add(PartGroup group, const Text& name, Measure amount, Text usedBy, const Each& each) {
        auto found = std::ranges::find_if(
            parts_, [&](const Part& p) { return p.group == group && p.name == name; });
        if (found == parts_.end()) {
            parts_.push_back({group, name, {0.0, amount.unit}, {}, 0.0, 0.0});
            found = parts_.end() - 1;
        }
        promise(found->quantity.unit == amount.unit, "a part is counted in one unit");
        found->quantity.si += amount.si;
        found->weightKg += each.weightKg * amount.si;
        found->price += each.price * amount.si;
        if (found->usedBy.empty() || found->usedBy.back() != usedBy) {
            found->usedBy.push_back(std::move(usedBy));
        }
    }
    [[nodiscard]] std::vector<Part> take() { return std::move(parts_); }

private:
    std::vector<Part> parts_;
};

void addDevices(const Circuit& circuit, PartCounter& parts) {
    for (const Device& d : circuit.devices) {
        if (kindRow(d.kind).bought == Bought::Yes) {
            parts.add(PartGroup::Devices, d.part, count(d.units), d.name, {d.weightKg, d.price});
        }
        for (const Along& with : d.along) {
            parts.add(PartGroup::Devices,
                      with.part,
                      count(with.units),
                      d.name,
                      {with.weightKg, with.price});
        }
    }
}

// Switches that share a plate need one with as many openings. A plate's price is not known.
void addPlates(const Plan& plan, const Circuit& circuit, PartCounter& parts) {
    std::map<std::string, int> switches;
    for (const Appliance& a : plan.appliances) {
        const bool wired = findDevice(circuit, deviceOf(a.id)) != nullptr;
        if (wired && a.switched && !a.switched->plate.empty()) {
            ++switches[a.switched->plate];
        }
    }
    for (const auto& [plate, n] : switches) {
        const Text name =
            counted("switch plate, {n} opening"_text, "switch plate, {n} openings"_text, n);
        parts.add(PartGroup::Devices, name, count(1), Text::given(plate), {});
    }
}

void addFuse(const Library& library,
             const std::optional<ChosenFuse>& fuse,
             const Text& usedBy,
             PartCounter& parts) {
    if (!fuse || fuse->leftOut) {
        return;
    }
    const FuseFamily& family = familyOf(library, fuse->family);
    // The table's price is that of fuse and holder together.
    const Each each{family.weightKg, family.price};
    parts.add(PartGroup::Fuses, fuseText(library, *fuse), count(1), usedBy, each);
    if (fuse->holds == Holds::Itself) {
        parts.add(PartGroup::Fuses,
                  {"holder for {fuse}"_text, {{"fuse", family.name}}},
                  count(1),
                  usedBy,
                  {});
    }
}

// One on each post that a lug cannot go on.
void addAdapters(const Library& library, const Circuit& circuit, PartCounter& parts) {
    std::set<TerminalId> done;
    for (const Conductor& c : circuit.conductors) {
        for (const TerminalId* end : {&c.from, &c.to}) {
            const Stud* stud = findById(library.studs, findPort(circuit, *end)->connection.stud);
            const bool needed = isNew(c) && stud != nullptr && !stud->adapter.english.empty();
            if (needed && done.insert(*end).second) {
                const Text name = findDevice(circuit, end->device)->name;
                parts.add(PartGroup::Lugs, stud->adapter, count(1), name, {});
            }
        }
    }
}

// Of the lengths that are sold the next; where none is long enough the longest, and a finding.
void addReadyLead(const Library& library,
                  const Conductor& c,
                  Metres length,
                  const Text& name,
                  PartCounter& parts) {
    const ReadyLead* lead = findById(library.readyLeads, c.ready);
    promise(lead != nullptr, "a lead that is bought ready is a row of its table");
    const auto sold = std::ranges::lower_bound(lead->lengths, length);
    const Metres bought = sold == lead->lengths.end() ? lead->lengths.back() : *sold;
    parts.add(PartGroup::Cable,
              {"{lead}, {cores} × {area}, {length}"_text,
               {{"lead", lead->name},
                {"cores", count(lead->cores)},
                {"area", measure(lead->area)},
                {"length", measure(bought)}}},
              count(1),
              name,
              {lead->weightKg, lead->price});
}

Each metreOf(const Library& library, SquareMetres area) {
    const double mm2 = inMm2(area);
    return {rule(library, "cable_weight_copper").value * mm2 +
                rule(library, "cable_weight_jacket").value,
            rule(library, "cable_price").value * mm2};
}

// Whether a piece can be cut of what is there; it is then cut.
bool takeFrom(std::vector<OwnedCable>& owned, const CutPiece& cut) {
    constexpr double kSameMm2 = 1e-6;
    for (OwnedCable& cable : owned) {
        if (std::fabs(inMm2(cable.area) - inMm2(cut.area)) < kSameMm2 &&
            cable.length >= cut.length) {
            cable.length = cable.length - cut.length;
            return true;
        }
    }
    return false;
}

}  // namespace

std::vector<Part> partList(const Library& library,
                           const Plan& plan,
                           const Circuit& circuit,
                           const Lengths& lengths,
                           const Cables& cables,
                           const std::vector<CutPiece>& cuts,
                           const std::map<ConductorId, int>& numbers) {
    PartCounter parts;
    addDevices(circuit, parts);
    addPlates(plan, circuit, parts);
    std::vector<OwnedCable> owned = plan.cables;
    for (std::size_t i = 0; i < cables.rows.size(); ++i) {
        const CableRow& row = cables.rows[i];
        const Conductor& c = circuit.conductors[i];
        if (c.laid == LaidBy::SomebodyBefore) {
            continue;
        }
        // By the number on its label, as cable and lugs are; the vehicle's own has none.
        const auto number = numbers.find(row.id);
        const Text name =
            Text::given(number == numbers.end() ? row.id.value : std::to_string(number->second));
        if (!inBox(circuit, c, &Device::boxedFuses)) {
            addFuse(library, row.fuseFrom, name, parts);
            addFuse(library, row.fuseTo, name, parts);
        }
        if (!c.ready.empty() && !inBox(circuit, c, &Device::boxedLeads)) {
            addReadyLead(library, c, lengths.routes[i].length, name, parts);
        }
    }
    addAdapters(library, circuit, parts);
    for (const CutPiece& cut : cuts) {
        if (takeFrom(owned, cut)) {
            parts.add(PartGroup::Cable,
                      {"{size}, your own"_text, {{"size", measure(cut.area)}}},
                      measure(cut.length),
                      Text::given(cut.piece),
                      {metreOf(library, cut.area).weightKg, 0.0});
            continue;
        }
        parts.add(
            PartGroup::Cable,
            {"{size} {insulation}, {colour}"_text,
             {{"size", measure(cut.area)}, {"insulation", cut.insulation}, {"colour", cut.colour}}},
            measure(cut.length),
            Text::given(cut.piece),
            metreOf(library, cut.area));
    }
    const Each sleeve{0.0, rule(library, "heat_shrink_price").value};
    for (const CutPiece& cut : cuts) {
        const Text piece = Text::given(cut.piece);
        parts.add(PartGroup::Lugs, cut.fromLug, count(1), piece, {0.0, cut.fromPrice});
        parts.add(PartGroup::Lugs, cut.toLug, count(1), piece, {0.0, cut.toPrice});
        if (cut.shrunk > 0) {
            parts.add(PartGroup::Lugs,
                      {"adhesive heat-shrink 3:1 for {size}"_text, {{"size", measure(cut.area)}}},
                      count(cut.shrunk),
                      piece,
                      sleeve);
        }
    }
    return parts.take();
}

}  // namespace spirk
