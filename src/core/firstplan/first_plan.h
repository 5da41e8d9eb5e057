// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A complete first plan from five answers: kind of trip, place, what is there already, the load
// that matters most, and what charges besides the sun. Gear is the cheapest of the library whose
// whole design raises none of the findings that its choice could end; all of it is a beginning, to
// be changed.

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
    std::vector<OwnedCable> cables = {};
};

// What charges while driving: a DC-DC charger where the trip has driving; nothing; a relay, beside
// a lead-acid bank, as old vans have it.
enum class FirstEngine { Charger, None, Relay };
enum class FirstShore { None, Charger };

struct FirstAnswers {
    std::string trip;     // id of a kind of trip
    std::string climate;  // name of a climate
    Owned owned;
    std::string decidingLoad;  // id of the catalogue; empty: none beyond the usual
    FirstEngine engine = FirstEngine::Charger;
    FirstShore shore = FirstShore::None;
};

// Requires names that the library has.
[[nodiscard]] Plan firstPlan(const FirstAnswers& answers, const Library& library);

// Appliances of the catalogue heavy enough to decide a system, the largest energy a day first.
[[nodiscard]] std::vector<const CatalogueAppliance*> heavyAppliances(const Library& library);

}  // namespace spirk
