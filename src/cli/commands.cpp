// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include <QString>

#include "core/design/comparison.h"
#include "core/design/why.h"
#include "core/exchange/csv.h"
#include "core/exchange/report.h"
#include "core/plan/plan_file.h"
#include "paper/pages.h"

namespace spirk::cli {

namespace {

int codeFor(const Design& design) {
    const SeverityCount count = openFindings(design);
    return count.dangers + count.faults > 0 ? kFindings : kClean;
}

Outcome failed(const Error& error) { return {kBadInput, "", oneLine(error) + "\n"}; }

Outcome saved(const Result<std::string>& result) {
    return result ? Outcome{kClean, *result + "\n", ""} : failed(result.error());
}

std::optional<PaperDocument> documentOf(const std::string& kind) {
    if (kind == "diagram") {
        return PaperDocument::Diagram;
    }
    if (kind == "lists") {
        return PaperDocument::Lists;
    }
    return kind == "sheet" ? std::optional(PaperDocument::SwitchOnSheet) : std::nullopt;
}

std::optional<std::string> tableOf(const Design& design,
                                   const Library& library,
                                   const std::string& kind) {
    if (kind == "parts") {
        return partsCsv(design);
    }
    if (kind == "cuts") {
        return cutsCsv(design);
    }
    if (kind == "labels") {
        return labelsCsv(design);
    }
    return kind == "cables" ? std::optional(cablesCsv(design, library)) : std::nullopt;
}

Outcome exportDocument(const Design& design,
                       const Library& library,
                       PaperDocument document,
                       const std::string& path) {
    const std::vector<Page> pages = pagesOf(document, design, library);
    const QString title = QString::fromStdString(design.plan.name);
    if (path.ends_with(".pdf")) {
        const auto written = writePdf(pages, title, QString::fromStdString(path));
        return written ? Outcome{kClean, path + "\n", ""} : failed(written.error());
    }
    if (!path.ends_with(".svg")) {
        return failed(
            {"A drawing is written as .svg or .pdf.", path, "Choose one of these endings."});
    }
    const auto written = writeSvg(pages, title, QString::fromStdString(path));
    if (!written) {
        return failed(written.error());
    }
    Outcome out;
    for (const QString& file : *written) {
        out.out += file.toStdString() + "\n";
    }
    return out;
}

// What a choice was compared with; empty for a figure that is no choice.
std::string comparedText(const Design& design, const Library& library, const FigureId& figure) {
    const auto choice = comparedBy(design, figure);
    return choice ? asText(alternatives(design, library, choice->conductor, choice->compared),
                           design.build.currency,
                           design.plan.units)
                  : "";
}

}  // namespace

Outcome report(const Design& design, const Library& library, Form form) {
    return {codeFor(design),
            form == Form::Json ? reportJson(design, library) : reportText(design, library),
            ""};
}

Outcome check(const Design& design, Form form) {
    return {codeFor(design), form == Form::Json ? findingsJson(design) : findingsText(design), ""};
}

Outcome why(const Design& design, const Library& library, const std::string& figure, Form form) {
    if (const auto d = spirk::why(design, library, FigureId(figure))) {
        if (form == Form::Json) {
            return {kClean, derivationJson(*d), ""};
        }
        return {kClean,
                asText(*d, design.plan.units) + comparedText(design, library, FigureId(figure)),
                ""};
    }
    std::string near;
    for (const auto& [id, derivation] : design.why.all()) {
        if (id.value.find(figure) != std::string::npos) {
            near += "  " + id.value + "\n";
        }
    }
    Outcome out =
        failed({"There is no figure '" + figure + "'.", "why", "Name one of the figures."});
    out.err += near.empty() ? "" : "Figures that contain it:\n" + near;
    return out;
}

Outcome exportTo(const Design& design,
                 const Library& library,
                 const std::string& kind,
                 const std::string& path) {
    if (const auto document = documentOf(kind)) {
        return exportDocument(design, library, *document, path);
    }
    if (kind == "report") {
        return saved(saveText(reportJson(design, library), path));
    }
    if (const auto table = tableOf(design, library, kind)) {
        return saved(saveText(*table, path));
    }
    return failed({"'" + kind + "' can't be exported.",
                   "export",
                   "Use diagram, lists, sheet, parts, cuts, labels, cables or report."});
}

}  // namespace spirk::cli
