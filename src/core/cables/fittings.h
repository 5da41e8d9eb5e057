// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a conductor's ends ask of its size: the stud, the lug that is sold for it, and the thickest
// cable that the terminal takes. Private to this room.

#include "core/cables/sizing.h"

namespace spirk {

// Whether a terminal takes a cable of this size, and a lug for both is sold.
[[nodiscard]] bool takes(const Library& library, const Connection& connection, SquareMetres area);
[[nodiscard]] EndFitting fittingAt(const SizingTask& task, const EndAt& end, SquareMetres area);
// Whether a size can be connected at both ends, if need be to a larger piece of hardware.
[[nodiscard]] bool fitsBoth(const SizingTask& task,
                            const SizingState& state,
                            std::size_t conductor,
                            SquareMetres area);
// The first size from `least` up that can be connected at both ends: thin cable has no lug for a
// thick stud. `least` itself where none can.
[[nodiscard]] std::size_t fittingSize(const SizingTask& task,
                                      const SizingState& state,
                                      std::size_t conductor,
                                      std::size_t least);

// The largest size up to this that can be connected at both ends; 0 where none is.
[[nodiscard]] std::size_t fittingUpTo(const SizingTask& task,
                                      const SizingState& state,
                                      std::size_t conductor,
                                      std::size_t most);

}  // namespace spirk
