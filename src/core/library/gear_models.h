// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Gear that can be chosen, with its ratings: typical models of the trade, and the person's own.

#include <optional>
#include <string>
#include <vector>

#include "core/quantities/units.h"
#include "core/text/text.h"

namespace spirk {

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
    std::string table = {};  // that it is in, where that is not its kind's own
    // What comes in its box and is not bought again: fuses and holders of its own leads, the leads
    // themselves.
    bool boxedFuses = false, boxedLeads = false;
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
    bool sleeps = false;               // has a switch or a sleep of its own, to be woken from
    Connection connection;
    bool operator==(const BatteryModel&) const = default;
};

// How air gets behind a panel: over a gap on the roof, not at all where it is glued, or all round.
enum class PanelMount { AirGap, Glued, Open };  // stored by name
struct PanelModel : Ware {
    PanelMount mount = PanelMount::AirGap;
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
// What the panels' negative is to a controller: not stated, joined inside to the battery's, or what
// it measures and switches in.
enum class PanelNegative { NotStated, Common, Measured };
struct ControllerModel : Ware {
    Tracking tracking = Tracking::Mppt;
    PanelNegative negative = PanelNegative::NotStated;
    Volts maxVoc;
    Amps maxOutput;
    double efficiency = 1.0;
    Volts startAbove;  // above the bank
    // That its maker allows: the fuse at the bank, and the panels' short-circuit current. Zero: not
    // stated.
    Amps maxFuse, maxArray;
    bool leadOnly = false;  // has no charging curve for lithium
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
    bool isolated = false;  // its input's negative is a terminal of its own
    bool leadOnly = false;  // has no charging curve for lithium
    Connection connection;
    bool operator==(const DcdcModel&) const = default;
};

// One unit that charges from engine and sun, common negative.
struct CombinedModel : Ware {
    Volts outputSystem;
    Amps output;      // of both together, and of either alone
    Amps eachOfBoth;  // of either, while both are there
    double efficiency = 1.0;
    Volts start, stop;  // at its engine's input
    Seconds delay;
    Amps maxInputFuse;
    Volts maxVoc;           // of the panels
    Volts startAbove;       // of the panels, above the bank
    bool leadOnly = false;  // has no charging curve for lithium
    Connection connection;
    bool operator==(const CombinedModel&) const = default;
};

// A second alternator with a regulator of its own, for the bank.
struct AlternatorModel : Ware {
    Volts outputSystem;
    Amps output;
    Connection connection;
    bool operator==(const AlternatorModel&) const = default;
};

// From the house's rail into a 12 V starter battery.
struct TrickleModel : Ware {
    Volts inputSystem;
    Amps output;
    double efficiency = 1.0;
    Volts full, none;  // of the house: it gives all above, nothing below
    Connection connection;
    bool operator==(const TrickleModel&) const = default;
};

// Joins starter battery and bank while the starter battery is being charged.
struct RelayModel : Ware {
    Amps maxCurrent;  // that its contact carries and breaks
    Ohms resistance;
    Volts joins, parts;  // at the starter battery
    Connection connection;
    bool operator==(const RelayModel&) const = default;
};

// From mains of a shore supply into a bank of `outputSystem` volts.
struct ShoreChargerModel : Ware {
    Volts outputSystem;
    Amps output;
    double efficiency = 1.0;
    bool leadOnly = false;  // has no charging curve for lithium
    Connection connection;
    bool operator==(const ShoreChargerModel&) const = default;
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
    Amps charge;  // into the bank from shore power; zero: it only inverts
    double lossA = 0.0, lossB = 0.0, lossC = 0.0;  // loss / P = a + b p + c p^2
    // What its maker has put on its leads. Zero: not stated.
    Amps makerFuse;
    SquareMetres makerArea;
    Connection connection;
    bool operator==(const InverterModel&) const = default;
};

// What carries, joins, parts and holds: bought by rating, not by what it does.
enum class HardwareKind {  // stored by name
    BusBar,
    Distributor,
    Switch,
    PvIsolator,
    Shunt,
    FuseBlock,
    BreakerPanel,
    Strip,
    PanelInlet,
    Plug,
};

struct HardwareModel : Ware {
    HardwareKind kind = HardwareKind::BusBar;
    Amps maxCurrent;  // of all that passes, or that goes in
    Ohms resistance;  // of a pole or a way
    Connection connection;
    int ways = 0;       // of a bar, studs; zero: it has none
    Amps maxWay;        // zero: as its fuse allows
    std::string fuses;  // family that its ways take; empty: any, or none
    // Of a bar that is made by hand of flat copper.
    std::optional<Metres> width, thickness;
    bool operator==(const HardwareModel&) const = default;
};

// A central display or a panel of gauges, with its ports by kind.
struct MonitorModel : Ware {
    Watts draws;  // from its own supply; zero: it is fed through the shunt's lead
    int shunts = 0, tanks = 0, temperatures = 0, voltages = 0;
    Connection connection;
    bool operator==(const MonitorModel&) const = default;
};

// A thin lead that is bought with its plugs on.
struct ReadyLead : Ware {
    std::vector<Metres> lengths;  // that it is sold in, rising
    SquareMetres area;            // of a core
    int cores = 2;
};

// What is there before anything is bought, or comes with what is: a chassis point, the terminals of
// an appliance.
struct Fixture : Ware {
    Amps maxCurrent;
    Ohms resistance;
    std::optional<Amps> shortCircuit;  // of a battery: the most that one of its kind gives
    Connection connection;
};

// Gear that can be chosen: the library's, and the person's own.
struct Shelf {
    std::vector<BatteryModel> batteries;
    std::vector<PanelModel> panels;
    std::vector<ControllerModel> controllers;
    std::vector<DcdcModel> dcdcs;
    std::vector<RelayModel> relays;
    std::vector<ShoreChargerModel> shoreChargers;
    std::vector<CombinedModel> combineds;
    std::vector<AlternatorModel> alternators;
    std::vector<TrickleModel> trickles;
    std::vector<ConverterModel> converters;
    std::vector<InverterModel> inverters;
    std::vector<MonitorModel> monitors;
    std::vector<HardwareModel> hardware;
    bool operator==(const Shelf&) const = default;
};

}  // namespace spirk
