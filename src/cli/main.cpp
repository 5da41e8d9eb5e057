// SPDX-License-Identifier: GPL-3.0-or-later
// spirk-cli: the same design without a window.

#include <CLI/CLI.hpp>
#include <QGuiApplication>
#include <csignal>
#include <cstdio>
#include <exception>
#include <functional>

#include "cli/commands.h"
#include "core/base/promise.h"
#include "core/library/find_data.h"
#include "core/plan/plan_file.h"
#include "core/result/problems.h"
#include "paper/words.h"

namespace {

using spirk::operator""_text;
using spirk::Phrase;
using spirk::Replace;
using spirk::cli::Form;
using spirk::cli::Outcome;

struct Arguments {
    std::string plan;
    std::string data;
    std::string figure;
    std::string kind;
    std::string path;
    bool json = false;
    bool force = false;
};

Outcome badInput(const std::vector<spirk::Error>& problems) {
    Outcome out{spirk::cli::kBadInput, "", ""};
    for (const std::string& line : spirk::shownLines(problems, spirk::speech())) {
        out.err += line + "\n";
    }
    return out;
}

// Keys of the plan that this version does not know: a misspelt one would else change nothing in
// silence. The shown ones, a line each.
std::string unknownKeys(const spirk::Plan& plan) {
    std::vector<spirk::Error> out;
    for (const spirk::KeptField& field : plan.kept) {
        out.push_back({"This version does not know this key; it has no effect."_text,
                       spirk::describe(field),
                       "Check its spelling against docs/file-format.md."_text});
    }
    return badInput(out).err;
}

using Command = std::function<Outcome(const spirk::Design&, const spirk::Library&)>;

Outcome run(const Arguments& args, const std::string& program, const Command& command) {
    const auto libraries =
        spirk::loadLibraries(args.data.empty() ? spirk::findDataFolder(program) : args.data);
    if (!libraries) {
        return badInput({libraries.error()});
    }
    const spirk::PlanReading reading = spirk::openPlan(args.plan, *libraries);
    if (!reading.plan) {
        return badInput(reading.problems);
    }
    const spirk::Library& library = spirk::libraryFor(*libraries, reading.plan->region);
    Outcome out = command(spirk::design(*reading.plan, library), library);
    out.err = unknownKeys(*reading.plan) + out.err;
    return out;
}

// What could not be printed is no result: a full disk behind a redirection is told.
int print(const Outcome& outcome, Form form) {
    const std::string out = form == Form::Json ? outcome.out : spirk::cli::printable(outcome.out);
    const bool whole =
        std::fwrite(out.data(), 1, out.size(), stdout) == out.size() && std::fflush(stdout) == 0;
    std::fputs(spirk::cli::printable(outcome.err).c_str(), stderr);
    if (!whole) {
        std::fputs("spirk-cli: the output could not be written; is the disk full?\n", stderr);
        return spirk::cli::kBadInput;
    }
    return outcome.code;
}

std::string words(Phrase phrase) { return spirk::say(spirk::Text(phrase), spirk::speech()); }

// Throws what the parser of the command line throws on a mistake of ours in declaring it.
int runProgram(int argc, char** argv) {
    Arguments args;
    Outcome outcome;
    CLI::App app{words("Plans a camper's electrical system from a .spirk plan."_text)};
    app.require_subcommand(1);
    app.set_version_flag("--version", "spirk-cli " SPIRK_VERSION);
    app.add_option("--data",
                   args.data,
                   words("Folder with the tables (default: found beside the program)"_text));
    const auto command = [&](const char* name, const std::string& text, Command action) {
        CLI::App* sub = app.add_subcommand(name, text);
        sub->fallthrough();  // --data may stand behind the command too
        sub->add_option("plan", args.plan, words("A .spirk file"_text))->required();
        sub->add_flag("--json", args.json, words("Print JSON"_text));
        sub->callback([&, action = std::move(action)] { outcome = run(args, argv[0], action); });
        return sub;
    };
    const auto form = [&] { return args.json ? Form::Json : Form::Text; };
    command("report",
            words("Figures, conductors and findings"_text),
            [&](const auto& d, const auto& l) { return spirk::cli::report(d, l, form()); });
    command("check", words("Findings only"_text), [&](const auto& d, const auto& l) {
        return spirk::cli::check(d, l, form());
    });
    command(
        "why",
        words("How a figure is calculated"_text),
        [&](const auto& d, const auto& l) { return spirk::cli::why(d, l, args.figure, form()); })
        ->add_option(
            "figure", args.figure, words("Id of the figure, as 'cable.inverter.feed+.size'"_text))
        ->required();
    CLI::App* exporting =
        command("export", words("Write a file"_text), [&](const auto& d, const auto& l) {
            // Painting needs an application, not a screen.
            qputenv("QT_QPA_PLATFORM", "offscreen");
            const QGuiApplication application(argc, argv);
            return spirk::cli::exportTo(d,
                                        l,
                                        {args.plan,
                                         args.kind,
                                         args.path,
                                         args.force ? Replace::Allowed : Replace::Refused});
        });
    exporting
        ->add_option("kind",
                     args.kind,
                     words("diagram, lists, sheet, parts, cuts, labels, cables, report"_text))
        ->required();
    exporting
        ->add_option(
            "file", args.path, words("Where to: .svg, .pdf, .csv or .json; or /dev/stdout"_text))
        ->required();
    exporting->add_flag("--force", args.force, words("Replace a file that is there already"_text));
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        const int code = app.exit(e);
        return code == 0 ? 0 : spirk::cli::kBadInput;
    }
    return print(outcome, form());
}

}  // namespace

int main(int argc, char** argv) {
    // A pipe whose reader went away is an error to be told, not an end without a word.
    std::signal(SIGPIPE, SIG_IGN);
    try {
        return runProgram(argc, argv);
    } catch (const spirk::BrokenPromise& e) {
        std::fprintf(
            stderr,
            "spirk-cli: this is a defect of Spirk or its tables, not of your plan, which was "
            "left as it is: %s.\n",
            e.what());
        return spirk::cli::kDefect;
    } catch (const std::exception& e) {
        std::fprintf(stderr, "spirk-cli: %s\n", e.what());
        return spirk::cli::kDefect;
    }
}
