// SPDX-License-Identifier: GPL-3.0-or-later
// The window at the sizes and fonts that people have: nothing is pushed out of it, no button loses
// its text, and what a station is looked at for is in sight. CTest runs this file again at 150 and
// 200 % scale.
#include <QAbstractButton>
#include <QHeaderView>
#include <QScrollArea>
#include <QScrollBar>
#include <QTableView>

#include "app/needs/needs_model.h"
#include "app/shared/settings.h"
#include "app/shared/theme.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class Sizes : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
        window->selection().select(subject(ConductorId("inverter.feed+")));
    }
    void TearDown() override {
        app::remember(app::kTextPercent, 100);
        app::applyTheme(*qApp, app::ThemeChoice::Light);
    }
    static void settle() {
        QCoreApplication::sendPostedEvents();
        QTest::qWait(0);
    }
    // Every station keeps the window's size, and every visible button shows its whole text.
    void expectAllFits(const QSize& size) {
        for (const QString& id : window->stationIds()) {
            SCOPED_TRACE(id.toStdString());
            window->showStation(id);
            window->resize(size);
            settle();
            EXPECT_EQ(window->size().width(), size.width());
            EXPECT_EQ(window->size().height(), size.height());
            for (const QAbstractButton* button : window->findChildren<QAbstractButton*>()) {
                if (button->isVisible() && !button->text().isEmpty()) {
                    EXPECT_GE(button->width() + 1, button->minimumSizeHint().width())
                        << button->text().toStdString();
                }
            }
        }
    }
};

TEST_F(Sizes, ASmallLaptopHasRoomForEveryStation) { expectAllFits({1024, 700}); }

TEST_F(Sizes, AFontHalfAsLargeAgainHasRoomToo) {
    const int before = window->fontMetrics().height();
    trigger("view.text.150");
    settle();
    EXPECT_GE(window->fontMetrics().height(), before * 14 / 10);
    expectAllFits({1280, 800});
}

TEST_F(Sizes, AVeryLargeScreenIsUsed) {
    expectAllFits({3840, 2160});
    const auto* table = find<QTableView>("cables.table");
    window->showStation("cables");
    settle();
    EXPECT_GT(table->width(), 2500);
    EXPECT_EQ(table->horizontalScrollBar()->maximum(), 0);
}

// A finding with two mends was wider than the list: its text ran out of sight.
TEST_F(Sizes, FindingsNeverScrollSideways) {
    window->openFile(QString(SPIRK_DATA_DIR) + "/demo/paddler.spirk");
    window->showStation("checks");
    for (const int width : {1024, 800}) {
        window->resize(width, 700);
        settle();
        EXPECT_EQ(find<QScrollArea>("checks.list")->horizontalScrollBar()->maximum(), 0) << width;
    }
}

TEST_F(Sizes, NeedsShowsNamesAndEnergyInASmallWindow) {
    window->showStation("needs");
    window->resize(1024, 700);
    settle();
    auto* table = find<QTableView>("needs.table");
    EXPECT_EQ(table->horizontalScrollBar()->maximum(), 0);
    EXPECT_GE(table->columnWidth(app::NeedsModel::Name),
              12 * table->fontMetrics().averageCharWidth());
    const int right = table->columnViewportPosition(app::NeedsModel::Energy) +
                      table->columnWidth(app::NeedsModel::Energy);
    EXPECT_LE(right, table->viewport()->width());
}

}  // namespace
}  // namespace spirk
