// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A table for a file by its ending: comma-separated, or JSON.

#include <string>

namespace spirk {

// `csv` as it is, or for a path that ends in '.json' as a list of objects, one for each row, with
// the columns' names for keys; what reads as a number is one. Requires a table of writeCsv().
[[nodiscard]] std::string tableFor(const std::string& path, const std::string& csv);

}  // namespace spirk
