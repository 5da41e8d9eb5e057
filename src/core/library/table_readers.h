// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// One reader per table file of data/. Each notes problems through its fields and fills its part of
// the library; load_library.cpp decides whether the whole is good.

#include "core/library/library.h"
#include "core/reading/json_fields.h"

namespace spirk {

// Reads each object of a list into a row of its own.
template <class Row, class Read>
void readRows(JsonFields& fields, const char* list, std::vector<Row>& into, const Read& read) {
    for (JsonFields& row : fields.objects(list)) {
        Row out;
        read(row, out);
        into.push_back(std::move(out));
        row.settleUnknownKeys();
    }
}
template <class Row>
void readName(JsonFields& row, Row& out) {
    out.id = row.text("id");
    out.name = Words{row.text("name")};
}

// Published figures that every region shares.
void readFuses(JsonFields& fields, Library& library);
void readAlternator(JsonFields& fields, Library& library);
void readAmbients(JsonFields& fields, Library& library);
// Requires that the ambients were read.
void readTypicalVan(JsonFields& fields, Library& library);
void readClimates(JsonFields& fields, Library& library);
// A region's own.
void readConductors(JsonFields& fields, Library& library);
void readAmpacity(JsonFields& fields, Library& library);
void readStuds(JsonFields& fields, Library& library);
void readLugs(JsonFields& fields, Library& library);
void readRules(JsonFields& fields, Library& library);
void readChecks(JsonFields& fields, Library& library);
// Typical gear.
void readAppliances(JsonFields& fields, Library& library);
// Requires that the appliances were read.
void readTrips(JsonFields& fields, Library& library);
void readWays(JsonFields& fields, Library& library);
void readChemistries(JsonFields& fields, Library& library);
void readBatteries(JsonFields& fields, Library& library);
void readPanels(JsonFields& fields, Library& library);
void readControllers(JsonFields& fields, Library& library);
void readDcdcs(JsonFields& fields, Library& library);
void readRelays(JsonFields& fields, Library& library);
void readShoreChargers(JsonFields& fields, Library& library);
void readCombineds(JsonFields& fields, Library& library);
void readAlternators(JsonFields& fields, Library& library);
void readTrickles(JsonFields& fields, Library& library);
void readConverters(JsonFields& fields, Library& library);
void readInverters(JsonFields& fields, Library& library);
void readHardware(JsonFields& fields, Library& library);
void readMonitors(JsonFields& fields, Library& library);
void readReadyLeads(JsonFields& fields, Library& library);
// Words of the trade.
void readGlossary(JsonFields& fields, Library& library);
void readHabits(JsonFields& fields, Library& library);
void readFixtures(JsonFields& fields, Library& library);

// Regions, in file order: their ids name the folders of their own tables.
[[nodiscard]] std::vector<Region> readRegions(JsonFields& fields);

}  // namespace spirk
