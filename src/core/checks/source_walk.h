// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Which conductors a battery reaches, and through which fuses: protection is looked for on the way
// from every source, not in a conductor's own place for one. Private to this room.

#include <vector>

#include "core/checks/checks.h"

namespace spirk {

// Whether batteries feed a fault on a conductor without fuses on the way that open, all together,
// at `bears` amperes: those of batteries side by side add up.
[[nodiscard]] bool isFedUnprotected(const CheckInput& in, std::size_t conductor, Amps bears);

// Positive conductors of ours, by their places, that a battery reaches through no fuse at all, and
// that have no place for one at the end where it does. Where one of them is at fault, what lies
// behind it is not named too.
[[nodiscard]] std::vector<std::size_t> reachedWithoutFuse(const CheckInput& in);

}  // namespace spirk
