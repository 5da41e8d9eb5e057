// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The families of rules. Private to this room.

#include "core/cables/conductor_physics.h"
#include "core/checks/checks.h"

namespace spirk {

[[nodiscard]] Checks cableChecks(const CheckInput& input);       // W: size and fuse of conductors
[[nodiscard]] Checks soldChecks(const CheckInput& input);        // W: what nobody sells
[[nodiscard]] Checks protectionChecks(const CheckInput& input);  // W: devices and what they can do
[[nodiscard]] Checks bankChecks(const CheckInput& input);        // B
[[nodiscard]] Checks solarChecks(const CheckInput& input);       // S
[[nodiscard]] Checks arrayChecks(const CheckInput& input);       // S: hot days, strings, share
[[nodiscard]] Checks engineChecks(const CheckInput& input);      // E
[[nodiscard]] Checks signalChecks(const CheckInput& input);      // E4
[[nodiscard]] Checks relayChecks(const CheckInput& input);     // E: what limits nothing, or halves
[[nodiscard]] Checks groundChecks(const CheckInput& input);    // G
[[nodiscard]] Checks deviceChecks(const CheckInput& input);    // W, G, V: what devices can carry
[[nodiscard]] Checks chargeChecks(const CheckInput& input);    // B: charging, frost, gas, idle
[[nodiscard]] Checks storageChecks(const CheckInput& input);   // B: what empties a bank unseen
[[nodiscard]] Checks careChecks(const CheckInput& input);      // B, P: curves, places, plates
[[nodiscard]] Checks sharingChecks(const CheckInput& input);   // B, W: batteries side by side
[[nodiscard]] Checks thinLeadChecks(const CheckInput& input);  // N, W: ports, lengths, copper
[[nodiscard]] Checks inverterChecks(const CheckInput& input);  // I: rating, surge, maker, volts
[[nodiscard]] Checks placeChecks(const CheckInput& input);     // W: heat of the places passed
[[nodiscard]] Checks standingChecks(const CheckInput& input);  // what this version leaves out

// A finding with its id made of rule and subject, and with what the rule rests on in the region.
[[nodiscard]] Finding findingOf(const CheckInput& in, const std::string& rule, Subject where);

// The first device of a kind, of all or of a unit, as the place of a finding. Requires that there
// is one.
[[nodiscard]] Subject firstSubject(const CheckInput& in, DeviceKind kind);
[[nodiscard]] Subject firstSubject(const CheckInput& in, DeviceKind kind, const UnitId& unit);
// A finding of a bank as a whole, at its first battery: 'B3 house'.
[[nodiscard]] Finding bankFinding(const CheckInput& in,
                                  const BankUnit& bank,
                                  const std::string& rule);
// The device that is named after a unit: its charger, controller, inverter.
[[nodiscard]] inline Subject unitSubject(const UnitId& unit) {
    return subject(DeviceId(unit.value));
}
// 'bank.share': a figure of a unit as a whole.
[[nodiscard]] FigureId unitFigure(const UnitId& unit, const char* name);

// The voltage of an open string at a temperature of its cells, as a figure.
struct StringVoc {
    const char* figure;
    Text title;
    Term temperature;
    Text note;
};
[[nodiscard]] Derivation stringVocFigure(const CheckInput& in,
                                         const SunUnit& sun,
                                         StringVoc asked,
                                         Volts voc);

// The circuit that the cables' currents and sizes are of: without the mistakes that a walk found.
[[nodiscard]] const Circuit& sizedCircuit(const CheckInput& input);
// Whether a walk's finding names this conductor: what else is wrong with it follows from that.
[[nodiscard]] bool isMistaken(const CheckInput& input, const ConductorId& conductor);
[[nodiscard]] const Conductor& conductorOf(const CheckInput& input, const CableRow& row);
[[nodiscard]] const Route& routeOf(const CheckInput& input, const CableRow& row);
[[nodiscard]] Laying layingOf(const CheckInput& input, const CableRow& row);

}  // namespace spirk
