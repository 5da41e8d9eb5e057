// SPDX-License-Identifier: GPL-3.0-or-later
// Units put in, chosen and taken out at their cards in Supply.
#include "core/plan/units.h"

#include <QAction>
#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QTextBrowser>
#include <QToolButton>

#include "tests/app/window.h"
#include "tests/support/builders.h"

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
        auto* combo = find<QComboBox>(qPrintable(box));
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
    for (const char* kind : {"sun",
                             "engine",
                             "relay",
                             "shore",
                             "combined",
                             "second",
                             "trickle",
                             "inverter",
                             "bank",
                             "subRail",
                             "converter"}) {
        SCOPED_TRACE(kind);
        trigger(("supply.putIn." + std::string(kind)).c_str());
        EXPECT_NE(plan().gear, before.gear);
        EXPECT_TRUE(design().gear.findings.empty());
        trigger("edit.undo");
        EXPECT_EQ(plan().gear, before.gear);
    }
    trigger("supply.putIn.relay");
    auto* out = find<QPushButton>("supply.unit.relay.remove");
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
    EXPECT_FALSE(find<QPushButton>("supply.unit.bank.remove")->isEnabled());
    EXPECT_FALSE(find<QPushButton>("supply.unit.main.remove")->isEnabled());
    EXPECT_TRUE(find<QPushButton>("supply.unit.mppt.remove")->isEnabled());
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

// Wired for today's loads a converter is told of in Checks, and mended there.
TEST_F(Units, AConverterIsWiredForItsLoadsAndMendedInChecks) {
    trigger("file.demo.stargazer");
    trigger("view.station.supply");
    const auto current = [&] { return test::rowOf(design(), "converter.feed+").load; };
    const Amps whole = current();
    pick("supply.unit.converter.wired_for", "loads");
    EXPECT_LT(current(), whole * 0.5);
    trigger("view.station.checks");
    const auto mend = [&] { return window->findChild<QPushButton*>("checks.mend.I3 converter.0"); };
    ASSERT_TRUE(QTest::qWaitFor([&] { return mend() != nullptr; }, 10000));
    mend()->click();
    EXPECT_EQ(current(), whole);
    EXPECT_EQ(test::findingOf(design(), "I3"), nullptr);
}

TEST_F(Units, ACardOpensWhereItStandsAndStaysOpen) {
    const auto panel = [&] { return window->findChild<QComboBox*>("supply.unit.mppt.panel"); };
    EXPECT_EQ(panel(), nullptr);  // its fields are made when it is opened
    window->findChild<QToolButton*>("supply.unit.mppt.open")->click();
    ASSERT_NE(panel(), nullptr);
    EXPECT_FALSE(panel()->parentWidget()->isHidden());
    pick("supply.unit.mppt.panel", "panel_120");
    EXPECT_FALSE(panel()->parentWidget()->isHidden());
    EXPECT_EQ(solarOf(plan().gear)->panel, "panel_120");
    window->findChild<QToolButton*>("supply.unit.mppt.open")->click();
    EXPECT_TRUE(panel()->parentWidget()->isHidden());
}

// Found by hand: an open card was squeezed after its battery was changed.
TEST_F(Units, AnOpenCardHasRoomForItsFields) {
    // Layouts settle by posted events, in a few rounds.
    const auto look = [&](const char* when) {
        const auto cut = [&]() -> QString {
            for (const auto* field : find<QFrame>("supply.unit.bank")->findChildren<QComboBox*>()) {
                if (field->height() < field->sizeHint().height()) {
                    return field->objectName();
                }
            }
            return {};
        };
        EXPECT_TRUE(QTest::qWaitFor([&] { return cut().isEmpty(); }, 5000))
            << when << " " << cut().toStdString();
    };
    window->findChild<QToolButton*>("supply.unit.bank.open")->click();
    look("opened");
    pick("supply.unit.bank.model", "flooded_225_6v");
    look("changed");
}

// Two 6 V batteries in series are 12 V; a 24 V one is one (own arithmetic).
TEST_F(Units, AnotherBatteryKeepsTheBanksVoltageWhereItCan) {
    pick("supply.unit.bank.model", "flooded_225_6v");
    EXPECT_EQ(bankOf(plan().gear).series, 2);
    EXPECT_EQ(design().gear.bank().system, volts(12));
    pick("supply.unit.bank.model", "lfp_24_100");
    EXPECT_EQ(bankOf(plan().gear).series, 1);
    EXPECT_EQ(design().gear.bank().system, volts(24));
    pick("supply.unit.bank.model", "agm_110");
    EXPECT_EQ(bankOf(plan().gear).series, 2);
    EXPECT_EQ(design().gear.bank().system, volts(24));
}

TEST_F(Units, WhatIsAddedStandsOpen) {
    trigger("supply.putIn.shore");
    QTest::qWait(0);
    const auto* head = window->findChild<QToolButton*>("supply.unit.shore.open");
    ASSERT_NE(head, nullptr);
    EXPECT_TRUE(head->isChecked());
    EXPECT_TRUE(QTest::qWaitFor([&] { return !head->visibleRegion().isEmpty(); }, 5000));
}

// Of a form's field: its text as if it had been typed and left.
void type(QWidget& window, const QString& name, const QString& text) {
    auto* field = window.findChild<QLineEdit*>(name);
    ASSERT_NE(field, nullptr) << name.toStdString();
    field->selectAll();
    QTest::keyClicks(field, text);
    QTest::keyClick(field, Qt::Key_Return);
}

TEST_F(Units, ASupplyPointOfTheVehicleIsSaidAndTakenFrom) {
    find<QPushButton>("supply.point.add")->click();
    ASSERT_EQ(plan().van.vehicle.points.size(), 1u);
    type(*window, "supply.point.point.fuse", "60 A");
    EXPECT_EQ(plan().van.vehicle.points.front().fuse, amps(60));
    type(*window, "supply.point.point.area", "16 mm2");
    EXPECT_EQ(plan().van.vehicle.points.front().area, squareMillimetres(16));
    // A question mark says that nobody knows.
    type(*window, "supply.point.point.area", "?");
    EXPECT_FALSE(plan().van.vehicle.points.front().area.has_value());
    pick("supply.unit.dcdc.from", "point");
    EXPECT_EQ(findConductor(design().wiring.circuit, ConductorId("engine.feed+"))->from.device,
              DeviceId("point.point"));
    find<QPushButton>("supply.point.point.remove")->click();
    EXPECT_TRUE(engineOf(plan().gear)->from.point.value.empty());
    EXPECT_TRUE(design().gear.findings.empty());
}

TEST_F(Units, ABanksGasAndHeaterAreSaidAtItsCard) {
    unfoldCards();
    EXPECT_EQ(window->findChild<QComboBox*>("supply.unit.bank.venting"), nullptr)
        << "lithium gives off no gas";
    pick("supply.unit.bank.model", "flooded_110");
    auto* venting = find<QComboBox>("supply.unit.bank.venting");
    ASSERT_NE(venting, nullptr);
    venting->setCurrentIndex(static_cast<int>(Venting::Box));
    emit venting->activated(venting->currentIndex());
    type(*window, "supply.unit.bank.opening", "30");
    EXPECT_EQ(bankOf(plan().gear).opening, squareMillimetres(3000));
    type(*window, "supply.unit.bank.heater", "60 W");
    ASSERT_TRUE(bankOf(plan().gear).heater.has_value());
    type(*window, "supply.unit.bank.heater.below", "2");
    EXPECT_EQ(bankOf(plan().gear).heater->below, celsius(2));
    type(*window, "supply.unit.bank.heater", "0");
    EXPECT_FALSE(bankOf(plan().gear).heater.has_value());
}

TEST_F(Units, AreFoundByNameAndCanBeJoinedAnotherWayFromThere) {
    trigger("edit.find");
    auto* finder = window->findChild<QDialog*>("finder");
    ASSERT_NE(finder, nullptr);
    auto* field = finder->findChild<QLineEdit*>("finder.field");
    QTest::keyClicks(field, "panel instead before main switch");
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_EQ(firstSourceOf<SolarChoice>(plan().gear)->way, WayId("before_switch"));
}

// With nothing chosen the drawer says what matters most, and what the last edit changed.
TEST_F(Units, TheDrawerSaysWhatMattersMostWhileNothingIsChosen) {
    window->selection().select(std::nullopt);
    auto* thread = window->findChild<QTextBrowser*>("drawer.thread");
    ASSERT_NE(thread, nullptr);
    const QString said = thread->toPlainText();
    EXPECT_TRUE(said.contains(QString::fromStdString(design().checks.findings.front().rule)));
    EXPECT_TRUE(said.contains("induction ring"));
    EXPECT_FALSE(said.contains("Last edit"));
    trigger("supply.putIn.inverter");
    window->selection().select(std::nullopt);
    EXPECT_TRUE(thread->toPlainText().contains("Last edit"));
}

// From Needs to Supply: the lamp's place and switch, and a circuit that is always live.
TEST_F(Units, AnAppliancesWiringIsChosenInNeedsAndItsCircuitInSupply) {
    trigger("view.station.needs");
    window->selection().select(subject(ApplianceId("router")));
    auto* wired = window->findChild<QToolButton*>("needs.wired");
    ASSERT_TRUE(wired->isEnabled());
    const auto choose = [&](const QString& name) {
        emit wired->menu()->aboutToShow();
        auto* action = wired->menu()->findChild<QAction*>(name);
        ASSERT_NE(action, nullptr) << name.toStdString();
        action->trigger();
    };
    const auto router = [&]() -> const Appliance& {
        return *std::ranges::find(plan().appliances, ApplianceId("router"), &Appliance::id);
    };
    choose("wired.place.galley");
    EXPECT_EQ(router().place, PlaceId("galley"));
    choose("wired.switch.1.seat");
    ASSERT_TRUE(router().switched.has_value());
    EXPECT_EQ(router().switched->kind, SwitchKind::TwoWay);
    choose("wired.switch.second.bed");
    EXPECT_EQ(router().switched->second, PlaceId("bed"));
    choose("wired.always_on");
    EXPECT_TRUE(router().alwaysOn);
    EXPECT_NE(
        findConductor(design().wiring.circuit, ConductorId("circuit.given.always.main.feed+")),
        nullptr);
    choose("wired.always_on");
    EXPECT_FALSE(router().alwaysOn);
    choose("wired.circuit.own");
    ASSERT_EQ(plan().gear.circuits.size(), 1u);
    trigger("view.station.supply");
    auto* live = find<QComboBox>("supply.circuit.own.live");
    ASSERT_NE(live, nullptr);
    live->setCurrentIndex(static_cast<int>(LiveWhen::Always));
    emit live->activated(live->currentIndex());
    EXPECT_NE(findConductor(design().wiring.circuit, ConductorId("main.always.feed+")), nullptr);
    find<QPushButton>("supply.circuit.own.remove")->click();
    EXPECT_TRUE(plan().gear.circuits.empty());
}

}  // namespace
}  // namespace spirk
