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
#include "paper/save_bytes.h"

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

// The file of a document, or its files, ready to be saved: one PDF with all pages, or one SVG a
// page, 'name.svg' where there is one page, else 'name-1.svg', 'name-2.svg' ... An SVG is
// well-formed whatever the plan's names hold. The ending of `path` decides.
[[nodiscard]] Result<std::vector<NamedBytes>> drawn(const std::vector<Page>& pages,
                                                    const QString& title,
                                                    const QString& path);
// On a printer or a preview. The device's page layout is set for each page.
void printPages(const std::vector<Page>& pages, QPagedPaintDevice& device);

}  // namespace spirk
