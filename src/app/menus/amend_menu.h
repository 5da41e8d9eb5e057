// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Amendments of the chosen conductor: insert an isolator, leave a fuse out or put it back, move an
// end, take all amendments back.

#include <QAction>
#include <QMenu>

#include "app/dialogs/dialogs.h"
#include "app/shared/document.h"
#include "app/shared/selection.h"

namespace spirk::app {

class AmendMenu : public QMenu {
    Q_OBJECT
public:
    AmendMenu(Document& document, Selection& selection, const Dialogs& dialogs, QWidget* parent);

signals:
    // What could not be understood.
    void notice(const QString& text);

private:
    [[nodiscard]] const Conductor* chosen() const;
    // The fuse at the beginning of a conductor of the design; null where there is none.
    [[nodiscard]] const Protection* fuseOf(const Conductor* conductor) const;
    // A chosen device that stands somewhere; null where none is chosen.
    [[nodiscard]] const Device* device() const;
    void fillPlaces();
    void refresh();
    // Of the chosen conductor; requires that there is one.
    [[nodiscard]] const CableRow& row() const;
    QAction* addChoice(QMenu* menu, const QString& text, const Plan& next);
    void fillSizes();
    void fillFuses();
    void enter(const QString& title,
               const QString& now,
               const std::function<Plan(const Plan&, std::optional<Metres>)>& put);
    void enterLength();
    void enterDistance();
    void insertIsolator();
    void toggleFuse();
    void moveEnd(End end);
    void takeBack();

    Document& document_;
    Selection& selection_;
    const Dialogs& dialogs_;
    QMenu *size_, *rating_, *place_;
    QAction *length_, *distance_, *isolator_, *fuse_, *moveFrom_, *moveTo_, *takeBack_;
};

}  // namespace spirk::app
