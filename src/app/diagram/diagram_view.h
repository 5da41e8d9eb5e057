// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The diagram on the screen: zoom, pan, fit, choose by mouse or keyboard.

#include <QAbstractScrollArea>
#include <optional>
#include <set>

#include "app/shared/document.h"
#include "app/shared/selection.h"
#include "core/diagram/geometry.h"

namespace spirk::app {

class DiagramView : public QAbstractScrollArea {
    Q_OBJECT
public:
    DiagramView(Document& document, Selection& selection, QWidget* parent);

    void setMoment(std::optional<std::size_t> moment);
    void zoomBy(double factor);
    // The whole drawing in the window.
    void fit();
    // A size at which every label can be read.
    void showReadable();
    [[nodiscard]] double scale() const { return scale_; }
    [[nodiscard]] const DiagramGeometry& geometry() const { return geometry_; }
    void toggleClosed(const DeviceId& device);

signals:
    void amendAsked(const QPoint& globalPosition);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

private:
    void layOutAgain();
    void zoomAt(QPointF at, double factor);
    void updateBars();
    void followWindow();
    void showSelected();
    void step(int by);
    [[nodiscard]] Point toDrawing(QPointF widget) const;

    Document& document_;
    Selection& selection_;
    DiagramGeometry geometry_;
    std::set<DeviceId> closed_;
    std::optional<std::size_t> moment_;
    double scale_ = 1.0;
    enum class Follow { Readable, Whole, Nothing };
    Follow follow_ = Follow::Readable;  // the window, until the person zooms
    std::optional<QPointF> dragFrom_;
};

}  // namespace spirk::app
