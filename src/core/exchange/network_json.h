// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The circuit for somebody who has this report alone: devices with their elements, conductors with
// their ohms, each moment with what gives and draws in it and what came of it. A test rebuilds and
// solves the network from it with a solver of its own. Private to this room.

#include <nlohmann/json.hpp>

#include "core/design/design.h"

namespace spirk {

[[nodiscard]] nlohmann::ordered_json devicesJson(const Design& design);
[[nodiscard]] nlohmann::ordered_json protectionsJson(const Design& design);
// All of the circuit, the vehicle's own too; ours with number, size, length, load and fault.
[[nodiscard]] nlohmann::ordered_json conductorsJson(const Design& design, const Library& library);
[[nodiscard]] nlohmann::ordered_json momentsJson(const Design& design);
[[nodiscard]] nlohmann::ordered_json pathsJson(const Design& design);

}  // namespace spirk
