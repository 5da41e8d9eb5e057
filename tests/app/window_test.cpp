// SPDX-License-Identifier: GPL-3.0-or-later
// One behaviour each, in the real window.
#include "tests/app/window.h"

#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QListView>
#include <QPushButton>
#include <QSpinBox>
#include <QTextBrowser>
#include <QToolButton>
#include <QUndoStack>
#include <algorithm>

#include "app/cables/cables_model.h"
#include "app/diagram/diagram_view.h"
#include "app/needs/needs_model.h"
#include "app/shared/theme.h"
#include "core/plan/edit.h"

namespace spirk {
namespace {

class Window : public test::WindowTest {
protected:
    int rowOf(const char* conductor) {
        auto* model =
            static_cast<app::CablesModel*>(find<QAbstractItemView>("cables.table")->model());
        return model->rowOf(ConductorId(conductor));
    }
    bool has(const std::string& rule) { return test::findingOf(design(), rule) != nullptr; }
};

TEST_F(Window, AWrongEntryKeepsTheLastGoodValueAndSaysWhy) {
    trigger("file.demo");
    const Plan before = plan();
    for (const char* bad : {"-5", "lots", "nan", "1e999", "99999999 kW", ""}) {
        typeInto("needs.table", 0, app::NeedsModel::Rated, bad);
        EXPECT_EQ(plan(), before) << bad;
        EXPECT_NE(window->noticeText(), "") << bad;
        EXPECT_NE(window->noticeText().indexOf("300 W"), -1) << window->noticeText().toStdString();
    }
    EXPECT_EQ(cell("needs.table", 0, app::NeedsModel::Rated), "300 W");
}

TEST_F(Window, AWrongEntryInAFormIsSaidBesideIt) {
    trigger("file.demo");
    trigger("view.station.supply");
    enter("supply.days", "minus two");
    EXPECT_EQ(plan().trip.daysWithoutSun, 2.0);
    auto* field = find<QLineEdit>("supply.days");
    const auto labels = field->parentWidget()->findChildren<QLabel*>();
    EXPECT_TRUE(std::ranges::any_of(
        labels, [](const QLabel* l) { return l->isVisible() && l->text().contains("Kept: 2"); }));
    enter("supply.days", "1,5");
    EXPECT_EQ(plan().trip.daysWithoutSun, 1.5);
}

// The mark's brush once filled the frame of the focus, and with it the entry's name.
TEST_F(Window, TheChosenStationCanBeReadWhileItHasTheFocus) {
    trigger("file.demo");
    auto* rail = find<QListView>("rail");
    const QModelIndex supply = rail->model()->index(1, 0);
    QTest::mouseClick(
        rail->viewport(), Qt::LeftButton, Qt::NoModifier, rail->visualRect(supply).center());
    rail->setFocus();
    const QImage image = rail->viewport()->grab(rail->visualRect(supply)).toImage();
    const QColor ground = app::currentInk().surface;
    int asGround = 0;
    for (int y = 0; y < image.height(); ++y) {
        for (int x = 0; x < image.width(); ++x) {
            asGround += image.pixelColor(x, y) == ground ? 1 : 0;
        }
    }
    EXPECT_GT(asGround, image.width() * image.height() / 2);
}

TEST_F(Window, ABadFileLeavesWhatWasOpen) {
    trigger("file.demo");
    const Plan before = plan();
    nextOpen = QString::fromStdString(test::temporaryPath("broken.spirk"));
    QFile file(nextOpen);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("{\"spirk_format\": 1, \"name\": ");
    file.close();
    trigger("file.open");
    EXPECT_EQ(plan(), before);
    EXPECT_TRUE(window->noticeText().contains("was not opened"));
    EXPECT_TRUE(window->noticeText().contains("line 1"));
}

TEST_F(Window, TheDemoIsNeverOverwritten) {
    trigger("file.demo");
    nextSave.clear();
    typeInto("needs.table", 0, app::NeedsModel::Rated, "310");
    trigger("file.save");  // asks where to, and is answered with nothing
    EXPECT_TRUE(window->isWindowModified());
}

TEST_F(Window, UnsavedChangesAreAskedAboutAndCancelStays) {
    trigger("file.demo");
    typeInto("needs.table", 0, app::NeedsModel::Rated, "310");
    unsavedAnswer = app::UnsavedAnswer::Cancel;
    trigger("file.new");
    EXPECT_EQ(unsavedAsked, 1);
    EXPECT_FALSE(plan().appliances.empty());
    unsavedAnswer = app::UnsavedAnswer::Discard;
    trigger("file.new");
    EXPECT_TRUE(plan().appliances.empty());
}

TEST_F(Window, OneSelectionInAllStations) {
    trigger("file.demo");
    window->selection().select(subject(ConductorId("inverter.feed+")));
    EXPECT_EQ(find<QAbstractItemView>("cables.table")->currentIndex().row(),
              rowOf("inverter.feed+"));
    EXPECT_TRUE(
        find<QTextBrowser>("drawer.thread")->toPlainText().contains("positive bar to inverter"));
    auto* table = find<QAbstractItemView>("cables.table");
    table->setCurrentIndex(table->model()->index(rowOf("main.feed+"), 1));
    EXPECT_EQ(window->selection().subject()->id, "main.feed+");
    auto* needs = find<QAbstractItemView>("needs.table");
    needs->setCurrentIndex(needs->model()->index(7, 0));
    EXPECT_EQ(window->selection().subject()->id, "fridge");
    EXPECT_TRUE(find<QTextBrowser>("drawer.thread")->toPlainText().contains("Share of the day"));
}

TEST_F(Window, AClickInTheDiagramChoosesWhatLiesThere) {
    trigger("file.demo");
    trigger("view.station.diagram");
    auto* view = find<app::DiagramView>("diagram.view");
    view->fit();
    const auto placed =
        std::ranges::find(view->geometry().devices, DeviceId("inverter"), &PlacedDevice::id);
    const Point c = placed->rect.center();
    QTest::mouseClick(
        view->viewport(),
        Qt::LeftButton,
        {},
        QPoint(static_cast<int>(c.x * view->scale()), static_cast<int>(c.y * view->scale())));
    ASSERT_TRUE(window->selection().subject().has_value());
    EXPECT_EQ(window->selection().subject()->id, "inverter");
}

TEST_F(Window, TheDiagramIsWalkedByKeyboard) {
    trigger("file.demo");
    trigger("view.station.diagram");
    auto* view = find<app::DiagramView>("diagram.view");
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Right);
    ASSERT_TRUE(window->selection().subject().has_value());
    const std::string first = window->selection().subject()->id;
    QTest::keyClick(view, Qt::Key_Right);
    EXPECT_NE(window->selection().subject()->id, first);
    QTest::keyClick(view, Qt::Key_Left);
    EXPECT_EQ(window->selection().subject()->id, first);
    const double scale = view->scale();
    QTest::keyClick(view, Qt::Key_Plus);
    EXPECT_GT(view->scale(), scale);
}

TEST_F(Window, AMomentShowsItsAmps) {
    trigger("file.demo");
    trigger("view.station.diagram");
    auto* moments = find<QComboBox>("diagram.moment");
    ASSERT_EQ(moments->count(), static_cast<int>(design().moments.size()) + 1);
    auto* view = find<app::DiagramView>("diagram.view");
    const QImage before = view->grab().toImage();
    moments->setCurrentIndex(1);
    EXPECT_NE(view->grab().toImage(), before);
}

TEST_F(Window, AMendIsOneUndoStepAndTheStripSaysWhatItDid) {
    trigger("file.demo");
    trigger("view.station.checks");
    ASSERT_TRUE(has("W1"));
    awaitMends();
    QPushButton* mend = nullptr;
    for (QPushButton* b : window->findChildren<QPushButton*>()) {
        mend = b->objectName().startsWith("checks.mend.W1") && mend == nullptr ? b : mend;
    }
    ASSERT_NE(mend, nullptr);
    const int before = window->document().undoStack().count();
    QTest::mouseClick(mend, Qt::LeftButton);
    EXPECT_FALSE(has("W1"));
    EXPECT_EQ(window->document().undoStack().count(), before + 1);
    EXPECT_TRUE(find<QLabel>("strip.consequence")->text().contains("1 danger fewer"));
    trigger("edit.undo");
    EXPECT_TRUE(has("W1"));
}

TEST_F(Window, SizeFuseAndLengthAreAmendedInPlaceAndTakenBack) {
    trigger("file.demo");
    trigger("view.station.cables");
    const int row = rowOf("inverter.feed+");
    // 67.4 mm² (ASTM B258), where 50 and 70 are sold: no more than 50 is there.
    typeInto("cables.table", row, app::CablesModel::Size, "2/0");
    EXPECT_EQ(test::rowOf(design(), "inverter.feed+").area, squareMillimetres(50));
    EXPECT_TRUE(has("W26"));
    typeInto("cables.table", row, app::CablesModel::Fuse, "225");
    EXPECT_EQ(test::rowOf(design(), "inverter.feed+").fuseFrom->rating, amps(225));
    typeInto("cables.table", row, app::CablesModel::Length, "3 ft");
    EXPECT_EQ(plan().amendments.size(), 5u);
    const Plan amendedPlan = plan();
    typeInto("cables.table", row, app::CablesModel::Length, "much");
    EXPECT_EQ(plan(), amendedPlan);
    typeInto("cables.table", row, app::CablesModel::Size, "");
    EXPECT_FALSE(test::rowOf(design(), "inverter.feed+").areaAmended);
}

TEST_F(Window, TheAmendMenuInsertsLeavesOutAndMoves) {
    trigger("file.demo");
    const std::size_t before = plan().amendments.size();
    window->selection().select(subject(ConductorId("inverter.feed+")));
    emit find<QMenu>("amend.putIn")->aboutToShow();
    trigger("amend.putIn.isolator");
    EXPECT_NE(findDevice(design().wiring.circuit, DeviceId("inverter.feed+.isolator")), nullptr);
    // As thick as the main fuse protects it needs none of its own; thinner it does.
    typeInto("cables.table", rowOf("inverter.feed+"), app::CablesModel::Size, "16");
    trigger("amend.fuse");
    EXPECT_TRUE(has("W3"));
    trigger("amend.fuse");
    EXPECT_FALSE(has("W3"));
    typeInto("cables.table", rowOf("inverter.feed+"), app::CablesModel::Size, "");
    window->selection().select(subject(ConductorId("inverter.feed-")));
    nextChoice = "bank.neg:bar";
    trigger("amend.moveTo");
    EXPECT_TRUE(has("G3"));
    trigger("amend.takeBack");
    EXPECT_FALSE(has("G3"));
    EXPECT_EQ(plan().amendments.size(), before + 1);  // the isolator
}

TEST_F(Window, EveryFigureOfTheStripAnswersWhy) {
    trigger("file.demo");
    auto* why = find<QTextBrowser>("drawer.why");
    QTest::mouseClick(find<QToolButton>("strip.days"), Qt::LeftButton);
    EXPECT_TRUE(why->isVisible());
    EXPECT_TRUE(why->toPlainText().contains("days = E_usable / E_day"));
    trigger("help.why");
    EXPECT_TRUE(why->toPlainText().contains("Drawn from the bank per day"));
}

TEST_F(Window, TermsOfAWhyAreLinksToFurtherOnes) {
    trigger("file.demo");
    window->selection().askWhy(FigureId("supply.days"));
    auto* why = find<QTextBrowser>("drawer.why");
    EXPECT_TRUE(why->toHtml().contains("why:supply.demand"));
    emit why->anchorClicked(QUrl("why:supply.demand"));
    EXPECT_TRUE(why->toPlainText().contains("E = E_dc + E_mains + E_off + E_inverter"));
    emit why->anchorClicked(QUrl("back:"));
    EXPECT_TRUE(why->toPlainText().contains("days = E_usable / E_day"));
}

TEST_F(Window, StationsAreReachedByKeyboard) {
    trigger("file.demo");
    for (int i = 0; i < window->stationIds().size(); ++i) {
        QTest::keyClick(window.get(), static_cast<Qt::Key>(Qt::Key_1 + i), Qt::ControlModifier);
        EXPECT_EQ(find<QAbstractItemView>("rail")->currentIndex().row(), i);
    }
}

TEST_F(Window, TypingInOneFieldIsOneUndoStep) {
    trigger("file.demo");
    trigger("view.station.supply");
    window->document().push("give numbers", plan());  // so that the next step changes one thing
    const int before = window->document().undoStack().count();
    const auto set = [&](int n) { find<QSpinBox>("supply.unit.mppt.series")->setValue(n); };
    set(1);
    set(3);
    set(4);
    EXPECT_EQ(window->document().undoStack().count(), before + 1);
    set(2);  // where it began: the step removes itself
    EXPECT_EQ(window->document().undoStack().count(), before);
}

TEST_F(Window, RemovingAnApplianceCanBeUndone) {
    trigger("file.demo");
    const Plan before = plan();
    auto* table = find<QAbstractItemView>("needs.table");
    table->setCurrentIndex(table->model()->index(7, 0));
    QTest::mouseClick(find<QToolButton>("needs.remove"), Qt::LeftButton);
    EXPECT_EQ(plan().appliances.size(), before.appliances.size() - 1);
    trigger("edit.undo");
    EXPECT_EQ(plan().appliances, before.appliances);
}

TEST_F(Window, DarkAndLightDifferAndPlanStaysAsItIs) {
    trigger("file.demo");
    const Plan before = plan();
    const QImage light = window->grab().toImage();
    trigger("view.theme.2");
    const QImage dark = window->grab().toImage();
    EXPECT_LT(dark.pixelColor(5, 400).lightness(), 100);
    EXPECT_GT(light.pixelColor(5, 400).lightness(), 200);
    trigger("view.theme.1");
    EXPECT_EQ(plan(), before);
    EXPECT_FALSE(window->isWindowModified());
}

// WCAG 2.1, 1.4.3: text at least 4.5 to 1 on its ground.
TEST(Theme, TextStandsOutOnItsGround) {
    const auto luminance = [](const QColor& c) {
        const auto part = [](float channel) {
            const double v = static_cast<double>(channel);
            return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    for (const Ink& ink : {lightInk(), darkInk(), paperInk()}) {
        for (const QColor& ground : {ink.ground, ink.surface}) {
            for (const QColor& text : {ink.text,
                                       ink.faint,
                                       ink.accent,
                                       ink.danger,
                                       ink.fault,
                                       ink.advice,
                                       ink.positive,
                                       ink.negative}) {
                const double a = luminance(text) + 0.05;
                const double b = luminance(ground) + 0.05;
                EXPECT_GE(std::max(a, b) / std::min(a, b), 4.5)
                    << text.name().toStdString() << " on " << ground.name().toStdString();
            }
        }
    }
}

TEST_F(Window, EveryControlHasANameForThoseWhoCannotSeeIt) {
    trigger("file.demo");
    for (QWidget* w : window->findChildren<QWidget*>()) {
        const bool control = qobject_cast<QAbstractItemView*>(w) != nullptr ||
                             qobject_cast<QComboBox*>(w) != nullptr ||
                             qobject_cast<QSpinBox*>(w) != nullptr ||
                             qobject_cast<QTextBrowser*>(w) != nullptr;
        // Parts inside another control (a combo's list) speak through it.
        if (!control || w->objectName().isEmpty() || w->objectName().startsWith("qt_")) {
            continue;
        }
        EXPECT_FALSE(w->accessibleName().isEmpty()) << w->objectName().toStdString();
    }
}

TEST_F(Window, PrintingGivesThePagesOfTheSheet) {
    trigger("file.demo");
    trigger("file.print");
    EXPECT_GE(printed, 2u);
}

}  // namespace
}  // namespace spirk
