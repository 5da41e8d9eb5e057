// SPDX-License-Identifier: GPL-3.0-or-later
// Each rule: one plan that makes it fire, one where it must not, and its mends mend it.
#include "core/checks/checks.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <functional>
#include <map>
#include <set>

#include "core/design/tried_mends.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/checks/rule_cases.h"
#include "tests/support/builders.h"
#include "tests/topology/mistakes.h"

namespace spirk {
namespace {

using test::library;

Plan changed(const std::function<void(Plan&)>& change) {
    Plan plan = test::aFullVan();
    change(plan);
    return plan;
}

TEST(Rules, EachFiresWhereItShould) {
    for (const test::RuleCase& c : test::ruleCases()) {
        SCOPED_TRACE(c.rule);
        const Design d = design(changed(c.fires), library());
        const Finding* f = test::findingOf(d, c.rule);
        EXPECT_NE(f, nullptr);
        if (f == nullptr) {
            continue;
        }
        EXPECT_EQ(f->severity, c.severity);
        EXPECT_FALSE(english(f->what).empty());
        EXPECT_FALSE(english(f->why).empty());
        EXPECT_FALSE(english(f->remedy).empty());
        EXPECT_FALSE(f->source.empty());
        EXPECT_FALSE(f->where.empty());
        for (const FigureId& figure : f->figures) {
            EXPECT_NE(d.why.find(figure), nullptr) << figure.value;
        }
    }
}

TEST(Rules, EachIsSilentWhereItMustNotFire) {
    for (const test::RuleCase& c : test::ruleCases()) {
        SCOPED_TRACE(c.rule);
        const Design d = design(changed(c.justBelow), library());
        const Finding* f = test::findingOf(d, c.rule);
        EXPECT_EQ(f, nullptr) << english(f->what);
    }
}

TEST(Rules, EveryMendEndsItsFinding) {
    for (const test::RuleCase& c : test::ruleCases()) {
        SCOPED_TRACE(c.rule);
        const Plan plan = changed(c.fires);
        const Design d = design(plan, library());
        for (const Finding& f : d.checks.findings) {
            if (f.rule != c.rule) {
                continue;
            }
            const auto offered = mendsToOffer(d, library(), f);
            EXPECT_EQ(offered.empty(), f.mends.empty()) << f.id;
            for (const TriedMend& tried : offered) {
                SCOPED_TRACE(english(tried.mend.label));
                const Design mended = design(apply(plan, tried.mend), library());
                EXPECT_EQ(std::ranges::find(mended.checks.findings, f.id, &Finding::id),
                          mended.checks.findings.end());
                EXPECT_EQ(tried.after, standingFigures(mended));
            }
        }
    }
}

// What a planted mistake makes dangerous besides itself, and truly: a fuse ten times too large
// before a block no longer interrupts for the small ones in it, a thin cable is thin for its fuse
// and for a short, 24 V batteries meet 12 V gear.
const std::map<std::string, std::set<std::string>> kConsequences{{"W1", {"W5", "W8"}},
                                                                 {"W5", {"W8"}},
                                                                 {"W6", {"V1", "W5", "W8"}},
                                                                 {"W7", {"W1"}},
                                                                 {"W8", {"W1"}},
                                                                 {"W15", {"W1"}},
                                                                 {"W17", {"W1"}},
                                                                 {"W21", {"W5", "W8"}},
                                                                 {"G2", {"W8"}},
                                                                 {"V1", {"B7"}},
                                                                 {"V2", {"V1"}},
                                                                 {"B10", {"V1"}},
                                                                 {"B14", {"W5"}},
                                                                 {"B17", {"B7"}},
                                                                 {"S3", {"V1"}},
                                                                 {"S12", {"S1"}},
                                                                 {"I4", {"W1"}}};

// What is planted is found (above), and nothing else is a danger because of it but what follows
// from it. With the mistakes of connection (tests/topology) that are more than sixty.
TEST(Rules, WhatIsPlantedBringsNoOtherDanger) {
    const Design sound = design(test::aFullVan(), library());
    for (const test::RuleCase& c : test::ruleCases()) {
        SCOPED_TRACE(c.rule);
        const auto follows = kConsequences.find(c.rule);
        for (const Finding& f : design(changed(c.fires), library()).checks.findings) {
            const bool there = std::ranges::find(sound.checks.findings, f.id, &Finding::id) !=
                               sound.checks.findings.end();
            const bool expected =
                f.rule == c.rule || f.rule == "MAINS" ||
                (follows != kConsequences.end() && follows->second.contains(f.rule));
            EXPECT_TRUE(f.severity != Severity::Danger || there || expected) << f.id;
        }
    }
    EXPECT_GE(test::ruleCases().size() + test::mistakes().size(), 60u);
}

// Every check that a region's table rests on is made to fire somewhere.
TEST(Rules, EveryRowOfTheTableHasItsCase) {
    for (const Library& region : test::libraries().regions) {
        for (const CheckBasis& check : region.checks) {
            const bool own = check.id == "MAINS" || check.id == "SERVE";  // below
            const bool cased = std::ranges::any_of(
                test::ruleCases(), [&](const test::RuleCase& c) { return check.id == c.rule; });
            const bool planted = std::ranges::any_of(test::mistakes(), [&](const test::Mistake& m) {
                return std::string(m.id).starts_with(check.id + " ");
            });
            EXPECT_TRUE(own || cased || planted) << region.region.id << " " << check.id;
        }
    }
}

TEST(Rules, EachRegionSaysOnWhoseWordItStands) {
    for (const test::RuleCase& c : test::ruleCases()) {
        const std::string rule = c.rule;
        for (const Library& region : test::libraries().regions) {
            EXPECT_FALSE(basis(region, rule).source.empty()) << rule;
        }
    }
    // NEC 551 governs recreational vehicles; EN 1648's tables are not known here.
    EXPECT_EQ(basis(test::americanLibrary(), "W1").standing, Standing::GovernsVans);
    EXPECT_EQ(basis(library(), "W1").standing, Standing::GeneralByChoice);
    EXPECT_NE(basis(library(), "W1").source.english.find("EN 1648: check"), std::string::npos);
}

// Own arithmetic: 80 m of 1.5 mm² have about 1 ohm; 12.8 V give at most 41 W through them, of 400.
TEST(Rules, ACollapseSaysHowMuchCanBeSupplied) {
    Plan plan = test::aSmallVan();
    plan.appliances.front().rated = watts(400);
    plan.appliances.front().measured.reset();
    const std::string feed = "circuit." + plan.appliances.front().id.value + ".feed";
    for (const char* end : {"+", "-"}) {
        plan.amendments.emplace_back(SetLength{ConductorId(feed + end), metres(40)});
        plan.amendments.emplace_back(SetSize{ConductorId(feed + end), squareMillimetres(1.5)});
    }
    const Design d = design(plan, library());
    const Finding* f = test::findingOf(d, "SERVE");
    ASSERT_NE(f, nullptr);
    const std::string what = english(f->what);
    const std::size_t at = what.find("at most ");
    ASSERT_NE(at, std::string::npos) << what;
    // The fuse, the joints and the battery take a part too.
    EXPECT_NEAR(std::stod(what.substr(at + 8)), 9.0, 1.5) << what;
    EXPECT_NE(what.find("weakest at fridge"), std::string::npos) << what;
}

TEST(Rules, ACleanPlanHasNoFindings) {
    for (const Finding& f : design(test::aMeasuredVan(), library()).checks.findings) {
        ADD_FAILURE() << f.id << ": " << english(f.what);
    }
}

TEST(Rules, AnInverterWithoutAMainsSideIsAStandingDangerWithoutAMend) {
    const Design d = design(test::aFullVan(), library());
    const Finding* f = test::findingOf(d, "MAINS");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->severity, Severity::Danger);
    EXPECT_EQ(f->standing, Standing::GovernsVans);
    EXPECT_TRUE(f->mends.empty());
}

// IEC 60309 and shop practice alike: a device is used within its rating. 37.6 A (four times 9.4 A)
// through an isolator for 32 A.
TEST(Rules, AnIsolatorBelowTheArraysCurrentIsSaid) {
    Plan plan = test::aFullVan();
    putSolar(plan.gear, SolarChoice{"panel_180", 1, 4, "mppt_100_50"});
    plan.amendments = {SetHardware{DeviceId("array.isolator"), "pv_isolator_32"}};
    EXPECT_NE(test::findingOf(design(plan, library()), "W13"), nullptr);
    plan.amendments = {SetHardware{DeviceId("array.isolator"), "pv_isolator_63"}};
    EXPECT_EQ(test::findingOf(design(plan, library()), "W13"), nullptr);
}

// Five fuses on four ways.
TEST(Rules, MoreFusesThanWaysAreSaid) {
    Plan plan = test::aFullVan();
    mainRailOf(plan.gear).kind = Distribution::Distributor;
    plan.amendments = {SetHardware{DeviceId("bus.pos"), "distributor_4_anl"}};
    EXPECT_EQ(test::findingOf(design(plan, library()), "W13"), nullptr);
    plan.appliances.push_back(test::aLoad("press", watts(600), Category::Work));
    EXPECT_EQ(test::findingOf(design(plan, library()), "W13")->id, "W13 ways bus.pos");
}

TEST(Rules, MainsAppliancesWithoutAnInverterAreSaid) {
    Plan plan = test::aFullVan();
    takeOutInverter(plan.gear);
    EXPECT_EQ(test::findingOf(design(plan, library()), "MAINS")->id, "MAINS none");
}

// Its own battery feeds its lead with nothing before it (ABYC E-11: a device at every source). A
// lead no longer than a fuse may be away (175 mm there, 200 in ISO 10133) has only the others to
// fear.
TEST(Rules, ABatteryOfABankWithoutItsFuseIsADangerUnlessItsLeadIsShort) {
    Plan plan = test::aFullVan();
    plan.amendments = {LeaveOutProtection{ConductorId("bank.2.lead+"), End::From}};
    EXPECT_EQ(test::findingOf(design(plan, library()), "W3")->severity, Severity::Danger);
    plan.amendments.emplace_back(SetLength{ConductorId("bank.2.lead+"), metres(0.15)});
    EXPECT_EQ(test::findingOf(design(plan, library()), "W3")->severity, Severity::Fault);
}

// The fuse before the bars is small enough for it: nothing more is needed (IEC 60364-4-43, 433.2).
TEST(Rules, WhatAFuseOnTheWayProtectsNeedsNoneOfItsOwn) {
    Plan plan = test::aFullVan();
    plan.amendments = {LeaveOutProtection{ConductorId("inverter.feed+"), End::From}};
    const Design d = design(plan, library());
    EXPECT_GE(test::rowOf(d, "inverter.feed+").ampacity,
              test::rowOf(d, "main.feed+").fuseFrom->rating);
    EXPECT_EQ(test::findingOf(d, "W3"), nullptr);
    // A thinner cable there is fed through more than it bears.
    plan.amendments.emplace_back(SetSize{ConductorId("inverter.feed+"), squareMillimetres(16)});
    EXPECT_NE(test::findingOf(design(plan, library()), "W3"), nullptr);
    // However short it is: at a bar all batteries feed it.
    plan.amendments.emplace_back(SetLength{ConductorId("inverter.feed+"), metres(0.1)});
    const Design close = design(plan, library());
    ASSERT_NE(test::findingOf(close, "W3"), nullptr);
    EXPECT_EQ(test::findingOf(close, "W3")->severity, Severity::Danger);
}

TEST(Rules, AnEndMovedToABatteryWithoutAFuseIsADanger) {
    Plan plan = test::aFullVan();
    plan.amendments = {MoveEnd{ConductorId("main.link+"), End::To, {DeviceId("bank.1"), "+"}}};
    const Design d = design(plan, library());
    const Finding* f = test::findingOf(d, "W3");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->severity, Severity::Danger);
}

// The end, or the fuse, is then that of the second part, the amendment that of the whole.
TEST(Rules, WhatWasDoneBeforeASplitCanBeTakenBack) {
    const ConductorId link("main.link+");
    for (const Amendment& done :
         std::initializer_list<Amendment>{MoveEnd{link, End::To, {DeviceId("bank.1"), "+"}},
                                          PutInProtection{link, End::To, ""}}) {
        Plan plan = test::aFullVan();
        plan.amendments = {done, PutIn{link, InLine::Strip}};
        if (std::holds_alternative<PutInProtection>(done)) {
            plan.amendments.insert(plan.amendments.begin() + 1, LeaveOutProtection{link, End::To});
        }
        const Design d = design(plan, library());
        const Finding* f = test::findingOf(d, "W3");
        ASSERT_NE(f, nullptr);
        ASSERT_FALSE(f->mends.empty());
        EXPECT_LT(apply(plan, f->mends.front()).amendments.size(), plan.amendments.size());
    }
}

TEST(Rules, DangersComeFirst) {
    const Design d = design(test::theDemo(), library());
    EXPECT_TRUE(std::ranges::is_sorted(d.checks.findings, {}, &Finding::severity));
}

TEST(Rules, TheDemoKeepsItsHonestFindings) {
    const Design d = design(test::theDemo(), library());
    for (const char* rule : {"W1", "B1", "E3", "S8", "MAINS"}) {
        EXPECT_NE(test::findingOf(d, rule), nullptr) << rule;
    }
    EXPECT_LE(d.checks.findings.size(), 9u);
}

TEST(Rules, ALoadThatCannotBeServedIsNamed) {
    Plan plan = test::aSmallVan();
    plan.appliances.push_back(test::aLoad("forge", watts(8000), Category::Work));
    for (const char* id : {"circuit.forge.feed+", "circuit.forge.feed-"}) {
        plan.amendments.push_back(SetLength{ConductorId(id), metres(30)});
        plan.amendments.push_back(SetSize{ConductorId(id), squareMillimetres(6)});
    }
    const Design d = design(plan, library());
    const Finding* f = test::findingOf(d, "SERVE");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->where.front().id, "load.forge");
    ASSERT_EQ(f->figures.size(), 1u);
    EXPECT_NE(d.why.find(f->figures.front()), nullptr);
}

TEST(Rules, FindingsWordNothingAsSafeOrCertified) {
    for (const test::RuleCase& c : test::ruleCases()) {
        for (const Finding& f : design(changed(c.fires), library()).checks.findings) {
            const std::string all = english(f.what) + english(f.why) + english(f.remedy);
            for (const char* word : {" safe", "certified", "compliant", "!"}) {
                EXPECT_EQ(all.find(word), std::string::npos) << all;
            }
        }
    }
}

// An inverter that charges nothing is no charger; one that does counts with all that it gives.
TEST(ChargeOfTheBank, CountsOnlyWhatCharges) {
    const auto fromShore = [](const char* inverter) {
        Plan plan = test::aFullVan();
        inverterOf(plan.gear)->model = inverter;
        const Design d = design(plan, test::library());
        const Derivation* why = d.why.find(FigureId("bank.charge"));
        EXPECT_NE(why, nullptr);
        return std::ranges::count(why->terms, std::string("I_shore"), [](const Term& term) {
            return english(term.symbol);
        });
    };
    EXPECT_EQ(fromShore("inverter_1600"), 0);
    EXPECT_EQ(fromShore("multi_2400"), 1);
}

}  // namespace
}  // namespace spirk
