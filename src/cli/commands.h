// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The commands of spirk-cli: report, check, why, export. Each gives the text to print and the exit
// code: 0 clean, 1 findings of severity danger or fault, 2 bad input or what could not be written,
// 3 a defect of Spirk's own.

#include <string>

#include "core/design/design.h"
#include "core/files/save_target.h"

namespace spirk::cli {

inline constexpr int kClean = 0;
inline constexpr int kFindings = 1;
inline constexpr int kBadInput = 2;
inline constexpr int kDefect = 3;

enum class Form { Text, Json };

struct Outcome {
    int code = kClean;
    std::string out;  // for standard output
    std::string err;  // for standard error
};

[[nodiscard]] Outcome report(const Design& design, const Library& library, Form form);
[[nodiscard]] Outcome check(const Design& design, const Library& library, Form form);
[[nodiscard]] Outcome why(const Design& design,
                          const Library& library,
                          const std::string& figure,
                          Form form);
struct Export {
    std::string plan;  // the plan's own file: never written to
    std::string kind;  // 'parts', 'cuts', 'labels', 'cables', 'report', 'diagram', 'lists', 'sheet'
    std::string path;  // its ending decides the format: csv, json, svg, pdf; or a stream
    Replace replace = Replace::Refused;
};
// Writes a file, or several, whole or not at all.
[[nodiscard]] Outcome exportTo(const Design& design, const Library& library, const Export& what);

// Text for a terminal: what could steer it is shown as '?'.
[[nodiscard]] std::string printable(std::string text);

}  // namespace spirk::cli
