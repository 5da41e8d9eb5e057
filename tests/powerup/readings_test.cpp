// SPDX-License-Identifier: GPL-3.0-or-later
// Each expected reading against own arithmetic on the design's own resistances, and the bands round
// it.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/design/design.h"
#include "core/gear/battery.h"
#include "core/gear/inverter.h"
#include "core/plan/own_gear.h"
#include "core/plan/units.h"
#include "core/powerup/powerup.h"
#include "core/supply/frost.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

class Readings : public ::testing::Test {
protected:
    [[nodiscard]] static const Design& demo() {
        static const Design d = design(test::theDemo(), library());
        return d;
    }
    [[nodiscard]] static const SwitchStep& step(const std::string& id) {
        const auto& steps = demo().powerUp.switchOn;
        const auto found = std::ranges::find(steps, id, &SwitchStep::id);
        EXPECT_NE(found, steps.end()) << id;
        return *found;
    }
    [[nodiscard]] static const Expected& reading(const std::string& id, const std::string& part) {
        const auto& all = step(id).readings;
        const auto found = std::ranges::find_if(all, [&](const Expected& e) {
            return english(e.where).find(part) != std::string::npos;
        });
        EXPECT_NE(found, all.end()) << id << " " << part;
        return *found;
    }
    // Rest voltage of the bank: several lithium batteries are charged full before they are joined,
    // 90 to 100 %.
    [[nodiscard]] static double rest() {
        return restVoltage(demo().gear.bank().chemistry, 0.95).si();
    }
};

TEST_F(Readings, EachLiesWithinItsBand) {
    for (const SwitchStep& s : demo().powerUp.switchOn) {
        for (const Expected& e : s.readings) {
            EXPECT_LE(e.low.si, e.value.si + 1e-9) << s.id << " " << english(e.where);
            EXPECT_GE(e.high.si, e.value.si - 1e-9) << s.id << " " << english(e.where);
            EXPECT_EQ(e.low.unit, e.value.unit);
            EXPECT_EQ(e.high.unit, e.value.unit);
        }
    }
}

// And 0.05 V of meter and surface charge (judgement).
TEST_F(Readings, BandOfVoltsIsThatOfBatteriesChargedFull) {
    const Expected& e = reading("on.main", "voltage");
    const Chemistry& lfp = demo().gear.bank().chemistry;
    EXPECT_NEAR(e.value.si - e.low.si, rest() - restVoltage(lfp, 0.9).si() + 0.05, 1e-9);
    EXPECT_NEAR(e.high.si - e.value.si, restVoltage(lfp, 1.0).si() - rest() + 0.05, 1e-9);
}

// A new AGM battery shows 12.85 V (its chemistry's table at 100 %): well. At 12.4 V it was stored
// empty.
TEST(Delivery, IsByChemistry) {
    Plan plan = test::aFullVan();
    putBank(plan.gear, "agm_110", 2);
    const Design d = design(plan, test::library());
    const auto& steps = d.powerUp.switchOn;
    const auto s = std::ranges::find(steps, std::string("on.batteries"), &SwitchStep::id);
    ASSERT_NE(s, steps.end());
    EXPECT_LT(s->readings.front().low.si, 12.85);
    EXPECT_GT(s->readings.front().high.si, 12.85);
    EXPECT_GT(s->readings.front().low.si, 12.4);
}

// A reading that a dead branch shows as well is no test.
TEST_F(Readings, NoneIsPassedByADeadBranch) {
    for (const SwitchStep& s : demo().powerUp.switchOn) {
        for (const Expected& e : s.readings) {
            const bool nothingRuns = std::fabs(e.value.si) < 1e-3;
            EXPECT_TRUE(nothingRuns || e.low.si > 0.0 || e.high.si < 0.0)
                << s.id << " " << english(e.where);
        }
    }
}

TEST_F(Readings, NothingConnectedShowsNothing) {
    EXPECT_NEAR(reading("on.main", "current").value.si, 0.0, 1e-6);
    EXPECT_NEAR(reading("on.main", "voltage").value.si, rest(), 1e-6);
    EXPECT_NEAR(reading("on.fuseblock", "voltage").value.si, rest(), 1e-6);
}

TEST_F(Readings, ACircuitsVoltsAreTheBanksLessWhatTheWayLoses) {
    // The laptop's circuit alone: constant power through all resistances in its way, out and back.
    const Circuit& circuit = demo().wiring.circuit;
    double ohms = 0.0;
    for (std::size_t i = 0; i < circuit.conductors.size(); ++i) {
        const std::string& id = circuit.conductors[i].id.value;
        const bool own = id.starts_with("circuit.laptop.") || id.starts_with("fuseblock.") ||
                         id.starts_with("main.");
        const ConductorOhms& o = demo().cables.ohms[i];
        const double whole = (o.wire + o.jointFrom + o.jointTo + o.fuseFrom.value_or(Ohms()) +
                              o.fuseTo.value_or(Ohms()))
                                 .si();
        ohms += own ? whole : 0.0;
        ohms += id.starts_with("bank.") ? whole / 9.0 : 0.0;  // six leads, three side by side
    }
    for (const DeviceKind kind :
         {DeviceKind::MainSwitch, DeviceKind::Shunt, DeviceKind::FuseBlock}) {
        const Device* d = firstOf(demo().wiring.circuit, kind);
        ohms += findHardware(demo().plan, test::library(), d->made->model)->resistance.si();
    }
    const BankUnit& bank = demo().gear.bank();
    ohms += batteryResistance(*bank.model, bank.chemistry, ResistanceCase::High).si() / 3.0 *
            coldResistance(bankInCold(demo().plan, *demo().gear.climate));
    const double power = 41.0;  // the laptop, measured
    const double v = (rest() + std::sqrt(rest() * rest() - 4.0 * ohms * power)) / 2.0;
    EXPECT_NEAR(reading("on.circuit.laptop.feed+", "voltage").value.si, v, 1e-4);
    EXPECT_NEAR(reading("on.circuit.laptop.feed+", "current").value.si, power / v, 1e-4);
}

TEST_F(Readings, EachCircuitIsReadWithOnlyItsOwnLoadsOn) {
    double sum = 0.0;
    for (const SwitchStep& s : demo().powerUp.switchOn) {
        if (s.id.starts_with("on.circuit.")) {
            sum += s.readings.back().value.si;
        }
    }
    // All 12 V watts over about 13 V.
    double watts = 0.0;
    for (const ApplianceNeed& need : demo().needs.appliances) {
        const auto a = std::ranges::find(demo().plan.appliances, need.id, &Appliance::id);
        watts += a->feed == Feed::Dc ? need.running.si() : 0.0;
    }
    EXPECT_NEAR(sum, watts / 13.3, 0.05 * sum);
}

TEST_F(Readings, TheInverterIdlesOnItsOwn) {
    const double idle = inverterLoss(*demo().gear.inverter(), watts(0)).si();
    EXPECT_NEAR(reading("on.inverter", "current").value.si, idle / rest(), 0.01);
}

TEST_F(Readings, SunMayGiveAnythingUpToFullSun) {
    const Expected& e = reading("on.mppt", "full sun");
    EXPECT_GT(e.low.si, 0.3);  // a dull day, or what a clamp shows
    EXPECT_LT(e.low.si, 2.0);
    EXPECT_GT(e.value.si, 40.0);
    EXPECT_LE(e.value.si, 50.0);  // the controller's rating
}

TEST_F(Readings, EngineDrawsWhatItGivesOverItsEfficiency) {
    const double out = reading("on.dcdc", "current from").value.si;
    const double in = reading("on.dcdc", "current into").value.si;
    EXPECT_NEAR(out, 40.0, 1e-6);
    // Output near 13.3 V, input near 14 V, 90 %.
    EXPECT_NEAR(in, 13.3 * out / (0.9 * 14.0), 2.5);
}

TEST_F(Readings, DeadTestsGiveBoundsOnly) {
    for (const SwitchStep& s : demo().powerUp.deadTests) {
        for (const Expected& e : s.readings) {
            EXPECT_EQ(e.value.unit, Unit::Ohm);
            EXPECT_TRUE(e.low.si > 0.0 || e.high.si < 1.0);
        }
    }
}

TEST_F(Readings, EveryStepHasAnIdOfItsOwn) {
    std::vector<std::string> ids;
    for (const auto* list : {&demo().powerUp.deadTests, &demo().powerUp.switchOn}) {
        for (const SwitchStep& s : *list) {
            ids.push_back(s.id);
            EXPECT_FALSE(s.text.empty());
        }
    }
    std::ranges::sort(ids);
    EXPECT_EQ(std::ranges::adjacent_find(ids), ids.end());
}

TEST_F(Readings, EverySubjectExists) {
    for (const SwitchStep& s : demo().powerUp.switchOn) {
        for (const Subject& subject : s.subjects) {
            const Circuit& circuit = demo().wiring.circuit;
            const bool known = subject.kind == SubjectKind::Device
                                   ? findDevice(circuit, DeviceId(subject.id)) != nullptr
                                   : findConductor(circuit, ConductorId(subject.id)) != nullptr;
            EXPECT_TRUE(known) << s.id << " " << subject.id;
        }
    }
}

TEST_F(Readings, SettingsFollowTheChemistry) {
    const auto value = [](const char* device, const char* setting) {
        for (const DeviceSetting& s : demo().powerUp.settings) {
            if (s.device.value == device && english(s.setting) == setting) {
                return format(s.value);
            }
        }
        return std::string("none");
    };
    EXPECT_EQ(value("mppt", "absorption"), "14.20 V");
    EXPECT_EQ(value("dcdc", "float"), "13.50 V");
    EXPECT_EQ(value("mppt", "equalise"), "off");
    EXPECT_EQ(value("inverter", "low-voltage cut-off"), "12.00 V");
    EXPECT_EQ(value("shunt", "capacity"), "450 Ah");
}

TEST(Caution, AtTheFootNeverPromises) {
    const std::string foot = english(footCaution());
    EXPECT_NE(foot.find("electrician"), std::string::npos);
    EXPECT_EQ(foot.find(" safe"), std::string::npos);
}

}  // namespace
}  // namespace spirk
