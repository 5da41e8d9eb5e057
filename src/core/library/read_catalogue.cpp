// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/appliance_names.h"
#include "core/library/gear_file.h"
#include "core/library/table_readers.h"

namespace spirk {

namespace {

constexpr std::array<std::string_view, 2> kFamilies{"lithium", "lead"};

// The tables give resistance times capacity in milliohm * ampere-hour.
double readResistance(JsonFields& row, const std::string& key) {
    return milliohms(row.number(key, 10, 5000)).si() * ampHours(1).si();
}

// A table of gear: rows as in a person's own gear file.
template <class Model>
void readGearTable(JsonFields& fields, std::vector<Model>& into) {
    readRows(fields, "rows", into, [](JsonFields& row, Model& out) { readGear(row, out); });
}

}  // namespace

void readAppliances(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.appliances, [](JsonFields& row, CatalogueAppliance& out) {
        readName(row, out);
        out.category = static_cast<Category>(row.oneOf("category", kCategoryNames));
        out.feed = static_cast<Feed>(row.oneOf("feed", kFeedNames));
        out.supplied = static_cast<Supplied>(row.oneOf("supplied", kSuppliedNames));
        out.rated = watts(row.number("rated_w", 0.1, 10e3));
        out.measured = watts(row.number("measured_w", 0.1, 10e3));
        out.onTime = hours(row.number("hours_per_day", 0, 24));
        out.start = hours(row.number("start_h", 0, 24));
        out.span = hours(row.number("span_h", 0, 24));
        out.surge = row.number("surge", 1, 20);
        out.standby = watts(row.number("standby_w", 0, 500));
        out.behaviour = static_cast<Behaviour>(row.oneOf("behaves", kBehaviourNames));
        out.runs = static_cast<Runs>(row.oneOf("runs", kRunsNames));
        out.alwaysOn = row.has("always_on") && row.flag("always_on");
    });
}

void readGlossary(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.glossary, [](JsonFields& row, GlossaryTerm& out) {
        out.name = Words{row.text("name")};
        out.meaning = Words{row.text("text")};
    });
}

void readHabits(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.habits, [](JsonFields& row, Habit& out) {
        out.id = row.text("id");
        out.name = Words{row.text("name")};
        out.reason = Words{row.text("reason")};
        out.source = Words{row.text("source")};
    });
}

void readTrips(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.trips, [&](JsonFields& row, TripKind& out) {
        readName(row, out);
        out.firstMonth = row.integer("first_month", 1, 12);
        out.lastMonth = row.integer("last_month", 1, 12);
        out.daysWithoutSun = row.number("days_without_sun", 0.1, 60);
        out.drivingPerDay = hours(row.number("driving_h_per_day", 0, 24));
        out.appliances = row.texts("appliances");
        for (const std::string& id : out.appliances) {
            if (findById(library.appliances, id) == nullptr) {
                row.problem("appliances",
                            {"There is no appliance '{id}'."_text, {{"id", id}}},
                            "Name a row of appliances.json."_text);
            }
        }
    });
    if (library.trips.empty()) {
        fields.problem("rows", "There is no kind of trip."_text, "Add one."_text);
    }
}

void readChemistries(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.chemistries, [](JsonFields& row, Chemistry& out) {
        readName(row, out);
        out.family = static_cast<Family>(row.oneOf("family", kFamilies));
        out.usable = row.number("usable", 0.1, 1);
        out.resistanceLow = readResistance(row, "resistance_mohm_ah_low");
        out.resistanceMid = readResistance(row, "resistance_mohm_ah_mid");
        out.resistanceHigh = readResistance(row, "resistance_mohm_ah_high");
        out.absorption = volts(row.number("absorption_v", 10, 20));
        out.absorptionLow = volts(row.number("absorption_low_v", 10, 20));
        out.absorptionHigh = volts(row.number("absorption_high_v", 10, 20));
        out.floating = volts(row.number("float_v", 10, 20));
        out.cutOff = volts(row.number("cutoff_v", 8, 16));
        out.inverterCutOff = volts(row.number("inverter_cutoff_v", 8, 16));
        out.chargeEfficiencyWh = row.number("charge_efficiency_wh", 0.3, 1);
        out.chargeEfficiencyAh = row.number("charge_efficiency_ah", 0.3, 1);
        out.bulkUntil = row.number("bulk_until", 0.3, 0.99);
        out.peukert = row.number("peukert", 1, 1.5);
        out.chargeFrom = celsius(row.number("charge_from_c", -40, 20));
        out.chargeTo = celsius(row.number("charge_to_c", 20, 80));
        out.millivoltsPerK = row.number("compensation_mv_per_k", -60, 0);
        out.deliveredLow = row.number("delivered_low", 0, 1);
        out.deliveredHigh = row.number("delivered_high", out.deliveredLow, 1);
        out.gasses = row.flag("gasses");
        out.coldCapacity = row.numbers("capacity_at_temperature", 6, 0.1, 1.5);
        for (const double v : row.numbers("rest_v", 11, 8, 16)) {
            out.restVolts.push_back(volts(v));
        }
    });
}

void readBatteries(JsonFields& fields, Library& library) {
    readGearTable(fields, library.batteries);
}
void readPanels(JsonFields& fields, Library& library) { readGearTable(fields, library.panels); }
void readControllers(JsonFields& fields, Library& library) {
    readGearTable(fields, library.controllers);
}
void readDcdcs(JsonFields& fields, Library& library) { readGearTable(fields, library.dcdcs); }
void readRelays(JsonFields& fields, Library& library) { readGearTable(fields, library.relays); }
void readShoreChargers(JsonFields& fields, Library& library) {
    readGearTable(fields, library.shoreChargers);
}
void readCombineds(JsonFields& fields, Library& library) {
    readGearTable(fields, library.combineds);
}
void readAlternators(JsonFields& fields, Library& library) {
    readGearTable(fields, library.alternators);
}
void readTrickles(JsonFields& fields, Library& library) { readGearTable(fields, library.trickles); }
void readConverters(JsonFields& fields, Library& library) {
    readGearTable(fields, library.converters);
}
void readInverters(JsonFields& fields, Library& library) {
    readGearTable(fields, library.inverters);
}

void readMonitors(JsonFields& fields, Library& library) { readGearTable(fields, library.monitors); }

void readReadyLeads(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.readyLeads, [](JsonFields& row, ReadyLead& out) {
        readName(row, out);
        out.area = squareMillimetres(row.number("area_mm2", 0.05, 10));
        out.cores = row.integer("cores", 1, 12);
        for (const double length : row.numbers("lengths_m", 0.1, 50)) {
            out.lengths.push_back(metres(length));
        }
        out.weightKg = row.number("weight_kg", 0, 5);
        out.price = row.number("price", 0, 500);
    });
}

void readHardware(JsonFields& fields, Library& library) {
    readGearTable(fields, library.hardware);
    for (std::size_t kind = 0; kind <= static_cast<std::size_t>(HardwareKind::Plug); ++kind) {
        if (std::ranges::find(library.hardware,
                              static_cast<HardwareKind>(kind),
                              &HardwareModel::kind) == library.hardware.end()) {
            fields.problem("rows",
                           "No row has hardware of one of the kinds."_text,
                           "Each kind needs at least one."_text);
        }
    }
}

void readFixtures(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.fixtures, [](JsonFields& row, Fixture& out) {
        readName(row, out);
        out.maxCurrent = amps(row.number("max_a", 1, 5000));
        out.resistance = milliohms(row.number("milliohm", 0, 100));
        if (const auto most = row.maybeNumber("short_circuit_a", 100, 20e3)) {
            out.shortCircuit = amps(*most);
        }
        out.connection.stud = row.text("stud");
        out.connection.maxArea = squareMillimetres(row.number("max_area_mm2", 0.5, 500));
        out.weightKg = row.number("weight_kg", 0, 100);
        out.price = row.number("price", 0, 5000);
    });
}

}  // namespace spirk
