// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <QApplication>

#include "app/shared/theme.h"

int main(int argc, char** argv) {
    ::testing::InitGoogleTest(&argc, argv);
    QApplication application(argc, argv);
    spirk::app::loadTranslations(application);
    spirk::app::applyTheme(application, spirk::app::ThemeChoice::Light);
    return RUN_ALL_TESTS();
}
