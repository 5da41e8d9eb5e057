// SPDX-License-Identifier: GPL-3.0-or-later
// Paper: complete in black and white, the caution on each page, nothing outside the page.
#include <gtest/gtest.h>

#include <QFile>
#include <QImage>
#include <QPainter>
#include <QProcess>

#include "core/powerup/powerup.h"
#include "paper/diagram_painter.h"
#include "paper/ink.h"
#include "paper/pages.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

const Design& demo() {
    static const Design d = design(test::theDemo(), test::library());
    return d;
}

std::string textOfSvg(PaperDocument document, const Design& d) {
    const auto files = drawn(pagesOf(document, d, test::library()), "t", "text.svg");
    EXPECT_TRUE(files.has_value());
    std::string all;
    for (const NamedBytes& file : *files) {
        all += file.bytes.toStdString();
    }
    return all;
}

// ABYC E-11: direct-current negative is black or yellow; the region's table buys yellow.
TEST(Paper, ConductorsHaveTheColoursOfTheRegion) {
    const Region& american = test::americanLibrary().region;
    const Ink europe = inRegion(paperInk(), test::library().region);
    const Ink america = inRegion(paperInk(), american);
    EXPECT_EQ(colourOf(europe, CoreColour::Negative), QColor(Qt::black));
    EXPECT_EQ(american.negative.english, "yellow");
    const QColor negative = colourOf(america, CoreColour::Negative);
    EXPECT_NEAR(negative.hue(), 50, 15);
    EXPECT_EQ(colourOf(america, CoreColour::SolarNegative), QColor(Qt::black));
    // Still seen on its ground.
    EXPECT_LT(colourOf(inRegion(lightInk(), american), CoreColour::Negative).lightness(), 130);
    EXPECT_GT(colourOf(inRegion(darkInk(), american), CoreColour::Negative).lightness(), 130);
}

TEST(Paper, TheDiagramCarriesNumberSizeAndFuseOfEveryConductor) {
    const std::string svg = textOfSvg(PaperDocument::Diagram, demo());
    for (std::size_t i = 0; i < demo().cables.rows.size(); ++i) {
        const Conductor& c = demo().wiring.circuit.conductors[i];
        if (!isOurs(c)) {
            continue;
        }
        const std::string label = std::to_string(demo().build.numbers.at(c.id)) + " · " +
                                  format(demo().cables.rows[i].area);
        EXPECT_NE(svg.find(label), std::string::npos) << label;
    }
    EXPECT_NE(svg.find("300 A"), std::string::npos);
    EXPECT_NE(svg.find("Mains side not planned here"), std::string::npos);
    EXPECT_NE(svg.find("✎"), std::string::npos) << "amended parts carry a mark";
}

// As a reader of PDF files takes it out: hyphens and brackets between capitals were lost.
TEST(Paper, TheTextOfAPdfIsCopiedWhole) {
    const auto files =
        drawn(pagesOf(PaperDocument::Lists, demo(), test::library()), "t", "text.pdf");
    ASSERT_TRUE(files.has_value());
    const QString path = QString::fromStdString(test::temporaryPath("text.pdf"));
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write(files->front().bytes);
    file.close();
    QProcess reader;
    reader.start("pdftotext", {"-raw", path, "-"});
    ASSERT_TRUE(reader.waitForFinished() && reader.exitCode() == 0) << "needs poppler-utils";
    const QString all = QString::fromUtf8(reader.readAllStandardOutput()).simplified();
    for (const char* words : {"DC-DC charger", "(150 A)", "25 mm²", "(+)", "10×38"}) {
        EXPECT_TRUE(all.contains(QString::fromUtf8(words))) << words;
    }
}

TEST(Paper, EveryPageHasTheLineOfCaution) {
    for (const auto document :
         {PaperDocument::Diagram, PaperDocument::Lists, PaperDocument::SwitchOnSheet}) {
        const std::vector<Page> pages = pagesOf(document, demo(), test::library());
        const std::string svg = textOfSvg(document, demo());
        std::size_t found = 0;
        const std::string line = english(footCaution()).substr(0, 40);
        for (std::size_t at = svg.find(line); at != std::string::npos;
             at = svg.find(line, at + 1)) {
            ++found;
        }
        EXPECT_EQ(found, pages.size());
    }
}

TEST(Paper, TheSheetHasCautionsReadingsAndEndsUnplugged) {
    const std::string svg = textOfSvg(PaperDocument::SwitchOnSheet, demo());
    for (const char* part :
         {"Rings and watch off", "Dead tests", "Settings", "Measured", "unplugged", "absorption"}) {
        EXPECT_NE(svg.find(part), std::string::npos) << part;
    }
}

TEST(Paper, TheListsNameTheStandingFault) {
    EXPECT_NE(textOfSvg(PaperDocument::Lists, demo()).find("MAINS"), std::string::npos);
}

QImage painted(const Page& page) {
    QImage image(page.landscape ? QSize(891, 630) : QSize(630, 891), QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter p(&image);
    p.scale(3.0, 3.0);
    page.paint(p);
    return image;
}

TEST(Paper, NothingIsPaintedInTheMargins) {
    for (const auto document :
         {PaperDocument::Diagram, PaperDocument::Lists, PaperDocument::SwitchOnSheet}) {
        for (const Page& page : pagesOf(document, demo(), test::library())) {
            const QImage image = painted(page);
            for (int y = 0; y < image.height(); ++y) {
                for (const int x :
                     {0, 12, 24, image.width() - 25, image.width() - 13, image.width() - 1}) {
                    ASSERT_EQ(image.pixelColor(x, y), QColor(Qt::white)) << x << " " << y;
                }
            }
        }
    }
}

TEST(Paper, SlicesOfTheDiagramHoldTheWholeOfIt) {
    Plan plan = test::aFullVan();
    for (int i = 0; i < 40; ++i) {
        plan.appliances.push_back(
            test::aLoad("load" + std::to_string(i), watts(60), Category::Work));
    }
    const Design d = design(plan, test::library());
    EXPECT_GT(pagesOf(PaperDocument::Diagram, d, test::library()).size(), 4u);
    const std::string svg = textOfSvg(PaperDocument::Diagram, d);
    for (const auto& [id, number] : d.build.numbers) {
        EXPECT_NE(svg.find(">" + std::to_string(number) + " · "), std::string::npos) << id.value;
    }
}

TEST(Paper, AFolderThatDoesNotExistIsNamed) {
    const auto files =
        drawn(pagesOf(PaperDocument::Lists, demo(), test::library()), "t", "/no/such/folder/a.pdf");
    ASSERT_TRUE(files.has_value());
    const auto written = saveTogether(*files);
    ASSERT_FALSE(written.has_value());
    EXPECT_EQ(written.error().where, "/no/such/folder/a.pdf");
}

TEST(Diagram, AHitFindsDevicesConductorsAndRails) {
    const DiagramGeometry g = layOut(demo().wiring.circuit, {});
    const auto wire = std::ranges::find(g.wires, ConductorId("inverter.feed+"), &PlacedWire::id);
    const Point middle{wire->points[0].x, (wire->points[0].y + wire->points[1].y) / 2};
    EXPECT_EQ(hit(g, middle)->id, "inverter.feed+");
    const auto rail = std::ranges::find(g.rails, DeviceId("bus.pos"), &PlacedRail::device);
    EXPECT_EQ(hit(g, {rail->from.x + 60, rail->from.y})->id, "bus.pos");
    EXPECT_FALSE(hit(g, {-50, -50}).has_value());
}

}  // namespace
}  // namespace spirk
