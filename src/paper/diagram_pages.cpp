// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/diagram_pages.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <memory>

#include "core/diagram/geometry.h"
#include "paper/diagram_painter.h"
#include "paper/page_flow.h"
#include "paper/words.h"

namespace spirk {

namespace {

constexpr double kDrawingLeft = 15.0, kDrawingTop = 23.0;
constexpr double kDrawingWidth = 267.0, kDrawingHeight = 165.0;
// Label text is nine units: at this scale two millimetres, readable at arm's length on a wall.
constexpr double kLeastScale = 0.21;
constexpr double kMostScale = 0.32;

struct Slice {
    double from = 0.0;
    double width = 0.0;
};

// Pages end where only rails cross, so that no device is cut.
std::vector<Slice> slices(const DiagramGeometry& geometry, double scale) {
    const double page = kDrawingWidth / scale;
    std::vector<Slice> out;
    double from = 0.0;
    while (geometry.bounds.w - from > page) {
        double end = from;
        for (const double x : geometry.breaks) {
            end = x <= from + page ? std::max(end, x) : end;
        }
        end = end > from ? end : from + page;
        out.push_back({from, end - from});
        from = end;
    }
    out.push_back({from, geometry.bounds.w - from});
    return out;
}

struct DiagramPages {
    Q_DECLARE_TR_FUNCTIONS(spirk::DiagramPages)
};

}  // namespace

std::vector<Page> diagramPages(const Design& design, const Library& library) {
    const auto geometry =
        std::make_shared<const DiagramGeometry>(layOut(design.wiring.circuit, {}));
    const double fit =
        std::min(kDrawingWidth / geometry->bounds.w, kDrawingHeight / geometry->bounds.h);
    const double readable = std::min(std::max(fit, kLeastScale), kMostScale);
    const double scale = std::min(readable, kDrawingHeight / geometry->bounds.h);
    const std::vector<Slice> parts = slices(*geometry, scale);
    const QString title = DiagramPages::tr("Wiring diagram");
    const QString plan = QString::fromStdString(design.plan.name);
    const QString foot = q(footCaution());
    std::vector<Page> out;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        Page page;
        page.landscape = true;
        page.paint = [=, &design, &library](QPainter& p) {
            paintFrame(p,
                       297.0,
                       210.0,
                       title,
                       plan,
                       foot,
                       static_cast<int>(i) + 1,
                       static_cast<int>(parts.size()));
            p.save();
            p.setClipRect(
                QRectF(kDrawingLeft, kDrawingTop, parts[i].width * scale, kDrawingHeight));
            p.translate(kDrawingLeft, kDrawingTop);
            p.scale(scale, scale);
            p.translate(-parts[i].from, 0.0);
            paintDiagram(p,
                         {&design,
                          &library,
                          geometry.get(),
                          inRegion(paperInk(), asChosen(library.region, design.plan)),
                          std::nullopt,
                          std::nullopt});
            p.restore();
        };
        out.push_back(std::move(page));
    }
    return out;
}

}  // namespace spirk
