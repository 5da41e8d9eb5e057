// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Rows of the published tables: conductors, ampacity, fuses, studs, lugs, rules.

#include <algorithm>
#include <array>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/explain/standing.h"
#include "core/quantities/units.h"
#include "core/text/text.h"

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
    Metres outerDiameter;
    Amps largestDevice;  // largest fuse that the region allows before it; zero: as its ampacity is
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
    bool noGain = false;      // below its reference it bears no more than there
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

// Where a family is tried when the plan does not name one.
enum class FuseUse { Battery, Elsewhere, ThinLead, Distributor, String };
inline constexpr std::array<std::string_view, 5> kFuseUseNames{
    "battery", "elsewhere", "thin_lead", "distributor", "string"};

struct FuseFamily {
    std::string id;
    Words name;
    Words shortName;  // on the diagram
    std::string source;
    std::string certainty;
    FuseMount mount = FuseMount::Holder;
    std::string stud;
    std::map<Amps, std::string> studUpTo;  // of ratings up to each, where they have others
    SquareMetres maxArea;
    Volts volts;
    Amps interrupting;
    // Where it is given by volts: up to each, that much. A circuit of 12 V is one of 14 V at most.
    std::map<Volts, Amps> interruptingUpTo;
    std::string interruptingSource;
    bool selfResets = false;  // a breaker that closes again by itself, into the fault
    // A device upstream has so many times its rating, or both may open in a fault behind this one.
    double selectiveRatio = 2.0;
    double perKelvin = 0.0;  // part of its rating that it loses with each kelvin above 25 degC
    Volts dropAtRating;      // over fuse and holder at rated current
    std::vector<Amps> ratings;
    std::vector<EnvelopePoint> envelope;
    double price = 0.0;  // order of magnitude, fuse with its holder where it has one
    double weightKg = 0.0;
};

// Whether a rating is enough for a solved current, which may be off by a millionth.
[[nodiscard]] bool enough(Amps rating, Amps current);
// The smallest rating of the family that is enough; nothing above its largest.
[[nodiscard]] std::optional<Amps> ratingFor(const FuseFamily& family, Amps current);
// The largest rating of the family at or below `current`; nothing below its smallest.
[[nodiscard]] std::optional<Amps> ratingWithin(const FuseFamily& family, Amps current);

// What a fuse of this rating is fixed to.
[[nodiscard]] const std::string& studOf(const FuseFamily& family, Amps rating);

// What it interrupts in a circuit of so many nominal volts; nothing above its last.
[[nodiscard]] Amps interruptingAt(const FuseFamily& family, Volts nominal);

struct Stud {
    std::string id;  // class, as gear is listed: 'M8'
    Words name;      // as the region sells it: 'M8', '5/16 in'
    double torqueLowNm = 0.0;
    double torqueHighNm = 0.0;
    // A battery's post that takes no lug itself: what is put on it, and the stud that this has.
    Words adapter = {};
    std::string adapterStud = {};
};

// What a terminal is where it has no stud, and needs no lug: a screw clamp, a flat blade, a contact
// that is crimped on and snaps into its housing.
inline constexpr std::array<std::string_view, 3> kContacts{"clamp", "blade", "crimp"};
[[nodiscard]] constexpr bool needsLug(std::string_view stud) {
    return std::ranges::find(kContacts, stud) == kContacts.end();
}

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
    double hotFactor = 1.0;
    double roadShareLimit = 0.5;  // most of the rating that the house should take
};

enum class Family { Lithium, Lead };

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
    double chargeEfficiencyWh = 1.0, chargeEfficiencyAh = 1.0;
    double bulkUntil = 1.0;        // state of charge up to which it takes all that a charger gives
    double peukert = 1.0;          // exponent; the rated capacity is that of kRatedHours
    Celsius chargeFrom, chargeTo;  // a battery's own warmth while it is charged
    double millivoltsPerK = 0.0;   // compensation of its charging volts from 25 degC, 12 V block
    double deliveredLow = 0.0, deliveredHigh = 1.0;  // state of charge of a new one
    bool gasses = false;                             // gives off hydrogen when charged
    // Part of the rated capacity that is there at -20, -10, 0, 10, 25 and 40 degC.
    std::vector<double> coldCapacity;
    std::vector<Volts> restVolts;  // at 0, 10 ... 100 %
};

// What a good installer does beyond the rules: on unless a plan says otherwise.
struct Habit {
    std::string id;
    Words name;
    Words reason;
    Words source;
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

// What a check rests on in a region.
struct CheckBasis {
    std::string id;  // 'W1'
    Words title;
    Severity severity = Severity::Advice;  // usual; a check may say that a case is milder
    Standing standing = Standing::CommonPractice;
    Words source;
};

}  // namespace spirk
