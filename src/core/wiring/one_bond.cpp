// SPDX-License-Identifier: GPL-3.0-or-later
// One bond from the negative bar, on the load side of the shunt, to the chassis.

#include "core/wiring/ways.h"

namespace spirk {

Piece oneBond(Draft draft, const RailUnit& rail) {
    draft.unit = UnitId("chassis");
    Device& chassis = draft.fixture("chassis", DeviceKind::Chassis, "chassis");
    chassis.place = draft.placeOf(chassis.id, "under_floor");
    Draft::port(chassis, "point", draft.fixtureRow("chassis").connection, Pole::Negative);
    draft.conductor("bond",
                    "bond of the negative bar to the chassis"_text,
                    railPost(rail.id, Pole::Negative),
                    terminal("chassis", "point"),
                    Pole::None,
                    Purpose::Bond);
    draft.piece.offers.push_back({chassisPost(), terminal("chassis", "point")});
    return std::move(draft.piece);
}

}  // namespace spirk
