// SPDX-License-Identifier: GPL-3.0-or-later
// What Spirk computes of gear that goes together has no danger but mains that nobody has planned,
// and no fault of cables, fuses and hardware that another part on the shelf would end. More of
// them: scripts/systems.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/tried_mends.h"
#include "core/plan/edit.h"
#include "tests/support/by_seed.h"

namespace spirk {
namespace {

// What is of the gear that was picked, of where it stands and of the trip, not of the design.
bool isOfThePlan(const Finding& f) {
    const std::string family = f.rule.substr(0, 1);
    return f.rule == "MAINS" || f.rule == "SERVE" || f.rule == "T4" ||
           (family != "W" && family != "G" && family != "T");
}

// What no part that is sold ends: the battery's short-circuit current is to be asked for; a fuse
// is as large as the thickest cable bears.
bool noPartEnds(const Design& d, const Library& library, const Finding& f) {
    if (f.rule == "W5" && f.severity == Severity::Fault) {
        return english(f.remedy).starts_with("Ask the maker");
    }
    if (f.rule == "W13") {  // a unit that was picked, no hardware
        return !findDevice(d.wiring.circuit, DeviceId(f.where.front().id))->made.has_value();
    }
    if (f.rule == "W7") {
        return mendsToOffer(d, library, f).empty();
    }
    if (f.rule == "W2") {
        const ChosenFuse& fuse = *test::rowOf(d, f.where.front().id).fuseFrom;
        return !enough(fuse.computedRating, fuse.needed);
    }
    return false;
}

TEST(OwnDesign, OfGearThatGoesTogetherIsClean) {
    test::forEachSeed(200, 1000000, [](unsigned seed, const Library& region) {
        const Design d = design(test::fittingSystem(seed, region), region);
        for (const Finding& f : d.checks.findings) {
            const bool grave = f.severity != Severity::Advice;
            EXPECT_TRUE(!grave || isOfThePlan(f) || noPartEnds(d, region, f))
                << f.id << ": " << english(f.what);
        }
    });
}

// Gassing batteries in the living space (B7) and arrays that a controller does not take (S1, S4)
// are the person's own; else a danger is mains.
TEST(OwnDesign, HasNoDangerOfItsOwn) {
    for (unsigned seed = 0; seed < 200; ++seed) {
        const Design d = design(test::fittingSystem(seed, test::library()), test::library());
        for (const Finding& f : d.checks.findings) {
            const bool own = f.rule == "MAINS" || f.rule == "B7" || f.rule.starts_with("S");
            EXPECT_TRUE(f.severity != Severity::Danger || own) << seed << ": " << f.id;
        }
    }
}

// Every mend that is offered ends its finding and brings nothing as grave. The design after it is
// computed here, not asked of the trial.
TEST(OwnDesign, MendsThatAreOfferedEndTheirFinding) {
    for (unsigned seed = 0; seed < 40; ++seed) {
        const Library& library = test::library();
        const Plan plan = test::fittingSystem(seed, library);
        const Design d = design(plan, library);
        for (const Finding& f : d.checks.findings) {
            for (const TriedMend& tried : mendsToOffer(d, library, f)) {
                const Design after = design(apply(plan, tried.mend), library);
                for (const Finding& g : after.checks.findings) {
                    EXPECT_NE(g.id, f.id) << seed;
                    const bool there =
                        std::ranges::any_of(d.checks.findings, [&](const Finding& before) {
                            return before.id == g.id && before.severity <= g.severity;
                        });
                    EXPECT_TRUE(there || g.severity > f.severity)
                        << seed << ": " << english(tried.mend.label) << " of " << f.id << " brings "
                        << g.id;
                }
            }
        }
    }
}

}  // namespace
}  // namespace spirk
