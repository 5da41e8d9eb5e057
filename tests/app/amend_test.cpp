// SPDX-License-Identifier: GPL-3.0-or-later
// Amending what is chosen: size, fuse, length, the fuse's distance and a device's place, each one
// undo step, from the menu that opens on the diagram and on the table.
#include <QMenu>

#include "core/plan/edit.h"
#include "core/plan/units.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class Amend : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
        window->selection().select(subject(ConductorId("inverter.feed+")));
    }
    // Opens a menu of choices and takes one.
    void take(const char* menu, const QString& choice) {
        auto* m = find<QMenu>(menu);
        emit m->aboutToShow();
        for (QAction* action : m->actions()) {
            if (action->text() == choice) {
                action->trigger();
                return;
            }
        }
        FAIL() << menu << " has no " << choice.toStdString();
    }
    const CableRow& row() { return *findRow(design().cables, ConductorId("inverter.feed+")); }
};

TEST_F(Amend, ASizeIsTakenAndGivenBack) {
    take("amend.size", "95 mm²");
    EXPECT_EQ(row().area, squareMillimetres(95));
    EXPECT_TRUE(row().areaAmended);
    take("amend.size", "As computed, 50 mm²");
    EXPECT_FALSE(row().areaAmended);
    trigger("edit.undo");
    EXPECT_TRUE(row().areaAmended);
}

TEST_F(Amend, AFuseOfAnotherFamilyIsTaken) {
    take("amend.rating", "class T fuse, 250 A");
    EXPECT_EQ(row().fuseFrom->family, "class_t");
    EXPECT_EQ(row().fuseFrom->rating, amps(250));
    take("amend.rating", "As computed, 250 A");
    EXPECT_FALSE(row().fuseFrom->amended);
}

TEST_F(Amend, BothLeadsOfAPairAreSizedInOneStep) {
    take("amend.pairSize", "95 mm²");
    EXPECT_EQ(row().area, squareMillimetres(95));
    EXPECT_EQ(findRow(design().cables, ConductorId("inverter.feed-"))->area, squareMillimetres(95));
    trigger("edit.undo");
    EXPECT_FALSE(row().areaAmended);
    EXPECT_FALSE(findRow(design().cables, ConductorId("inverter.feed-"))->areaAmended);
}

TEST_F(Amend, WhatIsPutInIsTakenOutAgain) {
    const Plan before = plan();
    take("amend.putIn", "joint on a terminal strip");
    const DeviceId joint("inverter.feed+.strip");
    ASSERT_NE(findDevice(design().wiring.circuit, joint), nullptr);
    window->selection().select(subject(joint));
    trigger("amend.takeOut");
    EXPECT_EQ(findDevice(design().wiring.circuit, joint), nullptr);
    EXPECT_EQ(plan().amendments, before.amendments);
}

TEST_F(Amend, TheMainSwitchIsTakenOutByItsOption) {
    window->selection().select(subject(DeviceId("main.switch")));
    trigger("amend.takeOut");
    EXPECT_EQ(firstOf(design().wiring.circuit, DeviceKind::MainSwitch), nullptr);
    EXPECT_EQ(mainRailOf(plan().gear).options.at("switch"), "none");
    window->selection().select(subject(DeviceId("bus.pos")));
    EXPECT_FALSE(find<QAction>("amend.takeOut")->isEnabled());
    trigger("edit.undo");
    EXPECT_NE(firstOf(design().wiring.circuit, DeviceKind::MainSwitch), nullptr);
}

TEST_F(Amend, AModelIsNamedAndGivenBack) {
    window->selection().select(subject(DeviceId("main.switch")));
    take("amend.hardware", "battery switch, single pole, 600 A");
    EXPECT_EQ(firstOf(design().wiring.circuit, DeviceKind::MainSwitch)->rating, amps(600));
    take("amend.hardware", "The smallest that is enough");
    EXPECT_LT(firstOf(design().wiring.circuit, DeviceKind::MainSwitch)->rating, amps(600));
}

TEST_F(Amend, ASwappedPairIsTheWrongWayRound) {
    trigger("amend.swap");
    const Conductor* positive =
        findConductor(design().wiring.circuit, ConductorId("inverter.feed+"));
    EXPECT_EQ(positive->to, (TerminalId{DeviceId("inverter"), "dc-"}));
    trigger("amend.swap");
    EXPECT_EQ(findConductor(design().wiring.circuit, ConductorId("inverter.feed+"))->to,
              (TerminalId{DeviceId("inverter"), "dc+"}));
}

TEST_F(Amend, LengthsAreTypedInEitherUnit) {
    nextEntry = "10 ft";
    trigger("amend.length");
    const auto set = std::get<SetLength>(plan().amendments.back());
    EXPECT_NEAR(set.length.si(), 3.048, 1e-9);
    nextEntry = "";
    trigger("amend.length");
    EXPECT_EQ(withoutKind(plan(), SetLength{ConductorId("inverter.feed+"), {}}), plan());
    nextEntry = "far away";
    trigger("amend.length");
    EXPECT_FALSE(window->noticeText().isEmpty());
}

TEST_F(Amend, AFuseFarFromItsSourceIsAFinding) {
    nextEntry = "0.5 m";
    trigger("amend.distance");
    EXPECT_EQ(row().fuseFrom->distance, metres(0.5));
    EXPECT_NE(test::findingOf(design(), "W4"), nullptr);
    nextEntry = "";
    trigger("amend.distance");
    EXPECT_EQ(test::findingOf(design(), "W4"), nullptr);
    nextEntry.reset();
    const Plan before = plan();
    trigger("amend.distance");
    EXPECT_EQ(plan(), before);
}

// ABYC E-11: 7 in bare, 40 in from a bus bar in a sheath.
TEST_F(Amend, InASheathAFuseMayBeFartherFromItsSource) {
    nextEntry = "0.9 m";
    trigger("amend.distance");
    EXPECT_NE(test::findingOf(design(), "W4"), nullptr);
    EXPECT_FALSE(find<QAction>("amend.sheath")->isChecked());
    trigger("amend.sheath");
    EXPECT_EQ(test::findingOf(design(), "W4"), nullptr);
    EXPECT_TRUE(find<QAction>("amend.sheath")->isChecked());
    nextEntry = "1.1 m";
    trigger("amend.distance");
    EXPECT_TRUE(row().fuseFrom->sheathed);
    EXPECT_NE(test::findingOf(design(), "W4"), nullptr);
}

TEST_F(Amend, ADeviceIsPutElsewhere) {
    EXPECT_FALSE(find<QMenu>("amend.place")->menuAction()->isEnabled());
    window->selection().select(subject(DeviceId("inverter")));
    EXPECT_TRUE(find<QMenu>("amend.place")->menuAction()->isEnabled());
    EXPECT_FALSE(find<QMenu>("amend.size")->menuAction()->isEnabled());
    const VanPlace place = plan().van.places.front();
    take("amend.place", QString::fromStdString(place.name));
    EXPECT_EQ(findDevice(design().wiring.circuit, DeviceId("inverter"))->place, place.id);
}

TEST_F(Amend, AnApplianceIsPutElsewhereWithItsLoad) {
    window->selection().select(subject(DeviceId("load.fridge")));
    const VanPlace place = plan().van.places.back();
    take("amend.place", QString::fromStdString(place.name));
    const auto fridge = std::ranges::find(plan().appliances, ApplianceId("fridge"), &Appliance::id);
    ASSERT_NE(fridge, plan().appliances.end());
    EXPECT_EQ(fridge->place, place.id);
}

}  // namespace
}  // namespace spirk
