// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What parts a conductor in two: an isolator, a shunt, a joint, a plug. Private to this room.

#include "core/wiring/draft.h"

namespace spirk {

struct InLineDevice {
    DeviceKind kind;
    HardwareKind of;
    std::string_view suffix;  // of its id, behind the conductor's
    Phrase name;
    Phrase behind;  // the second part's name, with '{conductor}'
};

// Splits a conductor that is there: its first part keeps its id and ends at the new device, the
// second goes on behind as 'id.after'. A fuse at the far end goes with the second.
Device& partConductor(Draft& draft, const ConductorId& id, const InLineDevice& by);

// A service isolator in a unit's own lead, left out by the option of that name. Its id.
DeviceId addServiceIsolator(Draft& draft, const ConductorId& lead, const std::string& option);

[[nodiscard]] DeviceId inLineId(const ConductorId& conductor, const InLineDevice& by);

inline constexpr InLineDevice kInLineIsolator{DeviceKind::Isolator,
                                              HardwareKind::Switch,
                                              ".isolator",
                                              "isolator"_text,
                                              "{conductor}, behind the isolator"_text};

}  // namespace spirk
