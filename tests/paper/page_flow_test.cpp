// SPDX-License-Identifier: GPL-3.0-or-later
// Text and tables over pages: nothing is lost at a break, heads repeat, feet count.
#include "paper/page_flow.h"

#include <gtest/gtest.h>

#include <QBuffer>
#include <QPainter>
#include <QSvgGenerator>

#include "paper/ink.h"
#include "paper/severity_mark.h"
#include "paper/symbols.h"

namespace spirk {
namespace {

QString svgOf(const Page& page) {
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QSvgGenerator svg;
    svg.setOutputDevice(&buffer);
    svg.setViewBox(QRectF(0, 0, 210, 297));
    QPainter p(&svg);
    page.paint(p);
    p.end();
    return QString::fromUtf8(buffer.data());
}

class Flow : public ::testing::Test {
protected:
    static void SetUpTestSuite() { loadFonts(); }
    PageFlow flow_{"Title", "Plan", "Foot of the page"};
};

TEST_F(Flow, AnEmptyOneIsOnePageWithItsFrame) {
    const std::vector<Page> pages = flow_.take();
    ASSERT_EQ(pages.size(), 1u);
    const QString svg = svgOf(pages[0]);
    for (const char* part : {"Title", "Plan", "Foot of the page", "1 / 1"}) {
        EXPECT_TRUE(svg.contains(part)) << part;
    }
}

TEST_F(Flow, ALongTableRepeatsItsHeadAndLosesNoRow) {
    std::vector<QStringList> rows;
    rows.reserve(150);
    for (int i = 0; i < 150; ++i) {
        rows.push_back({QStringLiteral("row%1x").arg(i), "cell"});
    }
    flow_.table({{"Head", 60}, {"Other", 60, true}}, rows);
    const std::vector<Page> pages = flow_.take();
    ASSERT_GE(pages.size(), 3u);
    QString all;
    for (std::size_t i = 0; i < pages.size(); ++i) {
        const QString svg = svgOf(pages[i]);
        EXPECT_TRUE(svg.contains(">Head<")) << i;
        EXPECT_TRUE(svg.contains(QStringLiteral("%1 / %2").arg(i + 1).arg(pages.size()))) << i;
        all += svg;
    }
    for (int i = 0; i < 150; ++i) {
        EXPECT_EQ(all.count(QStringLiteral(">row%1x<").arg(i)), 1) << i;
    }
}

TEST_F(Flow, ALongCellMakesItsRowHigher) {
    const QString words = QStringLiteral("many words that must wrap ").repeated(10);
    const QRectF narrow{0, 0, 30, 10};
    const QRectF wide{0, 0, 180, 10};
    EXPECT_GT(paintText(nullptr, narrow, words, 8.5, Weight::Regular),
              2.0 * paintText(nullptr, wide, words, 8.5, Weight::Regular));
}

TEST_F(Flow, ALineBreakIsKept) {
    const QRectF box{0, 0, 100, 10};
    const double one = paintText(nullptr, box, "one", 8.5, Weight::Regular);
    EXPECT_NEAR(paintText(nullptr, box, "one\ntwo", 8.5, Weight::Regular), 2.0 * one, 0.05);
}

TEST_F(Flow, AHeadingNeverStandsAloneAtTheFoot) {
    flow_.space(243.0);
    flow_.heading("Next part");
    flow_.paragraph("Its first line.");
    const std::vector<Page> pages = flow_.take();
    ASSERT_EQ(pages.size(), 2u);
    EXPECT_FALSE(svgOf(pages[0]).contains("Next part"));
    EXPECT_TRUE(svgOf(pages[1]).contains("Next part"));
    EXPECT_TRUE(svgOf(pages[1]).contains("Its first line."));
}

TEST_F(Flow, ACautionIsBoxed) {
    flow_.caution("Take care.");
    const QString svg = svgOf(flow_.take()[0]);
    EXPECT_TRUE(svg.contains("Take care."));
    EXPECT_TRUE(svg.contains("<rect"));
}

// Which part of a picture is covered.
double covered(const QImage& image) {
    int dark = 0;
    for (int y = 0; y < image.height(); ++y) {
        for (int x = 0; x < image.width(); ++x) {
            dark += image.pixelColor(x, y).lightness() < 200 ? 1 : 0;
        }
    }
    return static_cast<double>(dark) / (image.width() * image.height());
}

QImage blank() {
    QImage image(40, 40, QImage::Format_RGB32);
    image.fill(Qt::white);
    return image;
}

// Shapes differ, so that severity is never colour alone: areas of octagon, diamond and circle in a
// square of one: 0.83, 0.5, 0.785.
TEST(SeverityMark, ShapesDiffer) {
    const std::pair<Severity, double> shapes[] = {
        {Severity::Danger, 0.707}, {Severity::Fault, 0.5}, {Severity::Advice, 0.785}};
    for (const auto& [severity, area] : shapes) {
        QImage image = blank();
        QPainter p(&image);
        paintSeverity(p, QRectF(0, 0, 40, 40), severity, paperInk());
        p.end();
        EXPECT_NEAR(covered(image), area, 0.04) << name(severity).english;
    }
}

TEST(Symbols, OfDevicesThatHaveOneLeaveAMark) {
    loadFonts();
    for (const auto kind : {DeviceKind::Battery,
                            DeviceKind::Starter,
                            DeviceKind::DcdcCharger,
                            DeviceKind::SolarController,
                            DeviceKind::Inverter,
                            DeviceKind::Array,
                            DeviceKind::Alternator,
                            DeviceKind::Load,
                            DeviceKind::FuseBlock}) {
        QImage image = blank();
        QPainter p(&image);
        p.setPen(QPen(Qt::black, 2));
        paintSymbol(p, QRectF(8, 8, 24, 24), kind);
        p.end();
        EXPECT_GT(covered(image), 0.02) << static_cast<int>(kind);
    }
}

TEST(Symbols, AnOpenSwitchLooksOpenAndAPulledFuseLooksPulled) {
    const auto leg = [](Contacts contacts) {
        QImage image = blank();
        QPainter p(&image);
        p.setPen(QPen(Qt::black, 2));
        paintInLeg(p, QRectF(0, 0, 40, 40), DeviceKind::MainSwitch, contacts);
        return image;
    };
    EXPECT_NE(leg(Contacts::Open), leg(Contacts::Closed));
    const auto fuse = [](Fuse as) {
        QImage image = blank();
        QPainter p(&image);
        p.setPen(QPen(Qt::black, 2));
        paintFuse(p, QPointF(20, 20), Lies::Upright, as);
        return image;
    };
    EXPECT_NE(fuse(Fuse::Fitted), fuse(Fuse::Pulled));
}

TEST(Ink, EveryCoreAndSeverityHasAColour) {
    for (const Ink& ink : {lightInk(), darkInk(), paperInk()}) {
        for (const auto colour : {CoreColour::Positive,
                                  CoreColour::Negative,
                                  CoreColour::SolarPositive,
                                  CoreColour::SolarNegative,
                                  CoreColour::Signal,
                                  CoreColour::Bond,
                                  CoreColour::Vehicle}) {
            EXPECT_TRUE(colourOf(ink, colour).isValid());
        }
        EXPECT_NE(colourOf(ink, Severity::Danger), colourOf(ink, Severity::Fault));
        EXPECT_NE(colourOf(ink, Severity::Fault), colourOf(ink, Severity::Advice));
    }
}

}  // namespace
}  // namespace spirk
