// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Appliances as they are sold, and the kinds of trip that a first plan begins from.

#include <string>
#include <vector>

#include "core/quantities/units.h"
#include "core/text/text.h"

namespace spirk {

// Which supply a 12 V bank's appliance needs; Either: the 12/24 V kind.
enum class Supplied { Twelve, TwentyFour, Either };
enum class Feed { Dc, Mains };
enum class Behaviour { Power, Current, Resistance };
enum class Runs { WithOthers, Alone };  // Alone: never beside another one so marked
enum class Category { Kitchen, Climate, Water, Lighting, Electronics, Work, Mains, Heating };

struct CatalogueAppliance {
    std::string id;
    Words name;
    Category category = Category::Electronics;
    Feed feed = Feed::Dc;
    Supplied supplied = Supplied::Either;
    Watts rated;
    Watts measured;
    Seconds onTime;  // per day, duty included
    Seconds start;   // of the usual span
    Seconds span;
    double surge = 1.0;
    Watts standby;
    Behaviour behaviour = Behaviour::Power;
    Runs runs = Runs::WithOthers;
    bool alwaysOn = false;  // it has to work with the main switch off
};

// What a first plan begins from. Months are those of the northern half of the world.
struct TripKind {
    std::string id;
    Words name;
    int firstMonth = 5;
    int lastMonth = 9;
    double daysWithoutSun = 2.0;
    Seconds drivingPerDay;
    std::vector<std::string> appliances;  // ids of the catalogue
};

}  // namespace spirk
