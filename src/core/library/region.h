// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Where a plan is at home: habits of a region, its places, climates, usual van.

#include <string>
#include <vector>

#include "core/explain/id.h"
#include "core/quantities/units.h"
#include "core/text/text.h"

namespace spirk {

// What differs by region besides its tables: habits of units, which insulation is usual, colours.
struct Region {
    std::string id;
    Words name;
    std::string currency;  // of prices
    Units units;           // usual there
    // Ids of ampacity columns: what a person there buys by default, and shop figures to compare.
    std::string heavyInsulation, smallInsulation, solarInsulation, comparison;
    std::string firstClimate;  // of a new plan
    // Colours of conductors in words, as they are bought.
    Words positive, negative, arrayPositive, arrayNegative, control;
    std::vector<Words> negatives;  // that a negative may have, the usual first
};

struct Ambient {
    std::string id;
    Words name;
    Celsius ambient;
};

// Places of a van and wire ways between them that a new plan begins with; all can be changed.
struct TypicalVan {
    struct Place {
        PlaceId id;
        Words name;
        Celsius ambient;
        bool livedIn = true;  // people breathe its air
    };
    struct Way {
        PlaceId from, to;
        Metres length;
    };
    std::vector<Place> places;
    std::vector<Way> ways;
};

struct Climate {
    Words name;
    double latitude = 0.0;
    std::vector<double> sun;    // kWh/m2 per day, 12 months
    std::vector<Celsius> mean;  // 12 months
    Celsius coldest;
};

}  // namespace spirk
