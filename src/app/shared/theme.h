// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The one place that turns the ink of the drawing table into a palette and a style sheet.

#include <QApplication>
#include <array>

#include "paper/ink.h"

namespace spirk::app {

enum class ThemeChoice { FollowDesktop, Light, Dark };

// The ink that is in use now.
[[nodiscard]] Ink currentInk();
// Size of all text against the usual, as the person set it.
inline constexpr std::array kTextPercents{100, 115, 130, 150};
[[nodiscard]] int textPercent();
// The font without contextual forms: for what is laid out anew at each edit. They cost half of the
// time and change nothing in names and figures.
[[nodiscard]] QFont plain(QFont font);
[[nodiscard]] ThemeChoice currentTheme();
void applyTheme(QApplication& application, ThemeChoice choice);

}  // namespace spirk::app
