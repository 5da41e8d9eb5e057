// SPDX-License-Identifier: GPL-3.0-or-later
// The solar controller at the bank, before the main switch: it charges a van that is stored. Its
// negative still goes behind the shunt, which counts what it gives.

#include "core/wiring/solar_parts.h"

namespace spirk {

Piece solarBeforeSwitch(Draft draft, const SunUnit& sun) {
    const Post bank = bankPost(draft.gear.rail(sun.into).bank, Pole::Positive);
    return solarParts(
        std::move(draft),
        sun,
        {bank,
         railPost(sun.into, Pole::Negative),
         "bank to the controller's isolator"_text,
         "bank to controller"_text,
         "The controller and its leads stay live with the main switch off: only its fuse, and its isolator if it has one, disconnect them from the bank."_text});
}

}  // namespace spirk
