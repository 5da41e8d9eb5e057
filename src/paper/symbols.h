// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Device symbols after IEC 60617 where one exists, drawn as vectors; otherwise a plain labelled
// box.

#include <QPainter>
#include <QRectF>

#include "core/circuit/circuit.h"
#include "core/diagram/geometry.h"

namespace spirk {

// The small pictogram of a device, in the pen of the painter.
void paintSymbol(QPainter& painter, const QRectF& box, DeviceKind kind);

// A two-terminal device standing in a vertical leg: switch, isolator, shunt, which has no contacts.
enum class Contacts { Closed, Open };
void paintInLeg(QPainter& painter, const QRectF& box, DeviceKind kind, Contacts contacts);

// A fuse: rectangle with the conductor through it. Pulled: without the line.
enum class Lies { Flat, Upright };
enum class Fuse { Fitted, Pulled };
void paintFuse(QPainter& painter, QPointF center, Lies lies, Fuse fuse);

// Chassis: a line with slanted strokes below.
void paintChassis(QPainter& painter, QPointF at);

}  // namespace spirk
