// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A4 pages: lists, the switch-on sheet and the diagram cut into readable slices, each page with its
// title, number and the line of caution at the foot. The same pages go to PDF, SVG and a printer.

#include <QPagedPaintDevice>
#include <QString>
#include <functional>
#include <vector>

#include "core/design/design.h"
#include "core/result/result.h"

namespace spirk {

enum class PaperDocument { Diagram, Lists, SwitchOnSheet };

// One page: paints itself in millimetres, origin at the paper's upper left corner.
struct Page {
    bool landscape = false;
    std::function<void(QPainter&)> paint;
};

// `design` and `library` must outlive the pages.
[[nodiscard]] std::vector<Page> pagesOf(PaperDocument document,
                                        const Design& design,
                                        const Library& library);

// One PDF with all pages. Gives the path back.
[[nodiscard]] Result<QString> writePdf(const std::vector<Page>& pages,
                                       const QString& title,
                                       const QString& path);
// One SVG a page: 'name.svg' where there is one page, else 'name-1.svg', 'name-2.svg' ... Gives the
// paths.
[[nodiscard]] Result<std::vector<QString>> writeSvg(const std::vector<Page>& pages,
                                                    const QString& title,
                                                    const QString& path);
// On a printer or a preview. The device's page layout is set for each page.
void printPages(const std::vector<Page>& pages, QPagedPaintDevice& device);

}  // namespace spirk
