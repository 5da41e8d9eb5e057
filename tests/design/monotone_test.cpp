// SPDX-License-Identifier: GPL-3.0-or-later
// Longer, hotter, or with more load no conductor gets thinner (IEC 60364-5-52 and 60364-4-43: a
// larger current, a warmer place and a longer way never ask for less copper). On systems whose gear
// goes together; scripts/systems holds a thousand and more to it.
#include <gtest/gtest.h>

#include <algorithm>
#include <random>

#include "core/plan/edit.h"
#include "core/plan/good_practice.h"
#include "core/plan/units.h"
#include "tests/support/by_seed.h"

namespace spirk {
namespace {

// Of each seed's system, one made harder for one conductor; what it is compared with.
template <class Law>
void forEachSystem(const Law& law) {
    test::forEachSeed(60, 500, [&](unsigned seed, const Library& region) {
        std::mt19937 dice(seed);
        Plan plan = test::fittingSystem(seed, region);
        // What is hardly used gives way to a size that is there: only upward, when all else rests,
        // but by what the whole system uses.
        plan.habitsOff = {habit::kFewSizes};
        // What a relay lets through is not asked for: it falls with all that resists.
        if (firstSourceOf<RelayChoice>(plan.gear) == nullptr) {
            law(plan, region, dice);
        }
    });
}

const CableRow& anyRow(const Design& d, std::mt19937& dice) {
    std::vector<const CableRow*> ours;
    for (std::size_t i = 0; i < d.cables.rows.size(); ++i) {
        if (isNew(d.wiring.circuit.conductors[i])) {
            ours.push_back(&d.cables.rows[i]);
        }
    }
    return *ours[dice() % ours.size()];
}

Amps largestFuse(const Design& d) {
    Amps out;
    for (const CableRow& row : d.cables.rows) {
        out = row.fuseFrom ? std::max(out, row.fuseFrom->rating) : out;
    }
    return out;
}

// A bond bears what the largest fuse lets through. Where no cable bears that fuse any more it gets
// smaller, and so may the bond.
bool followsItsFuse(const Design& before, const Design& after, std::size_t i) {
    return before.wiring.circuit.conductors[i].purpose == Purpose::Bond &&
           largestFuse(after) < largestFuse(before);
}

TEST(Monotone, LongerIsNeverThinner) {
    forEachSystem([](const Plan& plan, const Library& region, std::mt19937& dice) {
        const Design before = design(plan, region);
        const CableRow& row = anyRow(before, dice);
        const Metres length =
            before.lengths.routes[before.cables.at.at(row.id)].length * 1.4 + metres(0.3);
        const Design after = design(amended(plan, SetLength{row.id, length}), region);
        EXPECT_GE(findRow(after.cables, row.id)->area, row.area) << row.id.value;
    });
}

TEST(Monotone, HotterIsNeverThinner) {
    forEachSystem([](const Plan& plan, const Library& region, std::mt19937& dice) {
        const Design before = design(plan, region);
        Plan hot = plan;
        VanPlace& place = hot.van.places[dice() % hot.van.places.size()];
        place.ambient = place.ambient + kelvins(static_cast<double>(1 + dice() % 12));
        const Design after = design(hot, region);
        for (std::size_t i = 0; i < before.cables.rows.size(); ++i) {
            const auto& places = before.lengths.routes[i].places;
            if (std::ranges::find(places, place.id) != places.end() &&
                !followsItsFuse(before, after, i)) {
                EXPECT_GE(after.cables.rows[i].area, before.cables.rows[i].area)
                    << before.cables.rows[i].id.value << " through " << place.id.value;
            }
        }
    });
}

TEST(Monotone, WithMoreLoadItsCircuitIsNeverThinner) {
    forEachSystem([](const Plan& plan, const Library& region, std::mt19937& dice) {
        if (plan.appliances.empty()) {
            return;
        }
        Plan heavier = plan;
        Appliance& load = heavier.appliances[dice() % heavier.appliances.size()];
        load.rated = load.rated * 1.3;
        if (load.measured) {
            load.measured = *load.measured * 1.3;
        }
        const Design before = design(plan, region);
        const Design after = design(heavier, region);
        const std::string own = "circuit." + load.id.value + ".";
        for (const CableRow& row : before.cables.rows) {
            const CableRow* now = findRow(after.cables, row.id);
            if (row.id.value.starts_with(own) && now != nullptr) {
                EXPECT_GE(now->area, row.area) << row.id.value;
            }
        }
    });
}

}  // namespace
}  // namespace spirk
