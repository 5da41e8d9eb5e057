// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/diagram_painter.h"

#include <QCoreApplication>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "core/circuit/kinds.h"
#include "paper/symbols.h"
#include "paper/words.h"

namespace spirk {

namespace {

constexpr double kLabelSize = 9.0;
constexpr double kNameSize = 10.0;
constexpr double kRailWidth = 5.0;
constexpr double kHitSlack = 5.0;

struct DiagramWords {
    Q_DECLARE_TR_FUNCTIONS(spirk::DiagramWords)
};
QRectF toQ(const Rect& r) { return {r.x, r.y, r.w, r.h}; }
QPointF toQ(const Point& p) { return {p.x, p.y}; }

// Thicker cable, thicker line; the range is what the eye can tell apart.
double strokeOf(SquareMetres area) { return 1.2 + 0.26 * std::sqrt(inMm2(area)); }

class DiagramPen {
public:
    DiagramPen(QPainter& painter, const DiagramView& view)
        : p_(painter), v_(view), circuit_(view.design->wiring.circuit) {}

    void paint() {
        p_.save();
        p_.setRenderHint(QPainter::Antialiasing);
        for (const PlacedWire& wire : v_.geometry->wires) {
            paintWire(wire);
        }
        for (const PlacedRail& rail : v_.geometry->rails) {
            paintRail(rail);
        }
        for (const PlacedDevice& device : v_.geometry->devices) {
            paintDevice(device);
        }
        if (v_.geometry->mainsNote) {
            paintMainsNote(*v_.geometry->mainsNote);
        }
        p_.restore();
    }

private:
    [[nodiscard]] bool selected(SubjectKind kind, const std::string& id) const {
        return v_.selected && v_.selected->kind == kind && v_.selected->id == id;
    }
    [[nodiscard]] const MomentSolution* moment() const {
        return v_.moment ? &v_.design->moments[*v_.moment] : nullptr;
    }
    [[nodiscard]] const Moment* state() const {
        return v_.moment ? &v_.design->wiring.moments[*v_.moment] : nullptr;
    }
    [[nodiscard]] std::size_t indexOf(const Conductor& c) const {
        return static_cast<std::size_t>(&c - circuit_.conductors.data());
    }

    void text(const QRectF& box,
              int flags,
              const QString& what,
              double size,
              Weight w,
              const QColor& colour) {
        p_.setPen(colour);
        p_.setFont(unitFont(size, w));
        p_.drawText(box, flags, what);
    }

    // --- conductors

    void paintWire(const PlacedWire& wire) {
        const Conductor* c = findConductor(circuit_, wire.id);
        const CableRow& row = v_.design->cables.rows[indexOf(*c)];
        QPainterPath path(toQ(wire.points.front()));
        for (std::size_t i = 1; i < wire.points.size(); ++i) {
            path.lineTo(toQ(wire.points[i]));
        }
        const double stroke = isOurs(*c) ? strokeOf(row.area) : 2.0;
        const bool chosen = selected(SubjectKind::Conductor, wire.id.value);
        p_.setBrush(Qt::NoBrush);
        if (chosen) {
            p_.setPen(
                QPen(v_.ink.accent, stroke + 7.0, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            p_.drawPath(path);
        }
        // Outline, then colour: conductor colours are data and must stand on any ground.
        p_.setPen(QPen(v_.ink.ground, stroke + 2.0));
        p_.drawPath(path);
        const Qt::PenStyle style = c->purpose == Purpose::Signal ? Qt::DashLine
                                   : !isOurs(*c)                 ? Qt::DashDotLine
                                                                 : Qt::SolidLine;
        p_.setPen(
            QPen(colourOf(v_.ink, coreColour(*c)), stroke, style, Qt::FlatCap, Qt::MiterJoin));
        p_.drawPath(path);
        for (const PlacedFuse& fuse : wire.fuses) {
            paintFuseOf(*c, row, fuse);
        }
        paintWireLabel(wire, *c, row);
    }

    void paintFuseOf(const Conductor& c, const CableRow& row, const PlacedFuse& placed) {
        const Protection* slot = protectionAt(circuit_, c, placed.end);
        const auto& fuse = placed.end == End::From ? row.fuseFrom : row.fuseTo;
        if (!fuse) {
            return;
        }
        const bool left = slot != nullptr && slot->leftOut;
        p_.setBrush(v_.ink.surface);
        p_.setPen(
            QPen(left ? v_.ink.danger : v_.ink.text, 1.2, left ? Qt::DotLine : Qt::SolidLine));
        paintFuse(p_,
                  toQ(placed.center),
                  placed.horizontal ? Lies::Flat : Lies::Upright,
                  left ? Fuse::Pulled : Fuse::Fitted);
        const QString rating =
            left ? DiagramWords::tr("no fuse")
                 : q(fuse->rating) + (fuse->amended ? QStringLiteral(" ✎") : QString());
        const QString kind = left ? QString() : q(familyOf(*v_.library, fuse->family).shortName);
        const QPointF at = toQ(placed.center);
        const QRectF box = placed.horizontal ? QRectF(at.x() - 30, at.y() - 30, 60, 22)
                                             : QRectF(at.x() + 8, at.y() - 12, 56, 24);
        const Qt::Alignment flags = placed.horizontal ? Qt::AlignHCenter | Qt::AlignBottom
                                                      : Qt::AlignLeft | Qt::AlignVCenter;
        text(box,
             static_cast<int>(flags.toInt()),
             kind.isEmpty() ? rating : rating + "\n" + kind,
             kLabelSize - 0.5,
             Weight::Medium,
             left ? v_.ink.danger : v_.ink.text);
    }

    void paintWireLabel(const PlacedWire& wire, const Conductor& c, const CableRow& row) {
        if (!isOurs(c)) {
            return;
        }
        const int number = v_.design->build.numbers.at(c.id);
        const bool amended =
            row.areaAmended || c.amended || v_.design->lengths.routes[indexOf(c)].amended;
        const QString first = QStringLiteral("%1 · %2%3")
                                  .arg(number)
                                  .arg(q(row.area), amended ? QStringLiteral(" ✎") : QString());
        QString second = q(v_.design->lengths.routes[indexOf(c)].length, v_.design->plan.units);
        if (moment() != nullptr) {
            const Amps i = moment()->conductor[indexOf(c)];
            second += "  " + arrow(wire, i) + q(abs(i));
        }
        const QRectF box = toQ(wire.label);
        const bool chosen = selected(SubjectKind::Conductor, wire.id.value);
        const QRectF firstLine(box.x(), box.y(), std::max(box.width(), 64.0), 12);
        text(firstLine,
             Qt::AlignLeft | Qt::AlignVCenter | Qt::TextDontClip,
             first,
             kLabelSize,
             Weight::Medium,
             chosen ? v_.ink.accent : v_.ink.text);
        text(firstLine.translated(0, 11.5),
             Qt::AlignLeft | Qt::AlignVCenter | Qt::TextDontClip,
             second,
             kLabelSize - 0.5,
             Weight::Regular,
             v_.ink.faint);
    }

    // Direction of the current along the drawn line.
    static QString arrow(const PlacedWire& wire, Amps current) {
        if (std::fabs(current.si()) < 0.005) {
            return {};
        }
        const Point a = current.si() > 0.0 ? wire.points.front() : wire.points.back();
        const Point b = current.si() > 0.0 ? wire.points.back() : wire.points.front();
        if (std::fabs(b.y - a.y) >= std::fabs(b.x - a.x)) {
            return b.y > a.y ? QStringLiteral("↓ ") : QStringLiteral("↑ ");
        }
        return b.x > a.x ? QStringLiteral("→ ") : QStringLiteral("← ");
    }

    // --- rails

    void paintRail(const PlacedRail& rail) {
        const Device* device = findDevice(circuit_, rail.device);
        const bool chosen = selected(SubjectKind::Device, rail.device.value);
        const bool chassis = device->kind == DeviceKind::Chassis;
        const bool positive = rail.positive;
        const QColor colour = chosen ? v_.ink.accent : positive ? v_.ink.positive : v_.ink.negative;
        p_.setPen(QPen(colour, chassis ? 2.5 : kRailWidth, Qt::SolidLine, Qt::FlatCap));
        p_.drawLine(toQ(rail.from), toQ(rail.to));
        if (chassis) {
            p_.setPen(QPen(v_.ink.text, 1.4));
            paintChassis(p_, toQ(rail.from) + QPointF(20, 0));
        }
        const double above = positive ? -17.0 : 4.0;
        const double width = std::max(rail.to.x - rail.from.x, 130.0);
        // Names of negative rails stand at their right end, clear of the bond.
        const QRectF box(
            rail.from.x + (chassis ? 40 : 2), rail.from.y + above, chassis ? 120 : width - 4, 13);
        const bool main = device->kind == DeviceKind::BusBar;
        const Qt::Alignment side = !positive && main ? Qt::AlignRight : Qt::AlignLeft;
        QString name = q(device->name);
        const bool twice =
            device->kind == DeviceKind::FuseBlock || device->kind == DeviceKind::Strip;
        if (!positive && twice) {
            name = DiagramWords::tr("negative of the %1").arg(name);
        }
        if (moment() != nullptr && positive) {
            const auto volts = voltsOf(*device);
            name += volts ? "  " + q(*volts) : "  " + DiagramWords::tr("dead");
        }
        if (!main && !chassis) {
            // Half the rail: the conductor in its middle has a label of its own.
            p_.setFont(unitFont(kLabelSize, Weight::Medium));
            name =
                p_.fontMetrics().elidedText(name, Qt::ElideRight, static_cast<int>(width / 2) - 6);
        }
        text(box,
             static_cast<int>((side | Qt::AlignVCenter).toInt()),
             name,
             kLabelSize,
             Weight::Medium,
             colour);
    }

    // --- devices

    [[nodiscard]] std::optional<Volts> voltsOf(const Device& device) const {
        for (const Port& port : device.ports) {
            if (port.counter && port.pole == Pole::Positive) {
                return moment()->between(circuit_, {device.id, port.name}, *port.counter);
            }
        }
        return std::nullopt;
    }

    void paintDevice(const PlacedDevice& placed) {
        const Device* device = findDevice(circuit_, placed.id);
        const QRectF box = toQ(placed.rect);
        const bool chosen =
            selected(SubjectKind::Device, placed.id.value) ||
            (device->appliance && selected(SubjectKind::Appliance, device->appliance->value));
        const QColor ink = chosen ? v_.ink.accent : v_.ink.text;
        if (placed.drawn == Drawn::AsSymbol) {
            p_.setPen(QPen(ink, chosen ? 2.6 : 1.6));
            paintLegDevice(*device, placed, ink);
            return;
        }
        if (placed.drawn == Drawn::AsTwoPoles) {
            p_.setPen(QPen(ink, chosen ? 2.4 : 1.4));
            paintPvIsolator(placed,
                            device->kind == DeviceKind::PvIsolator
                                ? DiagramWords::tr("isolator, 2-pole DC")
                                : DiagramWords::tr("outside inlet, 2-pole DC"));
            return;
        }
        p_.setBrush(v_.ink.surface);
        p_.setPen(QPen(ink, chosen ? 2.4 : 1.1));
        p_.drawRect(box);
        p_.setPen(QPen(v_.ink.text, 1.1));
        p_.setFont(unitFont(kLabelSize));
        paintSymbol(p_, QRectF(box.x() + 6, box.y() + 7, 20, 20), device->kind);
        const QRectF nameBox = toQ(placed.name).adjusted(0, 0, 0, moment() != nullptr ? -12 : 0);
        text(nameBox,
             Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
             q(device->name),
             kLabelSize,
             Weight::Medium,
             ink);
        if (moment() != nullptr) {
            text(box.adjusted(6, box.height() - 15, -4, -2),
                 Qt::AlignLeft | Qt::AlignVCenter,
                 readingOf(*device),
                 kLabelSize,
                 Weight::Regular,
                 v_.ink.faint);
        }
    }

    [[nodiscard]] QString readingOf(const Device& device) const {
        const auto volts = voltsOf(device);
        QString out = volts ? q(*volts) : DiagramWords::tr("dead");
        const Flow* flow = moment()->flowOf(circuit_, device.id);
        if (flow != nullptr && volts) {
            out += "   " + q(abs(flow->through));
        }
        return out;
    }

    // A long name grows upwards: below it stands a conductor's label.
    [[nodiscard]] QRectF roomFor(const QString& name, const QRectF& box) const {
        const QRectF needed =
            QFontMetricsF(unitFont(kLabelSize - 1.0))
                .boundingRect(QRectF(0, 0, box.width(), 0), Qt::TextWordWrap, name);
        return box.adjusted(0, -std::max(0.0, needed.height() - box.height()), 0, 0);
    }

    // In the pen of the painter; its name in the ink.
    void paintLegDevice(const Device& device, const PlacedDevice& placed, const QColor& ink) {
        const bool open = state() != nullptr && state()->open.contains(device.id);
        paintInLeg(p_, toQ(placed.rect), device.kind, open ? Contacts::Open : Contacts::Closed);
        const QString name = q(device.name) + (device.amended ? QStringLiteral(" ✎") : QString());
        const bool before = placed.name.x < placed.rect.center().x;
        const int side = before ? Qt::AlignRight : Qt::AlignLeft;
        text(roomFor(name, toQ(placed.name)),
             side | Qt::AlignVCenter | Qt::TextWordWrap,
             name,
             kLabelSize - 1.0,
             Weight::Regular,
             ink);
    }

    void paintPvIsolator(const PlacedDevice& placed, const QString& name) {
        const QRectF box = toQ(placed.rect);
        for (const double y : {16.0, box.height() - 16.0}) {
            const QPointF left = box.topLeft() + QPointF(0, y);
            p_.drawLine(left, left + QPointF(12, 0));
            p_.drawLine(left + QPointF(box.width() - 12, 0), left + QPointF(box.width(), 0));
            p_.drawLine(left + QPointF(12, 0), left + QPointF(box.width() - 13, -2));
            p_.drawLine(left + QPointF(box.width() - 12, -4), left + QPointF(box.width() - 12, 4));
        }
        p_.setPen(QPen(v_.ink.text, 1.0, Qt::DashLine));
        p_.drawLine(box.topLeft() + QPointF(box.width() / 2, 15),
                    box.topLeft() + QPointF(box.width() / 2, box.height() - 17));
        text(toQ(placed.name),
             Qt::AlignHCenter,
             name,
             kLabelSize - 1.0,
             Weight::Regular,
             v_.ink.text);
    }

    void paintMainsNote(const Rect& rect) {
        const QRectF box = toQ(rect);
        p_.setBrush(Qt::NoBrush);
        p_.setPen(QPen(v_.ink.fault, 1.4, Qt::DashLine));
        p_.drawRect(box);
        text(
            box.adjusted(10, 8, -10, -8),
            Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
            DiagramWords::tr(
                "Mains side not planned here.\n\nThe inverter's output is mains and can kill, also "
                "without "
                "shore power. RCD, breaker, sockets and the bond of neutral and earth are missing: "
                "leave "
                "it unplugged until a licensed electrician has planned, inspected and tested "
                "them."),
            kNameSize,
            Weight::Medium,
            v_.ink.fault);
    }

    QPainter& p_;
    const DiagramView& v_;
    const Circuit& circuit_;
};

double distanceTo(const Point& a, const Point& b, const Point& at) {
    const double dx = b.x - a.x;
    const double dy = b.y - a.y;
    const double length = dx * dx + dy * dy;
    const double t =
        length > 0.0 ? std::clamp(((at.x - a.x) * dx + (at.y - a.y) * dy) / length, 0.0, 1.0) : 0.0;
    return std::hypot(a.x + t * dx - at.x, a.y + t * dy - at.y);
}

bool inside(const Rect& r, const Point& at) {
    return at.x >= r.x && at.x <= r.x + r.w && at.y >= r.y && at.y <= r.y + r.h;
}

}  // namespace

void paintDiagram(QPainter& painter, const DiagramView& view) { DiagramPen(painter, view).paint(); }

std::optional<Subject> hit(const DiagramGeometry& geometry, Point at) {
    for (const PlacedDevice& d : geometry.devices) {
        if (inside(d.rect, at)) {
            return subject(d.id);
        }
    }
    for (const PlacedWire& w : geometry.wires) {
        for (std::size_t i = 0; i + 1 < w.points.size(); ++i) {
            if (distanceTo(w.points[i], w.points[i + 1], at) <= kHitSlack) {
                return subject(w.id);
            }
        }
    }
    for (const PlacedWire& w : geometry.wires) {
        const Rect label{w.label.x, w.label.y, w.label.w, std::min(w.label.h, 26.0)};
        if (inside(label, at)) {
            return subject(w.id);
        }
    }
    for (const PlacedRail& r : geometry.rails) {
        if (distanceTo(r.from, r.to, at) <= kHitSlack) {
            return subject(r.device);
        }
    }
    return std::nullopt;
}

}  // namespace spirk
