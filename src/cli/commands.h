// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The commands of spirk-cli: report, check, why, export. Each gives the text to print and the exit
// code: 0 clean, 1 findings of severity danger or fault, 2 bad input.

#include <string>

#include "core/design/design.h"

namespace spirk::cli {

inline constexpr int kClean = 0;
inline constexpr int kFindings = 1;
inline constexpr int kBadInput = 2;

enum class Form { Text, Json };

struct Outcome {
    int code = kClean;
    std::string out;  // for standard output
    std::string err;  // for standard error
};

[[nodiscard]] Outcome report(const Design& design, const Library& library, Form form);
[[nodiscard]] Outcome check(const Design& design, Form form);
[[nodiscard]] Outcome why(const Design& design,
                          const Library& library,
                          const std::string& figure,
                          Form form);
// Writes the kind ('parts', 'cuts', 'labels', 'cables', 'report', 'diagram', 'lists', 'sheet') to a
// file; the ending decides the format (csv, json, svg, pdf).
[[nodiscard]] Outcome exportTo(const Design& design,
                               const Library& library,
                               const std::string& kind,
                               const std::string& path);

}  // namespace spirk::cli
