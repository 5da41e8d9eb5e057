// SPDX-License-Identifier: GPL-3.0-or-later
// Words of the trade are explained where they stand, and by the finder for those without a pointer.
#include "app/shared/term_tips.h"

#include <QHeaderView>
#include <QHelpEvent>
#include <QLabel>
#include <QLineEdit>
#include <QTableView>
#include <QTextBrowser>
#include <QToolTip>

#include "tests/app/window.h"

namespace spirk {
namespace {

class TermTips : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
    }
    void TearDown() override {
        QToolTip::hideText();
        WindowTest::TearDown();
    }
    // As the pointer resting there asks for it.
    static QString hover(QWidget* widget, QPoint place) {
        QToolTip::hideText();
        QHelpEvent event(QEvent::ToolTip, place, widget->mapToGlobal(place));
        QCoreApplication::sendEvent(widget, &event);
        return QToolTip::text();
    }
};

TEST_F(TermTips, AHeaderOfTheCablesTableIsExplained) {
    window->showStation("cables");
    QHeaderView* header = find<QTableView>("cables.table")->horizontalHeader();
    for (int section = 0; section < header->count(); ++section) {
        if (header->model()->headerData(section, Qt::Horizontal).toString() == "Ampacity") {
            header->setOffsetToSectionPosition(section);
            const QPoint place(header->sectionViewportPosition(section) + 4, header->height() / 2);
            EXPECT_TRUE(hover(header->viewport(), place).contains("continuously"));
            return;
        }
    }
    ADD_FAILURE() << "no such column";
}

TEST_F(TermTips, ALabelIsExplainedBelowWhatItSaysOfItself) {
    QLabel label("&Shunt of the bank", window.get());
    label.resize(200, 20);
    EXPECT_TRUE(hover(&label, {5, 5}).contains("precise resistor"));
    label.setToolTip("Its own <b>words</b>");
    const QString both = hover(&label, {5, 5});
    EXPECT_LT(both.indexOf("Its own words"), both.indexOf("precise resistor"));
    EXPECT_GE(both.indexOf("Its own words"), 0);
}

TEST_F(TermTips, AWordOfTheDrawerIsExplained) {
    window->selection().select(subject(ConductorId("inverter.feed+")));
    auto* thread = find<QTextBrowser>("drawer.thread");
    QTextCursor at = thread->document()->find("Ampacity");
    ASSERT_FALSE(at.isNull());
    at.setPosition(at.selectionStart() + 2);
    EXPECT_TRUE(
        hover(thread->viewport(), thread->cursorRect(at).center()).contains("continuously"));
}

TEST_F(TermTips, WhatHasNoSuchWordKeepsItsOwnTip) {
    QLabel label("Name", window.get());
    label.setToolTip("Its own words");
    EXPECT_EQ(hover(&label, {1, 1}), QString("Its own words"));
}

TEST_F(TermTips, TheFinderKnowsThem) {
    trigger("edit.find");
    auto* field = window->findChild<QLineEdit*>("finder.field");
    ASSERT_NE(field, nullptr);
    QTest::keyClicks(field, "ferrule thin sleeve");
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_TRUE(window->noticeText().contains("crimped over stranded wire"));
}

}  // namespace
}  // namespace spirk
