// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What is wrong or could be better in a design: what, where, why, what to do. Any room may return
// one; the rules proper live in checks.

#include <optional>
#include <string>
#include <vector>

#include "core/explain/derivation.h"
#include "core/explain/standing.h"
#include "core/library/library.h"
#include "core/plan/mend.h"

namespace spirk {

struct Finding {
    std::string id;    // stable: rule and subject, 'W1 inverter.feed+'
    std::string rule;  // 'W1'
    Severity severity = Severity::Advice;
    Standing standing = Standing::CommonPractice;
    std::vector<Subject> where;
    Text what;
    Text why;
    Text remedy;
    Text source;
    std::vector<Mend> mends;  // none where the mend could itself be dangerous
    std::vector<FigureId> figures;
    bool operator==(const Finding&) const = default;
};

// With its id made of rule and subject, and with what the rule rests on in the library's region.
// Requires that the region has that rule.
[[nodiscard]] Finding ruled(const Library& library, const std::string& rule, Subject where);

// What brought this end here: given to the conductor, or to the one that it was before a split.
[[nodiscard]] std::vector<Mend> moveBack(const Plan& plan,
                                         const ConductorId& id,
                                         const TerminalId& at,
                                         End end);

}  // namespace spirk
