// SPDX-License-Identifier: GPL-3.0-or-later
// What wiring calls its devices and conductors by: a unit's id and what is made of it, or a stem
// that no unit may have.
#include <gtest/gtest.h>

#include <set>

#include "core/design/design.h"
#include "core/plan/units.h"
#include "tests/support/by_seed.h"
#include "tests/support/systems.h"

namespace spirk {
namespace {

std::string stemOf(const std::string& id) { return id.substr(0, id.find('.')); }

template <class Units>
void addIds(std::set<std::string>& to, const Units& units) {
    for (const auto& unit : units) {
        to.insert(unit.id.value);
    }
}

std::set<std::string> unitsOf(const Gear& gear) {
    std::set<std::string> out;
    addIds(out, gear.banks);
    addIds(out, gear.rails);
    addIds(out, gear.sources);
    addIds(out, gear.inverters);
    addIds(out, gear.monitors);
    return out;
}

std::set<std::string> stemsOf(const Circuit& circuit) {
    std::set<std::string> out;
    for (const Device& device : circuit.devices) {
        out.insert(stemOf(device.id.value));
    }
    for (const Conductor& conductor : circuit.conductors) {
        out.insert(stemOf(conductor.id.value));
    }
    return out;
}

// A unit that were called as a device of the program's own would be taken for it.
TEST(Stems, AStemIsAUnitsOrNoUnitMayHaveIt) {
    const std::set<std::string> reserved(kReservedStems.begin(), kReservedStems.end());
    std::set<std::string> used;
    const auto hold = [&](const Plan& plan, const Library& library) {
        const std::set<std::string> units = unitsOf(plan.gear);
        for (const std::string& stem : stemsOf(design(plan, library).wiring.circuit)) {
            EXPECT_TRUE(units.contains(stem) || reserved.contains(stem)) << stem;
            used.insert(stem);
        }
    };
    test::forEachSeed(60, 1000, [&](unsigned seed, const Library& library) {
        hold(test::systemAtRandom(seed, library), library);
    });
    hold(test::aFullVan(), test::library());  // the usual units are called without their ids
    for (const std::string& stem : reserved) {
        EXPECT_TRUE(used.contains(stem)) << stem << " is reserved for nothing";
    }
}

}  // namespace
}  // namespace spirk
