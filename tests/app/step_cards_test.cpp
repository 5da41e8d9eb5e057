// SPDX-License-Identifier: GPL-3.0-or-later
// Power-up one step at a time, by keyboard alone: every step of the sheet comes once, in order.
#include "app/powerup/step_cards.h"

#include <QPushButton>

#include "tests/app/window.h"

namespace spirk {
namespace {

class Cards : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
        window->showStation("powerup");
        QTest::mouseClick(find<QPushButton>("powerup.large"), Qt::LeftButton);
        cards = find<app::StepCards>("powerup.cards");
        text = find<QLabel>("powerup.cards.text");
    }
    app::StepCards* cards = nullptr;
    QLabel* text = nullptr;
};

TEST_F(Cards, EveryStepOfTheSheetComesOnceInOrder) {
    const PowerUp& p = design().powerUp;
    std::vector<std::string> steps;
    for (const auto* list : {&p.deadTests, &p.switchOn}) {
        for (const SwitchStep& s : *list) {
            steps.push_back(english(s.text));
        }
    }
    std::size_t seen = 0;
    for (int i = 0; i < cards->count(); ++i) {
        ASSERT_EQ(cards->current(), i);
        if (seen < steps.size() &&
            text->text().contains(QString::fromStdString(steps[seen]).toHtmlEscaped())) {
            ++seen;
        }
        QTest::keyClick(cards, Qt::Key_Right);
    }
    EXPECT_EQ(seen, steps.size());
    EXPECT_FALSE(find<QPushButton>("powerup.cards.next")->isEnabled());
}

TEST_F(Cards, ItIsReadAtArmsLength) {
    EXPECT_GE(text->font().pointSizeF(), 1.8 * window->font().pointSizeF());
    EXPECT_GE(find<QPushButton>("powerup.cards.next")->height(),
              2 * window->fontMetrics().height());
}

TEST_F(Cards, KeysGoThereAndBackAndAnEditKeepsThePlace) {
    QTest::keyClick(cards, Qt::Key_End);
    EXPECT_EQ(cards->current(), cards->count() - 1);
    QTest::keyClick(cards, Qt::Key_Home);
    QTest::keyClick(cards, Qt::Key_Space);
    QTest::keyClick(cards, Qt::Key_PageDown);
    QTest::keyClick(cards, Qt::Key_Left);
    EXPECT_EQ(cards->current(), 1);
    Plan next = plan();
    next.name = "another";
    window->document().push("rename", next);
    EXPECT_EQ(cards->current(), 1);
    QTest::keyClick(cards, Qt::Key_Escape);
    EXPECT_FALSE(cards->isVisible());
}

TEST_F(Cards, AStepChoosesWhatItIsAbout) {
    while (!text->text().contains("main switch on") && cards->current() + 1 < cards->count()) {
        QTest::keyClick(cards, Qt::Key_Right);
    }
    ASSERT_TRUE(window->selection().subject().has_value());
    EXPECT_EQ(window->selection().subject()->id, "main.switch");
}

}  // namespace
}  // namespace spirk
