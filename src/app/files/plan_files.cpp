// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/files/plan_files.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <algorithm>

#include "app/shared/settings.h"
#include "app/shared/text.h"
#include "core/base/shortened.h"
#include "core/files/read_file.h"
#include "core/library/gear_file.h"
#include "core/plan/own_gear.h"
#include "core/result/problems.h"

namespace spirk::app {

namespace {

const char* const kPlanFilter = QT_TRANSLATE_NOOP("spirk::app::PlanFiles", "Spirk plans (*.spirk)");
const char* const kPlanEnding = ".spirk";
const char* const kGearEnding = ".spirkgear";
constexpr std::size_t kMostShownKept = 6;

QString linesOf(const std::vector<Error>& problems) {
    QStringList out;
    for (const std::string& line : shownLines(problems, speech())) {
        out << q(line);
    }
    return out.join("\n");
}

}  // namespace

const std::vector<Demo>& demos() {
    static const std::vector<Demo> all{
        {"file.demo",
         QT_TRANSLATE_NOOP("spirk::app::PlanFiles", "A &bookbinder's long van (Europe, 12 V)"),
         "bookbinder.spirk"},
        {"file.demo.stargazer",
         QT_TRANSLATE_NOOP("spirk::app::PlanFiles",
                           "A &stargazer's high van (North America, 24 V)"),
         "stargazer.spirk"},
        {"file.demo.paddler",
         QT_TRANSLATE_NOOP("spirk::app::PlanFiles", "A &paddler's micro van (Europe, one battery)"),
         "paddler.spirk"}};
    return all;
}

PlanFiles::PlanFiles(Document& document, const Dialogs& dialogs, QString folder, QWidget* window)
    : QObject(window),
      document_(document),
      dialogs_(dialogs),
      folder_(std::move(folder)),
      window_(window) {}

bool PlanFiles::isDemo(const QString& path) const {
    return std::ranges::any_of(demos(), [&](const Demo& demo) {
        return sameFile(path.toStdString(), QDir(folder_).filePath(demo.file).toStdString());
    });
}

void PlanFiles::openDemo(const Demo& demo) { openInstead(QDir(folder_).filePath(demo.file)); }

void PlanFiles::openInstead(const QString& path) {
    if (path.endsWith(kGearEnding) || mayLeave()) {
        openFile(path);
    }
}

void PlanFiles::askOpen() {
    if (!mayLeave()) {
        return;
    }
    const QString path = dialogs_.openFile(window_, tr("Open a plan"), tr(kPlanFilter));
    if (!path.isEmpty()) {
        openFile(path);
    }
}

void PlanFiles::reopen() {
    if (!document_.fileName().isEmpty()) {
        openInstead(document_.fileName());
    }
}

void PlanFiles::openFile(const QString& path) {
    if (path.endsWith(kGearEnding)) {
        importGear(path);
        return;
    }
    const std::vector<Error> problems = document_.open(path);
    if (!problems.empty()) {
        emit notice(tr("'%1' was not opened; the plan that was open stays open.")
                        .arg(QFileInfo(path).fileName()) +
                    "\n" + linesOf(problems));
        return;
    }
    emit opened();
    if (!isDemo(path)) {
        rememberPlan(document_.fileName());
    }
    emit notice(keptText());
}

// What of the opened file this version does not know.
QString PlanFiles::keptText() const {
    const std::vector<KeptField>& kept = document_.plan().kept;
    QStringList names;
    for (std::size_t i = 0; i < kept.size() && i < kMostShownKept; ++i) {
        names << q(shortened(describe(kept[i]), kMostShownText));
    }
    if (names.isEmpty()) {
        return {};
    }
    const QString known =
        kept.size() > kMostShownKept
            ? tr("%1 and %n more", nullptr, static_cast<int>(kept.size() - kMostShownKept))
                  .arg(names.join(", "))
            : names.join(", ");
    return tr("This version does not know these fields of the file; they are kept as they are when "
              "you save: %1.")
        .arg(known);
}

bool PlanFiles::saveTo(const QString& path) {
    const auto saved = document_.save(path);
    if (!saved) {
        emit notice(q(saved.error()));
        return false;
    }
    rememberPlan(*saved);
    return true;
}

// What the file holds now was never seen here. True: it may be saved over.
bool PlanFiles::settleConflict() {
    switch (dialogs_.conflict(window_, QFileInfo(document_.fileName()).fileName())) {
        case ConflictAnswer::Mine:
            return true;
        case ConflictAnswer::Theirs:
            openFile(document_.fileName());
            return false;
        case ConflictAnswer::Beside:
            saveAs();
            return false;
        case ConflictAnswer::Cancel:
            return false;
    }
    return false;
}

bool PlanFiles::save() {
    const QString file = document_.fileName();
    // The demo is everybody's: it is saved as a plan of one's own.
    if (file.isEmpty() || isDemo(file)) {
        return saveAs();
    }
    if (document_.changedOnDisk() && !settleConflict()) {
        return !document_.isModified();
    }
    return saveTo(file);
}

bool PlanFiles::saveAs() {
    QString path = dialogs_.saveFile(window_,
                                     tr("Save the plan"),
                                     fileNameFor(q(document_.plan().name)) + kPlanEnding,
                                     tr(kPlanFilter));
    if (path.isEmpty()) {
        return false;
    }
    if (!path.endsWith(kPlanEnding)) {
        path += kPlanEnding;
        // The question for the name was about another one.
        if (QFileInfo::exists(path) && !dialogs_.replace(window_, {path})) {
            return false;
        }
    }
    if (isDemo(path)) {
        emit notice(
            tr("'%1' is one of Spirk's demos and cannot be changed. Save it under another name.")
                .arg(QFileInfo(path).fileName()));
        return false;
    }
    return saveTo(path);
}

bool PlanFiles::mayLeave() {
    if (!document_.isModified()) {
        return true;
    }
    switch (dialogs_.unsaved(window_, q(document_.plan().name))) {
        case UnsavedAnswer::Save:
            return save();
        case UnsavedAnswer::Discard:
            return true;
        case UnsavedAnswer::Cancel:
            return false;
    }
    return false;
}

void PlanFiles::importGear(const QString& path) {
    const QString name = QFileInfo(path).fileName();
    const auto text = readFile(path.toStdString());
    if (!text) {
        emit notice(q(text.error()));
        return;
    }
    const GearReading reading = readGearFile(*text, path.toStdString());
    if (!reading.shelf) {
        emit notice(tr("Nothing was imported from '%1'.").arg(name) + "\n" +
                    linesOf(reading.problems));
        return;
    }
    ImportedGear imported = withGear(document_.plan(), *reading.shelf, document_.libraries());
    QStringList lines{tr("%n entries imported from '%1'.", nullptr, imported.taken).arg(name)};
    for (std::size_t i = 0; i < imported.changed.size() && i < kMostShownProblems; ++i) {
        lines << q(imported.changed[i]);
    }
    if (imported.changed.size() > kMostShownProblems) {
        lines << tr("and %1 more").arg(imported.changed.size() - kMostShownProblems);
    }
    document_.push(tr("Import gear"), std::move(imported.plan));
    emit notice(lines.join("\n"));
}

QString fileNameFor(const QString& plan) {
    constexpr int kMostLetters = 80;
    QString out;
    for (const QChar c : plan.trimmed()) {
        const bool fits = c.isPrint() && c != '/' && c != '\\' && c != ':';
        out += fits ? c : QChar('-');
    }
    while (out.startsWith('.')) {
        out.remove(0, 1);
    }
    return out.isEmpty() ? QStringLiteral("plan") : out.left(kMostLetters);
}

}  // namespace spirk::app
