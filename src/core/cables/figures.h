// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Ids of a conductor's figures: 'load', 'fuse', 'ampacity', 'size', 'drop', 'fault'.

#include <string>

#include "core/explain/id.h"

namespace spirk {

[[nodiscard]] FigureId cableFigure(const ConductorId& id, const std::string& figure);

}  // namespace spirk
