// SPDX-License-Identifier: GPL-3.0-or-later
// The ribbon of the day, worked on by mouse and keyboard in the real window.
#include "app/needs/ribbon.h"

#include <QScrollBar>
#include <QUndoStack>

#include "app/needs/needs_model.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

constexpr int kPrinter = 3;  // rows follow the table: the label printer, from 15:00, 30 minutes
constexpr int kLamp = 2;     // daylight work lamp, 9 to 12 and 14 to 17

class RibbonTest : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
        ribbon_ = find<app::Ribbon>("needs.ribbon");
        steps_ = window->document().undoStack().count();
    }
    [[nodiscard]] const Appliance& at(int row) {
        return plan().appliances[static_cast<std::size_t>(row)];
    }
    [[nodiscard]] double start(int row, std::size_t use = 0) {
        return at(row).uses[use].start.si() / 3600.0;
    }
    [[nodiscard]] double span(int row, std::size_t use = 0) {
        return at(row).uses[use].span.si() / 3600.0;
    }
    // Width of an hour in the viewport.
    [[nodiscard]] double hour() { return ribbon_->barOf(kLamp, 0).width() / 3.0; }
    // The pointer with its button held.
    void moveTo(const QPointF& to) {
        QMouseEvent move(QEvent::MouseMove,
                         to,
                         ribbon_->viewport()->mapToGlobal(to),
                         Qt::NoButton,
                         Qt::LeftButton,
                         {});
        QApplication::sendEvent(ribbon_->viewport(), &move);
    }
    // Takes a bar at a part of its length and pulls it by hours, in several moves as a hand does.
    void pull(int row, std::size_t use, double part, double byHours) {
        const QRectF bar = ribbon_->barOf(row, use);
        ASSERT_FALSE(bar.isEmpty());
        const QPointF from(bar.left() + bar.width() * part, bar.center().y());
        QTest::mousePress(ribbon_->viewport(), Qt::LeftButton, {}, from.toPoint());
        for (const double done : {0.25, 0.5, 0.75, 1.0}) {
            const QPointF to = from + QPointF(hour() * byHours * done, 0);
            moveTo(to);
        }
        QTest::mouseRelease(ribbon_->viewport(), Qt::LeftButton);
    }
    [[nodiscard]] int newSteps() { return window->document().undoStack().count() - steps_; }

    app::Ribbon* ribbon_ = nullptr;
    int steps_ = 0;
};

TEST_F(RibbonTest, AClickChoosesTheAppliance) {
    QTest::mouseClick(
        ribbon_->viewport(), Qt::LeftButton, {}, ribbon_->barOf(kPrinter, 0).center().toPoint());
    ASSERT_TRUE(window->selection().subject().has_value());
    EXPECT_EQ(window->selection().subject()->id, "label_printer");
    EXPECT_EQ(newSteps(), 0);
}

TEST_F(RibbonTest, ABarIsMovedInOneStepAndTheStripSaysWhatThatDid) {
    const Plan before = plan();
    pull(kLamp, 0, 0.5, -2.0);
    EXPECT_NEAR(start(kLamp), 7.0, 0.26);
    EXPECT_DOUBLE_EQ(span(kLamp), 3.0);
    EXPECT_EQ(newSteps(), 1);
    window->document().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

TEST_F(RibbonTest, PulledBackToWhereItWasNoStepIsLeft) {
    pull(kPrinter, 0, 0.5, 1.0);  // the first edit gives the demo's conductors their numbers too
    const Plan before = plan();
    steps_ = window->document().undoStack().count();
    const QRectF bar = ribbon_->barOf(kLamp, 0);
    QTest::mousePress(ribbon_->viewport(), Qt::LeftButton, {}, bar.center().toPoint());
    for (const double by : {1.0, 2.0, 0.0}) {
        const QPointF to = QPointF(bar.center().toPoint()) + QPointF(hour() * by, 0);
        moveTo(to);
    }
    QTest::mouseRelease(ribbon_->viewport(), Qt::LeftButton);
    EXPECT_EQ(plan(), before);
    EXPECT_EQ(newSteps(), 0);
}

TEST_F(RibbonTest, AnEndIsStretchedAndStopsAtTheNextUse) {
    pull(kLamp, 0, 0.995, 1.0);
    EXPECT_DOUBLE_EQ(start(kLamp), 9.0);
    EXPECT_NEAR(span(kLamp), 4.0, 0.26);
    pull(kLamp, 0, 0.995, 6.0);
    EXPECT_DOUBLE_EQ(span(kLamp), 5.0);  // 14:00 is the next one's
    EXPECT_EQ(newSteps(), 2);
}

TEST_F(RibbonTest, AStartIsStretched) {
    pull(kLamp, 1, 0.005, 1.0);
    EXPECT_NEAR(start(kLamp, 1), 15.0, 0.26);
    EXPECT_NEAR(start(kLamp, 1) + span(kLamp, 1), 17.0, 1e-9);
}

TEST_F(RibbonTest, ADoubleClickSplits) {
    QTest::mouseDClick(
        ribbon_->viewport(), Qt::LeftButton, {}, ribbon_->barOf(kLamp, 0).center().toPoint());
    ASSERT_EQ(at(kLamp).uses.size(), 3U);
    EXPECT_NEAR(span(kLamp, 0) + span(kLamp, 1), 3.0, 1e-9);
    EXPECT_EQ(newSteps(), 1);
}

TEST_F(RibbonTest, AllOfItByKeyboard) {
    ribbon_->setFocus();
    QTest::keyClick(ribbon_, Qt::Key_Down);
    QTest::keyClick(ribbon_, Qt::Key_Down);
    QTest::keyClick(ribbon_, Qt::Key_Down);
    EXPECT_EQ(window->selection().subject()->id, at(kLamp).id.value);
    QTest::keyClick(ribbon_, Qt::Key_Right);
    QTest::keyClick(ribbon_, Qt::Key_Right);
    EXPECT_DOUBLE_EQ(start(kLamp), 9.5);
    EXPECT_EQ(newSteps(), 1);  // a run of keys on one use is one step
    QTest::keyClick(ribbon_, Qt::Key_Space);
    QTest::keyClick(ribbon_, Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_DOUBLE_EQ(span(kLamp, 1), 3.25);
    QTest::keyClick(ribbon_, Qt::Key_Left, Qt::AltModifier);
    EXPECT_DOUBLE_EQ(start(kLamp, 1), 13.75);
    QTest::keyClick(ribbon_, Qt::Key_S);
    EXPECT_EQ(at(kLamp).uses.size(), 3U);
    QTest::keyClick(ribbon_, Qt::Key_J);
    EXPECT_EQ(at(kLamp).uses.size(), 2U);
    QTest::keyClick(ribbon_, Qt::Key_Up);
    EXPECT_EQ(window->selection().subject()->id, at(1).id.value);
}

TEST_F(RibbonTest, FortyRowsScrollAndTheChosenOneComesIntoSight) {
    Plan many = plan();
    for (int i = 0; i < 40; ++i) {
        many.appliances.push_back(
            test::aLoad("extra" + std::to_string(i), watts(10), Category::Lighting));
    }
    window->document().push("many", std::move(many));
    const int last = static_cast<int>(plan().appliances.size()) - 1;
    EXPECT_GT(ribbon_->verticalScrollBar()->maximum(), 0);
    EXPECT_TRUE(ribbon_->barOf(last, 0).isEmpty());
    window->selection().select(subject(at(last).id));
    const QRectF bar = ribbon_->barOf(last, 0);
    ASSERT_FALSE(bar.isEmpty());
    // High enough for its name to be read.
    EXPECT_GE(bar.height(), ribbon_->fontMetrics().height() * 0.5);
    QTest::mouseClick(ribbon_->viewport(), Qt::LeftButton, {}, bar.center().toPoint());
    EXPECT_EQ(window->selection().subject()->id, at(last).id.value);
}

TEST_F(RibbonTest, ShowsADifferentDayWhenAUseMoves) {
    const QImage before = ribbon_->grab().toImage();
    typeInto("needs.table", kPrinter, app::NeedsModel::Start, "3:00");
    EXPECT_NE(ribbon_->grab().toImage(), before);
}

}  // namespace
}  // namespace spirk
