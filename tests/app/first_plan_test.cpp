// SPDX-License-Identifier: GPL-3.0-or-later
// The first run: five answers in the real dialog, and the session that is remembered.
#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QPushButton>
#include <QSpinBox>

#include "app/dialogs/first_plan_dialog.h"
#include "app/shared/settings.h"
#include "core/plan/units.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class FirstRun : public test::WindowTest {
protected:
    app::FirstPlanDialog* dialog() { return find<app::FirstPlanDialog>("first"); }
    void choose(const char* box, const char* id) {
        auto* combo = find<QComboBox>(box);
        const int at = combo->findData(QString(id));
        ASSERT_GE(at, 0) << box << " " << id;
        combo->setFocus();
        combo->setCurrentIndex(at);
    }
    void make() {
        QTest::mouseClick(find<QPushButton>("first.make"), Qt::LeftButton);
        EXPECT_TRUE(QTest::qWaitFor(
            [&] {
                const auto* dialog = window->findChild<app::FirstPlanDialog*>("first");
                return dialog == nullptr || dialog->isHidden();
            },
            30000));
    }
};

TEST_F(FirstRun, FiveAnswersMakeACompletePlan) {
    window->beginSession();
    choose("first.trip", "working");
    choose("first.load", "induction_ring");
    make();
    EXPECT_GE(plan().appliances.size(), 8u);
    EXPECT_TRUE(solarOf(plan().gear) && engineOf(plan().gear) && inverterOf(plan().gear));
    EXPECT_EQ(plan().trip.firstMonth, 1);
    EXPECT_GE(design().supply.daysWithoutSun, plan().trip.daysWithoutSun);
}

TEST_F(FirstRun, AnOldVanHasARelayAndAChargerOnShore) {
    window->beginSession();
    find<QComboBox>("first.engine")->setCurrentIndex(static_cast<int>(FirstEngine::Relay));
    find<QComboBox>("first.shore")->setCurrentIndex(static_cast<int>(FirstShore::Charger));
    make();
    EXPECT_EQ(design().gear.relays.size(), 1u);
    EXPECT_EQ(design().gear.shores.size(), 1u);
    EXPECT_EQ(engineOf(plan().gear), nullptr);
}

TEST_F(FirstRun, TheOutcomeFollowsTheAnswers) {
    window->beginSession();
    auto* outcome = find<QLabel>("first.outcome");
    const QString before = outcome->text();
    EXPECT_FALSE(before.contains("Inverter"));
    choose("first.load", "induction_ring");
    EXPECT_TRUE(QTest::qWaitFor([&] { return outcome->text().contains("Inverter"); }));
}

TEST_F(FirstRun, AnotherRegionHasItsOwnClimateAndUnits) {
    window->beginSession();
    choose("first.region", "north_america");
    EXPECT_EQ(find<QComboBox>("first.climate")->currentText(), "Denver");
    make();
    EXPECT_EQ(plan().region, "north_america");
    EXPECT_EQ(plan().units.length, LengthUnit::Foot);
}

TEST_F(FirstRun, WhatIsOwnedIsTaken) {
    window->beginSession();
    auto* many = find<QSpinBox>("first.batteries");
    EXPECT_FALSE(many->isEnabled());
    choose("first.battery", "agm_110");
    EXPECT_TRUE(many->isEnabled());
    many->setValue(2);
    make();
    EXPECT_EQ(bankOf(plan().gear).model, "agm_110");
    EXPECT_EQ(bankOf(plan().gear).count, 2);
}

TEST_F(FirstRun, OneMayBeginEmptyOrLookAtADemo) {
    window->beginSession();
    QTest::mouseClick(find<QPushButton>("first.empty"), Qt::LeftButton);
    EXPECT_TRUE(plan().appliances.empty());
    // The first dialog goes with the event loop.
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    trigger("file.begin");
    QTest::mouseClick(find<QPushButton>("first.demo"), Qt::LeftButton);
    EXPECT_GT(plan().appliances.size(), 5u);
}

TEST_F(FirstRun, ThePlanThatWasOpenLastComesBack) {
    const QString path = QString::fromStdString(test::temporaryPath("last.spirk"));
    QFile::copy(QString(SPIRK_DATA_DIR) + "/demo/paddler.spirk", path);
    window->openFile(path);
    window->rememberPlace();
    trigger("file.new");
    window->beginSession();
    EXPECT_EQ(window->document().fileName(), path);
    EXPECT_EQ(window->findChild<app::FirstPlanDialog*>(), nullptr);
}

TEST_F(FirstRun, APlanThatIsGoneIsNotMissed) {
    app::remember(app::kOpenPlan, "/no/such/plan.spirk");
    window->beginSession();
    EXPECT_NE(dialog(), nullptr);
    EXPECT_TRUE(window->noticeText().isEmpty());
}

}  // namespace
}  // namespace spirk
