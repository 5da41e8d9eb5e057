// SPDX-License-Identifier: GPL-3.0-or-later
// Each step is preceded by a comment that draws the stack.
#include "app/shared/document.h"

#include <gtest/gtest.h>

#include <QSignalSpy>

#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk::app {
namespace {

class DocumentTest : public ::testing::Test {
protected:
    DocumentTest() : document(test::libraries()) { document.setPlan(test::aFullVan(), QString()); }
    void setDays(double days, const char* key) {
        Plan next = document.plan();
        next.trip.daysWithoutSun = days;
        document.push("days", std::move(next), {key});
    }
    Document document;
};

TEST_F(DocumentTest, AnEditIsAStepAndANewDesign) {
    QSignalSpy changed(&document, &Document::designChanged);
    const auto before = document.design();
    // [] -> [days]
    setDays(3, "");
    EXPECT_EQ(changed.count(), 1);
    EXPECT_NE(document.design(), before);
    EXPECT_EQ(document.design()->plan.trip.daysWithoutSun, 3.0);
    EXPECT_TRUE(document.isModified());
}

TEST_F(DocumentTest, AnEditThatChangesNothingIsNoStep) {
    setDays(3, "");
    // [days] -> [days]
    document.push("nothing", document.plan());
    EXPECT_EQ(document.undoStack().count(), 1);
}

TEST_F(DocumentTest, StepsWithOneKeyMergeAndOthersDoNot) {
    // [] -> [a] -> [a] -> [a, b] -> [a, b, c]
    setDays(2, "a");
    setDays(3, "a");
    EXPECT_EQ(document.undoStack().count(), 1);
    setDays(4, "b");
    setDays(5, "");
    setDays(6, "");
    EXPECT_EQ(document.undoStack().count(), 4);
}

TEST_F(DocumentTest, AMergeBackToTheStartRemovesItself) {
    setDays(2, "first");  // numbers are given here
    // [first] -> [first, a] -> [first]
    setDays(3, "a");
    setDays(2, "a");
    EXPECT_EQ(document.undoStack().count(), 1);
}

TEST_F(DocumentTest, UndoRestoresExactlyAndRedoToo) {
    const Plan before = document.plan();
    setDays(3, "");
    const Plan after = document.plan();
    // [days*] -> [*days] -> [days*]
    document.undoStack().undo();
    EXPECT_EQ(document.plan(), before);
    document.undoStack().redo();
    EXPECT_EQ(document.plan(), after);
}

TEST_F(DocumentTest, NewConductorsGetTheirNumbersInTheSameStep) {
    setDays(3, "");
    const int highest = document.plan().highestNumber;
    EXPECT_GT(highest, 20);
    Plan next = document.plan();
    next.appliances.push_back(test::aLoad("heater", watts(120), Category::Climate));
    // [days] -> [days, heater]
    document.push("add", std::move(next));
    EXPECT_EQ(document.plan().numbers.at(ConductorId("circuit.heater.feed+")), highest + 1);
    document.undoStack().undo();
    EXPECT_EQ(document.plan().highestNumber, highest);
}

TEST_F(DocumentTest, SavingMakesItCleanAndUndoDirtyAgain) {
    setDays(3, "");
    const QString path = QString::fromStdString(test::temporaryPath("document.spirk"));
    ASSERT_TRUE(document.save(path).has_value());
    EXPECT_FALSE(document.isModified());
    EXPECT_EQ(document.fileName(), path);
    document.undoStack().undo();
    EXPECT_TRUE(document.isModified());
}

TEST_F(DocumentTest, AFailedSaveKeepsItModified) {
    setDays(3, "");
    EXPECT_FALSE(document.save("/no/such/folder/x.spirk").has_value());
    EXPECT_TRUE(document.isModified());
    EXPECT_EQ(document.fileName(), "");
}

TEST_F(DocumentTest, OpeningForgetsTheStack) {
    const QString path = QString::fromStdString(test::temporaryPath("open.spirk"));
    setDays(3, "");
    ASSERT_TRUE(document.save(path).has_value());
    setDays(4, "");
    EXPECT_TRUE(document.open(path).empty());
    EXPECT_EQ(document.undoStack().count(), 0);
    EXPECT_EQ(document.plan().trip.daysWithoutSun, 3.0);
    EXPECT_EQ(document.consequence(), "");
}

TEST_F(DocumentTest, TheConsequenceIsThatOfTheLastEdit) {
    setDays(1, "");
    Plan next = document.plan();
    bankOf(next.gear).count = 4;
    document.push("bank", std::move(next));
    EXPECT_TRUE(document.consequence().contains("days more without sun"))
        << document.consequence().toStdString();
    document.undoStack().undo();
    EXPECT_TRUE(document.consequence().contains("fewer days without sun"));
}

// Its undo stack used to report from its destructor, into a document that had gone.
TEST(DocumentsEnd, IsSilent) {
    int said = 0;
    {
        app::Document document(test::libraries());
        document.setPlan(test::aFullVan(), QString());
        Plan next = document.plan();
        next.name = "changed";
        document.push("change", std::move(next));
        QObject::connect(&document, &app::Document::fileChanged, [&said] { ++said; });
    }
    EXPECT_EQ(said, 0);
}

}  // namespace
}  // namespace spirk::app
