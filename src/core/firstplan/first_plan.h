// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A complete first plan from four answers: kind of trip, place, what is there already, and the load
// that matters most. Gear is the cheapest of the library whose whole design raises none of the
// findings that its choice could end; all of it is a beginning, to be changed.

#include <string>

#include "core/design/design.h"

namespace spirk {

// Ids of the library's gear; empty: not there yet, and to be chosen.
struct Owned {
    std::string battery;
    int batteries = 1;  // in parallel
    std::string panel;
    int panels = 1;
    std::string inverter;
};

struct FirstAnswers {
    std::string trip;     // id of a kind of trip
    std::string climate;  // name of a climate
    Owned owned;
    std::string decidingLoad;  // id of the catalogue; empty: none beyond the usual
};

// Requires names that the library has.
[[nodiscard]] Plan firstPlan(const FirstAnswers& answers, const Library& library);

// Appliances of the catalogue heavy enough to decide a system, the largest energy a day first.
[[nodiscard]] std::vector<const CatalogueAppliance*> heavyAppliances(const Library& library);

}  // namespace spirk
