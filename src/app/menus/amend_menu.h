// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Changes of the chosen conductor or device: size, fuse, insulation, length, what is put in, taken
// out or moved, what it is made of; each one undo step.

#include <QAction>
#include <QMenu>
#include <functional>

#include "app/dialogs/dialogs.h"
#include "app/menus/amend_choices.h"
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
    void refresh();
    // Of the chosen conductor; requires that there is one.
    [[nodiscard]] const CableRow& row() const;
    // A menu that is filled when it opens; `step` names the undo step.
    QMenu* addChoices(const QString& name,
                      const QString& title,
                      const QString& step,
                      const std::function<AmendChoices()>& choices);
    [[nodiscard]] QString nameOfChosen() const;
    void enter(const QString& title,
               const QString& now,
               const std::function<Plan(const Plan&, std::optional<Metres>)>& put);
    void enterLength();
    void enterDistance();
    void toggleSheath();
    void toggleFuse();
    void moveEnd(End end);
    void swapLeads();
    void takeOut();
    void takeBack();

    Document& document_;
    Selection& selection_;
    const Dialogs& dialogs_;
    QMenu *size_, *pairSize_, *rating_, *insulation_, *putIn_, *hardware_, *place_;
    QAction *length_, *distance_, *sheath_, *fuse_, *moveFrom_, *moveTo_, *swap_, *takeOut_,
        *takeBack_;
};

}  // namespace spirk::app
