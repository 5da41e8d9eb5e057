// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The shipped tables, for targets that design.

#include "core/library/library.h"
#include "tests/fuzz/fuzz.h"

namespace spirk::fuzz {

[[nodiscard]] inline const Libraries& libraries() {
    static const Libraries loaded = [] {
        auto read = loadLibraries(SPIRK_DATA_DIR);
        law(read.has_value(), "the shipped tables load");
        return std::move(*read);
    }();
    return loaded;
}

}  // namespace spirk::fuzz
