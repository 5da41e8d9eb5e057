// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/format.h>

#include <array>
#include <nlohmann/json.hpp>
#include <string_view>

#include "core/base/promise.h"
#include "core/files/read_file.h"
#include "core/library/library.h"
#include "core/library/table_readers.h"
#include "core/reading/json_fields.h"
#include "core/reading/parse_json.h"

namespace spirk {

namespace {

struct TableFile {
    const char* file;
    void (*read)(JsonFields&, Library&);
};

constexpr std::array kShared{
    TableFile{"fuses.json", readFuses},
    TableFile{"alternator.json", readAlternator},
    TableFile{"ambients.json", readAmbients},
    TableFile{"typical_van.json", readTypicalVan},
    TableFile{"climates.json", readClimates},
    TableFile{"appliances.json", readAppliances},
    TableFile{"trips.json", readTrips},
    TableFile{"ways.json", readWays},
    TableFile{"chemistries.json", readChemistries},
    TableFile{"batteries.json", readBatteries},
    TableFile{"panels.json", readPanels},
    TableFile{"controllers.json", readControllers},
    TableFile{"dcdc_chargers.json", readDcdcs},
    TableFile{"relays.json", readRelays},
    TableFile{"shore_chargers.json", readShoreChargers},
    TableFile{"combined_chargers.json", readCombineds},
    TableFile{"alternators.json", readAlternators},
    TableFile{"trickle_chargers.json", readTrickles},
    TableFile{"converters.json", readConverters},
    TableFile{"inverters.json", readInverters},
    TableFile{"monitors.json", readMonitors},
    TableFile{"ready_leads.json", readReadyLeads},
    TableFile{"hardware.json", readHardware},
    TableFile{"fixtures.json", readFixtures},
    TableFile{"glossary.json", readGlossary},
    TableFile{"habits.json", readHabits},
};
// In the folder of each region.
constexpr std::array kRegional{
    TableFile{"conductors.json", readConductors},
    TableFile{"ampacity.json", readAmpacity},
    TableFile{"studs.json", readStuds},
    TableFile{"lugs.json", readLugs},
    TableFile{"rules.json", readRules},
    TableFile{"checks.json", readChecks},
};

TableHead readHead(JsonFields& fields) {
    TableHead head;
    head.table = fields.text("table");
    head.source = fields.text("source");
    head.edition = fields.text("edition");
    head.conditions = fields.text("conditions");
    head.certainty = fields.text("certainty");
    if (head.source.empty()) {
        fields.problem("source", "A table needs a source."_text, "Name it."_text);
    }
    return head;
}

// Opens a table and hands its fields, head read and unknown keys settled, to `read`.
template <class Read>
Result<TableHead> openTable(const std::string& folder, const std::string& file, const Read& read) {
    const std::string path = folder + "/" + file;
    const auto text = readFile(path);
    if (!text) {
        return tl::unexpected(text.error());
    }
    const auto parsed = parseJson(*text, path);
    if (!parsed) {
        return tl::unexpected(parsed.error());
    }
    std::vector<Error> problems;
    JsonFields fields(*parsed, file, problems);
    TableHead head = readHead(fields);
    read(fields);
    fields.settleUnknownKeys();
    if (!problems.empty()) {
        return tl::unexpected(summary(problems));
    }
    return head;
}

// Reads tables into the library; `prefix` is the region's folder, with a slash, or nothing.
template <class Tables>
std::optional<Error> readTables(const std::string& folder,
                                const std::string& prefix,
                                const Tables& tables,
                                Library& library) {
    for (const TableFile& table : tables) {
        auto head = openTable(
            folder, prefix + table.file, [&](JsonFields& fields) { table.read(fields, library); });
        if (!head) {
            return head.error();
        }
        library.heads[head->table] = std::move(*head);
    }
    return std::nullopt;
}

// Ids of one table that another names.
std::optional<Error> danglingId(const Library& library) {
    const Region& region = library.region;
    for (const std::string* column : {&region.heavyInsulation,
                                      &region.smallInsulation,
                                      &region.solarInsulation,
                                      &region.comparison}) {
        if (findById(library.ampacity, *column) == nullptr) {
            return Error{{"There is no ampacity column '{id}'."_text, {{"id", *column}}},
                         region.id + "/ampacity.json",
                         "Name one that exists in regions.json."_text};
        }
    }
    for (const BatteryModel& battery : library.batteries) {
        if (findById(library.chemistries, battery.chemistry) == nullptr) {
            return Error{{"There is no chemistry '{id}'."_text, {{"id", battery.chemistry}}},
                         "batteries.json: " + battery.id,
                         "Name a row of chemistries.json."_text};
        }
    }
    for (const Stud& stud : library.studs) {
        if (!stud.adapterStud.empty() && findById(library.studs, stud.adapterStud) == nullptr) {
            return Error{{"There is no stud '{id}'."_text, {{"id", stud.adapterStud}}},
                         region.id + "/studs.json: " + stud.id,
                         "Name a row of that table."_text};
        }
    }
    for (const HardwareModel& hardware : library.hardware) {
        if (!hardware.fuses.empty() && findById(library.fuses, hardware.fuses) == nullptr) {
            return Error{{"There is no fuse family '{id}'."_text, {{"id", hardware.fuses}}},
                         "hardware.json: " + hardware.id,
                         "Name a row of fuses.json."_text};
        }
    }
    return std::nullopt;
}

}  // namespace

Result<Libraries> loadLibraries(const std::string& folder) {
    Library shared;
    if (auto error = readTables(folder, "", kShared, shared)) {
        return tl::unexpected(std::move(*error));
    }
    std::vector<Region> regions;
    auto head = openTable(folder, "regions.json", [&](JsonFields& fields) {
        shared.pricesOf = fields.text("prices_of");
        regions = readRegions(fields);
        if (regions.empty()) {
            fields.problem("rows", "There is no region."_text, "Add one."_text);
        }
    });
    if (!head) {
        return tl::unexpected(head.error());
    }
    shared.heads[head->table] = std::move(*head);
    Libraries out;
    for (Region& region : regions) {
        Library library = shared;
        library.region = std::move(region);
        auto error = readTables(folder, library.region.id + "/", kRegional, library);
        error = error ? error : danglingId(library);
        if (error) {
            return tl::unexpected(std::move(*error));
        }
        out.regions.push_back(std::move(library));
    }
    return out;
}

const Library* findRegion(const Libraries& libraries, const std::string& region) {
    for (const Library& library : libraries.regions) {
        if (library.region.id == region) {
            return &library;
        }
    }
    return nullptr;
}

const Library& libraryFor(const Libraries& libraries, const std::string& region) {
    const Library* found = findRegion(libraries, region);
    return found == nullptr ? libraries.regions.front() : *found;
}

std::vector<const HardwareModel*> hardwareOf(const Library& library, HardwareKind kind) {
    std::vector<const HardwareModel*> out;
    for (const HardwareModel& model : library.hardware) {
        if (model.kind == kind && !model.width) {
            out.push_back(&model);
        }
    }
    promise(!out.empty(), "the library has hardware of each kind: its reader holds it to that");
    return out;
}

const Climate* findClimate(const Library& library, const std::string& name) {
    const auto found = std::ranges::find_if(
        library.climates, [&](const Climate& climate) { return climate.name.english == name; });
    return found == library.climates.end() ? nullptr : &*found;
}

FromTable fromTable(const Library& library, const std::string& table, const Text& row) {
    const auto head = library.heads.find(table);
    promise(head != library.heads.end(), "a term names a table that was loaded");
    return {head->second.table, row, head->second.source, head->second.certainty};
}

FromTable fromTable(const Library& library, const std::string& table, const char* key) {
    return fromTable(library, table, Text::given(key));
}

const std::string& studOf(const FuseFamily& family, Amps rating) {
    const auto found = family.studUpTo.lower_bound(rating);
    return found == family.studUpTo.end() ? family.stud : found->second;
}

// A lead-acid or lithium battery of 12 V is charged at up to 14 V and more, one of 24 V at 32.
Amps interruptingAt(const FuseFamily& family, Volts nominal) {
    if (family.interruptingUpTo.empty()) {
        return family.interrupting;
    }
    const auto found = family.interruptingUpTo.lower_bound(nominal);
    return found == family.interruptingUpTo.end() ? Amps() : found->second;
}

// Solved currents are no better than this: 50.000000001 A is no reason for a 60 A fuse.
constexpr double kSolvedToPart = 1e-6;

bool enough(Amps rating, Amps current) { return rating >= current * (1.0 - kSolvedToPart); }

std::optional<Amps> ratingFor(const FuseFamily& family, Amps current) {
    const auto found =
        std::ranges::find_if(family.ratings, [&](Amps r) { return enough(r, current); });
    return found == family.ratings.end() ? std::nullopt : std::optional(*found);
}

std::optional<Amps> ratingWithin(const FuseFamily& family, Amps current) {
    const auto above = std::ranges::upper_bound(family.ratings, current);
    return above == family.ratings.begin() ? std::nullopt : std::optional(*(above - 1));
}

const Rule& rule(const Library& library, const std::string& id) {
    const Rule* found = findById(library.rules, id);
    promise(found != nullptr, "a rule that the code uses is in the region's set");
    return *found;
}

FromTable fromRule(const Library& library, const std::string& id) {
    const Rule& r = rule(library, id);
    return {"rules", r.text, r.source, r.certainty};
}

const CheckBasis& basis(const Library& library, const std::string& check) {
    const CheckBasis* found = findById(library.checks, check);
    promise(found != nullptr, "a check that the code makes has a basis in each region");
    return *found;
}

CableSizes sizesOf(const Library& library) {
    return gaugeName(library.conductors.front().area) ? CableSizes::Gauges : CableSizes::Metric;
}

Text torqueText(const Stud& stud) {
    return {"{low} to {high}"_text,
            {{"low", Measure{stud.torqueLowNm, Unit::NewtonMetre}},
             {"high", Measure{stud.torqueHighNm, Unit::NewtonMetre}}}};
}

std::string lugStud(const Library& library, const std::string& stud) {
    const Stud* found = findById(library.studs, stud);
    return found == nullptr || found->adapterStud.empty() ? stud : found->adapterStud;
}

std::string studName(const Library& library, const std::string& stud) {
    const Stud* found = findById(library.studs, stud);
    return found == nullptr ? stud : found->name.english;
}

}  // namespace spirk
