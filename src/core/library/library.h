// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Published tables and typical gear, read once from data/ and never changed. Every table keeps its
// source, edition, conditions and certainty, which reach the person with each figure taken from it.

#include <array>
#include <map>
#include <string>
#include <vector>

#include "core/explain/derivation.h"
#include "core/library/appliances.h"
#include "core/library/gear_models.h"
#include "core/library/glossary.h"
#include "core/library/region.h"
#include "core/library/tables.h"
#include "core/library/way_rows.h"
#include "core/reading/parse.h"
#include "core/result/result.h"

namespace spirk {

// The shared tables and one region's own.
struct Library : Shelf {
    Region region;
    std::map<std::string, TableHead> heads;  // by table name
    std::vector<ConductorRow> conductors;    // rising
    std::vector<AmpacityColumn> ampacity;
    std::vector<FuseFamily> fuses;
    // Ids of the families that are tried in each place, in their order; none is empty.
    std::array<std::vector<std::string>, kFuseUseNames.size()> usualFuses;
    std::vector<Stud> studs;
    std::vector<Lug> lugs;
    AlternatorCurve alternator;
    std::vector<Ambient> ambients;
    TypicalVan typicalVan;
    std::vector<Climate> climates;
    std::vector<CatalogueAppliance> appliances;
    std::vector<TripKind> trips;  // never empty
    std::vector<WayRow> ways;     // of each kind one at least, the usual first
    std::vector<Chemistry> chemistries;
    std::vector<Fixture> fixtures;
    std::vector<ReadyLead> readyLeads;
    std::vector<GlossaryTerm> glossary;
    std::vector<Rule> rules;
    std::vector<Habit> habits;
    std::vector<CheckBasis> checks;
    std::string pricesOf;  // date of all prices: '2026-01'
};

// One library for each region, in the order of regions.json. Never empty.
struct Libraries {
    std::vector<Library> regions;
};

// Reads every table of a folder. An error names the file, the key and what is wrong.
[[nodiscard]] Result<Libraries> loadLibraries(const std::string& folder);

// The library of a region; null where there is none of that id.
[[nodiscard]] const Library* findRegion(const Libraries& libraries, const std::string& region);

// The same, or the first region's: a design with it says that the plan's region is not known.
[[nodiscard]] const Library& libraryFor(const Libraries& libraries, const std::string& region);

// What the library has of a kind of hardware to be bought, the least first: no bars made by hand.
// Never empty.
[[nodiscard]] std::vector<const HardwareModel*> hardwareOf(const Library& library,
                                                           HardwareKind kind);

// Ids of the families that are tried there, in their order; never empty.
[[nodiscard]] inline const std::vector<std::string>& usualFuses(const Library& library,
                                                                FuseUse use) {
    return library.usualFuses[static_cast<std::size_t>(use)];
}

// The entry with this id, or null: for ids that come from a plan.
template <class T>
[[nodiscard]] const T* findById(const std::vector<T>& entries, const std::string& id) {
    for (const T& entry : entries) {
        if (entry.id == id) {
            return &entry;
        }
    }
    return nullptr;
}

// Where a term comes from when it is a row of `table`.
[[nodiscard]] FromTable fromTable(const Library& library,
                                  const std::string& table,
                                  const Text& row);
// The same, by the row's key in the file.
[[nodiscard]] FromTable fromTable(const Library& library,
                                  const std::string& table,
                                  const char* key);

// By its name, as plans have it; null where there is none.
[[nodiscard]] const Climate* findClimate(const Library& library, const std::string& name);

// A rule of the region's set. Requires that it exists: a test holds every region to the list.
[[nodiscard]] const Rule& rule(const Library& library, const std::string& id);
[[nodiscard]] FromTable fromRule(const Library& library, const std::string& id);
// What a check rests on in the library's region. Requires that it exists.
[[nodiscard]] const CheckBasis& basis(const Library& library, const std::string& check);

// A way of this kind; null where there is none of that id.
[[nodiscard]] const WayRow* findWay(const Library& library, WayKind of, const std::string& id);
// The one that a new unit of this kind is joined by.
[[nodiscard]] const WayRow& usualWay(const Library& library, WayKind of);

// Whether cables there go by gauges or by square millimetres. Requires a size.
[[nodiscard]] CableSizes sizesOf(const Library& library);

// '9 Nm to 14 Nm': for a nut whose maker says nothing.
[[nodiscard]] Text torqueText(const Stud& stud);

// What a lug goes on: the stud itself, or that of the adapter which a post needs.
[[nodiscard]] std::string lugStud(const Library& library, const std::string& stud);

// As the region sells it: '5/16 in' for M8. 'clamp' and 'blade' stay as they are.
[[nodiscard]] std::string studName(const Library& library, const std::string& stud);

}  // namespace spirk
