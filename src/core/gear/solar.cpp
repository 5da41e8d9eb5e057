// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/gear/solar.h"

#include <algorithm>
#include <array>

#include "core/base/promise.h"

namespace spirk {

namespace {

// Standard test conditions of IEC 61215: 25 degC, 1000 W/m2; NOCT is stated at 800 W/m2, 20 degC.
constexpr double kTestCelsius = 25.0;
constexpr double kTestIrradiance = 1000.0;
constexpr double kNoctIrradiance = 800.0;
constexpr double kNoctAir = 20.0;
// In the order of PanelMount: 20 to 40 mm above a roof, glued flat (15 to 20 K), in the open; in
// full sun (common practice).
constexpr std::array kRoofKelvins{5.0, 17.5, 0.0};
// Judgement: most of a day's energy comes at some 700 W/m2.
constexpr double kUsualIrradiance = 700.0;

}  // namespace

Volts stringVoc(const PanelModel& panel, int series, Celsius cell) {
    promise(series >= 1, "a string has a panel");
    return panel.voc * (1.0 + panel.betaVocPerK * (cell.degrees - kTestCelsius)) * series;
}

double roofKelvins(PanelMount mount) { return kRoofKelvins.at(static_cast<std::size_t>(mount)); }

double mountPart(const PanelModel& panel) {
    const double warmer = roofKelvins(panel.mount) - roofKelvins(PanelMount::AirGap);
    return 1.0 + panel.gammaPerK * warmer * (kUsualIrradiance / kTestIrradiance);
}

PanelPower panelPower(const PanelModel& panel, double irradiance, Celsius air) {
    const double rise = irradiance / kNoctIrradiance * (panel.noct.degrees - kNoctAir) +
                        irradiance / kTestIrradiance * roofKelvins(panel.mount);
    const Celsius cell = air + kelvins(rise);
    const double heat = 1.0 + panel.gammaPerK * (cell.degrees - kTestCelsius);
    return {cell, panel.power * (irradiance / kTestIrradiance * heat)};
}

Watts takenPower(const ControllerModel& controller,
                 const PanelModel& panel,
                 int series,
                 Watts array,
                 Volts bank) {
    promise(bank.si() > 0.0, "a bank has a voltage");
    const Volts best = panel.vmp * static_cast<double>(series);
    const bool simple = controller.tracking == Tracking::Pwm && bank < best;
    return simple ? array * (bank / best) : array;
}

}  // namespace spirk
