// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a copper conductor of a size does: resistance by temperature, ampacity by ambient, its own
// temperature by load, what a short circuit may put into it.

#include <optional>

#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

// R = R20 (1 + 0.00393 (T - 20)) L, IEC 60228. Law: linear in length; rises with temperature.
[[nodiscard]] Ohms wireResistance(const ConductorRow& row, Metres length, Celsius working);

// Factor sqrt((Tmax - Ta) / (Tmax - Tref)) on the table's current; zero at and above Tmax.
[[nodiscard]] double ambientFactor(const AmpacityColumn& column, Celsius ambient);

// Where a conductor lies: what its ampacity is corrected for.
struct Laying {
    Celsius ambient;
    double bundle = 1.0;  // factor for those tied with it
};
// The region's factor for a bundle of so many current-carrying conductors, and its rule's id; no id
// and 1 below three.
struct BundleFactor {
    double factor = 1.0;
    const char* rule = nullptr;
};
[[nodiscard]] BundleFactor bundleFactor(const Library& library, int tied);

// What one good joint of a lug has, by the size of its cable, and its rule's id.
struct LugContact {
    Ohms resistance;
    const char* rule = nullptr;
};
[[nodiscard]] LugContact lugContact(const Library& library, SquareMetres area);

// Corrected ampacity; nothing where the column has no row of this size.
// Law 1: rises with size. Law 2: falls with ambient. Law 3: falls with the bundle.
[[nodiscard]] std::optional<Amps> ampacity(const AmpacityColumn& column,
                                           SquareMetres area,
                                           const Laying& laying);

// T = Ta + (Tmax - Tref) (I / Iz)^2 with the table's own Iz; steady state, bounded by nothing.
[[nodiscard]] Celsius loadedTemperature(const AmpacityColumn& column,
                                        Amps tableAmpacity,
                                        Amps current,
                                        Celsius ambient);

// k^2 S^2 in A^2 s: the energy that a short may put into the conductor, IEC 60364-4-43, t <= 5 s.
[[nodiscard]] double withstandA2s(const AmpacityColumn& column, SquareMetres area);

// k = 226 sqrt(ln((234.5 + Tf) / (234.5 + Ti))) for copper, IEC 60364-4-43.
[[nodiscard]] double adiabaticK(Celsius initial, Celsius final);

}  // namespace spirk
