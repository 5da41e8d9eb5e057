// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <QApplication>
#include <QSettings>

#include "app/shared/language.h"
#include "app/shared/theme.h"
#include "app/shell/guarded_application.h"
#include "tests/support/builders.h"

int main(int argc, char** argv) {
    ::testing::InitGoogleTest(&argc, argv);
    spirk::app::GuardedApplication application(argc, argv);
    // Settings of their own: the person's stay untouched.
    QApplication::setOrganizationName("Spirk");
    QApplication::setApplicationName("Spirk tests");
    QSettings::setDefaultFormat(QSettings::IniFormat);
    QSettings::setPath(QSettings::IniFormat,
                       QSettings::UserScope,
                       QString::fromStdString(spirk::test::temporaryPath("settings")));
    spirk::app::loadLanguage(application, "en");
    spirk::app::applyTheme(application, spirk::app::ThemeChoice::Light);
    return RUN_ALL_TESTS();
}
