// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/limits.h"

#include <fmt/format.h>

#include "core/library/gear_fields.h"
#include "core/plan/plan.h"
#include "core/result/json_fields.h"

namespace spirk {

namespace {

class Counter {
public:
    void most(std::size_t count, std::size_t limit, const char* what, const char* where) {
        if (count > limit) {
            out.push_back({fmt::format("A plan holds at most {} {}.", limit, what),
                           where,
                           "Take out what is not needed first."});
        }
    }
    void text(const std::string& given, std::size_t limit, const char* where) {
        if (given.size() > limit) {
            out.push_back(
                {fmt::format("This text is longer than {} bytes.", limit), where, "Shorten it."});
        }
    }
    std::vector<Error> out;
};

}  // namespace

std::vector<Error> beyondLimits(const Plan& plan) {
    Counter c;
    c.most(plan.appliances.size(), limits::kAppliances, "appliances", "appliances");
    c.most(plan.van.places.size(), limits::kPlaces, "places", "van.places");
    c.most(plan.van.ways.size(), limits::kWays, "wire ways", "van.ways");
    c.most(plan.amendments.size(), limits::kAmendments, "amendments", "amendments");
    c.most(plan.numbers.size(), limits::kNumbers, "numbers of labels", "numbers");
    c.most(plan.accepted.size(), limits::kAccepted, "accepted findings", "accepted");
    c.most(plan.gear.sources.size(), limits::kUnits, "sources", "gear.sources");
    c.most(plan.gear.inverters.size(), limits::kUnits, "inverters", "gear.inverters");
    c.most(plan.variants.size(), limits::kVariants, "variants", "variants");
    c.text(plan.name, kMostText, "name");
    c.text(plan.notes, limits::kNotes, "notes");
    for (const Appliance& a : plan.appliances) {
        c.text(a.name, kMostText, "appliances.name");
        c.most(a.uses.size(), limits::kUsesOfOne, "spans of one appliance", "appliances.uses");
    }
    for (const VanPlace& place : plan.van.places) {
        c.text(place.name, kMostText, "van.places.name");
    }
    for (const Accepted& accepted : plan.accepted) {
        c.text(accepted.reason, kMostText, "accepted.reason");
    }
    forEachKind(plan.own, [&](const auto&, const auto& list) {
        c.most(list.size(), limits::kGearOfAKind, "entries of one kind of gear", "own_gear");
        for (const auto& model : list) {
            c.text(model.name.english, kMostText, "own_gear.name");
        }
    });
    return std::move(c.out);
}

}  // namespace spirk
