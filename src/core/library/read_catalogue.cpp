// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/appliance_names.h"
#include "core/library/table_readers.h"

namespace spirk {

namespace {

Connection readConnection(JsonFields& row) {
    return {row.text("stud"), squareMillimetres(row.number("max_area_mm2", 0.5, 500))};
}

// The tables give resistance times capacity in milliohm * ampere-hour.
double readResistance(JsonFields& row, const std::string& key) {
    return milliohms(row.number(key, 10, 5000)).si() * ampHours(1).si();
}

}  // namespace

void readAppliances(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.appliances, [](JsonFields& row, CatalogueAppliance& out) {
        readName(row, out);
        out.category = static_cast<Category>(row.oneOf("category", kCategoryNames));
        out.feed = static_cast<Feed>(row.oneOf("feed", kFeedNames));
        out.rated = watts(row.number("rated_w", 0.1, 10e3));
        out.measured = watts(row.number("measured_w", 0.1, 10e3));
        out.onTime = hours(row.number("hours_per_day", 0, 24));
        out.start = hours(row.number("start_h", 0, 24));
        out.span = hours(row.number("span_h", 0, 24));
        out.surge = row.number("surge", 1, 20);
        out.standby = watts(row.number("standby_w", 0, 500));
        out.behaviour = static_cast<Behaviour>(row.oneOf("behaves", kBehaviourNames));
        out.runs = static_cast<Runs>(row.oneOf("runs", kRunsNames));
    });
}

void readChemistries(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.chemistries, [](JsonFields& row, Chemistry& out) {
        readName(row, out);
        out.usable = row.number("usable", 0.1, 1);
        out.resistanceLow = readResistance(row, "resistance_mohm_ah_low");
        out.resistanceMid = readResistance(row, "resistance_mohm_ah_mid");
        out.resistanceHigh = readResistance(row, "resistance_mohm_ah_high");
        out.chargeRateUsual = row.number("charge_c_usual", 0.01, 5);
        out.chargeRateMost = row.number("charge_c_most", 0.01, 5);
        (void)row.number("discharge_c_usual", 0.01, 5);
        out.dischargeRateMost = row.number("discharge_c_most", 0.01, 10);
        out.absorption = volts(row.number("absorption_v", 10, 20));
        out.floating = volts(row.number("float_v", 10, 20));
        out.cutOff = volts(row.number("cutoff_v", 8, 16));
        (void)row.number("charge_efficiency_ah", 0.3, 1);
        out.chargeEfficiencyWh = row.number("charge_efficiency_wh", 0.3, 1);
        for (const double v : row.numbers("rest_v", 11, 8, 16)) {
            out.restVolts.push_back(volts(v));
        }
    });
}

void readBatteries(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.batteries, [](JsonFields& row, BatteryModel& out) {
        readName(row, out);
        out.chemistry = row.text("chemistry");
        out.nominal = volts(row.number("nominal_v", 6, 60));
        out.capacity = ampHours(row.number("capacity_ah", 1, 2000));
        out.maxCharge = amps(row.number("max_charge_a", 1, 2000));
        out.maxDischarge = amps(row.number("max_discharge_a", 1, 5000));
        if (const auto isc = row.maybeNumber("short_circuit_a", 100, 100e3)) {
            out.shortCircuit = amps(*isc);
        }
        out.connection = readConnection(row);
    });
}

void readPanels(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.panels, [](JsonFields& row, PanelModel& out) {
        readName(row, out);
        out.power = watts(row.number("watts", 1, 1000));
        out.voc = volts(row.number("voc", 1, 200));
        out.vmp = volts(row.number("vmp", 1, 200));
        out.isc = amps(row.number("isc", 0.1, 50));
        out.imp = amps(row.number("imp", 0.1, 50));
        out.gammaPerK = row.number("gamma_per_k", -0.01, 0);
        out.betaVocPerK = row.number("beta_voc_per_k", -0.01, 0);
        out.noct = celsius(row.number("noct_c", 30, 60));
        for (const char* key : {"length_m", "width_m", "max_series_fuse_a"}) {
            (void)row.number(key, 0, 100);
        }
    });
}

void readControllers(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.controllers, [](JsonFields& row, ControllerModel& out) {
        readName(row, out);
        out.maxVoc = volts(row.number("max_voc", 10, 1000));
        out.maxOutput = amps(row.number("max_a", 1, 500));
        out.efficiency = row.number("efficiency", 0.5, 1);
        out.startAbove = volts(row.number("start_above_v", 0, 20));
        out.connection = readConnection(row);
        (void)row.number("default_absorption_v", 10, 70);
    });
}

void readDcdcs(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.dcdcs, [](JsonFields& row, DcdcModel& out) {
        readName(row, out);
        out.output = amps(row.number("output_a", 1, 500));
        out.efficiency = row.number("efficiency", 0.5, 1);
        out.start = volts(row.number("start_v", 10, 60));
        out.stop = volts(row.number("stop_v", 10, 60));
        out.delay = seconds(row.number("start_delay_s", 0, 600));
        out.connection = readConnection(row);
        out.maxInputFuse = amps(row.number("max_input_fuse_a", 1, 1000));
        (void)row.flag("isolated");
    });
}

void readInverters(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.inverters, [](JsonFields& row, InverterModel& out) {
        readName(row, out);
        out.power = watts(row.number("watts", 50, 20e3));
        out.surge = watts(row.number("surge_w", 50, 40e3));
        out.lossA = row.number("loss_a", 0, 0.1);
        out.lossB = row.number("loss_b", 0, 0.5);
        out.lossC = row.number("loss_c", 0, 0.5);
        out.lowCut = volts(row.number("low_cut_v", 8, 60));
        out.connection = readConnection(row);
    });
}

void readHardware(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.hardware, [](JsonFields& row, HardwareModel& out) {
        readName(row, out);
        out.kind = row.text("kind");
        out.maxCurrent = amps(row.number("max_a", 1, 5000));
        out.resistance = milliohms(row.number("milliohm", 0, 100));
        out.connection = readConnection(row);
        out.ways = row.has("ways") ? row.integer("ways", 1, 48) : 0;
        out.maxWay = amps(row.maybeNumber("max_way_a", 1, 100).value_or(0.0));
    });
}

}  // namespace spirk
