// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The design as a JSON report and as text for the terminal, in the plan's units. JSON is English,
// with a decimal point and keys that name their units, whoever reads it.

#include <string>

#include "core/design/design.h"

namespace spirk {

[[nodiscard]] std::string reportJson(const Design& design, const Library& library);
[[nodiscard]] std::string reportText(const Design& design,
                                     const Library& library,
                                     Speech speech = {});
[[nodiscard]] std::string findingsJson(const Design& design);
[[nodiscard]] std::string findingsText(const Design& design, Speech speech = {});
// One derivation with its terms and origins.
[[nodiscard]] std::string derivationJson(const Derivation& derivation);

}  // namespace spirk
