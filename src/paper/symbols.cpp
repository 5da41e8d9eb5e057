// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/symbols.h"

#include <QPainterPath>

namespace spirk {

namespace {

void paintBattery(QPainter& p, const QRectF& b) {
    const double x0 = b.left() + b.width() * 0.2;
    const double w = b.width() * 0.6;
    for (int cell = 0; cell < 2; ++cell) {
        const double y = b.top() + b.height() * (0.22 + 0.34 * cell);
        p.drawLine(QPointF(x0, y), QPointF(x0 + w, y));
        p.drawLine(QPointF(x0 + w * 0.25, y + b.height() * 0.17),
                   QPointF(x0 + w * 0.75, y + b.height() * 0.17));
    }
}

// A converter: square with a diagonal, direct or alternating current at each corner.
enum class Output { Direct, Alternating };
void paintConverter(QPainter& p, const QRectF& b, Output output) {
    p.drawRect(b);
    p.drawLine(b.bottomLeft(), b.topRight());
    const auto direct = [&](QPointF at) {
        p.drawLine(at + QPointF(-4, -1.5), at + QPointF(4, -1.5));
        p.drawLine(at + QPointF(-4, 1.5), at + QPointF(4, 1.5));
    };
    direct(b.topLeft() + QPointF(b.width() * 0.28, b.height() * 0.28));
    const QPointF out = b.topLeft() + QPointF(b.width() * 0.72, b.height() * 0.74);
    if (output == Output::Direct) {
        direct(out);
        return;
    }
    QPainterPath wave(out + QPointF(-4, 0));
    wave.cubicTo(out + QPointF(-2, -5), out + QPointF(2, 5), out + QPointF(4, 0));
    p.drawPath(wave);
}

void paintPanels(QPainter& p, const QRectF& b) {
    p.drawRect(b);
    // The diode of a photovoltaic cell, with light falling on it.
    const QPointF c = b.center();
    QPolygonF triangle;
    triangle << c + QPointF(-4, -3) << c + QPointF(4, -3) << c + QPointF(0, 4);
    p.drawPolygon(triangle);
    p.drawLine(c + QPointF(-4, 4), c + QPointF(4, 4));
    for (const double dx : {-6.0, -2.0}) {
        p.drawLine(b.topLeft() + QPointF(6 + dx + 2, 1), b.topLeft() + QPointF(9 + dx + 2, 5));
    }
}

void paintMachine(QPainter& p, const QRectF& b) {
    p.drawEllipse(b);
    p.drawText(b, Qt::AlignCenter, "G");
}

void paintLoad(QPainter& p, const QRectF& b) {
    const QRectF body = b.adjusted(b.width() * 0.32, 1, -b.width() * 0.32, -1);
    p.drawRect(body);
    p.drawLine(QPointF(b.center().x(), b.top()), body.center() - QPointF(0, body.height() / 2));
    p.drawLine(QPointF(b.center().x(), b.bottom()), body.center() + QPointF(0, body.height() / 2));
}

}  // namespace

void paintSymbol(QPainter& p, const QRectF& b, DeviceKind kind) {
    p.save();
    p.setBrush(Qt::NoBrush);
    switch (kind) {
        case DeviceKind::Battery:
        case DeviceKind::Starter:
            paintBattery(p, b);
            break;
        case DeviceKind::DcdcCharger:
        case DeviceKind::Converter:
        case DeviceKind::SolarController:
            paintConverter(p, b, Output::Direct);
            break;
        case DeviceKind::ShoreCharger:
        case DeviceKind::CombinedCharger:
        case DeviceKind::TrickleCharger:
            paintConverter(p, b, Output::Direct);
            break;
        case DeviceKind::Relay:
        case DeviceKind::LoadSwitch:
            p.drawRect(b);
            p.drawLine(QPointF(b.left() + b.width() * 0.25, b.center().y()),
                       QPointF(b.right() - b.width() * 0.25, b.top() + b.height() * 0.25));
            break;
        case DeviceKind::Inverter:
            paintConverter(p, b, Output::Alternating);
            break;
        case DeviceKind::Array:
            paintPanels(p, b);
            break;
        case DeviceKind::Alternator:
        case DeviceKind::SecondAlternator:
            paintMachine(p, b);
            break;
        case DeviceKind::Load:
            paintLoad(p, b);
            break;
        case DeviceKind::FuseBlock:
            p.drawRect(b);
            for (int i = 1; i < 4; ++i) {
                const double x = b.left() + b.width() * i / 4.0;
                p.drawLine(QPointF(x, b.top() + 4), QPointF(x, b.bottom() - 4));
            }
            break;
        case DeviceKind::Monitor:
        case DeviceKind::RemotePanel:
            p.drawRect(b);
            p.drawRect(b.adjusted(4, 4, -4, -b.height() / 3.0));
            break;
        case DeviceKind::Sensor:
            p.drawEllipse(b.center(), 4, 4);
            break;
        case DeviceKind::FeedSplit:
        case DeviceKind::PanelInlet:
        case DeviceKind::Plug:
        case DeviceKind::Ignition:
        case DeviceKind::SupplyPoint:
        case DeviceKind::BodyPoint:
        case DeviceKind::CollectingBar:
        case DeviceKind::BusBar:
        case DeviceKind::MainSwitch:
        case DeviceKind::Isolator:
        case DeviceKind::PvIsolator:
        case DeviceKind::Shunt:
        case DeviceKind::Strip:
        case DeviceKind::Joint:
        case DeviceKind::Chassis:
            break;
    }
    p.restore();
}

void paintInLeg(QPainter& p, const QRectF& b, DeviceKind kind, Contacts contacts) {
    p.save();
    const double x = b.center().x();
    if (kind == DeviceKind::Shunt) {
        const QRectF body(x - 7, b.top() + 6, 14, b.height() - 12);
        p.setBrush(Qt::NoBrush);
        p.drawLine(QPointF(x, b.top()), QPointF(x, body.top()));
        p.drawRect(body);
        p.drawLine(QPointF(x, body.bottom()), QPointF(x, b.bottom()));
    } else if (kind == DeviceKind::Plug || kind == DeviceKind::PanelInlet) {
        // A pin in its socket.
        p.drawLine(QPointF(x, b.top()), QPointF(x, b.center().y() - 3));
        p.drawArc(QRectF(x - 6, b.center().y() - 8, 12, 12), 180 * 16, 180 * 16);
        p.drawLine(QPointF(x, b.center().y() - 3), QPointF(x, b.bottom()));
    } else if (kind == DeviceKind::Joint || kind == DeviceKind::BodyPoint) {
        p.drawLine(QPointF(x, b.top()), QPointF(x, b.bottom()));
        p.drawEllipse(b.center(), 4, 4);
    } else {
        const QPointF hinge(x, b.bottom() - 8);
        const QPointF contact(x, b.top() + 8);
        p.drawLine(QPointF(x, b.top()), contact);
        p.drawLine(hinge, QPointF(x, b.bottom()));
        p.drawLine(hinge,
                   contact + (contacts == Contacts::Open ? QPointF(-11, 3) : QPointF(-2, -2)));
        // The cross stroke of an isolating contact.
        p.drawLine(contact + QPointF(-4, 0), contact + QPointF(4, 0));
    }
    p.restore();
}

void paintFuse(QPainter& p, QPointF center, Lies lies, Fuse fuse) {
    p.save();
    p.translate(center);
    if (lies == Lies::Flat) {
        p.rotate(90);
    }
    const QRectF body(-5, -11, 10, 22);
    p.drawRect(body);
    if (fuse == Fuse::Fitted) {
        p.drawLine(QPointF(0, -11), QPointF(0, 11));
    }
    p.restore();
}

void paintChassis(QPainter& p, QPointF at) {
    p.drawLine(at, at + QPointF(0, 10));
    p.drawLine(at + QPointF(-12, 10), at + QPointF(12, 10));
    for (const double dx : {-10.0, -2.0, 6.0}) {
        p.drawLine(at + QPointF(dx + 4, 10), at + QPointF(dx - 2, 18));
    }
}

}  // namespace spirk
