// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/conductor_physics.h"

#include <cmath>

namespace spirk {

namespace {
constexpr double kCopperPerKelvin = 0.00393;  // IEC 60228, from 20 degC
}

Ohms wireResistance(const ConductorRow& row, Metres length, Celsius working) {
    const double warm = 1.0 + kCopperPerKelvin * (working.degrees - 20.0);
    return ohms(row.ohmPerMetre20 * length.si() * warm);
}

double ambientFactor(const AmpacityColumn& column, Celsius ambient) {
    const double room = (column.maximum - ambient).kelvins;
    return room <= 0.0 ? 0.0 : std::sqrt(room / (column.maximum - column.reference).kelvins);
}

std::optional<Amps> ampacity(const AmpacityColumn& column, SquareMetres area, Celsius ambient) {
    const auto found = column.amps.find(area);
    if (found == column.amps.end()) {
        return std::nullopt;
    }
    return found->second * ambientFactor(column, ambient);
}

Celsius loadedTemperature(const AmpacityColumn& column,
                          Amps tableAmpacity,
                          Amps current,
                          Celsius ambient) {
    const double part = current / tableAmpacity;
    return ambient + kelvins((column.maximum - column.reference).kelvins * part * part);
}

double withstandA2s(const AmpacityColumn& column, SquareMetres area) {
    const double ks = column.adiabaticK * inMm2(area);
    return ks * ks;
}

double adiabaticK(Celsius initial, Celsius final) {
    return 226.0 * std::sqrt(std::log((234.5 + final.degrees) / (234.5 + initial.degrees)));
}

}  // namespace spirk
