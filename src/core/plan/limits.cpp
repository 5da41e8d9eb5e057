// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/limits.h"

#include "core/library/gear_fields.h"
#include "core/plan/plan.h"
#include "core/reading/json_fields.h"

namespace spirk {

namespace {

class Counter {
public:
    // `rule` says {n}.
    void most(std::size_t have, std::size_t limit, Phrase rule, const char* where) {
        if (have > limit) {
            out.push_back(
                {{rule, {{"n", count(limit)}}}, where, "Remove what is not needed first."_text});
        }
    }
    void text(const std::string& given, std::size_t limit, const char* where) {
        if (given.size() > limit) {
            out.push_back({tooLongText(limit), where, "Shorten it."_text});
        }
    }
    std::vector<Error> out;
};

}  // namespace

std::vector<Error> beyondLimits(const Plan& plan) {
    Counter c;
    struct Limit {
        std::size_t have = 0, most = 0;
        Phrase rule;
        const char* where;
    };
    const Limit lists[] = {
        {plan.appliances.size(),
         limits::kAppliances,
         "A plan holds at most {n} appliances."_text,
         "appliances"},
        {plan.van.places.size(),
         limits::kPlaces,
         "A plan holds at most {n} places."_text,
         "van.places"},
        {plan.van.ways.size(),
         limits::kWays,
         "A plan holds at most {n} cable routes."_text,
         "van.ways"},
        {plan.amendments.size(),
         limits::kAmendments,
         "A plan holds at most {n} amendments."_text,
         "amendments"},
        {plan.numbers.size(),
         limits::kNumbers,
         "A plan holds at most {n} numbers of labels."_text,
         "numbers"},
        {plan.accepted.size(),
         limits::kAccepted,
         "A plan holds at most {n} accepted findings."_text,
         "accepted"},
        {plan.gear.sources.size(),
         limits::kUnits,
         "A plan holds at most {n} sources."_text,
         "gear.sources"},
        {plan.gear.inverters.size(),
         limits::kUnits,
         "A plan holds at most {n} inverters."_text,
         "gear.inverters"},
        {plan.van.vehicle.points.size(),
         limits::kUnits,
         "A plan holds at most {n} supply points."_text,
         "van.vehicle.supply_points"},
        {plan.variants.size(),
         limits::kVariants,
         "A plan holds at most {n} variants."_text,
         "variants"},
    };
    for (const Limit& list : lists) {
        c.most(list.have, list.most, list.rule, list.where);
    }
    c.text(plan.name, kMostText, "name");
    c.text(plan.notes, limits::kNotes, "notes");
    for (const Appliance& a : plan.appliances) {
        c.text(a.name, kMostText, "appliances.name");
        if (a.switched) {
            c.text(a.switched->plate, kMostText, "appliances.switched.plate");
        }
        c.most(a.uses.size(),
               limits::kUsesOfOne,
               "A plan holds at most {n} spans of one appliance."_text,
               "appliances.uses");
    }
    for (const VanPlace& place : plan.van.places) {
        c.text(place.name, kMostText, "van.places.name");
    }
    for (const SupplyPoint& point : plan.van.vehicle.points) {
        c.text(point.name, kMostText, "van.vehicle.supply_points.name");
    }
    for (const Accepted& accepted : plan.accepted) {
        c.text(accepted.reason, kMostText, "accepted.reason");
    }
    forEachKind(plan.own, [&](const auto&, const auto& list) {
        c.most(list.size(),
               limits::kGearOfAKind,
               "A plan holds at most {n} entries of one kind of gear."_text,
               "own_gear");
        for (const auto& model : list) {
            c.text(model.name.english, kMostText, "own_gear.name");
        }
    });
    return std::move(c.out);
}

}  // namespace spirk
