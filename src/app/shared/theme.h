// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The one place that turns the ink of the drawing table into a palette and a style sheet.

#include <QApplication>

#include "paper/ink.h"

namespace spirk::app {

enum class ThemeChoice { FollowDesktop, Light, Dark };

// The ink that is in use now.
[[nodiscard]] Ink currentInk();
[[nodiscard]] ThemeChoice currentTheme();
void applyTheme(QApplication& application, ThemeChoice choice);

}  // namespace spirk::app
