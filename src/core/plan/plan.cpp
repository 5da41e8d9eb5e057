// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"

#include <algorithm>

#include "core/quantities/format.h"
#include "core/result/match.h"
#include "core/result/promise.h"

namespace spirk {

namespace {

// Wire ways of a long panel van, along the frame (own estimate, editable).
const std::vector<WireWay>& typicalWays() {
    static const std::vector<WireWay> ways{
        {PlaceId("cupboard"), PlaceId("galley"), metres(1.8)},
        {PlaceId("cupboard"), PlaceId("roof"), metres(2.6)},
        {PlaceId("cupboard"), PlaceId("bed"), metres(1.5)},
        {PlaceId("galley"), PlaceId("seat"), metres(1.6)},
        {PlaceId("galley"), PlaceId("ceiling"), metres(2.2)},
        {PlaceId("seat"), PlaceId("engine"), metres(2.4)},
        {PlaceId("cupboard"), PlaceId("under_floor"), metres(1.2)},
    };
    return ways;
}

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
        });
}

Plan emptyPlan(const Library& library) {
    Plan plan;
    plan.name = "New plan";
    plan.trip = {"Rome", 5, 9, 2.0, hours(1)};
    plan.gear.bank = {"lfp_100", 1};
    const auto ambient = [&](const char* id) {
        const auto found =
            std::ranges::find(library.ambients, PlaceId(id), [](const Ambient& a) { return a.id; });
        promise(found != library.ambients.end(), "a typical place has a design ambient");
        return found->ambient;
    };
    plan.van.places = {
        {PlaceId("cupboard"), "electrical cupboard", ambient("cupboard")},
        {PlaceId("galley"), "galley", ambient("living")},
        {PlaceId("bed"), "bed", ambient("living")},
        {PlaceId("seat"), "seat base", ambient("living")},
        {PlaceId("ceiling"), "ceiling void", ambient("roof_void")},
        {PlaceId("roof"), "roof", ambient("outside")},
        {PlaceId("engine"), "engine space", ambient("engine")},
        {PlaceId("under_floor"), "under the floor", ambient("under_floor")},
    };
    plan.van.ways = typicalWays();
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
