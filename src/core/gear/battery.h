// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A battery as voltage behind resistance. Rest volts by state of charge and resistance come from
// the chemistry's row; a maker's short-circuit figure wins over the row.

#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

// Which end of the range of resistances that are sold: High for drop and 'does the fuse open', Mid
// for interrupting checks, Low for what only a strong battery could do.
enum class ResistanceCase { Low, Mid, High };

// Rest voltage of what the chemistry is scaled to. Requires 0 <= stateOfCharge <= 1; linear between
// the table's tenths.
[[nodiscard]] Volts restVoltage(const Chemistry& chemistry, double stateOfCharge);

// Internal resistance of one battery at 25 degC, charged: (resistance x capacity) / capacity, of
// the chemistry scaled to that battery. Of an aged one `left` is the part of its capacity that it
// still has: resistance times what is left stays (judgement: both come of plates that are lost;
// some age more in one than in the other). Requires 0 < left <= 1.
[[nodiscard]] Ohms batteryResistance(const BatteryModel& model,
                                     const Chemistry& chemistry,
                                     ResistanceCase which,
                                     double left = 1.0);

// Part of the rated capacity that is there at a temperature: linear between the table's, and as at
// its ends beyond them (a lithium battery's manager switches off below -20 degC; the checks say
// so).
[[nodiscard]] double capacityAt(const Chemistry& chemistry, Celsius battery);

// A cold battery resists more: twice as much at -20 degC as at 25 (common practice; lead up to
// three times). Times what it has at 25 degC; 1 above that.
[[nodiscard]] double coldResistance(Celsius battery);

// Time to put `charge` back at a constant current; the last, slower part is not in it.
// Requires current > 0.
[[nodiscard]] Seconds chargeTime(Coulombs charge, Amps current);

}  // namespace spirk
