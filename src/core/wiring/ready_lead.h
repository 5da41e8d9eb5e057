// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Thin leads that are bought with their plugs on, to what stands elsewhere: a remote panel, a
// sensor, a display. Private to this room.

#include "core/wiring/draft.h"

namespace spirk {

// What stands at the far end.
struct FarDevice {
    std::string id;  // of the device; its lead is 'id.lead'
    DeviceKind kind;
    const char* fixture;  // its row
    Text name;
    std::string place;
};

// The unit's device gets a port for it. `lead` is a row of the table of ready leads.
void addFarDevice(Draft& draft,
                  const std::string& unit,
                  const std::string& port,
                  const char* lead,
                  const FarDevice& far);
// The lead alone, between ports that are there.
void addReadyLead(
    Draft& draft, const std::string& id, const char* lead, const Fixed& from, const Fixed& to);

// What the options 'remote' and 'sensor' of a unit's way ask for; nothing where it has none.
void addRemote(Draft& draft, const SystemUnit& unit);
// At the bank that the unit charges.
void addBatterySensor(Draft& draft, const SystemUnit& unit, const BankUnit& bank);

}  // namespace spirk
