// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a mend brings about, found by trying it: mends are offered when they have been. It takes a
// design for each, so it is asked for when a finding is opened or listed, never inside design().

#include <map>
#include <string>
#include <vector>

#include "core/design/design.h"

namespace spirk {

// What speaks against a mend that was tried; nothing where none of it does.
enum class Against {
    Nothing,
    DoesNotApply,   // the plan has not what it changes
    DoesNotEndIt,   // its finding is still there
    BringsDanger,   // a danger that was not there, but for one that a mistake had hidden
    BringsAsGrave,  // another finding that is as grave as its own, or worse
};
struct TriedMend {
    Mend mend;
    Against against = Against::Nothing;
    StandingFigures after;  // of the plan with it; not set where it does not apply
};
// Each of a finding's mends as the finding has it, in its order; where one that sets a size or a
// rating does not serve, the next larger ones are tried in its place, and the first that serves is
// taken. `library` is the one that the design was made with.
[[nodiscard]] std::vector<TriedMend> triedMends(const Design& design,
                                                const Library& library,
                                                const Finding& finding);

// Those that nothing speaks against, each once.
[[nodiscard]] std::vector<TriedMend> mendsToOffer(const Design& design,
                                                  const Library& library,
                                                  const Finding& finding);

// Of all findings that have any, by their ids.
using OfferedMends = std::map<std::string, std::vector<TriedMend>>;
[[nodiscard]] OfferedMends allMendsToOffer(const Design& design, const Library& library);

}  // namespace spirk
