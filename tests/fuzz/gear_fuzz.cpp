// SPDX-License-Identifier: GPL-3.0-or-later
// Any bytes as a file of gear: refused with a problem, or a shelf that is written and read again
// unchanged.
#include "core/library/gear_file.h"
#include "tests/fuzz/fuzz.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace spirk;  // NOLINT(google-build-using-namespace): the entry point is outside
    const GearReading first = readGearFile(fuzz::textOf(data, size), "fuzz");
    fuzz::law(first.shelf.has_value() == first.problems.empty(), "a shelf, or what is wrong");
    if (!first.shelf) {
        return 0;
    }
    const std::string written = writeGearFile(*first.shelf);
    const GearReading again = readGearFile(written, "again");
    fuzz::law(again.shelf.has_value(), "what was written can be read");
    fuzz::law(writeGearFile(*again.shelf) == written, "written twice, the same bytes");
    return 0;
}
