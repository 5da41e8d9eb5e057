// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/view_menu.h"

#include <QActionGroup>
#include <QApplication>

#include "app/shared/language.h"
#include "app/shared/settings.h"
#include "app/shared/theme.h"

namespace spirk::app {

ViewMenu::ViewMenu(const std::vector<Station*>& stations, QWidget* parent)
    : QMenu(tr("&View"), parent) {
    int number = 0;
    for (const Station* station : stations) {
        QAction* action = addAction(station->title());
        action->setObjectName("view.station." + station->id());
        action->setShortcut(QKeySequence(QStringLiteral("Ctrl+%1").arg(++number)));
        connect(action, &QAction::triggered, this, [this, id = station->id()] {
            emit stationAsked(id);
        });
    }
    addSeparator();
    QAction* drawer = check("view.drawer", tr("D&rawer"), QKeySequence("Ctrl+D"));
    drawer->setChecked(true);
    connect(drawer, &QAction::toggled, this, &ViewMenu::drawerAsked);
    QAction* whole = check("view.fullScreen", tr("&Full screen"), QKeySequence(Qt::Key_F11));
    connect(whole, &QAction::toggled, this, &ViewMenu::fullScreenAsked);
    addTextSizes();
    addColours();
    addLanguages();
}

QAction* ViewMenu::check(const QString& name, const QString& text, const QKeySequence& keys) {
    QAction* action = addAction(text);
    action->setObjectName(name);
    action->setCheckable(true);
    action->setShortcut(keys);
    return action;
}

void ViewMenu::addTextSizes() {
    QMenu* menu = addMenu(tr("&Text size"));
    auto* group = new QActionGroup(this);
    for (const int percent : kTextPercents) {
        QAction* action = menu->addAction(tr("%1 %").arg(percent));
        action->setObjectName(QStringLiteral("view.text.%1").arg(percent));
        action->setCheckable(true);
        action->setChecked(textPercent() == percent);
        group->addAction(action);
        connect(action, &QAction::triggered, this, [this, percent] {
            remember(kTextPercent, percent);
            applyTheme(*qApp, currentTheme());
            emit looksChanged();
        });
    }
    // NOLINTNEXTLINE(clang-analyzer-cplusplus.NewDeleteLeaks): the menu owns the group
}

void ViewMenu::addColours() {
    QMenu* menu = addMenu(tr("&Colours"));
    auto* group = new QActionGroup(this);
    const QStringList names{tr("As the &desktop"), tr("&Light"), tr("Dar&k")};
    for (int i = 0; i < names.size(); ++i) {
        QAction* action = menu->addAction(names[i]);
        action->setObjectName(QStringLiteral("view.theme.%1").arg(i));
        action->setCheckable(true);
        action->setChecked(static_cast<int>(currentTheme()) == i);
        group->addAction(action);
        connect(action, &QAction::triggered, this, [this, i] {
            remember(kColours, i);
            applyTheme(*qApp, static_cast<ThemeChoice>(i));
            emit looksChanged();
        });
    }
    // NOLINTNEXTLINE(clang-analyzer-cplusplus.NewDeleteLeaks): the menu owns the group
}

void ViewMenu::addLanguages() {
    QMenu* menu = addMenu(tr("Lan&guage"));
    auto* group = new QActionGroup(this);
    const auto add = [&](const QString& code, const QString& name) {
        QAction* action = menu->addAction(name);
        action->setObjectName("view.language." + code);
        action->setCheckable(true);
        action->setChecked(chosenLanguage() == code);
        group->addAction(action);
        connect(action, &QAction::triggered, this, [this, code] {
            remember(kLanguage, code);
            emit languageChosen(tr("The language changes when Spirk starts again."));
        });
    };
    add(QString(), tr("As the &desktop"));
    for (const QString& code : languages()) {
        add(code, languageName(code));
    }
    // NOLINTNEXTLINE(clang-analyzer-cplusplus.NewDeleteLeaks): the menu owns the group
}

}  // namespace spirk::app
