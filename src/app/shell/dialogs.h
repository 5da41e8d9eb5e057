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

struct Dialogs {
    // Empty: the person changed their mind.
    std::function<QString(QWidget*, const QString& title, const QString& filter)> openFile;
    std::function<QString(
        QWidget*, const QString& title, const QString& suggestion, const QString& filter)>
        saveFile;
    std::function<UnsavedAnswer(QWidget*, const QString& plan)> unsaved;
    std::function<void(QWidget*, const std::vector<Page>& pages)> print;
    // What was typed, beginning with `now`; nothing: the person changed their mind.
    std::function<std::optional<QString>(QWidget*, const QString& title, const QString& now)> enter;
    // One of the terminals, or empty.
    std::function<QString(QWidget*, const QString& title, const QStringList& choices)> choose;
};

[[nodiscard]] Dialogs systemDialogs();

}  // namespace spirk::app
