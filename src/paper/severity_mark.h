// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Severity as a shape: octagon (danger), diamond (fault), circle (advice). Never colour alone.

#include <QPainter>
#include <QRectF>

#include "paper/ink.h"

namespace spirk {

void paintSeverity(QPainter& painter, const QRectF& box, Severity severity, const Ink& ink);

}  // namespace spirk
