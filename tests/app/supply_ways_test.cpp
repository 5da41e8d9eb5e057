// SPDX-License-Identifier: GPL-3.0-or-later
// A way is chosen in Supply as one step, says what speaks for it, and can be undone.
#include <QComboBox>

#include "core/plan/units.h"
#include "tests/app/window.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

class SupplyWays : public test::WindowTest {
protected:
    [[nodiscard]] WayId way() const {
        return firstSourceOf<SolarChoice>(window->document().plan().gear)->way;
    }
    [[nodiscard]] QComboBox* joins() { return find<QComboBox>("supply.unit.mppt.way"); }
};

TEST_F(SupplyWays, TheSunJoinsWhereThePersonSays) {
    trigger("file.demo");
    window->showStation("supply");
    EXPECT_EQ(joins()->currentData().toString(), "behind_switch");
    const int before = joins()->findData("before_switch");
    ASSERT_GE(before, 0);
    EXPECT_TRUE(joins()->itemData(before, Qt::ToolTipRole).toString().contains("stored"));
    joins()->setCurrentIndex(before);
    emit joins()->activated(before);
    EXPECT_EQ(way(), WayId("before_switch"));
    EXPECT_EQ(test::findingOf(*window->document().design(), "S8"), nullptr);
    trigger("edit.undo");
    EXPECT_EQ(way(), WayId("behind_switch"));
    EXPECT_EQ(joins()->currentData().toString(), "behind_switch");
}

TEST_F(SupplyWays, WithoutPanelsThereIsNothingToJoin) {
    trigger("file.new");
    window->showStation("supply");
    EXPECT_EQ(window->findChild<QComboBox*>("supply.unit.mppt.way"), nullptr);
}

}  // namespace
}  // namespace spirk
