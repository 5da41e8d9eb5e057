// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/gear_file.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "core/design/design.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

Shelf aShelf() {
    Shelf shelf;
    const Library& library = test::library();
    shelf.batteries = {library.batteries.front()};
    shelf.panels = {library.panels.front()};
    shelf.controllers = {library.controllers.front()};
    shelf.dcdcs = {library.dcdcs.front()};
    shelf.relays = {library.relays.front()};
    shelf.shoreChargers = {library.shoreChargers.front()};
    shelf.combineds = {library.combineds.front()};
    shelf.alternators = {library.alternators.front()};
    shelf.trickles = {library.trickles.front()};
    shelf.converters = {library.converters.front()};
    shelf.inverters = {library.inverters.front()};
    shelf.monitors = {library.monitors.front()};
    shelf.hardware = {library.hardware.front()};
    return shelf;
}

TEST(GearFile, ReadingWhatWasWrittenGivesTheSame) {
    const Shelf shelf = aShelf();
    const GearReading reading = readGearFile(writeGearFile(shelf), "gear");
    ASSERT_TRUE(reading.shelf.has_value())
        << (reading.problems.empty() ? "" : oneLine(reading.problems.front()));
    EXPECT_EQ(*reading.shelf, shelf);
}

TEST(GearFile, EveryFieldOfEveryKindIsRefusedOutOfItsRange) {
    const Shelf shelf = aShelf();
    const auto whole = nlohmann::json::parse(writeGearFile(shelf));
    forEachKind(shelf, [&](const auto& kind, const auto&) {
        for (const auto& field : kind.numbers) {
            nlohmann::json broken = whole;
            const std::string list(kind.list);
            const std::string key(field.key);
            broken[list][0][key] = field.most * 2.0 + 1.0;
            const GearReading reading = readGearFile(broken.dump(), "gear");
            EXPECT_FALSE(reading.shelf.has_value()) << list << " " << key;
            ASSERT_FALSE(reading.problems.empty());
            EXPECT_EQ(reading.problems.front().where, list + "[0]." + key);
        }
    });
}

TEST(GearFile, AForeignFileIsRefused) {
    EXPECT_FALSE(readGearFile("{}", "x").shelf.has_value());
    EXPECT_FALSE(readGearFile("[1, 2]", "x").shelf.has_value());
    EXPECT_FALSE(readGearFile("{\"spirk_gear\": 99}", "x").shelf.has_value());
}

TEST(OwnGear, ComesBeforeTheLibrarysOfTheSameId) {
    Plan plan = test::aSmallVan();
    plan.own.batteries = {*findById(test::library().batteries, bankOf(plan.gear).model)};
    plan.own.batteries.front().capacity = ampHours(123);
    const Design d = design(plan, test::library());
    EXPECT_EQ(d.gear.bank().model->capacity, ampHours(123));
    // The design borrows from its own plan, wherever it is moved.
    Design moved = design(plan, test::library());
    const Design again = std::move(moved);
    EXPECT_EQ(again.gear.bank().model, &again.plan.own.batteries.front());
}

TEST(OwnGear, OfAnUnknownChemistryIsSaidAndReckonedWithAnother) {
    Plan plan = test::aSmallVan();
    plan.own.batteries = {test::library().batteries.front()};
    plan.own.batteries.front().chemistry = "unobtainium";
    const Design d = design(plan, test::library());
    EXPECT_NE(test::findingOf(d, "GEAR"), nullptr);
}

}  // namespace
}  // namespace spirk
