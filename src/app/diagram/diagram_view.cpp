// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/diagram/diagram_view.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QWheelEvent>
#include <algorithm>

#include "app/shared/theme.h"
#include "paper/diagram_painter.h"

namespace spirk::app {

namespace {

constexpr double kLeastScale = 0.15, kMostScale = 6.0;
constexpr double kWheelStep = 1.15;
constexpr double kLargestFit = 1.4;
// Label text is nine units high: below this it is too small to read.
constexpr double kReadable = 1.0;

}  // namespace

DiagramView::DiagramView(Document& document, Selection& selection, QWidget* parent)
    : QAbstractScrollArea(parent), document_(document), selection_(selection) {
    setObjectName("diagram.view");
    setAccessibleName(tr("Wiring diagram"));
    setFocusPolicy(Qt::StrongFocus);
    setFrameShape(QFrame::NoFrame);
    setToolTip(
        tr("Wheel: zoom. Drag: pan. Left and right: next conductor. Double click: open or close a "
           "block."));
    connect(&document, &Document::designChanged, this, &DiagramView::layOutAgain);
    connect(&selection, &Selection::changed, this, &DiagramView::showSelected);
    layOutAgain();
}

void DiagramView::layOutAgain() {
    geometry_ = layOut(document_.design()->wiring.circuit, closed_);
    if (moment_ && *moment_ >= document_.design()->moments.size()) {
        moment_.reset();
    }
    followWindow();
    viewport()->update();
}

void DiagramView::followWindow() {
    switch (follow_) {
        case Follow::Whole:
            return fit();
        case Follow::Readable:
            return showReadable();
        case Follow::Nothing:
            return updateBars();
    }
}

void DiagramView::setMoment(std::optional<std::size_t> moment) {
    moment_ = moment;
    viewport()->update();
}

void DiagramView::fit() {
    const double w = viewport()->width() / std::max(1.0, geometry_.bounds.w);
    const double h = viewport()->height() / std::max(1.0, geometry_.bounds.h);
    scale_ = std::clamp(std::min(w, h), kLeastScale, kLargestFit);
    follow_ = Follow::Whole;
    updateBars();
    viewport()->update();
}

void DiagramView::showReadable() {
    const double h = viewport()->height() / std::max(1.0, geometry_.bounds.h);
    scale_ = std::clamp(h, kReadable, kLargestFit);
    follow_ = Follow::Readable;
    updateBars();
    viewport()->update();
}

void DiagramView::zoomBy(double factor) { zoomAt(viewport()->rect().center(), factor); }

void DiagramView::zoomAt(QPointF at, double factor) {
    const Point anchor = toDrawing(at);
    scale_ = std::clamp(scale_ * factor, kLeastScale, kMostScale);
    follow_ = Follow::Nothing;
    updateBars();
    horizontalScrollBar()->setValue(static_cast<int>(anchor.x * scale_ - at.x()));
    verticalScrollBar()->setValue(static_cast<int>(anchor.y * scale_ - at.y()));
    viewport()->update();
}

void DiagramView::updateBars() {
    const QSize page = viewport()->size();
    const int w = static_cast<int>(geometry_.bounds.w * scale_);
    const int h = static_cast<int>(geometry_.bounds.h * scale_);
    horizontalScrollBar()->setRange(0, std::max(0, w - page.width()));
    verticalScrollBar()->setRange(0, std::max(0, h - page.height()));
    horizontalScrollBar()->setPageStep(page.width());
    verticalScrollBar()->setPageStep(page.height());
}

Point DiagramView::toDrawing(QPointF widget) const {
    return {(widget.x() + horizontalScrollBar()->value()) / scale_,
            (widget.y() + verticalScrollBar()->value()) / scale_};
}

void DiagramView::paintEvent(QPaintEvent* /*event*/) {
    QPainter p(viewport());
    p.fillRect(viewport()->rect(), currentInk().ground);
    p.translate(-horizontalScrollBar()->value(), -verticalScrollBar()->value());
    p.scale(scale_, scale_);
    paintDiagram(p,
                 {document_.design().get(),
                  &document_.library(),
                  &geometry_,
                  inRegion(currentInk(), asChosen(document_.library().region, document_.plan())),
                  moment_,
                  selection_.subject()});
    if (hasFocus()) {
        p.resetTransform();
        p.setPen(QPen(currentInk().accent, 1, Qt::DotLine));
        p.drawRect(viewport()->rect().adjusted(0, 0, -1, -1));
    }
}

void DiagramView::resizeEvent(QResizeEvent* event) {
    QAbstractScrollArea::resizeEvent(event);
    followWindow();
}

void DiagramView::showEvent(QShowEvent* event) {
    QAbstractScrollArea::showEvent(event);
    showSelected();
}

void DiagramView::mousePressEvent(QMouseEvent* event) {
    selection_.select(hit(geometry_, toDrawing(event->position())));
    dragFrom_ = event->position();
}

void DiagramView::mouseMoveEvent(QMouseEvent* event) {
    if (!dragFrom_ || !event->buttons().testFlag(Qt::LeftButton)) {
        return;
    }
    const QPointF moved = event->position() - *dragFrom_;
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() - static_cast<int>(moved.x()));
    verticalScrollBar()->setValue(verticalScrollBar()->value() - static_cast<int>(moved.y()));
    dragFrom_ = event->position();
}

void DiagramView::mouseReleaseEvent(QMouseEvent* /*event*/) { dragFrom_.reset(); }

void DiagramView::mouseDoubleClickEvent(QMouseEvent* event) {
    const auto subject = hit(geometry_, toDrawing(event->position()));
    if (subject && subject->kind == SubjectKind::Device) {
        toggleClosed(DeviceId(subject->id));
    }
}

void DiagramView::toggleClosed(const DeviceId& device) {
    const Device* d = findDevice(document_.design()->wiring.circuit, device);
    const bool opens =
        d != nullptr && (d->kind == DeviceKind::FuseBlock || d->kind == DeviceKind::Strip);
    if (!opens) {
        return;
    }
    if (closed_.erase(device) == 0) {
        closed_.insert(device);
    }
    layOutAgain();
}

void DiagramView::wheelEvent(QWheelEvent* event) {
    if (event->modifiers().testFlag(Qt::ShiftModifier)) {
        QAbstractScrollArea::wheelEvent(event);
        return;
    }
    zoomAt(event->position(), event->angleDelta().y() > 0 ? kWheelStep : 1.0 / kWheelStep);
    event->accept();
}

// The next conductor of the drawing in the order of the circuit.
void DiagramView::step(int by) {
    const auto& wires = geometry_.wires;
    if (wires.empty()) {
        return;
    }
    const auto& chosen = selection_.subject();
    const auto at = std::ranges::find_if(wires, [&](const PlacedWire& w) {
        return chosen && chosen->kind == SubjectKind::Conductor && w.id.value == chosen->id;
    });
    const int count = static_cast<int>(wires.size());
    const int now = at == wires.end() ? (by > 0 ? -1 : 0) : static_cast<int>(at - wires.begin());
    selection_.select(subject(wires[static_cast<std::size_t>((now + by + count) % count)].id));
}

void DiagramView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_Right:
        case Qt::Key_Down:
            return step(1);
        case Qt::Key_Left:
        case Qt::Key_Up:
            return step(-1);
        case Qt::Key_Plus:
            return zoomBy(kWheelStep);
        case Qt::Key_Minus:
            return zoomBy(1.0 / kWheelStep);
        case Qt::Key_0:
            return fit();
        case Qt::Key_1:
            return showReadable();
        case Qt::Key_Return: {
            const auto& chosen = selection_.subject();
            if (chosen && chosen->kind == SubjectKind::Device) {
                toggleClosed(DeviceId(chosen->id));
            }
            return;
        }
        default:
            QAbstractScrollArea::keyPressEvent(event);
    }
}

void DiagramView::contextMenuEvent(QContextMenuEvent* event) {
    emit amendAsked(event->globalPos());
}

// Scrolls just as far as the chosen thing needs to be seen.
void DiagramView::showSelected() {
    viewport()->update();
    const auto& chosen = selection_.subject();
    if (!chosen || dragFrom_) {
        return;
    }
    std::optional<Point> at;
    for (const PlacedWire& w : geometry_.wires) {
        if (chosen->kind == SubjectKind::Conductor && w.id.value == chosen->id) {
            at = Point{(w.points.front().x + w.points.back().x) / 2,
                       (w.points.front().y + w.points.back().y) / 2};
        }
    }
    for (const PlacedDevice& d : geometry_.devices) {
        const bool load =
            chosen->kind == SubjectKind::Appliance && d.id == deviceOf(ApplianceId(chosen->id));
        if (load || (chosen->kind == SubjectKind::Device && d.id.value == chosen->id)) {
            at = d.rect.center();
        }
    }
    if (!at) {
        return;
    }
    const auto bring = [](QScrollBar* bar, double position, int page) {
        const int margin = page / 6;
        if (position < bar->value() + margin) {
            bar->setValue(static_cast<int>(position) - margin);
        } else if (position > bar->value() + page - margin) {
            bar->setValue(static_cast<int>(position) - page + margin);
        }
    };
    bring(horizontalScrollBar(), at->x * scale_, viewport()->width());
    bring(verticalScrollBar(), at->y * scale_, viewport()->height());
}

}  // namespace spirk::app
