// SPDX-License-Identifier: GPL-3.0-or-later
// A plan from nothing through the widgets to the diagram; all undone, all redone; saved, reopened;
// every export written and read back.
#include <QAbstractItemModelTester>
#include <QComboBox>
#include <QFile>
#include <QPushButton>
#include <QSpinBox>
#include <QSvgRenderer>
#include <QTextBrowser>
#include <QUndoStack>
#include <nlohmann/json.hpp>

#include "app/diagram/diagram_view.h"
#include "app/needs/needs_model.h"
#include "core/exchange/csv.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/app/window.h"

namespace spirk {
namespace {

class Journey : public test::WindowTest {
protected:
    void chooseIn(const char* combo, const QString& text) {
        auto* box = find<QComboBox>(combo);
        const int index = box->findText(text);
        ASSERT_GE(index, 0) << combo << " " << text.toStdString();
        box->setFocus();
        box->setCurrentIndex(index);
        emit box->activated(index);
    }

    void buildAPlan() {
        QTest::mouseClick(find<QPushButton>("needs.add.first"), Qt::LeftButton);
        trigger("needs.add.led");
        trigger("needs.add.kettle");
        trigger("needs.add.own");
        typeInto("needs.table", 3, app::NeedsModel::Name, "drying cabinet");
        typeInto("needs.table", 3, app::NeedsModel::Rated, "0,03 kW");
        typeInto("needs.table", 3, app::NeedsModel::OnTime, "90min");
        typeInto("needs.table", 2, app::NeedsModel::Rated, "1 kW");
        typeInto("needs.table", 2, app::NeedsModel::Measured, "950");
        trigger("view.station.supply");
        enter("supply.days", "3");
        trigger("supply.putIn.sun");
        trigger("supply.putIn.engine");
        trigger("supply.putIn.inverter");
        chooseIn("supply.unit.bank.model", "lithium battery, 200 Ah");
        find<QSpinBox>("supply.unit.bank.count")->setValue(2);
        chooseIn("supply.unit.mppt.panel", "rigid panel, 200 W");
        chooseIn("supply.unit.mppt.controller", "MPPT solar controller, 100 V, 30 A");
        chooseIn("supply.unit.inverter.model", "inverter, 1600 W");
        chooseIn("supply.unit.dcdc.charger", "DC-DC charger, 30 A");
        enter("supply.alternator", "140 A");
        trigger("view.station.diagram");
    }

    QByteArray bytes(const QString& path) {
        QFile file(path);
        EXPECT_TRUE(file.open(QIODevice::ReadOnly)) << path.toStdString();
        return file.readAll();
    }
};

TEST_F(Journey, FromNothingToTheDiagram) {
    buildAPlan();
    ASSERT_EQ(plan().appliances.size(), 4u);
    EXPECT_EQ(plan().appliances[3].name, "drying cabinet");
    EXPECT_EQ(plan().appliances[3].rated, watts(30));
    EXPECT_NEAR(inHours(onTime(plan().appliances[3])), 1.5, 1e-9);
    EXPECT_EQ(plan().appliances[2].measured, watts(950));
    EXPECT_EQ(plan().trip.daysWithoutSun, 3.0);
    EXPECT_EQ(bankOf(plan().gear).count, 2);
    EXPECT_EQ(plan().van.vehicle.alternator, amps(140));
    const auto* view = find<app::DiagramView>("diagram.view");
    EXPECT_EQ(view->geometry().wires.size(), design().wiring.circuit.conductors.size());
    EXPECT_GT(view->geometry().wires.size(), 20u);
    // Each conductor got its number inside the edits.
    EXPECT_EQ(plan().numbers.size(), design().build.labels.size());
}

TEST_F(Journey, UndoItAllRedoItAll) {
    const Plan empty = plan();
    buildAPlan();
    const Plan built = plan();
    QUndoStack& stack = window->document().undoStack();
    const int steps = stack.count();
    EXPECT_GE(steps, 14);
    while (stack.canUndo()) {
        trigger("edit.undo");
    }
    EXPECT_EQ(plan(), empty);
    while (stack.canRedo()) {
        trigger("edit.redo");
    }
    EXPECT_EQ(plan(), built);
    EXPECT_EQ(stack.count(), steps);
}

TEST_F(Journey, SaveAndReopen) {
    buildAPlan();
    const Plan built = plan();
    EXPECT_TRUE(window->isWindowModified());
    nextSave = QString::fromStdString(test::temporaryPath("journey"));  // the ending is added
    trigger("file.save");
    EXPECT_FALSE(window->isWindowModified());
    trigger("file.new");
    EXPECT_TRUE(plan().appliances.empty());
    nextOpen = nextSave + ".spirk";
    trigger("file.open");
    EXPECT_EQ(writePlan(plan()), writePlan(built));
    EXPECT_EQ(window->noticeText(), "");
    EXPECT_EQ(unsavedAsked, 0);
}

TEST_F(Journey, EveryExportIsWrittenAndReadBack) {
    trigger("file.demo");
    for (const char* name : {"diagram", "lists", "sheet"}) {
        nextSave = QString::fromStdString(test::temporaryPath(std::string(name) + ".pdf"));
        trigger((std::string("export.") + name).c_str());
        const QByteArray pdf = bytes(nextSave);
        EXPECT_TRUE(pdf.startsWith("%PDF-")) << name;
        EXPECT_TRUE(pdf.trimmed().endsWith("%%EOF")) << name;
        nextSave = QString::fromStdString(test::temporaryPath(std::string(name) + ".svg"));
        trigger((std::string("export.") + name).c_str());
        const QString first = QString(nextSave).replace(".svg", "-1.svg");
        QSvgRenderer svg(bytes(first));
        EXPECT_TRUE(svg.isValid()) << name;
    }
    for (const char* name : {"parts", "cuts", "labels", "cables"}) {
        nextSave = QString::fromStdString(test::temporaryPath(std::string(name) + ".csv"));
        trigger((std::string("export.") + name).c_str());
        const auto rows = readCsv(bytes(nextSave).toStdString());
        ASSERT_TRUE(rows.has_value()) << name;
        EXPECT_GT(rows->size(), 10u) << name;
    }
    nextSave = QString::fromStdString(test::temporaryPath("report.json"));
    trigger("export.report");
    EXPECT_EQ(nlohmann::json::parse(bytes(nextSave).toStdString())["plan"],
              "Bookbinder's long van");
}

TEST_F(Journey, ModelsKeepTheirPromisesThroughEdits) {
    std::vector<std::unique_ptr<QAbstractItemModelTester>> testers;
    for (const char* table : {"needs.table",
                              "cables.table",
                              "build.parts",
                              "build.cuts",
                              "build.labels",
                              "cables.places",
                              "cables.ways",
                              "cables.placed",
                              "rail"}) {
        testers.push_back(std::make_unique<QAbstractItemModelTester>(
            find<QAbstractItemView>(table)->model(),
            QAbstractItemModelTester::FailureReportingMode::Fatal));
    }
    buildAPlan();
    while (window->document().undoStack().canUndo()) {
        trigger("edit.undo");
    }
}

}  // namespace
}  // namespace spirk
