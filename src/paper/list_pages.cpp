// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/list_pages.h"

#include <QCoreApplication>

#include "paper/page_flow.h"

namespace spirk {

namespace {

QString tr(const char* text) { return QCoreApplication::translate("Paper", text); }
QString q(const std::string& s) { return QString::fromStdString(s); }

QString joined(const std::vector<std::string>& parts) {
    QStringList out;
    for (const std::string& part : parts) {
        out << q(part);
    }
    return out.join(", ");
}

PageFlow flowFor(const QString& title, const Design& design) {
    return {title, q(design.plan.name), q(footCaution())};
}

void addFindings(PageFlow& flow, const Design& design) {
    flow.heading(tr("What was found"));
    std::vector<QStringList> rows;
    for (const Finding& f : design.checks.findings) {
        rows.push_back({q(f.rule),
                        q(name(f.severity)),
                        q(english(f.what, design.plan.units)) + " " +
                            q(english(f.why, design.plan.units)) + " " +
                            q(english(f.remedy, design.plan.units)),
                        q(f.source) + " (" + q(name(f.standing)) + ")"});
    }
    if (rows.empty()) {
        flow.paragraph(tr("Nothing, by the rules that were checked."));
        return;
    }
    flow.table({{tr("Rule"), 14},
                {tr("Severity"), 18},
                {tr("What, why, what to do"), 98},
                {tr("Source"), 50}},
               rows);
}

// Cables are cut to the millimetre, or to the quarter inch.
QString cutLength(Metres length, const Units& units) {
    return units.length == LengthUnit::Metre
               ? QStringLiteral("%1 mm").arg(inMillimetres(length), 0, 'f', 0)
               : QStringLiteral("%1 in").arg(inMillimetres(length) / 25.4, 0, 'f', 2);
}

void addParts(PageFlow& flow, const Design& design) {
    flow.heading(tr("Parts"));
    std::vector<QStringList> rows;
    for (const Part& p : design.build.parts) {
        const QString amount = p.quantity.unit == Unit::Metre
                                   ? q(format(p.quantity, design.plan.units))
                                   : q(format(p.quantity));
        const QString price =
            p.price > 0.0 ? q(formatPrice(p.price, design.build.currency)) : QString();
        rows.push_back({q(p.name), amount, price, joined(p.usedBy), QString()});
    }
    flow.table({{tr("Part"), 70},
                {tr("Quantity"), 20, true},
                {tr("Price, about"), 22, true},
                {tr("Used by"), 54},
                {tr("Have"), 14}},
               rows);
}

void addCuts(PageFlow& flow, const Design& design) {
    flow.heading(tr("Cut list"));
    flow.paragraph(
        tr("Lay each cable out loose before cutting it. Mark the piece before the next one."));
    std::vector<QStringList> rows;
    for (const CutPiece& c : design.build.cuts) {
        rows.push_back({q(c.piece),
                        q(format(c.area)) + "\n" + q(c.colour),
                        cutLength(c.length, design.plan.units),
                        q(c.from) + "\n" + q(c.fromLug),
                        q(c.to) + "\n" + q(c.toLug),
                        QString()});
    }
    flow.table({{tr("Piece"), 13},
                {tr("Cable"), 33},
                {tr("Length"), 20, true},
                {tr("One end"), 51},
                {tr("Other end"), 51},
                {tr("Cut"), 12}},
               rows);
}

void addLabels(PageFlow& flow, const Design& design) {
    flow.heading(tr("Labels"));
    flow.paragraph(tr("One at each end of the conductor."));
    std::vector<QStringList> rows;
    for (const LabelText& l : design.build.labels) {
        rows.push_back({q(l.first), q(l.second)});
    }
    flow.table({{tr("First line"), 70}, {tr("Second line"), 110}}, rows);
}

void addStep(PageFlow& flow, const SwitchStep& step, int number) {
    flow.paragraph(QStringLiteral("%1   %2").arg(number).arg(q(step.text)), true);
    if (!step.caution.empty()) {
        flow.caution(q(step.caution));
    }
    std::vector<QStringList> rows;
    for (const Expected& e : step.readings) {
        // Dead tests give a bound, not a value.
        const bool ohms = e.value.unit == Unit::Ohm;
        const QString value = ohms ? QStringLiteral("–") : q(format(e.value));
        const QString range = ohms && e.low.si > 0.0 ? tr("above %1").arg(q(format(e.low)))
                              : ohms                 ? tr("below %1").arg(q(format(e.high)))
                                     : tr("%1 to %2").arg(q(format(e.low)), q(format(e.high)));
        rows.push_back({q(e.where), value, range, QString()});
    }
    if (!rows.empty()) {
        flow.table({{tr("Reading"), 82},
                    {tr("Expected"), 28, true},
                    {tr("All is well between"), 42, true},
                    {tr("Measured"), 28}},
                   rows);
    }
}

}  // namespace

std::vector<Page> listPages(const Design& design, const Library& /*library*/) {
    PageFlow flow = flowFor(tr("Parts, cut list, labels"), design);
    addFindings(flow, design);
    addParts(flow, design);
    addCuts(flow, design);
    addLabels(flow, design);
    return flow.take();
}

std::vector<Page> sheetPages(const Design& design) {
    PageFlow flow = flowFor(tr("First switch-on"), design);
    flow.paragraph(tr(
        "Expected volts are for a bank delivered half charged; compare with the same meter "
        "at the battery. Expected amps are what the monitor or a clamp zeroed beforehand shows."));
    flow.heading(tr("Dead tests: everything off"));
    int number = 0;
    for (const SwitchStep& step : design.powerUp.deadTests) {
        addStep(flow, step, ++number);
    }
    flow.heading(tr("Settings"));
    std::vector<QStringList> rows;
    for (const DeviceSetting& s : design.powerUp.settings) {
        rows.push_back({q(s.name), q(s.setting), q(s.value), QString()});
    }
    flow.table({{tr("Device"), 70}, {tr("Setting"), 50}, {tr("Value"), 40}, {tr("Done"), 20}},
               rows);
    flow.heading(tr("Switching on"));
    for (const SwitchStep& step : design.powerUp.switchOn) {
        addStep(flow, step, ++number);
    }
    return flow.take();
}

}  // namespace spirk
