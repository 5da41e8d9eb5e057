// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/paper_menu.h"

#include "app/files/export_files.h"
#include "app/shared/text.h"
#include "core/exchange/csv.h"
#include "core/exchange/report.h"
#include "core/exchange/table_json.h"

namespace spirk::app {

PrintMenu::PrintMenu(Document& document, const Dialogs& dialogs, QWidget* parent)
    : QMenu(tr("&Print"), parent), document_(document), dialogs_(dialogs) {
    const auto add = [this](const QString& name, const QString& text, PaperDocument what) {
        QAction* action = addAction(text);
        action->setObjectName(name);
        connect(action, &QAction::triggered, this, [this, what] { print(what); });
        return action;
    };
    add("file.print", tr("The switch-on &sheet…"), PaperDocument::SwitchOnSheet)
        ->setShortcut(QKeySequence::Print);
    add("file.printDiagram", tr("The dia&gram…"), PaperDocument::Diagram);
    add("file.printLists", tr("The &lists…"), PaperDocument::Lists);
}

void PrintMenu::print(PaperDocument document) {
    const std::shared_ptr<const Design> design = document_.design();
    dialogs_.print(parentWidget(), pagesOf(document, *design, document_.library()));
}

ExportMenu::ExportMenu(Document& document, const Dialogs& dialogs, QWidget* parent)
    : QMenu(tr("&Export"), parent), document_(document), dialogs_(dialogs) {
    addDrawing("diagram", tr("&Diagram (SVG, PDF)…"), PaperDocument::Diagram);
    addDrawing("lists", tr("&Lists (PDF, SVG)…"), PaperDocument::Lists);
    addDrawing("sheet", tr("Switch-on &sheet (PDF, SVG)…"), PaperDocument::SwitchOnSheet);
    addSeparator();
    addTable("parts.csv", tr("&Parts (CSV)…"), partsCsv);
    addTable("cuts.csv", tr("&Cut list (CSV)…"), cutsCsv);
    addTable("labels.csv", tr("La&bels (CSV)…"), labelsCsv);
    addTable("cables.csv", tr("C&ables (CSV)…"), [this](const Design& d) {
        return cablesCsv(d, document_.library());
    });
    addTable("report.json", tr("&Report (JSON)…"), [this](const Design& d) {
        return reportJson(d, document_.library());
    });
}

void ExportMenu::addDrawing(const QString& name, const QString& text, PaperDocument document) {
    QAction* action = addAction(text);
    action->setObjectName("export." + name);
    connect(action, &QAction::triggered, this, [this, document, name] {
        writeDrawing(document, name);
    });
}

void ExportMenu::addTable(const QString& file,
                          const QString& text,
                          std::function<std::string(const Design&)> write) {
    QAction* action = addAction(text);
    action->setObjectName("export." + file.section('.', 0, 0));
    connect(action, &QAction::triggered, this, [this, file, write = std::move(write)] {
        const QString endings =
            file.endsWith(".csv") ? tr("Tables (*.csv *.json)") : tr("Reports (*.json)");
        const QString path = dialogs_.saveFile(parentWidget(), tr("Export"), file, endings);
        if (path.isEmpty()) {
            return;
        }
        const std::string written = write(*document_.design());
        const bool table = file.endsWith(".csv");
        const QByteArray bytes =
            QByteArray::fromStdString(table ? tableFor(path.toStdString(), written) : written);
        tell(exported(document_, dialogs_, parentWidget(), {{path, bytes}}, path));
    });
}

void ExportMenu::writeDrawing(PaperDocument document, const QString& name) {
    const QString path = dialogs_.saveFile(
        parentWidget(), tr("Export"), name + ".pdf", tr("PDF (*.pdf);;SVG (*.svg)"));
    if (path.isEmpty()) {
        return;
    }
    const std::shared_ptr<const Design> design = document_.design();
    const std::vector<Page> pages = pagesOf(document, *design, document_.library());
    const QString title = q(design->plan.name);
    const auto files = drawn(pages, title, path);
    tell(files ? exported(document_, dialogs_, parentWidget(), *files, path) : q(files.error()));
}

void ExportMenu::tell(const QString& text) {
    if (!text.isEmpty()) {
        emit notice(text);
    }
}

}  // namespace spirk::app
