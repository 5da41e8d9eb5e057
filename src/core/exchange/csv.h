// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Comma-separated tables after RFC 4180: quoted where needed, CRLF line ends, UTF-8, plain numbers
// in the unit that the column names. A text that a spreadsheet would run as a formula has an
// apostrophe before it, which reading takes away again.

#include <string>
#include <vector>

#include "core/design/design.h"

namespace spirk {

using CsvRow = std::vector<std::string>;

[[nodiscard]] std::string writeCsv(const std::vector<CsvRow>& rows);
// Rows of a CSV text; an unterminated quote is an error with its line.
[[nodiscard]] Result<std::vector<CsvRow>> readCsv(const std::string& text);

[[nodiscard]] std::string partsCsv(const Design& design);
[[nodiscard]] std::string cutsCsv(const Design& design);
[[nodiscard]] std::string labelsCsv(const Design& design);
[[nodiscard]] std::string cablesCsv(const Design& design, const Library& library);

}  // namespace spirk
