// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The drawer's text: the thread of a subject and the 'why' of a figure, as rich text with links
// 'why:figure' and 'select:kind/id'.

#include <QString>

#include "core/compare/comparison.h"
#include "paper/ink.h"

namespace spirk::app {

[[nodiscard]] QString threadText(const Design& design,
                                 const Library& library,
                                 const Subject& subject,
                                 const Ink& ink);
// With nothing chosen: the gravest finding, the load that decides, what the last edit changed
// (`lastEdit`; may be empty).
[[nodiscard]] QString mattersMostText(const Design& design,
                                      const Library& library,
                                      const QString& lastEdit,
                                      const Ink& ink);
[[nodiscard]] QString whyText(const Derivation& derivation, const Design& design, const Ink& ink);

// What a choice was compared with, as a table that follows its 'why'.
[[nodiscard]] QString comparedText(const std::vector<Alternative>& alternatives,
                                   const Design& design,
                                   const Ink& ink);

}  // namespace spirk::app
