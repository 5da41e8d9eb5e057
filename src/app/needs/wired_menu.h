// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How a DC appliance is wired, as a menu: its place, its switch, its circuit.

#include <QMenu>

#include "app/shared/document.h"

namespace spirk::app {

// Fills the menu for the appliance; each choice is one undo step.
void fillWiredMenu(QMenu& menu, Document& document, const ApplianceId& appliance);

}  // namespace spirk::app
