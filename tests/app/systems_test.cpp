// SPDX-License-Identifier: GPL-3.0-or-later
// The systems of tests/systems in a real window: each goes through all stations, is printed, and an
// edit of it is undone. And the cards of what only some vans have.
#include <QCheckBox>
#include <QComboBox>
#include <QMenu>
#include <QPushButton>
#include <QTableView>
#include <QWheelEvent>
#include <filesystem>

#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "paper/pages.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

namespace fs = std::filesystem;

class Systems : public test::WindowTest {
protected:
    void open(const std::string& name) {
        nextOpen = QString::fromStdString(
            (fs::path(SPIRK_SOURCE_DIR) / "tests/systems" / (name + ".spirk")).string());
        trigger("file.open");
        ASSERT_FALSE(plan().gear.banks.empty());
        trigger("view.station.supply");
    }
    void pick(const QString& box, int nth) {
        auto* combo = find<QComboBox>(qPrintable(box));
        ASSERT_NE(combo, nullptr) << box.toStdString();
        combo->setCurrentIndex(nth);
        emit combo->activated(nth);
    }
    void click(const QString& button) {
        auto* found = find<QAbstractButton>(qPrintable(button));
        ASSERT_NE(found, nullptr) << button.toStdString();
        found->click();
        QTest::qWait(0);
    }
};

TEST_F(Systems, GoThroughAllStationsOntoPaperAndBack) {
    for (const auto& entry : fs::directory_iterator(fs::path(SPIRK_SOURCE_DIR) / "tests/systems")) {
        SCOPED_TRACE(entry.path().stem().string());
        open(entry.path().stem().string());
        for (const char* station :
             {"needs", "supply", "diagram", "cables", "checks", "build", "powerup"}) {
            trigger(("view.station." + std::string(station)).c_str());
            QTest::qWait(0);
        }
        for (const PaperDocument paper :
             {PaperDocument::Diagram, PaperDocument::Lists, PaperDocument::SwitchOnSheet}) {
            const auto files =
                drawn(pagesOf(paper, design(), window->document().library()), "t", "t.svg");
            ASSERT_TRUE(files.has_value());
            EXPECT_FALSE(files->empty());
        }
        const Plan before = plan();
        Plan next = before;
        next.trip.daysWithoutSun += 1.0;
        window->document().push("a day more", next);
        trigger("edit.undo");
        EXPECT_EQ(plan(), before);
        window->document().undoStack().setClean();
    }
}

TEST_F(Systems, ABatteryIsLetToDifferAndIsAsTheOthersAgain) {
    open("tourer");
    click("supply.unit.bank.unlike.add");
    ASSERT_EQ(bankOf(plan().gear).unlike.size(), 1u);
    enter("supply.unit.bank.unlike.0.left", "60 %");
    EXPECT_NEAR(bankOf(plan().gear).unlike.front().left, 0.6, 1e-9);
    EXPECT_NE(test::findingOf(design(), "B5"), nullptr);
    click("supply.unit.bank.unlike.0.remove");
    EXPECT_TRUE(bankOf(plan().gear).unlike.empty());
}

TEST_F(Systems, ADisplayGetsASensorAndAPlaceForIt) {
    open("tourer");
    trigger("supply.putIn.monitor");
    click("supply.unit.monitor.sensor.add");
    ASSERT_EQ(plan().gear.monitors.front().sensors.size(), 1u);
    pick("supply.unit.monitor.sensor.sensor.senses", 1);
    EXPECT_EQ(plan().gear.monitors.front().sensors.front().senses, Senses::Temperature);
    pick("supply.unit.monitor.sensor.sensor.place", 2);
    EXPECT_EQ(plan().gear.monitors.front().sensors.front().place, plan().van.places.at(2).id);
    click("supply.unit.monitor.sensor.sensor.remove");
    EXPECT_TRUE(plan().gear.monitors.front().sensors.empty());
}

TEST_F(Systems, AModuleTakesAUnitFromAnother) {
    open("bed_box");
    click("supply.module.seat.has.inverter");
    const std::vector<ModuleChoice>& modules = plan().gear.modules;
    EXPECT_EQ(std::ranges::count(modules[0].units, UnitId("inverter")), 0);
    EXPECT_EQ(std::ranges::count(modules[2].units, UnitId("inverter")), 1);
    click("supply.module.seat.remove");
    EXPECT_EQ(plan().gear.modules.size(), 2u);
}

TEST_F(Systems, MorePanelsWantAControllerThatIsThere) {
    open("old_van");
    trigger("supply.putIn.panels");
    EXPECT_EQ(design().gear.besides.size(), 1u);
    open("hand_me_down");
    EXPECT_FALSE(find<QAction>("supply.putIn.panels")->isEnabled());
}

TEST_F(Systems, ASupplyPointBecomesOneFeedForSeveral) {
    open("both_poles");
    pick("supply.point.hitch.laid", 1);
    pick("supply.point.hitch.at", 1);
    EXPECT_EQ(plan().van.vehicle.points.front().laid, PointLaid::New);
    EXPECT_EQ(plan().van.vehicle.points.front().at, PointAt::Alternator);
    EXPECT_NE(firstOf(design().wiring.circuit, DeviceKind::FeedSplit), nullptr);
}

TEST_F(Systems, TheNegativeIsYellowOrBlackWhereTheRegionLeavesAChoice) {
    open("library_bus");
    trigger("plan.negative.black");
    EXPECT_EQ(plan().negative, "black");
    const auto cut = std::ranges::find_if(
        design().build.cuts, [](const CutPiece& c) { return english(c.colour) == "yellow"; });
    EXPECT_EQ(cut, design().build.cuts.end());
    open("tourer");
    EXPECT_FALSE(find<QMenu>("plan.negative")->menuAction()->isEnabled());
}

// A wheel that scrolls the page must not change what lies under it.
TEST_F(Systems, TheWheelOverAFieldChangesNothing) {
    open("old_van");
    click("supply.unit.bank.open");
    const Plan before = plan();
    for (const char* field : {"supply.unit.bank.fuses", "supply.unit.bank.count"}) {
        auto* under = window->findChild<QWidget*>(field);
        ASSERT_NE(under, nullptr) << field;
        const QPointF at(5, 5);
        QWheelEvent down(at,
                         under->mapToGlobal(at),
                         QPoint(),
                         QPoint(0, -120),
                         Qt::NoButton,
                         Qt::NoModifier,
                         Qt::NoScrollPhase,
                         false);
        QApplication::sendEvent(under, &down);
    }
    EXPECT_EQ(plan(), before);
}

TEST_F(Systems, CableThatIsOwnedIsEnteredAndUsed) {
    open("tourer");
    nextEntry = "4 m of 16 mm²";
    trigger("plan.cables");
    ASSERT_EQ(plan().cables.size(), 1u);
    EXPECT_FALSE(plan().amendments.empty());
    trigger("edit.undo");
    EXPECT_TRUE(plan().cables.empty());
    EXPECT_TRUE(plan().amendments.empty());
    nextEntry = "a reel";
    trigger("plan.cables");
    EXPECT_TRUE(plan().cables.empty());
}

TEST_F(Systems, WaysAreComparedOnThePlanAndOneIsTaken) {
    open("old_van");
    click("supply.unit.bank.compare");
    auto* table = window->findChild<QTableView*>("ways.table");
    ASSERT_NE(table, nullptr);
    QTRY_VERIFY(table->model() != nullptr && table->model()->columnCount() == 3);
    // By the table's order: equal leads, both at one, opposite ends; the last is the plan's.
    EXPECT_EQ(table->model()->index(0, 2).data().toString(), "yes");
    table->selectColumn(0);
    click("ways.take");
    EXPECT_EQ(bankOf(plan().gear).way.value, "equal_leads");
    QTRY_COMPARE(table->model()->index(0, 0).data().toString(), QString("yes"));
}

}  // namespace
}  // namespace spirk
