// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/pages.h"

#include <QCoreApplication>
#include <QFile>
#include <QPageLayout>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>

#include "core/result/promise.h"
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

Result<QString> cannotWrite(const QString& path) {
    return failure("The file could not be written.",
                   path.toStdString(),
                   "Choose another folder, or make room there.");
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

Result<QString> writePdf(const std::vector<Page>& pages,
                         const QString& title,
                         const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) {
        return cannotWrite(path);
    }
    {
        QPdfWriter writer(&file);
        writer.setResolution(kDpi);
        writer.setTitle(title);
        writer.setCreator(QStringLiteral("Spirk"));
        printPages(pages, writer);
    }
    return file.error() == QFileDevice::NoError ? Result<QString>(path) : cannotWrite(path);
}

Result<std::vector<QString>> writeSvg(const std::vector<Page>& pages,
                                      const QString& title,
                                      const QString& path) {
    std::vector<QString> out;
    for (std::size_t i = 0; i < pages.size(); ++i) {
        const QString name = numberedPath(path, i, pages.size());
        QFile file(name);
        if (!file.open(QIODevice::WriteOnly)) {
            return tl::unexpected(cannotWrite(name).error());
        }
        const double w = (pages[i].landscape ? kA4Long : kA4Short) * kSvgPerMm;
        const double h = (pages[i].landscape ? kA4Short : kA4Long) * kSvgPerMm;
        QSvgGenerator svg;
        svg.setOutputDevice(&file);
        svg.setTitle(title);
        svg.setResolution(static_cast<int>(25.4 * kSvgPerMm));
        svg.setSize(QSize(static_cast<int>(w), static_cast<int>(h)));
        svg.setViewBox(QRectF(0, 0, w, h));
        QPainter painter(&svg);
        paintOn(painter, pages[i], kSvgPerMm);
        out.push_back(name);
    }
    return out;
}

}  // namespace spirk
