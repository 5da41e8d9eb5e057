// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Where the tables are: SPIRK_DATA if set, else beside an installed program
// (<program's folder>/../share/spirk/data), else the folder of the sources it was built from.

#include <string>

namespace spirk {

[[nodiscard]] std::string findDataFolder(const std::string& program, const std::string& source);

}  // namespace spirk
