// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"

#include <algorithm>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/plan/units.h"
#include "core/quantities/format.h"

namespace spirk {

const ConductorId* conductorOf(const Amendment& amendment) {
    return std::visit(
        [](const auto& a) -> const ConductorId* {
            if constexpr (requires { a.conductor; }) {
                return &a.conductor;
            } else {
                return nullptr;
            }
        },
        amendment);
}

Subject targetOf(const Amendment& amendment) {
    return std::visit(
        [](const auto& a) {
            if constexpr (requires { a.conductor; }) {
                return subject(a.conductor);
            } else {
                return subject(a.device);
            }
        },
        amendment);
}

Phrase nameOf(InLine what) {
    switch (what) {
        case InLine::Isolator:
            return "isolator"_text;
        case InLine::Strip:
            return "joint on a terminal strip"_text;
        case InLine::Shunt:
            return "shunt"_text;
    }
    unreachable("nameOf(InLine)");
}

Text describe(const Amendment& amendment) {
    const TextValue id{"id", targetOf(amendment).id};
    return match(
        amendment,
        [&](const SetSize& a) -> Text {
            return {"size of {id} set to {size}"_text, {id, {"size", measure(a.area)}}};
        },
        [&](const SetFuse& a) -> Text {
            return {"fuse of {id} set to {rating}"_text, {id, {"rating", measure(a.rating)}}};
        },
        [&](const SetLength& a) -> Text {
            return {"length of {id} set to {length}"_text, {id, {"length", measure(a.length)}}};
        },
        [&](const PutIn& a) -> Text {
            return {"{device} inserted into {id}"_text, {{"device", nameOf(a.what)}, id}};
        },
        [&](const PutInProtection& a) -> Text {
            return {a.end == End::From ? "fuse put in at the first end of {id}"_text
                                       : "fuse put in at the second end of {id}"_text,
                    {id}};
        },
        [&](const SetInsulation& a) -> Text {
            return {"insulation of {id} set to {insulation}"_text,
                    {id, {"insulation", a.insulation}}};
        },
        [&](const SetHardware& a) -> Text {
            return {"{id} is: {model}"_text, {id, {"model", a.model}}};
        },
        [&](const LeaveOutProtection& a) -> Text {
            return {a.end == End::From ? "protection at the first end of {id} left out"_text
                                       : "protection at the second end of {id} left out"_text,
                    {id}};
        },
        [&](const MoveEnd& a) -> Text {
            return {a.end == End::From ? "first end of {id} moved to {terminal}"_text
                                       : "second end of {id} moved to {terminal}"_text,
                    {id, {"terminal", text(a.terminal)}}};
        },
        [&](const SetFuseDistance& a) -> Text {
            if (a.sheathed) {
                return {
                    a.end == End::From
                        ? "fuse at the first end of {id} set {distance} from it, in a sheath"_text
                        : "fuse at the second end of {id} set {distance} from it, in a sheath"_text,
                    {id, {"distance", measure(a.distance)}}};
            }
            return {a.end == End::From
                        ? "fuse at the first end of {id} set {distance} from it"_text
                        : "fuse at the second end of {id} set {distance} from it"_text,
                    {id, {"distance", measure(a.distance)}}};
        });
}

Region asChosen(Region region, const Plan& plan) {
    const auto found = std::ranges::find_if(
        region.negatives, [&](const Words& w) { return w.english == plan.negative; });
    if (found != region.negatives.end()) {
        region.negative = *found;
    }
    return region;
}

Plan emptyPlan(const Library& library) {
    Plan plan;
    plan.name = "New plan"_text.english;
    plan.region = library.region.id;
    plan.units = library.region.units;
    plan.trip = {library.region.firstClimate, 5, 9, 2.0, hours(1)};
    plan.gear = gearWith("lfp_100", 1, 1);
    for (const TypicalVan::Place& place : library.typicalVan.places) {
        plan.van.places.push_back({place.id, place.name.english, place.ambient});
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
    out.name = entry.name.english;
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
    out.alwaysOn = entry.alwaysOn;
    out.place = PlaceId(entry.category == Category::Lighting ? "ceiling" : "galley");
    return out;
}

}  // namespace spirk
