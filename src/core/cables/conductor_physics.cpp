// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/conductor_physics.h"

#include <algorithm>
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
    const double factor =
        room <= 0.0 ? 0.0 : std::sqrt(room / (column.maximum - column.reference).kelvins);
    return column.noGain ? std::min(1.0, factor) : factor;
}

BundleFactor bundleFactor(const Library& library, int tied) {
    if (tied < 3) {
        return {};
    }
    const char* id = tied < 4    ? "bundle_3"
                     : tied < 7  ? "bundle_4"
                     : tied < 25 ? "bundle_7"
                                 : "bundle_25";
    return {rule(library, id).value, id};
}

LugContact lugContact(const Library& library, SquareMetres area) {
    const double mm2 = inMm2(area);
    const char* id = mm2 <= 8.5    ? "contact_0_mohm"  // 8 AWG among them
                     : mm2 <= 30.0 ? "contact_8_mohm"
                     : mm2 <= 60.0 ? "contact_30_mohm"
                                   : "contact_60_mohm";
    return {milliohms(rule(library, id).value), id};
}

std::optional<Amps> ampacity(const AmpacityColumn& column,
                             SquareMetres area,
                             const Laying& laying) {
    const auto found = column.amps.find(area);
    if (found == column.amps.end()) {
        return std::nullopt;
    }
    return found->second * (ambientFactor(column, laying.ambient) * laying.bundle);
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
