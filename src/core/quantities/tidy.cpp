// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantities/tidy.h"

#include <fmt/format.h>

#include <charconv>
#include <string>

namespace spirk {

double tidy(double value) { return significant(value, 12); }

double significant(double value, int digits) {
    if (value == 0.0) {
        return 0.0;
    }
    const std::string text = fmt::format("{:.{}g}", value, digits);
    double out = value;
    std::from_chars(text.data(), text.data() + text.size(), out);
    return out;
}

}  // namespace spirk
