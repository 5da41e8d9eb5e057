// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a conductor's ends ask of its size: the stud, the lug that is sold for it, and the thickest
// cable that the terminal takes. Private to this room.

#include "core/cables/sizing.h"

namespace spirk {

[[nodiscard]] EndFitting fittingAt(const SizingTask& task,
                                   const TerminalId& terminal,
                                   SquareMetres area);
// Whether a size can be connected at both ends.
[[nodiscard]] bool fitsBoth(const SizingTask& task, const Conductor& c, SquareMetres area);
// The first size from `least` up that can be connected at both ends: thin cable has no lug for a
// thick stud. `least` itself where none can.
[[nodiscard]] std::size_t fittingSize(const SizingTask& task,
                                      const Conductor& c,
                                      std::size_t least);

}  // namespace spirk
