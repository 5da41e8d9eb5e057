// SPDX-License-Identifier: GPL-3.0-or-later
// A person's files: where they are, who else changes them, what is asked before one is lost, what
// is said when one could not be written.
#include <QDir>
#include <QFile>
#include <QMimeData>
#include <QStandardPaths>
#include <QTextBrowser>
#include <QUndoStack>

#include "app/shared/plan_watch.h"
#include "app/shared/recovery.h"
#include "app/shared/settings.h"
#include "app/shell/session.h"
#include "core/base/promise.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/app/window.h"
#include "tests/support/file_faults.h"

namespace spirk {
namespace {

class Files : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        static int count = 0;
        folder = QString::fromStdString(test::temporaryPath("files" + std::to_string(++count)));
        QDir().mkpath(folder);
    }
    [[nodiscard]] QString in(const QString& name) const { return folder + "/" + name; }
    [[nodiscard]] QByteArray bytesOf(const QString& path) const {
        QFile file(path);
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }
    static void put(const QString& path, const QByteArray& bytes) {
        QFile file(path);
        ASSERT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(bytes);
    }
    static Plan named(const std::string& name) {
        Plan plan = test::aSmallVan();
        plan.name = name;
        return plan;
    }
    void openSaved(const QString& path, const std::string& name) {
        ASSERT_TRUE(savePlan(named(name), path.toStdString()).has_value());
        window->openFile(path);
        ASSERT_EQ(plan().name, name);
    }
    void edit(double days) {
        Plan next = plan();
        next.trip.daysWithoutSun = days;
        window->document().push("days", std::move(next));
    }
    QString folder;
};

TEST_F(Files, ARelativePathIsAbsoluteFromTheFirstMoment) {
    ASSERT_TRUE(savePlan(named("mine"), in("van.spirk").toStdString()).has_value());
    const QString before = QDir::currentPath();
    QDir::setCurrent(folder);
    window->openFile("van.spirk");
    QDir::setCurrent(before);
    EXPECT_EQ(window->document().fileName(), in("van.spirk"));
    edit(3);
    trigger("file.save");
    EXPECT_EQ(loadPlan(in("van.spirk").toStdString()).plan->trip.daysWithoutSun, 3.0);
    EXPECT_FALSE(QFile::exists(before + "/van.spirk"));
    EXPECT_EQ(app::recentPlans().front(), in("van.spirk"));
}

TEST_F(Files, APlanOpenedByARelativePathComesBackToItsOwnFile) {
    ASSERT_TRUE(savePlan(named("mine"), in("van.spirk").toStdString()).has_value());
    const QString before = QDir::currentPath();
    app::Document document(test::libraries());
    QDir::setCurrent(folder);
    EXPECT_TRUE(document.open("van.spirk").empty());
    {
        auto stopped = std::make_unique<app::Recovery>(document, in("open"));
        Plan next = document.plan();
        next.trip.daysWithoutSun = 4;
        document.push("days", std::move(next));
        stopped->write();
        // As if it was stopped here: its copy stays, its lock goes.
        QFile::copy(in("open/") + QDir(in("open")).entryList({"*.spirk"}).front(),
                    in("copy.spirk"));
        QFile::copy(in("open/") + QDir(in("open")).entryList({"*.name"}).front(),
                    in("copy.spirk.name"));
    }
    QFile::rename(in("copy.spirk"), in("open/copy.spirk"));
    QFile::rename(in("copy.spirk.name"), in("open/copy.spirk.name"));
    QDir::setCurrent(before);
    const app::Recovery next(window->document(), in("open"));
    const auto left = next.leftBehind();
    ASSERT_TRUE(left.has_value());
    EXPECT_EQ(left->fileName, in("van.spirk"));
    window->openRecovered(*left);
    trigger("file.save");
    EXPECT_EQ(conflictAsked, 0);
    EXPECT_EQ(loadPlan(in("van.spirk").toStdString()).plan->trip.daysWithoutSun, 4.0);
}

TEST_F(Files, ADemoIsKnownByWhatItIs) {
    const QString demos = QString(SPIRK_DATA_DIR) + "/demo";
    // A folder whose name begins like that of the demos holds no demos.
    QDir().mkpath(in("demo-mine"));
    openSaved(in("demo-mine/van.spirk"), "mine");
    edit(3);
    trigger("file.save");
    EXPECT_FALSE(window->isWindowModified());
    // However a demo is reached, it is saved under another name.
    QFile::link(demos + "/paddler.spirk", in("link.spirk"));
    const QByteArray before = bytesOf(demos + "/paddler.spirk");
    for (const QString& path :
         {demos + "/paddler.spirk", demos + "/../demo/paddler.spirk", in("link.spirk")}) {
        window->openFile(path);
        edit(plan().trip.daysWithoutSun + 1);
        nextSave = path;
        trigger("file.save");
        EXPECT_TRUE(window->isWindowModified()) << path.toStdString();
        EXPECT_TRUE(window->noticeText().contains("demo")) << window->noticeText().toStdString();
    }
    EXPECT_EQ(bytesOf(demos + "/paddler.spirk"), before);
}

TEST_F(Files, AChangeOnTheDiskIsSaidAndAskedAbout) {
    openSaved(in("van.spirk"), "mine");
    const app::PlanWatch watch(window->document(), in("open"));
    QString said;
    QObject::connect(&watch, &app::PlanWatch::changedOnDisk, [&](const QString& w) { said = w; });
    edit(3);
    ASSERT_TRUE(savePlan(named("theirs"), in("van.spirk").toStdString()).has_value());
    ASSERT_TRUE(QTest::qWaitFor([&] { return !said.isEmpty(); }));
    EXPECT_TRUE(said.contains("van.spirk"));

    conflictAnswer = app::ConflictAnswer::Cancel;
    trigger("file.save");
    EXPECT_EQ(conflictAsked, 1);
    EXPECT_EQ(loadPlan(in("van.spirk").toStdString()).plan->name, "theirs");
    EXPECT_TRUE(window->isWindowModified());

    conflictAnswer = app::ConflictAnswer::Beside;
    nextSave = in("beside.spirk");
    trigger("file.save");
    EXPECT_EQ(loadPlan(in("van.spirk").toStdString()).plan->name, "theirs");
    EXPECT_EQ(loadPlan(in("beside.spirk").toStdString()).plan->name, "mine");
    EXPECT_EQ(window->document().fileName(), in("beside.spirk"));
    EXPECT_TRUE(said.isEmpty());
}

TEST_F(Files, MineReplacesTheirsAndTheirsReplacesMine) {
    openSaved(in("van.spirk"), "mine");
    edit(3);
    ASSERT_TRUE(savePlan(named("theirs"), in("van.spirk").toStdString()).has_value());
    conflictAnswer = app::ConflictAnswer::Theirs;
    trigger("file.save");
    EXPECT_EQ(plan().name, "theirs");
    EXPECT_FALSE(window->isWindowModified());
    edit(4);
    ASSERT_TRUE(savePlan(named("theirs again"), in("van.spirk").toStdString()).has_value());
    conflictAnswer = app::ConflictAnswer::Mine;
    trigger("file.save");
    EXPECT_EQ(loadPlan(in("van.spirk").toStdString()).plan->trip.daysWithoutSun, 4.0);
    // What it saved itself is no surprise to it.
    edit(5);
    trigger("file.save");
    EXPECT_EQ(conflictAsked, 2);
}

TEST_F(Files, AFileThatHasGoneIsMadeAgain) {
    openSaved(in("van.spirk"), "mine");
    edit(3);
    QFile::remove(in("van.spirk"));
    trigger("file.save");
    EXPECT_EQ(conflictAsked, 0);
    EXPECT_TRUE(QFile::exists(in("van.spirk")));
}

TEST_F(Files, ASecondWindowOnOnePlanIsToldSo) {
    openSaved(in("van.spirk"), "mine");
    app::PlanWatch first(window->document(), in("open"));
    app::Document other(test::libraries());
    QString said;
    auto second = std::make_unique<app::PlanWatch>(other, in("open"));
    QObject::connect(
        second.get(), &app::PlanWatch::openElsewhere, [&](const QString& w) { said = w; });
    QFile::link(in("van.spirk"), in("same.spirk"));
    EXPECT_TRUE(other.open(in("same.spirk")).empty());
    EXPECT_TRUE(said.contains("another Spirk window")) << said.toStdString();
    // Another plan is nobody's business.
    ASSERT_TRUE(savePlan(named("second"), in("second.spirk").toStdString()).has_value());
    EXPECT_TRUE(other.open(in("second.spirk")).empty());
    EXPECT_TRUE(said.isEmpty());
}

TEST_F(Files, AnExportNeverReplacesThePlan) {
    openSaved(in("van.spirk"), "mine");
    const QByteArray before = bytesOf(in("van.spirk"));
    QFile::link(in("van.spirk"), in("van.csv"));
    for (const char* action : {"export.parts", "export.report"}) {
        nextSave = in("van.csv");
        trigger(action);
        EXPECT_TRUE(window->noticeText().contains("the plan itself")) << action;
    }
    nextSave = in("van.spirk");
    trigger("export.diagram");
    EXPECT_EQ(bytesOf(in("van.spirk")), before);
}

TEST_F(Files, PagesThatNobodyAskedAboutAreAskedAbout) {
    trigger("file.demo");
    put(in("d-1.svg"), "a drawing of mine");
    nextSave = in("d.svg");
    mayReplace = false;
    trigger("export.diagram");
    EXPECT_EQ(replaceAsked, QStringList{"d-1.svg"});
    EXPECT_EQ(bytesOf(in("d-1.svg")), "a drawing of mine");
    EXPECT_FALSE(QFile::exists(in("d-2.svg")));
    mayReplace = true;
    trigger("export.diagram");
    EXPECT_TRUE(bytesOf(in("d-1.svg")).contains("<svg"));
}

TEST_F(Files, ANameWithoutItsEndingAsksForTheFileItMeans) {
    openSaved(in("van.spirk"), "mine");
    put(in("other.spirk"), "precious");
    nextSave = in("other");
    trigger("file.saveAs");
    EXPECT_EQ(replaceAsked, QStringList{in("other.spirk")});
    EXPECT_EQ(bytesOf(in("other.spirk")), "precious");
}

TEST_F(Files, AFailedSaveOrExportIsToldAndLosesNothing) {
    openSaved(in("van.spirk"), "mine");
    edit(3);
    const QByteArray before = bytesOf(in("van.spirk"));
    {
        const test::FileFault fault(test::FileCall::Flush, 1, folder.toStdString());
        trigger("file.save");
        EXPECT_TRUE(fault.happened());
    }
    EXPECT_TRUE(window->isWindowModified());
    EXPECT_EQ(bytesOf(in("van.spirk")), before);
    EXPECT_TRUE(window->noticeText().contains("could not be saved"));
    for (const char* action : {"export.diagram", "export.sheet", "export.parts"}) {
        for (const QString& name : {QString("x.pdf"), QString("x.svg")}) {
            const test::FileFault fault(test::FileCall::Write, 1, folder.toStdString());
            nextSave = in(name);
            trigger(action);
            EXPECT_TRUE(fault.happened());
            EXPECT_TRUE(window->noticeText().contains("could not be saved")) << action;
            EXPECT_EQ(QDir(folder).entryList(QDir::Files), QStringList{"van.spirk"}) << action;
        }
    }
}

TEST_F(Files, UnsavedChangesAreNotKeptIsSaidUntilTheyAre) {
    // A file where the folder should be.
    put(in("open"), "");
    const app::Session session(
        *qobject_cast<app::GuardedApplication*>(QApplication::instance()), *window, in("open"));
    EXPECT_TRUE(window->warningText().contains("not kept"));
    edit(3);
    QTest::qWait(1);
    EXPECT_TRUE(window->warningText().contains("not kept")) << "an edit does not make it untrue";
    QFile::remove(in("open"));
    edit(4);
    QTest::qWait(1);
    EXPECT_EQ(window->warningText(), "");
    EXPECT_EQ(QDir(in("open")).entryList({"*.spirk"}).size(), 1);
}

TEST_F(Files, AModifiedPlanLooksModifiedWhateverItsName) {
    for (const char* name : {"[*]", "van [*] two", "[*][*]", "plain"}) {
        Plan next = named(name);
        window->document().setPlan(next, QString());
        const QString clean = window->windowTitle();
        edit(3);
        EXPECT_TRUE(window->isWindowModified());
        // As the desktop shows it: Qt fills its place for the mark in when it hands the title over.
        QString shown = window->windowTitle();
        const QString two = "[*][*]";
        shown.replace(two, "\x01");
        EXPECT_EQ(shown.count("[*]"), 1) << name;
        EXPECT_EQ(QString(shown).remove("[*]").replace("\x01", "[*]").section(" (", 0, 0), name);
    }
}

// What is saved can be opened again: an edit that its file could not hold is not made.
TEST_F(Files, AnEditBeyondTheLimitsOfTheFileIsRefused) {
    trigger("file.demo");
    const Plan before = plan();
    typeInto("needs.table", 0, 0, QString(600, 'x'));
    EXPECT_EQ(plan(), before);
    EXPECT_TRUE(window->noticeText().contains("500 bytes")) << window->noticeText().toStdString();
    Plan many = plan();
    many.appliances.resize(2001, many.appliances.front());
    window->document().push("many", std::move(many));
    EXPECT_EQ(plan(), before);
    EXPECT_TRUE(window->noticeText().contains("2000 appliances"));
}

TEST_F(Files, WhatBreaksTheComputationIsNotMadeAndIsSaid) {
    const Plan before = plan();
    Plan broken = plan();
    // Not to be had from any file: the guard behind the reader is asked here.
    PanelModel panel = test::library().panels.front();
    panel.id = "own.broken";
    std::swap(panel.voc, panel.vmp);
    broken.own.panels = {panel};
    putSolar(broken.gear, SolarChoice{panel.id, 1, 1, test::library().controllers.front().id});
    window->document().push("break", std::move(broken));
    EXPECT_EQ(plan(), before);
    EXPECT_TRUE(window->noticeText().contains("defect")) << window->noticeText().toStdString();
    EXPECT_EQ(window->document().undoStack().count(), 0);
}

TEST_F(Files, TheLastGuardKeepsThePlanAndSaysWhatHappened) {
    auto& application = *qobject_cast<app::GuardedApplication*>(QApplication::instance());
    const app::Session session(application, *window, in("open"));
    edit(3);
    QTimer::singleShot(0, [] { promise(false, "a promise that a test broke"); });
    QTest::qWait(10);
    EXPECT_TRUE(window->warningText().contains("a promise that a test broke"));
    const QStringList copies = QDir(in("open")).entryList({"*.spirk"});
    ASSERT_EQ(copies.size(), 1);
    EXPECT_EQ(*loadPlan(in("open/" + copies.front()).toStdString()).plan, plan());
}

TEST_F(Files, GearOpensWithTheProgramAsItsTypeSays) {
    nextSave = in("mine.spirkgear");
    Plan own = named("mine");
    own.own.batteries = {test::library().batteries.front()};
    own.own.batteries.front().id = "own.mine";
    own.own.batteries.front().name.english = "мой аккумулятор";
    window->document().setPlan(own, QString());
    trigger("plan.gear.export");
    window->document().setPlan(named("other"), QString());
    window->openFile(in("mine.spirkgear"));
    EXPECT_EQ(plan().name, "other");
    ASSERT_EQ(plan().own.batteries.size(), 1u);
    EXPECT_EQ(plan().own.batteries[0].name.english, "мой аккумулятор");
    // Again: nothing is there twice, and it is said.
    window->openFile(in("mine.spirkgear"));
    EXPECT_EQ(plan().own.batteries.size(), 1u);
    EXPECT_TRUE(window->noticeText().contains("already"));
}

TEST_F(Files, AManyTimesBrokenFileSaysTheFirstAndHowMany) {
    QByteArray gear = R"({"spirk_gear": 1, "batteries": [)";
    QByteArray entries;
    for (int i = 0; i < 400; ++i) {
        entries += (i == 0 ? "" : ",") + QByteArray("{}");
    }
    put(in("bad.spirkgear"), gear + entries + "]}");
    window->openFile(in("bad.spirkgear"));
    EXPECT_TRUE(window->noticeText().contains("more problems"));
    EXPECT_LT(window->noticeText().size(), 3000);
}

}  // namespace
}  // namespace spirk
