// SPDX-License-Identifier: GPL-3.0-or-later
// Any bytes as a table: refused, or rows that come back from what is written of them.
#include "core/exchange/csv.h"
#include "tests/fuzz/fuzz.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace spirk;  // NOLINT(google-build-using-namespace): the entry point is outside
    const auto rows = readCsv(fuzz::textOf(data, size));
    if (rows) {
        const auto again = readCsv(writeCsv(*rows));
        fuzz::law(again.has_value() && *again == *rows, "rows come back as they were");
    }
    return 0;
}
