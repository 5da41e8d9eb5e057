// SPDX-License-Identifier: GPL-3.0-or-later
// The solar controller at the bus bars: with the main switch off it is dead too.

#include "core/wiring/solar_parts.h"

namespace spirk {

Piece solarBehindSwitch(Draft draft, const SunUnit& sun) {
    return solarParts(std::move(draft),
                      sun,
                      {railPost(sun.into, Pole::Positive),
                       railPost(sun.into, Pole::Negative),
                       "positive bar to the controller's isolator"_text,
                       "positive bar to controller"_text,
                       {}});
}

}  // namespace spirk
