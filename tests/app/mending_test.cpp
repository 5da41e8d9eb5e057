// SPDX-License-Identifier: GPL-3.0-or-later
// Five mistakes are planted into a plan, and mended by what Spirk says alone: by the buttons of its
// findings.
#include <QPushButton>
#include <algorithm>

#include "core/plan/edit.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

TerminalId at(const char* device, const char* port) { return {DeviceId(device), port}; }

class Mending : public test::WindowTest {
protected:
    // The gravest that has a button; null where none has.
    QPushButton* firstMend() {
        for (const Finding& f : design().checks.findings) {
            auto* button = window->findChild<QPushButton*>("checks.mend." +
                                                           QString::fromStdString(f.id) + ".0");
            if (f.severity != Severity::Advice && button != nullptr) {
                return button;
            }
        }
        return nullptr;
    }
    [[nodiscard]] int dangers() {
        return static_cast<int>(std::ranges::count_if(
            design().checks.findings,
            [](const Finding& f) { return f.severity == Severity::Danger && f.rule != "MAINS"; }));
    }
};

TEST_F(Mending, FiveMistakesAreMendedByTheButtonsOfTheirFindings) {
    trigger("file.demo");
    Plan broken = plan();
    for (const Amendment& mistake : std::initializer_list<Amendment>{
             MoveEnd{ConductorId("main.link+"), End::To, at("bus.neg", "bar")},
             MoveEnd{ConductorId("array.feed+"), End::To, at("bus.pos", "bar")},
             MoveEnd{ConductorId("fuseblock.feed-"), End::To, at("bank.neg", "bar")},
             LeaveOutProtection{ConductorId("bank.2.lead+"), End::From},
             SetSize{ConductorId("inverter.feed+"), squareMillimetres(10)}}) {
        broken = amended(std::move(broken), mistake);
    }
    window->document().push("mistakes", broken);
    trigger("view.station.checks");
    awaitMends();
    ASSERT_GE(dangers(), 2);
    // One mistake hides others: as many steps as there may be, and some to spare.
    constexpr int kMostSteps = 12;
    int steps = 0;
    for (QPushButton* button = firstMend(); button != nullptr && steps < kMostSteps; ++steps) {
        QTest::mouseClick(button, Qt::LeftButton);
        awaitMends();
        button = firstMend();
    }
    EXPECT_EQ(dangers(), 0);
    EXPECT_LT(steps, kMostSteps);
    for (const char* rule : {"T1", "T3", "G3", "W3", "W8"}) {
        EXPECT_EQ(test::findingOf(design(), rule), nullptr) << rule;
    }
}

}  // namespace
}  // namespace spirk
