// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/library.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <set>

#include "core/library/appliance_names.h"
#include "core/library/gear_fields.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

TEST(Library, EveryTableNamesItsSourceAndCertainty) {
    for (const Library& region : test::libraries().regions) {
        EXPECT_EQ(region.heads.size(), 33u);
        for (const auto& [name, head] : region.heads) {
            SCOPED_TRACE(region.region.id + " " + name);
            EXPECT_FALSE(head.source.empty());
            EXPECT_FALSE(head.edition.empty());
            EXPECT_FALSE(head.conditions.empty());
            EXPECT_FALSE(head.certainty.empty());
        }
    }
}

TEST(Library, TheTypicalVanIsOnePieceAndEveryWayHasALength) {
    const TypicalVan& van = library().typicalVan;
    std::set<PlaceId> reached{van.places.front().id};
    for (std::size_t pass = 0; pass < van.ways.size(); ++pass) {
        for (const TypicalVan::Way& way : van.ways) {
            EXPECT_GT(way.length, metres(0));
            if (reached.contains(way.from) || reached.contains(way.to)) {
                reached.insert({way.from, way.to});
            }
        }
    }
    EXPECT_EQ(reached.size(), van.places.size());
}

TEST(Library, AmpacityRisesWithSizeInEveryColumn) {
    for (const AmpacityColumn& column : library().ampacity) {
        SCOPED_TRACE(column.id);
        Amps before;
        for (const auto& [area, current] : column.amps) {
            EXPECT_GT(current, before);
            before = current;
        }
    }
}

TEST(Library, ResistanceFallsAndDiametersRiseWithSize) {
    const auto& rows = library().conductors;
    for (std::size_t i = 1; i < rows.size(); ++i) {
        EXPECT_LT(rows[i].ohmPerMetre20, rows[i - 1].ohmPerMetre20);
        EXPECT_GT(rows[i].outerDiameter, rows[i - 1].outerDiameter);
        // Round copper of that area alone is thinner: own arithmetic.
        EXPECT_GT(rows[i].outerDiameter.si(),
                  std::sqrt(4.0 * rows[i].area.si() / std::numbers::pi));
    }
}

TEST(Library, FuseEnvelopesNeverRiseWithCurrent) {
    for (const FuseFamily& family : library().fuses) {
        SCOPED_TRACE(family.id);
        EXPECT_TRUE(std::ranges::is_sorted(family.ratings));
        for (std::size_t i = 1; i < family.envelope.size(); ++i) {
            const EnvelopePoint& a = family.envelope[i - 1];
            const EnvelopePoint& b = family.envelope[i];
            EXPECT_LE(b.shortest, a.shortest);
            if (a.longest && b.longest) {
                EXPECT_LE(*b.longest, *a.longest);
            }
            if (b.longest) {
                EXPECT_GE(*b.longest, b.shortest);
            }
        }
    }
}

TEST(Library, HasFortyFiveAppliancesAndMore) {
    EXPECT_GE(library().appliances.size(), 45u);
    for (const CatalogueAppliance& a : library().appliances) {
        SCOPED_TRACE(a.id);
        EXPECT_LE(a.measured, a.rated);
        EXPECT_LE(a.onTime, hours(24));
        EXPECT_LE(a.onTime.si(), a.span.si() + 1e-6);
    }
}

TEST(Library, EveryBatteryHasItsChemistryAndEveryStudExists) {
    for (const BatteryModel& b : library().batteries) {
        EXPECT_NE(findById(library().chemistries, b.chemistry), nullptr) << b.id;
        EXPECT_NE(findById(library().studs, b.connection.stud), nullptr) << b.id;
    }
    for (const HardwareModel& h : library().hardware) {
        EXPECT_TRUE(!needsLug(h.connection.stud) ||
                    findById(library().studs, h.connection.stud) != nullptr)
            << h.id;
    }
}

TEST(Library, ClimatesHaveTwelveMonthsAndTheColdestIsBelowTheMeans) {
    EXPECT_EQ(library().climates.size(), 24u);
    for (const Climate& c : library().climates) {
        SCOPED_TRACE(c.name.english);
        ASSERT_EQ(c.sun.size(), 12u);
        ASSERT_EQ(c.mean.size(), 12u);
        EXPECT_LT(c.coldest, *std::ranges::min_element(c.mean));
        // No more sun than comes in above the air on the longest day anywhere: about 12.7 kWh/m2.
        EXPECT_LT(*std::ranges::max_element(c.sun), 9.0);
    }
}

// The names are part of the file format.
TEST(Library, NamesOfEnumeratorsArePinned) {
    EXPECT_EQ(kCategoryNames[static_cast<std::size_t>(Category::Kitchen)], "kitchen");
    EXPECT_EQ(kCategoryNames[static_cast<std::size_t>(Category::Work)], "work");
    EXPECT_EQ(kCategoryNames[static_cast<std::size_t>(Category::Mains)], "mains");
    EXPECT_EQ(kFeedNames[static_cast<std::size_t>(Feed::Mains)], "mains");
    EXPECT_EQ(kBehaviourNames[static_cast<std::size_t>(Behaviour::Resistance)], "resistance");
    EXPECT_EQ(kRunsNames[static_cast<std::size_t>(Runs::Alone)], "alone");
}

// A number that need not be known can be left out again, whatever stood there: unknown, or none.
TEST(Library, AnOptionalNumberThatIsTakenOutIsGone) {
    std::size_t seen = 0;
    forEachKind(test::library(), [&](const auto& fields, const auto& list) {
        for (const auto& field : fields.numbers) {
            for (auto model : list) {
                const bool optional = field.presence == Presence::Optional;
                if (optional && field.get(model)) {
                    SCOPED_TRACE(model.id + "." + std::string(field.key));
                    field.set(model, std::nullopt);
                    EXPECT_EQ(field.get(model).value_or(0.0), 0.0);
                    ++seen;
                }
            }
        }
    });
    EXPECT_GT(seen, 50u);
}

class DamagedLibrary : public ::testing::Test {
protected:
    void SetUp() override {
        folder_ =
            test::temporaryPath(::testing::UnitTest::GetInstance()->current_test_info()->name());
        std::filesystem::copy(SPIRK_DATA_DIR, folder_, std::filesystem::copy_options::recursive);
    }
    void replace(const std::string& file, const std::string& from, const std::string& to) const {
        const std::string path = folder_ + "/" + file;
        std::ifstream in(path);
        std::string text((std::istreambuf_iterator<char>(in)), {});
        const std::size_t at = text.find(from);
        ASSERT_NE(at, std::string::npos);
        text.replace(at, from.size(), to);
        std::ofstream(path) << text;
    }
    std::string folder_;
};

TEST_F(DamagedLibrary, MissingFileIsNamed) {
    std::filesystem::remove(folder_ + "/fuses.json");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("fuses.json"), std::string::npos);
}

TEST_F(DamagedLibrary, NegativeAmpacityIsNamedWithItsPlace) {
    replace("europe/ampacity.json", "\"amps\": 10", "\"amps\": -10");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("columns[0].rows[0].amps"), std::string::npos)
        << read.error().where;
}

// What can't be is refused, what is only unusual is not.
TEST_F(DamagedLibrary, AShareEndsWhereItsKindDoes) {
    replace("chemistries.json", "\"bulk_until\": 0.95", "\"bulk_until\": 0.99");
    EXPECT_TRUE(loadLibraries(folder_).has_value());
    replace("chemistries.json", "\"bulk_until\": 0.99", "\"bulk_until\": 1.0");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("bulk_until"), std::string::npos) << read.error().where;
}

TEST_F(DamagedLibrary, RowsOutOfOrderAreRefused) {
    replace("europe/conductors.json", "\"area_mm2\": 1.5", "\"area_mm2\": 0.5");
    EXPECT_FALSE(loadLibraries(folder_).has_value());
}

TEST_F(DamagedLibrary, AWireWayToNowhereIsNamedWithItsPlace) {
    replace("typical_van.json", "\"to\": \"roof\"", "\"to\": \"attic\"");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("ways[1].to"), std::string::npos) << read.error().where;
}

TEST_F(DamagedLibrary, APlaceOfAnUnknownAmbientIsNamed) {
    replace("typical_van.json", "\"ambient\": \"engine\"", "\"ambient\": \"volcano\"");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("places[6].ambient"), std::string::npos);
}

TEST_F(DamagedLibrary, AnUnknownUseOfAFuseIsNamed) {
    replace("fuses.json", "\"usual_at\": [\"distributor\"]", "\"usual_at\": [\"roof\"]");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("families[6].usual_at"), std::string::npos)
        << read.error().where;
}

TEST_F(DamagedLibrary, AUseWithoutAnyFuseIsRefused) {
    replace(
        "fuses.json", "\"usual_at\": [\"thin_lead\", \"string\"]", "\"usual_at\": [\"thin_lead\"]");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("fuses.json"), std::string::npos) << read.error().where;
}

TEST_F(DamagedLibrary, EmptySourceIsRefused) {
    replace("europe/studs.json", "\"source\": \"torque", "\"source\": \"\", \"x\": \"torque");
    const auto read = loadLibraries(folder_);
    ASSERT_FALSE(read.has_value());
    EXPECT_NE(read.error().where.find("studs.json"), std::string::npos);
}

}  // namespace
}  // namespace spirk
