// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Amendments of the chosen conductor: insert an isolator, leave a fuse out or put it back, move an
// end, take all amendments back.

#include <QAction>
#include <QMenu>

#include "app/shared/document.h"
#include "app/shared/selection.h"
#include "app/shell/dialogs.h"

namespace spirk::app {

class AmendMenu : public QMenu {
    Q_OBJECT
public:
    AmendMenu(Document& document, Selection& selection, const Dialogs& dialogs, QWidget* parent);

private:
    [[nodiscard]] const Conductor* chosen() const;
    void refresh();
    void insertIsolator();
    void toggleFuse();
    void moveEnd(End end);
    void takeBack();

    Document& document_;
    Selection& selection_;
    const Dialogs& dialogs_;
    QAction *isolator_, *fuse_, *moveFrom_, *moveTo_, *takeBack_;
};

}  // namespace spirk::app
