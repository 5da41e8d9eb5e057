// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What every unit that charges from the running engine has, beside itself: its feed from the
// starter battery or a supply point, its lead from the bar, a fuse at each battery end, and the way
// that it learns that the engine runs.

#include <vector>

#include "core/wiring/ways.h"

namespace spirk {

// How it is called in the names of its conductors, and where the input's current returns: a port of
// its own, or the one negative of both sides.
struct EngineNames {
    Text unit;
    std::string inputNegative = "neg";
};

// Takes at 'in+', gives at 'out+', limited as its data sheet says.
[[nodiscard]] Transfer engineTransfer(const EngineUnit& engine, const BankUnit& bank);
// Names of what is laid.
[[nodiscard]] ConductorId engineFeed(const UnitId& unit);
[[nodiscard]] ConductorId bankFeed(const UnitId& unit);

// A hand switch in the feed, opened before the engine is started; nothing where the option says so.
void addSeparation(Draft& draft, const SystemUnit& unit);
// That switch, where there is one: closed at the switch-on.
[[nodiscard]] std::vector<DeviceId> separationOf(const SystemUnit& unit);
// What the switch-on says of it, behind `text`.
[[nodiscard]] Text withSeparation(const SystemUnit& unit, Text text);

// Once the unit itself is there, with the ports 'in+', 'out+', 'neg' and 'enable'.
void addEngineInput(Draft& draft, const EngineUnit& engine, const EngineNames& names);
void addBankSide(Draft& draft, const EngineUnit& engine, const EngineNames& names);
void addEnable(Draft& draft, const EngineUnit& engine, const EngineNames& names);
// The fuses that are put in when it starts: of its enable lead, where it has one, and these.
[[nodiscard]] std::vector<ConductorId> withEnable(const EngineUnit& engine,
                                                  std::vector<ConductorId> fuses);

// What the enable lead must read, and by what the unit starts.
[[nodiscard]] Text signalText(const EngineUnit& engine);
[[nodiscard]] Text beltsAndFans();

}  // namespace spirk
