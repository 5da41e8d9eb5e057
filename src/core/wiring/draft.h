// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The circuit while it is being put together: shorthand for devices and conductors. Private to this
// room.

#include "core/wiring/piece.h"
#include "core/wiring/wiring.h"

namespace spirk {

// What belongs to a unit is called 'unit.part'. The units that formats 1 and 2 had keep what their
// parts were called then: 'array', and not 'mppt.array'.
[[nodiscard]] std::string partOf(const UnitId& unit, std::string_view part);

// A post of a rail; of a bank, where nothing lies before it; on the chassis.
[[nodiscard]] Post railPost(const UnitId& rail, Pole pole);
[[nodiscard]] Post bankPost(const UnitId& bank, Pole pole);
// The other end of a linked bank; of any other the same.
[[nodiscard]] Post farBankPost(const UnitId& bank, Pole pole);
[[nodiscard]] Post chassisPost();
// Where a display reads the shunt of a rail.
[[nodiscard]] Post shuntPost(const UnitId& rail);
// The vehicle's own battery; what of it is live only while the engine runs.
[[nodiscard]] Post starterPost(Pole pole);
[[nodiscard]] Post liveSupplyPost();
// The supply point; where there is none, the starter battery itself.
[[nodiscard]] Post vehiclePost(const SupplyPoint* point);
[[nodiscard]] Text vehicleName(const SupplyPoint* point);

struct Draft {
    // Where a device stands that says nothing else.
    static constexpr const char* kUsualPlace = "cupboard";

    const Plan& plan;
    const Library& library;
    const System& gear;
    const Needs& needs;
    Piece piece;
    UnitId unit;  // that devices and conductors are added to

    [[nodiscard]] Circuit& circuit() { return piece.circuit; }
    [[nodiscard]] const Circuit& circuit() const { return piece.circuit; }

    // A device made of hardware of a kind: which model, sizing decides; what it has of one, its
    // ports and contacts too, is filled in when all pieces stand.
    Device& hardware(const std::string& id, DeviceKind kind, HardwareKind of, const Text& name);
    // What is there, or comes with an appliance.
    Device& fixture(const std::string& id, DeviceKind kind, const std::string& row);
    Device& device(const std::string& id, DeviceKind kind, const Text& name);
    // A device that is bought as it stands on a shelf.
    Device& ware(const std::string& id, DeviceKind kind, const Ware& model);
    // A device that was added before.
    Device& deviceAt(const std::string& id);
    static void port(Device& device,
                     const std::string& name,
                     const Connection& connection,
                     Pole pole);
    // Of hardware.
    static void port(Device& device, const std::string& name, Pole pole) {
        port(device, name, {}, pole);
    }
    Conductor& conductor(const std::string& id,
                         const Text& name,
                         const Fixed& from,
                         const Fixed& to,
                         Pole pole,
                         Purpose purpose);
    // Stands at an end of a conductor that was added before.
    void protect(const ConductorId& conductor, Protection protection, End end = End::From);
    [[nodiscard]] Protection* protectionAt(const ConductorEnd& end);
    // A limit of drop between these two; its own terminals are not given in `path`.
    void drop(DropPath path, const FixedPair& source, const FixedPair& far);
    // The two are bought and laid together.
    void pair(const std::string& a, const std::string& b);
    [[nodiscard]] Conductor& conductorAt(const ConductorId& id);
    [[nodiscard]] const Fixture& fixtureRow(const std::string& row) const;
    // What a device is made of: the model that the person names, else the one with the most ways,
    // for as many as there may be.
    [[nodiscard]] const HardwareModel& largestFor(const DeviceId& device, HardwareKind of) const;
    [[nodiscard]] PlaceId placeOf(const DeviceId& id, const std::string& usual) const;

private:
    // The terminal; of a post, none yet, and an ask.
    [[nodiscard]] TerminalId resolved(const Fixed& fixed,
                                      std::variant<ConductorEnd, PathTerminal> of);
};

[[nodiscard]] TerminalId terminal(const std::string& device, const std::string& port);

// A fuse at an end of a conductor, its family to be chosen.
[[nodiscard]] Protection holderFuse(const Draft& draft);
// The same, where a rule of its own asks for it.
[[nodiscard]] Protection guarding(Protection protection, const std::string& rule);
// A thin lead that says something or feeds next to nothing: an enable lead, a shunt's supply, a
// relay's coil. With a small fuse where it begins, asked for by that rule; empty: none.
void addSignal(Draft& draft,
               const ConductorId& id,
               const Text& name,
               const Fixed& from,
               const Fixed& to,
               Pole pole,
               const std::string& rule = {});
// What every charger of the bank is set to.
[[nodiscard]] std::vector<WantedSetting> chargeSettings(const DeviceId& charger,
                                                        const Chemistry& chemistry);
// Of what charges from the engine: when it starts and stops.
[[nodiscard]] std::vector<WantedSetting> inputSettings(const DeviceId& charger,
                                                       Volts start,
                                                       Volts stop);

// Names that a piece has in several places.
inline constexpr const char* kBar = "bar";
// The sizing moment in which circuits that are live while driving draw.
inline constexpr const char* kDrivingLoads = "sizing.driving_loads";

// Hardware as the person names it, else the least of its kind.
void makeHardware(Draft& draft);

// Applies the amendments that change structure; returns findings for those that cannot be applied.
[[nodiscard]] std::vector<Finding> amendStructure(Draft& draft);

[[nodiscard]] std::vector<Moment> sizingMoments(const Draft& draft);
[[nodiscard]] std::vector<Moment> shownMoments(const Draft& draft);

}  // namespace spirk
