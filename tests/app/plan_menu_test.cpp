// SPDX-License-Identifier: GPL-3.0-or-later
// Region, units, own gear, accepted findings, recent plans and files of other versions.
#include <QComboBox>
#include <QDialog>
#include <QDropEvent>
#include <QLabel>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QRegularExpression>
#include <QTableView>
#include <QTextBrowser>
#include <QToolButton>
#include <fstream>

#include "core/files/read_file.h"
#include "core/library/gear_file.h"
#include "core/plan/plan_file.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class PlanMenuTest : public test::WindowTest {
protected:
    [[nodiscard]] const Plan& plan() const { return window->document().plan(); }
    [[nodiscard]] const Design& design() const { return *window->document().design(); }
};

TEST_F(PlanMenuTest, ARegionIsChosenInOneStepThatCanBeUndone) {
    trigger("file.demo");
    const Plan before = plan();
    trigger("plan.region.north_america");
    EXPECT_EQ(plan().region, "north_america");
    EXPECT_EQ(plan().units.length, LengthUnit::Foot);
    EXPECT_TRUE(find<QAction>("plan.region.north_america")->isChecked());
    const std::string size = format(test::rowOf(design(), "inverter.feed+").area);
    EXPECT_TRUE(size.ends_with("AWG")) << size;
    trigger("edit.undo");
    EXPECT_EQ(plan().region, before.region);
    EXPECT_EQ(plan().units, before.units);
}

TEST_F(PlanMenuTest, UnitsAreShownAndTypedInTables) {
    trigger("file.demo");
    trigger("plan.units.foot");
    trigger("plan.units.fahrenheit");
    auto* ways = find<QTableView>("cables.ways");
    EXPECT_TRUE(ways->model()->index(0, 2).data().toString().endsWith(" ft"));
    typeInto("cables.ways", 0, 2, "10");
    EXPECT_NEAR(plan().van.ways[0].length.si(), 3.048, 1e-9);
    typeInto("cables.ways", 0, 2, "2 m");
    EXPECT_EQ(plan().van.ways[0].length, metres(2));
    auto* places = find<QTableView>("cables.places");
    EXPECT_TRUE(places->model()->index(0, 1).data().toString().endsWith("°F"));
}

TEST_F(PlanMenuTest, AWayIsTiedAndItsCablesCarryLess) {
    trigger("file.demo");
    const Amps before = test::rowOf(design(), "engine.feed+").ampacity;
    auto* ways = find<QTableView>("cables.ways");
    for (int row = 0; row < ways->model()->rowCount(); ++row) {
        typeInto("cables.ways", row, 3, "yes");
    }
    EXPECT_EQ(plan().van.ways[0].bundling, Bundling::Tied);
    EXPECT_NE(test::rowOf(design(), "engine.feed+").ampacity, before);
}

TEST_F(PlanMenuTest, BothRegionsStandSideBySide) {
    trigger("file.demo");
    trigger("plan.sideBySide");
    auto* table = find<QTableView>("sideBySide.table");
    ASSERT_TRUE(QTest::qWaitFor([&] { return table->model() != nullptr; }, 30000));
    ASSERT_EQ(table->model()->columnCount(), 5);
    EXPECT_TRUE(table->model()->index(0, 1).data().toString().endsWith("mm²"));
    EXPECT_TRUE(table->model()->index(0, 3).data().toString().endsWith("AWG"));
    EXPECT_TRUE(find<QLabel>("sideBySide.head")->text().contains("North America"));
    find<QDialog>("sideBySide")->close();
}

TEST_F(PlanMenuTest, OwnGearIsEnteredChosenExportedAndImported) {
    trigger("file.demo");
    trigger("plan.gear.enter");
    find<QLineEdit>("ownGear.name")->setText("lithium battery, 170 Ah");
    find<QLineEdit>("ownGear.capacity_ah")->setText("no idea");
    find<QPushButton>("ownGear.keep")->click();
    EXPECT_TRUE(find<QLabel>("ownGear.problem")->text().contains("capacity"));
    EXPECT_TRUE(plan().own.batteries.empty());
    find<QLineEdit>("ownGear.capacity_ah")->setText("170");
    find<QPushButton>("ownGear.keep")->click();
    ASSERT_EQ(plan().own.batteries.size(), 1u);
    EXPECT_EQ(plan().own.batteries[0].capacity, ampHours(170));
    find<QDialog>("ownGear")->close();
    window->showStation("supply");
    auto* battery = find<QComboBox>("supply.unit.bank.model");
    const int own = battery->findText("lithium battery, 170 Ah");
    ASSERT_GE(own, 0);
    battery->setCurrentIndex(own);
    emit battery->activated(own);
    EXPECT_EQ(design().gear.bank().model->capacity, ampHours(170));

    nextSave = QString::fromStdString(test::temporaryPath("mine.spirkgear"));
    trigger("plan.gear.export");
    trigger("file.new");
    EXPECT_TRUE(plan().own.batteries.empty());
    nextOpen = nextSave;
    trigger("plan.gear.import");
    ASSERT_EQ(plan().own.batteries.size(), 1u);
    EXPECT_EQ(plan().own.batteries[0].name.english, "lithium battery, 170 Ah");
}

TEST_F(PlanMenuTest, ABadGearFileIsRefusedWithItsPlaces) {
    nextOpen = QString::fromStdString(test::temporaryPath("bad.spirkgear"));
    std::ofstream(nextOpen.toStdString()) << R"({"spirk_gear": 1, "batteries": [{"id": "x"}]})";
    trigger("plan.gear.import");
    EXPECT_TRUE(window->noticeText().contains("batteries[0].name"));
    EXPECT_TRUE(plan().own.batteries.empty());
}

TEST_F(PlanMenuTest, AFindingIsAcceptedWithAReasonAndStaysListed) {
    trigger("file.demo");
    trigger("view.station.checks");
    const int faults = openFindings(design()).faults;
    find<QToolButton>("checks.accept.B1 bank")->click();
    auto* reason = find<QLineEdit>("checks.reason.B1 bank");
    ASSERT_TRUE(reason->isVisible());
    QTest::keyClicks(reason, "We stay near a socket");
    QTest::keyClick(reason, Qt::Key_Return);
    EXPECT_EQ(openFindings(design()).faults, faults - 1);
    ASSERT_EQ(plan().accepted.size(), 1u);
    EXPECT_EQ(plan().accepted[0].reason, "We stay near a socket");
    QTest::qWait(0);
    find<QToolButton>("checks.accept.B1 bank")->click();
    EXPECT_TRUE(plan().accepted.empty());
}

TEST_F(PlanMenuTest, WhatCouldKillCannotBeAccepted) {
    trigger("file.demo");
    trigger("view.station.checks");
    EXPECT_EQ(window->findChild<QToolButton*>("checks.accept.MAINS inverter"), nullptr);
    EXPECT_EQ(window->findChild<QToolButton*>("checks.accept.W1 engine.feed+"), nullptr);
}

TEST_F(PlanMenuTest, FieldsOfANewerFileAreSaidAndKept) {
    std::string text = writePlan(test::aSmallVan());
    const std::string name = "\"name\": \"fridge\"";
    text.insert(text.find(name), "\"colour\": \"green\",\n      ");
    const std::string path = test::temporaryPath("newer.spirk");
    std::ofstream(path) << text;
    window->openFile(QString::fromStdString(path));
    EXPECT_TRUE(window->noticeText().contains("appliances[fridge].colour"));
    trigger("file.save");
    const auto saved = readFile(path);
    ASSERT_TRUE(saved.has_value());
    EXPECT_NE(saved->find("\"colour\": \"green\""), std::string::npos);
}

TEST_F(PlanMenuTest, SavedPlansAreRecentAndDemosAreNot) {
    trigger("file.demo");
    nextSave = QString::fromStdString(test::temporaryPath("mine.spirk"));
    trigger("file.saveAs");
    auto* recent = find<QMenu>("file.recent");
    emit recent->aboutToShow();
    ASSERT_EQ(recent->actions().size(), 1);
    EXPECT_EQ(recent->actions().front()->text(), "mine.spirk");
    trigger("file.new");
    recent->actions().front()->trigger();
    EXPECT_EQ(window->document().fileName(), nextSave);
}

TEST_F(PlanMenuTest, AFileIsDroppedOnTheWindow) {
    QMimeData data;
    const QString path = QString(SPIRK_DATA_DIR) + "/demo/paddler.spirk";
    data.setUrls({QUrl::fromLocalFile(path)});
    QDropEvent drop(QPointF(10, 10), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    // Without a drag before it the application would not deliver it.
    static_cast<QObject*>(window.get())->event(&drop);
    EXPECT_EQ(plan().name, "Paddler's micro van");
}

TEST_F(PlanMenuTest, TheWindowRemembersItsStation) {
    window->showStation("cables");
    window->rememberPlace();
    window->showStation("needs");
    window->restorePlace();
    EXPECT_TRUE(find<QWidget>("cables.table")->isVisible());
}

TEST_F(PlanMenuTest, AnythingIsFoundByItsWords) {
    trigger("file.demo");
    trigger("edit.find");
    auto* field = find<QLineEdit>("finder.field");
    auto* list = find<QAbstractItemView>("finder.list");
    QTest::keyClicks(field, "inverter positive bar to");
    ASSERT_GE(list->model()->rowCount(), 1);
    EXPECT_TRUE(list->currentIndex().data().toString().contains("positive bar to inverter"));
    QTest::keyClick(field, Qt::Key_Return);
    ASSERT_TRUE(window->selection().subject().has_value());
    EXPECT_EQ(window->selection().subject()->id, "inverter.feed+");
    QTest::qWait(0);
    trigger("edit.find");
    field = find<QLineEdit>("finder.field");
    QTest::keyClicks(field, "north america");
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_EQ(plan().region, "north_america");
}

TEST_F(PlanMenuTest, EveryDemoOpensWithoutADangerButUnplannedMains) {
    for (const char* demo : {"file.demo.stargazer", "file.demo.paddler"}) {
        trigger(demo);
        EXPECT_TRUE(window->noticeText().isEmpty()) << demo;
        for (const Finding& f : design().checks.findings) {
            // Mains that nobody has planned can kill, and stays one.
            EXPECT_TRUE(f.severity != Severity::Danger || f.rule == "MAINS") << demo << f.id;
        }
    }
}

// A tape of inches is read in quarters, at the bench as in the drawer.
TEST_F(PlanMenuTest, APieceIsCutByTheUnitsOfThePlan) {
    trigger("file.demo");
    trigger("plan.units.foot");
    window->selection().select(subject(ConductorId("inverter.feed+")));
    const QString drawer = find<QTextBrowser>("drawer.thread")->toPlainText();
    const auto* bench = find<QTableView>("build.cuts")->model();
    constexpr int kLength = 3;
    int seen = 0;
    for (std::size_t i = 0; i < design().build.cuts.size(); ++i) {
        if (design().build.cuts[i].conductor == ConductorId("inverter.feed+")) {
            const QString cut = bench->index(static_cast<int>(i), kLength).data().toString();
            EXPECT_TRUE(QRegularExpression("^\\d+( [123]/[24])? in$").match(cut).hasMatch())
                << cut.toStdString();
            EXPECT_TRUE(drawer.contains(cut)) << cut.toStdString();
            ++seen;
        }
    }
    EXPECT_GT(seen, 0);
}

}  // namespace
}  // namespace spirk
