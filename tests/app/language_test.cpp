// SPDX-License-Identifier: GPL-3.0-or-later
// No plain English anywhere: every station, page and report in a language made of full-width
// letters. What may stay as it is: figures with their units, ids and keys as files have them, what
// the person named.
#include "app/shared/language.h"

#include <QBuffer>
#include <QComboBox>
#include <QDir>
#include <QLabel>
#include <QLocale>
#include <QMenu>
#include <QPlainTextEdit>
#include <QSvgGenerator>
#include <QTableView>
#include <QTextBrowser>
#include <QTextDocument>

#include "app/dialogs/finder.h"
#include "app/dialogs/first_plan_dialog.h"
#include "app/dialogs/own_gear_dialog.h"
#include "app/dialogs/side_by_side_dialog.h"
#include "core/circuit/kinds.h"
#include "core/design/why.h"
#include "core/exchange/report.h"
#include "core/files/read_file.h"
#include "core/library/gear_file.h"
#include "core/plan/references.h"
#include "paper/pages.h"
#include "paper/words.h"
#include "tests/app/pseudo_language.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

// Of figures, standards and formulas; the same in every language.
const char* const kSymbols =
    "V|mV|kV|A|mA|kA|W|kW|Wh|kWh|Ah|Hz|Nm|mm|cm|min|ms|kg|lb|ft|in|AWG|MΩ|mΩ|EUR|USD|NEC|IEC|ABYC|"
    "ISO|UL|EN|SAE|dc|DC|AC|Ctrl|Shift|Alt|Del|Esc|Return|Space|Left|Right|Up|Down|"
    "PgUp|PgDown|Home|End|Ins|Tab|Backspace|Enter|F[0-9]+|Meta|svg|pdf|csv|json|spirk|spirkgear";

class Language : public test::WindowTest {
protected:
    void SetUp() override {
        ASSERT_GT(translator_.size(), 1000u) << "the texts that scripts/texts finds";
        QCoreApplication::installTranslator(&translator_);
        WindowTest::SetUp();
    }
    void TearDown() override {
        window.reset();
        QCoreApplication::removeTranslator(&translator_);
    }

    // A plan whose names are nobody's language, so that they are not taken for English.
    void open(Plan plan) {
        int n = 0;
        plan.name = "№";
        for (Appliance& a : plan.appliances) {
            a.name = "№ " + std::to_string(++n);
        }
        for (VanPlace& place : plan.van.places) {
            place.name = "№ " + std::to_string(++n);
        }
        window->document().setPlan(std::move(plan), QString());
        QTest::qWait(0);
        allowIds();
    }

    // Ids are names in the plan's file, as a person types them there and finds them on labels.
    void allowIds() {
        // Each language is named in itself.
        for (const QString& code : app::languages()) {
            allowed_.insert(app::languageName(code));
        }
        for (const Device& d : design().wiring.circuit.devices) {
            allowed_.insert(QString::fromStdString(d.id.value));
            for (const Port& p : d.ports) {
                allowed_.insert(QString::fromStdString(p.name));
                allowed_.insert(QString::fromStdString(text(TerminalId{d.id, p.name})));
            }
        }
        for (const Conductor& c : design().wiring.circuit.conductors) {
            allowed_.insert(QString::fromStdString(c.id.value));
        }
        for (const auto& [id, derivation] : design().why.all()) {
            allowed_.insert(QString::fromStdString(id.value));
            for (const Term& term : derivation.terms) {
                allowKeys(term.origin);
            }
        }
        for (const Moment& moment : design().powerUp.moments) {
            allowed_.insert(QString::fromStdString(moment.id));
        }
        for (const Finding& f : design().checks.findings) {
            allowed_.insert(QString::fromStdString(f.rule));
        }
        for (const auto* steps : {&design().powerUp.deadTests, &design().powerUp.switchOn}) {
            for (const SwitchStep& s : *steps) {
                allowed_.insert(QString::fromStdString(s.id));
            }
        }
    }

    // Figures, the plan's paths and the names of tables.
    void allowKeys(const Origin& origin) {
        if (const auto* plan = std::get_if<FromPlan>(&origin)) {
            allowed_.insert(QString::fromStdString(plan->path));
        } else if (const auto* figure = std::get_if<FromFigure>(&origin)) {
            allowed_.insert(QString::fromStdString(figure->figure.value));
        } else if (const auto* table = std::get_if<FromTable>(&origin)) {
            allowed_.insert(QString::fromUtf8(table->table.data(),
                                              static_cast<qsizetype>(table->table.size())));
        }
    }

    // Words of two letters and more that are neither symbols nor ids.
    [[nodiscard]] QStringList plainIn(QString text) const {
        if (Qt::mightBeRichText(text)) {
            QTextDocument document;
            document.setHtml(text);
            text = document.toPlainText();
        }
        static const QRegularExpression word("[A-Za-z][A-Za-z0-9_.:+-]*");
        static const QRegularExpression symbol(QString("^(%1)$").arg(kSymbols));
        static const QRegularExpression letters("[A-Za-z]{2}");
        QStringList out;
        for (auto found = word.globalMatch(text); found.hasNext();) {
            QString each = found.next().captured();
            while (each.endsWith('.') || each.endsWith(':')) {
                each.chop(1);
            }
            const bool key = each.contains('_') || allowed_.contains(each);
            if (key || symbol.match(each).hasMatch()) {
                continue;
            }
            if (letters.match(each).hasMatch()) {
                out << each;
            }
        }
        return out;
    }
    void expectNone(const QString& text, const QString& where) {
        const QStringList plain = plainIn(text);
        if (!plain.isEmpty() && told_.insert(text).second) {
            ADD_FAILURE() << where.toStdString() << ": '" << plain.join(" ").toStdString()
                          << "' in: " << text.left(300).toStdString();
        }
    }
    void look(const QAbstractItemModel& model, const QString& where) {
        for (int column = 0; column < model.columnCount(); ++column) {
            expectNone(model.headerData(column, Qt::Horizontal).toString(), where + " head");
            for (int row = 0; row < model.rowCount(); ++row) {
                const QModelIndex index = model.index(row, column);
                for (const int role : {Qt::DisplayRole, Qt::ToolTipRole}) {
                    expectNone(index.data(role).toString(), where);
                }
            }
        }
    }
    void look(QWidget& widget) {
        const QString where = QString(widget.metaObject()->className()) + " " + widget.objectName();
        expectNone(widget.toolTip(), where + " tip");
        expectNone(widget.accessibleName(), where + " accessible name");
        expectNone(widget.windowTitle(), where + " title");
        for (const char* property : {"text", "placeholderText", "plainText", "title"}) {
            if (widget.metaObject()->indexOfProperty(property) >= 0) {
                expectNone(widget.property(property).toString(), where);
            }
        }
        if (const auto* view = qobject_cast<QAbstractItemView*>(&widget);
            view != nullptr && view->model() != nullptr) {
            look(*view->model(), where);
        }
        if (const auto* box = qobject_cast<QComboBox*>(&widget)) {
            look(*box->model(), where);
        }
    }
    // What is painted rather than set: the widget's own painting, as text of a drawing.
    void lookAtPainted(QWidget& widget, const QString& where) {
        QBuffer buffer;
        buffer.open(QIODevice::WriteOnly);
        {
            QSvgGenerator svg;
            svg.setOutputDevice(&buffer);
            svg.setSize(widget.size());
            widget.render(&svg);
        }
        QXmlStreamReader xml(buffer.data());
        while (!xml.atEnd()) {
            if (xml.readNext() == QXmlStreamReader::StartElement &&
                xml.name() == QLatin1String("text")) {
                expectNone(xml.readElementText(), where + " painted");
            }
        }
    }
    void lookInto(QWidget& widget) {
        look(widget);
        for (QWidget* each : widget.findChildren<QWidget*>()) {
            look(*each);
        }
    }
    void lookAtAll() {
        unfoldCards();
        for (const QString& id : window->stationIds()) {
            window->showStation(id);
            QTest::qWait(0);
            lookAtPainted(*window, id);
            for (QWidget* widget : window->findChildren<QWidget*>()) {
                look(*widget);
            }
        }
        for (const QAction* action : window->findChildren<QAction*>()) {
            expectNone(action->text(), "action " + action->objectName());
            expectNone(action->toolTip(), "action's tip " + action->objectName());
        }
    }

    test::PseudoTranslator translator_{SPIRK_TEXTS};
    std::set<QString> allowed_;
    std::set<QString> told_;
};

TEST_F(Language, NoStationHasPlainEnglish) {
    open(test::theDemo());
    for (const char* id : {"inverter.feed+", "circuit.lighting.feed+", "dcdc.enable"}) {
        window->selection().select(subject(ConductorId(id)));
        lookAtAll();
    }
    window->selection().select(subject(DeviceId("inverter")));
    lookAtAll();
}

TEST_F(Language, NoPlanThatIsEmptyHasPlainEnglishEither) {
    open(emptyPlan(test::library()));
    lookAtAll();
}

TEST_F(Language, NoDialogHasPlainEnglish) {
    open(test::theDemo());
    app::Document& document = window->document();
    app::FirstPlanDialog first(test::libraries(), "europe", nullptr);
    lookInto(first);
    app::OwnGearDialog own(document, nullptr);
    auto* kind = own.findChild<QComboBox*>("ownGear.kind");
    for (int row = 0; row < kind->count(); ++row) {
        kind->setCurrentIndex(row);
        lookInto(own);
    }
    app::SideBySideDialog sides(document, nullptr);
    QTRY_VERIFY_WITH_TIMEOUT(!sides.findChildren<QTableView*>().empty(), 5000);
    lookInto(sides);
    const QList<QAction*> actions = window->findChildren<QAction*>();
    app::Finder finder(document, window->selection(), {actions.begin(), actions.end()}, nullptr);
    lookInto(finder);
}

// What is wrong with a file, whichever reader finds it. Texts of the file itself stand in quotes.
TEST_F(Language, NoErrorHasPlainEnglish) {
    const QDir folder(QStringLiteral(SPIRK_SOURCE_DIR "/tests/hostile/refused"));
    static const QRegularExpression quoted("'[^']*'|[0-9.]+e[0-9+-]+");
    for (const QString& name : folder.entryList(QDir::Files)) {
        const std::string path = folder.filePath(name).toStdString();
        std::vector<Error> problems;
        if (name.endsWith(".spirkgear")) {
            const auto text = readFile(path);
            ASSERT_TRUE(text.has_value()) << path;
            problems = readGearFile(*text, path).problems;
        } else {
            problems = openPlan(path, test::libraries()).problems;
        }
        ASSERT_FALSE(problems.empty()) << path;
        // Of JSON that is none, the library that reads it says where and why.
        for (const Error& e : problems) {
            if (e.what.pattern().find("valid JSON") == std::string_view::npos) {
                expectNone(q(then(e.what, e.remedy)).remove(quoted), name);
            }
        }
    }
}

TEST_F(Language, NoPageHasPlainEnglish) {
    open(test::theDemo());
    for (const PaperDocument document :
         {PaperDocument::Diagram, PaperDocument::Lists, PaperDocument::SwitchOnSheet}) {
        const auto files =
            drawn(pagesOf(document, design(), window->document().library()), "№", "t.svg");
        ASSERT_TRUE(files.has_value());
        for (const NamedBytes& file : *files) {
            QXmlStreamReader xml(file.bytes);
            while (!xml.atEnd()) {
                if (xml.readNext() == QXmlStreamReader::StartElement &&
                    xml.name() == QLatin1String("text")) {
                    expectNone(xml.readElementText(), "paper");
                }
            }
        }
    }
}

TEST_F(Language, NoReportAndNoDerivationHasPlainEnglish) {
    open(test::theDemo());
    const Library& library = window->document().library();
    for (const QString& line : q(reportText(design(), library, speech())).split('\n')) {
        expectNone(line, "report");
    }
    for (const auto& [id, derivation] : design().why.all()) {
        expectNone(q(asText(derivation, speech())), q(id.value));
    }
}

TEST(Locale, SaysFiguresWithTheDecimalSignOfTheLocale) {
    const QLocale before;
    QLocale::setDefault(QLocale(QLocale::German, QLocale::Germany));
    EXPECT_EQ(q(measure(volts(12.34))), "12,34 V");
    EXPECT_EQ(q(measure(amps(1234.0))), "1,23 kA");
    EXPECT_EQ(q(Text("{a} of {b}"_text, {{"a", measure(amps(1.5))}, {"b", measure(amps(2.5))}})),
              "1,5 A of 2,5 A");
    QLocale::setDefault(before);
    EXPECT_EQ(q(measure(volts(12.34))), "12.34 V");
}

}  // namespace
}  // namespace spirk
