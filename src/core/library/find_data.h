// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Where the tables are: SPIRK_DATA if set, else beside an installed program
// (<program's folder>/../share/spirk/data), else where the build put a link to them
// (<program's folder>/data-here). No path of the build is inside the program.

#include <string>

namespace spirk {

[[nodiscard]] std::string findDataFolder(const std::string& program);

}  // namespace spirk
