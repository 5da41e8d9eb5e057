// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Which loads share a circuit, and what circuits hang on. Private to this room.

#include <optional>
#include <string>
#include <vector>

#include "core/wiring/ways.h"

namespace spirk {

struct LoadCircuit {
    std::string id;  // 'circuit.lighting'
    Text title;
    std::vector<const Appliance*> appliances;
    Amps current;
    Tap tap = Tap::Block;
    LiveWhen live = LiveWhen::Switched;
    Back back = Back::Cable;
};

// Where circuits begin, and what their loads are reckoned at.
struct Hang {
    UnitId rail;  // that they belong to
    Post pos, neg;
    std::optional<DeviceId> converter;  // whose rail they hang on
    Volts lowest;                       // that loads are reckoned at
    Volts nominal;
    Volts base;         // that limits of drop refer to
    std::string block;  // id of the first block
    HardwareKind centre = HardwareKind::FuseBlock;
    bool parted = false;  // a service isolator in the feed of each block
};

// The option of rails that says whether their blocks have one.
inline constexpr const char* kBlockIsolator = "block_isolator";

[[nodiscard]] Watts largestWatts(const Appliance& appliance);
// At the bars of a rail, or at what a converter makes of them.
[[nodiscard]] Hang hangOf(const System& gear, const RailUnit& rail);
// Before the main switch of the rail's bank, of a linked one at its far end.
[[nodiscard]] Hang alwaysLive(const System& gear, const RailUnit& rail);
// At the vehicle's own battery.
[[nodiscard]] Hang onStarter();

// Those of the rail; of the vehicle where `rail` is null.
[[nodiscard]] std::vector<LoadCircuit> loadCircuits(const Draft& draft, const RailUnit* rail);

}  // namespace spirk
