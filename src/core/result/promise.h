// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// An assertion that stays on in every build: a broken promise inside the core stops the program
// rather than giving a wrong size for a cable. Never used for bad input, which is a Result.

#include <cstdio>
#include <cstdlib>

namespace spirk {

inline void promise(bool kept, const char* what) {
    if (!kept) {
        std::fprintf(stderr, "spirk: broken promise: %s\n", what);
        std::abort();
    }
}

[[noreturn]] inline void unreachable(const char* where) {
    std::fprintf(stderr, "spirk: unreachable: %s\n", where);
    std::abort();
}

}  // namespace spirk
