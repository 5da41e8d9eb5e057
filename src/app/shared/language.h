// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Language of the interface: the person's choice, else the desktop's, else English. One more is one
// more file in translations/.

#include <QApplication>
#include <QStringList>

namespace spirk::app {

// Codes of the languages that there are, 'de', 'en', in the order of the alphabet.
[[nodiscard]] QStringList languages();
// Name of a language in itself: 'Deutsch'.
[[nodiscard]] QString languageName(const QString& code);
// What the person chose; empty: as the desktop.
[[nodiscard]] QString chosenLanguage();
// Which of the languages is to be used: `chosen` where there is such a one, else the first of
// `desktop` that there is ('de-AT' is served by 'de'), else English.
[[nodiscard]] QString languageFor(const QString& chosen, const QStringList& desktop);
// Loads the words of a language, and Qt's own for the buttons of its dialogs. Before any window is
// made.
void loadLanguage(QApplication& application, const QString& code);
// The same for the language that is to be used. One that was chosen brings its decimal sign; as the
// desktop has it, the desktop's own locale stays.
void loadLanguage(QApplication& application);

}  // namespace spirk::app
