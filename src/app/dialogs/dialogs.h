// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The questions that the window asks. A test injects its own answers.

#include <QString>
#include <QWidget>
#include <functional>
#include <optional>

#include "paper/pages.h"

namespace spirk::app {

enum class UnsavedAnswer { Save, Discard, Cancel };

// The file holds something else than what was opened: which of the two stays?
enum class ConflictAnswer { Mine, Theirs, Beside, Cancel };

struct Dialogs {
    // Empty: the person changed their mind.
    std::function<QString(QWidget*, const QString& title, const QString& filter)> openFile;
    std::function<QString(
        QWidget*, const QString& title, const QString& suggestion, const QString& filter)>
        saveFile;
    std::function<UnsavedAnswer(QWidget*, const QString& plan)> unsaved;
    std::function<ConflictAnswer(QWidget*, const QString& file)> conflict;
    // Whether files may be replaced that the question for a name did not ask about.
    std::function<bool(QWidget*, const QStringList& files)> replace;
    std::function<void(QWidget*, const std::vector<Page>& pages)> print;
    // What was typed, beginning with `now`; nothing: the person changed their mind.
    std::function<std::optional<QString>(QWidget*, const QString& title, const QString& now)> enter;
    // One of the terminals, or empty.
    std::function<QString(QWidget*, const QString& title, const QStringList& choices)> choose;
};

[[nodiscard]] Dialogs systemDialogs();

}  // namespace spirk::app
