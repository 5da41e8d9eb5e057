// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/list_pages.h"

#include <QCoreApplication>

#include "core/build/conductor_numbers.h"
#include "paper/page_flow.h"
#include "paper/words.h"

namespace spirk {

namespace {

struct ListPages {
    Q_DECLARE_TR_FUNCTIONS(spirk::ListPages)
};

PageFlow flowFor(const QString& title, const Design& design) {
    return {title, q(design.plan.name), q(footCaution())};
}

void addFindings(PageFlow& flow, const Design& design) {
    flow.heading(ListPages::tr("What was found"));
    std::vector<QStringList> rows;
    for (const Finding& f : design.checks.findings) {
        rows.push_back({q(f.rule),
                        q(name(f.severity)),
                        q(f.what, design.plan.units) + " " + q(f.why, design.plan.units) + " " +
                            q(f.remedy, design.plan.units) + " " +
                            q(conductorNumbers(design.build.numbers, f.where)),
                        q(f.source) + " (" + q(name(f.standing)) + ")"});
    }
    if (rows.empty()) {
        flow.paragraph(ListPages::tr("The rules found nothing."));
        return;
    }
    flow.table({{ListPages::tr("Rule"), 14},
                {ListPages::tr("Severity"), 18},
                {ListPages::tr("What, why, what to do"), 98},
                {ListPages::tr("Source"), 50}},
               rows);
}

void addParts(PageFlow& flow, const Design& design) {
    flow.heading(ListPages::tr("Parts"));
    std::vector<QStringList> rows;
    for (const Part& p : design.build.parts) {
        const QString amount =
            p.quantity.unit == Unit::Metre ? q(p.quantity, design.plan.units) : q(p.quantity);
        const QString price =
            p.price > 0.0 ? q(formatPrice(p.price, design.build.currency)) : QString();
        rows.push_back({q(p.name), amount, price, q(p.usedBy), QString()});
    }
    flow.table({{ListPages::tr("Part"), 70},
                {ListPages::tr("Quantity"), 20, true},
                {ListPages::tr("Price, about"), 22, true},
                {ListPages::tr("Used by"), 54},
                {ListPages::tr("Have"), 14}},
               rows);
}

void addCuts(PageFlow& flow, const Design& design) {
    flow.heading(ListPages::tr("Cut list"));
    flow.paragraph(ListPages::tr(
        "Lay each cable out loose before cutting it. Mark the piece before the next one."));
    std::vector<QStringList> rows;
    for (const CutPiece& c : design.build.cuts) {
        rows.push_back({q(c.piece),
                        q(c.area) + "\n" + q(c.colour),
                        q(formatCut(c.length, design.plan.units)),
                        q(c.from) + "\n" + q(c.fromLug),
                        q(c.to) + "\n" + q(c.toLug),
                        QString()});
    }
    flow.table({{ListPages::tr("Piece"), 13},
                {ListPages::tr("Cable"), 33},
                {ListPages::tr("Length"), 20, true},
                {ListPages::tr("One end"), 51},
                {ListPages::tr("Other end"), 51},
                {ListPages::tr("Cut"), 12}},
               rows);
}

void addLabels(PageFlow& flow, const Design& design) {
    flow.heading(ListPages::tr("Labels"));
    flow.paragraph(ListPages::tr("One at each end of the conductor."));
    std::vector<QStringList> rows;
    for (const LabelText& l : design.build.labels) {
        rows.push_back({q(l.first), q(l.second)});
    }
    flow.table({{ListPages::tr("First line"), 70}, {ListPages::tr("Second line"), 110}}, rows);
    if (design.build.warnings.empty()) {
        return;
    }
    flow.paragraph(ListPages::tr("And on these devices:"));
    rows.clear();
    for (const WarningLabel& l : design.build.warnings) {
        const Device& on = *findDevice(design.wiring.circuit, l.device);
        rows.push_back({q(on.name), q(l.first), q(l.second)});
    }
    flow.table({{ListPages::tr("Device"), 40},
                {ListPages::tr("First line"), 60},
                {ListPages::tr("Second line"), 80}},
               rows);
}

void addStep(PageFlow& flow, const SwitchStep& step, int number, const Units& units) {
    flow.paragraph(QStringLiteral("%1   %2").arg(number).arg(q(step.text, units)), Weight::Strong);
    if (!step.caution.empty()) {
        flow.caution(q(step.caution));
    }
    std::vector<QStringList> rows;
    for (const Expected& e : step.readings) {
        // Dead tests give a bound, not a value.
        const bool ohms = e.value.unit == Unit::Ohm;
        const QString value = ohms ? QStringLiteral("–") : q(e.value);
        const QString range = ohms && e.low.si > 0.0 ? ListPages::tr("above %1").arg(q(e.low))
                              : ohms                 ? ListPages::tr("below %1").arg(q(e.high))
                                     : ListPages::tr("%1 to %2").arg(q(e.low), q(e.high));
        rows.push_back({q(e.where), value, range, QString()});
    }
    if (!rows.empty()) {
        flow.table({{ListPages::tr("Reading"), 82},
                    {ListPages::tr("Expected"), 28, true},
                    {ListPages::tr("Correct if between"), 42, true},
                    {ListPages::tr("Measured"), 28}},
                   rows);
    }
}

}  // namespace

std::vector<Page> listPages(const Design& design, const Library& /*library*/) {
    PageFlow flow = flowFor(ListPages::tr("Parts, cut list, labels"), design);
    addFindings(flow, design);
    addParts(flow, design);
    addCuts(flow, design);
    addLabels(flow, design);
    return flow.take();
}

std::vector<Page> sheetPages(const Design& design) {
    PageFlow flow = flowFor(ListPages::tr("First switch-on"), design);
    flow.paragraph(ListPages::tr(
        "Expected voltages are for a bank as it is delivered: lead nearly full, "
        "lithium about half, several lithium batteries charged full first. Compare with "
        "the same meter at the battery. Expected currents are what the monitor or a "
        "clamp meter, zeroed beforehand, shows."));
    flow.heading(ListPages::tr("Dead tests: everything off"));
    int number = 0;
    for (const SwitchStep& step : design.powerUp.deadTests) {
        addStep(flow, step, ++number, design.plan.units);
    }
    flow.heading(ListPages::tr("Settings"));
    std::vector<QStringList> rows;
    for (const DeviceSetting& s : design.powerUp.settings) {
        rows.push_back({q(s.name), q(s.setting), q(s.value), QString()});
    }
    flow.table({{ListPages::tr("Device"), 70},
                {ListPages::tr("Setting"), 50},
                {ListPages::tr("Value"), 40},
                {ListPages::tr("Done"), 20}},
               rows);
    flow.heading(ListPages::tr("Switching on"));
    for (const SwitchStep& step : design.powerUp.switchOn) {
        addStep(flow, step, ++number, design.plan.units);
    }
    flow.heading(ListPages::tr("Switching off, for work and for storage"));
    for (const SwitchStep& step : design.powerUp.shutDown) {
        addStep(flow, step, ++number, design.plan.units);
    }
    return flow.take();
}

}  // namespace spirk
