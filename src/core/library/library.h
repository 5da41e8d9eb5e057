// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Published tables and typical gear, read once from data/ and never changed. Every table keeps its
// source, edition, conditions and certainty, which reach the person with each figure taken from it.

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/explain/derivation.h"
#include "core/quantities/units.h"
#include "core/result/result.h"

namespace spirk {

struct TableHead {
    std::string table;
    std::string source;
    std::string edition;
    std::string conditions;
    std::string certainty;
};

struct ConductorRow {
    SquareMetres area;
    double ohmPerMetre20 = 0.0;  // largest resistance at 20 degC, ohm per metre
    Metres conductorDiameter;
    Metres outerDiameter;
};

// One insulation with its ampacity at the reference ambient.
struct AmpacityColumn {
    std::string id;
    std::string name;
    std::string source;
    std::string certainty;
    Celsius maximum;          // of the insulation
    Celsius reference;        // ambient of the table
    double adiabaticK = 0.0;  // A s^0.5 / mm2
    std::string adiabaticSource;
    bool satisfiesChecks = true;  // false: shown for comparison only
    std::map<SquareMetres, Amps> amps;
};

struct EnvelopePoint {
    double multiple = 0.0;           // of the rating
    Seconds shortest;                // earliest opening
    std::optional<Seconds> longest;  // latest opening; nothing: need not open
};

enum class FuseMount { Block, Holder, Stud };

struct FuseFamily {
    std::string id;
    std::string name;
    std::string source;
    std::string certainty;
    FuseMount mount = FuseMount::Holder;
    std::string stud;
    SquareMetres maxArea;
    Volts volts;
    Amps interrupting;
    std::string interruptingSource;
    Volts dropAtRating;  // over fuse and holder at rated current
    std::vector<Amps> ratings;
    std::vector<EnvelopePoint> envelope;
};

struct Stud {
    std::string id;  // 'M8'
    Metres diameter;
    Metres lugHole;
    double torqueLowNm = 0.0;
    double torqueHighNm = 0.0;
};

struct Lug {
    SquareMetres area;
    std::vector<std::string> holes;  // stud ids sold for this size
};

struct AlternatorCurve {
    struct Point {
        double speedPerMinute = 0.0;
        double share = 0.0;  // of the rated current
    };
    std::vector<Point> points;  // rising
    double idleSpeed = 0.0;
    double roadSpeed = 0.0;
    double hotFactor = 1.0;
    double roadShareLimit = 0.5;  // most of the rating that the house should take
};

struct Ambient {
    std::string id;
    std::string name;
    Celsius ambient;
};

// Places of a van and wire ways between them that a new plan begins with; all can be changed.
struct TypicalVan {
    struct Place {
        PlaceId id;
        std::string name;
        Celsius ambient;
    };
    struct Way {
        PlaceId from, to;
        Metres length;
    };
    std::vector<Place> places;
    std::vector<Way> ways;
};

struct Climate {
    std::string name;
    double latitude = 0.0;
    double longitude = 0.0;
    std::vector<double> sun;    // kWh/m2 per day, 12 months
    std::vector<Celsius> mean;  // 12 months
    Celsius coldest;
};

enum class Feed { Dc, Mains };
enum class Behaviour { Power, Current, Resistance };
enum class Runs { WithOthers, Alone };  // Alone: never beside another one so marked
enum class Category { Kitchen, Climate, Water, Lighting, Electronics, Work, Mains };

struct CatalogueAppliance {
    std::string id;
    std::string name;
    Category category = Category::Electronics;
    Feed feed = Feed::Dc;
    Watts rated;
    Watts measured;
    Seconds onTime;  // per day, duty included
    Seconds start;   // of the usual span
    Seconds span;
    double surge = 1.0;
    Watts standby;
    Behaviour behaviour = Behaviour::Power;
    Runs runs = Runs::WithOthers;
};

// A 12 V block's chemistry.
struct Chemistry {
    std::string id;
    std::string name;
    double usable = 0.8;  // fraction of the rated capacity
    // Resistance times capacity, ohm * coulomb; the range of what is sold.
    double resistanceLow = 0.0;
    double resistanceMid = 0.0;
    double resistanceHigh = 0.0;
    double chargeRateUsual = 0.0;    // multiple of capacity per hour
    double chargeRateMost = 0.0;     // multiple of capacity per hour
    double dischargeRateMost = 0.0;  // multiple of capacity per hour
    Volts absorption;
    Volts floating;
    Volts cutOff;
    double chargeEfficiencyWh = 1.0;
    std::vector<Volts> restVolts;  // at 0, 10 ... 100 %
};

// What a device's terminal takes: a stud id, 'clamp' or 'blade', and the largest cable.
struct Connection {
    std::string stud;
    SquareMetres maxArea;
};

struct BatteryModel {
    std::string id;
    std::string name;
    std::string chemistry;
    Volts nominal;
    Coulombs capacity;
    Amps maxCharge;
    Amps maxDischarge;
    std::optional<Amps> shortCircuit;  // where the maker states it
    Connection connection;
};

struct PanelModel {
    std::string id;
    std::string name;
    Watts power;
    Volts voc, vmp;
    Amps isc, imp;
    double gammaPerK = 0.0;
    double betaVocPerK = 0.0;
    Celsius noct;
};

struct ControllerModel {
    std::string id;
    std::string name;
    Volts maxVoc;
    Amps maxOutput;
    double efficiency = 1.0;
    Volts startAbove;  // above the bank
    Connection connection;
};

struct DcdcModel {
    std::string id;
    std::string name;
    Amps output;
    double efficiency = 1.0;
    Volts start, stop;
    Seconds delay;
    Amps maxInputFuse;
    Connection connection;
};

struct InverterModel {
    std::string id;
    std::string name;
    Watts power, surge;
    double lossA = 0.0, lossB = 0.0, lossC = 0.0;  // loss / P = a + b p + c p^2
    Volts lowCut;
    Connection connection;
};

struct HardwareModel {
    std::string id;
    std::string name;
    std::string kind;
    Amps maxCurrent;
    Ohms resistance;
    Connection connection;
    int ways = 0;
    Amps maxWay;
};

struct Rule {
    std::string id;
    double value = 0.0;
    std::string unit;
    std::string text;
    std::string source;
    std::string standing;   // 'vans', 'boat', 'practice'
    std::string certainty;  // 'standing: boat'
};

struct Library {
    std::map<std::string, TableHead> heads;  // by table name
    std::vector<ConductorRow> conductors;    // rising
    std::vector<AmpacityColumn> ampacity;
    std::vector<FuseFamily> fuses;
    std::vector<Stud> studs;
    std::vector<Lug> lugs;
    AlternatorCurve alternator;
    std::vector<Ambient> ambients;
    TypicalVan typicalVan;
    std::vector<Climate> climates;
    std::vector<CatalogueAppliance> appliances;
    std::vector<Chemistry> chemistries;
    std::vector<BatteryModel> batteries;
    std::vector<PanelModel> panels;
    std::vector<ControllerModel> controllers;
    std::vector<DcdcModel> dcdcs;
    std::vector<InverterModel> inverters;
    std::vector<HardwareModel> hardware;
    std::vector<Rule> rules;
};

// Reads every table of a folder. An error names the file, the key and what is wrong.
[[nodiscard]] Result<Library> loadLibrary(const std::string& folder);

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
                                  std::string row);

// A rule of the region's set. Requires that it exists: the loader checks the list of ids.
[[nodiscard]] const Rule& rule(const Library& library, const std::string& id);
[[nodiscard]] FromTable fromRule(const Library& library, const std::string& id);

}  // namespace spirk
