// SPDX-License-Identifier: GPL-3.0-or-later
// spirk-cli: the same design without a window.

#include <CLI/CLI.hpp>
#include <QGuiApplication>
#include <cstdio>
#include <exception>
#include <functional>

#include "cli/commands.h"
#include "core/library/find_data.h"
#include "core/plan/plan_file.h"

namespace {

using spirk::cli::Form;
using spirk::cli::Outcome;

struct Arguments {
    std::string plan;
    std::string data;
    std::string figure;
    std::string kind;
    std::string path;
    bool json = false;
};

Outcome badInput(const std::vector<spirk::Error>& problems) {
    Outcome out{spirk::cli::kBadInput, "", ""};
    for (const spirk::Error& e : problems) {
        out.err += oneLine(e) + "\n";
    }
    return out;
}

using Command = std::function<Outcome(const spirk::Design&, const spirk::Library&)>;

Outcome run(const Arguments& args, const std::string& program, const Command& command) {
    const auto libraries = spirk::loadLibraries(
        args.data.empty() ? spirk::findDataFolder(program, SPIRK_SOURCE_DATA) : args.data);
    if (!libraries) {
        return badInput({libraries.error()});
    }
    const spirk::PlanReading reading = spirk::loadPlan(args.plan);
    if (!reading.plan) {
        return badInput(reading.problems);
    }
    const spirk::Library& library = spirk::libraryFor(*libraries, reading.plan->region);
    return command(spirk::design(*reading.plan, library), library);
}

// Throws what the parser of the command line throws on a mistake of ours in declaring it.
int runProgram(int argc, char** argv) {
    Arguments args;
    Outcome outcome;
    CLI::App app{"Plans a camper's electrical system from a .spirk plan."};
    app.require_subcommand(1);
    app.add_option(
        "--data", args.data, "Folder with the tables (default: found beside the program)");
    const auto command = [&](const char* name, const char* text, Command action) {
        CLI::App* sub = app.add_subcommand(name, text);
        sub->fallthrough();  // --data may stand behind the command too
        sub->add_option("plan", args.plan, "A .spirk file")->required();
        sub->add_flag("--json", args.json, "Print JSON");
        sub->callback([&, action = std::move(action)] { outcome = run(args, argv[0], action); });
        return sub;
    };
    const auto form = [&] { return args.json ? Form::Json : Form::Text; };
    command("report", "Figures, conductors and findings", [&](const auto& d, const auto& l) {
        return spirk::cli::report(d, l, form());
    });
    command("check", "Findings only", [&](const auto& d, const auto&) {
        return spirk::cli::check(d, form());
    });
    command(
        "why",
        "How a figure came about",
        [&](const auto& d, const auto& l) { return spirk::cli::why(d, l, args.figure, form()); })
        ->add_option("figure", args.figure, "Id of the figure, as 'cable.inverter.feed+.size'")
        ->required();
    CLI::App* exporting = command("export", "Write a file", [&](const auto& d, const auto& l) {
        // Painting needs an application, not a screen.
        qputenv("QT_QPA_PLATFORM", "offscreen");
        const QGuiApplication application(argc, argv);
        return spirk::cli::exportTo(d, l, args.kind, args.path);
    });
    exporting
        ->add_option(
            "kind", args.kind, "diagram, lists, sheet, parts, cuts, labels, cables, report")
        ->required();
    exporting->add_option("file", args.path, "Where to: .svg, .pdf, .csv or .json")->required();
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        const int code = app.exit(e);
        return code == 0 ? 0 : spirk::cli::kBadInput;
    }
    std::fputs(outcome.out.c_str(), stdout);
    std::fputs(outcome.err.c_str(), stderr);
    return outcome.code;
}

}  // namespace

int main(int argc, char** argv) {
    try {
        return runProgram(argc, argv);
    } catch (const std::exception& e) {
        std::fputs(e.what(), stderr);
        return spirk::cli::kBadInput;
    }
}
