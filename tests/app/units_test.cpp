// SPDX-License-Identifier: GPL-3.0-or-later
// Units put in, chosen and taken out at their cards in Supply.
#include "core/plan/units.h"

#include <QComboBox>
#include <QPushButton>
#include <QToolButton>

#include "tests/app/window.h"

namespace spirk {
namespace {

class Units : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
        trigger("view.station.supply");
    }
    void pick(const QString& box, const char* id) {
        auto* combo = window->findChild<QComboBox*>(box);
        ASSERT_NE(combo, nullptr) << box.toStdString();
        combo->setCurrentIndex(combo->findData(id));
        emit combo->activated(combo->currentIndex());
    }
};

TEST_F(Units, EachOfThePlansHasACard) {
    for (const char* id : {"bank", "main", "mppt", "dcdc", "inverter"}) {
        EXPECT_NE(window->findChild<QFrame*>(QString("supply.unit.%1").arg(id)), nullptr) << id;
    }
}

TEST_F(Units, EachKindCanBePutInAndTakenOutAgain) {
    const Plan before = plan();
    for (const char* kind : {"sun", "engine", "relay", "shore", "inverter", "bank", "converter"}) {
        SCOPED_TRACE(kind);
        trigger(("supply.putIn." + std::string(kind)).c_str());
        EXPECT_NE(plan().gear, before.gear);
        EXPECT_TRUE(design().gear.findings.empty());
        trigger("edit.undo");
        EXPECT_EQ(plan().gear, before.gear);
    }
    trigger("supply.putIn.relay");
    auto* out = window->findChild<QPushButton*>("supply.unit.relay.remove");
    ASSERT_NE(out, nullptr);
    out->click();
    EXPECT_EQ(plan().gear, before.gear);
}

TEST_F(Units, ABankTakesItsRailAndWhatHangsThereAlong) {
    const Plan before = plan();
    trigger("supply.putIn.bank");
    Plan with = plan();
    with.gear.sources.push_back({{UnitId("topup"), WayId("dcdc_from_starter"), {}},
                                 with.gear.rails.back().id,
                                 EngineChoice{"dcdc_20"}});
    window->document().push("top up", with);
    auto* out = window->findChild<QPushButton*>(
        "supply.unit." + QString::fromStdString(with.gear.banks.back().id.value) + ".remove");
    ASSERT_NE(out, nullptr);
    out->click();
    EXPECT_EQ(plan().gear, before.gear);
}

TEST_F(Units, TheFirstBankAndItsBarsStay) {
    EXPECT_FALSE(window->findChild<QPushButton*>("supply.unit.bank.remove")->isEnabled());
    EXPECT_FALSE(window->findChild<QPushButton*>("supply.unit.main.remove")->isEnabled());
    EXPECT_TRUE(window->findChild<QPushButton*>("supply.unit.mppt.remove")->isEnabled());
}

TEST_F(Units, AWayAndItsOptionsAreChosenAtTheCard) {
    pick("supply.unit.mppt.way", "before_switch");
    EXPECT_EQ(firstSourceOf<SolarChoice>(plan().gear)->way, WayId("before_switch"));
    pick("supply.unit.dcdc.enable", "voltage");
    EXPECT_EQ(firstSourceOf<EngineChoice>(plan().gear)->options.at("enable"), "voltage");
    EXPECT_EQ(findConductor(design().wiring.circuit, ConductorId("dcdc.enable")), nullptr);
    trigger("edit.undo");
    EXPECT_NE(findConductor(design().wiring.circuit, ConductorId("dcdc.enable")), nullptr);
}

TEST_F(Units, ACardOpensWhereItStandsAndStaysOpen) {
    const auto body = [&] {
        return window->findChild<QComboBox*>("supply.unit.mppt.panel")->parentWidget();
    };
    EXPECT_TRUE(body()->isHidden());
    window->findChild<QToolButton*>("supply.unit.mppt.open")->click();
    EXPECT_FALSE(body()->isHidden());
    pick("supply.unit.mppt.panel", "panel_120");
    EXPECT_FALSE(body()->isHidden());
    EXPECT_EQ(solarOf(plan().gear)->panel, "panel_120");
}

}  // namespace
}  // namespace spirk
