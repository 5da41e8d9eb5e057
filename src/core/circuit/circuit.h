// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The system by name: devices with terminals, conductors between them, where protection belongs,
// and between which terminals a drop is counted. No sizes: cables decides those. What is marked
// 'walked' is found in the circuit as it is wired (relations.h), never said by a way.

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/circuit/element.h"
#include "core/explain/id.h"
#include "core/library/gear_models.h"
#include "core/quantities/units.h"

namespace spirk {

enum class DeviceKind {
    Battery,
    CollectingBar,
    BusBar,
    MainSwitch,
    Isolator,
    PvIsolator,
    Shunt,
    FuseBlock,
    Strip,
    Joint,
    LoadSwitch,
    BodyPoint,
    Starter,
    Alternator,
    Chassis,
    Ignition,
    Array,
    SolarController,
    DcdcCharger,
    Relay,
    ShoreCharger,
    CombinedCharger,
    SecondAlternator,
    TrickleCharger,
    SupplyPoint,
    FeedSplit,
    PanelInlet,
    Plug,
    Monitor,
    Sensor,
    RemotePanel,
    Converter,
    Inverter,
    Load,
};

// None: a signal, a bond, a bare contact.
enum class Pole { Positive, Negative, None };

struct Port {
    std::string name;
    Connection connection;
    Pole pole = Pole::Negative;
    // Walked: the negative against which a short at this port is reckoned and a meter is held.
    std::optional<TerminalId> counter;
    std::optional<Amps> largestFuse;  // that its maker allows before it
    SquareMetres leastArea;           // that its maker asks for; zero: not stated
    bool batteryEnd = false;  // a battery can feed a fault from here without any fuse before it
};

// Hardware that a device is made of: the least that serves, or what the person names.
struct Made {
    HardwareKind kind = HardwareKind::BusBar;
    std::string model = {};  // id of what it is now
    bool named = false;      // by the person: it never grows
};

// The option of its unit's way, and the choice, that a device is not there by.
struct LeftOutBy {
    std::string option, choice;
};

// What is bought along with a device: its plugs, what leads its cables through a roof.
struct Along {
    Text part;
    int units = 1;
    double weightKg = 0.0;  // of one
    double price = 0.0;     // of one
};

struct Device {
    DeviceId id;
    DeviceKind kind = DeviceKind::Load;
    UnitId unit;  // that it belongs to
    std::optional<Made> made;
    Text name;
    Text part;              // what is bought for it
    int units = 1;          // how many of that part
    double weightKg = 0.0;  // of one unit
    double price = 0.0;     // of one unit, order of magnitude; zero: not bought
    PlaceId place;
    std::vector<Port> ports;
    std::vector<Element> elements;
    Amps rating;                           // zero: not stated
    std::optional<ApplianceId> appliance;  // that it stands for
    std::optional<DeviceId> fedBy;  // the converter whose rail it hangs on; else it is the bank's
    int inSeries = 1;               // batteries of the string that it is in
    bool headsString = true;        // of batteries in series, the one with the string's positive
    std::optional<LeftOutBy> leftOutBy;
    std::vector<Along> along;
    bool boxedFuses = false, boxedLeads = false;  // come with it: those of its unit that end at it
    bool amended = false;
};

// What a conductor is for. Lead: of one battery or of the panels, to where several meet. Feed: of a
// unit, either pole. Link: on, from a device in the way.
enum class Purpose { Lead, Feed, Link, Bond, Signal };

// Which source drives it: what is on the panels' side of a controller has their volts and currents.
enum class Side { House, Panels };

// What somebody laid before is sized as what it is and judged, and not bought. The vehicle's own
// conductors are shown, not sized.
enum class LaidBy { Us, SomebodyBefore, VehicleMaker };

// Of a conductor that is there already.
struct Found {
    std::optional<SquareMetres> area;  // none: not known
    Metres length;
};

// What a protective device sits in: a holder or on a stud, a way of a block, or the distributor.
enum class Holds { Itself, Block, Distributor };
// Some breakers break a direct current in one direction only.
enum class Breaks { EitherWay, FromItsSource };

// A fuse that is there already.
struct FoundFuse {
    std::optional<Amps> rating;  // none: not known
};

// A fuse or a breaker. Its poles stand at ends of conductors, between the terminal and the wire;
// all open together.
struct Protection {
    DeviceId id;
    std::vector<ConductorEnd> poles;  // one at least; the first names it
    Breaks breaks = Breaks::EitherWay;
    std::string missing = "W3";      // the rule that its absence breaks
    std::string family;              // of the library; empty: to be chosen
    std::optional<FoundFuse> found;  // where it is there already
    Holds holds = Holds::Itself;
    bool leftOut = false;      // by an amendment
    bool distanceSet = false;  // by an amendment
    Metres distance;           // along the conductor from its source
    bool sheathed = false;     // up to it, in a sheath or conduit
};

struct Conductor {
    ConductorId id;
    Text name;
    TerminalId from, to;
    Pole pole = Pole::Positive;
    Purpose purpose = Purpose::Feed;
    Side side = Side::House;
    LaidBy laid = LaidBy::Us;
    std::optional<Found> found;         // where it was laid before
    std::optional<Metres> usualLength;  // of a loose one, whose end lies in no place of the van
    UnitId unit;                        // that it belongs to
    std::optional<ConductorId> pair;    // the other pole of its run: bought and laid together
    std::string insulation;             // id of an ampacity column
    std::string ready;                  // a lead as it is sold, a row of its table; empty: made
    // What it must carry whatever is drawn, and the most that a short can put through it, where its
    // source limits itself.
    std::optional<Amps> rated, shortCircuit;
    std::optional<ConductorId> protectedBy;  // walked: whose fuse covers this one, which has none
    bool amended = false;                    // moved or split; sizes are amended in cables
};

struct TerminalPair {
    TerminalId pos, neg;
};

// The stretch of a path, from its source on, that other branches take too.
struct SharedStretch {
    TerminalPair to;  // where the branches part
    Amps idle;  // of what it carries in the path's moment: what is off when the path is judged
    std::vector<ConductorId> conductors = {};  // walked: ours, of the path's
};

// Out and back between a source and a load, over which a limit of drop holds.
struct DropPath {
    std::string id;
    Text name;
    std::string rule;    // id of a rule with the limit as a fraction
    std::string moment;  // id of the sizing moment in which it is reckoned
    Volts base;          // the limit is a fraction of this
    TerminalPair source = {}, far = {};
    std::optional<SharedStretch> shared = {};
    std::vector<ConductorId> conductors = {};  // walked: ours, as the current flows out and back
};

// Where a conductor's end is fixed: the device and its port by their places in their lists, and the
// node that this terminal is.
struct EndAt {
    std::size_t device = 0, port = 0;
    int node = 0;
};
struct EndsAt {
    EndAt from, to;
};
// Where a conductor ends at a device.
struct EndOn {
    std::size_t conductor = 0, port = 0;
    End end = End::From;
};
// Protective devices at a conductor's ends, by their place in the circuit's list.
struct ProtectionsAt {
    std::optional<std::size_t> from, to;
};

// Metal, a contact or a conductor between two nodes; the solver's resistors follow this order.
struct CircuitEdge {
    int a = 0, b = 0;
    std::size_t device = 0;                // of an edge inside a device, by its place in the list
    std::size_t element = 0;               // of that device, which has the resistance
    bool contact = false;                  // inside a device: open when the device is
    std::optional<std::size_t> conductor;  // by its place in the list; else inside a device
};

// What hangs on the rest by one edge only: nothing flows there unless something at its far end
// gives or draws. The rest are rings, and of a part without any, one node.
struct Skeleton {
    std::vector<CircuitEdge> edges;  // inside devices, in their order, then conductors
    std::vector<std::optional<std::size_t>> inward;  // of each node that hangs, its one edge
    std::vector<int> hanging;                        // those nodes, each before what it hangs on
    std::vector<std::size_t> rings;                  // edges that hang on nothing
};

// An element by its device's place in the circuit and its own in the device.
struct ElementAt {
    std::size_t device = 0, element = 0;
    auto operator<=>(const ElementAt&) const = default;
};

// The circuit by numbers: computing goes by these, names are looked up at the edges. A terminal is
// a node; those of a device follow one another in the order of its ports.
struct CircuitIndex {
    std::map<DeviceId, std::size_t> devices;
    std::map<ConductorId, std::size_t> conductors;
    std::vector<EndsAt> ends;                      // of each conductor
    std::vector<std::optional<std::size_t>> pair;  // of each conductor
    std::vector<ProtectionsAt> protections;        // of each conductor
    std::vector<int> firstNode;                    // of each device
    std::vector<std::vector<EndOn>> endsOn;        // of each device
    int nodes = 0;
    std::vector<int> order;          // in which the nodes are eliminated, each once
    std::vector<ElementAt> sources;  // all elements that give
    std::vector<ElementAt> draws;
    Skeleton skeleton;
};

struct Circuit {
    std::vector<Device> devices;
    std::vector<Conductor> conductors;
    std::vector<Protection> protections;
    std::vector<DropPath> paths;
    std::shared_ptr<const CircuitIndex> index;  // null while it is being put together
};

// Of a circuit that is put together: nothing is added to it or renamed any more. Requires that no
// id stands twice and that every conductor ends at ports that are there.
[[nodiscard]] Circuit indexed(Circuit circuit);

[[nodiscard]] const Device* findDevice(const Circuit& circuit, const DeviceId& id);
// The first device of a kind, in the circuit's order; null where there is none.
[[nodiscard]] const Device* firstOf(const Circuit& circuit, DeviceKind kind);
// The first of a kind that belongs to a unit.
[[nodiscard]] const Device* firstOf(const Circuit& circuit, DeviceKind kind, const UnitId& unit);
// The conductor that feeds a unit, or that it feeds: its first of that purpose and pole. Null where
// there is none.
[[nodiscard]] const Conductor* feedOf(const Circuit& circuit, const UnitId& unit, Pole pole);
// The bus bar of a pole; null where there is none.
[[nodiscard]] const Device* barOf(const Circuit& circuit, Pole pole);
// Of a bar, the one of the other pole that it is mounted with: its unit's, of its kind. Null for
// what has more ports, and where there is none.
[[nodiscard]] const Device* otherPoleOf(const Circuit& circuit, const Device& bar);
// The first port of a device as a terminal: of a bar, the bar.
[[nodiscard]] TerminalId firstTerminal(const Device& device);
// The place of a device's port in its list. Requires that it has one of this name.
[[nodiscard]] std::size_t portOf(const Device& device, std::string_view port);
[[nodiscard]] const Conductor* findConductor(const Circuit& circuit, const ConductorId& id);
[[nodiscard]] const Port* findPort(const Circuit& circuit, const TerminalId& id);
// A terminal by name: the device, and the port where it has several.
[[nodiscard]] Text placeName(const Circuit& circuit, const TerminalId& id);
// The protective device at an end of one of the circuit's conductors; null where there is none.
[[nodiscard]] const Protection* protectionAt(const Circuit& circuit,
                                             const Conductor& conductor,
                                             End end);
// The node that a terminal of an indexed circuit is; nothing where there is no such terminal.
[[nodiscard]] std::optional<int> nodeOf(const Circuit& circuit, const TerminalId& id);
// A conductor that Spirk sizes or judges: all but the vehicle's own.
[[nodiscard]] inline bool isOurs(const Conductor& c) { return c.laid != LaidBy::VehicleMaker; }
// That is bought and laid.
[[nodiscard]] inline bool isNew(const Conductor& c) { return c.laid == LaidBy::Us; }
// Carries the current of sources and loads, on the house's side.
[[nodiscard]] inline bool isHousePole(const Conductor& c, Pole pole) {
    return c.pole == pole && c.side == Side::House && isOurs(c) && c.purpose != Purpose::Signal;
}

// How a conductor is told apart by its colour; which colours these are is the region's.
enum class CoreColour { Positive, Negative, SolarPositive, SolarNegative, Signal, Bond, Vehicle };
[[nodiscard]] CoreColour coreColour(const Conductor& conductor);

}  // namespace spirk
