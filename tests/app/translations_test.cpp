// SPDX-License-Identifier: GPL-3.0-or-later
// Languages of the interface: each file in translations/ is complete and true to its placeholders,
// and the window works in it.
#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QMenu>
#include <QMenuBar>
#include <QRegularExpression>
#include <QTableView>
#include <QTextBrowser>
#include <QTranslator>
#include <QXmlStreamReader>
#include <map>
#include <set>

#include "app/needs/needs_model.h"
#include "app/shared/language.h"
#include "app/shared/settings.h"
#include "core/plan/owned_cables.h"
#include "paper/words.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

using Key = std::pair<QString, QString>;  // context, source

struct Message {
    QStringList forms;  // one, or the plurals
    bool finished = true;
};

std::map<Key, Message> messagesOf(const QString& path) {
    std::map<Key, Message> out;
    QFile file(path);
    EXPECT_TRUE(file.open(QIODevice::ReadOnly)) << path.toStdString();
    QXmlStreamReader xml(&file);
    QString context, source;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement) {
            continue;
        }
        if (xml.name() == QLatin1String("name")) {
            context = xml.readElementText();
        } else if (xml.name() == QLatin1String("source")) {
            source = xml.readElementText();
            out[{context, source}];
        } else if (xml.name() == QLatin1String("translation")) {
            Message& message = out[{context, source}];
            message.finished = !xml.attributes().hasAttribute("type");
            const QString text = xml.readElementText(QXmlStreamReader::IncludeChildElements);
            message.forms << text;
        }
    }
    return out;
}

// Placeholders of a text, each as often as it stands there.
QStringList placeholders(const QString& text) {
    static const QRegularExpression pattern("%L?[0-9]+|%n|%[vm]|\\{[^}]*\\}");
    QStringList out;
    for (auto found = pattern.globalMatch(text); found.hasNext();) {
        out << found.next().captured();
    }
    out.sort();
    return out;
}

// English itself needs no translation but its plurals.
QStringList translatedLanguages() {
    QStringList all = app::languages();
    all.removeAll("en");
    return all;
}

TEST(Translations, GermanIsThere) {
    EXPECT_TRUE(app::languages().contains("de"));
    EXPECT_TRUE(app::languages().contains("en"));
    EXPECT_EQ(app::languageName("de"), QString("Deutsch"));
}

TEST(Translations, EachIsCompleteAndTrueToItsPlaceholders) {
    const auto all = messagesOf(SPIRK_TEXTS);
    ASSERT_GT(all.size(), 2000u);
    for (const QString& code : translatedLanguages()) {
        const auto have =
            messagesOf(QString(SPIRK_SOURCE_DIR) + "/translations/spirk_" + code + ".ts");
        for (const auto& [key, unused] : all) {
            SCOPED_TRACE(code.toStdString() + " '" + key.second.toStdString() + "'");
            const auto found = have.find(key);
            ASSERT_NE(found, have.end()) << "run scripts/texts on the file and translate";
            EXPECT_TRUE(found->second.finished);
            for (const QString& text : found->second.forms) {
                EXPECT_FALSE(text.isEmpty());
                if (!key.second.contains("%n")) {
                    EXPECT_EQ(placeholders(text), placeholders(key.second)) << text.toStdString();
                    EXPECT_EQ(text.count('&'), key.second.count('&')) << text.toStdString();
                }
            }
        }
    }
}

TEST(Translations, OfTheDesktopTheFirstThatThereIsIsUsed) {
    EXPECT_EQ(app::languageFor({}, {"de-AT", "en-GB"}), QString("de"));
    EXPECT_EQ(app::languageFor({}, {"xx", "de"}), QString("de"));
    EXPECT_EQ(app::languageFor({}, {"xx"}), QString("en"));
    EXPECT_EQ(app::languageFor("en", {"de"}), QString("en"));
    EXPECT_EQ(app::languageFor("xx", {"de"}), QString("de"));
}

class German : public test::WindowTest {
protected:
    void SetUp() override {
        ASSERT_TRUE(translator_.load(":/translations/spirk_de.qm"));
        QCoreApplication::installTranslator(&translator_);
        QLocale::setDefault(QLocale("de_DE"));
        WindowTest::SetUp();
        trigger("file.demo");
    }
    void TearDown() override {
        WindowTest::TearDown();
        QLocale::setDefault(before_);
        QCoreApplication::removeTranslator(&translator_);
    }

private:
    QTranslator translator_;
    const QLocale before_;
};

// Two entries with one letter: the second is reached by pressing it twice, or never.
void expectLettersOfTheirOwn(const QList<QAction*>& actions, const QString& menu) {
    std::map<QChar, QString> letters;
    for (QAction* action : actions) {
        const qsizetype at = action->text().indexOf('&');
        if (at >= 0 && action->isVisible()) {
            const QChar letter = action->text()[at + 1].toLower();
            EXPECT_FALSE(letters.contains(letter))
                << menu.toStdString() << ": " << action->text().toStdString() << " and "
                << letters[letter].toStdString();
            letters[letter] = action->text();
        }
        if (action->menu() != nullptr) {
            expectLettersOfTheirOwn(action->menu()->actions(), action->text());
        }
    }
}

TEST_F(German, ALetterLeadsToOneEntryOfAMenu) {
    expectLettersOfTheirOwn(window->menuBar()->actions(), "menu bar");
}

class English : public test::WindowTest {};

TEST_F(English, ALetterLeadsToOneEntryOfAMenu) {
    trigger("file.demo");
    expectLettersOfTheirOwn(window->menuBar()->actions(), "menu bar");
}

TEST_F(German, FiguresAndFindingsAreGerman) {
    EXPECT_EQ(q(volts(12.8)), QString("12,80 V"));
    ASSERT_FALSE(design().checks.findings.empty());
    static const QRegularExpression english("\\b(of|is|and|fuse|cable)\\b");
    for (const Finding& f : design().checks.findings) {
        const QString all = q(f.what) + " " + q(f.why) + " " + q(f.remedy) + " " + q(f.source);
        EXPECT_FALSE(all.contains(english)) << all.toStdString();
    }
    window->selection().select(subject(ConductorId("inverter.feed+")));
    const QString thread = find<QTextBrowser>("drawer.thread")->toPlainText();
    EXPECT_TRUE(thread.contains("Strombelastbarkeit") || thread.contains("Belastbarkeit"));
    EXPECT_FALSE(thread.contains(english)) << thread.toStdString();
}

TEST_F(German, WhatIsTypedIsReadInGerman) {
    typeInto("needs.table", 0, app::NeedsModel::Together, "allein");
    EXPECT_EQ(plan().appliances[0].runs, Runs::Alone);
    typeInto("needs.table", 0, app::NeedsModel::Together, "zusammen");
    EXPECT_EQ(plan().appliances[0].runs, Runs::WithOthers);
    typeInto("needs.table", 0, app::NeedsModel::Measured, "1,2 kW");
    EXPECT_EQ(plan().appliances[0].measured, watts(1200));
    const auto owned = parseOwnedCables(
        q(textOf({{squareMillimetres(25), metres(6)}})).toStdString(), {}, CableSizes::Metric);
    ASSERT_TRUE(owned.has_value());
    EXPECT_EQ(owned->front().length, metres(6));
}

// Found by hand: 'Rom' was written into the plan, which knows only 'Rome'.
TEST_F(German, WhatIsChosenIsWrittenAsPlansHaveIt) {
    window->showStation("supply");
    auto* climate = find<QComboBox>("supply.climate");
    climate->setCurrentIndex(climate->findText("Rom"));
    ASSERT_GE(climate->currentIndex(), 0);
    emit climate->activated(climate->currentIndex());
    EXPECT_EQ(plan().trip.climate, "Rome");
    EXPECT_EQ(climate->currentText(), QString("Rom"));
    EXPECT_TRUE(design().gear.findings.empty());
}

TEST_F(German, IsChosenInTheViewMenuForTheNextStart) {
    trigger("view.language.de");
    EXPECT_EQ(app::chosenLanguage(), QString("de"));
    EXPECT_TRUE(window->noticeText().contains("Start"));
    trigger("view.language.");
    EXPECT_TRUE(app::chosenLanguage().isEmpty());
}

}  // namespace
}  // namespace spirk
