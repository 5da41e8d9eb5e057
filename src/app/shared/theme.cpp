// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/theme.h"

#include <QPalette>
#include <QStyleFactory>
#include <QVariant>
#include <algorithm>

#include "app/shared/settings.h"

namespace spirk::app {

namespace {

// Kept on the application object: there is one, and it goes with it.
constexpr const char* kChoice = "spirk.theme";
constexpr const char* kDark = "spirk.dark";
constexpr const char* kDesktopDark = "spirk.desktopDark";
constexpr double kBasePoints = 10.0;

QPalette paletteOf(const Ink& ink) {
    QPalette p;
    p.setColor(QPalette::Window, ink.ground);
    p.setColor(QPalette::WindowText, ink.text);
    p.setColor(QPalette::Base, ink.surface);
    p.setColor(QPalette::AlternateBase, ink.ground);
    p.setColor(QPalette::Text, ink.text);
    p.setColor(QPalette::Button, ink.ground);
    p.setColor(QPalette::ButtonText, ink.text);
    p.setColor(QPalette::ToolTipBase, ink.surface);
    p.setColor(QPalette::ToolTipText, ink.text);
    p.setColor(QPalette::PlaceholderText, ink.faint);
    p.setColor(QPalette::Highlight, ink.accent);
    p.setColor(QPalette::HighlightedText, ink.surface);
    p.setColor(QPalette::Link, ink.accent);
    p.setColor(QPalette::Mid, ink.line);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText}) {
        p.setColor(QPalette::Disabled, role, ink.faint);
    }
    return p;
}

QString sheetOf(const Ink& ink) {
    return QStringLiteral(
               "QTableView { gridline-color: %1; border: 1px solid %1; selection-background-color: "
               "%2;"
               " selection-color: %3; }"
               "QHeaderView::section { background: %4; color: %5; border: none;"
               " border-bottom: 1px solid %1; padding: 4px 6px; font-weight: 500; }"
               "QToolTip { border: 1px solid %1; padding: 3px; }"
               "QTextBrowser, QScrollArea { border: none; background: %4; }"
               "QProgressBar { border: 1px solid %1; text-align: center; background: %4; }"
               "QProgressBar::chunk { background: %1; }"
               "QTabWidget::pane { border: none; border-top: 1px solid %1; }")
        .arg(ink.line.name(),
             ink.accent.name(),
             ink.surface.name(),
             ink.ground.name(),
             ink.faint.name());
}

}  // namespace

Ink currentInk() { return qApp->property(kDark).toBool() ? darkInk() : lightInk(); }

QFont plain(QFont font) {
    font.setStyleStrategy(QFont::PreferNoShaping);
    return font;
}

ThemeChoice currentTheme() { return static_cast<ThemeChoice>(qApp->property(kChoice).toInt()); }

int textPercent() {
    const int percent = remembered(kTextPercent).toInt();
    return percent == 0 ? kTextPercents.front()
                        : std::clamp(percent, kTextPercents.front(), kTextPercents.back());
}

void applyTheme(QApplication& application, ThemeChoice choice) {
    if (!application.property(kDesktopDark).isValid()) {
        // Before our own palette hides what the desktop has.
        const QColor window = application.palette().color(QPalette::Window);
        application.setProperty(kDesktopDark, window.lightness() < 128);
    }
    const bool dark = choice == ThemeChoice::Dark || (choice == ThemeChoice::FollowDesktop &&
                                                      application.property(kDesktopDark).toBool());
    application.setProperty(kChoice, static_cast<int>(choice));
    application.setProperty(kDark, dark);
    loadFonts();
    application.setStyle(QStyleFactory::create("Fusion"));
    application.setFont(fontOf(kBasePoints * textPercent() / 100.0));
    const Ink ink = currentInk();
    application.setPalette(paletteOf(ink));
    application.setStyleSheet(sheetOf(ink));
}

}  // namespace spirk::app
