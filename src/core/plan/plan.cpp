// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"

#include <algorithm>

#include "core/plan/units.h"
#include "core/quantities/format.h"
#include "core/result/match.h"

namespace spirk {

namespace {

std::string endName(End end) { return end == End::From ? "first" : "second"; }

}  // namespace

const ConductorId& conductorOf(const Amendment& amendment) {
    return std::visit([](const auto& a) -> const ConductorId& { return a.conductor; }, amendment);
}

std::string describe(const Amendment& amendment) {
    const std::string& id = conductorOf(amendment).value;
    return match(
        amendment,
        [&](const SetSize& a) { return "size of " + id + " set to " + format(a.area); },
        [&](const SetFuse& a) { return "fuse of " + id + " set to " + format(a.rating); },
        [&](const SetLength& a) { return "length of " + id + " set to " + format(a.length); },
        [&](const InsertIsolator&) { return "isolator inserted in " + id; },
        [&](const LeaveOutProtection& a) {
            return "protection at the " + endName(a.end) + " end of " + id + " left out";
        },
        [&](const MoveEnd& a) {
            return endName(a.end) + " end of " + id + " moved to " + text(a.terminal);
        },
        [&](const SetFuseDistance& a) {
            return "fuse at the " + endName(a.end) + " end of " + id + " set " +
                   format(a.distance) + " from it";
        });
}

Plan emptyPlan(const Library& library) {
    Plan plan;
    plan.name = "New plan";
    plan.region = library.region.id;
    plan.units = library.region.units;
    plan.trip = {library.region.firstClimate, 5, 9, 2.0, hours(1)};
    plan.gear = gearWith("lfp_100", 1, 1);
    for (const TypicalVan::Place& place : library.typicalVan.places) {
        plan.van.places.push_back({place.id, place.name, place.ambient});
    }
    for (const TypicalVan::Way& way : library.typicalVan.ways) {
        plan.van.ways.push_back({way.from, way.to, way.length, Bundling::Loose});
    }
    return plan;
}

ApplianceId freshId(const std::string& stem, const Plan& plan) {
    const auto taken = [&](const ApplianceId& id) {
        return std::ranges::find(plan.appliances, id, &Appliance::id) != plan.appliances.end();
    };
    ApplianceId id(stem);
    for (int n = 2; taken(id); ++n) {
        id = ApplianceId(stem + "." + std::to_string(n));
    }
    return id;
}

Appliance fromCatalogue(const CatalogueAppliance& entry, const Plan& plan) {
    Appliance out;
    out.id = freshId(entry.id, plan);
    out.name = entry.name;
    out.category = entry.category;
    out.feed = entry.feed;
    out.supplied = entry.supplied;
    out.rated = entry.rated;
    out.measured = entry.measured;
    const double duty = entry.span.si() > 0.0 ? std::min(1.0, entry.onTime / entry.span) : 1.0;
    out.uses = {{entry.start, entry.span, duty}};
    out.standby = entry.standby;
    out.surge = entry.surge;
    out.behaviour = entry.behaviour;
    out.runs = entry.runs;
    out.place = PlaceId(entry.category == Category::Lighting ? "ceiling" : "galley");
    return out;
}

}  // namespace spirk
