// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The circuit while it is being put together: shorthand for devices and conductors. Private to this
// room.

#include "core/wiring/wiring.h"

namespace spirk {

struct Draft {
    const Plan& plan;
    const Library& library;
    const ChosenGear& gear;
    const Needs& needs;
    Circuit circuit;
    UnitId unit;  // that devices and conductors are added to

    // A device made of a row of the hardware table.
    Device& hardware(const std::string& id, DeviceKind kind, const std::string& row);
    Device& device(const std::string& id, DeviceKind kind, const std::string& name);
    // A device that is bought as it stands on a shelf.
    Device& ware(const std::string& id, DeviceKind kind, const Ware& model);
    // A device that was added before.
    Device& deviceAt(const std::string& id);
    void port(Device& device,
              const std::string& name,
              const Connection& connection,
              std::optional<TerminalId> counter = std::nullopt);
    Conductor& conductor(const std::string& id,
                         const std::string& name,
                         const TerminalId& from,
                         const TerminalId& to,
                         Pole pole,
                         Purpose purpose);
    // Stands at an end of a conductor that was added before.
    void protect(const ConductorId& conductor, Protection protection, End end = End::From);
    [[nodiscard]] Protection* protectionAt(const ConductorEnd& end);
    // The two are bought and laid together.
    void pair(const std::string& a, const std::string& b);
    [[nodiscard]] Conductor& conductorAt(const ConductorId& id);
    // Joins the device's pairs of ports by the row's resistance, as a contact that opens.
    void contact(Device& device, const std::string& hardwareRow, std::vector<PortPair> poles) const;
    [[nodiscard]] Ohms resistanceOf(const std::string& hardwareRow) const;
    [[nodiscard]] Connection connectionOf(const std::string& hardwareRow) const;
    [[nodiscard]] PlaceId placeOf(const DeviceId& id, const std::string& usual) const;
    // System voltage that limits of drop refer to.
    [[nodiscard]] Volts base() const { return gear.bank.system; }
};

[[nodiscard]] TerminalId terminal(const std::string& device, const std::string& port);

// A fuse at an end of a conductor, its family to be chosen.
[[nodiscard]] Protection holderFuse(const Draft& draft);
// The same, where a rule of its own asks for it.
[[nodiscard]] Protection guarding(Protection protection, const std::string& rule);
// The same at the positive bar; where that is a distributor, it holds the fuse itself.
[[nodiscard]] Protection barFuse(const Draft& draft);

// One way of doing each part.
void addParallelBank(Draft& draft);     // bank, collecting bars, main fuse, switch, shunt, bus bars
void addSolarOnBars(Draft& draft);      // array, isolators on both sides of the controller
void addDcdcFromStarter(Draft& draft);  // vehicle side, DC-DC charger, enable lead
void addInverterOnBars(Draft& draft);
void addBladeBlock(Draft& draft);  // fuse block, circuits, loads; large loads on the bars
void addBond(Draft& draft);        // negative bar to chassis

// Names of things that several files meet at.
inline constexpr const char* kBusPos = "bus.pos";
inline constexpr const char* kBusNeg = "bus.neg";
inline constexpr const char* kChassis = "chassis";
inline constexpr const char* kBar = "bar";

// Applies the amendments that change structure; returns findings for those that cannot be applied.
[[nodiscard]] std::vector<Finding> amendStructure(Draft& draft);

[[nodiscard]] std::vector<Moment> sizingMoments(const Draft& draft);
[[nodiscard]] std::vector<Moment> shownMoments(const Draft& draft);

}  // namespace spirk
