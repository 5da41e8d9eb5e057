// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/part_list.h"

#include <algorithm>

#include "core/result/promise.h"

namespace spirk {

namespace {

bool isBought(DeviceKind kind) {
    switch (kind) {
        case DeviceKind::Starter:
        case DeviceKind::Alternator:
        case DeviceKind::Chassis:
        case DeviceKind::Ignition:
        case DeviceKind::Load:
            return false;
        default:
            return true;
    }
}

class PartCounter {
public:
    void add(const std::string& group,
             const std::string& name,
             Measure amount,
             std::string usedBy) {
        const auto found = std::ranges::find_if(
            parts_, [&](const Part& p) { return p.group == group && p.name == name; });
        if (found == parts_.end()) {
            parts_.push_back({group, name, amount, {std::move(usedBy)}});
            return;
        }
        promise(found->quantity.unit == amount.unit, "a part is counted in one unit");
        found->quantity.si += amount.si;
        if (found->usedBy.back() != usedBy) {
            found->usedBy.push_back(std::move(usedBy));
        }
    }
    [[nodiscard]] std::vector<Part> take() { return std::move(parts_); }

private:
    std::vector<Part> parts_;
};

void addDevices(const Circuit& circuit, PartCounter& parts) {
    for (const Device& d : circuit.devices) {
        if (isBought(d.kind)) {
            parts.add("devices", d.part, count(d.units), d.id.value);
        }
    }
}

void addFuse(const Library& library,
             const std::optional<ChosenFuse>& fuse,
             const CableRow& row,
             PartCounter& parts) {
    if (!fuse || fuse->leftOut) {
        return;
    }
    const FuseFamily& family = familyOf(library, fuse->family);
    parts.add("fuses", fuseText(library, *fuse), count(1), row.id.value);
    if (fuse->holds == Holds::Itself) {
        parts.add("fuses", "holder for " + family.name, count(1), row.id.value);
    }
}

}  // namespace

std::vector<Part> partList(const Library& library,
                           const Circuit& circuit,
                           const Cables& cables,
                           const std::vector<CutPiece>& cuts) {
    PartCounter parts;
    addDevices(circuit, parts);
    for (const CableRow& row : cables.rows) {
        addFuse(library, row.fuseFrom, row, parts);
        addFuse(library, row.fuseTo, row, parts);
    }
    for (const CutPiece& cut : cuts) {
        parts.add("cable",
                  format(cut.area) + " " + cut.insulation + ", " + cut.colour,
                  measure(cut.length),
                  cut.piece);
    }
    for (const CutPiece& cut : cuts) {
        parts.add("lugs", cut.fromLug, count(1), cut.piece);
        parts.add("lugs", cut.toLug, count(1), cut.piece);
    }
    return parts.take();
}

}  // namespace spirk
