// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The alternator by its speed, and the DC-DC charger between starter battery and bank.

#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

// Share of the rating that a cold alternator gives at a speed of its own shaft; linear between the
// curve's points, flat beyond them.
[[nodiscard]] double alternatorShare(const AlternatorCurve& curve, double speedPerMinute);

// What a hot alternator has left for the house when idling: share(idle) x hot x rating - own use;
// never below zero.
[[nodiscard]] Amps spareAtIdle(const AlternatorCurve& curve, Amps rating, Amps ownUse);

// Input current of a DC-DC charger: Vout Iout / (eta Vin). Requires input > 0.
[[nodiscard]] Amps dcdcInput(const DcdcModel& charger, Volts output, Amps current, Volts input);

}  // namespace spirk
