// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Paints the wiring diagram from its geometry and a design: on the screen, in SVG, on paper.
// Complete in black and white: every conductor has its number and size, every fuse its rating,
// amended parts a mark.

#include <QPainter>
#include <optional>

#include "core/design/design.h"
#include "core/diagram/geometry.h"
#include "paper/ink.h"

namespace spirk {

struct DiagramView {
    const Design* design = nullptr;
    const Library* library = nullptr;
    const DiagramGeometry* geometry = nullptr;
    Ink ink;
    std::optional<std::size_t> moment;  // whose volts and amps are shown
    std::optional<Subject> selected;
};

// In the geometry's own units; the caller sets the transform.
void paintDiagram(QPainter& painter, const DiagramView& view);

// What lies at a point of the drawing: devices before conductors.
[[nodiscard]] std::optional<Subject> hit(const DiagramGeometry& geometry, Point at);

}  // namespace spirk
