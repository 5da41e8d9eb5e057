// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Answers 'why' of any figure: those that the stages recorded, and those of the solved moments,
// which are worked out only when asked.

#include <optional>

#include "core/design/design.h"

namespace spirk {

// Nothing where the design has no such figure.
[[nodiscard]] std::optional<Derivation> why(const Design& design, const FigureId& figure);

}  // namespace spirk
