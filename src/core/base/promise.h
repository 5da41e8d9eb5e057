// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// An assertion that stays on in every build: a broken promise inside the core ends the computation
// rather than giving a wrong size for a cable. Never used for bad input, which is a Result.
//
// It is the one exception that is thrown here, against the house's habit: whoever began the
// computation (the window, the command line) still holds the plan, and can keep it and say what
// happened, where an abort would take unsaved work with it.

#include <stdexcept>

namespace spirk {

class BrokenPromise : public std::logic_error {
public:
    using std::logic_error::logic_error;
};

inline void promise(bool kept, const char* what) {
    if (!kept) {
        throw BrokenPromise(what);
    }
}

[[noreturn]] inline void unreachable(const char* where) { throw BrokenPromise(where); }

}  // namespace spirk
