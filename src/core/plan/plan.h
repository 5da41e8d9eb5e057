// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What the person decides, and nothing that can be recomputed: trip, appliances and habits, gear,
// the van's places, amendments, numbers already on labels. Plain values, compared with ==.

#include <map>
#include <optional>
#include <set>
#include <string>
#include <variant>
#include <vector>

#include "core/explain/id.h"
#include "core/library/library.h"
#include "core/quantities/units.h"
#include "core/reading/kept_field.h"

namespace spirk {

// A stretch of the day in which an appliance runs. `duty` is the part of the span it is really on
// (a fridge's compressor), 0 to 1. Range: start 0 to 24 h, span above 0 to 24 h; it may pass
// midnight.
struct Use {
    Seconds start;
    Seconds span;
    double duty = 1.0;
    bool operator==(const Use&) const = default;
};

// Growth: to come. It sizes cables, fuses and blocks, and takes nothing from the bank yet.
enum class Planned { Now, Growth };  // stored by name

// A lamp's own switch or a dimmer, in its positive lead between fuse and lamp. Two way: from two
// places.
enum class SwitchKind { Switch, TwoWay, Dimmer };  // stored by name
struct LoadSwitch {
    SwitchKind kind = SwitchKind::Switch;
    PlaceId place;
    PlaceId second = {};     // of a two-way one
    std::string plate = {};  // that it sits on with others; empty: alone
    bool operator==(const LoadSwitch&) const = default;
};

struct Appliance {
    ApplianceId id;
    std::string name;
    Category category = Category::Electronics;
    Feed feed = Feed::Dc;
    Supplied supplied = Supplied::Either;  // of a DC appliance
    int count = 1;
    Watts rated;                    // of one, from its plate
    std::optional<Watts> measured;  // of one while on; used instead of the plate where given
    std::vector<Use> uses;
    Watts standby;       // of one, for the rest of the day
    double surge = 1.0;  // multiple of the running watts at start
    Behaviour behaviour = Behaviour::Power;
    Runs runs = Runs::WithOthers;
    PlaceId place;
    Planned planned = Planned::Now;
    std::optional<LoadSwitch> switched = {};  // of a DC appliance; none: it has its own
    bool alwaysOn = false;  // of a DC appliance: it has to work with the main switch off
    bool operator==(const Appliance&) const = default;
};

// How many there are already.
[[nodiscard]] inline int countNow(const Appliance& a) {
    return a.planned == Planned::Growth ? 0 : a.count;
}

struct Trip {
    std::string climate;  // name of a climate of the library
    int firstMonth = 5;   // 1 to 12; the trip may pass the turn of the year
    int lastMonth = 9;
    double daysWithoutSun = 2.0;  // the bank alone must carry them
    Seconds drivingPerDay;
    bool operator==(const Trip&) const = default;
};

// What every unit of the system has. Its way and that way's options say how it is joined (see
// wiring/ways.h); its id names its devices, conductors and figures for good.
struct UnitChoice {
    UnitId id;
    WayId way;
    std::map<std::string, std::string> options;
    bool operator==(const UnitChoice&) const = default;
};
// Where a battery's gas goes. A vented box is closed to the inside.
enum class Venting { None, Tube, Box, Outside };  // stored by name
// Warms each battery of a bank; of its own, or built in by hand.
struct BatteryHeater {
    Watts power;    // of one battery
    Celsius below;  // it switches on there
    bool operator==(const BatteryHeater&) const = default;
};
// A string that is not like the others of its bank, or has aged.
struct UnlikeString {
    int string = 1;     // from 1 on
    std::string model;  // empty: as the others
    double left = 1.0;  // part of its rated capacity that it still has, above 0
    bool operator==(const UnlikeString&) const = default;
};
struct BankChoice : UnitChoice {
    std::string model;
    int count = 1;                          // strings in parallel, 1 to 4
    int series = 1;                         // batteries in series in each string, 1 to 4
    std::vector<UnlikeString> unlike = {};  // of one string the last counts
    Venting venting = Venting::None;
    std::optional<SquareMetres> opening = {};  // free area of each of a box's two vents
    std::optional<BatteryHeater> heater = {};
    bool operator==(const BankChoice&) const = default;
};
// What the positive bar and the big fuses are: two bars with separate holders, or one distributor
// that holds the fuses.
enum class Distribution { Bars, Distributor };  // stored by name
struct FromBank {
    UnitId bank;
    bool operator==(const FromBank&) const = default;
};
// A block of its own somewhere in the van, fed by a fuse of another rail.
struct FromRail {
    UnitId rail;
    bool operator==(const FromRail&) const = default;
};
struct FromConverter {
    UnitId rail;  // that the converter draws from
    std::string model;
    bool operator==(const FromConverter&) const = default;
};
// What loads, sources and inverters hang on.
struct RailChoice : UnitChoice {
    std::variant<FromBank, FromConverter, FromRail> fedBy;
    Distribution kind = Distribution::Bars;
    bool operator==(const RailChoice&) const = default;
};
// Panels of one kind.
struct ArrayChoice {
    std::string panel;
    int series = 1;
    int parallel = 1;
    bool operator==(const ArrayChoice&) const = default;
};
// More of them at a controller or a combined unit that has panels already, in parallel.
struct PanelsChoice : ArrayChoice {
    bool operator==(const PanelsChoice&) const = default;
};
struct SolarChoice : ArrayChoice {
    std::string controller;
    bool operator==(const SolarChoice&) const = default;
};
// What takes from the vehicle's own electrics.
struct FromVehicle {
    UnitId point = {};  // a supply point of the vehicle; empty: the starter battery itself
    bool operator==(const FromVehicle&) const = default;
};
struct EngineChoice {
    std::string charger;
    FromVehicle from = {};
    bool operator==(const EngineChoice&) const = default;
};
struct RelayChoice {
    std::string relay;
    FromVehicle from = {};
    bool operator==(const RelayChoice&) const = default;
};
// One unit that charges from the engine and from panels.
struct CombinedChoice : ArrayChoice {
    std::string unit;
    FromVehicle from = {};
    bool operator==(const CombinedChoice&) const = default;
};
// A second alternator, for the bank alone.
struct AlternatorChoice {
    std::string alternator;
    bool operator==(const AlternatorChoice&) const = default;
};
struct ShoreChoice {
    std::string charger;
    Seconds perDay;  // on shore power, on average
    bool operator==(const ShoreChoice&) const = default;
};
// Keeps the starter battery full, from the house's rail.
struct TrickleChoice {
    std::string charger;
    bool operator==(const TrickleChoice&) const = default;
};
// What charges the bank of a rail; a trickle charger takes from it. More panels go into the unit
// that they share; a shore charger may go into an engine charger, at its input.
struct SourceChoice : UnitChoice {
    UnitId into;
    std::variant<SolarChoice,
                 EngineChoice,
                 RelayChoice,
                 ShoreChoice,
                 CombinedChoice,
                 AlternatorChoice,
                 TrickleChoice,
                 PanelsChoice>
        what;
    bool operator==(const SourceChoice&) const = default;
};
struct InverterChoice : UnitChoice {
    UnitId from;  // rail
    std::string model;
    Seconds onPerDay;          // switched on, loaded or idle
    Seconds shorePerDay = {};  // of one that charges too: on shore power, on average
    // The person never draws more from it than this; none: its rating.
    std::optional<Watts> usedUpTo = {};
    bool operator==(const InverterChoice&) const = default;
};
// Where a circuit begins: at a way of a block, or with a fuse of its own where the block is fed.
enum class Tap { Block, OwnFuse };  // stored by name
// When a circuit is live: with the main switch on; always, from before that; while the engine runs.
enum class LiveWhen { Switched, Always, Driving };  // stored by name
// How its current comes back.
enum class Back { Cable, Body };  // stored by name
// Loads that share a circuit because the person says so; all others are grouped by the program.
struct CircuitChoice {
    UnitId id;
    UnitId on;  // a rail, or kOnVehicle: the starter battery
    std::vector<ApplianceId> loads;
    Tap tap = Tap::Block;
    LiveWhen live = LiveWhen::Switched;
    Back back = Back::Cable;
    bool operator==(const CircuitChoice&) const = default;
};
// What a sensor tells of: how full a tank is, how warm a place, the volts of something.
enum class Senses { Tank, Temperature, Voltage };  // stored by name
struct SensorChoice {
    UnitId id;
    Senses senses = Senses::Tank;
    std::string name;
    PlaceId place;
    bool operator==(const SensorChoice&) const = default;
};
// A central display, or a panel of gauges, that reads the shunt of a rail and has sensors of its
// own.
struct MonitorChoice : UnitChoice {
    UnitId on;  // rail
    std::string model;
    std::vector<SensorChoice> sensors;
    bool operator==(const MonitorChoice&) const = default;
};
// A part of the system behind plugs, that can be taken out: a box, a bed with what is in it.
struct ModuleChoice {
    UnitId id;
    std::string name;
    PlaceId place;  // of all that is in it
    // Banks, rails, sources, inverters, monitors, and appliances on DC.
    std::vector<UnitId> units;
    bool operator==(const ModuleChoice&) const = default;
};
struct Gear {
    std::vector<BankChoice> banks;  // never empty in a plan that was read or made new
    std::vector<RailChoice> rails;
    std::vector<SourceChoice> sources;
    std::vector<InverterChoice> inverters;
    std::vector<CircuitChoice> circuits;
    std::vector<MonitorChoice> monitors;
    std::vector<ModuleChoice> modules;
    bool operator==(const Gear&) const = default;
};

struct VanPlace {
    PlaceId id;
    std::string name;
    Celsius ambient;
    bool operator==(const VanPlace&) const = default;
};
// Whether the conductors of a way are tied into one bundle, where each warms the others.
enum class Bundling { Loose, Tied };  // stored by name
struct WireWay {
    PlaceId from, to;
    Metres length;
    Bundling bundling = Bundling::Loose;
    bool operator==(const WireWay&) const = default;
};
// The vehicle's own electrics, as they are before anything is built in.
// A plain alternator holds one voltage; newer vehicles let it fall and rise with the engine's load.
enum class Regulation { Steady, Variable };  // stored by name
// Where a supply point takes from.
enum class PointAt { Starter, Alternator };  // stored by name
// One that is there, as its maker or somebody before laid it; or one still to be built, where one
// feed splits to several: sized, bought and laid with the rest.
enum class PointLaid { Found, New };  // stored by name
// Where others take current from the vehicle: a fuse, a cable, a terminal. What is not known of one
// that is there is judged as the least that is plausible.
struct SupplyPoint {
    UnitId id;
    std::string name;
    PlaceId place;
    PointAt at = PointAt::Starter;
    PointLaid laid = PointLaid::Found;
    Metres length;  // of the cable of one that is there
    std::optional<SquareMetres> area;
    std::optional<Amps> fuse;
    bool operator==(const SupplyPoint&) const = default;
};
struct Vehicle {
    Regulation regulation = Regulation::Steady;
    Amps alternator{amps(120.0)};  // its rating. Judgement: as vans of today have it
    std::vector<SupplyPoint> points;
    bool operator==(const Vehicle&) const = default;
};
struct Van {
    std::vector<VanPlace> places;
    std::vector<WireWay> ways;
    Vehicle vehicle;
    std::map<DeviceId, PlaceId> placed;  // devices other than appliances
    bool operator==(const Van&) const = default;
};

// Where the person disagrees with a computed choice or has built something else.
struct SetSize {
    ConductorId conductor;
    SquareMetres area;
    bool operator==(const SetSize&) const = default;
};
struct SetFuse {
    ConductorId conductor;
    End end = End::From;
    std::string family;  // empty: as computed
    Amps rating;
    bool operator==(const SetFuse&) const = default;
};
struct SetLength {
    ConductorId conductor;
    Metres length;
    bool operator==(const SetLength&) const = default;
};
// What can be put into a conductor: it ends there, and goes on behind.
enum class InLine { Isolator, Strip, Shunt };  // stored by name
struct PutIn {
    ConductorId conductor;
    InLine what = InLine::Isolator;
    bool operator==(const PutIn&) const = default;
};
// A fuse or a breaker at an end that has none.
struct PutInProtection {
    ConductorId conductor;
    End end = End::From;
    std::string family;  // empty: as computed
    bool operator==(const PutInProtection&) const = default;
};
struct SetInsulation {
    ConductorId conductor;
    std::string insulation;  // id of an ampacity column
    bool operator==(const SetInsulation&) const = default;
};
// What a device is made of.
struct SetHardware {
    DeviceId device;
    std::string model;
    bool operator==(const SetHardware&) const = default;
};
// A fuse's holder stands farther from its source than on a short lead.
struct SetFuseDistance {
    ConductorId conductor;
    End end = End::From;
    Metres distance;
    bool sheathed = false;  // over all of it, the cable lies in a sheath or conduit
    bool operator==(const SetFuseDistance&) const = default;
};
struct LeaveOutProtection {
    ConductorId conductor;
    End end = End::From;
    bool operator==(const LeaveOutProtection&) const = default;
};
struct MoveEnd {
    ConductorId conductor;
    End end = End::From;
    TerminalId terminal;
    bool operator==(const MoveEnd&) const = default;
};
using Amendment = std::variant<SetSize,
                               SetFuse,
                               SetLength,
                               PutIn,
                               LeaveOutProtection,
                               MoveEnd,
                               SetFuseDistance,
                               PutInProtection,
                               SetInsulation,
                               SetHardware>;

// The conductor or the device that it is about.
[[nodiscard]] Subject targetOf(const Amendment& amendment);
// Null for one of a device.
[[nodiscard]] const ConductorId* conductorOf(const Amendment& amendment);
[[nodiscard]] Phrase nameOf(InLine what);
// 'set size of inverter.feed+ to 70 mm²': for lists and findings.
[[nodiscard]] Text describe(const Amendment& amendment);

// A finding that the person has looked at and lives with, and why. It stays listed.
struct Accepted {
    std::string finding;  // id
    std::string reason;   // never empty
    bool operator==(const Accepted&) const = default;
};

// Another choice of gear for the same needs and van, kept beside the plan's own.
struct Variant {
    UnitId id;
    std::string name;
    Gear gear;
    bool operator==(const Variant&) const = default;
};

// Cable that somebody has already, on a reel or taken out of another van.
struct OwnedCable {
    SquareMetres area;
    Metres length;
    bool operator==(const OwnedCable&) const = default;
};

struct Plan {
    std::string name;
    std::string notes;
    std::string region = "europe";  // id of a region of the libraries
    Units units;
    std::string negative;  // colour of negative conductors, where the region leaves a choice
    // Ids of good practice beyond the rules that the person does without.
    std::set<std::string> habitsOff;
    Trip trip;
    std::vector<Appliance> appliances;
    Gear gear;
    Van van;
    std::vector<Amendment> amendments;
    std::map<ConductorId, int> numbers;  // on labels; once given, kept
    std::map<ConductorId, int> ways;     // of circuits, at their block; once given, kept
    int highestNumber = 0;               // a number out of use is not given again
    Shelf own;                           // the person's own gear, from its data sheets
    std::vector<OwnedCable> cables;      // that need not be bought
    std::vector<Accepted> accepted;
    std::vector<Variant> variants;
    std::vector<KeptField> kept;  // of its file, not known to this version
    bool operator==(const Plan&) const = default;
};

// The plan's region with the colours that the person chose. A colour that the region does not leave
// a choice of is not taken.
[[nodiscard]] Region asChosen(Region region, const Plan& plan);

// A plan with a typical van's places, a small bank and no appliances, for the library's region:
// what File > New opens.
[[nodiscard]] Plan emptyPlan(const Library& library);

// An appliance of the catalogue with an id that the plan does not use yet.
[[nodiscard]] Appliance fromCatalogue(const CatalogueAppliance& entry, const Plan& plan);

// An id like `stem` that no appliance of the plan has: 'kettle', 'kettle.2' ...
[[nodiscard]] ApplianceId freshId(const std::string& stem, const Plan& plan);

}  // namespace spirk
