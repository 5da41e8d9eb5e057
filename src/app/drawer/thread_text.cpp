// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/drawer/thread_text.h"

#include <QCoreApplication>
#include <algorithm>

#include "app/shared/links.h"
#include "app/shared/text.h"
#include "core/base/match.h"
#include "core/cables/figures.h"
#include "core/circuit/explain_moment.h"
#include "core/design/why.h"

namespace spirk::app {

namespace {

struct DrawerWords {
    Q_DECLARE_TR_FUNCTIONS(spirk::app::DrawerWords)
};

template <class Shown>
QString escaped(const Shown& shown, const Units& units = {}) {
    if constexpr (std::is_same_v<Shown, Text> || std::is_same_v<Shown, Value>) {
        return q(shown, units).toHtmlEscaped();
    } else {
        return q(shown).toHtmlEscaped();
    }
}

QString link(const Subject& subject, const QString& text) {
    return QStringLiteral("<a href=\"%1\">%2</a>").arg(selectLink(subject), text.toHtmlEscaped());
}

class Thread {
public:
    Thread(const Design& design, const Library& library, const Ink& ink)
        : d_(design), library_(library), faint_(ink.faint.name()) {}

    QString of(const Subject& subject) {
        switch (subject.kind) {
            case SubjectKind::Conductor:
                conductor(ConductorId(subject.id));
                break;
            case SubjectKind::Device:
                device(DeviceId(subject.id));
                break;
            case SubjectKind::Appliance:
                appliance(ApplianceId(subject.id));
                break;
            case SubjectKind::Figure:
            case SubjectKind::Amendment:
                title(q(subject.id));
                break;
        }
        findings(subject);
        return "<html>" + html_ + "</html>";
    }

    QString ofAll(const QString& lastEdit) {
        gravest();
        begin();
        if (d_.needs.deciding) {
            const auto load =
                std::ranges::find(d_.plan.appliances, *d_.needs.deciding, &Appliance::id);
            const Derivation* energy = d_.why.find(energyFigure(*d_.needs.deciding));
            const QString taken =
                energy == nullptr ? QString()
                                  : ", " + whyLink(energy->id, q(energy->result, d_.plan.units));
            row(DrawerWords::tr("Largest load"), link(subject(load->id), q(load->name)) + taken);
        }
        if (!lastEdit.isEmpty()) {
            row(DrawerWords::tr("Last edit"), lastEdit.toHtmlEscaped());
        }
        end();
        html_ += "<p style='color:" + faint_ + "'>" +
                 DrawerWords::tr(
                     "Select an appliance, a device or a conductor to see its details here. Click "
                     "an underlined figure to see how it is calculated.") +
                 "</p>";
        return "<html>" + html_ + "</html>";
    }

private:
    // The first that nobody lives with: they stand gravest first.
    void gravest() {
        const auto& all = d_.checks.findings;
        const auto open =
            std::ranges::find_if(all, [&](const Finding& f) { return !isAccepted(d_.plan, f); });
        if (d_.plan.appliances.empty() && open == all.end()) {
            return;
        }
        title(DrawerWords::tr("What matters most now"));
        if (open == all.end()) {
            html_ += "<p>" + DrawerWords::tr("No finding is open.") + "</p>";
            return;
        }
        html_ += "<p><b>" + escaped(name(open->severity)) + " " + escaped(open->rule) + ".</b> " +
                 q(open->what, d_.plan.units).toHtmlEscaped() + " " +
                 q(open->remedy, d_.plan.units).toHtmlEscaped() + "</p>";
        if (const Device* device =
                findDevice(d_.wiring.circuit, DeviceId(open->where.front().id))) {
            html_ += "<p>" + link(subject(device->id), q(device->name)) + "</p>";
        } else if (const Conductor* c =
                       findConductor(d_.wiring.circuit, ConductorId(open->where.front().id))) {
            html_ += "<p>" + link(subject(c->id), q(c->name)) + "</p>";
        }
    }
    // As the person calls it; its id where the plan has no such place.
    [[nodiscard]] std::string placeName(const PlaceId& id) const {
        const auto& places = d_.plan.van.places;
        const auto found = std::ranges::find(places, id, &VanPlace::id);
        return found == places.end() ? id.value : found->name;
    }

    void title(const QString& text) { html_ += "<h3>" + text.toHtmlEscaped() + "</h3>"; }
    void begin() { html_ += "<table cellspacing=0 cellpadding=2 width='100%'>"; }
    void end() { html_ += "</table>"; }
    // A row of the thread: name, and what follows as rich text.
    void row(const QString& name, const QString& rich) {
        html_ +=
            QStringLiteral(
                "<tr><td style='color:%1; white-space:nowrap' width='34%'>%2</td><td>%3</td></tr>")
                .arg(faint_, name.toHtmlEscaped(), rich);
    }
    void figure(const QString& name, const FigureId& id) {
        if (const Derivation* why = d_.why.find(id)) {
            row(name, whyLink(id, q(why->result, d_.plan.units)));
        }
    }

    void conductor(const ConductorId& id) {
        const Circuit& circuit = d_.wiring.circuit;
        const Conductor* c = findConductor(circuit, id);
        if (c == nullptr) {
            return;
        }
        const std::size_t index = static_cast<std::size_t>(c - circuit.conductors.data());
        const auto number = d_.build.numbers.find(id);
        title((number == d_.build.numbers.end() ? QString()
                                                : QString::number(number->second) + " · ") +
              q(c->name));
        begin();
        row(DrawerWords::tr("From"), terminal(c->from));
        row(DrawerWords::tr("To"), terminal(c->to));
        figure(DrawerWords::tr("Current"), cableFigure(id, "load"));
        figure(DrawerWords::tr("Fuse"), fuseFigure(id, End::From));
        figure(DrawerWords::tr("Fuse at the far end"), fuseFigure(id, End::To));
        if (isOurs(*c)) {
            figure(DrawerWords::tr("Size"), cableFigure(id, "size"));
            figure(DrawerWords::tr("Ampacity"), cableFigure(id, "ampacity"));
            figure(DrawerWords::tr("Length"), lengthFigure(id));
            figure(DrawerWords::tr("Drop"), cableFigure(id, "drop"));
            figure(DrawerWords::tr("Short circuit"), cableFigure(id, "fault"));
            const CableRow& r = d_.cables.rows[index];
            row(DrawerWords::tr("Terminals"),
                terminalText(r.from.stud) + "<br>" + terminalText(r.to.stud));
            outside(r.area);
            labels(id);
            steps(subject(id));
        } else {
            row(DrawerWords::tr("Status"),
                DrawerWords::tr("part of the vehicle: shown, not sized"));
        }
        end();
        moments(id, index);
    }

    [[nodiscard]] QString terminal(const TerminalId& t) const {
        const Device* device = findDevice(d_.wiring.circuit, t.device);
        // A way of a block goes by its number, which the label says.
        const bool byName = t.port.find('.') == std::string::npos;
        return link(subject(t.device), device == nullptr ? q(t.device.value) : q(device->name)) +
               (byName ? " " + escaped(t.port) : QString());
    }

    // For the gland or grommet that it passes.
    void outside(SquareMetres area) {
        const auto size = std::ranges::find(library_.conductors, area, &ConductorRow::area);
        if (size != library_.conductors.end()) {
            row(DrawerWords::tr("Diameter"),
                q(Measure{size->outerDiameter.si(), Unit::Millimetre}, d_.plan.units));
        }
    }

    // 'M8, 9 Nm to 14 Nm'; what is no nut has no torque.
    [[nodiscard]] QString terminalText(const std::string& stud) const {
        const Stud* nut = findById(library_.studs, stud);
        const Text name = Words{studName(library_, stud)};
        return q(nut == nullptr ? name : listed({name, torqueText(*nut)}), d_.plan.units)
            .toHtmlEscaped();
    }

    void labels(const ConductorId& id) {
        for (const LabelText& l : d_.build.labels) {
            if (l.conductor == id) {
                row(DrawerWords::tr("Label"), escaped(l.first) + "<br>" + escaped(l.second));
            }
        }
        for (const CutPiece& c : d_.build.cuts) {
            if (c.conductor == id) {
                row(DrawerWords::tr("Piece %1").arg(q(c.piece)),
                    q(formatCut(c.length, d_.plan.units)) + ", " + escaped(c.colour) + "<br>" +
                        escaped(c.fromLug) + " – " + escaped(c.toLug));
            }
        }
    }

    void steps(const Subject& what) {
        for (const SwitchStep& step : d_.powerUp.switchOn) {
            if (std::ranges::find(step.subjects, what) == step.subjects.end()) {
                continue;
            }
            row(DrawerWords::tr("Switch-on"), escaped(step.text, d_.plan.units));
            for (const Expected& e : step.readings) {
                row(DrawerWords::tr("Expected"),
                    escaped(e.where) + ": " + whyLink(e.figure, q(e.value)));
            }
        }
    }

    void moments(const ConductorId& id, std::size_t index) {
        html_ += "<p style='color:" + faint_ + "'>" + DrawerWords::tr("Current in each situation") +
                 "</p>";
        begin();
        for (std::size_t i = 0; i < d_.moments.size(); ++i) {
            html_ +=
                QStringLiteral(
                    "<tr><td style='color:%1' width='76%'>%2</td><td align='right'>%3</td></tr>")
                    .arg(faint_,
                         q(d_.wiring.moments[i].name).toHtmlEscaped(),
                         whyLink(currentFigure(d_.wiring.moments[i], id),
                                 q(measure(d_.moments[i].conductor[index]))));
        }
        end();
    }

    void device(const DeviceId& id) {
        const Circuit& circuit = d_.wiring.circuit;
        const Device* device = findDevice(circuit, id);
        if (device == nullptr) {
            return;
        }
        title(q(device->name));
        begin();
        row(DrawerWords::tr("Place"), escaped(placeName(device->place)));
        if (device->appliance) {
            row(DrawerWords::tr("Appliance"), link(subject(*device->appliance), q(device->name)));
            figure(DrawerWords::tr("Energy per day"), energyFigure(*device->appliance));
        }
        for (const Conductor& c : circuit.conductors) {
            if (c.from.device == id || c.to.device == id) {
                const std::string& port = c.from.device == id ? c.from.port : c.to.port;
                const auto way = d_.build.ways.find(c.id);
                const bool isWay =
                    way != d_.build.ways.end() && port.find('.') != std::string::npos;
                row(isWay ? DrawerWords::tr("Way %1").arg(way->second)
                          : DrawerWords::tr("Terminal %1").arg(q(port)),
                    link(subject(c.id), q(c.name)));
            }
        }
        for (const DeviceSetting& s : d_.powerUp.settings) {
            if (s.device == id) {
                row(DrawerWords::tr("Set"), escaped(s.setting) + ": " + escaped(s.value));
            }
        }
        steps(subject(id));
        end();
        momentsOf(*device);
    }

    // Volts and amps of a device in each moment. What stands in the negative alone, or has thin
    // leads only, has none.
    void momentsOf(const Device& device) {
        const bool powered = std::ranges::any_of(
            device.ports, [](const Port& port) { return port.counter && port.pole != Pole::None; });
        if (!powered) {
            return;
        }
        html_ += "<p style='color:" + faint_ + "'>" + DrawerWords::tr("In each situation") + "</p>";
        begin();
        for (std::size_t i = 0; i < d_.moments.size(); ++i) {
            const Moment& moment = d_.wiring.moments[i];
            const QString rich = (voltsIn(i, device) + "&nbsp; " + ampsIn(i, device)).trimmed();
            html_ +=
                QStringLiteral(
                    "<tr><td style='color:%1' width='60%'>%2</td><td align='right'>%3</td></tr>")
                    .arg(faint_, q(moment.name).toHtmlEscaped(), rich);
        }
        end();
    }

    // A figure and its unit stay on one line.
    [[nodiscard]] static QString unbroken(const Value& value) {
        return q(value).replace(' ', QChar::Nbsp);
    }
    [[nodiscard]] QString voltsIn(std::size_t moment, const Device& device) const {
        for (const Port& port : device.ports) {
            const TerminalId here{device.id, port.name};
            const auto v = port.counter
                               ? d_.moments[moment].between(d_.wiring.circuit, here, *port.counter)
                               : std::nullopt;
            if (v) {
                return whyLink(voltsFigure(d_.wiring.moments[moment], here), unbroken(measure(*v)));
            }
        }
        return DrawerWords::tr("dead");
    }

    [[nodiscard]] QString ampsIn(std::size_t moment, const Device& device) const {
        const Flow* flow = d_.moments[moment].flowOf(d_.wiring.circuit, device.id);
        return flow == nullptr ? QString()
                               : whyLink(deviceFigure(d_.wiring.moments[moment], device.id),
                                         unbroken(measure(flow->through)));
    }

    void appliance(const ApplianceId& id) {
        const auto found = std::ranges::find(d_.plan.appliances, id, &Appliance::id);
        if (found == d_.plan.appliances.end()) {
            return;
        }
        title(q(found->name));
        begin();
        figure(DrawerWords::tr("Energy per day"), energyFigure(id));
        const auto need = std::ranges::find(d_.needs.appliances, id, &ApplianceNeed::id);
        row(DrawerWords::tr("Share of the day"), q(percent(need->share)).toHtmlEscaped());
        if (d_.needs.deciding == id) {
            row(DrawerWords::tr("Decides"), DrawerWords::tr("the largest load: look here first"));
        }
        const DeviceId load = deviceOf(id);
        if (findDevice(d_.wiring.circuit, load) != nullptr) {
            row(DrawerWords::tr("In the circuit"),
                link(subject(load), DrawerWords::tr("its terminals")));
        } else if (found->feed == Feed::Mains) {
            figure(DrawerWords::tr("On the inverter"), FigureId("needs.inverter.worst"));
        }
        end();
    }

    void findings(const Subject& subject) {
        for (const Finding& f : d_.checks.findings) {
            if (std::ranges::find(f.where, subject) != f.where.end()) {
                html_ += "<p><b>" + escaped(name(f.severity)) + " " + escaped(f.rule) + ".</b> " +
                         q(f.what, d_.plan.units).toHtmlEscaped() + " " +
                         q(f.why, d_.plan.units).toHtmlEscaped() + " " +
                         q(f.remedy, d_.plan.units).toHtmlEscaped() + "</p>";
            }
        }
    }

    const Design& d_;
    const Library& library_;
    QString faint_;
    QString html_;
};

}  // namespace

QString threadText(const Design& design,
                   const Library& library,
                   const Subject& subject,
                   const Ink& ink) {
    return Thread(design, library, ink).of(subject);
}

QString mattersMostText(const Design& design,
                        const Library& library,
                        const QString& lastEdit,
                        const Ink& ink) {
    return Thread(design, library, ink).ofAll(lastEdit);
}

QString whyText(const Derivation& d, const Design& design, const Ink& ink) {
    const QString faint = ink.faint.name();
    QString html = "<h3>" + DrawerWords::tr("Why: %1").arg(q(d.title)).toHtmlEscaped() + "</h3>";
    html += "<p><b>" + q(d.result, design.plan.units).toHtmlEscaped() + "</b></p><p>" +
            escaped(d.formula) + "</p>";
    html += "<table cellspacing=0 cellpadding=2 width='100%'>";
    for (const Term& t : d.terms) {
        const auto* figure = std::get_if<FromFigure>(&t.origin);
        const bool known = figure != nullptr && why(design, figure->figure).has_value();
        const QString value = known ? whyLink(figure->figure, q(t.value, design.plan.units))
                                    : q(t.value, design.plan.units).toHtmlEscaped();
        const QString origin =
            known ? QString() : "<br><small>" + escaped(describe(t.origin)) + "</small>";
        html += QStringLiteral("<tr><td>%1</td><td>%2</td><td style='color:%3'>%4%5</td></tr>")
                    .arg(escaped(t.symbol), value, faint, escaped(t.name), origin);
    }
    html += "</table><p style='color:" + faint + "'>" +
            DrawerWords::tr("Source: %1").arg(q(d.source)).toHtmlEscaped() + "</p>";
    return d.note.empty() ? html : html + "<p>" + escaped(d.note) + "</p>";
}

QString comparedText(const std::vector<Alternative>& alternatives,
                     const Design& design,
                     const Ink& ink) {
    QString html = "<h4>" + DrawerWords::tr("Compared with") + "</h4>";
    html += "<table cellspacing=0 cellpadding=2 width='100%'>";
    for (const Alternative& a : alternatives) {
        const QString name = escaped(a.what);
        const QString mark = a.isChosen && a.isComputed
                                 ? DrawerWords::tr("as it is, and as computed")
                             : a.isChosen   ? DrawerWords::tr("as it is")
                             : a.isComputed ? DrawerWords::tr("as computed")
                                            : QString();
        const QString price = (a.priceMore < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) +
                              q(formatPrice(std::abs(a.priceMore), design.build.currency));
        html += QStringLiteral("<tr><td>%1</td><td>%2</td><td align='right'>%3</td></tr>")
                    .arg(a.isChosen ? "<b>" + name + "</b>" : name,
                         DrawerWords::tr("%1 used").arg(q(percent(mostUsed(a.margins)))),
                         a.isChosen ? QString() : price);
        const QString said = escaped(verdict(a), design.plan.units);
        for (const QString& line : {mark, said}) {
            html += line.isEmpty() ? QString()
                                   : QStringLiteral(
                                         "<tr><td colspan=3 style='color:%1'><small>%2</small>"
                                         "</td></tr>")
                                         .arg(ink.faint.name(), line);
        }
    }
    return html + "</table>";
}

}  // namespace spirk::app
