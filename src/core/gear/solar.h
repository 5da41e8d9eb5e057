// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Panels in strings and the controller behind them.

#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

// Open-circuit voltage of a string of `series` panels whose cells are at `cell`:
// Voc (1 + beta (T - 25)), the panel's own coefficient.
[[nodiscard]] Volts stringVoc(const PanelModel& panel, int series, Celsius cell);

// Power of one panel at `irradiance` W/m2 and air temperature: cell temperature by NOCT,
// Tc = Ta + G/800 (NOCT - 20) + what the roof adds; P = Pstc G/1000 (1 + gamma (Tc - 25)).
struct PanelPower {
    Celsius cell;
    Watts power;
};
// Cells on a roof are warmer than in the open, by so much in full sun, and in proportion to it.
[[nodiscard]] double roofKelvins(PanelMount mount);
// Of a mean day's yield, what such a panel gives of what it would give over an air gap.
[[nodiscard]] double mountPart(const PanelModel& panel);
[[nodiscard]] PanelPower panelPower(const PanelModel& panel, double irradiance, Celsius air);

// What of an array's power the controller can take at `bank` volts: all of it where it tracks the
// most power; a simple one ties the panels to the bank's volts, P · V / V_mp. Requires bank > 0.
[[nodiscard]] Watts takenPower(const ControllerModel& controller,
                               const PanelModel& panel,
                               int series,
                               Watts array,
                               Volts bank);

}  // namespace spirk
