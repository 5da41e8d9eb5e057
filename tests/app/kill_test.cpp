// SPDX-License-Identifier: GPL-3.0-or-later
// Children of this program edit and save as fast as they can and are killed at any moment: what is
// left, in the file and beside it, misses at most the edit that was under way. A hundred kills, or
// as many as SPIRK_KILLS says.
#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QDir>
#include <QProcess>
#include <QRegularExpression>
#include <QThread>
#include <algorithm>
#include <cmath>
#include <cstdio>
#include <random>

#include "app/shared/recovery.h"
#include "core/plan/plan_file.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::libraries;

constexpr double kStep = 1e-3;  // days without sun, one edit
constexpr int kSaveEvery = 3;

Plan afterEdits(int edits) {
    Plan plan = test::aSmallVan();
    plan.trip.daysWithoutSun = 1.0 + edits * kStep;
    return plan;
}
int editsOf(const Plan& plan) {
    return static_cast<int>(std::lround((plan.trip.daysWithoutSun - 1.0) / kStep));
}

void tell(const char* what, int edit) {
    std::printf("%s %d\n", what, edit);
    std::fflush(stdout);
}

// Runs in a child only, until it is killed.
TEST(KilledChild, DISABLED_EditsAndSaves) {
    const QString folder = qEnvironmentVariable("SPIRK_TEST_FOLDER");
    app::Document document(libraries());
    const app::Recovery recovery(document, folder + "/open");
    document.setPlan(afterEdits(0), folder + "/van.spirk");
    for (int edit = 1; edit < 100000; ++edit) {
        tell("begin", edit);
        document.push("days", afterEdits(edit));
        QCoreApplication::processEvents();
        tell("done", edit);
        if (edit % kSaveEvery == 0) {
            ASSERT_TRUE(document.save(folder + "/van.spirk").has_value());
            QCoreApplication::processEvents();
            tell("saved", edit);
        }
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

// What a child told before it was killed, some microseconds after it told of so many edits.
QByteArray toldUntilKilled(const QString& folder, int edits, unsigned long microseconds) {
    QProcess child;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("SPIRK_TEST_FOLDER", folder);
    environment.insert("TMPDIR", folder);  // who is killed leaves its own folders behind
    child.setProcessEnvironment(environment);
    child.start(QCoreApplication::applicationFilePath(),
                {"--gtest_filter=KilledChild.*", "--gtest_also_run_disabled_tests"});
    QByteArray output;
    while (lastOf(output, "done") < edits && child.waitForReadyRead(60000)) {
        output += child.readAllStandardOutput();
    }
    QThread::usleep(microseconds);
    child.kill();
    child.waitForFinished(20000);
    return output + child.readAllStandardOutput();
}

// Edits in the file, which must be whole where there is one.
int editsInFile(const QString& path) {
    if (!QFile::exists(path)) {
        return 0;
    }
    const PlanReading reading = loadPlan(path.toStdString());
    EXPECT_TRUE(reading.plan.has_value()) << "a file that was half written";
    return reading.plan ? editsOf(*reading.plan) : 0;
}

void expectLittleLost(const QString& folder, const QByteArray& told) {
    const int done = lastOf(told, "done");
    const int begun = lastOf(told, "begin");
    const int inFile = editsInFile(folder + "/van.spirk");
    EXPECT_GE(inFile, lastOf(told, "saved"));
    app::Document document(libraries());
    const app::Recovery recovery(document, folder + "/open");
    const auto left = recovery.leftBehind();
    const int kept = std::max(inFile, left ? editsOf(left->plan) : 0);
    EXPECT_GE(kept, done);
    EXPECT_LE(kept, begun);
    if (left) {
        EXPECT_EQ(left->fileName, folder + "/van.spirk");
    }
}

TEST(Kills, AtMostTheLastEditIsLost) {
    bool set = false;
    const int asked = qEnvironmentVariableIntValue("SPIRK_KILLS", &set);
    const int kills = set ? asked : 100;
    std::mt19937 random(20261126);
    std::uniform_int_distribution<int> edits(1, 9);
    std::uniform_int_distribution<unsigned long> wait(0, 4000);
    for (int kill = 0; kill < kills; ++kill) {
        SCOPED_TRACE(kill);
        const QString folder =
            QString::fromStdString(test::temporaryPath("kill")) + QString::number(kill);
        QDir().mkpath(folder);
        const QByteArray told = toldUntilKilled(folder, edits(random), wait(random));
        ASSERT_GT(lastOf(told, "done"), 0) << told.toStdString();
        expectLittleLost(folder, told);
        QDir(folder).removeRecursively();
    }
}

}  // namespace
}  // namespace spirk
