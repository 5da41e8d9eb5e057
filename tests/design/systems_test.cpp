// SPDX-License-Identifier: GPL-3.0-or-later
// Whatever system of units, ways and circuits is said, it is designed whole: drawn, explained,
// saved and read again, with mends that can be applied.
#include "tests/support/systems.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <set>

#include "core/circuit/explain_moment.h"
#include "core/design/design.h"
#include "core/design/why.h"
#include "core/diagram/geometry.h"
#include "core/exchange/report.h"
#include "core/plan/edit.h"
#include "core/plan/plan_file.h"
#include "tests/support/builders.h"
#include "tests/support/continuation.h"

namespace spirk {
namespace {

// More by SPIRK_SYSTEMS, from SPIRK_SYSTEMS_FROM on: scripts/systems runs them in parts.
unsigned asked(const char* variable, unsigned usual) {
    const char* text = std::getenv(variable);
    return text == nullptr ? usual : static_cast<unsigned>(std::stoul(text));
}

const Library& libraryOf(unsigned seed) {
    return seed % 3 == 0 ? test::americanLibrary() : test::library();
}

void isDrawnOnce(const Design& d) {
    const DiagramGeometry drawn = layOut(d.wiring.circuit, {});
    EXPECT_EQ(drawn.wires.size(), d.wiring.circuit.conductors.size());
    for (const Conductor& c : d.wiring.circuit.conductors) {
        EXPECT_EQ(std::ranges::count(drawn.wires, c.id, &PlacedWire::id), 1) << c.id.value;
    }
    // A block is a rail above and one below.
    std::set<DeviceId> rails;
    for (const PlacedRail& rail : drawn.rails) {
        rails.insert(rail.device);
    }
    std::set<DeviceId> devices = rails;
    for (const PlacedDevice& device : drawn.devices) {
        EXPECT_TRUE(devices.insert(device.id).second) << device.id.value;
    }
    EXPECT_EQ(devices.size(), d.wiring.circuit.devices.size());
}

// Kirchhoff: what flows into each joint flows out of it, as the explanation sums it.
void isExplained(const Design& d) {
    for (std::size_t m = 0; m < d.moments.size(); ++m) {
        if (!d.moments[m].served()) {
            continue;
        }
        for (const Conductor& c : d.wiring.circuit.conductors) {
            const auto current = why(d, currentFigure(d.wiring.moments[m], c.id));
            ASSERT_TRUE(current.has_value()) << c.id.value;
            double sum = 0.0;
            for (const Term& t : current->terms) {
                sum += std::get<Measure>(t.value).si;
            }
            EXPECT_NEAR(std::get<Measure>(current->result).si, sum, 1e-4)
                << d.moments[m].moment << " " << c.id.value;
        }
    }
}

// Solved, or cannot be served: never left open, and never on the branch of low volts.
void isOnTheHighBranch(const Design& d) {
    std::vector<Moment> all = d.wiring.moments;
    all.insert(all.end(), d.wiring.sizing.begin(), d.wiring.sizing.end());
    for (const Moment& moment : all) {
        const Assembly whole = assemble(stateOf(d), moment, Detail::Terminals);
        const Solution solved = solve(whole.network);
        EXPECT_NE(solved.outcome, Outcome::NotConverged) << moment.id;
        // Batteries of 12 and 24 V side by side have no branch that anything could be followed
        // along.
        if (!solved.served() || test::findingOf(d, "T5") != nullptr ||
            test::findingOf(d, "V1") != nullptr) {
            continue;
        }
        auto followed = test::followedFromNoLoad(whole.network);
        if (!followed) {
            followed = test::comesBackTo(whole.network, solved);
        }
        ASSERT_TRUE(followed.has_value()) << moment.id;
        for (const Resistor& r : whole.network.resistors) {
            const auto [a, b] =
                std::pair(static_cast<std::size_t>(r.a), static_cast<std::size_t>(r.b));
            EXPECT_NEAR(solved.across(r.a, r.b).si(), (*followed)[a] - (*followed)[b], 1e-5)
                << moment.id;
        }
        for (const NetLoad& load : whole.network.loads) {
            const auto pos = static_cast<std::size_t>(load.pos);
            const auto neg = static_cast<std::size_t>(load.neg);
            if (solved.part[pos] < 0 || solved.part[pos] != solved.part[neg]) {
                continue;  // nothing joins them
            }
            EXPECT_NEAR(
                solved.across(load.pos, load.neg).si(), (*followed)[pos] - (*followed)[neg], 1e-4)
                << moment.id;
        }
    }
}

void mendsApply(const Plan& plan, const Design& d) {
    for (const Finding& f : d.checks.findings) {
        for (const Mend& mend : f.mends) {
            EXPECT_NE(spirk::apply(plan, mend), plan) << f.id << ": " << english(mend.label);
        }
    }
}

void tooLargeFusesAreSaid(const Design& d) {
    for (const CableRow& r : d.cables.rows) {
        const bool ours = isOurs(*findConductor(d.wiring.circuit, r.id));
        if (!ours || !r.fuseFrom || r.fuseFrom->leftOut || r.fuseFrom->rating <= r.ampacity) {
            continue;
        }
        EXPECT_TRUE(std::ranges::any_of(d.checks.findings, [&](const Finding& f) {
            return f.rule == "W1" && f.where.front().id == r.id.value;
        })) << r.id.value;
    }
}

void isReported(const Design& d, const Library& library) {
    EXPECT_NE(reportText(d, library).find(d.plan.name), std::string::npos);
    EXPECT_FALSE(reportJson(d, library).empty());
}

// 'way', and 'way option choice' of each unit that a system has.
void addSaid(const System& gear, std::set<std::string>& said) {
    const auto add = [&](const SystemUnit& unit) {
        said.insert(unit.way.value);
        for (const auto& [option, choice] : unit.options) {
            said.insert(unit.way.value + " " + option + " " + choice);
        }
    };
    std::ranges::for_each(gear.banks, add);
    std::ranges::for_each(gear.rails, add);
    std::ranges::for_each(gear.combineds, add);
    gear.eachOnRail([&](const SystemUnit& unit, const UnitId&) { add(unit); });
}

std::set<std::string> allThatCanBeSaid(const Library& library) {
    std::set<std::string> out;
    for (const WayRow& way : library.ways) {
        if (way.of == WayKind::Bond || way.of == WayKind::Circuits) {
            continue;  // every system has the one there is
        }
        out.insert(way.id);
        for (const WayOption& option : way.options) {
            for (const WayChoice& choice : option.choices) {
                out.insert(way.id + " " + option.id + " " + choice.id);
            }
        }
    }
    return out;
}

// A way, or a choice of one, that the systems by chance never have would be held to nothing.
TEST(Systems, ByChanceHaveEveryWayAndChoice) {
    std::set<std::string> said;
    for (unsigned seed = 0; seed < 300; ++seed) {
        const Plan plan = test::systemAtRandom(seed, test::library());
        addSaid(systemOf(plan, test::library()), said);
    }
    for (const std::string& each : allThatCanBeSaid(test::library())) {
        EXPECT_TRUE(said.contains(each)) << each;
    }
}

TEST(Systems, OfAnyKindHoldTheLaws) {
    const unsigned from = asked("SPIRK_SYSTEMS_FROM", 0);
    for (unsigned seed = from; seed < from + asked("SPIRK_SYSTEMS", 1000); ++seed) {
        SCOPED_TRACE(seed);
        const Library& library = libraryOf(seed);
        const Plan plan = test::systemAtRandom(seed, library);
        const PlanReading again = readPlan(writePlan(plan), "system");
        ASSERT_TRUE(again.plan.has_value());
        EXPECT_EQ(writePlan(*again.plan), writePlan(plan));
        const Design d = design(plan, library);
        EXPECT_EQ(d.cables.rows.size(), d.wiring.circuit.conductors.size());
        isDrawnOnce(d);
        isExplained(d);
        // A third of the suite's; all of the script's.
        if (seed % 3 == 0 || std::getenv("SPIRK_SYSTEMS") != nullptr) {
            isOnTheHighBranch(d);
        }
        mendsApply(plan, d);
        tooLargeFusesAreSaid(d);
        isReported(d, library);
        if (seed % 10 == 0) {
            EXPECT_EQ(d.why, design(plan, library).why);
        }
        if (HasFailure()) {
            break;
        }
    }
}

}  // namespace
}  // namespace spirk
