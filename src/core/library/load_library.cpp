// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/format.h>

#include <array>
#include <nlohmann/json.hpp>
#include <string_view>

#include "core/library/library.h"
#include "core/library/table_readers.h"
#include "core/result/json_fields.h"
#include "core/result/promise.h"

namespace spirk {

namespace {

struct TableFile {
    const char* file;
    void (*read)(JsonFields&, Library&);
};

constexpr std::array kTables{
    TableFile{"conductors.json", readConductors},
    TableFile{"ampacity.json", readAmpacity},
    TableFile{"fuses.json", readFuses},
    TableFile{"studs.json", readStuds},
    TableFile{"lugs.json", readLugs},
    TableFile{"alternator.json", readAlternator},
    TableFile{"ambients.json", readAmbients},
    TableFile{"typical_van.json", readTypicalVan},
    TableFile{"climates.json", readClimates},
    TableFile{"appliances.json", readAppliances},
    TableFile{"chemistries.json", readChemistries},
    TableFile{"batteries.json", readBatteries},
    TableFile{"panels.json", readPanels},
    TableFile{"controllers.json", readControllers},
    TableFile{"dcdc_chargers.json", readDcdcs},
    TableFile{"inverters.json", readInverters},
    TableFile{"hardware.json", readHardware},
    TableFile{"rules_europe.json", readRules},
};

TableHead readHead(JsonFields& fields) {
    TableHead head;
    head.table = fields.text("table");
    head.source = fields.text("source");
    head.edition = fields.text("edition");
    head.conditions = fields.text("conditions");
    head.certainty = fields.text("certainty");
    if (head.source.empty()) {
        fields.problem("source", "A table needs a source.", "Name it.");
    }
    return head;
}

Result<void*> readTable(const std::string& folder, const TableFile& table, Library& library) {
    const std::string path = folder + "/" + table.file;
    const auto text = readFile(path);
    if (!text) {
        return tl::unexpected(text.error());
    }
    const auto parsed = parseJson(*text, path);
    if (!parsed) {
        return tl::unexpected(parsed.error());
    }
    std::vector<Error> problems;
    JsonFields fields(*parsed, table.file, problems);
    TableHead head = readHead(fields);
    table.read(fields, library);
    fields.refuseUnknownKeys();
    if (!problems.empty()) {
        return tl::unexpected(summary(problems));
    }
    library.heads[head.table] = std::move(head);
    return nullptr;
}

}  // namespace

Result<Library> loadLibrary(const std::string& folder) {
    Library library;
    for (const TableFile& table : kTables) {
        if (const auto read = readTable(folder, table, library); !read) {
            return tl::unexpected(read.error());
        }
    }
    return library;
}

FromTable fromTable(const Library& library, const std::string& table, std::string row) {
    const auto head = library.heads.find(table);
    promise(head != library.heads.end(), "a term names a table that was loaded");
    return {head->second.table, std::move(row), head->second.source, head->second.certainty};
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

}  // namespace spirk
