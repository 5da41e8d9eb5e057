// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How bad a finding is, and on whose word its rule stands.

#include "core/text/text.h"

namespace spirk {

enum class Severity {
    Danger,  // can burn, shock or destroy
    Fault,   // will not work or breaks a standard
    Advice,  // costs life, comfort or money
};
[[nodiscard]] Phrase name(Severity severity);

// A general standard (of IEC, say) governs other installations, and is used here by choice.
enum class Standing { GovernsVans, BoatPracticeByChoice, Maker, CommonPractice, GeneralByChoice };
[[nodiscard]] Phrase name(Standing standing);
// 'standing: common practice', where a source is said.
[[nodiscard]] Phrase onStanding(Standing standing);

}  // namespace spirk
