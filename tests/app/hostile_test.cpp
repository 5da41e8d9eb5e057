// SPDX-License-Identifier: GPL-3.0-or-later
// The hostile corpus in the window: what is refused leaves what was open, what is opened is shown
// as text, whatever it looks like.
#include "tests/support/hostile.h"

#include <QAbstractItemView>
#include <QLabel>
#include <QPushButton>
#include <QTextBrowser>
#include <QXmlStreamReader>

#include "core/plan/plan_file.h"
#include "paper/pages.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class HostileWindow : public test::WindowTest {
protected:
    static QString corpus(const std::string& name) {
        return QString(SPIRK_SOURCE_DIR) + "/tests/hostile/" + QString::fromStdString(name);
    }
    void showEverything() {
        for (const QString& id : window->stationIds()) {
            window->showStation(id);
            QCoreApplication::sendPostedEvents();
            QTest::qWait(0);
        }
    }
    // What a tool tip or a label would make of the text: nothing but text.
    static void expectPlain(const QString& text, const QString& where) {
        if (Qt::mightBeRichText(text)) {
            EXPECT_FALSE(text.contains("<img") || text.contains("<b>bold") ||
                         text.contains("<b>van") || text.contains("<a href=\"x"))
                << where.toStdString() << ": " << text.toStdString();
        }
    }
    void expectAllTextIsText() {
        for (const QWidget* w : window->findChildren<QWidget*>()) {
            expectPlain(w->toolTip(), w->objectName() + " tip");
        }
        for (const QLabel* label : window->findChildren<QLabel*>()) {
            if (label->textFormat() != Qt::PlainText) {
                expectPlain(label->text(), label->objectName());
            }
        }
        for (const QTextBrowser* page : window->findChildren<QTextBrowser*>()) {
            const QString html = page->toHtml();
            EXPECT_FALSE(html.contains("<img")) << page->objectName().toStdString();
            EXPECT_FALSE(html.contains("passwd\"")) << page->objectName().toStdString();
        }
        for (const QAbstractItemView* view : window->findChildren<QAbstractItemView*>()) {
            const QAbstractItemModel* model = view->model();
            for (int row = 0; model != nullptr && row < model->rowCount(); ++row) {
                for (int column = 0; column < model->columnCount(); ++column) {
                    expectPlain(model->index(row, column).data(Qt::ToolTipRole).toString(),
                                view->objectName() + " cell");
                }
            }
        }
    }
};

TEST_F(HostileWindow, WhatIsRefusedLeavesWhatWasOpen) {
    const Plan before = plan();
    std::vector<std::string> files = test::hostileFiles("refused");
    const std::vector<std::string> gear = test::hostileFiles("refused", ".spirkgear");
    EXPECT_FALSE(gear.empty());
    files.insert(files.end(), gear.begin(), gear.end());
    for (const std::string& file : files) {
        window->showNotice(QString());
        window->openFile(QString::fromStdString(file));
        EXPECT_EQ(plan(), before) << file;
        EXPECT_FALSE(window->noticeText().isEmpty()) << file;
        EXPECT_LT(window->noticeText().size(), 6000) << file;
    }
}

TEST_F(HostileWindow, WhatIsOpenedIsShownAsText) {
    for (const std::string& file : test::hostileFiles("accepted")) {
        SCOPED_TRACE(file);
        window->openFile(QString::fromStdString(file));
        EXPECT_TRUE(window->noticeText().isEmpty() || !plan().kept.empty())
            << window->noticeText().toStdString();
        showEverything();
        expectAllTextIsText();
        if (!plan().appliances.empty()) {
            window->selection().select(subject(plan().appliances.front().id));
            QTest::qWait(0);
            expectAllTextIsText();
        }
    }
}

// The probe is a name that is markup: it must arrive as letters where names are told.
TEST_F(HostileWindow, ANameThatIsMarkupArrivesAsLetters) {
    window->openFile(corpus("accepted/names-that-are-markup.spirk"));
    window->selection().select(subject(plan().appliances.front().id));
    QTest::qWait(0);
    EXPECT_TRUE(
        find<QTextBrowser>("drawer.thread")->toPlainText().contains("<img src=\"probe.png\">"));
    Plan next = plan();
    next.appliances.clear();
    window->document().push("a name", std::move(next));
    window->openFile("/no/such/<img src=x>.spirk");
    EXPECT_EQ(find<QLabel>("notice")->textFormat(), Qt::PlainText);
    EXPECT_TRUE(window->noticeText().contains("<img src=x>"));
}

// XML 1.0, 2.2: which characters there are at all.
TEST(HostilePaper, DrawingsAreWellFormedWhateverTheNamesAndCarryNoScript) {
    for (const std::string& file : test::hostileFiles("accepted")) {
        SCOPED_TRACE(file);
        const Plan plan = *loadPlan(file).plan;
        const Library& library = libraryFor(test::libraries(), plan.region);
        const Design d = design(plan, library);
        for (const auto document :
             {PaperDocument::Diagram, PaperDocument::Lists, PaperDocument::SwitchOnSheet}) {
            const auto files =
                drawn(pagesOf(document, d, library), QString::fromStdString(plan.name), "x.svg");
            for (const NamedBytes& page : *files) {
                QXmlStreamReader xml(page.bytes);
                QString title;
                while (!xml.atEnd()) {
                    xml.readNext();
                    if (xml.isStartElement()) {
                        EXPECT_NE(xml.name(), u"script");
                        EXPECT_NE(xml.name(), u"image");
                        if (xml.name() == u"title") {
                            title = xml.readElementText();
                        }
                    }
                }
                ASSERT_FALSE(xml.hasError()) << xml.errorString().toStdString();
                if (plan.name.find('\x01') == std::string::npos) {
                    EXPECT_EQ(title.toStdString(), plan.name);
                }
            }
        }
    }
}

TEST_F(HostileWindow, ThousandsOfFindingsAreShownByTheScreenful) {
    Plan many = test::aSmallVan();
    for (int i = 0; i < 150; ++i) {
        many.appliances.push_back(test::aLoad("x" + std::to_string(i), watts(60), Category::Work));
        // A fuse that its cable cannot bear: a finding each.
        many.amendments.push_back(SetFuse{
            ConductorId("circuit.x" + std::to_string(i) + ".feed+"), End::From, "", amps(100)});
    }
    window->document().setPlan(many, QString());
    ASSERT_GT(design().checks.findings.size(), 130u);
    window->showStation("checks");
    QTest::qWait(0);
    auto* more = find<QPushButton>("checks.more");
    ASSERT_TRUE(more->isVisible());
    const auto cards = [&] {
        int count = 0;
        for (const QWidget* w : window->findChildren<QWidget*>()) {
            count += w->objectName().startsWith("checks.card.") && w->isVisible() ? 1 : 0;
        }
        return count;
    };
    EXPECT_EQ(cards(), 60);
    more->click();
    QTest::qWait(0);
    EXPECT_EQ(cards(), 120);
}

}  // namespace
}  // namespace spirk
