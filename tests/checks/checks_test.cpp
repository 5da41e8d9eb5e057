// SPDX-License-Identifier: GPL-3.0-or-later
// Each rule: one plan that makes it fire, one where it must not, and its mends mend it.
#include "core/checks/checks.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <functional>

#include "core/plan/edit.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

struct Case {
    const char* rule;
    Severity severity;
    std::function<void(Plan&)> fires;      // change of the full van that makes it fire
    std::function<void(Plan&)> justBelow;  // the same kind of change, where it must not
};

const Case kCases[] = {
    {"W1",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(200)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(15)}};
     }},
    {"W2",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "", amps(150)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "", amps(200)}};
     }},
    {"W3",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {LeaveOutProtection{ConductorId("main.feed+"), End::From}};
     },
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("main.feed+"), metres(0.4)}};
     }},
    {"W5",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "sf51", amps(250)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "class_t", amps(250)}};
     }},
    {"W7",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(4)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(50)}};
     }},
    {"W8",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(4)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
     }},
    {"W10",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(95)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
     }},
    {"B1",
     Severity::Fault,
     [](Plan& p) { p.trip.daysWithoutSun = 30; },
     [](Plan& p) { p.trip.daysWithoutSun = 1; }},
    {"B2",
     Severity::Fault,
     [](Plan& p) {
         p.gear.bank = {"lfp_100", 1};
     },
     [](Plan& p) {
         p.gear.bank = {"lfp_200", 1};
     }},
    {"S1",
     Severity::Danger,
     [](Plan& p) { p.gear.solar->series = 4; },
     [](Plan& p) { p.gear.solar->series = 3; }},
    {"S2",
     Severity::Advice,
     [](Plan& p) { p.gear.solar->controller = "mppt_100_20"; },
     [](Plan& p) { p.gear.solar->controller = "mppt_100_50"; }},
    {"E3",
     Severity::Fault,
     [](Plan& p) {
         p.gear.engine = EngineChoice{"dcdc_60", amps(100)};
     },
     [](Plan& p) {
         p.gear.engine = EngineChoice{"dcdc_20", amps(180)};
     }},
    {"G3",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("bank.neg"), "bar"}}};
     },
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("bus.neg"), "bar"}}};
     }},
    {"I1",
     Severity::Fault,
     [](Plan& p) { p.appliances.back().rated = watts(3000); },
     [](Plan& p) { p.appliances.back().rated = watts(1500); }},
};

Plan changed(const std::function<void(Plan&)>& change) {
    Plan plan = test::aFullVan();
    change(plan);
    return plan;
}

TEST(Rules, EachFiresWhereItShould) {
    for (const Case& c : kCases) {
        SCOPED_TRACE(c.rule);
        const Design d = design(changed(c.fires), library());
        const Finding* f = test::findingOf(d, c.rule);
        ASSERT_NE(f, nullptr);
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
    for (const Case& c : kCases) {
        SCOPED_TRACE(c.rule);
        EXPECT_EQ(test::findingOf(design(changed(c.justBelow), library()), c.rule), nullptr);
    }
}

TEST(Rules, EveryMendEndsItsFinding) {
    for (const Case& c : kCases) {
        SCOPED_TRACE(c.rule);
        const Plan plan = changed(c.fires);
        const Design d = design(plan, library());
        for (const Finding& f : d.checks.findings) {
            if (f.rule != c.rule) {
                continue;
            }
            for (const Mend& mend : f.mends) {
                SCOPED_TRACE(english(mend.label));
                const Design mended = design(apply(plan, mend), library());
                EXPECT_EQ(std::ranges::find(mended.checks.findings, f.id, &Finding::id),
                          mended.checks.findings.end());
            }
        }
    }
}

TEST(Rules, ACleanPlanHasNoFindings) {
    EXPECT_TRUE(design(test::aSmallVan(), library()).checks.findings.empty());
}

TEST(Rules, AnInverterWithoutAMainsSideIsAStandingFaultWithoutAMend) {
    const Design d = design(test::aFullVan(), library());
    const Finding* f = test::findingOf(d, "MAINS");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->severity, Severity::Fault);
    EXPECT_EQ(f->standing, Standing::GovernsVans);
    EXPECT_TRUE(f->mends.empty());
}

TEST(Rules, MainsAppliancesWithoutAnInverterAreSaid) {
    Plan plan = test::aFullVan();
    plan.gear.inverter.reset();
    EXPECT_EQ(test::findingOf(design(plan, library()), "MAINS")->id, "MAINS none");
}

TEST(Rules, ABatteryOfABankWithoutItsFuseIsAFaultNotADanger) {
    Plan plan = test::aFullVan();
    plan.amendments = {LeaveOutProtection{ConductorId("bank.2.lead+"), End::From}};
    EXPECT_EQ(test::findingOf(design(plan, library()), "W3")->severity, Severity::Fault);
}

TEST(Rules, AnEndMovedToABatteryWithoutAFuseIsADanger) {
    Plan plan = test::aFullVan();
    plan.amendments = {MoveEnd{ConductorId("main.link+"), End::To, {DeviceId("bank.1"), "+"}}};
    const Design d = design(plan, library());
    const Finding* f = test::findingOf(d, "W3");
    ASSERT_NE(f, nullptr);
    EXPECT_EQ(f->severity, Severity::Danger);
}

TEST(Rules, DangersComeFirst) {
    const Design d = design(test::theDemo(), library());
    EXPECT_TRUE(std::ranges::is_sorted(d.checks.findings, {}, &Finding::severity));
}

TEST(Rules, TheDemoKeepsItsHonestFindings) {
    const Design d = design(test::theDemo(), library());
    for (const char* rule : {"W1", "B1", "E3", "MAINS"}) {
        EXPECT_NE(test::findingOf(d, rule), nullptr) << rule;
    }
    EXPECT_LE(d.checks.findings.size(), 6u);
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
}

TEST(Rules, FindingsWordNothingAsSafeOrCertified) {
    for (const Case& c : kCases) {
        for (const Finding& f : design(changed(c.fires), library()).checks.findings) {
            const std::string all = english(f.what) + english(f.why) + english(f.remedy);
            for (const char* word : {" safe", "certified", "compliant", "!"}) {
                EXPECT_EQ(all.find(word), std::string::npos) << all;
            }
        }
    }
}

}  // namespace
}  // namespace spirk
