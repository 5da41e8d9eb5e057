// SPDX-License-Identifier: GPL-3.0-or-later
// The instruments of the stations, one by one, in the real window.
#include <QComboBox>
#include <QListView>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QTabWidget>
#include <QTextBrowser>
#include <QToolButton>
#include <QUndoStack>
#include <algorithm>

#include "app/build/list_models.h"
#include "app/cables/time_current_view.h"
#include "app/checks/finding_card.h"
#include "app/diagram/diagram_view.h"
#include "app/needs/needs_model.h"
#include "app/shared/links.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "app/shell/rail.h"
#include "app/supply/marks_rule.h"
#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class Widgets : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
    }
};

TEST_F(Widgets, RailSaysWhatEachStationHasComeTo) {
    const auto* model = find<QListView>("rail")->model();
    ASSERT_EQ(model->rowCount(), 7);
    const QString summaries[] = {"3.69 kWh per day", "1.2 of 2 days"};
    for (int i = 0; i < 2; ++i) {
        EXPECT_EQ(model->index(i, 0).data(app::RailModel::SummaryRole).toString(), summaries[i]);
    }
    EXPECT_TRUE(
        model->index(4, 0).data(app::RailModel::SummaryRole).toString().startsWith("2 dangers, "));
    EXPECT_EQ(model->index(0, 0).data(app::RailModel::StateRole).toInt(),
              static_cast<int>(app::StationState::Settled));
    EXPECT_EQ(model->index(1, 0).data(app::RailModel::StateRole).toInt(),
              static_cast<int>(app::StationState::AtWork));
    trigger("file.new");
    EXPECT_EQ(model->index(0, 0).data(app::RailModel::StateRole).toInt(),
              static_cast<int>(app::StationState::Untouched));
    EXPECT_EQ(model->index(0, 0).data(app::RailModel::SummaryRole).toString(),
              "nothing listed yet");
}

TEST_F(Widgets, WhatIsNotThereIsNotCounted) {
    EXPECT_EQ(app::severityText({1, 2, 1}, 3), "1 danger, 2 faults, 1 advice");
    EXPECT_EQ(app::severityText({1, 2, 1}, 2), "1 danger, 2 faults");
    EXPECT_EQ(app::severityText({0, 1, 0}, 3), "1 fault");
    EXPECT_EQ(app::severityText({0, 0, 2}, 2), "2 advice");
    EXPECT_EQ(app::severityText({0, 0, 0}, 2), "nothing found");
}

TEST_F(Widgets, ANewPlanSaysThatNothingIsDrawnAndTakesAName) {
    trigger("file.new");
    const auto* model = find<QAbstractItemView>("rail")->model();
    EXPECT_EQ(model->index(1, 0).data(app::RailModel::SummaryRole).toString(), "nothing used yet");
    trigger("view.station.supply");
    enter("supply.name", "  Weekends at the lake ");
    EXPECT_EQ(plan().name, "Weekends at the lake");
    enter("supply.name", " ");
    EXPECT_EQ(plan().name, "Weekends at the lake");
    EXPECT_TRUE(window->windowTitle().contains("Weekends at the lake"));
}

TEST_F(Widgets, TheCatalogueIsSortedByWhatThingsAreFor) {
    const auto* menu = find<QPushButton>("needs.add")->menu();
    ASSERT_NE(menu, nullptr);
    QStringList sections;
    std::size_t entries = 0;
    for (const QAction* action : menu->actions()) {
        if (action->menu() != nullptr) {
            sections << action->text();
            entries += static_cast<std::size_t>(action->menu()->actions().size());
        }
    }
    ASSERT_FALSE(sections.isEmpty());
    EXPECT_EQ(sections.front(), "Kitchen");
    EXPECT_TRUE(sections.contains("Light"));
    EXPECT_EQ(entries, test::library().appliances.size());
    EXPECT_EQ(menu->actions().back()->objectName(), "needs.add.own");
}

TEST_F(Widgets, EmptyNeedsTeachAndOfferOneButton) {
    trigger("file.new");
    auto* first = find<QPushButton>("needs.add.first");
    EXPECT_TRUE(first->isVisible());
    QTest::mouseClick(first, Qt::LeftButton);
    EXPECT_FALSE(first->isVisible());
    EXPECT_EQ(plan().appliances.size(), 1u);
}

TEST_F(Widgets, WhyASizeEndsWithWhatItWasComparedWith) {
    auto* why = find<QTextBrowser>("drawer.why");
    window->selection().askWhy(FigureId("cable.inverter.feed+.size"));
    EXPECT_TRUE(why->toPlainText().contains("Comparing"));
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return why->toPlainText().contains("Compared with"); }, 20000));
    EXPECT_TRUE(why->toPlainText().contains("Decided by")) << why->toPlainText().toStdString();
    EXPECT_TRUE(why->toPlainText().contains("50 mm²"));
    // Of a figure that is no choice nothing is compared.
    window->selection().askWhy(FigureId("supply.days"));
    QTest::qWait(400);
    EXPECT_FALSE(why->toPlainText().contains("Compar"));
}

TEST_F(Widgets, TheTableNamesTheDecidingLoad) {
    const auto* model = find<QAbstractItemView>("needs.table")->model();
    int strong = 0;
    for (int row = 0; row < model->rowCount(); ++row) {
        const QFont font =
            model->index(row, app::NeedsModel::Name).data(Qt::FontRole).value<QFont>();
        strong += font.weight() >= QFont::DemiBold ? 1 : 0;
        if (font.weight() >= QFont::DemiBold) {
            EXPECT_EQ(cell("needs.table", row, app::NeedsModel::Name), "induction ring");
        }
    }
    EXPECT_EQ(strong, 1);
}

TEST_F(Widgets, EveryColumnOfNeedsCanBeEdited) {
    typeInto("needs.table", 0, app::NeedsModel::Supply, "12 V");
    EXPECT_EQ(plan().appliances[0].feed, Feed::Dc);
    EXPECT_EQ(plan().appliances[0].supplied, Supplied::Twelve);
    typeInto("needs.table", 0, app::NeedsModel::Supply, "12/24V");
    EXPECT_EQ(plan().appliances[0].supplied, Supplied::Either);
    EXPECT_EQ(cell("needs.table", 0, app::NeedsModel::Supply), "12/24 V");
    typeInto("needs.table", 0, app::NeedsModel::Count, "2");
    EXPECT_EQ(plan().appliances[0].count, 2);
    typeInto("needs.table", 0, app::NeedsModel::Measured, "");
    EXPECT_FALSE(plan().appliances[0].measured.has_value());
    typeInto("needs.table", 0, app::NeedsModel::Start, "6:30");
    EXPECT_EQ(plan().appliances[0].uses.front().start, hours(6.5));
    typeInto("needs.table", 0, app::NeedsModel::Together, "alone");
    EXPECT_EQ(plan().appliances[0].runs, Runs::Alone);
    typeInto("needs.table", 0, app::NeedsModel::Together, "sometimes");
    EXPECT_EQ(plan().appliances[0].runs, Runs::Alone);
    EXPECT_TRUE(window->noticeText().contains("neither together nor alone"));
}

TEST_F(Widgets, ARuleAnswersWhyByMouseAndByKeyboard) {
    trigger("view.station.supply");
    auto* why = find<QTextBrowser>("drawer.why");
    std::vector<app::MarksRule*> rules;
    for (const char* name : {"bank", "sun", "engine", "inverter"}) {
        rules.push_back(find<app::MarksRule>(("supply.rule." + std::string(name)).c_str()));
    }
    QTest::mouseClick(rules[0], Qt::LeftButton);
    EXPECT_TRUE(why->toPlainText().contains("E = E_day · days"));
    rules[3]->setFocus();
    QTest::keyClick(rules[3], Qt::Key_Return);
    EXPECT_TRUE(why->toPlainText().contains("Worst case on the inverter"));
    QTest::keyClick(rules[3], Qt::Key_Return, Qt::ShiftModifier);
    EXPECT_TRUE(why->toPlainText().contains("Inverter chosen"));
    QTest::keyClick(rules[3], Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(why->toPlainText().contains("Most power the bank can give the inverter"));
    QTest::keyClick(rules[2], Qt::Key_Return, Qt::ShiftModifier);
    EXPECT_TRUE(why->toPlainText().contains("Engine charging chosen"));
    // The label of the chosen mark lies under the beginning of its bar.
    const QPoint chosen(20, rules[0]->fontMetrics().height() * 29 / 10 + 14);
    QTest::mouseClick(rules[0], Qt::LeftButton, {}, chosen);
    EXPECT_TRUE(why->toPlainText().contains("Bank chosen, usable energy"));
    EXPECT_TRUE(rules[0]->accessibleName().contains("Needed 7.39 kWh, chosen 4.43 kWh"));
}

TEST_F(Widgets, GearCanBeTakenOutAndComesBackWithDefaults) {
    trigger("view.station.supply");
    find<QPushButton>("supply.unit.inverter.remove")->click();
    EXPECT_EQ(inverterOf(plan().gear), nullptr);
    EXPECT_EQ(window->findChild<QWidget*>("supply.unit.inverter"), nullptr);
    trigger("supply.putIn.inverter");
    ASSERT_NE(inverterOf(plan().gear), nullptr);
    EXPECT_EQ(inverterOf(plan().gear)->onPerDay, hours(1));
}

TEST_F(Widgets, TheChosenConductorHasItsTimeCurrentPicture) {
    trigger("view.station.cables");
    window->selection().select(std::nullopt);
    auto* picture = find<app::TimeCurrentView>("cables.timeCurrent");
    EXPECT_TRUE(picture->inWords().contains("Select a conductor"));
    window->selection().select(subject(ConductorId("inverter.feed+")));
    EXPECT_TRUE(picture->inWords().contains("opens within"));
    EXPECT_EQ(picture->accessibleDescription(), picture->inWords());
    // One row of the legend for the fuse's band, its cable, its load and both short circuits.
    EXPECT_EQ(picture->named().size(), 5);
    EXPECT_TRUE(picture->named().at(2).startsWith("load, "));
    EXPECT_FALSE(picture->grab().isNull());
    // Panels of one string need no fuse: the legend does not name one.
    const auto& rows = window->document().design()->cables.rows;
    const auto bare = std::ranges::find_if(rows, [](const auto& r) { return !r.protectedBy; });
    ASSERT_NE(bare, rows.end());
    window->selection().select(subject(bare->id));
    EXPECT_TRUE(picture->inWords().contains("No fuse"));
    EXPECT_FALSE(picture->named().join(' ').contains("fuse opens"));
}

TEST_F(Widgets, DiagramClosesABlockToABoxAndOpensItAgain) {
    trigger("view.station.diagram");
    auto* view = find<app::DiagramView>("diagram.view");
    const std::size_t open = view->geometry().wires.size();
    window->selection().select(subject(DeviceId("fuseblock")));
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Return);
    EXPECT_LT(view->geometry().wires.size(), open);
    view->toggleClosed(DeviceId("fuseblock"));
    EXPECT_EQ(view->geometry().wires.size(), open);
}

TEST_F(Widgets, DiagramKeepsItsMomentWhenGearChanges) {
    window->showStation("diagram");
    auto* moments = find<QComboBox>("diagram.moment");
    moments->setCurrentText("Noon sun, nothing running");
    Plan next = plan();
    takeOutEngine(next.gear);
    window->document().push("no engine", next);
    EXPECT_EQ(moments->currentText(), "Noon sun, nothing running");
    next = plan();
    takeOutSolar(next.gear);
    window->document().push("no sun", next);
    EXPECT_EQ(moments->currentIndex(), 0);
}

TEST_F(Widgets, ZoomButtonsAndFit) {
    trigger("view.station.diagram");
    auto* view = find<app::DiagramView>("diagram.view");
    QTest::mouseClick(find<QToolButton>("diagram.fit"), Qt::LeftButton);
    const double whole = view->scale();
    EXPECT_LE(view->geometry().bounds.w * whole, view->viewport()->width() + 1);
    QTest::mouseClick(find<QToolButton>("diagram.readable"), Qt::LeftButton);
    EXPECT_GE(view->scale(), 1.0);
    QTest::mouseClick(find<QToolButton>("diagram.zoomOut"), Qt::LeftButton);
    QTest::mouseClick(find<QToolButton>("diagram.zoomIn"), Qt::LeftButton);
    EXPECT_NEAR(view->scale(), 1.0, 0.45);
}

TEST_F(Widgets, PlacesWaysAndDevicesAreEditedAsTables) {
    trigger("view.station.cables");
    find<QTabWidget>("cables.tabs")->setCurrentIndex(1);
    typeInto("cables.places", 0, 1, "55");
    EXPECT_EQ(plan().van.places[0].ambient, celsius(55));
    typeInto("cables.ways", 1, 2, "12 ft");
    EXPECT_NEAR(plan().van.ways[1].length.si(), 3.6576, 1e-9);
    const int inverter = [&] {
        const auto* model = find<QAbstractItemView>("cables.placed")->model();
        for (int row = 0; row < model->rowCount(); ++row) {
            if (model->index(row, 0).data().toString() == "inverter, 2000 W") {
                return row;
            }
        }
        return -1;
    }();
    ASSERT_GE(inverter, 0);
    typeInto("cables.placed", inverter, 1, "bed");
    EXPECT_EQ(plan().van.placed.at(DeviceId("inverter")), PlaceId("bed"));
    const Plan before = plan();
    typeInto("cables.placed", inverter, 1, "attic");
    EXPECT_EQ(plan(), before);
    EXPECT_TRUE(window->noticeText().contains("There is no place 'attic'"));
    typeInto("cables.places", 0, 0, "  ");
    EXPECT_EQ(plan(), before);
    EXPECT_TRUE(window->noticeText().contains("A place needs a name."));
}

TEST_F(Widgets, OnlyWhatAPersonDecidesCanBeTyped) {
    const auto editable = [&](const char* table, int column) {
        const auto* model = find<QAbstractItemView>(table)->model();
        return (model->flags(model->index(0, column)) & Qt::ItemIsEditable) != 0;
    };
    EXPECT_TRUE(editable("needs.table", 0));
    EXPECT_FALSE(editable("needs.table", app::NeedsModel::Energy));
    EXPECT_FALSE(editable("needs.table", app::NeedsModel::Share));
    EXPECT_TRUE(editable("cables.places", 0));
    EXPECT_FALSE(editable("cables.ways", 0));
    EXPECT_TRUE(editable("cables.ways", 2));
    EXPECT_FALSE(editable("cables.placed", 0));
    EXPECT_FALSE(editable("cables.table", 0));
    EXPECT_FALSE(editable("cables.table", 2));
}

TEST_F(Widgets, EveryFindingHasACardWithItsMends) {
    trigger("view.station.checks");
    const auto cards = window->findChildren<app::FindingCard*>();
    EXPECT_EQ(static_cast<std::size_t>(cards.size()), design().checks.findings.size());
    awaitMends();
    for (const Finding& f : design().checks.findings) {
        const auto offered = mendsToOffer(design(), test::library(), f);
        for (std::size_t i = 0; i < f.mends.size(); ++i) {
            const auto* button = window->findChild<QPushButton*>(
                QString("checks.mend.%1.%2").arg(QString::fromStdString(f.id)).arg(i));
            EXPECT_EQ(button != nullptr, i < offered.size()) << f.id;
            EXPECT_TRUE(button == nullptr || button->isVisible()) << f.id;
        }
    }
}

TEST_F(Widgets, ShowWhereChoosesThePart) {
    trigger("view.station.checks");
    QTest::mouseClick(find<QToolButton>("checks.where.W1 engine.feed+"), Qt::LeftButton);
    EXPECT_EQ(window->selection().subject()->id, "engine.feed+");
    EXPECT_TRUE(find<QTextBrowser>("drawer.thread")->toPlainText().contains("danger W1."));
}

TEST_F(Widgets, BuildListsAreThoseOfTheDesign) {
    EXPECT_EQ(find<QAbstractItemView>("build.cuts")->model()->rowCount(),
              static_cast<int>(design().build.cuts.size()));
    EXPECT_EQ(find<QAbstractItemView>("build.labels")->model()->rowCount(),
              static_cast<int>(design().build.labels.size() + design().build.warnings.size()));
    auto* cuts = find<QAbstractItemView>("build.cuts");
    cuts->setCurrentIndex(cuts->model()->index(4, 0));
    EXPECT_EQ(window->selection().subject()->id, design().build.cuts[4].conductor.value);
}

TEST_F(Widgets, TheSheetShowsCautionsAndExpectedReadings) {
    trigger("view.station.powerup");
    const QString text = find<QTextBrowser>("powerup.sheet")->toPlainText();
    for (const char* part :
         {"Rings and watch off", "absorption", "14.20 V", "current out of the bank", "unplugged"}) {
        EXPECT_TRUE(text.contains(part)) << part;
    }
    QTest::mouseClick(find<QPushButton>("powerup.print"), Qt::LeftButton);
    EXPECT_GE(printed, 2u);
}

TEST_F(Widgets, ThreadOfAConductorGoesFromLoadToLabel) {
    window->selection().select(subject(ConductorId("engine.feed+")));
    const QString text = find<QTextBrowser>("drawer.thread")->toPlainText();
    for (const char* part : {"Current",
                             "Fuse",
                             "Size",
                             "Ampacity",
                             "Length",
                             "Drop",
                             "Short circuit",
                             "Terminals",
                             "Label",
                             "Piece",
                             "Current in each situation",
                             "Driving"}) {
        EXPECT_TRUE(text.contains(part)) << part;
    }
}

TEST_F(Widgets, ThreadOfADeviceNamesItsConductorsAndSettings) {
    window->selection().select(subject(DeviceId("mppt")));
    const QString text = find<QTextBrowser>("drawer.thread")->toPlainText();
    for (const char* part : {"Place", "Terminal bat+", "absorption: 14.20 V", "Switch-on"}) {
        EXPECT_TRUE(text.contains(part)) << part;
    }
}

TEST_F(Widgets, ThreadOfSomethingThatHasGoneIsNoCrash) {
    window->selection().select(subject(ConductorId("no.such+")));
    window->selection().select(subject(DeviceId("nothing")));
    window->selection().select(subject(ApplianceId("nobody")));
    SUCCEED();
}

TEST_F(Widgets, LinksOfTheDrawerSurviveOddIds) {
    const Subject odd{SubjectKind::Conductor, "circuit.a/b c+%"};
    EXPECT_EQ(app::subjectOf(app::selectLink(odd)), odd);
    EXPECT_FALSE(app::subjectOf("why:x").has_value());
}

TEST_F(Widgets, DrawerCanBeHidden) {
    trigger("view.drawer");
    EXPECT_FALSE(find<app::Drawer>("drawer")->isVisible());
    trigger("view.drawer");
    EXPECT_TRUE(find<app::Drawer>("drawer")->isVisible());
}

TEST_F(Widgets, ALargePlanIsPaintedInEveryStation) {
    Plan next = plan();
    for (int i = 0; i < 60; ++i) {
        next.appliances.push_back(test::aLoad(
            "extra" + std::to_string(i), watts(15 + 5 * i), static_cast<Category>(i % 6)));
    }
    window->document().push("many", next);
    for (const QString& id : window->stationIds()) {
        window->showStation(id);
        EXPECT_FALSE(window->grab().isNull()) << id.toStdString();
    }
}

}  // namespace
}  // namespace spirk
