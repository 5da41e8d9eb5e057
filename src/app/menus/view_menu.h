// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Stations, drawer, full screen, size of text and colours: what is seen, never the plan.

#include <QMenu>
#include <QStringList>
#include <vector>

#include "app/shared/station.h"

namespace spirk::app {

class ViewMenu : public QMenu {
    Q_OBJECT
public:
    // Titles of the stations in their order.
    ViewMenu(const std::vector<Station*>& stations, QWidget* parent);

signals:
    // Another language was chosen, for the next start.
    void languageChosen(const QString& notice);
    void stationAsked(const QString& id);
    void drawerAsked(bool visible);
    void fullScreenAsked(bool on);
    // Colours or text were set, and are remembered; the window must be painted anew.
    void looksChanged();

private:
    QAction* check(const QString& name, const QString& text, const QKeySequence& keys);
    void addTextSizes();
    void addColours();
    void addLanguages();
};

}  // namespace spirk::app
