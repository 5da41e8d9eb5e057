// SPDX-License-Identifier: GPL-3.0-or-later
// Laws that hold for whatever a person enters, also for bad amendments.
#include <gtest/gtest.h>
#include <rapidcheck.h>
// gtest before rapidcheck's own header for it
#include <rapidcheck/gtest.h>

#include <algorithm>
#include <cmath>
#include <set>

#include "core/cables/fuse_curve.h"
#include "core/circuit/explain_moment.h"
#include "core/circuit/walk.h"
#include "core/design/design.h"
#include "core/design/why.h"
#include "core/diagram/geometry.h"
#include "core/plan/edit.h"
#include "core/plan/plan_file.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

// Amendments on conductors that exist, and on some that do not.
Plan amendedAtRandom(const std::vector<int>& dice) {
    Plan plan = test::aFullVan();
    const Circuit circuit = design(plan, library()).wiring.circuit;
    std::size_t at = 0;
    const auto roll = [&](std::size_t sides) {
        return static_cast<std::size_t>(std::abs(static_cast<long>(dice[at++ % dice.size()]))) %
               sides;
    };
    for (std::size_t i = 0; i < 1 + dice.size() % 6; ++i) {
        const bool gone = roll(8) == 0;
        const ConductorId id =
            gone ? ConductorId("no.such") : circuit.conductors[roll(circuit.conductors.size())].id;
        const Device& device = circuit.devices[roll(circuit.devices.size())];
        const End end = roll(2) == 0 ? End::From : End::To;
        switch (roll(9)) {
            case 0:
                plan = amended(plan, SetSize{id, library().conductors[roll(14)].area});
                break;
            case 1:
                plan =
                    amended(plan, SetFuse{id, end, "", amps(1.0 + static_cast<double>(roll(400)))});
                break;
            case 2:
                plan = amended(plan, SetLength{id, metres(static_cast<double>(roll(40)))});
                break;
            case 3:
                plan = amended(plan, PutIn{id, static_cast<InLine>(roll(3))});
                break;
            case 4:
                plan = amended(plan, LeaveOutProtection{id, end});
                break;
            case 5:
                plan = amended(plan, PutInProtection{id, end, ""});
                break;
            case 6:
                plan = amended(plan, SetInsulation{id, library().ampacity[roll(3)].id});
                break;
            case 7: {
                const auto& hardware = library().hardware;
                plan = amended(plan, SetHardware{device.id, hardware[roll(hardware.size())].id});
                break;
            }
            default:
                plan = amended(plan, MoveEnd{id, end, {device.id, device.ports.front().name}});
                break;
        }
    }
    return plan;
}

RC_GTEST_PROP(AmendedPlans, AnySystemThatPeopleBuildCanBeEntered, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Plan plan = amendedAtRandom(dice);
    const Design d = design(plan, library());
    RC_ASSERT(d.cables.rows.size() == d.wiring.circuit.conductors.size());
    RC_ASSERT(d.moments.size() == d.wiring.moments.size());
}

RC_GTEST_PROP(AmendedPlans, EveryConductorIsStillDrawn, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Circuit circuit = design(amendedAtRandom(dice), library()).wiring.circuit;
    RC_ASSERT(layOut(circuit, {}).wires.size() == circuit.conductors.size());
}

RC_GTEST_PROP(AmendedPlans, AFuseAboveItsCableIsAlwaysSaid, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Design d = design(amendedAtRandom(dice), library());
    for (const CableRow& r : d.cables.rows) {
        const bool ours = isOurs(*findConductor(d.wiring.circuit, r.id));
        if (ours && r.fuseFrom && !r.fuseFrom->leftOut && r.fuseFrom->rating > r.ampacity) {
            RC_ASSERT(std::ranges::any_of(d.checks.findings, [&](const Finding& f) {
                return f.rule == "W1" && f.where.front().id == r.id.value;
            }));
        }
    }
}

// The library's families end; a load beyond them takes the largest and a check says so. A rating
// above the next one up is right where ways are parallel: a smaller fuse would draw more current.
// But where the maker of what it feeds allows less.
bool carriesItsLoad(const std::optional<ChosenFuse>& fuse, const Port& fed) {
    if (!fuse) {
        return true;
    }
    const FuseFamily& family = familyOf(library(), fuse->computedFamily);
    const Amps asked = ratingFor(family, fuse->needed).value_or(family.ratings.back());
    return fuse->computedRating >= asked || (fed.largestFuse && asked > *fed.largestFuse);
}

RC_GTEST_PROP(AmendedPlans, AComputedFuseCarriesItsLoad, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Design d = design(amendedAtRandom(dice), library());
    for (const CableRow& r : d.cables.rows) {
        const Port& fed = *findPort(d.wiring.circuit, findConductor(d.wiring.circuit, r.id)->to);
        // No larger one than the thickest cable bears is right, and is told.
        const bool told = std::ranges::any_of(d.checks.findings, [&](const Finding& f) {
            return (f.rule == "W2" || f.rule == "E11") && f.where.front().id == r.id.value;
        });
        RC_ASSERT(told || carriesItsLoad(r.fuseFrom, fed));
        RC_ASSERT(told || carriesItsLoad(r.fuseTo, fed));
    }
}

double sumOf(const std::vector<Term>& terms) {
    double sum = 0.0;
    for (const Term& t : terms) {
        sum += std::get<Measure>(t.value).si;
    }
    return sum;
}

RC_GTEST_PROP(AmendedPlans, EveryCurrentIsExplainedByItsJoint, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Design d = design(amendedAtRandom(dice), library());
    for (std::size_t m = 0; m < d.moments.size(); ++m) {
        if (!d.moments[m].served()) {
            continue;  // there is no steady state to balance
        }
        for (const Conductor& c : d.wiring.circuit.conductors) {
            const auto current = why(d, currentFigure(d.wiring.moments[m], c.id));
            RC_ASSERT(current.has_value());
            RC_ASSERT(std::fabs(std::get<Measure>(current->result).si - sumOf(current->terms)) <
                      1e-5);
        }
    }
}

bool isFitted(const std::optional<ChosenFuse>& fuse) { return fuse && !fuse->leftOut; }

// Whether metal joins a conductor with a battery's plus without passing a conductor that has a
// fuse.
bool reachesABattery(const Design& d, std::size_t conductor) {
    const Circuit& circuit = d.wiring.circuit;
    Joins joins = joinsOf(circuit);
    for (auto& from : joins) {
        std::erase_if(from, [&](const Join& join) {
            return join.conductor && (isFitted(d.cables.rows[*join.conductor].fuseFrom) ||
                                      isFitted(d.cables.rows[*join.conductor].fuseTo));
        });
    }
    const std::vector<int> reached = reachedFrom(joins, circuit.index->ends[conductor].from.node);
    return std::ranges::any_of(circuit.index->sources, [&](const ElementAt& at) {
        const auto* battery = std::get_if<Emf>(&circuit.devices[at.device].elements[at.element]);
        const int first = circuit.index->firstNode[at.device];
        return battery != nullptr &&
               std::ranges::find(reached, first + static_cast<int>(battery->at.pos)) !=
                   reached.end();
    });
}

// Unless a fuse on every way from a battery protects it as well.
RC_GTEST_PROP(AmendedPlans, AFuseLeftOutIsAlwaysSaid, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const std::set<std::string> ruleOfMissing{"W3", "W24", "S7", "E5"};
    const Design d = design(amendedAtRandom(dice), library());
    for (const Conductor& c : d.wiring.circuit.conductors) {
        const Protection* from = protectionAt(d.wiring.circuit, c, End::From);
        const Protection* to = protectionAt(d.wiring.circuit, c, End::To);
        if ((from != nullptr && from->leftOut) || (to != nullptr && to->leftOut)) {
            const bool said = std::ranges::any_of(d.checks.findings, [&](const Finding& f) {
                return ruleOfMissing.contains(f.rule) && f.where.front().id == c.id.value;
            });
            RC_ASSERT(said || !reachesABattery(d, d.wiring.circuit.index->conductors.at(c.id)));
        }
    }
}

RC_GTEST_PROP(AmendedPlans, SavingAndReadingKeepsEveryAmendment, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Plan plan = amendedAtRandom(dice);
    const PlanReading reading = readPlan(writePlan(plan), "property");
    RC_ASSERT(reading.plan.has_value());
    RC_ASSERT(reading.plan->amendments.size() == plan.amendments.size());
    RC_ASSERT(writePlan(*reading.plan) == writePlan(plan));
}

RC_GTEST_PROP(AmendedPlans, TakingAllBackGivesTheDesignFromBefore, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    Plan plan = amendedAtRandom(dice);
    plan.amendments.clear();
    const Design a = design(plan, library());
    const Design b = design(test::aFullVan(), library());
    RC_ASSERT(a.why == b.why);
}

RC_GTEST_PROP(Mends, OfAnyFindingCanBeApplied, (const std::vector<int>& dice)) {
    RC_PRE(!dice.empty());
    const Plan plan = amendedAtRandom(dice);
    for (const Finding& f : design(plan, library()).checks.findings) {
        for (const Mend& mend : f.mends) {
            RC_ASSERT(spirk::apply(plan, mend) != plan);
        }
    }
}

}  // namespace
}  // namespace spirk
