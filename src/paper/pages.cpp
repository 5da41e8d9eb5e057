// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/pages.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPageLayout>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>

#include "core/base/promise.h"
#include "paper/diagram_pages.h"
#include "paper/ink.h"
#include "paper/list_pages.h"

namespace spirk {

namespace {

constexpr int kDpi = 300;
constexpr double kA4Short = 210.0, kA4Long = 297.0;
constexpr double kSvgPerMm = 4.0;

QPageLayout layoutOf(const Page& page) {
    return {QPageSize(QPageSize::A4),
            page.landscape ? QPageLayout::Landscape : QPageLayout::Portrait,
            QMarginsF()};
}

void paintOn(QPainter& painter, const Page& page, double unitsPerMm) {
    painter.save();
    painter.scale(unitsPerMm, unitsPerMm);
    page.paint(painter);
    painter.restore();
}

QString numberedPath(const QString& path, std::size_t index, std::size_t count) {
    if (count == 1) {
        return path;
    }
    const QString stem = path.endsWith(".svg", Qt::CaseInsensitive) ? path.chopped(4) : path;
    return QStringLiteral("%1-%2.svg").arg(stem).arg(index + 1);
}

}  // namespace

std::vector<Page> pagesOf(PaperDocument document, const Design& design, const Library& library) {
    loadFonts();
    switch (document) {
        case PaperDocument::Diagram:
            return diagramPages(design, library);
        case PaperDocument::Lists:
            return listPages(design, library);
        case PaperDocument::SwitchOnSheet:
            return sheetPages(design);
    }
    unreachable("pagesOf");
}

void printPages(const std::vector<Page>& pages, QPagedPaintDevice& device) {
    if (pages.empty()) {
        return;
    }
    device.setPageLayout(layoutOf(pages.front()));
    QPainter painter(&device);
    for (std::size_t i = 0; i < pages.size(); ++i) {
        if (i > 0) {
            device.setPageLayout(layoutOf(pages[i]));
            device.newPage();
        }
        paintOn(painter, pages[i], device.logicalDpiX() / 25.4);
    }
}

namespace {

QByteArray pdfOf(const std::vector<Page>& pages, const QString& title) {
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(kDpi);
        writer.setTitle(title);
        writer.setCreator(QStringLiteral("Spirk"));
        printPages(pages, writer);
    }
    return buffer.data();
}

// XML 1.0 has no way to write most control characters, and the generator does not look.
QByteArray withoutControls(const QByteArray& xml) {
    QByteArray out;
    out.reserve(xml.size());
    for (const char c : xml) {
        const auto byte = static_cast<unsigned char>(c);
        if (byte >= 0x20 || c == '\n' || c == '\r' || c == '\t') {
            out.append(c);
        }
    }
    // The two that UTF-8 can say and XML can't.
    return out.replace("\xEF\xBF\xBE", "").replace("\xEF\xBF\xBF", "");
}

QByteArray svgOf(const Page& page, const QString& title) {
    const double w = (page.landscape ? kA4Long : kA4Short) * kSvgPerMm;
    const double h = (page.landscape ? kA4Short : kA4Long) * kSvgPerMm;
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QSvgGenerator svg;
        svg.setOutputDevice(&buffer);
        // Written as it is, between tags.
        svg.setTitle(title.toHtmlEscaped());
        svg.setDescription(QStringLiteral("Spirk"));
        svg.setResolution(static_cast<int>(25.4 * kSvgPerMm));
        svg.setSize(QSize(static_cast<int>(w), static_cast<int>(h)));
        svg.setViewBox(QRectF(0, 0, w, h));
        QPainter painter(&svg);
        paintOn(painter, page, kSvgPerMm);
    }
    return withoutControls(buffer.data());
}

}  // namespace

Result<std::vector<NamedBytes>> drawn(const std::vector<Page>& pages,
                                      const QString& title,
                                      const QString& path) {
    std::vector<NamedBytes> out;
    if (path.endsWith(".pdf", Qt::CaseInsensitive)) {
        out.push_back({path, pdfOf(pages, title)});
        return out;
    }
    if (!path.endsWith(".svg", Qt::CaseInsensitive)) {
        return failure("A drawing is written as .svg or .pdf."_text,
                       path.toStdString(),
                       "Choose one of these endings."_text);
    }
    for (std::size_t i = 0; i < pages.size(); ++i) {
        out.push_back({numberedPath(path, i, pages.size()), svgOf(pages[i], title)});
    }
    return out;
}

}  // namespace spirk
