// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Words of the trade and what they mean, for whoever meets them for the first time.

#include <string>
#include <string_view>
#include <vector>

#include "core/text/text.h"

namespace spirk {

struct GlossaryTerm {
    Words name;  // its spellings with '|' between them; the first is the one to show
    Words meaning;
};

// The spelling to show: 'bus bar' of 'bus bar|bars|bar'.
[[nodiscard]] std::string shown(const GlossaryTerm& term, const Speech& speech);

// The terms that a text uses, in the order in which they first occur, each once. A term begins a
// word and may have an ending of its own, as a plural; of two that overlap the longer counts.
// Capitals do not matter but in an abbreviation. `text` is in the language of `speech`.
[[nodiscard]] std::vector<const GlossaryTerm*> termsIn(const std::vector<GlossaryTerm>& glossary,
                                                       std::string_view text,
                                                       const Speech& speech);

}  // namespace spirk
