// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/finding.h"

#include <utility>

namespace spirk {

Finding ruled(const Library& library, const std::string& rule, Subject where) {
    const CheckBasis& rests = basis(library, rule);
    Finding out;
    out.id = rule + " " + where.id;
    out.rule = rule;
    out.severity = rests.severity;
    out.standing = rests.standing;
    out.source = rests.source;
    out.where = {std::move(where)};
    return out;
}

std::vector<Mend> moveBack(const Plan& plan, const ConductorId& id, const TerminalId& at, End end) {
    for (const Amendment& amendment : plan.amendments) {
        const auto* moved = std::get_if<MoveEnd>(&amendment);
        if (moved != nullptr && moved->end == end && moved->terminal == at &&
            id.value.starts_with(moved->conductor.value)) {
            return {{"Move it back"_text, {TakeBack{*moved}}}};
        }
    }
    return {};
}

}  // namespace spirk
