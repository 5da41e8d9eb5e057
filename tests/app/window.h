// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A real window with injected answers, driven by object names, keys and clicks.

#include <gtest/gtest.h>

#include <QAbstractItemView>
#include <QAction>
#include <QApplication>
#include <QLineEdit>
#include <QRegularExpression>
#include <QSettings>
#include <QTest>
#include <QToolButton>

#include "app/checks/checks_station.h"
#include "app/shell/main_window.h"
#include "tests/support/builders.h"

namespace spirk::test {

class WindowTest : public ::testing::Test {
protected:
    void SetUp() override {
        app::Dialogs dialogs;
        dialogs.openFile = [this](QWidget*, const QString&, const QString&) { return nextOpen; };
        dialogs.saveFile = [this](QWidget*, const QString&, const QString&, const QString&) {
            return nextSave;
        };
        dialogs.unsaved = [this](QWidget*, const QString&) {
            ++unsavedAsked;
            return unsavedAnswer;
        };
        dialogs.conflict = [this](QWidget*, const QString&) {
            ++conflictAsked;
            return conflictAnswer;
        };
        dialogs.replace = [this](QWidget*, const QStringList& files) {
            replaceAsked = files;
            return mayReplace;
        };
        dialogs.print = [this](QWidget*, const std::vector<Page>& pages) {
            printed = pages.size();
        };
        dialogs.enter = [this](QWidget*, const QString&, const QString& now) {
            enteredBefore = now;
            return nextEntry;
        };
        dialogs.choose = [this](QWidget*, const QString&, const QStringList& choices) {
            for (const QString& c : choices) {
                if (c.startsWith(nextChoice)) {
                    return c;
                }
            }
            return QString();
        };
        QSettings().clear();
        const QString demo = QString(SPIRK_DATA_DIR) + "/demo";
        window = std::make_unique<app::MainWindow>(libraries(), demo, dialogs);
        // As wide as the drawer asks for, whatever the platform's screen is.
        window->resize(1280, 800);
        window->show();
        ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
        // Without a window manager nobody else gives it the focus that shortcuts need.
        QApplication::setActiveWindow(window.get());
    }

    // Fields of a card are made when it is unfolded.
    void unfoldCards() {
        for (auto* head :
             window->findChildren<QToolButton*>(QRegularExpression("^supply\\..*\\.open$"))) {
            head->setChecked(true);
        }
    }
    template <class T>
    T* find(const char* name) {
        T* found = window->findChild<T*>(name);
        if (found == nullptr && QString(name).startsWith("supply.")) {
            unfoldCards();
            found = window->findChild<T*>(name);
        }
        EXPECT_NE(found, nullptr) << name;
        return found;
    }
    void trigger(const char* name) { find<QAction>(name)->trigger(); }

    // Types into a cell as a person does: current cell, F2, text, Enter.
    void typeInto(const char* table, int row, int column, const QString& text) {
        auto* view = find<QAbstractItemView>(table);
        view->setFocus();
        view->setCurrentIndex(view->model()->index(row, column));
        view->edit(view->currentIndex());
        auto* editor = view->findChild<QLineEdit*>();
        ASSERT_NE(editor, nullptr) << table << " " << row << " " << column;
        editor->selectAll();
        QTest::keyClick(editor, Qt::Key_Delete);
        QTest::keyClicks(editor, text);
        QTest::keyClick(editor, Qt::Key_Return);
        QTest::qWait(0);
    }
    QString cell(const char* table, int row, int column) {
        return find<QAbstractItemView>(table)->model()->index(row, column).data().toString();
    }
    // Types into a field of a form and leaves it.
    void enter(const char* field, const QString& text) {
        auto* edit = find<QLineEdit>(field);
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, text);
        QTest::keyClick(edit, Qt::Key_Return);
    }
    // Until what the cards of findings offer has been tried.
    void awaitMends() {
        auto* station = window->findChild<app::ChecksStation*>();
        constexpr int kMostMilliseconds = 60000;
        ASSERT_TRUE(QTest::qWaitFor([&] { return !station->isBusy(); }, kMostMilliseconds));
        QTest::qWait(0);  // a button that was put in shows itself by a posted event
    }
    const Plan& plan() { return window->document().plan(); }
    const Design& design() { return *window->document().design(); }

    std::unique_ptr<app::MainWindow> window;
    QString nextOpen, nextSave, nextChoice;
    std::optional<QString> nextEntry;  // typed into the next question; nothing: cancelled
    QString enteredBefore;
    app::UnsavedAnswer unsavedAnswer = app::UnsavedAnswer::Discard;
    int unsavedAsked = 0;
    app::ConflictAnswer conflictAnswer = app::ConflictAnswer::Cancel;
    int conflictAsked = 0;
    bool mayReplace = false;
    QStringList replaceAsked;
    std::size_t printed = 0;
};

}  // namespace spirk::test
