// SPDX-License-Identifier: GPL-3.0-or-later
// One bond from the negative bar, on the load side of the shunt, to the chassis.

#include "core/wiring/draft.h"

namespace spirk {

void addBond(Draft& draft) {
    draft.unit = UnitId("chassis");
    Device& chassis = draft.hardware(kChassis, DeviceKind::Chassis, "chassis");
    chassis.place = draft.placeOf(chassis.id, "under_floor");
    draft.port(chassis, "point", draft.connectionOf("chassis"));
    draft.conductor("bond",
                    "bond of the negative bar to the chassis",
                    terminal(kBusNeg, kBar),
                    terminal(kChassis, "point"),
                    Pole::None,
                    Purpose::Bond);
}

}  // namespace spirk
