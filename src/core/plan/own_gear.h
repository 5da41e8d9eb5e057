// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A person's own gear in a plan: ids that meet neither the library's nor each other, and importing
// without replacing anything unsaid.

#include <algorithm>
#include <string>
#include <vector>

#include "core/library/gear_fields.h"
#include "core/plan/plan.h"

namespace spirk {

// Whether gear of this kind and id is in a library of any region.
template <class Model>
[[nodiscard]] bool isLibraryGear(const Model& model, const Libraries& libraries) {
    return std::ranges::any_of(libraries.regions, [&](const Library& library) {
        const Shelf& shelf = library;
        return findById(listOf<Model>(shelf), model.id) != nullptr;
    });
}

// The person's own or the library's; null where there is none of that id.
[[nodiscard]] const HardwareModel* findHardware(const Plan& plan,
                                                const Library& library,
                                                const std::string& id);

// 'own.lithium-battery-105-ah' for gear of that name, in any script.
[[nodiscard]] std::string idOfName(const std::string& name);

// The id, or where an entry of the list has it, the id with the next free number: 'own.panel.2'.
template <class Model>
[[nodiscard]] std::string freshGearId(const std::string& id, const std::vector<Model>& list) {
    std::string out = id;
    for (int n = 2; findById(list, out) != nullptr; ++n) {
        out = id + "." + std::to_string(n);
    }
    return out;
}

// Gear of the list with this very name keeps its id; another gets a fresh one made of its name.
template <class Model>
[[nodiscard]] std::string ownGearId(const std::string& name, const std::vector<Model>& list) {
    const auto same = std::ranges::find(list, Words{name}, &Model::name);
    return same != list.end() ? same->id : freshGearId(idOfName(name), list);
}

// The plan with the shelf's entries beside its own, and what happened to each that could not be
// taken as it is: one that is there already is left alone, one whose id means something else here
// gets an id of its own.
struct ImportedGear {
    Plan plan;
    int taken = 0;
    std::vector<Text> changed;
};
[[nodiscard]] ImportedGear withGear(Plan plan, const Shelf& shelf, const Libraries& libraries);

}  // namespace spirk
