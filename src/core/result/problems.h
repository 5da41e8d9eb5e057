// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A list of what is wrong with a file, for a person: the first of them and how many more.

#include <string>
#include <vector>

#include "core/result/result.h"

namespace spirk {

// Judgement: as many as are read before the file is looked at again.
inline constexpr std::size_t kMostShownProblems = 6;

// One line each; where there are more, the last line says how many.
[[nodiscard]] inline std::vector<std::string> shownLines(const std::vector<Error>& problems,
                                                         const Speech& speech = {}) {
    std::vector<std::string> out;
    for (std::size_t i = 0; i < problems.size() && i < kMostShownProblems; ++i) {
        out.push_back(oneLine(problems[i], speech));
    }
    if (problems.size() > kMostShownProblems) {
        const auto rest = static_cast<int>(problems.size() - kMostShownProblems);
        out.push_back(
            say(counted("and {n} more problem"_text, "and {n} more problems"_text, rest), speech));
    }
    return out;
}

}  // namespace spirk
