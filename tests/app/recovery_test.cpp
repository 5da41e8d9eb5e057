// SPDX-License-Identifier: GPL-3.0-or-later
// What was open comes back; kill_test.cpp kills for it.
#include "app/shared/recovery.h"

#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QDir>
#include <QSignalSpy>
#include <QTest>

#include "core/plan/plan_file.h"
#include "tests/app/window.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::libraries;

QString freshFolder(const std::string& name) {
    return QString::fromStdString(test::temporaryPath(name));
}

Plan withDays(double days) {
    Plan plan = test::aSmallVan();
    plan.trip.daysWithoutSun = days;
    return plan;
}

QStringList copiesIn(const QString& folder) {
    return QDir(folder).entryList({"*.spirk"}, QDir::Files);
}

TEST(Recovery, ACopyFollowsEveryChangeThatIsNotSaved) {
    const QString folder = freshFolder("follows");
    app::Document document(libraries());
    const app::Recovery recovery(document, folder);
    EXPECT_TRUE(copiesIn(folder).isEmpty());
    document.push("days", withDays(3));
    QTest::qWait(1);
    ASSERT_EQ(copiesIn(folder).size(), 1);
    const PlanReading copy = loadPlan((folder + "/" + copiesIn(folder).front()).toStdString());
    ASSERT_TRUE(copy.plan.has_value());
    EXPECT_EQ(*copy.plan, document.plan());
}

TEST(Recovery, NothingIsKeptOfWhatIsSavedOrUndone) {
    const QString folder = freshFolder("saved");
    app::Document document(libraries());
    const app::Recovery recovery(document, folder);
    document.push("days", withDays(3));
    QTest::qWait(1);
    document.undoStack().undo();
    QTest::qWait(1);
    EXPECT_TRUE(copiesIn(folder).isEmpty());
    document.undoStack().redo();
    QTest::qWait(1);
    EXPECT_EQ(copiesIn(folder).size(), 1);
    ASSERT_TRUE(document.save(folder + "/../saved-plan.spirk").has_value());
    QTest::qWait(1);
    EXPECT_TRUE(copiesIn(folder).isEmpty());
}

TEST(Recovery, AnotherRunningProgramsCopyIsLeftAlone) {
    const QString folder = freshFolder("running");
    app::Document first(libraries());
    const app::Recovery running(first, folder);
    first.push("days", withDays(3));
    QTest::qWait(1);
    app::Document second(libraries());
    const app::Recovery recovery(second, folder);
    EXPECT_FALSE(recovery.leftBehind().has_value());
}

TEST(Recovery, AFolderThatCannotBeWrittenIsSaid) {
    const QString folder = freshFolder("file");
    QFile file(folder);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));  // a file where the folder should be
    file.close();
    app::Document document(libraries());
    app::Recovery recovery(document, folder);
    QSignalSpy failed(&recovery, &app::Recovery::problemChanged);
    EXPECT_FALSE(recovery.problem().isEmpty());
    document.push("days", withDays(3));
    QTest::qWait(1);
    EXPECT_TRUE(recovery.problem().contains("not kept"));
}

TEST(Recovery, ADamagedCopyIsNoReasonNotToStart) {
    const QString folder = freshFolder("damaged");
    QDir().mkpath(folder);
    QFile file(folder + "/half.spirk");
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("{\"spirk_format\": 1, \"na");
    file.close();
    app::Document document(libraries());
    const app::Recovery recovery(document, folder);
    EXPECT_FALSE(recovery.leftBehind().has_value());
    EXPECT_TRUE(QFile::exists(folder + "/half.spirk"));  // perhaps a person can still read it
}

class RecoveredWindow : public test::WindowTest {};

TEST_F(RecoveredWindow, SaysWhatIsBackAndThatItIsNotSaved) {
    window->openRecovered({withDays(4.5), "/somewhere/van.spirk", "/gone", {}});
    EXPECT_EQ(plan().trip.daysWithoutSun, 4.5);
    EXPECT_TRUE(window->isWindowModified());
    EXPECT_TRUE(window->noticeText().contains("van.spirk"));
    EXPECT_TRUE(window->noticeText().contains("not saved yet"));
}

}  // namespace
}  // namespace spirk
