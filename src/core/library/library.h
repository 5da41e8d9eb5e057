// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Published tables and typical gear, read once from data/ and never changed. Every table keeps its
// source, edition, conditions and certainty, which reach the person with each figure taken from it.

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/explain/derivation.h"
#include "core/explain/standing.h"
#include "core/quantities/units.h"
#include "core/result/result.h"

namespace spirk {

// What differs by region besides its tables: habits of units, which insulation is usual, colours.
struct Region {
    std::string id;
    Words name;
    std::string currency;  // of prices
    Units units;           // usual there
    // Ids of ampacity columns: what a person there buys by default, and shop figures to compare.
    std::string heavyInsulation, smallInsulation, solarInsulation, comparison;
    std::string firstClimate;  // of a new plan
    // Colours of conductors in words, as they are bought.
    Words positive, negative, arrayPositive, arrayNegative, control, bond;
    std::string mainsRules;  // what governs the mains side there
};

// What a check rests on in a region.
struct CheckBasis {
    std::string id;  // 'W1'
    Words title;
    Severity severity = Severity::Advice;  // usual; a check may say that a case is milder
    Standing standing = Standing::CommonPractice;
    Words source;
};

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
    Words name;
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
    Words name;
    Words shortName;  // on the diagram
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
    double price = 0.0;  // order of magnitude, fuse with its holder where it has one
    double weightKg = 0.0;
};

struct Stud {
    std::string id;  // class, as gear is listed: 'M8'
    Words name;      // as the region sells it: 'M8', '5/16 in'
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
    Words name;
    Celsius ambient;
};

// Places of a van and wire ways between them that a new plan begins with; all can be changed.
struct TypicalVan {
    struct Place {
        PlaceId id;
        Words name;
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
    Words name;
    double latitude = 0.0;
    double longitude = 0.0;
    std::vector<double> sun;    // kWh/m2 per day, 12 months
    std::vector<Celsius> mean;  // 12 months
    Celsius coldest;
};

// Which supply a 12 V bank's appliance needs; Either: the 12/24 V kind.
enum class Supplied { Twelve, TwentyFour, Either };
enum class Feed { Dc, Mains };
enum class Behaviour { Power, Current, Resistance };
enum class Runs { WithOthers, Alone };  // Alone: never beside another one so marked
enum class Category { Kitchen, Climate, Water, Lighting, Electronics, Work, Mains };

struct CatalogueAppliance {
    std::string id;
    Words name;
    Category category = Category::Electronics;
    Feed feed = Feed::Dc;
    Supplied supplied = Supplied::Either;
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

// What a first plan begins from. Months are those of the northern half of the world.
struct TripKind {
    std::string id;
    Words name;
    int firstMonth = 5;
    int lastMonth = 9;
    double daysWithoutSun = 2.0;
    Seconds drivingPerDay;
    std::vector<std::string> appliances;  // ids of the catalogue
};

enum class Family { Lithium, Lead };

// What a way joins to the rest of the system.
enum class WayKind { Bank, MainRail, ConverterRail, Bond, Sun, Engine, Inverter, Circuits };

// One way of joining a unit, as it is told apart: how it is wired is wiring's.
struct WayRow {
    std::string id;
    WayKind of = WayKind::Bank;
    Words name;
    Words speaksFor;  // and against, in a sentence or two
    std::string source;
};

// A chemistry, for a 12 V block. Scaled to a bank's poles by systemOf.
struct Chemistry {
    std::string id;
    Text name;
    Family family = Family::Lithium;
    double usable = 0.8;  // fraction of the rated capacity
    // Resistance times capacity, ohm * coulomb; the range of what is sold.
    double resistanceLow = 0.0;
    double resistanceMid = 0.0;
    double resistanceHigh = 0.0;
    Volts absorption;
    Volts absorptionLow, absorptionHigh;  // range that makers give
    Volts floating;
    Volts cutOff;          // of loads
    Volts inverterCutOff;  // of an inverter's own low-voltage setting
    double chargeEfficiencyWh = 1.0;
    bool gasses = false;  // gives off hydrogen when charged
    // Part of the rated capacity that is there at -20, -10, 0, 10, 25 and 40 degC.
    std::vector<double> coldCapacity;
    std::vector<Volts> restVolts;  // at 0, 10 ... 100 %
};

// What a device's terminal takes: a stud class, 'clamp' or 'blade', and the largest cable.
struct Connection {
    std::string stud;
    SquareMetres maxArea;
    bool operator==(const Connection&) const = default;
};

// What every kind of gear has. Price: order of magnitude in the region's currency, at its table's
// date; zero: not stated.
struct Ware {
    std::string id;
    Words name;
    double weightKg = 0.0;
    double price = 0.0;
    bool operator==(const Ware&) const = default;
};

struct BatteryModel : Ware {
    std::string chemistry;
    Volts nominal;
    Coulombs capacity;
    Amps maxCharge;
    Amps maxDischarge;
    std::optional<Amps> shortCircuit;  // where the maker states it
    bool heated = false;               // warms itself before it is charged in frost
    Connection connection;
    bool operator==(const BatteryModel&) const = default;
};

struct PanelModel : Ware {
    Watts power;
    Volts voc, vmp;
    Amps isc, imp;
    double gammaPerK = 0.0;
    double betaVocPerK = 0.0;
    Celsius noct;
    Metres length, width;
    Amps maxSeriesFuse;
    bool operator==(const PanelModel&) const = default;
};

enum class Tracking { Mppt, Pwm };
struct ControllerModel : Ware {
    Tracking tracking = Tracking::Mppt;
    Volts maxVoc;
    Amps maxOutput;
    double efficiency = 1.0;
    Volts startAbove;  // above the bank
    Connection connection;
    bool operator==(const ControllerModel&) const = default;
};

// From a 12 V starter battery into a bank of `outputSystem` volts.
struct DcdcModel : Ware {
    Volts outputSystem;  // 12 or 24
    Amps output;
    double efficiency = 1.0;
    Volts start, stop;
    Seconds delay;
    Amps maxInputFuse;
    Connection connection;
    bool operator==(const DcdcModel&) const = default;
};

// From a 24 V bank to 12 V loads.
struct ConverterModel : Ware {
    Volts inputSystem;
    Volts output;  // held
    Amps maxOutput;
    double efficiency = 1.0;
    Connection connection;
    bool operator==(const ConverterModel&) const = default;
};

struct InverterModel : Ware {
    Volts system;  // 12 or 24
    Watts power, surge;
    double lossA = 0.0, lossB = 0.0, lossC = 0.0;  // loss / P = a + b p + c p^2
    Connection connection;
    bool operator==(const InverterModel&) const = default;
};

// Gear that can be chosen: the library's, and the person's own.
struct Shelf {
    std::vector<BatteryModel> batteries;
    std::vector<PanelModel> panels;
    std::vector<ControllerModel> controllers;
    std::vector<DcdcModel> dcdcs;
    std::vector<ConverterModel> converters;
    std::vector<InverterModel> inverters;
    bool operator==(const Shelf&) const = default;
};

struct HardwareModel : Ware {
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
    Words text;
    std::string source;
    Standing standing = Standing::CommonPractice;
    std::string certainty;  // 'standing: boat practice, used by choice'
};

// The shared tables and one region's own.
struct Library : Shelf {
    Region region;
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
    std::vector<TripKind> trips;  // never empty
    std::vector<WayRow> ways;     // of each kind one at least, the usual first
    std::vector<Chemistry> chemistries;
    std::vector<HardwareModel> hardware;
    std::vector<Rule> rules;
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

// As the region sells it: '5/16 in' for M8. 'clamp' and 'blade' stay as they are.
[[nodiscard]] std::string studName(const Library& library, const std::string& stud);

}  // namespace spirk
