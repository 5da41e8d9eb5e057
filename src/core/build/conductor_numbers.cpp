// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/build/conductor_numbers.h"

#include <set>

namespace spirk {

Text conductorNumbers(const std::map<ConductorId, int>& numbers,
                      const std::vector<Subject>& subjects) {
    std::set<int> found;
    for (const Subject& s : subjects) {
        const auto at = numbers.find(ConductorId(s.id));
        if (s.kind == SubjectKind::Conductor && at != numbers.end()) {
            found.insert(at->second);
        }
    }
    if (found.empty()) {
        return {};
    }
    std::vector<Text> each;
    for (const int n : found) {
        each.emplace_back("{n}"_text, std::vector<TextValue>{{"n", count(n)}});
    }
    return {each.size() == 1 ? "Conductor {numbers}."_text : "Conductors {numbers}."_text,
            {{"numbers", listed(each)}}};
}

}  // namespace spirk
