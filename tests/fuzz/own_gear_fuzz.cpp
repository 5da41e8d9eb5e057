// SPDX-License-Identifier: GPL-3.0-or-later
// Gear whose every number is within its own bounds but whatever it likes to the others: refused,
// with a word for each contradiction, or a plan with it is designed.
#include "core/design/design.h"
#include "core/library/gear_file.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/fuzz/bytes.h"
#include "tests/fuzz/libraries.h"

namespace {

using namespace spirk;  // NOLINT(google-build-using-namespace): a fuzz target, nobody includes it

// One of each kind, begun from the library's, some numbers drawn anew.
Shelf drawn(fuzz::Bytes& bytes, const Library& library) {
    Shelf out;
    const Shelf& from = library;
    forEachKind(out, [&](const auto& kind, auto& list) {
        using Model = typename std::remove_cvref_t<decltype(list)>::value_type;
        const auto& models = listOf<Model>(from);
        Model model = models[bytes.below(models.size())];
        model.id = "own." + std::string(kind.list);
        for (const auto& field : kind.numbers) {
            if (bytes.below(3) == 0) {
                field.set(model, bytes.within(field.least, field.most));
            }
        }
        list.push_back(std::move(model));
    });
    return out;
}

Plan planWith(const Shelf& shelf, fuzz::Bytes& bytes, const Library& library) {
    Plan plan = emptyPlan(library);
    plan.own = shelf;
    putBank(plan.gear,
            shelf.batteries[0].id,
            1 + static_cast<int>(bytes.below(4)),
            1 + static_cast<int>(bytes.below(4)));
    putSolar(plan.gear,
             SolarChoice{shelf.panels[0].id,
                         1 + static_cast<int>(bytes.below(8)),
                         1 + static_cast<int>(bytes.below(8)),
                         shelf.controllers[0].id});
    putEngine(plan.gear, EngineChoice{shelf.dcdcs[0].id});
    plan.van.vehicle.alternator = amps(bytes.within(1, 1000));
    putInverter(plan.gear, shelf.inverters[0].id, hours(bytes.within(0, 24)));
    putConverter(plan.gear, shelf.converters[0].id);
    for (const CatalogueAppliance& entry : library.appliances) {
        if (plan.appliances.size() < 3 && bytes.below(2) == 0) {
            plan.appliances.push_back(fromCatalogue(entry, plan));
        }
    }
    return plan;
}

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    fuzz::Bytes bytes(data, size);
    const auto& regions = fuzz::libraries().regions;
    const Library& library = regions[bytes.below(regions.size())];
    const Shelf shelf = drawn(bytes, library);
    std::size_t wrong = 0;
    forEachKind(shelf, [&](const auto&, const auto& list) {
        wrong += contradictions(list.front()).size();
    });
    const GearReading reading = readGearFile(writeGearFile(shelf), "fuzz");
    fuzz::law(reading.problems.size() == wrong, "a word for each contradiction");
    if (reading.shelf) {
        const Plan plan = planWith(*reading.shelf, bytes, library);
        const PlanReading again = readPlan(writePlan(plan), "again");
        fuzz::law(again.plan.has_value(), "a plan with it can be read");
        fuzz::law(!design(*again.plan, library).why.all().empty(), "and designed");
    }
    return 0;
}
