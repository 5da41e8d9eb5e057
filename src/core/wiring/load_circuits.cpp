// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/load_circuits.h"

#include <algorithm>
#include <array>

#include "core/base/promise.h"
#include "core/library/appliance_names.h"
#include "core/plan/units.h"

namespace spirk {

namespace {

// Judgement: a load above this current gets a circuit of its own.
constexpr double kSharesUpTo = 4.0;
// Judgement: a starter battery under its loads with the engine stopped.
constexpr double kStarterLowest = 11.5;
constexpr double kTwelve = 12.0;

// What a shared circuit is called; its id has the category's name in files.
Phrase titleOf(Category category) {
    switch (category) {
        case Category::Kitchen:
            return "kitchen"_text;
        case Category::Climate:
        case Category::Heating:
            return "climate"_text;
        case Category::Water:
            return "water"_text;
        case Category::Lighting:
            return "lighting"_text;
        case Category::Electronics:
            return "electronics"_text;
        case Category::Work:
            return "work"_text;
        case Category::Mains:
            return "mains"_text;
    }
    unreachable("titleOf(Category)");
}

// What warms is in one group with what cools and airs.
std::string_view stemOf(Category category) {
    category = category == Category::Heating ? Category::Climate : category;
    return kCategoryNames.at(static_cast<std::size_t>(category));
}

bool sharesCircuit(const Appliance& a, Volts lowest) {
    return (largestWatts(a) / lowest).si() <= kSharesUpTo;
}

// What the ids of shared circuits have between 'circuit.' and the group; those of the main rail
// have nothing there.
constexpr std::string_view kOnConverter = "12v.";
std::string onRail(const UnitId& rail) {
    if (rail.value == kMainRail) {
        return {};
    }
    return rail.value == kConverterRail ? std::string(kOnConverter) : rail.value + ".";
}
// The same of circuits that the person gave.
constexpr std::string_view kGiven = "given.";
// What sets an appliance's own circuit apart where its id reads like a group's.
constexpr std::string_view kOwn = "own.";

// Law: appliances with different ids give different names, none of which is a group's.
std::string ownCircuit(const ApplianceId& id) {
    constexpr std::array kGroups{Category::Kitchen,
                                 Category::Climate,
                                 Category::Water,
                                 Category::Lighting,
                                 Category::Electronics,
                                 Category::Work,
                                 Category::Mains};
    const bool likeGroup = std::ranges::any_of(kGroups, [&](Category group) {
        const std::string stem(stemOf(group));
        return id.value == stem || id.value.starts_with(stem + ".");
    });
    const bool escaped = likeGroup || id.value.starts_with(kGiven) ||
                         id.value.starts_with(kOnConverter) || id.value.starts_with(kOwn);
    return escaped ? std::string(kOwn) + id.value : id.value;
}

bool byPlace(const RailUnit& rail) { return rail.option("grouping") == "by_place"; }

HardwareKind centreOf(const RailUnit& rail) {
    return rail.option("load_centre") == "breakers" ? HardwareKind::BreakerPanel
                                                    : HardwareKind::FuseBlock;
}

// The posts of a rail: a converter has no negative of its own.
std::pair<Post, Post> postsOf(const RailUnit& rail) {
    const UnitId& back = rail.converter == nullptr ? rail.id : rail.from;
    return {railPost(rail.id, Pole::Positive), railPost(back, Pole::Negative)};
}

Text titleFor(const Draft& draft, const RailUnit& rail, const Appliance& a, Volts lowest) {
    if (circuitWith(draft.gear, a.id) != nullptr || !sharesCircuit(a, lowest)) {
        return Text::given(a.name);
    }
    if (const ModuleChoice* module = moduleWith(draft.gear, a.id)) {
        return {"{kind}, {place}"_text,
                {{"kind", titleOf(a.category)}, {"place", Text::given(module->name)}}};
    }
    const auto place = std::ranges::find(draft.plan.van.places, a.place, &VanPlace::id);
    if (!byPlace(rail) || place == draft.plan.van.places.end()) {
        return titleOf(a.category);
    }
    return {"{kind}, {place}"_text,
            {{"kind", titleOf(a.category)}, {"place", Text::given(place->name)}}};
}

}  // namespace

Watts largestWatts(const Appliance& a) {
    return std::max(a.rated, a.measured.value_or(watts(0.0))) * static_cast<double>(a.count);
}

Hang hangOf(const System& gear, const RailUnit& rail) {
    const bool block = !rail.atBank() && rail.converter == nullptr;
    const auto [pos, neg] = postsOf(block ? gear.rail(rail.from) : rail);
    Hang out{rail.id, pos, neg, {}, {}, {}, {}, blockOf(rail.id).value, centreOf(rail)};
    out.parted = rail.chose(kBlockIsolator, "one");
    if (const RailUnit* made = gear.converterBehind(rail.id)) {
        out.converter = DeviceId(made->id.value);
        out.lowest = made->converter->output;
        out.nominal = made->converter->output;
        out.base = volts(kTwelve);
        return out;
    }
    const BankUnit& bank = gear.bankOf(rail.id);
    out.lowest = bank.chemistry.cutOff;
    out.nominal = bank.nominal;
    out.base = bank.system;
    return out;
}

Hang alwaysLive(const System& gear, const RailUnit& rail) {
    Hang out = hangOf(gear, rail);
    // Of a linked bank the other end: its first stud has the main feed and the shunt's lead
    // already.
    out.pos = farBankPost(rail.bank, Pole::Positive);
    out.block = rail.id.value + ".always";
    out.parted = false;
    return out;
}

Hang onStarter() {
    return {starterPost(Pole::Positive).unit,
            starterPost(Pole::Positive),
            chassisPost(),
            {},
            volts(kStarterLowest),
            volts(kTwelve),
            volts(kTwelve),
            {},
            HardwareKind::FuseBlock};
}

std::vector<LoadCircuit> loadCircuits(const Draft& draft, const RailUnit* rail) {
    const System& gear = draft.gear;
    std::vector<LoadCircuit> out;
    for (const Appliance& a : draft.plan.appliances) {
        const bool here = rail == nullptr ? onVehicle(a, gear)
                                          : !onVehicle(a, gear) && railOf(a, gear).id == rail->id;
        if (a.feed != Feed::Dc || a.count == 0 || !here) {
            continue;
        }
        const Hang hang = rail == nullptr ? onStarter() : hangOf(gear, *rail);
        const std::string id = circuitOf(a, gear);
        auto found = std::ranges::find(out, id, &LoadCircuit::id);
        if (found == out.end()) {
            const Text title =
                rail == nullptr ? Text::given(a.name) : titleFor(draft, *rail, a, hang.lowest);
            LoadCircuit circuit;
            circuit.id = id;
            circuit.title =
                hang.converter ? Text("{circuit}, 12 V"_text, {{"circuit", title}}) : title;
            if (const CircuitChoice* given = circuitWith(gear, a.id)) {
                circuit.tap = given->tap;
                circuit.live = given->live;
                circuit.back = given->back;
            }
            out.push_back(std::move(circuit));
            found = out.end() - 1;
        }
        found->appliances.push_back(&a);
        found->current += largestWatts(a) / hang.lowest;
    }
    return out;
}

DeviceId blockOf(const UnitId& rail) {
    return DeviceId(rail.value == kConverterRail
                        ? "fuseblock." + std::string(kOnConverter.substr(0, 3))
                        : partOf(rail, "fuseblock"));
}

std::string circuitOf(const Appliance& appliance, const System& gear) {
    if (const CircuitChoice* given = circuitWith(gear, appliance.id)) {
        return "circuit." + std::string(kGiven) + given->id.value;
    }
    const RailUnit& rail = railOf(appliance, gear);
    if (!sharesCircuit(appliance, hangOf(gear, rail).lowest)) {
        return "circuit." + ownCircuit(appliance.id);
    }
    std::string out = "circuit." + onRail(rail.id) + std::string(stemOf(appliance.category));
    // What goes out with a module shares no circuit with what stays.
    if (const ModuleChoice* module = moduleWith(gear, appliance.id)) {
        return out + ".of." + module->id.value;
    }
    return byPlace(rail) && !appliance.place.value.empty() ? out + "." + appliance.place.value
                                                           : out;
}

}  // namespace spirk
