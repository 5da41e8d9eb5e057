// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The vehicle's own side at the far left of the diagram: alternator, starter battery, supply
// points, and where what comes from there enters its devices. Private to this room.

#include <map>

#include "core/diagram/geometry.h"

namespace spirk {

// What a device takes from panels by; null where it takes nothing from any.
[[nodiscard]] const Transfer* fromPanels(const Device& device);
// Where others take from the vehicle, found or new.
[[nodiscard]] bool isSupplyPoint(const Device& device);
// Of what lies in the way of a charger's input and parts it, a hand switch or a plug, that input;
// it stands beside what is fed.
[[nodiscard]] std::optional<TerminalId> fedThrough(const Circuit& circuit, const Device& device);
// Units whose panels come to a controller.
[[nodiscard]] std::vector<UnitId> panelsAt(const Circuit& circuit, const Device& controller);
// What the vehicle's supply points need in height beyond the least ladder.
[[nodiscard]] double pointsHeight(const Circuit& circuit);
// Once the chargers are placed; `bottom` is the lower rail's height.
void placeVehicle(const Circuit& circuit,
                  double bottom,
                  DiagramGeometry& out,
                  std::map<TerminalId, Point>& terminals);

}  // namespace spirk
