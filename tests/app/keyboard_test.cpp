// SPDX-License-Identifier: GPL-3.0-or-later
// All can be done without a mouse: every action has a key or a letter, Tab reaches every control of
// a station, and a plan is begun, changed, looked into and taken back by keys alone.
#include <QAbstractButton>
#include <QAbstractSpinBox>
#include <QComboBox>
#include <QMenuBar>
#include <QPushButton>
#include <set>

#include "app/needs/needs_model.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class Keyboard : public test::WindowTest {
protected:
    void press(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QWidget* target = QApplication::focusWidget();
        QTest::keyClick(
            target == nullptr ? window.get() : target, static_cast<Qt::Key>(key), modifiers);
        QTest::qWait(0);
    }
    // What Tab comes by, once round.
    std::set<QWidget*> reached() {
        std::set<QWidget*> out;
        for (int i = 0; i < 200; ++i) {
            QWidget* now = QApplication::focusWidget();
            if (now != nullptr) {
                out.insert(now);
            }
            press(Qt::Key_Tab);
        }
        return out;
    }
};

void expectLetters(const QMenu& menu) {
    for (const QAction* action : menu.actions()) {
        if (action->isSeparator()) {
            continue;
        }
        SCOPED_TRACE((menu.title() + " > " + action->text()).toStdString());
        if (action->menu() != nullptr) {
            EXPECT_TRUE(action->text().contains('&'));
        } else if (!action->isCheckable()) {
            EXPECT_TRUE(action->text().contains('&') || !action->shortcut().isEmpty() ||
                        !action->isEnabled());
        }
    }
}

TEST_F(Keyboard, EveryActionHasALetterOrAKey) {
    trigger("file.demo");
    for (const QAction* top : window->menuBar()->actions()) {
        EXPECT_TRUE(top->text().contains('&')) << top->text().toStdString();
        expectLetters(*top->menu());
        for (const QMenu* inner : top->menu()->findChildren<QMenu*>()) {
            expectLetters(*inner);
        }
    }
}

TEST_F(Keyboard, TabReachesEveryControlOfAStation) {
    trigger("file.demo");
    for (const QString& station : window->stationIds()) {
        SCOPED_TRACE(station.toStdString());
        window->showStation(station);
        QTest::qWait(0);
        const std::set<QWidget*> met = reached();
        for (QWidget* w : window->findChildren<QWidget*>()) {
            const bool control = qobject_cast<QPushButton*>(w) != nullptr ||
                                 qobject_cast<QComboBox*>(w) != nullptr ||
                                 qobject_cast<QLineEdit*>(w) != nullptr ||
                                 qobject_cast<QAbstractSpinBox*>(w) != nullptr ||
                                 qobject_cast<QAbstractItemView*>(w) != nullptr;
            // Parts of another control: headers, the field of a spin box.
            const bool part = w->objectName().isEmpty() || w->objectName().startsWith("qt_");
            if (control && !part && w->isVisible() && w->isEnabled()) {
                EXPECT_TRUE(met.contains(w)) << w->objectName().toStdString();
            }
        }
    }
}

TEST_F(Keyboard, APlanIsBegunChangedLookedIntoAndTakenBack) {
    press(Qt::Key_N, Qt::ControlModifier);
    auto* make = find<QPushButton>("first.make");
    QTest::keyClick(make, Qt::Key_Return);
    ASSERT_TRUE(QTest::qWaitFor([&] { return plan().appliances.size() >= 5u; }, 30000));
    QApplication::setActiveWindow(window.get());
    const Plan begun = plan();

    auto* table = find<QAbstractItemView>("needs.table");
    table->setFocus();
    press(Qt::Key_Home);
    press(Qt::Key_F2);
    auto* editor = table->findChild<QLineEdit*>();
    ASSERT_NE(editor, nullptr);
    QTest::keyClicks(editor, "my fridge");
    QTest::keyClick(editor, Qt::Key_Return);
    QTest::qWait(0);
    EXPECT_EQ(plan().appliances.front().name, "my fridge");

    press(Qt::Key_4, Qt::ControlModifier);
    auto* cables = find<QAbstractItemView>("cables.table");
    cables->setFocus();
    press(Qt::Key_Down);
    ASSERT_TRUE(window->selection().subject().has_value());
    EXPECT_EQ(window->selection().subject()->kind, SubjectKind::Conductor);
    press(Qt::Key_F1);
    EXPECT_TRUE(find<QWidget>("drawer.why")->isVisible());

    press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(plan(), begun);
}

}  // namespace
}  // namespace spirk
