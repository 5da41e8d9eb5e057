// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What holds for the whole plan: region, units, one's own gear, and both regions' answers.

#include <QMenu>

#include "app/dialogs/dialogs.h"
#include "app/shared/document.h"

namespace spirk::app {

class PlanMenu : public QMenu {
    Q_OBJECT
public:
    PlanMenu(Document& document, const Dialogs& dialogs, QWidget* parent);

signals:
    void gearFileChosen(const QString& path);
    void notice(const QString& text);

private:
    QAction* check(QMenu* menu, const QString& name, const QString& text);
    void addRegions();
    void addUnits();
    void addGear();
    void refresh();
    void refreshNegatives();
    void moveTo(const Region& region);
    void setUnits(const Units& units);
    void showSideBySide();
    void enterGear();
    void enterCables();
    void importGear();
    void exportGear();

    Document& document_;
    const Dialogs& dialogs_;
    QMenu* negatives_ = nullptr;
    std::vector<QAction*> regions_;
    QAction *metres_, *feet_, *celsius_, *fahrenheit_, *exportGear_;
};

}  // namespace spirk::app
