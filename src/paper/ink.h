// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Colours by meaning and the embedded font. The window has a light and a dark set; paper is always
// the paper set.

#include <QColor>
#include <QFont>

#include "core/circuit/circuit.h"
#include "core/plan/finding.h"

namespace spirk {

struct Ink {
    QColor ground;   // what everything stands on
    QColor surface;  // boxes, fields
    QColor text;
    QColor faint;   // units, second lines
    QColor line;    // hairlines, grids
    QColor accent;  // selected, can be done
    QColor danger, fault, advice;
    QColor positive, negative, arrayNegative, control;  // conductors
};

[[nodiscard]] Ink lightInk();
[[nodiscard]] Ink darkInk();
[[nodiscard]] Ink paperInk();
// With the conductors as the region's are coloured.
[[nodiscard]] Ink inRegion(Ink ink, const Region& region);

[[nodiscard]] QColor colourOf(const Ink& ink, CoreColour colour);
[[nodiscard]] QColor colourOf(const Ink& ink, Severity severity);

// Loads the embedded font on first use; safe to call again. Requires a QGuiApplication.
void loadFonts();
enum class Weight { Regular, Medium, Strong };
// Size in points (paper) or, with pixels, in the painter's own units.
[[nodiscard]] QFont fontOf(double size, Weight weight = Weight::Regular);
[[nodiscard]] QFont unitFont(double units, Weight weight = Weight::Regular);

}  // namespace spirk
