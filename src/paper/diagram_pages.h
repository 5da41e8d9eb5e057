// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The diagram on A4 landscape, cut into slices wide enough to read. Private to this room.

#include "paper/pages.h"

namespace spirk {

[[nodiscard]] std::vector<Page> diagramPages(const Design& design, const Library& library);

}  // namespace spirk
