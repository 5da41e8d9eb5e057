// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include <QString>

#include "core/compare/comparison.h"
#include "core/design/why.h"
#include "core/exchange/csv.h"
#include "core/exchange/report.h"
#include "core/exchange/table_json.h"
#include "core/files/read_file.h"
#include "core/files/save_text.h"
#include "paper/pages.h"
#include "paper/words.h"

namespace spirk::cli {

namespace {

int codeFor(const Design& design) {
    const SeverityCount count = openFindings(design);
    return count.dangers + count.faults > 0 ? kFindings : kClean;
}

Outcome failed(const Error& error) { return {kBadInput, "", oneLine(error, speech()) + "\n"}; }

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

bool isStream(const std::string& path) {
    const auto target = saveTarget(path, Streams::Allowed);
    return target && target->stream;
}

Outcome exportDocument(const Design& design,
                       const Library& library,
                       PaperDocument document,
                       const Export& what) {
    const QString path = QString::fromStdString(what.path);
    const bool stream = isStream(what.path);
    // A stream has no ending: it gets the one file that holds all pages.
    auto files = drawn(pagesOf(document, design, library),
                       QString::fromStdString(design.plan.name),
                       stream ? QStringLiteral("stream.pdf") : path);
    if (!files) {
        return failed(files.error());
    }
    if (stream) {
        files->front().path = path;
    }
    const auto paths = saveTogether(*files, Streams::Allowed, what.replace);
    if (!paths) {
        return failed(paths.error());
    }
    Outcome out;
    for (const QString& file : *paths) {
        out.out += stream ? "" : file.toStdString() + "\n";
    }
    return out;
}

// What a choice was compared with; empty for a figure that is no choice.
std::string comparedText(const Design& design, const Library& library, const FigureId& figure) {
    const auto choice = comparedBy(design, figure);
    return choice ? asText(alternatives(design, library, choice->conductor, choice->compared),
                           design.build.currency,
                           speech(design.plan.units))
                  : "";
}

}  // namespace

Outcome report(const Design& design, const Library& library, Form form) {
    return {
        codeFor(design),
        form == Form::Json ? reportJson(design, library) : reportText(design, library, speech()),
        ""};
}

Outcome check(const Design& design, const Library& library, Form form) {
    const OfferedMends offered = allMendsToOffer(design, library);
    return {codeFor(design),
            form == Form::Json ? findingsJson(design, offered)
                               : findingsText(design, offered, speech()),
            ""};
}

Outcome why(const Design& design, const Library& library, const std::string& figure, Form form) {
    if (const auto d = spirk::why(design, FigureId(figure))) {
        if (form == Form::Json) {
            return {kClean, derivationJson(*d), ""};
        }
        return {
            kClean,
            asText(*d, speech(design.plan.units)) + comparedText(design, library, FigureId(figure)),
            ""};
    }
    std::string near;
    for (const auto& [id, derivation] : design.why.all()) {
        if (id.value.find(figure) != std::string::npos) {
            near += "  " + id.value + "\n";
        }
    }
    Outcome out = failed({{"There is no figure '{figure}'."_text, {{"figure", figure}}},
                          "why",
                          "Name one of the figures."_text});
    out.err +=
        near.empty() ? "" : say(Text("Figures that contain it:"_text), speech()) + "\n" + near;
    return out;
}

Outcome exportTo(const Design& design, const Library& library, const Export& what) {
    if (sameFile(what.path, what.plan)) {
        return failed(
            {"This is the plan itself."_text, what.path, "Choose another name to export to."_text});
    }
    if (const auto document = documentOf(what.kind)) {
        return exportDocument(design, library, *document, what);
    }
    const auto table = what.kind == "report" ? std::optional(reportJson(design, library))
                                             : tableOf(design, library, what.kind);
    if (!table) {
        return failed({{"'{kind}' can't be exported."_text, {{"kind", what.kind}}},
                       "export",
                       "Use diagram, lists, sheet, parts, cuts, labels, cables or report."_text});
    }
    const bool report = what.kind == "report";
    if (report && !what.path.ends_with(".json") && !isStream(what.path)) {
        return failed(
            {"A report is JSON."_text, what.path, "Give it a name that ends in .json."_text});
    }
    const auto path = saveText(
        report ? *table : tableFor(what.path, *table), what.path, Streams::Allowed, what.replace);
    if (!path) {
        return failed(path.error());
    }
    return {kClean, isStream(*path) ? "" : *path + "\n", ""};
}

std::string printable(std::string text) {
    std::string out;
    out.reserve(text.size());
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto byte = static_cast<unsigned char>(text[i]);
        const bool steers = (byte < 0x20 && text[i] != '\n' && text[i] != '\t') || byte == 0x7F;
        // U+0080 to U+009F: the same in two bytes.
        const bool steersToo =
            byte == 0xC2 && i + 1 < text.size() && static_cast<unsigned char>(text[i + 1]) < 0xA0;
        out += steers || steersToo ? '?' : text[i];
        i += steersToo ? 1 : 0;
    }
    return out;
}

}  // namespace spirk::cli
