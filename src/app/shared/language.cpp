// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/language.h"

#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

#include "app/shared/settings.h"

namespace spirk::app {

namespace {

const QString kFolder = QStringLiteral(":/translations");
const QString kPrefix = QStringLiteral("spirk_"), kSuffix = QStringLiteral(".qm");
const QString kEnglish = QStringLiteral("en");

void install(QApplication& application, const QString& file, const QString& folder) {
    auto* translator = new QTranslator(&application);
    if (translator->load(file, folder)) {
        QCoreApplication::installTranslator(translator);
    }
}

}  // namespace

QStringList languages() {
    QStringList codes;
    for (const QString& file : QDir(kFolder).entryList({kPrefix + '*' + kSuffix}, QDir::Files)) {
        codes << file.mid(kPrefix.size(), file.size() - kPrefix.size() - kSuffix.size());
    }
    codes.sort();
    return codes;
}

QString languageName(const QString& code) {
    // Qt says 'American English' for 'en'.
    return code == kEnglish ? QStringLiteral("English") : QLocale(code).nativeLanguageName();
}

QString chosenLanguage() { return remembered(kLanguage).toString(); }

QString languageFor(const QString& chosen, const QStringList& desktop) {
    const QStringList all = languages();
    if (all.contains(chosen)) {
        return chosen;
    }
    for (const QString& wanted : desktop) {
        const QString code = wanted.section('-', 0, 0);
        if (all.contains(code)) {
            return code;
        }
    }
    return kEnglish;
}

void loadLanguage(QApplication& application, const QString& code) {
    install(application, "qtbase_" + code, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    install(application, kPrefix + code, kFolder);
}

void loadLanguage(QApplication& application) {
    const QString code = languageFor(chosenLanguage(), QLocale::system().uiLanguages());
    if (code == chosenLanguage()) {
        QLocale::setDefault(QLocale(code));
    }
    loadLanguage(application, code);
}

}  // namespace spirk::app
