// SPDX-License-Identifier: GPL-3.0-or-later
// What was open comes back after a kill; children of this program are killed for it.
#include "app/shared/recovery.h"

#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QDir>
#include <QProcess>
#include <QRegularExpression>
#include <QSignalSpy>
#include <QTest>
#include <cstdio>

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
    QSignalSpy failed(&recovery, &app::Recovery::failed);
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

// Runs in a child only: edits as fast as it can until it is killed.
TEST(RecoveryChild, DISABLED_EditsUntilKilled) {
    app::Document document(libraries());
    const app::Recovery recovery(document, qEnvironmentVariable("SPIRK_TEST_FOLDER"));
    document.setPlan(test::aSmallVan(), "/somewhere/van.spirk");
    for (int edit = 1; edit < 100000; ++edit) {
        std::printf("begin %d\n", edit);
        std::fflush(stdout);
        document.push("days", withDays(1.0 + edit * 1e-3));
        QCoreApplication::processEvents();
        std::printf("done %d\n", edit);
        std::fflush(stdout);
    }
}

int lastOf(const QByteArray& output, const char* word) {
    const QRegularExpression line(QString("%1 (\\d+)\n").arg(word));
    int last = 0;
    auto found = line.globalMatch(QString::fromUtf8(output));
    while (found.hasNext()) {
        last = found.next().captured(1).toInt();
    }
    return last;
}

// What a child has told before it is killed, after it has told of so many edits.
QByteArray editedUntilKilled(const QString& folder, int edits) {
    QProcess child;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("SPIRK_TEST_FOLDER", folder);
    child.setProcessEnvironment(environment);
    child.start(QCoreApplication::applicationFilePath(),
                {"--gtest_filter=RecoveryChild.*", "--gtest_also_run_disabled_tests"});
    QByteArray output;
    while (lastOf(output, "done") < edits && child.waitForReadyRead(60000)) {
        output += child.readAllStandardOutput();
    }
    child.kill();
    child.waitForFinished(20000);
    return output + child.readAllStandardOutput();
}

TEST(Recovery, AfterAKillAtMostTheLastEditIsLost) {
    const QString folder = freshFolder("killed");
    for (const int edits : {1, 1, 2, 2, 3, 3, 4, 5, 6, 7}) {
        SCOPED_TRACE(edits);
        const QByteArray told = editedUntilKilled(folder, edits);
        const int done = lastOf(told, "done");
        const int begun = lastOf(told, "begin");
        ASSERT_GE(done, edits);
        app::Document document(libraries());
        app::Recovery recovery(document, folder);
        const auto left = recovery.leftBehind();
        ASSERT_TRUE(left.has_value());
        EXPECT_EQ(left->fileName, "/somewhere/van.spirk");
        const double kept = (left->plan.trip.daysWithoutSun - 1.0) / 1e-3;
        EXPECT_GE(kept, done - 0.5);
        EXPECT_LE(kept, begun + 0.5);
        document.setRecovered(left->plan, left->fileName);
        EXPECT_TRUE(document.isModified());
        recovery.take(*left);
        EXPECT_EQ(copiesIn(folder).size(), 1);  // its own copy, not the one taken
        EXPECT_FALSE(recovery.leftBehind().has_value());
    }
}

class RecoveredWindow : public test::WindowTest {};

TEST_F(RecoveredWindow, SaysWhatIsBackAndThatItIsNotSaved) {
    window->openRecovered({withDays(4.5), "/somewhere/van.spirk", "/gone"});
    EXPECT_EQ(plan().trip.daysWithoutSun, 4.5);
    EXPECT_TRUE(window->isWindowModified());
    EXPECT_TRUE(window->noticeText().contains("van.spirk"));
    EXPECT_TRUE(window->noticeText().contains("not saved yet"));
}

}  // namespace
}  // namespace spirk
