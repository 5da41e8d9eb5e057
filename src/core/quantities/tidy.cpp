// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantities/tidy.h"

#include <fmt/format.h>

#include <charconv>
#include <string>

namespace spirk {

double tidy(double value) {
    if (value == 0.0) {
        return 0.0;
    }
    const std::string digits = fmt::format("{:.12g}", value);
    double out = value;
    std::from_chars(digits.data(), digits.data() + digits.size(), out);
    return out;
}

}  // namespace spirk
