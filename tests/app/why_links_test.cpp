// SPDX-License-Identifier: GPL-3.0-or-later
// Every figure that is shown answers 'why': the links of the drawer and of the sheet, all of them,
// lead to a derivation that shows the same value.
#include <QTextBlock>
#include <QTextBrowser>
#include <QUrl>
#include <map>

#include "app/shared/links.h"
#include "core/design/why.h"
#include "core/plan/units.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class WhyLinks : public test::WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        trigger("file.demo");
    }
    // Address and text of the links that a text holds.
    [[nodiscard]] static std::map<QString, QString> linksOf(const QTextBrowser& browser) {
        std::map<QString, QString> out;
        for (QTextBlock block = browser.document()->begin(); block.isValid();
             block = block.next()) {
            for (auto at = block.begin(); !at.atEnd(); ++at) {
                const QTextFragment fragment = at.fragment();
                if (fragment.charFormat().isAnchor()) {
                    // A figure and its unit may be held together.
                    out[fragment.charFormat().anchorHref()] =
                        fragment.text().replace(QChar::Nbsp, ' ');
                }
            }
        }
        return out;
    }
    // Number of the links that ask a figure; each must have a derivation with the value shown.
    int askAll(const QTextBrowser& browser, bool valueIsText = true) {
        int asked = 0;
        for (const auto& [address, text] : linksOf(browser)) {
            const auto figure = app::figureOf(address);
            if (!figure) {
                EXPECT_TRUE(app::subjectOf(address).has_value()) << address.toStdString();
                continue;
            }
            ++asked;
            const auto why = spirk::why(design(), *figure);
            EXPECT_TRUE(why.has_value()) << figure->value;
            if (why && valueIsText) {
                EXPECT_EQ(format(why->result), text.toStdString()) << figure->value;
            }
        }
        return asked;
    }
};

TEST_F(WhyLinks, OfEveryConductorsThread) {
    auto* thread = find<QTextBrowser>("drawer.thread");
    for (const Conductor& c : design().wiring.circuit.conductors) {
        window->selection().select(subject(c.id));
        EXPECT_GE(askAll(*thread), static_cast<int>(design().moments.size())) << c.id.value;
    }
}

TEST_F(WhyLinks, OfEveryDevicesThread) {
    auto* thread = find<QTextBrowser>("drawer.thread");
    int asked = 0;
    for (const Device& d : design().wiring.circuit.devices) {
        window->selection().select(subject(d.id));
        asked += askAll(*thread);
    }
    EXPECT_GT(asked, 100);
}

TEST_F(WhyLinks, OfEveryAppliancesThread) {
    auto* thread = find<QTextBrowser>("drawer.thread");
    for (const Appliance& a : plan().appliances) {
        window->selection().select(subject(a.id));
        EXPECT_GE(askAll(*thread), 1) << a.name;
    }
}

TEST_F(WhyLinks, OfTheSheetForTheFirstSwitchOn) {
    window->showStation("powerup");
    std::size_t readings = 0;
    for (const auto* steps : {&design().powerUp.deadTests, &design().powerUp.switchOn}) {
        for (const SwitchStep& step : *steps) {
            readings += step.readings.size();
        }
    }
    EXPECT_GE(askAll(*find<QTextBrowser>("powerup.sheet"), false), static_cast<int>(readings));
}

TEST_F(WhyLinks, AReadingOfTheSheetIsAnsweredInTheDrawer) {
    window->showStation("powerup");
    auto* sheet = find<QTextBrowser>("powerup.sheet");
    const auto links = linksOf(*sheet);
    const auto reading = links.find("why:reading.on.inverter.1");
    ASSERT_NE(reading, links.end());
    emit sheet->anchorClicked(QUrl(reading->first));
    auto* why = find<QTextBrowser>("drawer.why");
    EXPECT_TRUE(why->isVisible());
    EXPECT_TRUE(why->toPlainText().contains(reading->second));
    EXPECT_TRUE(why->toPlainText().contains("E_low"));
    // From there on to the solved volts of the step, and back.
    const auto further = linksOf(*why);
    const auto volts = further.find("why:moment.on.inverter.volts.inverter%3Adc%2B");
    ASSERT_NE(volts, further.end());
    emit why->anchorClicked(QUrl(volts->first));
    EXPECT_TRUE(why->toPlainText().contains("V = E - ΔV"));
    emit why->anchorClicked(QUrl("back:"));
    EXPECT_TRUE(why->toPlainText().contains("E_low"));
}

TEST_F(WhyLinks, AFigureThatHasGoneSaysSo) {
    window->selection().askWhy(FigureId("moment.noon.current.inverter.feed+"));
    auto* why = find<QTextBrowser>("drawer.why");
    EXPECT_TRUE(why->toPlainText().contains("Kirchhoff"));
    Plan next = plan();
    takeOutInverter(next.gear);
    window->document().push("no inverter", std::move(next));
    EXPECT_TRUE(why->toPlainText().contains("no longer"));
    window->document().undoStack().undo();
    EXPECT_TRUE(why->toPlainText().contains("Kirchhoff"));
}

}  // namespace
}  // namespace spirk
