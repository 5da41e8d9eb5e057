// SPDX-License-Identifier: GPL-3.0-or-later
// An edit changes only what depends on it: a conductor that carries nothing of it, lies elsewhere
// and shares no path of drop with what changed keeps its size; where a habit makes it follow, the
// habit is named. Own reasoning: what decides a size is its current, its fuse, its place, a short
// and its share of a drop (IEC 60364-5-52, 60364-4-43), and nothing else.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <random>
#include <set>

#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/support/by_seed.h"

namespace spirk {
namespace {

bool differ(double a, double b) {
    return std::abs(a - b) > 2e-3 * std::max({std::abs(a), std::abs(b), 1.0});
}

// In any moment that sizes: a drop is reckoned in another than the largest current.
bool carriesOther(const CableRow& a, const CableRow& b) {
    return !std::ranges::equal(
        a.inMoment, b.inMoment, [](Amps was, Amps is) { return !differ(was.si(), is.si()); });
}

// Whether what decides a size by itself is another one: what flows, what protects, where it lies.
bool touched(const Design& before, const Design& after, std::size_t i, std::size_t j) {
    const CableRow& a = before.cables.rows[i];
    const CableRow& b = after.cables.rows[j];
    const Route& was = before.lengths.routes[i];
    const Route& is = after.lengths.routes[j];
    const bool flows = differ(a.load.si(), b.load.si()) || carriesOther(a, b);
    const bool guarded = a.protection != b.protection || differ(a.needed.si(), b.needed.si());
    const bool lies = was.length != is.length || was.ambient != is.ambient || was.tied != is.tied;
    return flows || guarded || lies;
}

// By a habit, by what a thicker cable elsewhere lets through in a short, by what its terminals
// take.
bool follows(const CableRow& row) {
    switch (row.decides) {
        case Decides::Habit:
        case Decides::Alike:
        case Decides::ShortCircuit:
        case Decides::Backup:
        case Decides::Lug:
            return true;
        case Decides::Least:
        case Decides::Current:
        case Decides::Returns:
        case Decides::Device:
        case Decides::Drop:
        case Decides::Maker:
        case Decides::Bond:
        case Decides::Laid:
            return false;
    }
    return false;
}

// Those that share a path of drop with one of these.
std::set<ConductorId> withTheirPaths(const Design& d, std::set<ConductorId> changed) {
    std::set<ConductorId> out = changed;
    for (const PathDrop& path : d.cables.drops) {
        if (std::ranges::any_of(path.conductors,
                                [&](const ConductorId& id) { return changed.contains(id); })) {
            out.insert(path.conductors.begin(), path.conductors.end());
        }
    }
    return out;
}

void expectOnlyDependents(const Design& before, const Design& after) {
    std::set<ConductorId> changed;
    for (std::size_t i = 0; i < before.cables.rows.size(); ++i) {
        const auto now = after.cables.at.find(before.cables.rows[i].id);
        if (now != after.cables.at.end() && touched(before, after, i, now->second)) {
            changed.insert(before.cables.rows[i].id);
        }
    }
    const std::set<ConductorId> depend = withTheirPaths(before, changed);
    for (const CableRow& row : before.cables.rows) {
        const CableRow* now = findRow(after.cables, row.id);
        if (now != nullptr && !depend.contains(row.id) && !follows(row) && !follows(*now)) {
            EXPECT_EQ(now->area, row.area) << row.id.value;
        }
    }
}

template <class Edit>
void hold(const Edit& edit) {
    test::forEachSeed(40, 500, [&](unsigned seed, const Library& region) {
        std::mt19937 dice(seed);
        const Plan plan = test::fittingSystem(seed, region);
        // What a relay lets through goes with all that resists: everything depends on it.
        if (firstSourceOf<RelayChoice>(plan.gear) != nullptr) {
            return;
        }
        const Design before = design(plan, region);
        expectOnlyDependents(before, design(edit(before, dice), region));
    });
}

TEST(Elsewhere, AHotterPlaceChangesWhatLiesThere) {
    hold([](const Design& before, std::mt19937& dice) {
        Plan plan = before.plan;
        VanPlace& place = plan.van.places[dice() % plan.van.places.size()];
        place.ambient = place.ambient + kelvins(static_cast<double>(1 + dice() % 12));
        return plan;
    });
}

TEST(Elsewhere, ALongerLeadChangesItsPaths) {
    hold([](const Design& before, std::mt19937& dice) {
        std::vector<std::size_t> ours;
        for (std::size_t i = 0; i < before.cables.rows.size(); ++i) {
            if (isNew(before.wiring.circuit.conductors[i])) {
                ours.push_back(i);
            }
        }
        const std::size_t i = ours[dice() % ours.size()];
        return amended(before.plan,
                       SetLength{before.cables.rows[i].id,
                                 before.lengths.routes[i].length * 1.5 + metres(0.5)});
    });
}

TEST(Elsewhere, AStrongerLoadChangesWhatFeedsIt) {
    hold([](const Design& before, std::mt19937& dice) {
        Plan plan = before.plan;
        if (!plan.appliances.empty()) {
            Appliance& load = plan.appliances[dice() % plan.appliances.size()];
            load.rated = load.rated * 1.4;
            load.measured.reset();
        }
        return plan;
    });
}

}  // namespace
}  // namespace spirk
