// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A law held to one system for each seed. More of them, and from where: SPIRK_SYSTEMS and
// SPIRK_SYSTEMS_FROM, as scripts/systems sets them.

#include <gtest/gtest.h>

#include <algorithm>
#include <cstdlib>
#include <functional>
#include <random>
#include <string>

#include "core/plan/plan.h"
#include "tests/support/builders.h"
#include "tests/support/fitting.h"

namespace spirk::test {

inline unsigned fromEnvironment(const char* name, unsigned otherwise) {
    const char* value = std::getenv(name);
    return value == nullptr ? otherwise : static_cast<unsigned>(std::stoul(value));
}

// `usual` systems where nothing else is asked, `most` at most; each region in turn.
inline void forEachSeed(unsigned usual,
                        unsigned most,
                        const std::function<void(unsigned, const Library&)>& law) {
    const unsigned first = fromEnvironment("SPIRK_SYSTEMS_FROM", 0);
    const unsigned many = std::min(fromEnvironment("SPIRK_SYSTEMS", usual), most);
    for (unsigned seed = first; seed < first + many; ++seed) {
        SCOPED_TRACE(seed);
        law(seed, seed % 2 == 0 ? library() : americanLibrary());
    }
}

}  // namespace spirk::test
