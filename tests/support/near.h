// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// One relative check for all tests; zero is compared absolutely.

#include <gtest/gtest.h>

#include <cmath>

namespace spirk::test {

// Published figures are given to this part; computed ones agree to far better.
inline constexpr double kPublished = 1e-3;
inline constexpr double kExact = 1e-9;

inline void expectNear(double actual, double expected, double relative) {
    const double scale = expected == 0.0 ? 1.0 : std::fabs(expected);
    EXPECT_NEAR(actual, expected, relative * scale);
}

}  // namespace spirk::test
