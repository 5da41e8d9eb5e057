// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The design as a JSON report and as text for the terminal, in the plan's units. JSON is English,
// with a decimal point and keys that name their units, whoever reads it.

#include <string>

#include "core/design/tried_mends.h"

namespace spirk {

[[nodiscard]] std::string reportJson(const Design& design, const Library& library);
[[nodiscard]] std::string reportText(const Design& design,
                                     const Library& library,
                                     Speech speech = {});
// Of mends, those that were tried and may be offered; a report of the whole lists none.
[[nodiscard]] std::string findingsJson(const Design& design, const OfferedMends& offered);
[[nodiscard]] std::string findingsText(const Design& design,
                                       const OfferedMends& offered = {},
                                       Speech speech = {});
// One derivation with its terms and origins.
[[nodiscard]] std::string derivationJson(const Derivation& derivation);

}  // namespace spirk
