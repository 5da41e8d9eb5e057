// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Links in rich text: 'why:figure' asks a figure, 'select:kind/id' chooses what it names.

#include <QString>
#include <optional>

#include "core/explain/id.h"

namespace spirk::app {

[[nodiscard]] QString whyLink(const FigureId& figure, const QString& text);
[[nodiscard]] QString selectLink(const Subject& subject);

[[nodiscard]] std::optional<FigureId> figureOf(const QString& link);
[[nodiscard]] std::optional<Subject> subjectOf(const QString& link);

}  // namespace spirk::app
