// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/amend_menu.h"

#include <algorithm>

#include "app/shared/text.h"
#include "core/plan/edit.h"

namespace spirk::app {

AmendMenu::AmendMenu(Document& document,
                     Selection& selection,
                     const Dialogs& dialogs,
                     QWidget* parent)
    : QMenu(tr("&Amend the chosen conductor"), parent),
      document_(document),
      selection_(selection),
      dialogs_(dialogs) {
    const auto add = [this](const QString& name, const QString& text, auto slot) {
        QAction* action = addAction(text);
        action->setObjectName(name);
        connect(action, &QAction::triggered, this, slot);
        return action;
    };
    isolator_ = add("amend.isolator", tr("&Insert an isolator"), [this] { insertIsolator(); });
    fuse_ = add("amend.fuse", tr("&Leave its fuse out"), [this] { toggleFuse(); });
    moveFrom_ = add("amend.moveFrom", tr("Move its &first end…"), [this] { moveEnd(End::From); });
    moveTo_ = add("amend.moveTo", tr("Move its &second end…"), [this] { moveEnd(End::To); });
    addSeparator();
    takeBack_ = add("amend.takeBack", tr("&Take all its amendments back"), [this] { takeBack(); });
    connect(&document, &Document::designChanged, this, &AmendMenu::refresh);
    connect(&selection, &Selection::changed, this, &AmendMenu::refresh);
    refresh();
}

const Conductor* AmendMenu::chosen() const {
    const auto& subject = selection_.subject();
    if (!subject || subject->kind != SubjectKind::Conductor) {
        return nullptr;
    }
    const Conductor* c =
        findConductor(document_.design()->wiring.circuit, ConductorId(subject->id));
    return c != nullptr && isOurs(*c) ? c : nullptr;
}

void AmendMenu::refresh() {
    const Conductor* c = chosen();
    for (QAction* action : {isolator_, moveFrom_, moveTo_}) {
        action->setEnabled(c != nullptr);
    }
    fuse_->setEnabled(c != nullptr && c->atFrom.has_value());
    fuse_->setText(c != nullptr && c->atFrom && c->atFrom->leftOut ? tr("&Put its fuse back")
                                                                   : tr("&Leave its fuse out"));
    takeBack_->setEnabled(c != nullptr &&
                          std::ranges::any_of(document_.plan().amendments, [&](const Amendment& a) {
                              return conductorOf(a) == c->id;
                          }));
}

void AmendMenu::insertIsolator() {
    if (const Conductor* c = chosen()) {
        document_.push(tr("Insert an isolator in %1").arg(q(c->name)),
                       amended(document_.plan(), InsertIsolator{c->id}));
    }
}

void AmendMenu::toggleFuse() {
    const Conductor* c = chosen();
    if (c == nullptr || !c->atFrom) {
        return;
    }
    const LeaveOutProtection amendment{c->id, End::From};
    if (c->atFrom->leftOut) {
        document_.push(tr("Put the fuse of %1 back").arg(q(c->name)),
                       withoutAmendment(document_.plan(), amendment));
    } else {
        document_.push(tr("Leave the fuse of %1 out").arg(q(c->name)),
                       amended(document_.plan(), amendment));
    }
}

void AmendMenu::moveEnd(End end) {
    const Conductor* c = chosen();
    if (c == nullptr) {
        return;
    }
    const ConductorId id = c->id;
    QStringList choices;
    std::vector<TerminalId> terminals;
    for (const Device& d : document_.design()->wiring.circuit.devices) {
        for (const Port& port : d.ports) {
            terminals.push_back({d.id, port.name});
            choices << q(text(terminals.back())) + "  (" + q(d.name) + ")";
        }
    }
    const QString answer =
        dialogs_.choose(parentWidget(), tr("Move the end of %1 to").arg(q(c->name)), choices);
    const auto index = choices.indexOf(answer);
    if (index < 0) {
        return;
    }
    document_.push(
        tr("Move an end of %1").arg(q(id.value)),
        amended(document_.plan(), MoveEnd{id, end, terminals[static_cast<std::size_t>(index)]}));
}

void AmendMenu::takeBack() {
    const Conductor* c = chosen();
    if (c == nullptr) {
        return;
    }
    Plan next = document_.plan();
    std::erase_if(next.amendments, [&](const Amendment& a) { return conductorOf(a) == c->id; });
    document_.push(tr("Take the amendments of %1 back").arg(q(c->name)), std::move(next));
}

}  // namespace spirk::app
