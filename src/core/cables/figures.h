// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Ids of a conductor's figures: 'load', 'ampacity', 'size', 'drop', 'fault', and of its fuses.

#include <string>

#include "core/plan/plan.h"

namespace spirk {

[[nodiscard]] FigureId cableFigure(const ConductorId& id, const std::string& figure);
[[nodiscard]] FigureId fuseFigure(const ConductorId& id, End end);
// Of a device: the most that flows through it, and what it is made of.
[[nodiscard]] FigureId throughFigure(const DeviceId& id);
[[nodiscard]] FigureId hardwareFigure(const DeviceId& id);

}  // namespace spirk
