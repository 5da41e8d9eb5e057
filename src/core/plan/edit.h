// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Edits of a plan that are more than a field: mends of findings, amendments, label numbers.

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/plan/finding.h"
#include "core/plan/plan.h"

namespace spirk {

// The plan with the amendment, replacing one of the same kind on the same conductor and end.
[[nodiscard]] Plan amended(Plan plan, const Amendment& amendment);
// Of each amendment, the place of the last one of the same kind on the same conductor and end,
// where that is another: it overrules this one.
[[nodiscard]] std::vector<std::optional<std::size_t>> overruledBy(
    const std::vector<Amendment>& amendments);
// The plan without any amendment equal to this one.
[[nodiscard]] Plan withoutAmendment(Plan plan, const Amendment& amendment);

// The plan built in another region, with the units that are usual there. All else is kept: a size
// that is not sold there becomes a finding.
[[nodiscard]] Plan movedTo(Plan plan, const Region& region);

// The plan without the amendment of the same kind on the same conductor and end, whatever it sets.
[[nodiscard]] Plan withoutKind(Plan plan, const Amendment& amendment);

// The plan with a finding accepted for a reason, or no longer. Requires a reason.
[[nodiscard]] Plan accepting(Plan plan, const std::string& finding, const std::string& reason);
[[nodiscard]] Plan notAccepting(Plan plan, const std::string& finding);
[[nodiscard]] const Accepted* acceptance(const Plan& plan, const std::string& finding);

// Whether the plan has what the mend's changes name: a unit made of one piece has no part to
// change.
[[nodiscard]] bool applies(const Plan& plan, const Mend& mend);
// The plan after a finding's mend. Requires that the plan has what its changes name (a test holds
// every rule to it).
[[nodiscard]] Plan apply(Plan plan, const Mend& mend);

// Gives each conductor that has no number yet the next free one, in the order given.
[[nodiscard]] Plan numbered(Plan plan, std::span<const ConductorId> conductors);

}  // namespace spirk
