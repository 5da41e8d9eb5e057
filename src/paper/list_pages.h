// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Lists and the switch-on sheet as pages. Private to this room.

#include "paper/pages.h"

namespace spirk {

[[nodiscard]] std::vector<Page> listPages(const Design& design, const Library& library);
[[nodiscard]] std::vector<Page> sheetPages(const Design& design);

}  // namespace spirk
