// SPDX-License-Identifier: GPL-3.0-or-later
// Work beside the interface: which answers come, and which do not.
#include "app/shared/job.h"

#include <gtest/gtest.h>

#include <QSemaphore>
#include <QTest>
#include <atomic>
#include <vector>

#include "app/shell/guarded_application.h"
#include "core/base/promise.h"

namespace spirk {
namespace {

using app::Job;

// Work that waits until it is let go, so that the order is the test's.
struct Gate {
    QSemaphore open;
    std::atomic<int> begun = 0;
    std::function<int()> work(int answer) {
        return [this, answer] {
            ++begun;
            open.acquire();
            return answer;
        };
    }
};

TEST(Job, AnswersOnTheThreadThatAsked) {
    const QThread* answeredOn = nullptr;
    const QThread* workedOn = nullptr;
    Job<int> job([&](int) { answeredOn = QThread::currentThread(); });
    job.start([&] {
        workedOn = QThread::currentThread();
        return 1;
    });
    EXPECT_TRUE(job.isWanted());
    ASSERT_TRUE(QTest::qWaitFor([&] { return answeredOn != nullptr; }));
    EXPECT_EQ(answeredOn, QThread::currentThread());
    EXPECT_NE(workedOn, QThread::currentThread());
    EXPECT_FALSE(job.isWanted());
}

TEST(Job, OfManyQuestionsOnlyTheLastIsAnswered) {
    std::vector<int> answers;
    Gate gate;
    Job<int> job([&](int answer) { answers.push_back(answer); });
    job.start(gate.work(1));
    job.start(gate.work(2));
    job.start(gate.work(3));
    gate.open.release(3);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !answers.empty(); }));
    EXPECT_EQ(answers, std::vector{3});
    EXPECT_EQ(gate.begun, 2) << "what nobody waits for any more is not begun";
}

TEST(Job, ADroppedQuestionIsNotAnswered) {
    std::vector<int> answers;
    Gate gate;
    Job<int> job([&](int answer) { answers.push_back(answer); });
    job.start(gate.work(1));
    job.drop();
    gate.open.release();
    job.start(gate.work(2));
    gate.open.release();
    ASSERT_TRUE(QTest::qWaitFor([&] { return !answers.empty(); }));
    EXPECT_EQ(answers, std::vector{2});
}

// The owner can put back what says 'working', and the window keeps the plan and says what happened.
TEST(Job, WhatBreaksInItBreaksWhereItWasAsked) {
    auto& application = *qobject_cast<app::GuardedApplication*>(QApplication::instance());
    QString said;
    application.guard([&](const QString& what) { said = what; });
    bool told = false;
    Job<int> job([](int) { FAIL() << "there is no answer"; }, [&] { told = true; });
    job.start([]() -> int { throw BrokenPromise("kept in no build"); });
    EXPECT_TRUE(QTest::qWaitFor([&] { return !said.isEmpty(); }));
    application.guard({});
    EXPECT_TRUE(told);
    EXPECT_TRUE(said.contains("kept in no build")) << said.toStdString();
    EXPECT_FALSE(job.isWanted());
}

TEST(Job, WhenItGoesItsWorkHasEnded) {
    std::atomic<bool> ended = false;
    int answers = 0;
    {
        Job<int> job([&](int) { ++answers; });
        job.start([&] {
            QTest::qSleep(50);
            ended = true;
            return 1;
        });
    }
    EXPECT_TRUE(ended);
    QTest::qWait(0);
    EXPECT_EQ(answers, 0);
}

}  // namespace
}  // namespace spirk
